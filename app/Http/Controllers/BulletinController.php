<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Bulletin;
use App\Models\User;
use App\UseCases\Shop\ShopBelief;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Orthoscope\Core\Catalogue\Catalogue;

/** The lead confirms a pattern, or takes it back. */
final class BulletinController
{
    public function store(Request $request, Catalogue $catalogue, ShopBelief $belief, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'model' => ['required', 'string', 'max:120'],
                'words' => ['required', 'string', 'max:400'],
                'source' => ['nullable', Rule::in(array_keys(Bulletin::SOURCES))],
                'fault' => ['nullable', Rule::in(array_keys($catalogue->faults))],
                'part' => ['nullable', Rule::in(array_keys($catalogue->parts))],
                'do_not_buy' => ['nullable', 'boolean'],
                'factor' => ['required', 'numeric', 'min:0.1', 'max:10'],
                'expires_at' => ['required', 'date_format:Y-m-d', 'after:today', 'before:'.now()->addYears(2)->format('Y-m-d')],
            ],
            [
                'model.*' => 'Name the model of the machine, or of the part, as it is written down.',
                'words.*' => 'Write what the counter and the bench should know, in up to 400 letters.',
                'factor.*' => 'The factor lies between 0.1 and 10; 1 shifts nothing.',
                'expires_at.*' => 'Choose a last day, within two years.',
                'source.*' => 'Say where it is known from.',
                'fault.*' => 'Pick a fault of the list.',
                'part.*' => 'Pick a part of the list.',
            ],
        );
        Bulletin::query()->create([
            ...$given,
            'source' => $given['source'] ?? 'ours',
            'fault' => $given['fault'] ?? '',
            'part' => $given['part'] ?? '',
            'do_not_buy' => $request->boolean('do_not_buy'),
            'user_id' => $user->id,
        ]);
        $belief->forget();

        return redirect()->route('patterns')->with('status', 'It shows at the counter and on matching jobs now.');
    }

    public function withdraw(Bulletin $bulletin, ShopBelief $belief): RedirectResponse
    {
        $bulletin->update(['withdrawn_at' => now()]);
        $belief->forget();

        return redirect()->route('patterns')->with('status', 'It is withdrawn; jobs are weighed without it.');
    }
}
