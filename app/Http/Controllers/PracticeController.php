<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Practice;
use App\Models\PracticeCase;
use App\Models\User;
use App\UseCases\Practice\BeginPractice;
use App\UseCases\Practice\Progress;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\PuzzleDraw;

/** The way into the practice room: the machine of the day, what is due again, lessons, own cases; and how far each person is. */
final class PracticeController
{
    /** Machines looked back at that are listed. */
    private const LATELY = 10;

    public function index(Progress $progress, #[CurrentUser] User $user): View
    {
        $mine = fn (): Builder => Practice::query()->whereBelongsTo($user);

        return view('practice.index', [
            'families' => $progress->of($user),
            'open' => $mine()->whereNull('ended_at')->orderByDesc('id')->get(),
            'today' => $mine()->where('kind', Practice::DAY)->whereDate('day', today()->format('Y-m-d'))->first(),
            'lately' => $mine()->ended()->orderByDesc('ended_at')->limit(self::LATELY)->get(),
            'cases' => PracticeCase::query()->orderBy('name')->get(),
        ]);
    }

    public function begin(Request $request, BeginPractice $begin, #[CurrentUser] User $user): RedirectResponse
    {
        $families = Families::shipped();
        $asked = $request->validate([
            'kind' => ['required', Rule::in([Practice::ANY, Practice::DAY, Practice::LESSON, Practice::TEST, Practice::CASE])],
            'advice' => ['nullable', Rule::in(array_keys(Practice::ADVICE))],
            'family' => ['required_if:kind,lesson,test', 'nullable', Rule::in(array_keys($families->all))],
            'grade' => ['required_if:kind,lesson', 'nullable', Rule::in(array_keys(PuzzleDraw::GRADES))],
            'case' => ['required_if:kind,case', 'nullable', 'integer'],
        ], ['*' => 'Choose a machine from the list.']);
        $advice = $asked['advice'] ?? Practice::ASKED;
        $family = $families->all[$asked['family'] ?? ''] ?? null;
        $case = $asked['kind'] === Practice::CASE ? PracticeCase::query()->whereKey((int) $asked['case'])->first() : null;
        $practice = match (true) {
            $asked['kind'] === Practice::DAY => $begin->ofToday($user, $advice),
            $asked['kind'] === Practice::LESSON && $family !== null => $begin->lesson($user, $family, (int) $asked['grade'], $advice),
            $asked['kind'] === Practice::TEST && $family !== null => $begin->test($user, $family),
            $case !== null => $begin->ofCase($user, $case, $advice),
            $asked['kind'] === Practice::ANY => $begin->any($user, $advice),
            default => throw ValidationException::withMessages(['kind' => 'This machine is no longer here. Choose another.']),
        };

        return redirect()->route('practice.show', $practice);
    }

    /** How far everybody is: the lead alone sees it. */
    public function people(Progress $progress): View
    {
        $people = User::query()
            ->whereNull('ended_at')
            ->orderBy('name')
            ->get()
            ->filter(fn (User $user): bool => $user->can('work-at-bench'));

        return view('practice.people', [
            'people' => $people->map(fn (User $user): array => ['user' => $user, 'families' => $progress->of($user)])->values(),
            'lately' => Practice::query()->ended()->with('user')->orderByDesc('ended_at')->limit(3 * self::LATELY)->get(),
        ]);
    }
}
