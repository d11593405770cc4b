<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** The repair that would come first if nothing more were tested, and how sure it is that it is needed. */
final readonly class RepairInView
{
    /**
     * @param  ?Repair  $repair null where no repair is in question
     * @param  float  $probability that it is needed, 0 to 1
     * @param  bool  $comesNext it is so likely, or so cheap, that no test comes before it
     */
    private function __construct(public ?Repair $repair, public float $probability, public bool $comesNext)
    {
    }

    /**
     * @param  array<int, float>  $chances repair => chance that it is needed, likeliest first
     * @param  list<int>  $order of the repairs that is expected to cost least
     * @param  array<int, bool>  $outright repair => done without a test before it
     * @param  float  $settledFrom chance of a repair from which no test before it is worth a word
     */
    public static function of(RepairNeeds $needs, array $chances, array $order, array $outright, float $settledFrom): self
    {
        $likeliest = array_key_first($chances);
        $settled = $likeliest !== null && $chances[$likeliest] >= $settledFrom;
        $first = $settled ? $likeliest : $order[0] ?? null;

        return $first === null
            ? new self(null, 0.0, false)
            : new self($needs->repairs[$first], $chances[$first] ?? 0.0, $settled || $outright[$first]);
    }

    public function percent(): int
    {
        return (int) round(100 * $this->probability);
    }
}
