<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Paper;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A file or a note for one model; or that nothing was found. Files come from the shop's own disk only. */
final class PaperRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(array_keys(Paper::KINDS))],
            'title' => ['required', 'string', 'max:200'],
            'file' => [
                'nullable',
                Rule::requiredIf(fn (): bool => in_array($this->input('kind'), ['firmware', 'schematic', 'board-view'], true)),
                Rule::prohibitedIf(fn (): bool => $this->input('kind') === 'none'),
                'file',
                'max:32768',
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.required' => 'Say what it is.',
            'kind.in' => 'Choose one of the kinds shown.',
            'title.required' => 'Say what it is called, or where you looked.',
            'title.max' => 'Keep it under 200 letters.',
            'file.required' => 'Choose the file on our own disk; or choose "looked for, none found".',
            'file.prohibited' => 'Nothing was found, so there is no file; take it out or choose another kind.',
            'file.max' => 'That file is larger than 32 MB.',
            'file.file' => 'The file did not arrive whole; choose it again.',
            'file.uploaded' => 'The file did not arrive; files up to 32 MB are taken.',
        ];
    }

    public function kind(): string
    {
        return $this->string('kind')->toString();
    }

    public function title(): string
    {
        return $this->string('title')->trim()->toString();
    }

    public function paper(): ?UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : null;
    }
}
