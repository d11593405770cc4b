<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** Takes an earlier entry out of force, with a reason (the text). */
final readonly class StrikeOut extends Entry
{
    public function __construct(int $number, string $at, string $by, string $text, public int $entry)
    {
        parent::__construct($number, $at, $by, $text);
    }

    public function kind(): string
    {
        return 'strike-out';
    }
}
