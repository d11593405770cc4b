<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical\Sizing;

use InvalidArgumentException;

/** A part that draws power. */
final readonly class Load
{
    /** Peaks of some milliseconds against the steady draw. Origin: judgement; that cards peak far over it is common practice. */
    private const CARD_PEAK = 1.5;

    private const PROCESSOR_PEAK = 1.25;

    /** Steady draw of parts nobody reads a label of, in watts. Origin: judgement. */
    public const BOARD = 45.0;

    public const STICK = 4.0;

    public const DRIVE = 8.0;

    public const FAN = 3.0;

    /**
     * @param  float  $watts  steady, at work
     * @param  float  $share12 share of it that comes from 12 V
     * @param  float  $peak   factor for short peaks
     * @param  array<string, int>  $plugs plugs it needs
     */
    private function __construct(
        public string $name,
        public float $watts,
        public float $share12,
        public float $peak = 1.0,
        public array $plugs = [],
    ) {
    }

    public static function processor(float $watts): self
    {
        return new self('processor', self::checked($watts, 'processor'), 1.0, self::PROCESSOR_PEAK);
    }

    /**
     * @param  ?float  $watts if known; else what its slot and plugs allow
     * @param  array<string, int>  $plugs one of CardPower::PLUGS => how many
     */
    public static function card(?float $watts, array $plugs): self
    {
        return new self(
            'graphics card',
            $watts === null ? CardPower::most($plugs) : self::checked($watts, 'graphics card'),
            1.0,
            self::CARD_PEAK,
            array_filter($plugs),
        );
    }

    /** The board with its sticks, drives and fans. */
    public static function rest(int $sticks, int $drives, int $fans): self
    {
        // Drives and fans draw most of theirs from 12 V, board and sticks less. Origin of the share: judgement.
        return new self(
            'board, memory, drives and fans',
            self::BOARD + $sticks * self::STICK + $drives * self::DRIVE + $fans * self::FAN,
            0.5,
        );
    }

    private static function checked(float $watts, string $name): float
    {
        return $watts > 0.0 && $watts <= 1000.0
            ? $watts
            : throw new InvalidArgumentException("The watts of the {$name} lie between 1 and 1000.");
    }
}
