<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** Comma-separated values (RFC 4180), as spreadsheets write them: with a mark at the start, with semicolons, or in an older alphabet. */
final class Csv
{
    /**
     * The rows of a file by line, empty ones left out; the first is read for what separates the fields.
     *
     * @param  int  $most rows that are read; the rest is left
     *
     * @return array<int, list<string>> line, from 1 => fields
     */
    public static function rows(string $csv, int $most): array
    {
        $csv = (string) preg_replace(
            '/^\x{FEFF}/u',
            '',
            mb_check_encoding($csv, 'UTF-8') ? $csv : mb_convert_encoding($csv, 'UTF-8', 'Windows-1252'),
        );
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $csv);
        rewind($stream);
        $first = (string) strtok($csv, "\r\n");
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $rows = [];
        for ($line = 1; ($fields = fgetcsv($stream, null, $separator, '"', '')) !== false && count($rows) < $most; $line++) {
            if ($fields !== [null]) {
                $rows[$line] = array_map(fn (?string $field): string => trim((string) $field), $fields);
            }
        }
        fclose($stream);

        return $rows;
    }

    /** @param  list<list<string>>  $rows */
    public static function write(array $rows): string
    {
        return implode('', array_map(fn (array $fields): string => implode(',', array_map(self::quoted(...), $fields))."\r\n", $rows));
    }

    /** Quoted where it must be; a field that a spreadsheet would run as a formula is made plain text. */
    private static function quoted(string $field): string
    {
        $isNumber = preg_match('/^-?\d+(?:[.,]\d+)?$/', $field) === 1;
        $field = ! $isNumber && preg_match('/^[\s]*[-=+@\t\r]/', $field) === 1 ? "'{$field}" : $field;

        return preg_match('/[",\r\n]/', $field) === 1 ? '"'.str_replace('"', '""', $field).'"' : $field;
    }
}
