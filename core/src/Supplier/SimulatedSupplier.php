<?php

declare(strict_types=1);

namespace Orthoscope\Core\Supplier;

use DateTimeImmutable;
use Orthoscope\Core\Catalogue\Supplier\SupplierData;
use Orthoscope\Core\Economy\Offer;
use Orthoscope\Core\Plain\Draw;

/** The suppliers that ship: they deliver late and early, wrong, damaged and dead parts, and answer claims, by chance from a seed. */
final readonly class SimulatedSupplier implements Supplier
{
    /** Share of days on which something is sold out. Origin: judgement. */
    private const SOLD_OUT = 0.06;

    /** How much likelier a claim is accepted that names the condition under which the fault shows. Origin: judgement. */
    private const SEPARATED = 0.25;

    /** Share of broken parts in which the supplier finds nothing, whose bench is warm and quick. Origin: judgement. */
    private const NOT_FOUND = 0.3;

    /**
     * @param  array<string, bool>  $fixed  order => whether its part works, for courses that are played
     * @param  float  $soldOut share of days on which something is sold out, 0 to 1
     */
    public function __construct(
        private SupplierData $data,
        private string $seed,
        private array $fixed = [],
        private float $soldOut = self::SOLD_OUT,
    ) {
    }

    public function offers(DateTimeImmutable $day): array
    {
        $offers = [];
        foreach (array_keys($this->data->wares) as $id) {
            $offer = $this->offer($id, $day);
            if ($offer !== null) {
                $offers[$offer->kind][] = $offer;
            }
        }

        return $offers;
    }

    public function offer(string $id, DateTimeImmutable $day): ?Offer
    {
        $ware = $this->data->wares[$id] ?? null;
        if ($ware === null) {
            return null;
        }
        $house = $this->data->houses[$ware->house];
        $soldOut = Draw::from("{$this->seed} stock {$id} {$day->format('Y-m-d')}")->happens($this->soldOut);

        return new Offer(
            id: $id,
            supplier: $house->name,
            kind: $ware->kind,
            name: $ware->name,
            condition: $ware->condition,
            price: $ware->price,
            days: $ware->days,
            stock: $soldOut ? 0 : $ware->stock,
            returnDays: $house->returnDays,
            facts: $ware->facts,
        );
    }

    public function promise(string $offer, string $order, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $found = $this->offer($offer, $now);
        if ($found === null || $found->stock < 1) {
            return null;
        }
        $days = $found->days[0] + (int) floor(Draw::from("{$this->seed} days {$order}")->unit() * ($found->days[1] - $found->days[0] + 1));

        return $now->modify("+{$days} days")->setTime(11, 0);
    }

    public function deliver(string $offer, string $order): Delivery
    {
        $house = $this->data->houses[$this->data->wares[$offer]->house];
        $draw = Draw::from("{$this->seed} parcel {$order}");
        $wrong = $draw->happens($house->wrong);
        $damaged = $draw->happens($house->damaged);
        $works = ! $draw->happens($house->dead);

        return isset($this->fixed[$order])
            ? new Delivery(false, false, $this->fixed[$order])
            : new Delivery($wrong, $damaged, $works && ! $damaged);
    }

    public function answer(string $offer, string $order, int $round, bool $separates): ClaimAnswer
    {
        $house = $this->data->houses[$this->data->wares[$offer]->house];
        $draw = Draw::from("{$this->seed} claim {$order} {$round}");
        $delivery = $this->deliver($offer, $order);
        if ($delivery->wrong || $delivery->damaged) {
            return ClaimAnswer::Replaced;
        }
        if ($delivery->works || (! $separates && $draw->happens(self::NOT_FOUND))) {
            return ClaimAnswer::NoFaultFound;
        }

        return match (true) {
            $draw->happens(min(1.0, $house->accepts + ($separates ? self::SEPARATED : 0.0))) => $draw->happens(0.7)
                ? ClaimAnswer::Replaced
                : ClaimAnswer::Refunded,
            default => ClaimAnswer::Refused,
        };
    }

    public function knowsAll(): bool
    {
        return true;
    }
}
