<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Machine;
use Illuminate\Foundation\Http\FormRequest;

/** Who calls, and about what machine; all of it may still be open. */
final class CallerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return (new BeginCallRequest)->rules() + [
            'email' => ['nullable', 'email', 'max:160'],
            'model' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return (new BeginCallRequest)->messages() + [
            'email.email' => 'This is not a mail address; it looks like name@example.org.',
            'email.max' => 'That mail address is too long; give one only.',
            'model.max' => 'Keep the model under 120 letters.',
        ];
    }

    /** @return array{name: string, phone: string, email: string} */
    public function owner(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'phone' => $this->string('phone')->trim()->toString(),
            'email' => $this->string('email')->trim()->toString(),
        ];
    }

    public function model(): string
    {
        return $this->string('model')->trim()->toString() ?: Machine::NOT_TOLD;
    }
}
