<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Codes\Codebook;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Codes\CodeMeaning;
use Orthoscope\Core\Codes\UnreadableCode;
use Orthoscope\Core\Plain\Csv;

/** A codebook as CSV (RFC 4180): kind, for, from, to, value, words, source, reliability; the first line names the columns. */
final class CodebookCsv
{
    public const COLUMNS = ['kind', 'for', 'from', 'to', 'value', 'words', 'source', 'reliability'];

    private const MOST_ROWS = 5000;

    /** @throws UnreadableCode that names the line */
    public static function read(string $csv, Catalogue $catalogue): Codebook
    {
        $rows = Csv::rows($csv, self::MOST_ROWS);
        $names = array_map(strtolower(...), $rows[1] ?? []);
        $missing = array_diff(['kind', 'from', 'value'], $names);
        if ($missing !== []) {
            throw UnreadableCode::inRow(
                1,
                'the first line must name the columns '.implode(', ', self::COLUMNS).'; missing: '.implode(', ', $missing).'.',
            );
        }
        $meanings = [];
        foreach (array_diff_key($rows, [1 => true]) as $line => $row) {
            if (count($row) !== count($names)) {
                throw UnreadableCode::inRow($line, 'it has '.count($row).' fields and the first line has '.count($names).'.');
            }
            $meanings[] = self::meaning(array_combine($names, $row), $line, $catalogue);
        }
        if ($meanings === []) {
            throw UnreadableCode::inRow(2, 'there is no code in this file.');
        }

        return new Codebook($meanings);
    }

    public static function write(Codebook $codebook): string
    {
        $lines = [self::COLUMNS];
        foreach ($codebook->meanings as $meaning) {
            $lines[] = [
                $meaning->kind->value,
                $meaning->for,
                $meaning->from,
                $meaning->to === $meaning->from ? '' : $meaning->to,
                $meaning->value,
                $meaning->words,
                $meaning->source,
                (string) $meaning->reliability,
            ];
        }

        return Csv::write($lines);
    }

    /** @param  array<string, string>  $row */
    private static function meaning(array $row, int $line, Catalogue $catalogue): CodeMeaning
    {
        $kind = CodeKind::tryFrom(strtolower($row['kind']))
            ?? throw UnreadableCode::inRow($line, "\"{$row['kind']}\" is no kind of code; write display, beeps or lamp.");
        [$from, $to] = self::range($kind, $row, $line);
        $values = array_map(strval(...), array_keys($catalogue->sign($kind->channel())->values));
        if (! in_array($row['value'], $values, true)) {
            throw UnreadableCode::inRow(
                $line,
                "\"{$row['value']}\" is not what {$kind->value} can amount to; write one of ".implode(', ', $values).'.',
            );
        }

        return new CodeMeaning(
            kind: $kind,
            for: mb_strtolower($row['for'] ?? ''),
            from: $from,
            to: $to,
            value: $row['value'],
            words: self::short($row['words'] ?? ''),
            source: self::short($row['source'] ?? ''),
            reliability: self::reliability($row['reliability'] ?? '', $line, $catalogue),
        );
    }

    /**
     * @param  array<string, string>  $row
     *
     * @return array{string, string} the first and the last code meant
     */
    private static function range(CodeKind $kind, array $row, int $line): array
    {
        try {
            $from = $kind->read($row['from']);
            $to = ($row['to'] ?? '') === '' ? $from : $kind->read($row['to']);
        } catch (UnreadableCode $mistake) {
            throw UnreadableCode::inRow($line, $mistake->getMessage());
        }
        if ($kind === CodeKind::Display && hexdec($to) < hexdec($from)) {
            throw UnreadableCode::inRow($line, "the range from {$from} to {$to} goes backwards.");
        }
        if ($kind !== CodeKind::Display && $to !== $from) {
            throw UnreadableCode::inRow($line, 'only codes of a display can be a range; leave "to" empty.');
        }

        return [$from, $to];
    }

    private static function reliability(string $given, int $line, Catalogue $catalogue): float
    {
        $reliability = $given === ''
            ? $catalogue->number('code_reliability')
            : filter_var(str_replace(',', '.', $given), FILTER_VALIDATE_FLOAT);

        return $reliability !== false && $reliability > 0.0 && $reliability <= 1.0
            ? $reliability
            : throw UnreadableCode::inRow($line, 'the reliability is a number over 0 and up to 1, such as 0.9.');
    }

    private static function short(string $text): string
    {
        return mb_substr($text, 0, 200);
    }
}
