<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

use Orthoscope\Core\Plain\Csv;

/** A file of somebody else's with headings of its own, and which of them stands for which field. */
final readonly class Sheet
{
    public const MOST_ROWS = 20000;

    /**
     * @param  list<string>  $headings
     * @param  array<int, list<string>>  $rows line of the file => fields
     */
    private function __construct(public SheetKind $kind, public array $headings, public array $rows)
    {
    }

    /** @throws UnreadableSheet where it has no headings or no rows */
    public static function read(SheetKind $kind, string $csv): self
    {
        $rows = Csv::rows($csv, self::MOST_ROWS + 2);
        $first = array_key_first($rows);
        $headings = $first === null ? [] : $rows[$first];
        unset($rows[$first ?? 0]);

        return match (true) {
            count(array_filter($headings, fn (string $heading): bool => $heading !== '')) < 1
                || ! mb_check_encoding(implode('', $headings), 'UTF-8') => throw UnreadableSheet::because(
                    'The first line names no columns. Save the table as CSV, with a first line of headings.',
                ),
            $rows === [] => throw UnreadableSheet::because('There is no row under the headings.'),
            count($rows) > self::MOST_ROWS => throw UnreadableSheet::because(
                'That are more than '.self::MOST_ROWS.' rows; split the file, and bring in one after the other.',
            ),
            default => new self($kind, $headings, $rows),
        };
    }

    /**
     * What the headings most likely stand for, each field and each heading once.
     *
     * @return array<string, int> field => place of its heading, from 0
     */
    public function guess(): array
    {
        $mapping = [];
        foreach ([2, 1] as $least) {
            foreach ($this->kind->columns() as $id => $column) {
                foreach ($this->headings as $at => $heading) {
                    if (! isset($mapping[$id]) && ! in_array($at, $mapping, true) && $column->isNamed($heading) >= $least) {
                        $mapping[$id] = $at;
                    }
                }
            }
        }

        return $mapping;
    }

    /**
     * What a mapping of its headings lacks or has twice, in one sentence; null where it can be read.
     *
     * @param  array<string, int>  $mapping field => place of its heading
     */
    public function against(array $mapping): ?string
    {
        foreach ($this->kind->columns() as $id => $column) {
            if ($column->needed && ! isset($mapping[$id])) {
                return "Say which column is \"{$column->words}\"; without it nothing can be brought in.";
            }
        }
        $twice = array_diff_key($mapping, array_unique($mapping));
        $field = array_key_first($twice);

        return $field === null
            ? null
            : "The column \"{$this->headings[$mapping[$field]]}\" stands for two fields; let it stand for one.";
    }
}
