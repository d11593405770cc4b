<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rules\Password;

/** The first page of an empty installation: the shop, and the person who leads it. */
final class SetUpRequest extends ShopSettingsRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'person' => ['required', 'string', 'max:80'],
            'login' => ['required', 'string', 'max:80', 'regex:'.NewPersonRequest::LOGIN],
            'password' => ['required', 'confirmed', Password::min(8)],
        ];
    }

    public function messages(): array
    {
        return parent::messages() + NewPersonRequest::WORDS + [
            'person.*' => 'Type your name, as colleagues and letters say it.',
            'password.confirmed' => 'The two passwords are not the same; type both again.',
            'password.*' => 'Choose a password of eight letters or more.',
        ];
    }
}
