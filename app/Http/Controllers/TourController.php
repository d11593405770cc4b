<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** The tour of the bench page: once taken it is offered quietly. */
final class TourController
{
    public function taken(#[CurrentUser] User $user): Response
    {
        $user->update(['toured' => true]);

        return response()->noContent();
    }
}
