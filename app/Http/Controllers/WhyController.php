<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\ReasonOut;
use App\View\ChainDrawing;
use App\View\WhyPage;
use App\View\WhyStep;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Why\Movers;
use Orthoscope\Core\Words\EntryWords;

/** Why a part, why a step, and what was known then. */
final class WhyController
{
    public function part(Job $job, string $part, AssessJob $assessJob, ReasonOut $reason, Catalogue $catalogue): View
    {
        $assessment = $assessJob->assess($job);
        abort_unless(isset($assessment->standings[$part]), 404);

        return view('why', [
            'job' => $job,
            'page' => new WhyPage(
                $assessment,
                $assessment->machine->part($part),
                $reason->course($job),
                $reason->leftOut($job),
                $catalogue,
            ),
        ]);
    }

    public function step(Request $request, Job $job, string $step, AssessJob $assessJob, ReasonOut $reason): View
    {
        $assessment = $assessJob->assess($job);
        $found = $assessment->advice->step($step);
        abort_if($found === null, 404);
        $asked = $request->string('other')->toString();
        // Somebody who would rather look at a part means the step that would move it most.
        $other = str_starts_with($asked, 'part:')
            ? (Movers::of($assessment, substr($asked, 5))[0] ?? null)?->candidate->id() ?? $asked
            : $asked;

        return view('why-step', [
            'job' => $job,
            'page' => new WhyStep($assessment, $found),
            'asked' => $asked,
            'other' => $other === '' ? null : $reason->otherwise($job, $other),
        ]);
    }

    public function then(Job $job, int $entry, AssessJob $assessJob, ReasonOut $reason, Catalogue $catalogue): View
    {
        abort_unless($job->entries()->where('number', $entry)->exists(), 404);
        $record = $assessJob->record($job);
        $assessment = $reason->asItStood($job, $entry);

        return view('then', [
            'job' => $job,
            'stored' => $job->entries()->with('user')->where('number', $entry)->firstOrFail(),
            'entry' => $record->entries[$entry - 1],
            'last' => count($record->entries),
            'words' => new EntryWords($assessJob->machine($job), $catalogue),
            'assessment' => $assessment,
            'chain' => ChainDrawing::of($assessment, $catalogue),
            'moves' => $reason->course($job)->moves($entry),
        ]);
    }

    /** What each entry did to the parts, for the page of the job: asked when somebody first points at one. */
    public function moves(Job $job, ReasonOut $reason): JsonResponse
    {
        $course = $reason->course($job);
        $moves = [];
        foreach (array_keys($course->at) as $entry) {
            foreach ($course->moves($entry) as $part => [$before, $after]) {
                $moves[$entry][$part] = [Percent::whole($before), Percent::whole($after)];
            }
        }

        return response()->json((object) $moves);
    }
}
