<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Orthoscope\Core\Catalogue\Catalogue;

/** What was done to a machine before it came in, as a dated list: each act is a report of its own, the oldest first. */
final readonly class EarlierWork
{
    /** Rows of the list that the form shows. */
    public const ROWS = 4;

    /** @return array<string, list<mixed>> */
    public static function rules(Catalogue $catalogue): array
    {
        return [
            'earlier' => ['nullable', 'array', 'max:'.self::ROWS],
            'earlier.*.what' => ['nullable', Rule::in(array_keys($catalogue->history))],
            'earlier.*.when' => [
                'nullable',
                'regex:/^(19|20)\d\d(-(0[1-9]|1[0-2]))?$/',
                function (string $field, mixed $when, callable $fail): void {
                    if (is_string($when) && $when > now()->format('Y-m')) {
                        $fail('That is still to come; give a month that is past.');
                    }
                },
            ],
            'earlier.*.words' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'earlier.*.when.regex' => 'Give a year, or a year and month such as 2026-06.',
            'earlier.*.words.max' => 'Keep it under 300 letters.',
            'earlier.*.what.in' => 'Choose one of those shown.',
        ];
    }

    /**
     * @param  array<array-key, mixed>  $rows
     *
     * @return list<array<string, mixed>> reports, as in a case file
     */
    public static function reports(array $rows): array
    {
        $reports = [];
        foreach ($rows as $row) {
            $row = array_filter(
                is_array($row) ? array_map(fn (mixed $value): string => is_string($value) ? trim($value) : '', $row) : [],
                fn (string $value): bool => $value !== '',
            );
            if (isset($row['what']) || isset($row['words'])) {
                $reports[] = ['kind' => 'report', 'source' => 'remembered']
                    + array_filter([
                        'history' => isset($row['what']) ? [$row['what']] : [],
                        'when' => $row['when'] ?? '',
                        'text' => $row['words'] ?? '',
                    ]);
            }
        }
        usort($reports, fn (array $a, array $b): int => ($a['when'] ?? '') <=> ($b['when'] ?? ''));

        return $reports;
    }
}
