<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnknownWord;

/** "It is this": the parts somebody says are at fault, and how sure they are. */
final readonly class Verdict
{
    /**
     * @param  list<string>  $parts one or two
     * @param  float  $sure  belief that it is these, 0 to 1
     */
    private function __construct(public array $parts, public float $sure)
    {
    }

    /**
     * @param  array<array-key, mixed>  $parts as picked; empty ones are left out
     * @param  list<string>  $known
     *
     * @throws PuzzleMistake
     */
    public static function said(array $parts, mixed $percent, array $known): self
    {
        $named = [];
        foreach ($parts as $part) {
            if (! is_string($part) || $part === '') {
                continue;
            }
            $named[$part] = in_array($part, $known, true)
                ? $part
                : throw PuzzleMistake::at('/parts', UnknownWord::sentence('part of this machine', $part, $known));
        }
        if ($named === [] || count($named) > Puzzle::MOST) {
            throw PuzzleMistake::at('/parts', 'Say which part it is; two at most.');
        }
        $sure = is_numeric($percent) ? (float) $percent : -1.0;
        if ($sure < 0.0 || $sure > 100.0) {
            throw PuzzleMistake::at('/sure', 'Type how sure you are in percent, from 0 to 100.');
        }

        return new self(array_values($named), $sure / 100);
    }

    /** @param  array<array-key, mixed>  $kept as `toArray` gave it */
    public static function fromArray(array $kept): self
    {
        $row = Row::of($kept, 'a verdict');

        return new self($row->texts('parts'), $row->number('sure'));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['parts' => $this->parts, 'sure' => $this->sure];
    }

    /** All that is at fault was named, and nothing else. */
    public function isRight(Puzzle $puzzle): bool
    {
        return array_diff($puzzle->guilty(), $this->parts) === [] && array_diff($this->parts, $puzzle->guilty()) === [];
    }

    /** @return array<string, float> part => belief */
    public function suspects(): array
    {
        return array_fill_keys($this->parts, $this->sure);
    }
}
