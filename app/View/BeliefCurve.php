<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Why\BeliefCourse;

/** How belief in one part moved over the record, as a line to be drawn: one step for each entry. */
final readonly class BeliefCurve
{
    public const WIDTH = 640;

    public const HEIGHT = 150;

    private const LEFT = 34;

    private const TOP = 10;

    private const FLOOR = 128;

    /** Numbers of entries are written so far apart at the least. */
    private const LABEL = 22;

    /**
     * @param  string  $line path of the line
     * @param  list<array{entry: int, x: float, y: float, percent: int, labelled: bool, mover: bool}>  $points one for each entry
     */
    private function __construct(public string $line, public array $points, public ?int $mover)
    {
    }

    public static function of(BeliefCourse $course, string $part): self
    {
        $values = $course->ofPart($part);
        $mover = $course->mover($part);
        $wide = (self::WIDTH - self::LEFT - 12) / max(1, count($values) - 1);
        $every = max(1, (int) ceil(self::LABEL / max(1.0, $wide)));
        $points = [];
        $line = '';
        foreach (array_keys($values) as $i => $entry) {
            $x = round(self::LEFT + $i * $wide, 1);
            $y = round(self::y($values[$entry]), 1);
            $line .= $i === 0 ? "M{$x} {$y}" : "H{$x}V{$y}";
            $points[] = [
                'entry' => $entry,
                'x' => $x,
                'y' => $y,
                'percent' => Percent::whole($values[$entry]),
                'labelled' => $i % $every === 0,
                'mover' => $entry === $mover,
            ];
        }

        return new self($line.'h8', $points, $mover);
    }

    /** Where a share of belief lies, from the top. */
    public static function y(float $share): float
    {
        return self::FLOOR - $share * (self::FLOOR - self::TOP);
    }
}
