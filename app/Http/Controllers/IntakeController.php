<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TakeInRequest;
use App\Models\Bulletin;
use App\Models\Call;
use App\Models\HalfTaken;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Jobs\TakeInMachine;
use App\UseCases\Shop\PromiseNextWord;
use App\View\BlankCounter;
use App\View\CounterAsks;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Listed;

/** Taking a machine in at the counter. */
final class IntakeController
{
    public function create(Request $request, Catalogue $catalogue, BlankCounter $blank): View
    {
        return view('intake', [
            'asks' => $request->old() === [] ? $blank->asks() : CounterAsks::after((array) $request->old(), $catalogue),
            'halves' => HalfTaken::query()->with('user')->orderBy('id')->get(),
            'catalogue' => $catalogue,
            'nextWord' => PromiseNextWord::for(),
            'waiting' => Call::query()->where('state', '!=', Call::ENDED)->count(),
            'bulletins' => Bulletin::query()->inForce()->orderByDesc('id')->limit(8)->get(),
        ]);
    }

    public function store(TakeInRequest $request, TakeInMachine $takeInMachine, #[CurrentUser] User $user): RedirectResponse
    {
        $machines = [[$request->madeOf(), $request->reports()]];
        foreach ($request->others() as $other) {
            $machines[] = [$other->madeOf, $other->reports];
        }
        $jobs = $takeInMachine->takeInAll($user, $request->owner(), $machines, $request->agreed(), $request->known());
        $tags = array_map(fn (Job $job): string => $job->tag, $jobs);
        HalfTaken::query()->whereKey($request->integer('half'))->delete();

        return count($tags) === 1
            ? redirect()->route('jobs.tag', $jobs[0])->with('status', "{$tags[0]} is taken in. Put the tag on the machine.")
            : redirect()
                ->route('jobs.tags', implode(',', $tags))
                ->with('status', Listed::of($tags).' are taken in. Put each tag on its machine.');
    }
}
