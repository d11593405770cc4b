<?php

declare(strict_types=1);

namespace Orthoscope\Core\Identity;

/**
 * Whether a card can be what it says it is. Its memory hangs on the bus chip by chip, and each chip has a width and a size, so
 * sizes and widths that no number of like chips gives cannot belong together; and what it says can be held against what is
 * published of its model.
 */
final readonly class CardIdentity
{
    private const FIELDS = [
        'memoryType' => 'kind of memory',
        'memory' => 'MB of memory',
        'bus' => 'bits of the bus',
        'units' => 'shader units',
    ];

    /** Bits that one chip of a kind of memory is wide (JEDEC; DDR3 and DDR4 are used as 16-bit chips on cards), from memory. */
    private const CHIP_BITS = [
        'DDR3' => 16,
        'DDR4' => 16,
        'GDDR3' => 32,
        'GDDR5' => 32,
        'GDDR5X' => 32,
        'GDDR6' => 32,
        'GDDR6X' => 32,
        'GDDR7' => 32,
    ];

    /** Sizes of one chip in megabytes, up to the largest made of a kind (JEDEC), from memory. */
    private const CHIP_SIZES = [
        'DDR3' => [64, 128, 256, 512],
        'DDR4' => [256, 512, 1024, 2048],
        'GDDR3' => [32, 64, 128],
        'GDDR5' => [64, 128, 256, 512, 1024],
        'GDDR5X' => [512, 1024],
        'GDDR6' => [1024, 2048],
        'GDDR6X' => [1024, 2048],
        'GDDR7' => [2048, 3072],
    ];

    /** @param  list<string>  $against one sentence for each thing that cannot be */
    private function __construct(public array $against, public bool $wasCompared)
    {
    }

    public static function of(CardData $says, ?CardData $published = null): self
    {
        // Cards with chips of two sizes were made, seldom: where just that is published, it is no lie.
        $asPublished = $published !== null && $says->memory === $published->memory && $says->bus === $published->bus;
        $against = array_values(
            array_filter([$asPublished ? null : self::chips($says), ...$published === null ? [] : self::differences($says, $published)]),
        );
        $compared = ($says->bus !== null && $says->memory !== null) || ($published !== null && self::common($says, $published) > 0);

        return new self($against, $compared);
    }

    public function isFalse(): bool
    {
        return $this->against !== [];
    }

    /** Whether the memory can be made of chips of one size on a bus of that width, alone or two to a place. */
    private static function chips(CardData $says): ?string
    {
        if ($says->memory === null || $says->bus === null) {
            return null;
        }
        $widths = $says->memoryType !== null && isset(self::CHIP_BITS[$says->memoryType]) ? [self::CHIP_BITS[$says->memoryType]] : [16, 32];
        $sizes = $says->memoryType !== null && isset(self::CHIP_SIZES[$says->memoryType])
                ? self::CHIP_SIZES[$says->memoryType]
                : array_merge(...array_values(self::CHIP_SIZES));
        foreach ($widths as $width) {
            if ($says->bus % $width !== 0) {
                continue;
            }
            $places = intdiv($says->bus, $width);
            foreach ([1, 2] as $perPlace) {
                if ($says->memory % ($places * $perPlace) === 0 && in_array(intdiv($says->memory, $places * $perPlace), $sizes, true)) {
                    return null;
                }
            }
        }

        return "{$says->memory} MB"
            .($says->memoryType === null ? '' : " of {$says->memoryType}")
            ." on a bus of {$says->bus} bits cannot be: no number of like chips gives it.";
    }

    /** @return list<string> */
    private static function differences(CardData $says, CardData $published): array
    {
        $differences = [];
        foreach (
            self::FIELDS as $field => $name
        ) {
            if ($says->{$field} !== null && $published->{$field} !== null && $says->{$field} !== $published->{$field}) {
                $differences[] = "It says {$says->{$field}} as {$name}, and {$published->{$field}} is published.";
            }
        }

        return $differences;
    }

    private static function common(CardData $says, CardData $published): int
    {
        return count(
            array_filter(
                ['memoryType', 'memory', 'bus', 'units'],
                fn (string $field): bool => $says->{$field} !== null && $published->{$field} !== null,
            ),
        );
    }
}
