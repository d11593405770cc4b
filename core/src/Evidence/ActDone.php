<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\SetUp\Lent;

/** An act that changed the machine for good. */
final readonly class ActDone extends Entry
{
    /** What a machine is dried after. */
    public const AGENTS = ['water' => 'water, or nobody knows what', 'isopropyl' => 'isopropyl alone'];

    /** Where an old part went. */
    public const FATES = [
        'owner' => 'kept for the owner',
        'recycled' => 'recycled',
        'salvaged' => 'kept as a spare',
        'claim' => 'goes back to the supplier',
    ];

    /**
     * @param  list<string>  $on   parts it was done to
     * @param  ?Lent  $with the part that was fitted, for a replacement
     * @param  ?string  $agent what it was done with, where that matters: one of AGENTS
     * @param  bool  $begun it has begun and is not done: nothing may be touched meanwhile
     * @param  ?string  $old  where the old part went: one of FATES; null where nothing was replaced or nobody said
     * @param  ?array{asked: float, used: float}  $deviation ohms asked for and used, for a small part on a board
     * @param  string  $temporary what is still to be done, where it is only for now; empty if it is for good
     */
    public function __construct(
        Head $head,
        public string $act,
        public array $on,
        public ?Lent $with,
        public bool $begun = false,
        public ?string $agent = null,
        public ?string $old = null,
        public ?array $deviation = null,
        public string $temporary = '',
    ) {
        parent::__construct($head);
    }

    /** Whether it was done, and to the machine here: what was only begun, or left to be done at its owner's, is no work on it yet. */
    public function isWork(Catalogue $catalogue): bool
    {
        return ! $this->begun && ! $catalogue->act($this->act)->atOwner;
    }

    public function kind(): string
    {
        return 'act';
    }
}
