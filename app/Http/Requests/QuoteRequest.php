<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Economy\EconomyData;
use Orthoscope\Core\Quote\Quote;
use Orthoscope\Core\Quote\QuoteLine;
use Orthoscope\Core\Quote\UnusableQuote;
use Orthoscope\Core\Quote\Variant;

/** A quote as it was composed: variants with their lines. The core adds it up and says what makes no quote. */
final class QuoteRequest extends FormRequest
{
    private ?Quote $quote = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'variants' => ['required', 'array', 'max:4'],
            'variants.*.name' => ['required', 'string', 'max:160'],
            'variants.*.promise' => ['nullable', 'string', 'max:600'],
            'variants.*.limits' => ['nullable', 'string', 'max:600'],
            'variants.*.option' => ['required', 'string', 'max:60'],
            'variants.*.days' => ['required', 'string', 'regex:/^\d{1,3}-\d{1,3}$/'],
            'variants.*.warranty' => ['required', 'integer', 'min:0', 'max:60'],
            'variants.*.lines' => ['required', 'array', 'max:12'],
            'variants.*.lines.*.what' => ['nullable', 'string', 'max:160'],
            'variants.*.lines.*.count' => ['nullable', 'integer', 'min:1', 'max:100'],
            'variants.*.lines.*.each' => ['nullable', 'string', new MoneyTyped],
            'valid_until' => ['required', 'date_format:Y-m-d'],
            'words' => ['nullable', 'string', 'max:600'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'variants.*.name.*' => 'Name this way in up to 160 letters.',
            'variants.*.lines.*.count.*' => 'Count from 1 to 100.',
            'variants.*.warranty.*' => 'The warranty is 0 to 60 whole months.',
            'valid_until.*' => 'Choose the last day on which it holds.',
            'words.max' => 'Keep your words under 600 letters.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(Catalogue $catalogue): array
    {
        return [
            function (Validator $validator) use ($catalogue): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $variants = [];
                foreach (array_values($this->array('variants')) as $i => $row) {
                    try {
                        $variants[] = $this->variant($i, $row, $catalogue->economy);
                    } catch (UnusableQuote $mistake) {
                        $validator->errors()->add("variants.{$i}.lines", $mistake->getMessage());
                    }
                }
                try {
                    $now = new DateTimeImmutable(now()->toIso8601String());
                    $this->quote = $validator->errors()->isEmpty()
                        ? Quote::of(
                            $variants,
                            new DateTimeImmutable($this->string('valid_until')->toString().' 23:59:59'),
                            $now,
                            $catalogue->economy->deposit,
                            $this->string('words')->toString(),
                        )
                        : null;
                } catch (UnusableQuote $mistake) {
                    $validator->errors()->add('valid_until', $mistake->getMessage());
                }
            },
        ];
    }

    public function quote(): Quote
    {
        return $this->quote ?? throw UnusableQuote::because('The quote was not read.');
    }

    /** @param  array<string, mixed>  $row */
    private function variant(int $i, array $row, EconomyData $economy): Variant
    {
        $lines = [];
        foreach ($row['lines'] as $line) {
            if (trim((string) ($line['what'] ?? '')) !== '' || trim((string) ($line['each'] ?? '')) !== '') {
                $lines[] = QuoteLine::of(
                    (string) ($line['what'] ?? ''),
                    (int) ($line['count'] ?? 1),
                    shop()->money()->parse((string) ($line['each'] ?? '0')),
                );
            }
        }
        [$from, $to] = array_map(intval(...), explode('-', $row['days']));

        return new Variant(
            id: chr(65 + $i),
            name: $row['name'],
            lines: $lines,
            promise: trim((string) ($row['promise'] ?? '')),
            limits: trim((string) ($row['limits'] ?? '')),
            options: [$row['option']],
            tax: $economy->tax,
            days: [$from, $to],
            warrantyMonths: (int) $row['warranty'],
            taxPerLine: $economy->taxPerLine,
        );
    }
}
