<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntryRequest;
use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\UseCases\Advice\DoubtReading;
use App\UseCases\Advice\RefuseContradiction;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Shop\ClaimBench;
use App\UseCases\Shop\ShopCodes;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Orthoscope\Core\Evidence\CaseMistake;

/** Puts entries on the record. */
final class EntryController
{
    public function __invoke(
        EntryRequest $request,
        Job $job,
        RecordEntries $recordEntries,
        ShopCodes $codes,
        DoubtReading $doubt,
        RefuseContradiction $contradiction,
        ClaimBench $claimBench,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $written = $codes->meant($job, $request->written());
        try {
            $contradiction->in($job, $written);
            if ($doubt->asksFirst($job, $written)) {
                return redirect()
                    ->route('jobs.show', $job)
                    ->withInput(['entry' => $request->input('entry') ?? $written[0]] + $request->except('written'))
                    ->withErrors(['entry.checked' => 'This surprises. Before it counts, say how it was measured.']);
            }
            $recordEntries->record($job, $user, $written, $request->once(), $request->age());
        } catch (CaseMistake $mistake) {
            return redirect()
                ->route(self::backTo(), $job)
                ->withInput()
                ->withErrors([$request->fieldOf($mistake->path) => $mistake->sentence]);
        }
        if ($request->boolean('leave')) {
            $claimBench->leave($job);
        }
        if ($request->filled('reading')) {
            Reading::query()->where('bench', $job->claim?->bench)->whereKey($request->integer('reading'))->delete();
        }

        return redirect()->route(self::backTo(), $job)->with('status', 'On the record.');
    }

    /** Buttons of entries stand on the job and on the pages to prove and to decide; each leads back to where it was pressed. */
    private static function backTo(): string
    {
        $from = basename((string) parse_url(url()->previous(), PHP_URL_PATH));

        return in_array($from, ['prove', 'decide'], true) ? "jobs.{$from}" : 'jobs.show';
    }
}
