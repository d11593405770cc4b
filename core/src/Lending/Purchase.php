<?php

declare(strict_types=1);

namespace Orthoscope\Core\Lending;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Shelf\Spare;

/**
 * What one more spare would be worth: past jobs are advised again from their first start on, with the shelf as it is and with it, and what
 * is left to do is compared.
 */
final readonly class Purchase
{
    /**
     * @param  float  $minutes expected bench minutes it saves over all jobs looked at; 0 or more
     * @param  int  $jobs    in which it saves some
     */
    private function __construct(public string $kind, public float $minutes, public int $jobs)
    {
    }

    /**
     * @param  list<array{Machine, Record}>  $past
     * @param  list<Spare>  $shelf spares there are
     * @param  list<string>  $kinds kinds of part that could be bought, each so that it fits the machine at hand
     *
     * @return list<self> worth most first
     */
    public static function ranked(array $past, array $shelf, array $kinds, Catalogue $catalogue): array
    {
        $minutes = array_fill_keys($kinds, 0.0);
        $jobs = array_fill_keys($kinds, 0);
        foreach ($past as [$machine, $record]) {
            $early = self::early($record);
            $fitting = array_values(
                array_filter($shelf, fn (Spare $spare): bool => Fitting::ofSpare($spare, $machine, $catalogue->shelf)->fits()),
            );
            $without = self::left($machine, $early, $fitting, $catalogue);
            foreach ($kinds as $kind) {
                if ($machine->ofKind($kind) === [] || in_array($kind, array_column($fitting, 'kind'), true)) {
                    continue;
                }
                $saved = $without
                    - self::left(
                        $machine,
                        $early,
                        [
                            ...$fitting,
                            new Spare(
                                "new-{$kind}",
                                $kind,
                                $catalogue->part($kind)->name,
                                $catalogue->number('new_part_trust'),
                                $catalogue->part($kind)->price,
                            ),
                        ],
                        $catalogue,
                    );
                $minutes[$kind] += max(0.0, $saved);
                $jobs[$kind] += $saved > 0.5 ? 1 : 0;
            }
        }
        $ranked = array_map(fn (string $kind): self => new self($kind, $minutes[$kind], $jobs[$kind]), $kinds);
        usort($ranked, fn (self $a, self $b): int => $b->minutes <=> $a->minutes);

        return $ranked;
    }

    /** The record up to its first start: before that there is nothing to decide. */
    private static function early(Record $record): Record
    {
        $first = $record->all(Start::class)[0] ?? null;

        return $first === null ? $record : $record->upTo($first->number);
    }

    /**
     * Expected minutes still to go when the best open step is taken.
     *
     * @param  list<Spare>  $spares
     */
    private static function left(Machine $machine, Record $record, array $spares, Catalogue $catalogue): float
    {
        $advice = (new Adviser($catalogue, $machine, new Shelf($spares)))->assess($record)->advice;
        $left = $advice->remaining;
        foreach ($advice->steps as $step) {
            if ($step->isOpen()) {
                $left = min($left, $advice->remaining - $step->saves);
            }
        }

        return $left;
    }
}
