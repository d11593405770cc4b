<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Claim;
use App\Models\FloorFilter;
use App\Models\Message;
use App\Models\Notice;
use App\Models\Shift;
use App\Models\User;
use App\UseCases\Shop\DueSoon;
use App\UseCases\Shop\OnTheFloor;
use App\UseCases\Shop\Overdue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;

/** The machines in the shop, by what they wait for: those that somebody wants to see, which is kept for them. */
final class FloorController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $wanted = FloorFilter::tryFrom((string) $request->query('show', ''));
        if ($wanted !== null && $wanted !== $user->floor) {
            $user->update(['floor' => $wanted]);
        }
        $filter = $user->floor ?? FloorFilter::All;
        $floor = OnTheFloor::now();

        return view('floor', [
            'floor' => $floor,
            'filter' => $filter,
            'groups' => $floor->groups($filter, $user),
            'counts' => collect(FloorFilter::cases())->mapWithKeys(
                fn (FloorFilter $one): array => [$one->value => $floor->those($one, $user)->count()],
            ),
            'notices' => Notice::query()->with('job')->where('user_id', $user->id)->whereNull('seen_at')->limit(20)->get(),
            'runsOut' => Gate::allows('work-at-bench') ? DueSoon::now() : null,
            'overdue' => Overdue::now(),
            'byHand' => Message::query()->whereIn('state', ['by-hand', 'given-up', 'bounced'])->count(),
            'in' => Shift::query()->with('user')->where('from_at', '<=', now())->where('to_at', '>', now())->orderBy('from_at')->get(),
            'benches' => Claim::query()
                ->with(['job.machine', 'user'])
                ->get()
                ->keyBy('bench'),
        ]);
    }
}
