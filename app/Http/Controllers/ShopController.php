<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShopSettingsRequest;
use App\Models\Backup;
use App\Models\Shop;
use App\Models\ShopSetting;
use App\Models\User;
use App\UseCases\Shop\KeepLogo;
use App\UseCases\Shop\Reserve;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Intervention\Image\Exceptions\RuntimeException as Unreadable;

/** What the shop says of itself and works by, what is still missing, and who changed what. */
final class ShopController
{
    private const LATELY = 20;

    public function show(): View
    {
        return view('shop', [
            'shipped' => Shop::shipped(),
            'trouble' => Reserve::trouble() ?? Backup::trouble(),
            'changes' => ShopSetting::query()->with('user')->orderByDesc('id')->limit(self::LATELY)->get(),
        ]);
    }

    public function update(ShopSettingsRequest $request, KeepLogo $keepLogo, #[CurrentUser] User $user): RedirectResponse
    {
        try {
            $logo = match (true) {
                $request->logo() !== null => ['logo' => $keepLogo->keep($request->logo())],
                $request->boolean('no_logo') => ['logo' => ''],
                default => [],
            };
        } catch (Unreadable) {
            throw ValidationException::withMessages(['logo' => 'This picture is damaged and cannot be read; choose another.']);
        }
        DB::transaction(fn (): Shop => shop()->set([...$request->values(), ...$logo], $user));

        return redirect()->route('shop')->with('status', 'Kept. It holds from now on; what was quoted before stays as it was.');
    }

    /** Its picture on letters, for whoever reads one. */
    public function logo(): Response
    {
        $bytes = shop()->logo === '' ? null : Storage::get('shop/'.shop()->logo);

        return $bytes === null
            ? abort(404)
            : response($bytes, 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'public, max-age=3600']);
    }
}
