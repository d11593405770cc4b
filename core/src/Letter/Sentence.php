<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Stringable;

/** One sentence of a letter, and the entries of the record that it rests on. */
final readonly class Sentence implements Stringable
{
    /** @param  list<int>  $entries in rising order; empty for what is said to every owner */
    private function __construct(public string $text, public array $entries)
    {
    }

    public static function of(string $text, int ...$entries): self
    {
        $entries = array_values(array_unique($entries));
        sort($entries);

        return new self($text, $entries);
    }

    /** Where it comes from, for a technician who asks. */
    public function source(): string
    {
        return match (count($this->entries)) {
            0 => 'said to every owner',
            1 => "entry {$this->entries[0]}",
            default => 'entries '.implode(', ', $this->entries),
        };
    }

    public function __toString(): string
    {
        return $this->text;
    }
}
