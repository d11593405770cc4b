<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnknownWord;

/** What somebody believes before the answer is known: which parts are at fault, and what a start will come to. */
final readonly class Guess
{
    /** Percent that is taken where somebody expects an outcome and does not say how surely. Origin: judgement. */
    private const SURE_UNSAID = '70';

    /**
     * @param  array<string, float>  $suspects part => belief that it is at fault, 0 to 1
     * @param  ?string  $expected how far the next start will get
     * @param  float  $sure     belief in that, 0 to 1
     */
    private function __construct(public array $suspects, public ?string $expected, public float $sure)
    {
    }

    /**
     * Of what was typed: percentages, some of them empty.
     *
     * @param  array<array-key, mixed>  $percents part => percent; empty ones are left out
     * @param  list<string>  $parts    parts there are
     * @param  list<string>  $reaches  ways a start can end
     *
     * @throws PuzzleMistake where it makes no sense
     */
    public static function typed(array $percents, ?string $expected, ?string $sure, array $parts, array $reaches): ?self
    {
        $suspects = self::suspects($percents, $parts);
        $expected = $expected === '' ? null : $expected;
        if ($expected !== null && ! in_array($expected, $reaches, true)) {
            throw PuzzleMistake::at('/expected', UnknownWord::sentence('outcome of a start', $expected, $reaches));
        }
        if ($suspects === [] && $expected === null) {
            return null;
        }
        $typed = $sure === null || $sure === '' ? self::SURE_UNSAID : $sure;

        return new self($suspects, $expected, $expected === null ? 0.0 : self::share($typed, '/sure'));
    }

    /**
     * @param  array<array-key, mixed>  $percents
     * @param  list<string>  $parts
     *
     * @return array<string, float>
     */
    private static function suspects(array $percents, array $parts): array
    {
        $suspects = [];
        foreach (array_filter($percents, fn (mixed $percent): bool => $percent !== null && $percent !== '') as $part => $percent) {
            if (! in_array((string) $part, $parts, true)) {
                throw PuzzleMistake::at('/suspects', UnknownWord::sentence('part of this machine', (string) $part, $parts));
            }
            $suspects[(string) $part] = self::share($percent, '/suspects');
        }

        return $suspects;
    }

    /** As `toArray` gave it. */
    public static function fromRow(Row $row): self
    {
        return new self($row->numberByName('suspects', []), $row->textOrNull('expected'), $row->number('sure', 0.0));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['suspects' => $this->suspects, 'expected' => $this->expected, 'sure' => $this->sure];
    }

    private static function share(mixed $percent, string $path): float
    {
        $typed = str_replace([',', '%', ' '], ['.', '', ''], is_scalar($percent) ? (string) $percent : '');
        if (! is_numeric($typed) || (float) $typed < 0.0 || (float) $typed > 100.0) {
            throw PuzzleMistake::at($path, 'Type how sure you are in percent, from 0 to 100.');
        }

        return (float) $typed / 100;
    }
}
