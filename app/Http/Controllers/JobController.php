<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\MarginNote;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\FreeShelf;
use App\UseCases\Jobs\FollowUp;
use App\UseCases\Practice\Wagers;
use App\UseCases\Shop\BenchNow;
use App\UseCases\Shop\FindAlike;
use App\UseCases\Shop\ReadingsOfModel;
use App\UseCases\Shop\SeenEntries;
use App\UseCases\Shop\ShopBelief;
use App\UseCases\Shop\ShopCodes;
use App\View\JobPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** The job at the bench. */
final class JobController
{
    public function __invoke(
        Request $request,
        Job $job,
        AssessJob $assessJob,
        FreeShelf $shelf,
        Catalogue $catalogue,
        ShopCodes $codes,
        ReadingsOfModel $readings,
        FollowUp $followUp,
        Wagers $wagers,
        #[CurrentUser] User $user,
    ): View|RedirectResponse {
        if (Gate::denies('work-at-bench')) {
            return redirect()->route('jobs.stand', $job);
        }
        $job->load(['machine.owner', 'entries.user', 'claim.user', 'loans.spare', 'loans.user', 'summary', 'orders', 'messages']);
        rescue(fn () => $followUp->heal($job));
        $assessment = $assessJob->assess($job);
        if ($user->guesses_first && $wagers->isOpen($job, $user, $assessment)) {
            return redirect()->route('wagers.create', $job);
        }
        $school = $request->cookie('school') ?? shop()->school;
        $seen = SeenEntries::open($user, $job, (int) $job->entries->max('number'));

        return view('job', [
            'job' => $job,
            'page' => new JobPage(
                job: $job,
                assessment: $assessment,
                catalogue: $catalogue,
                shelf: $assessJob->shelf($job),
                bench: BenchNow::around($job, $codes),
                reader: $user->id,
                seen: $seen,
                school: is_string($school) ? $catalogue->schools[$school] ?? null : null,
                bulletins: ShopBelief::bulletinsOn($job->machine)->load('user'),
                alike: FindAlike::before($job, $assessment, $catalogue),
                hosts: $shelf->hosts(),
                beside: $readings->on($job, $assessment),
                margin: MarginNote::query()->with('user')->of($job->machine->namesOfModels())->orderByDesc('id')->limit(200)->get(),
            ),
        ]);
    }
}
