<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CallOutcome;
use App\UseCases\Shop\PromiseNextWord;
use App\UseCases\Shop\WhoIsIn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;

/** How a call ends. */
final class EndCallRequest extends FormRequest
{
    /** Days ahead that can be booked. */
    private const DAYS = 90;

    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'outcome' => ['required', Rule::enum(CallOutcome::class)],
            'words' => [
                'nullable',
                'string',
                'max:500',
                Rule::requiredIf(in_array($this->input('outcome'), ['solved', 'referred', 'given-up'], true)),
            ],
            'part' => ['nullable', Rule::in(array_keys($catalogue->guides)), 'required_if:outcome,post'],
            'slot' => ['nullable', 'date_format:Y-m-d\TH:i', 'required_if:outcome,visit'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'outcome.required' => 'Choose how the call ends.',
            'words.required' => 'Write it in a few words, so that the next one understands it.',
            'words.max' => 'Keep it under 500 letters.',
            'part.required_if' => 'Choose the part that goes out.',
            'slot.required_if' => 'Choose the day and the time of the visit.',
            'slot.date_format' => 'Give the day and the time, such as 2026-12-01 at 10:30.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $slot = $validator->errors()->isEmpty() && $this->outcome() === CallOutcome::Visit ? $this->slot() : null;
                if ($slot === null) {
                    return;
                }
                if ($slot->isPast() || $slot->greaterThan(now()->addDays(self::DAYS))) {
                    $validator->errors()->add('slot', 'Choose a time from now on, within the next '.self::DAYS.' days.');
                } elseif (! WhoIsIn::hours()->areOpen($slot->toDateTimeImmutable())) {
                    $validator
                        ->errors()
                        ->add(
                            'slot',
                            sprintf(
                                'The shop is shut then; it opens from %d to %d, %s.',
                                shop()->openFrom,
                                shop()->openTo,
                                PromiseNextWord::days(),
                            ),
                        );
                }
            },
        ];
    }

    public function outcome(): CallOutcome
    {
        return CallOutcome::from($this->string('outcome')->toString());
    }

    public function slot(): ?Carbon
    {
        return $this->outcome() === CallOutcome::Visit ? Carbon::createFromFormat('Y-m-d\TH:i', $this->string('slot')->toString()) : null;
    }

    /** @return array<string, string> */
    public function details(): array
    {
        return array_filter([
            'words' => $this->string('words')->trim()->toString(),
            'part' => $this->outcome() === CallOutcome::Post ? $this->string('part')->toString() : '',
        ]);
    }
}
