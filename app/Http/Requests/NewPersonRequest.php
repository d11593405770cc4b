<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Someone who is to work in the shop. */
final class NewPersonRequest extends FormRequest
{
    public const LOGIN = '/^[A-Za-z0-9][A-Za-z0-9._@-]*$/';

    public const WORDS = ['login.*' => 'A log-in name has letters, digits and . _ @ - only, and nobody else has it.'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'person' => ['required', 'string', 'max:80'],
            'login' => ['required', 'string', 'max:80', 'regex:'.self::LOGIN, Rule::unique('users', 'email')],
            'role' => ['required', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::WORDS + [
            'person.*' => 'Type their name, as colleagues and letters say it.',
            'role.*' => 'Say what they do: counter, technician or lead.',
        ];
    }
}
