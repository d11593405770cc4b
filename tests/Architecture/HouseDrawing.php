<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** The house drawn from the code: a floor stands on those it uses; a line goes to each room used that no other used room leads to. */
final class HouseDrawing
{
    private const WIDTH = 1240;

    private const FLOOR = 66;

    private const BOX = 30;

    public static function of(string $root): string
    {
        $top = 40;
        $parts = '';
        foreach (['Orthoscope\Core' => 'core/src', 'App' => 'app'] as $wing => $folder) {
            $rooms = array_keys(House::WINGS[$wing]);
            $uses = UsesInCode::below("{$root}/{$folder}", $wing, $rooms);
            $floors = $uses->floors($rooms);
            $parts .= self::text(20, $top, $folder === 'app' ? 'The application, app/' : 'The core, core/src/', 'wing');
            $parts .= self::wing($rooms, $floors, $uses, House::WINGS[$wing], $top + 20);
            $top += (max($floors) + 1) * self::FLOOR + 60;
        }
        $height = $top - 20;
        $width = self::WIDTH;

        return <<<SVG
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {$width} {$height}" font-family="Atkinson Hyperlegible, sans-serif">
        <title>The rooms of the house: each uses only rooms below it</title>
        <style>
        .box{fill:#fbf7ee;stroke:#33312c}.line{stroke:#a8642a;stroke-width:1;fill:none;opacity:.55}
        text{font-size:13px;fill:#23211d}.wing{font-size:17px;font-weight:bold}
        </style>
        <rect width="{$width}" height="{$height}" fill="#f4efe4"/>
        {$parts}</svg>

        SVG;
    }

    /**
     * @param  list<string>  $rooms
     * @param  array<string, int>  $floors
     * @param  array<string, string>  $words
     */
    private static function wing(array $rooms, array $floors, UsesInCode $uses, array $words, int $top): string
    {
        $places = [];
        $highest = max($floors);
        for ($floor = 0; $floor <= $highest; $floor++) {
            $here = array_values(array_filter($rooms, fn (string $room): bool => $floors[$room] === $floor));
            $wide = (self::WIDTH - 40) / count($here);
            foreach ($here as $i => $room) {
                $places[$room] = [20 + $i * $wide, $top + ($highest - $floor) * self::FLOOR, min($wide - 12, 170)];
            }
        }
        $lines = $boxes = '';
        foreach ($rooms as $room) {
            [$x, $y, $w] = $places[$room];
            foreach (self::nearest($room, $uses) as $used) {
                [$ux, $uy, $uw] = $places[$used];
                $lines .= sprintf(
                    '<path class="line" d="M%.0f %.0f C%.0f %.0f %.0f %.0f %.0f %.0f"/>'."\n",
                    $x + $w / 2,
                    $y + self::BOX,
                    $x + $w / 2,
                    $y + self::BOX + 26,
                    $ux + $uw / 2,
                    $uy - 26,
                    $ux + $uw / 2,
                    $uy,
                );
            }
            $title = htmlspecialchars(
                "{$room}: {$words[$room]}. Uses ".(implode(', ', array_keys($uses->uses[$room] ?? [])) ?: 'no other').'.',
            );
            $name = str_replace('UseCases\\', '', $room);
            $boxes .= sprintf("<g><title>%s</title>\n", $title);
            $boxes .= sprintf('<rect class="box" x="%.0f" y="%.0f" width="%.0f" height="%d" rx="3"/>'."\n", $x, $y, $w, self::BOX);
            $boxes .= self::text($x + 8, $y + 19, $name, '')."</g>\n";
        }

        return $lines.$boxes;
    }

    /** @return list<string> rooms used directly that none of the other used rooms leads to */
    private static function nearest(string $room, UsesInCode $uses): array
    {
        $direct = array_keys($uses->uses[$room] ?? []);

        return array_values(
            array_filter($direct, function (string $used) use ($direct, $uses): bool {
                foreach (array_diff($direct, [$used]) as $other) {
                    if (in_array($used, self::reached($other, $uses), true)) {
                        return false;
                    }
                }

                return true;
            }),
        );
    }

    /** @return list<string> */
    private static function reached(string $room, UsesInCode $uses): array
    {
        $reached = [];
        foreach (array_keys($uses->uses[$room] ?? []) as $used) {
            $reached = [...$reached, $used, ...self::reached($used, $uses)];
        }

        return array_values(array_unique($reached));
    }

    private static function text(float $x, float $y, string $words, string $class): string
    {
        return sprintf('<text x="%.0f" y="%.0f" class="%s">%s</text>'."\n", $x, $y, $class, htmlspecialchars($words));
    }
}
