<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

/** What is known of one job beside its record that decides what a way on costs. */
final readonly class Terms
{
    /**
     * @param  ?int  $worth  what the machine is worth to its owner, minor units; null = by the price of its parts and its age
     * @param  bool  $claimable the parts are still under their maker's or supplier's warranty
     * @param  array<string, list<Offer>>  $offers kind of part => what suppliers have, for price and days
     * @param  bool  $offersAreAll where there are offers at all, what nobody offers cannot be had
     */
    public function __construct(
        public ?int $worth = null,
        public bool $claimable = false,
        public array $offers = [],
        public bool $offersAreAll = true,
    ) {
    }

    /** The cheapest offer of a kind that is in stock, in one condition; null where nobody has any. */
    public function offer(string $kind, string $condition): ?Offer
    {
        $fitting = array_filter(
            $this->offers[$kind] ?? [],
            fn (Offer $offer): bool => $offer->condition === $condition && $offer->stock > 0,
        );
        usort($fitting, fn (Offer $a, Offer $b): int => [$a->price, $a->days[1]] <=> [$b->price, $b->days[1]]);

        return $fitting[0] ?? null;
    }
}
