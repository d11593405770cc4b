<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\UseCases\Shop\ShopCatalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Orthoscope\Core\Catalogue\Own\Settable;
use Orthoscope\Core\Catalogue\Own\Settables;
use Orthoscope\Core\Catalogue\Own\UnusableValue;

/** Values of one page of numbers, as typed; what is empty goes back to what ships. */
final class NumbersRequest extends FormRequest
{
    /** @var array<string, int|float|bool|null> */
    private array $values = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'values' => ['required', 'array'],
            'values.*' => ['nullable', 'string', 'max:20'],
            'deed' => ['nullable', Rule::in(['look', 'save'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['values.required' => 'Nothing arrived; load the page again.', 'values.*' => 'Keep a number under 20 letters.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(ShopCatalogue $shopCatalogue): array
    {
        return [
            function (Validator $validator) use ($shopCatalogue): void {
                $known = Settables::of($shopCatalogue->shipped());
                foreach ($validator->errors()->isEmpty() ? $this->array('values') : [] as $path => $typed) {
                    $settable = $known[$path] ?? null;
                    if ($settable === null || $settable->group !== $this->route('group')) {
                        $validator->errors()->add("values.{$path}", UnusableValue::unknown((string) $path)->getMessage());

                        continue;
                    }
                    $this->read($settable, is_string($typed) ? $typed : '', $validator);
                }
            },
        ];
    }

    /** @return array<string, int|float|bool|null> path => value of its own; null = as it ships */
    public function values(): array
    {
        return $this->values;
    }

    private function read(Settable $settable, string $typed, Validator $validator): void
    {
        try {
            $this->values[$settable->path] = $settable->read($typed, shop()->money());
        } catch (UnusableValue $mistake) {
            $validator->errors()->add("values.{$settable->path}", $mistake->getMessage());
        }
    }
}
