<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MachineFacts;
use App\Http\Requests\MachineRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\CorrectMachine;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\PowerSum;

/** What a machine is made of, looked up and put right after it was taken in. */
final class MachineController
{
    public function show(Job $job, Catalogue $catalogue, AssessJob $assessJob): View
    {
        $machine = $assessJob->machine($job->load('machine.owner'));

        return view('machine', [
            'job' => $job,
            'machine' => $machine,
            'made' => $job->machine->made_of,
            'shelf' => $catalogue->shelf,
            'uses' => $catalogue->proving->uses,
            'slots' => MachineFacts::SLOTS,
            'sum' => PowerSum::of($machine),
        ]);
    }

    public function update(
        MachineRequest $request,
        Job $job,
        Catalogue $catalogue,
        CorrectMachine $correctMachine,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $correctMachine->correct($job, $user, $request->madeOf($catalogue));

        return redirect()->route('jobs.machine', $job)->with('status', 'Kept; what changed is on the record.');
    }
}
