<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Http\UploadedFile;

/** A picture by its own first bytes, whatever it is called; whole, and not larger than can be taken into memory. */
final class SafePicture implements ValidationRule
{
    /** Kilobytes of a file, and pixels of a side, at most: more cannot be taken into memory safely. */
    private const KILOBYTES = 10240;

    private const PIXELS = 9000;

    /** Pixels in all: a picture of 24 million takes some 100 MB while it is made anew. Origin: measured, and judgement. */
    private const PIXELS_IN_ALL = 40_000_000;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** @return list<mixed> */
    public static function rules(string $first): array
    {
        return ['bail', $first, 'file', 'max:'.self::KILOBYTES, new self];
    }

    /** @return array<string, string> */
    public static function messages(string $field): array
    {
        return [
            "{$field}.required" => 'Choose a photograph.',
            "{$field}.file" => 'The photograph did not arrive whole; choose it again.',
            "{$field}.uploaded" => 'The photograph did not arrive; files up to 10 MB are taken.',
            "{$field}.max" => 'That file is larger than 10 MB; take the photograph smaller.',
        ];
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! $value instanceof UploadedFile) {
            return;
        }
        $size = @getimagesize($value->getPathname());
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            $fail('This is no JPEG, PNG or WebP picture; choose a photograph.');
        } elseif (max($size[0], $size[1]) > self::PIXELS) {
            $fail('That picture has more than '.self::PIXELS.' pixels on a side; take it smaller.');
        } elseif ($size[0] * $size[1] > self::PIXELS_IN_ALL) {
            $fail('That picture has more than 40 million pixels; take it smaller.');
        } elseif (! self::isWhole($value->getPathname(), $size[2])) {
            $fail('Only a part of this picture arrived; choose it again.');
        }
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
}
