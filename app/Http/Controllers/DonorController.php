<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Spare;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Parts\SameBoard;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Lending\Donors;
use Orthoscope\Core\Lending\Exposure;

/** Which spare to lend for a part of this machine, best first, and why the others do not go in. */
final class DonorController
{
    /** So many of a kind are held against the machine, trusted most first. */
    private const MOST = 100;

    public function __invoke(Job $job, string $part, AssessJob $assessJob, Catalogue $catalogue, SameBoard $sameBoard): View
    {
        $assessment = $assessJob->assess($job->load('machine.owner'));
        abort_unless($assessment->machine->has($part) && $assessment->machine->part($part)->kind->lendable, 404);
        $kind = $assessment->machine->part($part)->kind;
        $harm = $kind->exposed ? Exposure::harmOf($assessment, $catalogue->shelf) : 0.0;
        $spares = Spare::query()
            ->with(['loan.job', 'loan.user', 'reservedFor'])
            ->where('kind', $kind->id)
            ->whereIn('status', ['free', 'quarantined'])
            ->orderByDesc('trust')
            ->limit(self::MOST)
            ->get()
            ->keyBy('tag');

        return view('donors', [
            'job' => $job,
            'part' => $assessment->machine->part($part),
            'harm' => $harm,
            'stored' => $spares,
            'hosts' => $sameBoard->hosts($job),
            'witnesses' => $sameBoard->jobs($job),
            'donors' => Donors::of(
                array_values($spares->map(fn (Spare $spare) => $spare->core())->all()),
                $assessment->machine,
                $catalogue->shelf,
                Donors::told($assessment, $part, $catalogue),
                $harm,
            ),
        ]);
    }
}
