<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Lesson;
use App\Models\User;
use App\UseCases\Advice\Learn;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What the shop believes beforehand, moved by its own jobs: proposed by the program, decided by the lead. */
final class LessonController
{
    public function propose(Learn $learn): RedirectResponse
    {
        $learn->ask();

        return redirect()
            ->route('patterns')
            ->with('status', 'A proposal is being worked out: it is here in a minute. Nothing is changed until you accept it.');
    }

    public function decide(Request $request, Lesson $lesson, Learn $learn, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['to' => ['required', Rule::in(['accepted', 'frozen', 'back'])]],
            ['to.*' => 'Accept it, freeze it, or take it back.'],
        );
        $learn->decide($lesson, $given['to'], $user);

        return redirect()
            ->route('patterns')
            ->with('status', 'Starting odds: '.Lesson::STATES[$given['to']].'.');
    }
}
