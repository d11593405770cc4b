<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;

/** Something that can be done to a machine and changes it. */
final readonly class Act
{
    /** Its owner is told what to change at home. */
    public const ADVISE = 'advise';

    /**
     * @param  string  $did     past tense for the bench; "{part}" stands for the part acted on
     * @param  string  $plain   the same for the owner
     * @param  int  $minutes bench minutes
     * @param  int  $money   what it uses up beside a part, minor units of money
     * @param  bool  $buysPart whether the price of the part comes on top
     * @param  ?string  $limit what it leaves, as its owner is told
     * @param  bool  $atOwner it is left to be done at the owner's place, and changes nothing here
     * @param  array<string, list<string>>  $meant kind of part that was named => kinds it is done to; "any" for the rest it does nothing to
     * @param  ?int  $fixed what the work costs whatever time it takes, minor units before tax; null = by the minute
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $did,
        public string $plain,
        public int $minutes,
        public int $money,
        public bool $buysPart,
        public ?string $caution,
        public ?string $limit,
        public ?int $fixed = null,
        public bool $atOwner = false,
        public array $meant = [],
    ) {
    }

    /** @return array<string, list<string>> */
    private static function meant(?Row $meant): array
    {
        $kinds = $meant?->keys() ?? [];

        return array_combine($kinds, array_map(fn (string $kind): array => $meant?->texts($kind) ?? [], $kinds));
    }

    public static function fromRow(Row $row): self
    {
        $did = $row->text('did');

        return new self(
            id: $row->text('id'),
            name: $row->text('name'),
            did: $did,
            plain: $row->text('plain', $did),
            minutes: $row->whole('minutes'),
            money: $row->whole('money'),
            buysPart: $row->flag('part'),
            caution: $row->textOrNull('caution'),
            limit: $row->textOrNull('limit'),
            fixed: $row->wholeOrNull('fixed'),
            atOwner: $row->flag('at_owner'),
            meant: self::meant($row->rowOrNull('meant')),
        );
    }
}
