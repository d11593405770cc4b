<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Imports\ToolReport;
use Orthoscope\Core\Proving\CleanStarts;

/** What is to be proved before a machine goes back, each with its button; and reports of tools, read in as findings. */
final class ProveController
{
    public function show(Job $job, AssessJob $assessJob, Catalogue $catalogue): View
    {
        $assessment = $assessJob->assess($job->load('machine.owner'));

        return view('prove', [
            'job' => $job,
            'assessment' => $assessment,
            'catalogue' => $catalogue,
            'plan' => Plan::of($assessment, $catalogue, $job->proving()),
            'depth' => $job->proving(),
            'clean' => CleanStarts::in($assessment->record, $catalogue),
            'once' => (string) Str::uuid(),
            'drives' => $assessment->machine->ofKind('drive'),
        ]);
    }

    public function import(Request $request, Job $job, RecordEntries $recordEntries, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'report' => ['required', 'file', 'max:2000'],
                'kind' => ['required', Rule::in(array_keys(ToolReport::KINDS))],
                'room' => ['nullable', 'string', 'max:10'],
                'drive' => ['nullable', 'string', 'max:20'],
            ],
            ['report.*' => 'Choose the file that the tool wrote; 2 MB at most.', 'kind.*' => 'Say what wrote it.'],
        );
        try {
            $room = ($given['room'] ?? '') === '' ? null : Quantity::parse($given['room'], '°C');
            $finding = ToolReport::read(
                $given['kind'],
                (string) $request->file('report')?->getContent(),
                $room,
                ($given['drive'] ?? '') === '' ? null : $given['drive'],
            );
            $recordEntries->record($job, $user, [$finding]);
        } catch (CaseMistake $mistake) {
            return back()
                ->withInput()
                ->withErrors(['report' => $mistake->sentence]);
        } catch (InvalidArgumentException $mistake) {
            return back()
                ->withInput()
                ->withErrors(['report' => $mistake->getMessage()]);
        }

        return redirect()->route('jobs.prove', $job)->with('status', 'On the record.');
    }
}
