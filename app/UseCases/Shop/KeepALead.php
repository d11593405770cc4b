<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Whoever leads the shop last stays its lead: without one nobody could set it up. */
final class KeepALead
{
    /**
     * Changes somebody's role or stay. Two leads who let each other go at one time do it one after the other, and the second is refused.
     *
     * @param  array<string, mixed>  $change
     */
    public static function whileChanging(User $person, array $change): void
    {
        DB::transaction(function () use ($person, $change): void {
            $person->update($change);
            if (User::query()->where('role', Role::Lead)->here()->doesntExist()) {
                throw ValidationException::withMessages([
                    "person-{$person->id}" => 'Give somebody else the role of lead first; without one nobody could set the shop up.',
                ]);
            }
        });
    }
}
