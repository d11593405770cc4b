<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

/** One deed of a practice machine, looked back at. */
final readonly class DebriefStep
{
    /**
     * @param  int  $deeds   deeds up to and with this one; the report counts as the first
     * @param  string  $what    what was done
     * @param  bool  $isTrial it was done to be told something: no repair, and nothing that a lock asked for
     * @param  string  $came    what came of it
     * @param  float  $bits    what it told of which parts are at fault, in bits
     * @param  array<string, float>  $belief  part => belief after it, 0 to 1, likeliest first
     * @param  ?string  $best    what would have been worth most then; null where this was it
     * @param  ?float  $bestBits what that was expected to tell, in bits; null where it was a repair
     * @param  ?float  $lost    minutes it is expected to have cost against that; null where it was on no list
     * @param  list<RiskRun>  $risks
     * @param  ?float  $suspected points for what was suspected before it, 100 at most
     * @param  ?float  $expected  points for what was expected of it, 100 at most
     */
    public function __construct(
        public int $deeds,
        public string $what,
        public bool $isTrial,
        public string $came,
        public int $minutes,
        public int $money,
        public float $bits,
        public array $belief,
        public ?string $best,
        public ?float $bestBits,
        public ?float $lost,
        public array $risks,
        public ?float $suspected,
        public ?float $expected,
    ) {
    }

    /** @return list<int> for what was suspected, then for what was expected, where it was stated */
    public function points(): array
    {
        $stated = array_filter([$this->suspected, $this->expected], fn (?float $points): bool => $points !== null);

        return array_map(fn (float $points): int => (int) round($points), array_values($stated));
    }

    /** It, by its number: one start looks like another. */
    public function named(): string
    {
        return 'deed '.($this->deeds - 1).", “{$this->what}”";
    }
}
