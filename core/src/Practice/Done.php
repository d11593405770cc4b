<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Plain\Row;

/** A deed done on a practice machine, what it answered, and what it cost. */
final readonly class Done
{
    /**
     * @param  array<string, mixed>  $deed     as it was asked for: a start, look, act or wait, written as an entry without its outcome
     * @param  list<array<string, mixed>>  $entries  what it put on the record
     * @param  int  $minutes  bench minutes it took
     * @param  int  $stood    minutes the machine stood, with nobody at it
     * @param  int  $money    what was bought for it, minor units
     * @param  float  $harms   chance that a good part lent to it came to harm by it, 0 to 1: for the debrief alone
     * @param  ?Guess  $guess   what was expected and suspected before it was done
     */
    public function __construct(
        public array $deed,
        public array $entries,
        public int $minutes,
        public int $stood = 0,
        public int $money = 0,
        public float $harms = 0.0,
        public ?Guess $guess = null,
    ) {
    }

    /** @param  array<array-key, mixed>  $kept as `toArray` gave it */
    public static function fromArray(array $kept): self
    {
        $row = Row::of($kept, 'a deed');
        $guess = $row->rowOrNull('guess');

        return new self(
            deed: $row->row('deed')->all(),
            entries: array_map(fn (Row $entry): array => $entry->all(), $row->rows('entries')),
            minutes: $row->whole('minutes'),
            stood: $row->whole('stood', 0),
            money: $row->whole('money', 0),
            harms: $row->number('harms', 0.0),
            guess: $guess === null ? null : Guess::fromRow($guess),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter([
            'deed' => $this->deed,
            'entries' => $this->entries,
            'minutes' => $this->minutes,
            'stood' => $this->stood,
            'money' => $this->money,
            'harms' => $this->harms,
            'guess' => $this->guess?->toArray(),
        ], fn (mixed $value): bool => $value !== null);
    }

    public function kind(): string
    {
        return Row::of($this->deed, 'a deed')->text('kind', '');
    }
}
