<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Codes\Codebook;
use Orthoscope\Core\Codes\UnreadableCode;
use Orthoscope\Core\Imports\CodebookCsv;

/** Codes for the book: a CSV file, or one typed in. */
final class CodebookRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'file' => ['required_without:from', 'nullable', 'file', 'max:1024'],
            'kind' => ['nullable', 'string', 'max:10'],
            'for' => ['nullable', 'string', 'max:80'],
            'from' => ['nullable', 'string', 'max:40'],
            'to' => ['nullable', 'string', 'max:40'],
            'value' => ['nullable', 'string', 'max:20'],
            'words' => ['nullable', 'string', 'max:200'],
            'source' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required_without' => 'Choose a CSV file, or type a code.',
            'file.max' => 'That file is larger than 1 MB; a codebook is smaller.',
            'file.file' => 'The file did not arrive whole; choose it again.',
            'file.uploaded' => 'The file did not arrive; files up to 1 MB are taken.',
        ];
    }

    public function book(): Codebook
    {
        $file = $this->file('file');
        try {
            return CodebookCsv::read(
                $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname()) : $this->asCsv(),
                app(Catalogue::class),
            );
        } catch (UnreadableCode $mistake) {
            throw ValidationException::withMessages([
                $file instanceof UploadedFile ? 'file' : 'from' => $file instanceof UploadedFile
                        ? $mistake->getMessage()
                        : ucfirst((string) preg_replace('/^Line \d+: /', '', $mistake->getMessage())),
            ]);
        }
    }

    private function asCsv(): string
    {
        $columns = ['kind', 'for', 'from', 'to', 'value', 'words', 'source'];
        $fields = array_map(fn (string $column): string => '"'.str_replace('"', '""', $this->string($column)->toString()).'"', $columns);

        return implode(',', $columns)."\n".implode(',', $fields)."\n";
    }
}
