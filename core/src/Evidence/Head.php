<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** What every entry has: its number, when and by whom it was written, and free words. */
final readonly class Head
{
    public function __construct(public int $number, public string $at = '', public string $by = '', public string $text = '')
    {
    }

    public static function read(int $number, Written $written): self
    {
        return new self($number, $written->word('at'), $written->word('by'), $written->word('text'));
    }

    public function hasText(): bool
    {
        return trim($this->text) !== '';
    }
}
