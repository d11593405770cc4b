<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShopSettingsRequest;
use App\Models\Shop;
use App\Models\ShopSetting;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** What the shop says of itself and works by, what is still missing, and who changed what. */
final class ShopController
{
    private const LATELY = 20;

    public function show(): View
    {
        return view('shop', [
            'shipped' => Shop::shipped(),
            'changes' => ShopSetting::query()->with('user')->orderByDesc('id')->limit(self::LATELY)->get(),
        ]);
    }

    public function update(ShopSettingsRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        DB::transaction(fn (): Shop => shop()->set($request->values(), $user));

        return redirect()->route('shop')->with('status', 'Kept. It holds from now on; what was quoted before stays as it was.');
    }
}
