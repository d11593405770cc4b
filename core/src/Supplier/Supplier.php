<?php

declare(strict_types=1);

namespace Orthoscope\Core\Supplier;

use DateTimeImmutable;
use Orthoscope\Core\Economy\Offer;

/** Where parts are bought. What ships is simulated; a real one is another class behind this. */
interface Supplier
{
    /** @return array<string, list<Offer>> kind of part => what can be had on a day */
    public function offers(DateTimeImmutable $day): array;

    public function offer(string $id, DateTimeImmutable $day): ?Offer;

    /** When an order placed now is expected; null where there is none left. */
    public function promise(string $offer, string $order, DateTimeImmutable $now): ?DateTimeImmutable;

    /** What the parcel of an order holds; null where only whoever opens it can say. */
    public function deliver(string $offer, string $order): ?Delivery;

    /**
     * What is answered to a claim; null where only whoever is told can say.
     *
     * @param  int  $round    from 1
     * @param  bool  $separates the claim names a condition under which the fault shows
     */
    public function answer(string $offer, string $order, int $round, bool $separates): ?ClaimAnswer;

    /** Whether what is not offered cannot be had: then no usual price stands for it. */
    public function knowsAll(): bool;
}
