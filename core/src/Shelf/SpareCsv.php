<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Csv;
use Orthoscope\Core\Plain\Currency;

/**
 * Spares as CSV (RFC 4180): tag, kind, name, value, origin, place, model, and one column for each fact, such as memory or socket. Good
 * rows are taken; of each bad row the line and the reason are told.
 */
final readonly class SpareCsv
{
    private const MOST_ROWS = 20000;

    /**
     * @param  list<NewSpare>  $spares
     * @param  array<int, string>  $mistakes line => reason
     */
    private function __construct(public array $spares, public array $mistakes)
    {
    }

    public static function read(string $csv, Catalogue $catalogue): self
    {
        $lines = Csv::rows($csv, self::MOST_ROWS);
        $names = array_map(strtolower(...), $lines[1] ?? []);
        if (array_diff(['tag', 'kind', 'name'], $names) !== []) {
            return new self([], [1 => 'the first line must name at least the columns tag, kind and name.']);
        }
        $spares = $mistakes = $seen = [];
        foreach (array_diff_key($lines, [1 => true]) as $line => $fields) {
            try {
                $spare = self::row($names, $fields, $catalogue);
                if (isset($seen[$spare->tag])) {
                    throw SpareMistake::at('tag', "{$spare->tag} stands on line {$seen[$spare->tag]} already.");
                }
                $seen[$spare->tag] = $line;
                $spares[] = $spare;
            } catch (SpareMistake $mistake) {
                $mistakes[$line] = $mistake->getMessage();
            }
        }

        return new self($spares, $mistakes);
    }

    /** @param  list<NewSpare>  $spares */
    public static function write(array $spares, Currency $currency): string
    {
        $facts = array_keys(array_merge([], ...array_map(fn (NewSpare $spare): array => $spare->fits + $spare->facts, $spares)));
        sort($facts);
        $lines = [[...NewSpare::COLUMNS, ...$facts]];
        foreach ($spares as $spare) {
            $all = $spare->fits + $spare->facts;
            $lines[] = [
                $spare->tag, $spare->kind, $spare->name, $currency->typed($spare->value), $spare->origin, $spare->place,
                $spare->model,
                ...array_map(fn (string $fact): string => $all[$fact] ?? '', $facts),
            ];
        }

        return Csv::write($lines);
    }

    /**
     * @param  list<string>  $names
     * @param  list<string>  $fields
     */
    private static function row(array $names, array $fields, Catalogue $catalogue): NewSpare
    {
        return count($fields) === count($names)
            ? NewSpare::written(array_combine($names, $fields), $catalogue)
            : throw SpareMistake::at('', 'it has '.count($fields).' fields and the first line has '.count($names).'.');
    }
}
