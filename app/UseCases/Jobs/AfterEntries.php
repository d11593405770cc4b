<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\Message;
use App\Models\Quote;
use App\UseCases\Advice\KeepFacts;
use App\UseCases\Owners\WriteToOwner;
use App\UseCases\Parts\OrderParts;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Letter\Warning;
use Orthoscope\Core\Proving\CleanStarts;

/** What follows outside the record from what was just written on it: held orders go out, and the owner hears. */
final readonly class AfterEntries
{
    /** Months that the address of a machine nobody fetches still opens. Origin: judgement. */
    private const UNFETCHED_MONTHS = 6;

    public function __construct(
        private OrderParts $orders,
        private WriteToOwner $write,
        private LetterWriter $letters,
        private KeepFacts $facts,
        private Catalogue $catalogue,
    ) {
    }

    /** @param  list<string>  $kinds of the entries that were written */
    public function happened(Job $job, Assessment $assessment, array $kinds): void
    {
        $closing = $assessment->record->closing();
        if ($closing !== null || in_array('strike-out', $kinds, true)) {
            $this->facts->of($job, $assessment);
        }
        self::unpark($job, $kinds);
        $this->orders->follow($job);
        if ($closing === null) {
            $this->orders->releaseHeld($job, $assessment);
            $this->tellWhatWasFound($job, $assessment);
        } else {
            $this->orders->letGo($job);
        }
        if ($closing !== null && in_array('closing', $kinds, true)) {
            $this->tellToFetchIt($job, $assessment, $closing);
        }
        if (in_array('collection', $kinds, true)) {
            $this->wasCollected($job, $assessment);
        }
        // What was struck out and opened again is no longer ready.
        if ($closing === null && in_array('strike-out', $kinds, true)) {
            $this->write->drop($job, 'not-collected', 'follow-up', ...Message::FETCH_IT);
        }
    }

    /**
     * Who works on it has taken it up again.
     *
     * @param  list<string>  $kinds
     */
    private static function unpark(Job $job, array $kinds): void
    {
        $worked = array_intersect($kinds, ['start', 'finding', 'act', 'closing']) !== [];
        if ($worked && ($job->parked !== null || $job->spare_here !== null)) {
            $job->update(['parked' => null, 'spare_here' => null]);
        }
    }

    private function tellWhatWasFound(Job $job, Assessment $assessment): void
    {
        if (($assessment->causes()[0] ?? null)?->confirmed === true) {
            $this->write->of($job, 'found', ['what' => implode(' ', $this->letters->found($assessment))]);
        } else {
            $this->write->drop($job, 'found');
        }
    }

    private function tellToFetchIt(Job $job, Assessment $assessment, Closing $closing): void
    {
        Quote::takeBackFrom($job);
        $this->write->drop($job, 'found', 'waiting', 'quote');
        $warning = Warning::sentences($assessment->locks);
        $moment = match (true) {
            $warning !== [] => 'back-locked',
            $closing->isWithoutRepair() => 'back-unrepaired',
            default => 'ready',
        };
        $this->write->of($job, $moment, [
            'what' => implode(' ', $warning),
            'total' => $closing->price === 0
                    ? 'There is nothing to pay.'
                    : 'The price is '.shop()->money()->words($closing->price).'.',
        ]);
        // Until it is fetched its owner can look; the shop's rule counts from then.
        $job->update(['link_until' => now()->addMonths(max(self::UNFETCHED_MONTHS, $closing->warrantyMonths))]);
    }

    private function wasCollected(Job $job, Assessment $assessment): void
    {
        $this->write->drop($job, 'not-collected', ...Message::FETCH_IT);
        $months = shop()->addressMonths;
        $warranty = $assessment->record->closing()->warrantyMonths ?? 0;
        $job->update(['link_until' => $months === 0 ? now() : now()->addMonths(max($months, $warranty))]);
        $isRepaired = $assessment->record->closing()?->isWithoutRepair() !== true;
        if ($isRepaired && CleanStarts::in($assessment->record, $this->catalogue)->wantsADate($assessment->sound)) {
            $this->write->of($job, 'follow-up');
        }
    }
}
