<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** The owner, or who came for them, took the machine. */
final readonly class Collection extends Entry
{
    /** How it was paid. */
    public const METHODS = [
        'none' => 'nothing to pay',
        'cash' => 'cash',
        'card' => 'card',
        'transfer' => 'bank transfer',
        'open' => 'still to be paid',
    ];

    /**
     * @param  string  $method one of METHODS
     * @param  int  $amount paid, minor units of money
     * @param  list<string>  $with   what was given back with it
     */
    public function __construct(Head $head, public string $method, public int $amount, public array $with)
    {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'collection';
    }
}
