<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Question;

/** One answer of someone on the telephone. */
final class AnswerRequest extends FormRequest
{
    use SentOnce;

    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        $question = is_string($this->input('question')) ? $catalogue->questions[$this->input('question')] ?? null : null;
        $answers = $question === null ? [] : [...array_map(strval(...), array_keys($question->answers)), ...Question::tellNothing()];

        return [
            'question' => ['required', Rule::in(array_keys($catalogue->questions))],
            'answer' => ['required', Rule::in($answers)],
            'remark' => ['nullable', 'string', 'max:2000'],
            'once' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'question.required' => 'Say which question was answered.',
            'question.in' => 'That question is not asked any more; reload the page.',
            'answer.required' => 'Choose an answer, "does not know" or "cannot do that".',
            'answer.in' => 'That is not an answer to this question; choose one of those shown.',
            'remark.max' => 'Keep the remark under 2000 letters.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            /** @var Job $job */
            $job = $this->route('job');
            if ($job->hasArrived() || $job->call === null || $job->call->isOver()) {
                $validator->errors()->add('answer', 'This call is over; write further words as a note on the job.');
            }
        }];
    }

    public function question(): string
    {
        return $this->string('question')->toString();
    }

    public function answer(): string
    {
        return $this->string('answer')->toString();
    }

    public function remark(): string
    {
        return $this->string('remark')->trim()->toString();
    }
}
