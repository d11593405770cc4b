<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Photo;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A photograph, and where on the machine it was taken. */
final class PhotoRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'photo' => SafePicture::rules('required'),
            'place' => ['required', Rule::in(array_keys(Photo::PLACES))],
            'x' => ['nullable', 'integer', 'min:0', 'max:1000'],
            'y' => ['nullable', 'integer', 'min:0', 'max:1000'],
            'words' => ['nullable', 'string', 'max:200'],
            'label_of' => ['nullable', 'required_with:label', Rule::in(MachineFacts::MODELS)],
            'label' => ['nullable', 'required_with:label_of', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...SafePicture::messages('photo'),
            'place.required' => 'Say where on the machine it is.',
            'place.in' => 'Choose one of the places shown.',
            'words.max' => 'Keep it under 200 letters.',
            'label_of.*' => 'Say of which part the label is.',
            'label.required_with' => 'Type the model the label names, or choose no part.',
            'label.*' => 'Keep the model under 60 letters, as the label says it.',
        ];
    }

    /** @return array<string, string> kind of part => model that its photographed label names; at most one */
    public function labelled(): array
    {
        $label = $this->string('label')->trim()->toString();

        return $label === '' ? [] : [$this->string('label_of')->toString() => $label];
    }

    public function photo(): UploadedFile
    {
        /** @var UploadedFile $file */
        $file = $this->file('photo');

        return $file;
    }

    /** @return array{place: string, x: int, y: int, words: string} */
    public function where(): array
    {
        return [
            'place' => $this->string('place')->toString(),
            'x' => $this->integer('x', 500),
            'y' => $this->integer('y', 500),
            'words' => $this->string('words')->trim()->toString(),
        ];
    }
}
