<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Photo;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A photograph, and where on the machine it was taken. */
final class PhotoRequest extends FormRequest
{
    /** Kilobytes of a file, and pixels of a side, at most: more cannot be taken into memory safely. */
    private const KILOBYTES = 10240;

    private const PIXELS = 9000;

    /** Pixels in all: a picture of 24 million takes some 100 MB while it is made anew. Origin: measured, and judgement. */
    private const PIXELS_IN_ALL = 40_000_000;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'photo' => ['required', 'file', 'max:'.self::KILOBYTES],
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
            'photo.required' => 'Choose a photograph.',
            'photo.file' => 'The photograph did not arrive whole; choose it again.',
            'photo.uploaded' => 'The photograph did not arrive; files up to 10 MB are taken.',
            'photo.max' => 'That file is larger than 10 MB; take the photograph smaller.',
            'place.required' => 'Say where on the machine it is.',
            'place.in' => 'Choose one of the places shown.',
            'words.max' => 'Keep it under 200 letters.',
            'label_of.*' => 'Say of which part the label is.',
            'label.required_with' => 'Type the model the label names, or choose no part.',
            'label.*' => 'Keep the model under 60 letters, as the label says it.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isEmpty()) {
                    // What the file is by its own first bytes, whatever it is called.
                    $size = @getimagesize($this->photo()->getPathname());
                    if ($size === false || ! in_array($size[2], self::KINDS, true)) {
                        $validator->errors()->add('photo', 'This is no JPEG, PNG or WebP picture; choose a photograph.');
                    } elseif (max($size[0], $size[1]) > self::PIXELS) {
                        $validator
                            ->errors()
                            ->add('photo', 'That picture has more than '.self::PIXELS.' pixels on a side; take it smaller.');
                    } elseif ($size[0] * $size[1] > self::PIXELS_IN_ALL) {
                        $validator->errors()->add('photo', 'That picture has more than 40 million pixels; take it smaller.');
                    } elseif (! self::isWhole($this->photo()->getPathname(), $size[2])) {
                        $validator->errors()->add('photo', 'Only a part of this picture arrived; choose it again.');
                    }
                }
            },
        ];
    }

    /** Whether a file ends as its format ends: half a picture is read too, and shows half. */
    private static function isWhole(string $path, int $kind): bool
    {
        $bytes = (string) file_get_contents($path);

        return match ($kind) {
            IMAGETYPE_JPEG => str_contains(substr($bytes, -4096), "\xFF\xD9"),
            IMAGETYPE_PNG => str_contains(substr($bytes, -64), 'IEND'),
            // The length that stands at its beginning, with the eight bytes it stands in.
            default => strlen($bytes) >= 8 && strlen($bytes) >= 8 + (int) (unpack('V', substr($bytes, 4, 4))[1] ?? 0),
        };
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
