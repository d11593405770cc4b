<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Job;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The bench works on machines that have arrived; of others there is only the call. */
final class MachineIsHere
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $job = $request->route('job');
        if ($job instanceof Job && ! $job->hasArrived()) {
            abort_if(! $request->isMethod('get'), 409, "{$job->tag} has not arrived yet.");

            return redirect()->route('calls.show', $job);
        }

        return $next($request);
    }
}
