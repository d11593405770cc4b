<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Chain\Lent;

/** An act that changed the machine for good. */
final readonly class Deed extends Entry
{
    /**
     * @param  list<string>  $on   parts it was done to
     * @param  ?Lent  $with the part that was fitted, for a replacement
     * @param  bool  $begun it has begun and is not done: nothing may be touched meanwhile
     */
    public function __construct(
        int $number, string $at, string $by, string $text,
        public string $act, public array $on, public ?Lent $with, public bool $begun = false,
    ) {
        parent::__construct($number, $at, $by, $text);
    }

    public function kind(): string
    {
        return 'act';
    }
}
