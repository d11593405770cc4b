<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Owner;
use App\Models\OwnerJoin;
use App\Models\User;
use App\UseCases\Owners\JoinOwners;
use App\UseCases\Shop\KnownOwners;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** Owners that may be one person are shown beside each other; joined by hand, and taken back. */
final class JoinOwnersController
{
    public function index(): View
    {
        return view('owners', [
            'pairs' => array_map(
                fn (array $pair): array => array_map(KnownOwners::line(...), $pair),
                JoinOwners::offered(),
            ),
            'joined' => OwnerJoin::query()->with(['kept', 'other', 'user'])->where('state', 'joined')->orderByDesc('id')->limit(50)->get(),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'kept' => ['required', Rule::exists('owners', 'id')],
                'other' => ['required', 'different:kept', Rule::exists('owners', 'id')],
                'deed' => ['required', Rule::in(['join', 'apart'])],
            ],
            ['*' => 'This pair is not here any more; load the page again.'],
        );
        $kept = Owner::query()->findOrFail((int) $given['kept']);
        $other = Owner::query()->findOrFail((int) $given['other']);
        if ($given['deed'] === 'apart') {
            JoinOwners::apart($kept, $other, $user);

            return redirect()->route('owners')->with('status', 'They are two, and are not offered again.');
        }
        JoinOwners::join($kept, $other, $user);

        return redirect()->route('owners')->with('status', "Joined: all machines stand under {$kept->name}. It can be taken back below.");
    }

    public function destroy(OwnerJoin $join): RedirectResponse
    {
        JoinOwners::takeBack($join->load(['kept', 'other']));

        return redirect()->route('owners')->with('status', "Taken back: {$join->other->name} stands alone again.");
    }
}
