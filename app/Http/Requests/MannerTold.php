<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Orthoscope\Core\Evidence\Manner;

/** How often and when a machine fails, as it is told at the counter: the fields of `<x-manner>`. */
final class MannerTold
{
    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'often' => ['nullable', 'prohibited_if:reached,stays', Rule::in(array_keys(Manner::OFTEN))],
            'only' => ['nullable', 'prohibited_if:reached,stays', Rule::in(array_keys(Manner::ONLY))],
            'failed' => ['nullable', 'prohibited_if:reached,stays', 'required_with:of', 'integer', 'min:1', 'lte:of'],
            'of' => ['nullable', 'required_with:failed', 'integer', 'min:1', 'max:'.Manner::MOST_STARTS],
        ];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        $count = 'Give whole numbers such as 2 of 10, '.Manner::MOST_STARTS.' starts at most, or leave both open.';

        $well = 'As told it starts and stays up. Say what it does when it fails, or leave open how often it does.';

        return ['often.prohibited_if' => $well, 'only.prohibited_if' => $well, 'failed.prohibited_if' => $well, 'often.*' => 'Pick how often, or leave it open.', 'only.*' => 'Pick when, or leave it open.', 'failed.*' => $count, 'of.*' => $count];
    }

    /**
     * @param  array<string, mixed>  $given validated
     *
     * @return array<string, string|int> as in a report of a case file
     */
    public static function of(array $given): array
    {
        $told = array_filter(array_intersect_key($given, self::rules()), fn (mixed $value): bool => $value !== null && $value !== '');

        return [...$told, ...array_map(intval(...), array_intersect_key($told, ['failed' => 1, 'of' => 1]))];
    }
}
