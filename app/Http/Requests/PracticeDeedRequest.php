<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Requests\EntryForms\EntryForm;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;

/** A deed at a practice machine: a step's own (`written`), one from a form (`entry`), or a wait; and what is thought before it. */
final class PracticeDeedRequest extends FormRequest
{
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
            return $this->decoded();
        }
        $typed = (array) $this->input('entry', []);
        $kind = is_string($typed['kind'] ?? null) ? $typed['kind'] : '';
        unset($typed['kind']);

        return [EntryForm::of($kind, app(Catalogue::class))->written($kind, $typed)];
    }

    /** @return list<array<string, mixed>> */
    private function decoded(): array
    {
        $decoded = json_decode((string) $this->input('written'), true, 12);
        if (! is_array($decoded) || ! array_is_list($decoded) || $decoded === [] || array_filter($decoded, is_array(...)) !== $decoded) {
            throw ValidationException::withMessages(['deed' => 'This step could not be read. Reload the page and press it again.']);
        }

        return $decoded;
    }
}
