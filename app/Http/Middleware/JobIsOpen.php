<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Nothing is agreed, quoted or ordered for a job that is closed; it is opened again first. */
final readonly class JobIsOpen
{
    public function __construct(private AssessJob $assessJob)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $job = $request->route('job');
        if ($job instanceof Job && $this->assessJob->record($job)->closing() !== null) {
            throw ValidationException::withMessages([
                'refused' => "{$job->tag} is closed. Strike its closing out on its page to go on with it.",
            ]);
        }

        return $next($request);
    }
}
