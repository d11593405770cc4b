<?php

declare(strict_types=1);

namespace Orthoscope\Core\Supplier;

use DateTimeImmutable;
use Orthoscope\Core\Economy\Offer;

/** Several suppliers asked as one. */
final readonly class ManySuppliers implements Supplier
{
    /** @param  non-empty-list<Supplier>  $suppliers the first that offers something is the one it is bought from */
    public function __construct(private array $suppliers)
    {
    }

    public function offers(DateTimeImmutable $day): array
    {
        return array_merge_recursive(...array_map(fn (Supplier $supplier): array => $supplier->offers($day), $this->suppliers));
    }

    public function offer(string $id, DateTimeImmutable $day): ?Offer
    {
        foreach ($this->suppliers as $supplier) {
            $offer = $supplier->offer($id, $day);
            if ($offer !== null) {
                return $offer;
            }
        }

        return null;
    }

    public function promise(string $offer, string $order, DateTimeImmutable $now): ?DateTimeImmutable
    {
        return $this->of($offer, $now)->promise($offer, $order, $now);
    }

    public function deliver(string $offer, string $order): ?Delivery
    {
        return $this->of($offer, new DateTimeImmutable)->deliver($offer, $order);
    }

    public function answer(string $offer, string $order, int $round, bool $separates): ?ClaimAnswer
    {
        return $this->of($offer, new DateTimeImmutable)->answer($offer, $order, $round, $separates);
    }

    public function knowsAll(): bool
    {
        return array_filter($this->suppliers, fn (Supplier $supplier): bool => $supplier->knowsAll()) !== [];
    }

    private function of(string $offer, DateTimeImmutable $day): Supplier
    {
        foreach ($this->suppliers as $supplier) {
            if ($supplier->offer($offer, $day) !== null) {
                return $supplier;
            }
        }

        return $this->suppliers[0];
    }
}
