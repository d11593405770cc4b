<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A deed at a practice machine: a step's own (`written`), one from a form (`entry`), or a wait; and what is thought before it. */
final class PracticeDeedRequest extends FormRequest
{
    use SentEntries;

    public function authorize(): bool
    {
        return $this->user()?->can('work-at-bench') === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'written' => ['required_without_all:entry,stand', 'nullable', 'string', 'max:20000'],
            'entry' => ['required_without_all:written,stand', 'array'],
            'stand' => ['nullable', 'integer'],
            'guess' => ['nullable', 'array'],
            'guess.part' => ['nullable', 'array', 'max:3'],
            'guess.percent' => ['nullable', 'array', 'max:3'],
            'guess.*.*' => ['nullable', 'string', 'max:40'],
            'guess.expected' => ['nullable', 'string', 'max:40'],
            'guess.sure' => ['nullable', 'string', 'max:10'],
        ];
    }

    /** @return list<array<string, mixed>> */
    public function deeds(): array
    {
        if ($this->filled('stand')) {
            return [['kind' => 'wait', 'minutes' => $this->integer('stand')]];
        }
        if ($this->filled('written')) {
            return $this->readyEntries('deed');
        }

        return [$this->typedEntry()];
    }
}
