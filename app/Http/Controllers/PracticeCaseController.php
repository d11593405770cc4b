<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PracticeCaseRequest;
use App\Models\Job;
use App\Models\PracticeCase;
use App\Models\User;
use App\UseCases\Practice\MakeCase;
use App\View\FaultChoices;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Practice\PuzzleMistake;

/** Practice machines of the shop's own: made of a closed job in one press, by hand, or from a file; and out again as a file. */
final class PracticeCaseController
{
    public function index(Catalogue $catalogue): View
    {
        return view('practice.cases', [
            'cases' => PracticeCase::query()->orderBy('name')->get(),
            'faults' => FaultChoices::all($catalogue),
            'catalogue' => $catalogue,
        ]);
    }

    public function ofJob(Job $job, MakeCase $make, #[CurrentUser] User $user): RedirectResponse
    {
        try {
            $case = $make->ofJob($job, $user);
        } catch (PuzzleMistake $mistake) {
            return back()->withErrors(['refused' => $mistake->sentence]);
        }

        return redirect()->route('practice.cases')->with('status', "{$case->name} is ready to be practised on. No name is in it.");
    }

    public function store(PracticeCaseRequest $request, MakeCase $make, #[CurrentUser] User $user): RedirectResponse
    {
        try {
            $case = $make->keep($request->puzzle(), $user);
        } catch (PuzzleMistake $mistake) {
            return redirect()
                ->route('practice.cases')
                ->withInput()
                ->withErrors([$request->field() => ltrim("{$mistake->path}: {$mistake->sentence}", ': ')]);
        }

        return redirect()->route('practice.cases')->with('status', "{$case->name} is ready to be practised on.");
    }

    public function json(PracticeCase $case): Response
    {
        return response(json_encode($case->puzzle, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($case->name) ?: 'case').'.json"',
        ]);
    }

    public function destroy(PracticeCase $case): RedirectResponse
    {
        $case->delete();

        return redirect()->route('practice.cases')->with('status', "{$case->name} is gone. What was practised on it stays.");
    }
}
