<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** One line of a job's record. It is never changed; a mistake is struck out by a later entry. */
abstract readonly class Entry
{
    /** Place in the record, from 1. */
    public int $number;

    /** When, ISO 8601; empty if not written down. */
    public string $at;

    /** Who; empty if not written down. */
    public string $by;

    /** Free remark. */
    public string $text;

    public function __construct(Head $head)
    {
        $this->number = $head->number;
        $this->at = $head->at;
        $this->by = $head->by;
        $this->text = $head->text;
    }

    abstract public function kind(): string;
}
