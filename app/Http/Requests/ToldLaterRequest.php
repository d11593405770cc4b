<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;

/** What an owner tells later, or what is only then seen on the machine: entries like those of the arrival. */
final class ToldLaterRequest extends FormRequest
{
    use SentOnce;

    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'text' => ['nullable', 'string', 'max:2000'],
            'events' => ['nullable', 'array'],
            'events.*' => [Rule::in(array_keys($catalogue->events))],
            'marks' => ['nullable', 'array'],
            'marks.*' => [Rule::in(array_keys($catalogue->marks))],
            ...EarlierWork::rules($catalogue),
            'once' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.max' => 'Keep it under 2000 letters.',
            'events.*' => 'Choose from the list.',
            'marks.*' => 'Choose from the list.',
            ...EarlierWork::messages(),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->reports() === []) {
                $validator->errors()->add('text', 'Write what they say, or tick what happened or what you see.');
            }
        }];
    }

    /** @return list<array<string, mixed>> entries, as in a case file */
    public function reports(): array
    {
        $told = array_filter([
            'text' => $this->string('text')->trim()->toString(),
            'events' => array_values((array) $this->input('events', [])),
            'marks' => array_values((array) $this->input('marks', [])),
        ]);

        return [...($told === [] ? [] : [['kind' => 'report', ...$told]]), ...EarlierWork::reports($this->array('earlier'))];
    }
}
