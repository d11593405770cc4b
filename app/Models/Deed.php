<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/** Something that somebody of the shop did, for the lead to see. */
final readonly class Deed
{
    /** @param  ?string  $address where it can be seen */
    public function __construct(public Carbon $at, public string $words, public ?string $address = null)
    {
    }
}
