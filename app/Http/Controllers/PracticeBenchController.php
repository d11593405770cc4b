<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PracticeDeedRequest;
use App\Http\Requests\TypedGuess;
use App\Models\Practice;
use App\Models\User;
use App\UseCases\Practice\WorkAtPractice;
use App\View\ChainDrawing;
use App\View\PracticePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Practice\CannotPlay;
use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\PuzzleMistake;
use Orthoscope\Core\Practice\Verdict;

/** A practice machine on the bench, and what is said of it afterwards. It is its learner's alone; the lead may read the end. */
final class PracticeBenchController
{
    public function show(Practice $practice, WorkAtPractice $work, Catalogue $catalogue, #[CurrentUser] User $user): View|RedirectResponse
    {
        abort_unless($practice->user_id === $user->id, 404);
        if ($practice->isOver()) {
            return redirect()->route('practice.debrief', $practice);
        }
        $attempt = $work->attempt($practice);

        return view('practice.bench', ['page' => new PracticePage($practice, $attempt, $work->assess($attempt), $catalogue)]);
    }

    public function deed(
        PracticeDeedRequest $request,
        Practice $practice,
        WorkAtPractice $work,
        Catalogue $catalogue,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        abort_unless($practice->user_id === $user->id, 404);
        $parts = $work->attempt($practice)->parts();
        try {
            $guess = TypedGuess::in($request, $parts, array_map(strval(...), array_keys($catalogue->reaches)));
            $work->do($practice, $request->deeds(), $guess);
        } catch (CaseMistake|CannotPlay $mistake) {
            return redirect()
                ->route('practice.show', $practice)
                ->withInput()
                ->withErrors(['deed' => $mistake instanceof CaseMistake ? $mistake->sentence : $mistake->getMessage()]);
        }

        return redirect()->route('practice.show', $practice)->with('answered', true);
    }

    public function ask(Practice $practice, WorkAtPractice $work, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless($practice->user_id === $user->id, 404);
        $work->ask($practice);

        return redirect()->route('practice.show', $practice);
    }

    public function answer(Request $request, Practice $practice, WorkAtPractice $work, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless($practice->user_id === $user->id, 404);
        $parts = $work->attempt($practice)->parts();
        try {
            $verdict = Verdict::said((array) $request->input('parts', []), $request->input('sure'), $parts);
        } catch (PuzzleMistake $mistake) {
            return redirect()->route('practice.show', $practice)->withInput()->withErrors(['verdict' => $mistake->sentence]);
        }
        $work->answer($practice, $verdict);

        return redirect()->route('practice.debrief', $practice);
    }

    /** What others make of it: asked for by the debrief once it is shown. */
    public function rivals(Practice $practice, WorkAtPractice $work, #[CurrentUser] User $user): View
    {
        abort_unless($practice->isOver() && ($practice->user_id === $user->id || $user->can('lead')), 404);

        return view('practice.rivals', [
            'practice' => $practice,
            'debrief' => $work->debrief($practice),
            'rivals' => $work->rivals($practice),
            'mine' => $practice->user_id === $user->id,
        ]);
    }

    public function debrief(
        Request $request,
        Practice $practice,
        WorkAtPractice $work,
        Catalogue $catalogue,
        #[CurrentUser] User $user,
    ): View|RedirectResponse {
        abort_unless($practice->user_id === $user->id || $user->can('lead'), 404);
        if (! $practice->isOver()) {
            abort_unless($practice->user_id === $user->id, 404);

            return redirect()->route('practice.show', $practice);
        }
        $attempt = $work->attempt($practice);
        $debrief = $work->debrief($practice);
        $deeds = array_column($debrief->steps, 'deeds');
        $at = in_array($request->integer('at'), $deeds, true) ? $request->integer('at') : count($attempt->done);

        return view('practice.debrief', [
            'practice' => $practice,
            'attempt' => $attempt,
            'debrief' => $debrief,
            'at' => $at,
            'chain' => ChainDrawing::of($work->assess($attempt, $at), $catalogue),
            'family' => Families::shipped()->all[$practice->family ?? ''] ?? null,
            'mine' => $practice->user_id === $user->id,
        ]);
    }
}
