<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Diagnosis\PartStanding;

/**
 * What was wrong in words that several parts share, as dirty contacts of one memory slot or of another: of which part it is may be open
 * where that it is one of them is not.
 */
final readonly class SharedTrouble
{
    /** Belief from which a part is counted in. Origin: judgement. */
    private const SHARES = 0.1;

    /** Said at most so surely: of parts that may be at fault together the sum is more than the whole. Origin: judgement. */
    private const MOST = 0.97;

    /**
     * @param  string  $plain as the owner reads it
     * @param  list<FaultBelief>  $faults of two parts at least
     * @param  float  $stated that it is one of them, 0 to 1, as it is said
     */
    private function __construct(public string $plain, public array $faults, public float $stated)
    {
    }

    /**
     * The likeliest that two parts or more share; null if there is none.
     *
     * @param  callable(FaultBelief): bool  $counts
     */
    public static function likeliest(Assessment $assessment, callable $counts): ?self
    {
        $alike = [];
        foreach ($assessment->faults as $fault) {
            if ($fault->spare === null && $fault->probability >= self::SHARES && $counts($fault)) {
                $alike[$fault->fault->plain][$fault->part->id] = $fault;
            }
        }
        $best = null;
        foreach ($alike as $plain => $byPart) {
            $stated = min(self::MOST, array_sum(array_map(
                fn (FaultBelief $one): float => $assessment->standings[$one->part->id]->share($one->probability),
                $byPart,
            )));
            $isMore = count($byPart) > 1 && $stated > ($best->stated ?? 0.0);
            $best = $isMore ? new self($plain, array_values($byPart), $stated) : $best;
        }

        return $best;
    }

    /** @return list<PartStanding> */
    public function standings(Assessment $assessment): array
    {
        return array_map(fn (FaultBelief $one): PartStanding => $assessment->standings[$one->part->id], $this->faults);
    }
}
