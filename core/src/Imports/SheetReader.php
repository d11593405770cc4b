<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

use DateTimeImmutable;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\UnreadableMoney;

/** Reads the rows of a sheet by a mapping: good ones as fields, and of each bad one what is wrong with it. */
final readonly class SheetReader
{
    /** @param  bool  $monthFirst 3/4/2026 is the fourth of March, as where papers write the month first */
    public function __construct(private Currency $currency, private bool $monthFirst)
    {
    }

    /**
     * @param  array<string, int>  $mapping field => place of its heading
     *
     * @return array{rows: array<int, array<string, string|int>>, mistakes: array<int, string>} by line of the file: money in minor units,
     *     days as 2026-12-25, an empty field as ""
     */
    public function read(Sheet $sheet, array $mapping): array
    {
        $rows = $mistakes = [];
        foreach ($sheet->rows as $line => $fields) {
            $row = [];
            foreach ($sheet->kind->columns() as $id => $column) {
                $typed = isset($mapping[$id]) ? trim($fields[$mapping[$id]] ?? '') : '';
                $read = $this->field($column, $typed);
                if ($read instanceof UnreadableSheet) {
                    $mistakes[$line] = $read->getMessage();

                    continue 2;
                }
                $row[$id] = $read;
            }
            $rows[$line] = $row;
        }

        return ['rows' => $rows, 'mistakes' => $mistakes];
    }

    /** What stands there, or why it cannot be. */
    private function field(Column $column, string $typed): string|int|UnreadableSheet
    {
        if ($typed === '') {
            return $column->needed ? UnreadableSheet::because("{$column->words} is empty.") : '';
        }
        if (! mb_check_encoding($typed, 'UTF-8') || preg_match('/[\x00-\x08\x0B-\x1F]/', $typed) === 1) {
            return UnreadableSheet::because("{$column->words} has signs that are no letters.");
        }
        if (mb_strlen($typed) > $column->most) {
            return UnreadableSheet::because("{$column->words} has more than {$column->most} letters.");
        }

        return match ($column->reading) {
            Reading::Money => $this->money($column, $typed),
            Reading::Day => $this->day($column, $typed),
            Reading::Whole => ctype_digit($typed) && (int) $typed <= 60
                ? (int) $typed
                : UnreadableSheet::because("\"{$typed}\" is no whole number from 0 to 60 ({$column->words})."),
            Reading::Mail => filter_var($typed, FILTER_VALIDATE_EMAIL) === false
                ? UnreadableSheet::because("\"{$typed}\" is no mail address.")
                : $typed,
            Reading::Phone => preg_match('/^[+()0-9 \/.-]{5,}$/', $typed) === 1
                ? $typed
                : UnreadableSheet::because("\"{$typed}\" is no telephone number."),
            Reading::Text => $typed,
        };
    }

    private function money(Column $column, string $typed): int|UnreadableSheet
    {
        // Other programs put the sign of the currency beside it, and points or commas between thousands.
        // Where money has three decimals, three figures behind the last of them are those.
        $thousands = $this->currency->decimals === 3 ? '/[.,](?=\d{3}[.,])/' : '/[.,](?=\d{3}(?:[.,]|$))/';
        $plain = (string) preg_replace(['/[^\d.,-]/u', $thousands], '', $typed);
        try {
            return $this->currency->parse($plain)->minor;
        } catch (UnreadableMoney) {
            return UnreadableSheet::because("\"{$typed}\" is no amount of money ({$column->words}).");
        }
    }

    private function day(Column $column, string $typed): string|UnreadableSheet
    {
        $forms = $this->monthFirst ? ['!Y-m-d', '!m/d/Y', '!d.m.Y'] : ['!Y-m-d', '!d/m/Y', '!d.m.Y', '!d-m-Y'];
        // The time of day, where one stands behind it, does not matter.
        $day = (string) preg_replace('/[T ]\d{1,2}:\d{2}.*$/', '', $typed);
        foreach ($forms as $form) {
            $at = DateTimeImmutable::createFromFormat($form, $day);
            $warnings = DateTimeImmutable::getLastErrors();
            if ($at !== false && ($warnings === false || $warnings['warning_count'] === 0) && $at->format('Y') > '1980') {
                return $at->format('Y-m-d');
            }
        }

        return UnreadableSheet::because("\"{$typed}\" is no day, such as 2026-12-25 ({$column->words}).");
    }
}
