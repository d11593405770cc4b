<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\PracticeCase;
use App\Models\User;
use App\UseCases\Practice\MakeCase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\PuzzleMistake;

/** Practice machines of the shop's own: made of a closed job in one press, by hand, or from a file; and out again as a file. */
final class PracticeCaseController
{
    /** What a machine made by hand may have. */
    public const HAS = [
        'card' => 'a graphics card',
        'own_graphics' => 'graphics of its own',
        'status_lamps' => 'status lamps',
        'speaker' => 'a speaker',
        'code_display' => 'a code display',
    ];

    public function index(Catalogue $catalogue): View
    {
        return view('practice.cases', [
            'cases' => PracticeCase::query()->with('user')->orderBy('name')->get(),
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

    public function store(Request $request, MakeCase $make, #[CurrentUser] User $user): RedirectResponse
    {
        try {
            $case = $make->keep($request->hasFile('file') ? self::fromFile($request) : self::byHand($request), $user);
        } catch (PuzzleMistake $mistake) {
            $sentence = $mistake->path === '' ? $mistake->sentence : "{$mistake->path}: {$mistake->sentence}";

            return redirect()
                ->route('practice.cases')
                ->withInput()
                ->withErrors([$request->hasFile('file') ? 'file' : 'faults' => $sentence]);
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

    private static function fromFile(Request $request): Puzzle
    {
        $request->validate(['file' => ['file', 'max:64']], ['file.*' => 'A practice machine is a small JSON file, 64 kB at most.']);
        $decoded = json_decode((string) $request->file('file')?->getContent(), true, 12);

        return Puzzle::fromArray(
            is_array($decoded) ? $decoded : throw PuzzleMistake::at('', 'This is no JSON file; export one to see what it looks like.'),
        );
    }

    private static function byHand(Request $request): Puzzle
    {
        $made = $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'faults' => ['required', 'array', 'max:2'],
            'faults.*' => ['nullable', 'string', 'max:60'],
            'slots' => ['required', Rule::in(['2', '4'])],
            'sticks' => ['required', Rule::in(['1', '2'])],
            'has' => ['array'],
            'has.*' => [Rule::in(array_keys(self::HAS))],
            'event' => ['required', 'string', 'max:40'],
            'told' => ['nullable', 'string', 'max:40'],
            'wet' => ['nullable', 'boolean'],
            'bad_spare' => ['nullable', 'boolean'],
        ], [
            'name.required' => 'Give it a name that tells nothing.',
            '*' => 'Choose from the lists; a name has up to 60 letters.',
        ]);
        $faults = [];
        foreach (array_filter((array) $made['faults']) as $fault) {
            [$part, $id] = [...explode(' ', $fault, 2), ''];
            $faults[] = ['fault' => $id, 'part' => $part];
        }
        $has = array_fill_keys($made['has'] ?? [], true);
        $slots = $made['slots'] === '4' ? ['A1', 'A2', 'B1', 'B2'] : ['A2', 'B2'];

        return Puzzle::fromArray(array_filter([
            'format' => Puzzle::FORMAT,
            'name' => $made['name'],
            'machine' => [
                'memory' => ['slots' => $slots, 'sticks' => $made['sticks'] === '2' ? ['A2', 'B2'] : ['A2']],
                'card' => isset($has['card']),
                'facts' => [
                    'own_graphics' => isset($has['own_graphics']) || ! isset($has['card']),
                    'status_lamps' => isset($has['status_lamps']),
                    'speaker' => isset($has['speaker']),
                    'code_display' => isset($has['code_display']),
                ],
            ],
            'faults' => $faults,
            'event' => $made['event'],
            'told' => $made['told'] ?? null,
            'marks' => ($made['wet'] ?? false) ? ['liquid'] : null,
            'bad_spares' => ($made['bad_spare'] ?? false) && $faults !== [] ? [$faults[0]['part']] : null,
        ], fn (mixed $value): bool => $value !== null));
    }
}
