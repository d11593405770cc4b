<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Who is on the telephone, as far as it was said: a name, a number, or nothing yet. */
final class BeginCallRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['nullable', 'string', 'max:120'], 'phone' => ['nullable', 'string', 'max:40', 'regex:'.TakeInRequest::PHONE]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.max' => 'Keep the name under 120 letters.',
            'phone.regex' => 'A telephone number has digits, spaces and + ( ) / . - only, and at least five of them.',
            'phone.max' => 'That number is too long; give one number only.',
        ];
    }

    /** @return array{name: string, phone: string} */
    public function caller(): array
    {
        return ['name' => $this->string('name')->trim()->toString(), 'phone' => $this->string('phone')->trim()->toString()];
    }
}
