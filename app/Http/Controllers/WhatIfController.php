<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\ReasonOut;
use App\View\PencilPage;
use App\View\StepCard;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\EntryReader;

/** In pencil: entries thought away, or an outcome pretended. Nothing is written down, whatever is tried. */
final class WhatIfController
{
    public function __invoke(Request $request, Job $job, AssessJob $assessJob, ReasonOut $reason, Catalogue $catalogue): View
    {
        $job->load('entries.user');
        $assessment = $assessJob->assess($job);
        $without = array_values(array_filter(array_map(
            fn (mixed $number): int => is_numeric($number) ? (int) $number : 0,
            (array) $request->input('without'),
        )));
        $record = $assessJob->record($job);
        foreach ($without as $number) {
            $record = $record->without($number);
        }
        // Which step and which of its outcomes, as the pressed button says it.
        [$step, $outcome] = [...explode(' ', $request->string('pretend')->toString()), ''];
        $pretended = self::pretended($assessment, $step, (int) $outcome);
        $mistake = null;
        try {
            $record = (new EntryReader($catalogue, $assessJob->machine($job)))->onto($record, $pretended);
        } catch (CaseMistake $refused) {
            [$mistake, $pretended] = [$refused->sentence, []];
        }

        return view('what-if', [
            'job' => $job,
            'mistake' => $mistake,
            'page' => new PencilPage(
                $assessment,
                $without === [] && $pretended === [] ? null : $reason->under($job, $record),
                $without,
                $step,
                $pretended === [] ? null : (int) $outcome,
                $reason->leftOut($job),
                $catalogue,
            ),
        ]);
    }

    /** @return list<array<string, mixed>> entries as a pressed outcome would write them */
    private static function pretended(Assessment $assessment, string $id, int $outcome): array
    {
        $step = $id === '' ? null : $assessment->advice->step($id);
        $button = $step === null ? null : StepCard::of($step)->buttons[$outcome] ?? null;

        return $button === null ? [] : json_decode($button['written'], true, 16, JSON_THROW_ON_ERROR);
    }
}
