<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NumbersRequest;
use App\Models\OwnValue;
use App\Models\User;
use App\UseCases\Advice\PreviewNumbers;
use App\UseCases\Shop\SetOwnValues;
use App\UseCases\Shop\ShopCatalogue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Own\Settable;
use Orthoscope\Core\Catalogue\Own\Settables;

/** The shop's own numbers over those that ship: seen beside each other, tried on open jobs, kept. */
final class NumbersController
{
    public function show(ShopCatalogue $shopCatalogue, string $group = 'work'): View
    {
        return $this->page($shopCatalogue, $group);
    }

    public function update(
        NumbersRequest $request,
        ShopCatalogue $shopCatalogue,
        PreviewNumbers $preview,
        string $group,
        #[CurrentUser] User $user,
    ): View|RedirectResponse {
        if ($request->input('deed') === 'look') {
            return $this->page($shopCatalogue, $group, [
                'typed' => $request->array('values'),
                'preview' => $preview->of($request->values()),
            ]);
        }
        $changed = SetOwnValues::set($request->values(), $user);

        return redirect()
            ->route('numbers', $group)
            ->with(
                'status',
                match ($changed) {
                    0 => 'Nothing was changed.',
                    1 => 'One value changed. It holds from now on; what was quoted before stays as it was.',
                    default => "{$changed} values changed. They hold from now on; what was quoted before stays as it was.",
                },
            );
    }

    /** @param  array<string, mixed>  $more */
    private function page(ShopCatalogue $shopCatalogue, string $group, array $more = []): View
    {
        abort_unless(isset(Settables::GROUPS[$group]), 404);
        $all = Settables::of($shopCatalogue->shipped());

        return view(
            'numbers',
            $more + [
                'group' => $group,
                'settables' => array_filter($all, fn (Settable $one): bool => $one->group === $group),
                'own' => OwnValue::inForce(),
                'typed' => null,
                'preview' => null,
                'names' => array_map(fn (Settable $one): string => $one->name, $all),
                'changes' => OwnValue::query()
                    ->with('user')
                    ->whereIn('path', array_keys(array_filter($all, fn (Settable $one): bool => $one->group === $group)))
                    ->orderByDesc('id')
                    ->limit(20)
                    ->get(),
            ],
        );
    }
}
