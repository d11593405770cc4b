<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TypedGuess;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Practice\Wagers;
use App\View\ChainDrawing;
use App\View\Thumb;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Words\EntryWords;

/** A technician's own guess on a real job before the adviser speaks, and how well guesses held. */
final class WagerController
{
    public function create(
        Job $job,
        AssessJob $assessJob,
        Wagers $wagers,
        Catalogue $catalogue,
        #[CurrentUser] User $user,
    ): View|RedirectResponse {
        $assessment = $assessJob->assess($job);
        if (! $wagers->isOpen($job, $user, $assessment)) {
            return redirect()->route('jobs.show', $job);
        }

        return view('practice.guess', [
            'job' => $job,
            'assessment' => $assessment,
            'chain' => ChainDrawing::of($assessment, $catalogue, judged: false),
            'words' => new EntryWords($assessment->machine, $catalogue),
            'thumb' => fn (Entry $entry): ?Thumb => Thumb::ofEntry($entry, $catalogue),
        ]);
    }

    public function store(
        Request $request,
        Job $job,
        AssessJob $assessJob,
        Wagers $wagers,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $assessment = $assessJob->assess($job);
        if (! $wagers->isOpen($job, $user, $assessment)) {
            return redirect()->route('jobs.show', $job);
        }
        if ($request->boolean('none')) {
            $wagers->pass($job, $user);

            return redirect()->route('jobs.show', $job);
        }
        $guess = TypedGuess::in($request, Wagers::parts($assessment));
        if ($guess === null) {
            throw ValidationException::withMessages(['guess' => 'Name a part and how sure you are, or make no guess this time.']);
        }
        $wagers->note($job, $user, $guess);

        return redirect()->route('jobs.show', $job)->with('status', 'Your guess is noted. Nobody else sees it.');
    }

    /** To themselves: how well their guesses held. */
    public function mine(Wagers $wagers, Catalogue $catalogue, #[CurrentUser] User $user): View
    {
        $settled = $wagers->settledOf($user);

        return view('practice.guesses', [
            'settled' => $settled,
            'person' => Wagers::mean($settled, ofAdviser: false),
            'adviser' => Wagers::mean($settled, ofAdviser: true),
            'better' => $user->can('lead') ? $wagers->whereThePeopleKnowBetter() : [],
            'catalogue' => $catalogue,
        ]);
    }

    /** Whether a job asks for the guess before it shows the advice. */
    public function ask(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->update(['guesses_first' => $request->boolean('guesses_first')]);

        return redirect()->route('guesses')->with(
            'status',
            $user->guesses_first ? 'Jobs ask for your guess first.' : 'Jobs show the advice at once.',
        );
    }
}
