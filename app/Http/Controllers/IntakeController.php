<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TakeInRequest;
use App\Models\Bulletin;
use App\Models\Call;
use App\Models\User;
use App\UseCases\Jobs\TakeInMachine;
use App\UseCases\Shop\PromiseNextWord;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** Taking a machine in at the counter. */
final class IntakeController
{
    public function create(Catalogue $catalogue): View
    {
        return view('intake', [
            'catalogue' => $catalogue,
            'nextWord' => PromiseNextWord::for(),
            'waiting' => Call::query()->where('state', '!=', Call::ENDED)->count(),
            'bulletins' => Bulletin::query()->inForce()->orderByDesc('id')->limit(8)->get(),
        ]);
    }

    public function store(TakeInRequest $request, TakeInMachine $takeInMachine, #[CurrentUser] User $user): RedirectResponse
    {
        $job = $takeInMachine->takeIn(
            $user,
            $request->owner(),
            $request->madeOf(),
            $request->reports(),
            null,
            $request->agreed(),
            $request->known(),
        );

        return redirect()
            ->route('jobs.tag', $job)
            ->with('status', "{$job->tag} is taken in. Put the tag on the machine.");
    }
}
