<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** A lead set an interlock aside, with a reason (the text). */
final readonly class Override extends Entry
{
    public function __construct(int $number, string $at, string $by, string $text, public string $lock)
    {
        parent::__construct($number, $at, $by, $text);
    }

    public function kind(): string
    {
        return 'override';
    }
}
