<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Circumstances;

/** What the owner takes home when the machine stays: what came in, what was agreed, when they hear next, the terms. */
final class ReceiptController
{
    public function __invoke(Job $job, AssessJob $assessJob, Catalogue $catalogue): View
    {
        abort_unless($job->hasArrived(), 404);
        $marks = [];
        foreach ($assessJob->record($job)->inForce as $entry) {
            foreach (Circumstances::marks($entry, $catalogue) as $mark) {
                $marks[$mark] = $catalogue->marks[$mark]->plain;
            }
        }

        return view('receipt', [
            'job' => $job->load(['machine.owner']),
            'marks' => array_diff_key($marks, ['consent-system' => 1]),
            'consent' => isset($marks['consent-system']),
            'complaint' => $job->entries()->where('kind', 'report')->first()?->body['text'] ?? '',
        ]);
    }
}
