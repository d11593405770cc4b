<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** A lead set an interlock aside, with a reason (the text). */
final readonly class Override extends Entry
{
    public function __construct(Head $head, public string $lock)
    {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'override';
    }
}
