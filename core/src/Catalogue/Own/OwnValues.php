<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

use Orthoscope\Core\Plain\Row;

/** A shop's own values laid over the catalogue that ships. */
final class OwnValues
{
    /** Shipped prices, each as file, list and field: they are turned into the money of the shop. */
    private const PRICES = [
        ['parts', 'parts', 'price'],
        ['acts', 'acts', 'money'],
        ['economy', 'ends', 'fee'],
        ['supplier', 'offers', 'price'],
    ];

    /** @var array<string, string> way that a shop may not offer => its name */
    public const MAY_BE_LEFT = [
        'used' => 'Used parts',
        'board' => 'Repair on the board',
        'run-on' => 'Run on what works',
        'workaround' => 'Work around a fault',
        'platform' => 'Board, processor and memory together',
        'claim' => 'Claims on suppliers first',
        'specialist' => 'Hand to a specialist',
        'salvage' => 'Take machines for parts',
    ];

    /**
     * @param  array<string, mixed>  $files as Catalogue::read() gives them
     * @param  array<string, int|float|bool|string>  $values path => value
     *
     * @return array<string, mixed>
     */
    public static function over(array $files, array $values): array
    {
        foreach ($values as $path => $value) {
            $files = Files::with($files, $path, $value);
        }
        foreach (array_keys(self::MAY_BE_LEFT) as $way) {
            $files = ($values["economy/offered/{$way}"] ?? true) === false ? self::without($files, $way) : $files;
        }

        return self::named($files);
    }

    /**
     * The same files with the prices that ship turned into other money.
     *
     * @param  array<string, mixed>  $files
     * @param  float  $times over 0
     *
     * @return array<string, mixed>
     */
    public static function inMoney(array $files, float $times): array
    {
        if ($times === 1.0) {
            return $files;
        }
        $turned = fn (mixed $price): int => (int) round($times * (is_int($price) || is_float($price) ? $price : 0));
        foreach (self::PRICES as [$file, $list, $field]) {
            foreach (array_keys((array) Files::value($files, "{$file}/{$list}")) as $key) {
                $path = "{$file}/{$list}/{$key}/{$field}";
                $files =
                    Files::value($files, $path) === null ? $files : Files::with($files, $path, $turned(Files::value($files, $path)));
            }
        }
        $day = Files::value($files, 'economy/day');
        $minute = Row::of(Files::value($files, 'numbers/numbers/money_per_minute'), 'numbers.yaml, money_per_minute');
        [$low, $high] = $minute->span('range');
        $files = Files::with($files, 'economy/day', $turned($day));
        $files = Files::with($files, 'numbers/numbers/money_per_minute/range', [$times * $low, $times * $high]);

        return self::named(Files::with($files, 'numbers/numbers/money_per_minute/value', $times * $minute->number('value')));
    }

    /**
     * Where a way is not offered, what only it does is not thought of; a fault that nothing else cures keeps its cure.
     *
     * @param  array<string, mixed>  $files
     *
     * @return array<string, mixed>
     */
    private static function without(array $files, string $way): array
    {
        $acts = array_flip(array_filter((array) Files::value($files, "economy/ways/{$way}/acts"), is_string(...)));
        foreach ($acts === [] ? [] : array_keys((array) Files::value($files, 'faults/faults')) as $key) {
            foreach (['cures', 'with_cures'] as $field) {
                $cures = (array) Files::value($files, "faults/faults/{$key}/{$field}");
                $others = array_diff_key($cures, $acts);
                $files =
                    $others === [] || count($others) === count($cures)
                        ? $files
                        : self::named(Files::with($files, "faults/faults/{$key}/{$field}", $others));
            }
        }

        return self::named($files);
    }

    /**
     * @param  array<mixed>  $files
     *
     * @return array<string, mixed>
     */
    private static function named(array $files): array
    {
        $named = [];
        foreach ($files as $name => $file) {
            $named[(string) $name] = $file;
        }

        return $named;
    }
}
