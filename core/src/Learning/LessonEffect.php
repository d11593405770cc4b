<?php

declare(strict_types=1);

namespace Orthoscope\Core\Learning;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Shelf\Shelf;

/**
 * What other priors would have done to past jobs: after the first start of each, how likely the true cause was held, and whether it was
 * held likeliest. Each job is judged without what it taught itself.
 */
final readonly class LessonEffect
{
    /**
     * @param  int  $jobs   that were played again
     * @param  float  $before mean of log2 of the chance given to the true cause, with the priors as they are; 0 is the best
     * @param  float  $after  the same with the new ones
     * @param  int  $firstBefore jobs in which the true cause was held likeliest
     */
    private function __construct(
        public int $jobs,
        public float $before,
        public float $after,
        public int $firstBefore,
        public int $firstAfter,
    ) {
    }

    /** @param  list<array{machine: Machine, record: Record, cause: string}>  $jobs */
    public static function on(array $jobs, ShopCounts $counts, Catalogue $catalogue): self
    {
        $sum = [0.0, 0.0];
        $first = [0, 0];
        foreach ($jobs as ['machine' => $machine, 'record' => $record, 'cause' => $cause]) {
            $start = $record->all(Start::class)[0] ?? null;
            $known = $record->upTo($start->number ?? 0);
            foreach ([$catalogue, ShiftedCatalogue::of($catalogue, $counts->without($cause)->factors())] as $i => $priors) {
                $held = self::held((new Adviser($priors, $machine, new Shelf([])))->replay($known));
                $sum[$i] += log(max(1e-4, $held[$cause] ?? 0.0), 2);
                $first[$i] += array_key_first($held) === $cause ? 1 : 0;
            }
        }
        $n = max(1, count($jobs));

        return new self(count($jobs), $sum[0] / $n, $sum[1] / $n, $first[0], $first[1]);
    }

    /** Whether the new priors would have done no worse. */
    public function helps(): bool
    {
        return $this->after >= $this->before - 1e-9;
    }

    /** @return array<string, float> fault of the machine's own => chance, likeliest first */
    private static function held(Replay $replay): array
    {
        $held = $replay->belief->byGroup(
            array_map(
                fn (Mode $mode): string => $mode->fault->id,
                array_filter($replay->model->modes->all, fn (Mode $mode): bool => $mode->spare === null),
            ),
        )[0];
        arsort($held);

        return $held;
    }
}
