<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Validator;

/** "I rang them": what was said, and by when they hear again. */
final class RangRequest extends FormRequest
{
    use SentOnce;

    /** Days ahead a word may be promised. Origin: judgement. */
    private const DAYS = 60;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'said' => ['nullable', 'string', 'max:300'],
            'next' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'once' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['said.max' => 'Keep what was said under 300 letters.', 'next.date_format' => 'Give the day and hour of the next word.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $next = $validator->errors()->isEmpty() ? $this->next() : null;
            if ($next !== null && ($next->isPast() || $next->greaterThan(now()->addDays(self::DAYS)))) {
                $validator->errors()->add('next', 'The next word lies ahead, within '.self::DAYS.' days.');
            }
        }];
    }

    public function said(): string
    {
        return $this->string('said')->trim()->toString();
    }

    /** Null where no word is promised. */
    public function next(): ?Carbon
    {
        return $this->filled('next') ? Carbon::createFromFormat('Y-m-d\TH:i', $this->string('next')->toString()) : null;
    }
}
