<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Diagnosis\Standing;

/** A part as it hangs from the chain. */
final readonly class ChainPart
{
    /** Letters of name and number that fit between two pads. */
    private const FITS = 10;

    /**
     * @param  string  $standing its mark
     * @param  ?string  $percent  shown for suspects and worse
     * @param  string  $title    everything about it in one sentence
     * @param  bool  $stem     the first below its pad
     * @param  bool  $small    shares its row with another
     * @param  ?string  $lent     tag of the spare in its place
     * @param  list<int>  $entries  entries that made its standing
     */
    public function __construct(
        public string $id,
        public int $x,
        public int $y,
        public string $label,
        public string $standing,
        public ?string $percent,
        public string $title,
        public bool $stem,
        public bool $small,
        public ?string $lent,
        public bool $out,
        public array $entries,
    ) {
    }

    /** The same with nothing believed of it: what it is, and what stands in its place. */
    public function unjudged(): self
    {
        $name = explode(':', $this->title)[0];

        return new self(
            id: $this->id,
            x: $this->x,
            y: $this->y,
            label: $this->label,
            standing: Standing::NotTested->value,
            percent: null,
            title: $this->lent === null ? $name : "{$name}, lent {$this->lent}",
            stem: $this->stem,
            small: $this->small,
            lent: $this->lent,
            out: $this->out,
            entries: [],
        );
    }

    /** Its name and number do not fit beside the next pad as they are usually written. */
    public function isTight(): bool
    {
        return $this->percent !== null && ! $this->small && mb_strlen($this->lent ?? $this->label) + strlen($this->percent) > self::FITS;
    }

    /** What its mark means. */
    public function means(): string
    {
        return WhatIs::standing(Standing::from($this->standing));
    }
}
