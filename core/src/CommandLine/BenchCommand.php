<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Simulation\RandomRecord;

/** How long belief and planning take, by number of entries. Times are of this machine; compare them within one run. */
final readonly class BenchCommand
{
    private const ENTRIES = [5, 15, 30, 60];

    /** @param  int  $records simulated records for each number of entries */
    public function __construct(private Catalogue $catalogue, private int $records)
    {
    }

    /** @return array<string, mixed> */
    public function figures(): array
    {
        $rows = [];
        foreach (self::ENTRIES as $entries) {
            $rows[] = $this->row($entries);
        }

        return ['records' => $this->records, 'milliseconds' => $rows];
    }

    /** @return array<string, mixed> */
    private function row(int $entries): array
    {
        $whole = $more = $belief = $states = [];
        $shelf = Shelf::wellStocked($this->catalogue);
        for ($i = 0; $i < $this->records; $i++) {
            [$hidden, $written] = RandomRecord::of($this->catalogue, $entries, "bench {$entries} {$i}");
            $machine = $hidden->machine();
            $record = new Record($written);
            $belief[] = self::milliseconds(function () use ($machine, $record, &$states): void {
                $states[] = Replay::of($machine, $record, $this->catalogue)->belief->stateCount();
            });
            $whole[] = self::milliseconds(fn () => (new Adviser($this->catalogue, $machine, $shelf))->assess($record));
            $adviser = new Adviser($this->catalogue, $machine, $shelf);
            $adviser->replay(new Record(array_slice($written, 0, -1)));
            $kept = $adviser->kept();
            $more[] = self::milliseconds(fn () => (new Adviser($this->catalogue, $machine, $shelf, $kept))->assess($record));
        }

        return [
            'entries' => $entries,
            'hypotheses' => self::middle($states),
            'belief_from_the_start' => self::spread($belief),
            'all_from_the_start' => self::spread($whole),
            'one_more_entry' => self::spread($more),
        ];
    }

    /** @param  callable(): mixed  $work */
    private static function milliseconds(callable $work): float
    {
        $from = hrtime(true);
        $work();

        return (hrtime(true) - $from) / 1e6;
    }

    /**
     * @param  list<float>  $times
     *
     * @return array{median: float, p95: float}
     */
    private static function spread(array $times): array
    {
        sort($times);

        return ['median' => round(self::middle($times), 1), 'p95' => round($times[(int) floor(0.95 * (count($times) - 1))], 1)];
    }

    /** @param  list<int|float>  $values */
    private static function middle(array $values): int|float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }
}
