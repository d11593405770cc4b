<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;

/** What makes an address for an owner unguessable. It is kept encrypted, to be shown again, and looked up by its hash alone. */
final readonly class AddressToken
{
    private const LENGTH = 40;

    private function __construct(public string $token)
    {
    }

    public static function random(): self
    {
        return new self(Str::random(self::LENGTH));
    }

    /** One that came in an address. */
    public static function of(string $token): self
    {
        return new self($token);
    }

    public function hash(): string
    {
        return hash('sha256', $this->token);
    }
}
