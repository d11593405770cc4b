<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** One line of a job's record. It is never changed; a mistake is struck out by a later entry. */
abstract readonly class Entry
{
    /**
     * @param  int  $number place in the record, from 1
     * @param  string  $at     when, ISO 8601; empty if not written down
     * @param  string  $by     who; empty if not written down
     * @param  string  $text   free remark
     */
    public function __construct(public int $number, public string $at, public string $by, public string $text)
    {
    }

    abstract public function kind(): string;
}
