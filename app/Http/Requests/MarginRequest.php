<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\MarginNote;
use App\UseCases\Shop\ShopBook;
use App\UseCases\Shop\WriteInTheMargin;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Own\UnusableValue;

/** A note for the margin of a page, and perhaps a number of it that should stand otherwise. */
final class MarginRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'words' => ['required', 'string', 'max:'.MarginNote::WORDS],
            'model' => ['nullable', 'string', 'max:80'],
            'path' => ['nullable', 'string', 'max:160'],
            'value' => ['nullable', 'string', 'max:30'],
            'photo' => SafePicture::rules('nullable'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'words.required' => 'Write what should stand in the margin.',
            'words.max' => 'So much does not fit in a margin: '.MarginNote::WORDS.' characters at most.',
            'model.*' => 'A model has 80 characters at most.',
            ...SafePicture::messages('photo'),
        ];
    }

    public function photo(): UploadedFile
    {
        $photo = $this->file('photo');
        assert($photo instanceof UploadedFile);

        return $photo;
    }

    /** @return array{page: string, model: string, words: string, path: ?string, value: int|float|bool|string|null} */
    public function note(): array
    {
        $page = "{$this->route('kind')}/{$this->route('id')}";
        abort_unless(app(ShopBook::class)->book()->has($page), 404);
        $note = ['page' => $page, 'model' => trim((string) $this->input('model')), 'words' => trim((string) $this->input('words'))];
        $path = (string) $this->input('path');
        if ($path === '') {
            return $note + ['path' => null, 'value' => null];
        }
        $settable = app(WriteInTheMargin::class)->settables($page)[$path]
            ?? throw ValidationException::withMessages(['path' => 'This page has no such number; choose one of it.']);
        try {
            return $note + ['path' => $path, 'value' => $settable->read((string) $this->input('value'), shop()->money())];
        } catch (UnusableValue $unusable) {
            throw ValidationException::withMessages(['value' => $unusable->getMessage()]);
        }
    }
}
