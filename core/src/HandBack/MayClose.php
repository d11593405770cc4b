<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Quote\Leave;
use Orthoscope\Core\Returns\Untried;

/**
 * Whether a job may be closed so. What is not proved a lead may sign off, with a reason the owner will read; "no fault found" is not said
 * before the conditions that would show one were tried; what is locked, or failed at last, is not repaired; and nobody pays what was not
 * agreed to.
 */
final class MayClose
{
    /** Conditions named in a refusal, at most. */
    private const NAMED = 4;

    /**
     * @param  callable(): list<Untried>  $untried worked out only where it is asked
     *
     * @return list<Refusal> none where it may
     */
    public static function refusals(
        Assessment $assessment,
        Plan $plan,
        ClosingAsked $asked,
        Leave $leave,
        Currency $currency,
        callable $untried,
        Catalogue $catalogue,
    ): array {
        $refusals = array_map(fn (string $tag): Refusal => new Refusal(
            'loans',
            "{$tag} is still here. Bring it back, with a look and a result, before the job is closed.",
        ), $asked->lent);
        $proved = self::proved($assessment, $plan, $asked);
        if ($proved !== null) {
            $refusals[] = $proved;
        }
        if ($refusals === [] && $asked->outcome === 'no-fault-found' && $asked->signedOff === '') {
            $refusals = self::untried($untried());
        }
        array_push($refusals, ...self::outcome($assessment, $asked, $catalogue));
        if ($refusals === [] && $leave->most() !== null && ! $leave->covers($asked->price) && ! $asked->agreed) {
            $against = $leave->against($asked->price, $currency);
            $refusals[] = new Refusal('agreed_how', "{$against} Or write how the owner agreed to it, and when.");
        }

        return $refusals;
    }

    /** @return list<Refusal> an end that the record speaks against, or that promises what is not there */
    private static function outcome(Assessment $assessment, ClosingAsked $asked, Catalogue $catalogue): array
    {
        $now = StateNow::of($assessment->record, $assessment->machine, $catalogue);
        $failed = FailedHere::first($assessment->record, $assessment->machine, $catalogue);
        $found = array_values(array_filter($assessment->causes(), fn (PartStanding $cause): bool => $cause->confirmed));
        $isRepaired = in_array($asked->outcome, ['repaired', 'goodwill'], true);
        $isRefused = fn (string $why): array => [new Refusal('outcome', $why)];

        return match (true) {
            $assessment->locks->keepItOff() && $isRepaired => $isRefused(
                'It is locked, so it is not repaired. End the locks on its page, or let it go back unrepaired, with its warning.',
            ),
            // What fails otherwise than what came in, such as a new drive without a system, a lead may sign off.
            $now->asBefore && $isRepaired => $isRefused(
                "It still did what it came in with in entry {$now->shown?->number}, so it is not repaired. Put it right, or let it go "
                    .'back unrepaired.',
            ),
            $failed !== null && $asked->outcome === 'no-fault-found' => $isRefused(
                "It failed here, in entry {$failed->number}, so there was a fault. Let it go back "
                    .($now->runs() ? 'repaired.' : 'unrepaired.'),
            ),
            $found !== [] && $asked->outcome === 'no-fault-found' => $isRefused(
                "{$found[0]->part->name} was found bad here, so there was a fault. Say whether it is put right.",
            ),
            $asked->warrantyMonths > 0 && in_array($asked->outcome, Closing::WITHOUT_REPAIR, true) => [
                new Refusal('warranty_months', 'Nothing is repaired, so there is nothing to warrant: type 0.'),
            ],
            default => [],
        };
    }

    private static function proved(Assessment $assessment, Plan $plan, ClosingAsked $asked): ?Refusal
    {
        return match (true) {
            $assessment->record->closing() !== null => new Refusal(
                'price',
                'This job is closed already. Strike the closing out on its page to open it again.',
            ),
            $plan->isComplete() => null,
            ! $asked->byLead => new Refusal('signed_off', 'Not all is proved yet. Do what is owed, or ask the lead to sign it off.'),
            $asked->signedOff === '' => new Refusal('signed_off', 'Write why it goes back before all is proved; the owner will read it.'),
            default => null,
        };
    }

    /**
     * @param  list<Untried>  $untried
     *
     * @return list<Refusal>
     */
    private static function untried(array $untried): array
    {
        $worth = array_values(array_filter($untried, fn (Untried $one): bool => $one->isWorthTrying()));
        $names = array_map(fn (Untried $one): string => sprintf(
            '%s (%swould show it with %d %%)',
            $one->name,
            $one->told ? 'when its owner says it fails; ' : '',
            Percent::whole($one->chance),
        ), array_slice($worth, 0, self::NAMED));

        return $names === [] ? [] : [new Refusal(
            'outcome',
            'Before "no fault found" is said, these were not tried: '.implode('; ', $names).'. Try them, or let the lead say why not.',
        )];
    }
}
