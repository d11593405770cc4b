<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** A remark that moves no belief. */
final readonly class Note extends Entry
{
    public function kind(): string
    {
        return 'note';
    }
}
