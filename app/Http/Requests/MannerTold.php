<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\MannerReader;
use Orthoscope\Core\Evidence\Written;
use Orthoscope\Core\SetUp\Manner;

/** How often and when a machine fails, as it is told at the counter: the fields of `<x-manner>`. What can be said so, the core says. */
final class MannerTold
{
    private const FIELDS = ['often' => 1, 'only' => 1, 'failed' => 1, 'of' => 1];

    /** @return array<string, list<string>> */
    public static function rules(): array
    {
        return array_map(fn (): array => ['nullable'], self::FIELDS);
    }

    /** @return callable(Validator): void what the core finds wrong, told at its field */
    public static function check(Catalogue $catalogue): callable
    {
        return function (Validator $validator) use ($catalogue): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $fields = array_intersect_key($validator->getData(), self::FIELDS + ['reached' => true]);
            $told = array_filter($fields, fn (mixed $value): bool => is_scalar($value) && $value !== '');
            try {
                MannerReader::read(Written::of($told), $catalogue);
            } catch (CaseMistake $mistake) {
                $validator->errors()->add(trim($mistake->path, '/'), $mistake->sentence);
            }
        };
    }

    /**
     * @param  array<string, mixed>  $given validated
     *
     * @return array<string, string|int> as in a report of a case file
     */
    public static function of(array $given): array
    {
        $told = array_filter(array_intersect_key($given, self::FIELDS), fn (mixed $value): bool => $value !== null && $value !== '');

        return [...$told, ...array_map(intval(...), array_intersect_key($told, ['failed' => 1, 'of' => 1]))];
    }
}
