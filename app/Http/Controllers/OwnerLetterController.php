<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\LetterPdf;
use App\Models\Job;
use App\Models\Quote;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\WriteLetter;
use App\View\WhatHappened;
use Illuminate\Http\Response;
use Orthoscope\Core\Catalogue\Catalogue;

/** What its owner opens without an account: where it stands, what happened, and once the job is closed the letter. */
final class OwnerLetterController
{
    public function show(string $token, WriteLetter $write): Response
    {
        $job = self::find($token);
        $quote = Quote::query()->where('job_id', $job->id)->where('state', 'out')->where('valid_until', '>', now())->first();

        return self::privately('owner-letter', [
            'job' => $job,
            'letter' => $write->isClosed($job) ? $write->of($job) : null,
            'token' => $token,
            'quote' => $quote === null ? null : shop()->linkTo('quote.show', $quote->token),
        ]);
    }

    public function happened(string $token, AssessJob $assessJob, Catalogue $catalogue): Response
    {
        $job = self::find($token);

        return self::privately('owner-happened', [
            'job' => $job,
            'token' => $token,
            'happened' => WhatHappened::of($job, $assessJob->assess($job), $catalogue),
        ]);
    }

    public function pdf(string $token, WriteLetter $write): Response
    {
        $job = self::find($token);
        abort_unless($write->isClosed($job), 404);

        return response(LetterPdf::of($job, $write->of($job)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "attachment; filename=\"letter-{$job->tag}.pdf\"",
            'X-Robots-Tag' => 'noindex',
            'Cache-Control' => 'no-store, private',
        ]);
    }

    private static function find(string $token): Job
    {
        return Job::byLetterToken($token)?->load('machine.owner') ?? abort(404);
    }

    /** @param  array<string, mixed>  $with */
    private static function privately(string $view, array $with): Response
    {
        return response()->view($view, $with)->header('X-Robots-Tag', 'noindex')->header('Cache-Control', 'no-store, private');
    }
}
