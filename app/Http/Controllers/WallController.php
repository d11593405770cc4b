<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Claim;
use App\Models\FloorFilter;
use App\Models\User;
use App\UseCases\Shop\OnTheFloor;
use App\View\BenchWall;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;
use Orthoscope\Core\Bench\JobState;

/** Screens that hang where nobody types: the whole floor, and what stands on one bench. */
final class WallController
{
    public function floor(#[CurrentUser] User $user): View
    {
        $floor = OnTheFloor::now();

        return view('wall', [
            'floor' => $floor,
            'groups' => $floor->groups(FloorFilter::All, $user)->except(JobState::Closed->value),
        ]);
    }

    public function bench(int $bench, BenchWall $wall): View
    {
        abort_unless($bench >= 1 && $bench <= shop()->benches, 404);

        return view('wall-bench', ['bench' => $bench, ...$wall->of(Claim::query()->where('bench', $bench)->first()?->job)]);
    }
}
