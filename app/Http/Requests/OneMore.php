<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** One more machine of the same owner and kind, taken in in one go: its serial number, and what it does if that is something else. */
final readonly class OneMore
{
    public const MOST = 9;

    /** Marks that are no marks of a machine but what its owner agreed to. */
    private const AGREED = ['consent-system'];

    /**
     * @param  array<string, mixed>  $madeOf  the "machine" of a case file
     * @param  non-empty-list<array<string, mixed>>  $reports entries, as in a case file
     */
    private function __construct(public array $madeOf, public array $reports)
    {
    }

    /**
     * @param  string  $typed  a machine a line: "serial number; what it does", either alone too
     * @param  array<string, mixed>  $madeOf of the first machine
     * @param  non-empty-list<array<string, mixed>>  $reports on the first machine
     *
     * @return list<self>
     */
    public static function ofLines(string $typed, array $madeOf, array $reports): array
    {
        return array_map(fn (string $line): self => self::ofLine($line, $madeOf, $reports), self::lines($typed));
    }

    public static function isTooMany(string $typed): bool
    {
        return count(self::lines($typed)) > self::MOST;
    }

    /**
     * @param  array<string, mixed>  $madeOf
     * @param  non-empty-list<array<string, mixed>>  $reports
     */
    private static function ofLine(string $line, array $madeOf, array $reports): self
    {
        // A line of one word is a serial number, one of several is what it does.
        $hasBoth = str_contains($line, ';');
        $oneWord = ! $hasBoth && preg_match('/\s/', $line) !== 1;
        [$serial, $words] = array_map(trim(...), $hasBoth ? explode(';', $line, 2) : ($oneWord ? [$line, ''] : ['', $line]));
        $platform = array_diff_key((array) ($madeOf['platform'] ?? []), ['serial' => 1]);
        $madeOf['platform'] = (object) ($serial === '' ? $platform : [...$platform, 'serial' => mb_substr($serial, 0, 40)]);
        // What was seen of the first machine was not seen of this one; what was told of all counts for it, unless its own words are others.
        $agreed = array_values(array_intersect((array) ($reports[0]['marks'] ?? []), self::AGREED));
        $told = $words === '' ? $reports[0] : ['kind' => 'report', 'text' => $words];
        $told = array_filter(['marks' => $agreed] + $told);

        return new self($madeOf, [$told, ...($words === '' ? array_slice($reports, 1) : [])]);
    }

    /** @return list<string> */
    private static function lines(string $typed): array
    {
        return array_values(array_filter(array_map(trim(...), explode("\n", $typed)), fn (string $line): bool => $line !== ''));
    }
}
