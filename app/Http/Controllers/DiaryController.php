<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DiaryCalendar;
use App\Models\Claim;
use App\Models\Shift;
use App\Models\SupplierClaim;
use App\Models\User;
use App\UseCases\Shop\Overdue;
use App\UseCases\Shop\PlanDay;
use App\UseCases\Shop\WhoIsIn;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\URL;
use Illuminate\View\View;

/** The day: who hears what by when, which bench does what first and why, and when jobs may be finished. */
final class DiaryController
{
    public function show(PlanDay $plan, #[CurrentUser] User $user): View
    {
        $jobs = $plan->jobs();

        return view('diary', [
            'jobs' => $jobs->keyBy('tag'),
            'plan' => $plan->today($jobs),
            'forecasts' => $plan->forecasts($jobs),
            'overdue' => Overdue::now(),
            'claims' => Claim::query()
                ->with(['job', 'user'])
                ->get(),
            'feed' => URL::signedRoute('diary.feed', ['of' => $user->id, 'by' => self::endsWith($user)]),
            'shifts' => WhoIsIn::soon()->groupBy(fn (Shift $shift): string => $shift->from_at->format('l j F')),
            'people' => $user->can('lead') ? User::query()->here()->orderBy('name')->get() : collect([$user]),
        ]);
    }

    /** It ends with the password of who asked for it, and with their time here. */
    public function feed(Request $request, PlanDay $plan): Response
    {
        $of = User::query()->here()->find($request->integer('of'));
        abort_if($of === null || ! hash_equals(self::endsWith($of), $request->string('by')->toString()), 404);

        return response(DiaryCalendar::of($plan->jobs(300), SupplierClaim::query()->running()->with('job')->limit(100)->get()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'no-store, private',
        ]);
    }

    private static function endsWith(User $user): string
    {
        return substr(hash('sha256', "feed {$user->id} {$user->password}"), 0, 16);
    }
}
