<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\SetUp\Lent;

/** The spares that are free to be lent. */
final readonly class Shelf
{
    /** @param  list<Spare>  $spares */
    public function __construct(public array $spares)
    {
    }

    /** @param  list<Row>  $given the "shelf" of a case file */
    public static function fromRows(array $given): self
    {
        return new self(
            array_map(
                fn (Row $row): Spare => new Spare(
                    tag: $row->text('tag'),
                    kind: $row->text('kind'),
                    name: $row->text('name', $row->text('tag')),
                    trust: $row->number('trust', Lent::TRUST_UNSAID),
                    value: $row->whole('value', 0),
                    fits: $row->textByName('fits', []),
                ),
                $given,
            ),
        );
    }

    /** One spare of every kind that can be lent, for a case that does not say what is on the shelf. */
    public static function wellStocked(Catalogue $catalogue): self
    {
        $lendable = array_filter($catalogue->parts, fn (PartKind $kind): bool => $kind->lendable && ! $kind->shelfOnly);

        return new self(
            array_values(
                array_map(
                    fn (PartKind $kind): Spare => new Spare(
                        "any-{$kind->id}",
                        $kind->id,
                        "a good {$kind->name}",
                        Lent::TRUST_UNSAID,
                        $kind->price,
                    ),
                    $lendable,
                ),
            ),
        );
    }

    /** The spare to lend for a kind of part: the one trusted most, and of those the cheapest; null if none fits. */
    public function best(string $kind, Machine $machine, ShelfData $data): ?Spare
    {
        return $this->ranked($kind, $machine, $data)[0] ?? null;
    }

    /** The spare that may stay in a machine for good: one that was bought for it, or else the best that the shop sells. */
    public function toSell(string $kind, Machine $machine, ShelfData $data): ?Spare
    {
        $isSold = fn (Spare $spare): bool => NotForSale::why($spare, $this->spares, $data->verifyBelow) === null;
        $ware = array_values(array_filter($this->ranked($kind, $machine, $data), $isSold));
        $bought = array_values(array_filter($ware, fn (Spare $spare): bool => $spare->bought));

        return $bought[0] ?? ($ware[0] ?? null);
    }

    /** @return list<Spare> those that fit, trusted most first, and of those the cheapest */
    private function ranked(string $kind, Machine $machine, ShelfData $data): array
    {
        $fitting = array_filter(
            $this->spares,
            fn (Spare $spare): bool => $spare->kind === $kind && Fitting::ofSpare($spare, $machine, $data)->fits(),
        );
        usort($fitting, fn (Spare $a, Spare $b): int => [round($b->trust, 2), $a->value] <=> [round($a->trust, 2), $b->value]);

        return $fitting;
    }
}
