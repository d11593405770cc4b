<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical\Sizing;

use InvalidArgumentException;

/** What parts draw whose labels nobody has read, and how far parts peak over what they draw steadily; it makes loads of them. */
final readonly class Draws
{
    /**
     * @param  float  $processor watts of a processor, at work
     * @param  float  $board watts; so the next three, of one each
     * @param  int  $fans of a machine that nobody has counted
     * @param  float  $cardPeak peak of some milliseconds against the steady draw
     * @param  float  $processorPeak the same
     */
    public function __construct(
        public float $processor,
        public float $board,
        public float $stick,
        public float $drive,
        public float $fan,
        public int $fans,
        private float $cardPeak,
        private float $processorPeak,
    ) {
    }

    /** @param  ?float  $watts of its label, over 0 to 1000; what such processors mostly draw where nobody has read it */
    public function processor(?float $watts): Load
    {
        return Load::of('processor', self::checked($watts ?? $this->processor, 'processor'), 1.0, $this->processorPeak);
    }

    /**
     * @param  ?float  $watts if known, over 0 to 1000; else what its slot and plugs allow
     * @param  array<string, int>  $plugs one of CardPower::PLUGS => how many
     */
    public function card(?float $watts, array $plugs): Load
    {
        return Load::of(
            'graphics card',
            $watts === null ? CardPower::most($plugs) : self::checked($watts, 'graphics card'),
            1.0,
            $this->cardPeak,
            array_filter($plugs),
        );
    }

    /** The board with its sticks, drives and fans; fans as most machines have where nobody has counted them. */
    public function rest(int $sticks, int $drives, ?int $fans = null): Load
    {
        $watts = $this->board + $sticks * $this->stick + $drives * $this->drive + ($fans ?? $this->fans) * $this->fan;

        // Drives and fans draw most of theirs from 12 V, board and sticks less. Origin of the share: judgement.
        return Load::of('board, memory, drives and fans', $watts, 0.5);
    }

    private static function checked(float $watts, string $name): float
    {
        return $watts > 0.0 && $watts <= 1000.0
            ? $watts
            : throw new InvalidArgumentException("The watts of the {$name} lie between 1 and 1000.");
    }
}
