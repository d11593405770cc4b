<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

use Orthoscope\Core\Planning\Candidate;

/** A place in a paper tree: a step to take, or where it ends. */
final readonly class Twig
{
    /**
     * @param  ?Candidate  $step null = it ends here
     * @param  list<Branch>  $branches
     * @param  string  $part  the part that is likeliest at fault here, and how likely, 0 to 1
     */
    public function __construct(
        public ?Candidate $step,
        public array $branches,
        public string $part,
        public string $name,
        public float $chance,
    ) {
    }

    /** How often who follows it from here ends at a part that is at fault, by the model; what is on no branch counts as missed. */
    public function right(): float
    {
        return $this->step === null
            ? $this->chance
            : array_sum(array_map(fn (Branch $branch): float => $branch->chance * $branch->then->right(), $this->branches));
    }

    /** Bench minutes that following it from here takes on average, without what is on no branch. */
    public function minutes(): float
    {
        return $this->step === null
            ? 0.0
            : $this->step->minutes() + array_sum(array_map(
                fn (Branch $branch): float => $branch->chance * $branch->then->minutes(),
                $this->branches,
            ));
    }
}
