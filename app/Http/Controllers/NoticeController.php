<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Notice;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A notice that its reader has read. */
final class NoticeController
{
    public function __invoke(Request $request, Notice $notice): RedirectResponse
    {
        abort_unless($notice->getAttribute('user_id') === $request->user()?->getAuthIdentifier(), 404);
        $notice->update(['seen_at' => now()]);

        return back();
    }
}
