<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\UseCases\Advice\DecideJob;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Plain\Money;

/** Going ahead without a quote. Above what was agreed it is locked; what was said on the telephone is written down with the words. */
final class GoAheadRequest extends FormRequest
{
    use SentOnce;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'how' => ['required', Rule::in(['ahead', 'told'])],
            'amount' => ['required', 'string', new MoneyTyped],
            'words' => ['nullable', 'string', 'max:300', 'required_if:how,told'],
            'once' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'amount.required' => 'Type what it will cost, tax and all.',
            'words.required_if' => 'Write what the owner said, and when.',
            'words.max' => 'Keep it under 300 letters.',
            'how.*' => 'Say whether it is within the limit, or was agreed on the telephone.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(DecideJob $decide): array
    {
        return [
            function (Validator $validator) use ($decide): void {
                /** @var Job $job */
                $job = $this->route('job');
                if ($validator->errors()->isEmpty() && $this->input('how') === 'ahead') {
                    $against = $decide->leave($job)->against($this->amount()->minor, shop()->money());
                    $against === null || $validator->errors()->add('amount', $against);
                }
            },
        ];
    }

    /** @return array<string, mixed> */
    public function agreement(): array
    {
        return array_filter(
            [
                'kind' => 'agreement',
                'answer' => $this->input('how'),
                'amount' => $this->amount()->minor,
                'text' => $this->string('words')->trim()->toString(),
            ],
            fn (mixed $value): bool => $value !== '',
        );
    }

    public function inWords(): string
    {
        return $this->input('how') === 'ahead' ? 'within the limit.' : 'as agreed on the telephone.';
    }

    private function amount(): Money
    {
        return shop()->money()->parse($this->string('amount')->toString());
    }
}
