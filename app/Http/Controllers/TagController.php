<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\QrCode;
use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use Illuminate\View\View;
use Orthoscope\Core\Letter\Sentence;
use Orthoscope\Core\Letter\Warning;

/** The tag that goes on a machine. */
final readonly class TagController
{
    public function __construct(private AssessJob $assessJob)
    {
    }

    public function show(Job $job): View
    {
        return view('tag', ['job' => $job, 'labels' => [$this->label($job)]]);
    }

    /** Several that came in together, each on its own label. */
    public function several(string $tags): View
    {
        $jobs = Job::query()->with(['machine.owner', 'summary'])->whereIn('tag', explode(',', $tags))->orderBy('id')->get();
        abort_if($jobs->isEmpty(), 404);

        return view('tag', ['job' => $jobs->first(), 'labels' => $jobs->map($this->label(...))->all()]);
    }

    /** @return array{job: Job, warning: list<Sentence>, qr: string} */
    private function label(Job $job): array
    {
        return [
            'job' => $job->load('machine.owner'),
            'warning' => $job->hasArrived() ? Warning::sentences($this->assessJob->assess($job)->locks) : [],
            'qr' => QrCode::svg(route('jobs.show', $job)),
        ];
    }
}
