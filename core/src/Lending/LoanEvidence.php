<?php

declare(strict_types=1);

namespace Orthoscope\Core\Lending;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;
use Orthoscope\Core\Evidence\Start;

/** What the trials of a job say of a spare that was lent to it. */
final readonly class LoanEvidence
{
    /**
     * @param  float  $bad    probability that the spare itself is bad, by the job's belief: 0 to 1
     * @param  bool  $worked a start with it got past what its part is needed for
     */
    private function __construct(public float $bad, public bool $worked, private ShelfData $data)
    {
    }

    public static function of(Assessment $assessment, string $tag, Catalogue $catalogue): self
    {
        $bad = 0.0;
        foreach ($assessment->faults as $fault) {
            $bad = max($bad, $fault->spare === $tag ? $fault->probability : 0.0);
        }
        $worked = false;
        foreach ($assessment->record->all(Start::class) as $start) {
            foreach ($start->setUp->lent as $part => $lent) {
                $stage = $catalogue->stageIndex($assessment->machine->part($part)->kind->stage);
                $worked = $worked || ($lent->tag === $tag && $catalogue->reach($start->reached)->firstStop > $stage);
            }
        }

        return new self($bad, $worked, $catalogue->shelf);
    }

    public function isDoubted(): bool
    {
        return $this->bad >= $this->data->doubtedFrom;
    }

    /** Probability that it is bad where whoever brought it back found something odd about it too. */
    public function badIfOdd(): float
    {
        return max($this->bad, $this->data->odd);
    }
}
