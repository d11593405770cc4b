<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\UseCases\Practice\FamilyProgress;
use App\UseCases\Practice\Progress;
use App\UseCases\Practice\WorkAtPractice;
use App\View\ChainDrawing;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\WorkedCourse;
use Orthoscope\Core\Words\EntryWords;

/** A lesson: why, a worked course to click through, five machines, a test. */
final class PracticeLessonController
{
    public function __invoke(
        Request $request,
        string $family,
        Catalogue $catalogue,
        WorkAtPractice $work,
        Progress $progress,
        #[CurrentUser] User $user,
    ): View {
        $families = Families::shipped();
        abort_unless($families->has($family), 404);
        $course = WorkedCourse::of($family, $catalogue);
        $last = count($course->attempt->done);
        $at = min(max(1, $request->integer('at', 1)), $last);
        $assessment = $work->assess($course->attempt, $at);

        return view('practice.lesson', [
            'family' => $families->all[$family],
            'next' => $families->after($family),
            'progress' => collect($progress->of($user))->first(fn (FamilyProgress $one): bool => $one->family->id === $family),
            'course' => $course,
            'at' => $at,
            'last' => $last,
            'chain' => ChainDrawing::of($assessment, $catalogue),
            'words' => new EntryWords($assessment->machine, $catalogue),
        ]);
    }
}
