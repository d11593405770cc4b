<?php

declare(strict_types=1);

namespace Orthoscope\Core\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/**
 * At which temperature it begins to fail, from starts whose temperature was measured: failing on one side, running on the other. One board
 * failed every start below about 24 degrees and none above (common practice, no source), so the next start is best made half way between.
 */
final readonly class Threshold
{
    /** Between two degrees nearer than this no further start tells more. Origin: judgement. */
    private const NEAR = 2.0;

    /**
     * @param  bool  $failsCold it fails below and runs above; else the other way round
     * @param  float  $fails the failing temperature nearest to the running ones, °C
     * @param  float  $runs  the running temperature nearest to the failing ones, °C
     */
    private function __construct(public bool $failsCold, public float $fails, public float $runs, public int $starts)
    {
    }

    /** Since the last act; null where one side is missing, or both lie mixed. */
    public static function in(Record $record, Catalogue $catalogue): ?self
    {
        $fails = $runs = [];
        $starts = 0;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun) {
                [$fails, $runs, $starts] = [[], [], 0];
            } elseif ($entry instanceof Start && $entry->degrees !== null) {
                $starts += $entry->times;
                $well = $catalogue->reach($entry->reached)->firstStop === $catalogue->stageCount();
                $well ? ($runs[] = $entry->degrees) : ($fails[] = $entry->degrees);
            }
        }

        return match (true) {
            $fails === [] || $runs === [] => null,
            max($fails) < min($runs) => new self(true, max($fails), min($runs), $starts),
            min($fails) > max($runs) => new self(false, min($fails), max($runs), $starts),
            default => null,
        };
    }

    /** The temperature to try next; null where the edge is known as near as it matters. */
    public function next(): ?float
    {
        return abs($this->runs - $this->fails) <= self::NEAR ? null : round(($this->fails + $this->runs) / 2);
    }

    public function sentence(): string
    {
        $said = sprintf(
            'It fails at %s °C and %s, and runs at %s °C and %s, in %d starts.',
            round($this->fails, 1),
            $this->failsCold ? 'colder' : 'warmer',
            round($this->runs, 1),
            $this->failsCold ? 'warmer' : 'colder',
            $this->starts,
        );

        return $said.($this->next() === null
            ? ' The edge is known well enough: warm or cool one area after the other, and see which moves it.'
            : " Try {$this->next()} °C next.");
    }
}
