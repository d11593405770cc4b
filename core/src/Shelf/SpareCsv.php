<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Csv;

/**
 * Spares as CSV (RFC 4180): tag, kind, name, value, origin, place, and one column for each fact, such as memory or socket. Good rows are
 * taken; of each bad row the line and the reason are told.
 */
final readonly class SpareCsv
{
    public const COLUMNS = ['tag', 'kind', 'name', 'value', 'origin', 'place'];

    /** Facts that a machine's platform must match are kept apart from the others; both are columns. */
    public const SAME = ['memory', 'socket', 'form', 'bus', 'port'];

    private const MOST_ROWS = 20000;

    /**
     * @param  list<array{tag: string, kind: string, name: string, value: int, origin: string, place: string, fits: array<string, string>, facts: array<string, string>}>  $rows
     * @param  array<int, string>  $mistakes line => reason
     */
    private function __construct(public array $rows, public array $mistakes)
    {
    }

    public static function read(string $csv, Catalogue $catalogue): self
    {
        $lines = Csv::rows($csv, self::MOST_ROWS);
        $names = array_map(strtolower(...), $lines[1] ?? []);
        if (array_diff(['tag', 'kind', 'name'], $names) !== []) {
            return new self([], [1 => 'the first line must name at least the columns tag, kind and name.']);
        }
        $rows = $mistakes = $seen = [];
        foreach (array_diff_key($lines, [1 => true]) as $line => $fields) {
            $row = count($fields) === count($names) ? self::row(array_combine($names, $fields), $catalogue) : 'it has '.count($fields).' fields and the first line has '.count($names).'.';
            if (is_array($row) && isset($seen[$row['tag']])) {
                $row = "{$row['tag']} stands on line {$seen[$row['tag']]} already.";
            }
            if (is_string($row)) {
                $mistakes[$line] = $row;
            } else {
                $seen[$row['tag']] = $line;
                $rows[] = $row;
            }
        }

        return new self($rows, $mistakes);
    }

    /** @param  list<array<string, mixed>>  $rows as `read` gives them */
    public static function write(array $rows): string
    {
        $facts = [];
        foreach ($rows as $row) {
            $facts += array_flip([...array_keys($row['fits']), ...array_keys($row['facts'])]);
        }
        $facts = array_keys($facts);
        sort($facts);
        $lines = [[...self::COLUMNS, ...$facts]];
        foreach ($rows as $row) {
            $all = $row['fits'] + $row['facts'];
            $lines[] = [...array_map(fn (string $column): string => $column === 'value' ? number_format($row['value'] / 100, 2, '.', '') : (string) $row[$column], self::COLUMNS), ...array_map(fn (string $fact): string => is_array($all[$fact] ?? '') ? implode(', ', $all[$fact]) : (string) ($all[$fact] ?? ''), $facts)];
        }

        return Csv::write($lines);
    }

    /**
     * @param  array<string, string>  $given
     *
     * @return array{tag: string, kind: string, name: string, value: int, origin: string, place: string, fits: array<string, string>, facts: array<string, string>}|string the row, or what is wrong with it
     */
    public static function row(array $given, Catalogue $catalogue): array|string
    {
        $lendable = array_keys(array_filter($catalogue->parts, fn ($kind): bool => $kind->lendable));
        $origin = ($given['origin'] ?? '') === '' ? 'retired' : $given['origin'];
        $value = ($given['value'] ?? '') === '' ? '0' : str_replace(',', '.', $given['value']);
        $tag = strtoupper($given['tag'] ?? '');
        $known = array_flip([...self::COLUMNS]);
        $facts = array_filter(array_diff_key($given, $known), fn (string $fact): bool => $fact !== '');

        return match (true) {
            preg_match('/^[A-Z0-9][A-Z0-9\-]{0,19}$/', $tag) !== 1 => "\"{$given['tag']}\" is no tag; letters, figures and dashes, up to 20.",
            ! in_array($given['kind'], $lendable, true) => "\"{$given['kind']}\" is no kind of spare; one of ".implode(', ', $lendable).'.',
            $given['name'] === '' || mb_strlen($given['name']) > 120 => 'it needs a name of up to 120 letters.',
            preg_match('/^\d{1,6}(\.\d{1,2})?$/', $value) !== 1 => "\"{$given['value']}\" is no amount of money; a number such as 35 or 35.50.",
            ! isset($catalogue->shelf->origins[$origin]) => "\"{$origin}\" is no origin; one of ".implode(', ', array_keys($catalogue->shelf->origins)).'.',
            default => [
                'tag' => $tag, 'kind' => $given['kind'], 'name' => $given['name'], 'value' => (int) round(100 * (float) $value), 'origin' => $origin, 'place' => mb_substr($given['place'] ?? '', 0, 60),
                'fits' => array_intersect_key($facts, array_flip(self::SAME)), 'facts' => array_diff_key($facts, array_flip(self::SAME)),
            ],
        };
    }
}
