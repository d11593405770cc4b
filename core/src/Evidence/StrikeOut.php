<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** Takes an earlier entry out of force, with a reason (the text). */
final readonly class StrikeOut extends Entry
{
    public function __construct(Head $head, public int $entry)
    {
        parent::__construct($head);
    }

    public function kind(): string
    {
        return 'strike-out';
    }
}
