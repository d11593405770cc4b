<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Catalogue\Proving\PlanItem;

/** One thing that is to be proved on this machine, why, and how it stands. */
final readonly class PlannedItem
{
    /**
     * @param  ?string  $target the part it is made on, if on one
     * @param  ?int  $entry  the entry that proved it or failed it
     * @param  ?string  $result what a look or a reading showed in that entry
     */
    public function __construct(
        public PlanItem $item,
        public ?string $target,
        public PlanState $state,
        public ?int $entry,
        public string $why,
        public ?string $result = null,
    ) {
    }

    public function isOwed(): bool
    {
        return $this->state === PlanState::Owed || $this->state === PlanState::Failed;
    }
}
