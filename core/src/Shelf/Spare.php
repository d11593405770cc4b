<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

/** A part on the shelf that can stand in for a machine's own. */
final readonly class Spare
{
    /**
     * @param  float  $trust probability from 0 to 1 that it is good
     * @param  int  $value minor units of money that are lost if it is lost
     * @param  array<string, string>  $fits  what a machine's platform must match, where both are known
     * @param  array<string, string>  $facts further facts that decide whether it goes in, by the rules of the catalogue
     * @param  bool  $proved it passed an instrument or another machine since it came
     * @param  bool  $bought it was ordered for the job in question
     */
    public function __construct(
        public string $tag,
        public string $kind,
        public string $name,
        public float $trust,
        public int $value,
        public array $fits = [],
        public array $facts = [],
        public bool $proved = true,
        public bool $bought = false,
    ) {
    }
}
