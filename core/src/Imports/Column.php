<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

/** A field that can be brought in from a column of somebody else's file. */
final readonly class Column
{
    /**
     * @param  string  $words what it is, for people
     * @param  Reading  $reading how it is read
     * @param  list<string>  $called what other programs call it, in lower case
     * @param  int  $most letters
     */
    public function __construct(
        public string $id,
        public string $words,
        public Reading $reading = Reading::Text,
        public bool $needed = false,
        public array $called = [],
        public int $most = 160,
    ) {
    }

    /** How well a heading of a file names it: 2 by its name, 1 where it is among the words, 0 not at all. */
    public function isNamed(string $heading): int
    {
        $heading = trim(mb_strtolower((string) preg_replace('/[\s_\-.]+/u', ' ', $heading)));
        $names = [str_replace('_', ' ', $this->id), mb_strtolower($this->words), ...$this->called];

        return match (true) {
            in_array($heading, $names, true) => 2,
            array_intersect(explode(' ', $heading), $names) !== [] => 1,
            default => 0,
        };
    }
}
