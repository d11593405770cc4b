<?php

declare(strict_types=1);

namespace Orthoscope\Core\Codes;

/** What one code, or a range of them, says about how far a board got. */
final readonly class CodeMeaning
{
    /**
     * @param  string  $for   model of the board or machine, or family of firmware, in small letters; "" for any
     * @param  string  $from  first code it is of, in the form {@see CodeKind::read} gives
     * @param  string  $to    last code; the same as the first for a single one
     * @param  string  $value value of the kind's channel of signs that it amounts to
     * @param  string  $words in plain words
     * @param  string  $source where that is known from
     * @param  float  $reliability share of times it means what it says, over 0 to 1
     */
    public function __construct(
        public CodeKind $kind,
        public string $for,
        public string $from,
        public string $to,
        public string $value,
        public string $words,
        public string $source,
        public float $reliability,
    ) {
    }

    public function covers(string $code): bool
    {
        return $this->kind === CodeKind::Display
            ? hexdec($code) >= hexdec($this->from) && hexdec($code) <= hexdec($this->to)
            : $code === $this->from;
    }

    /** How many codes it is of; the fewer, the more it says. */
    public function width(): int
    {
        return $this->kind === CodeKind::Display ? (int) (hexdec($this->to) - hexdec($this->from)) + 1 : 1;
    }
}
