<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

/** A deed that changes the machine. */
final readonly class Act
{
    /**
     * @param  string  $did     past tense for the bench; "{part}" stands for the part acted on
     * @param  string  $plain   the same for the owner
     * @param  int  $minutes bench minutes
     * @param  int  $money   what it uses up beside a part, minor units of money
     * @param  bool  $buysPart whether the price of the part comes on top
     * @param  ?string  $limit what it leaves, as its owner is told
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
    ) {
    }

    /** @param  array<string, mixed>  $row */
    public static function fromArray(array $row): self
    {
        return new self(
            $row['id'], $row['name'], $row['did'], $row['plain'] ?? $row['did'], $row['minutes'], $row['money'], $row['part'] ?? false,
            $row['caution'] ?? null, $row['limit'] ?? null,
        );
    }
}
