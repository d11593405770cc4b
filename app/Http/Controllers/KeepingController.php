<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\KeepingRun;
use App\Models\User;
use App\UseCases\Owners\LetGo;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** How long the shop keeps what it knows of people, kind by kind, and what was let go by night. */
final class KeepingController
{
    private const MOST_MONTHS = 240;

    public function show(): View
    {
        return view('keeping', [
            'waiting' => LetGo::waiting(),
            'runs' => KeepingRun::query()->orderByDesc('id')->limit(30)->get(),
        ]);
    }

    public function update(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $months = ['required', 'integer', 'min:0', 'max:'.self::MOST_MONTHS];
        $given = $request->validate(
            array_map(fn (): array => $months, LetGo::KINDS) + ['addressMonths' => $months],
            [
                'addressMonths.*' => 'Type whole months, 0 to '.self::MOST_MONTHS.'; 0 ends it when the machine is fetched.',
                '*' => 'Type whole months, 0 to '.self::MOST_MONTHS.'; 0 keeps it for good.',
            ],
        );
        DB::transaction(fn () => shop()->set(array_map(intval(...), $given), $user));
        $count = array_sum(LetGo::waiting());

        return redirect()->route('keeping')->with('status', $count === 0
            ? 'Kept. Nothing is let go by it tonight.'
            : "Kept. Tonight {$count} are let go by it; this cannot be taken back. Type other months if that is not meant.");
    }
}
