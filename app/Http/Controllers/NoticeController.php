<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Notice;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** A notice that its reader has read. */
final class NoticeController
{
    public function __invoke(Notice $notice, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless($notice->getAttribute('user_id') === $user->id, 404);
        $notice->update(['seen_at' => now()]);

        return back();
    }
}
