<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** The job was closed: what it costs the owner, and what is promised. */
final readonly class Closing extends Entry
{
    /** How a job can end. */
    public const OUTCOMES = [
        'repaired' => 'repaired',
        'no-fault-found' => 'no fault found',
        'unrepaired' => 'given back unrepaired',
        'written-off' => 'written off',
        'goodwill' => 'repaired at no charge, as goodwill',
    ];

    /** Ends in which nothing was put right. */
    public const WITHOUT_REPAIR = ['unrepaired', 'written-off'];

    /**
     * @param  int  $price          what the owner pays, minor units of money
     * @param  string  $signedOff      reason a lead gave for closing what is not proved; empty if all is proved
     * @param  string  $outcome one of OUTCOMES
     */
    public function __construct(
        Head $head,
        public int $price,
        public int $warrantyMonths,
        public string $signedOff,
        public string $outcome = 'repaired',
    ) {
        parent::__construct($head);
    }

    public function isWithoutRepair(): bool
    {
        return in_array($this->outcome, self::WITHOUT_REPAIR, true);
    }

    public function kind(): string
    {
        return 'closing';
    }
}
