<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use DateTimeImmutable;
use Orthoscope\Core\Assessment;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Chain\Place;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\Evidence\Deed;
use Orthoscope\Core\Proving\CleanStarts;
use Orthoscope\Core\Proving\Plan;
use Orthoscope\Core\Proving\PlannedItem;
use Orthoscope\Core\Proving\PlanState;
use Orthoscope\Core\Words\DeedInPlain;
use Orthoscope\Core\Words\Listed;
use Orthoscope\Core\Words\PartsInPlain;

/** Writes the letter to the owner in plain words: short sentences, no slot, rail or socket left unexplained. */
final readonly class LetterWriter
{
    /** @param  string  $currency sign put before amounts */
    public function __construct(private Catalogue $catalogue, private string $currency)
    {
    }

    /** @param  ?Plan  $plan what was to be proved; worked out as usual if none is given */
    public function write(Assessment $assessment, ?Plan $plan = null, LetterTerms $terms = new LetterTerms): Letter
    {
        $closing = $assessment->record->closing();
        $plan ??= Plan::of($assessment, $this->catalogue);
        $beginning = new Beginning($assessment->record, $this->catalogue);
        $sections = [
            new Section('personal', 'A word from us', $terms->personal === '' ? [] : [$terms->personal]),
            new Section('told', 'What you told us', $beginning->told()),
            new Section('seen', 'What we saw', $beginning->seen()),
            new Section('cause', 'What it was, and how sure we are', (new Cause($assessment))->sentences()),
            new Section('ruled-out', 'What we ruled out, and how', $this->ruledOut($assessment)),
            new Section('done', 'What we did', (new Work($assessment, $this->catalogue))->sentences()),
            new Section('proof', 'How we tested it', $this->proof($assessment, $plan)),
            new Section('not-proved', 'What we could not prove', $this->notProved($assessment, $closing, $plan)),
            new Section('limits', 'Limits', $this->limits($assessment)),
            new Section('cost', 'Cost', $this->cost($assessment, $closing)),
            new Section('warranty', 'Warranty', $this->warranty($closing)),
            new Section('old-parts', 'Your old parts', $this->oldParts($assessment)),
            new Section('watch', 'What to watch for', $this->watch($assessment)),
        ];

        return new Letter(array_values(array_filter($sections, fn (Section $s): bool => $s->sentences !== [] && ($terms->level === LetterTerms::FULL || in_array($s->id, LetterTerms::IN_SHORT, true)))));
    }

    /** @return list<string> what was found, for a message before the letter */
    public function found(Assessment $assessment): array
    {
        return (new Cause($assessment))->sentences();
    }

    /** @return list<string> */
    private function ruledOut(Assessment $assessment): array
    {
        $worked = $measured = $unchanged = [];
        foreach ($assessment->standings as $standing) {
            if ($standing->part->kind->link || $standing->fitted !== null) {
                continue;
            }
            $grounds = array_map(fn (Because $b): Ground => $b->ground, $standing->because);
            if ($standing->standing === Standing::Proved) {
                if (in_array(Ground::Passed, $grounds, true)) {
                    $worked[] = $standing->part;
                } else {
                    $measured[] = $standing->part;
                }
            } elseif ($standing->standing === Standing::NotAlone) {
                $unchanged[] = $standing->part;
            }
        }
        $sentences = [];
        if ($worked !== []) {
            $sentences[] = 'These worked when we started the machine: '.PartsInPlain::of($worked).'.';
        }
        if ($measured !== []) {
            $sentences[] = 'We looked at or measured these and found them good: '.PartsInPlain::of($measured).'.';
        }
        if ($unchanged !== []) {
            $sentences[] = 'We changed or took out these, and the trouble stayed. So they alone are not the cause: '.PartsInPlain::of($unchanged).'.';
        }

        return $sentences;
    }

    /** @return list<string> */
    private function proof(Assessment $assessment, Plan $plan): array
    {
        $proof = $assessment->proof;
        if ($proof->clean === 0) {
            return [];
        }
        $where = array_filter([$proof->outside === null ? '' : 'out of its case', $proof->inside === null ? '' : 'back in its case with its own power button']);
        $sentences = [];
        if ($where !== []) {
            $sentences[] = 'We ran it '.implode(', and then ', $where).'.';
        }
        $sentences[] = $proof->clean === 1 ? 'It started well once.' : "It started well {$proof->clean} times in a row.";
        $shown = array_map(fn (PlannedItem $item): string => $item->item->plain, $plan->in(PlanState::Done));
        if ($shown !== []) {
            $sentences[] = 'We also saw: '.Listed::of(array_values(array_unique($shown))).'.';
        }
        foreach (CleanStarts::in($assessment->record, $this->catalogue)->forTheOwner() as $sentence) {
            $sentences[] = $sentence;
        }

        return $sentences;
    }

    /** @return list<string> */
    private function notProved(Assessment $assessment, ?Closing $closing, Plan $plan): array
    {
        $sentences = [];
        $untested = array_map(fn (PartStanding $s): Part => $s->part, array_filter(
            $assessment->standings,
            fn (PartStanding $s): bool => in_array($s->standing, [Standing::NotTested, Standing::Hidden, Standing::NotAlone], true) && $s->part->id !== 'outside' && ! $s->part->kind->link,
        ));
        if ($untested !== []) {
            $sentences[] = 'We did not get to test these, so we cannot say that they are good: '.PartsInPlain::of(array_values($untested)).'.';
        }
        $unshown = array_map(fn (PlannedItem $item): string => $item->item->plain, $plan->owed());
        if ($unshown !== [] && $closing !== null) {
            $sentences[] = 'We did not show this: '.Listed::of(array_values(array_unique($unshown))).'.';
        }
        $without = array_map(fn (PlannedItem $item): string => $item->item->plain, $plan->in(PlanState::Locked));
        if ($without !== []) {
            $sentences[] = 'Without your leave to work past the log-in screen we did not test this: '.Listed::of(array_values(array_unique($without))).'.';
        }
        if ($closing !== null && $closing->signedOff !== '') {
            $sentences[] = 'We hand it back before all our tests were done. The reason: '.rtrim($closing->signedOff, '.').'.';
        }
        $last = $assessment->record->lastStart();
        if ($last !== null && $last->setUp->place === Place::Bench && $assessment->proof->inside === null && $closing !== null) {
            $sentences[] = 'Our last start was out of the case.';
        }
        if ($assessment->surprise->level === 'high') {
            $sentences[] = 'One thing we saw does not fit with the rest. We could not explain it.';
        }

        return $sentences;
    }

    /** @return list<string> workarounds and what was done only for now: never told as sound */
    private function limits(Assessment $assessment): array
    {
        $sentences = [];
        foreach ($assessment->record->all(Deed::class) as $deed) {
            $way = $this->catalogue->economy->wayOf($deed->act);
            if ($way?->id === 'workaround') {
                $sentences[] = DeedInPlain::sentence($deed, $assessment->machine, $this->catalogue).' The fault itself is still there. It may get worse.';
            } elseif ($deed->act === 'straighten-pins') {
                $sentences[] = 'Straightened pins can fail. If they do, the main board must be replaced. Do not send it by post with the processor out.';
            } elseif ($way?->id === 'board') {
                $sentences[] = 'We repaired an old part. If it fails again, it must be replaced.';
            }
        }
        foreach (StillOff::in($assessment->record, $this->catalogue) as $off) {
            if ($off->what === 'temporary') {
                $sentences[] = "This is only for now: {$off->item}.";
            }
        }

        return array_values(array_unique($sentences));
    }

    /** @return list<string> */
    private function oldParts(Assessment $assessment): array
    {
        $sentences = [];
        foreach ($assessment->record->all(Deed::class) as $deed) {
            $parts = PartsInPlain::of(array_map($assessment->machine->part(...), $deed->on));
            $sentences[] = match ($deed->old) {
                'owner' => "You get the old part back: {$parts}.",
                'recycled' => "We send the old part to be recycled: {$parts}.",
                'salvaged' => "You left the old part to us: {$parts}.",
                'claim' => "The old part goes back to who sold it: {$parts}.",
                default => '',
            };
        }

        return array_values(array_unique(array_filter($sentences)));
    }

    /** @return list<string> */
    private function cost(Assessment $assessment, ?Closing $closing): array
    {
        $agreed = $assessment->record->leave();
        $told = $agreed === null || $agreed->amount === 0 || $agreed->answer === 'ahead' ? [] : ["You agreed to {$this->currency} ".number_format($agreed->amount / 100, 2, '.', ' ').' on '.(new DateTimeImmutable($agreed->at))->format('j F').'.'];

        return $closing === null ? $told : [...$this->price($closing), ...$told];
    }

    /** @return list<string> */
    private function price(Closing $closing): array
    {
        return match (true) {
            $closing->price === 0 => ['There is nothing to pay.'],
            default => ["The price, all in: {$this->currency} ".number_format($closing->price / 100, 2, '.', ' ').'.'],
        };
    }

    /** @return list<string> */
    private function warranty(?Closing $closing): array
    {
        return match (true) {
            $closing === null => [],
            $closing->warrantyMonths === 0 => ['We give no warranty on this work. The law may give you more.'],
            default => ["If the same trouble comes back within {$closing->warrantyMonths} months, bring it in and we put it right. The law may give you more."],
        };
    }

    /** @return list<string> */
    private function watch(Assessment $assessment): array
    {
        $sentences = ['If it smells burnt, smokes or gets wet: switch it off at the wall, do not open it, and ring us.'];
        if ($assessment->proof->clean > 0) {
            array_unshift($sentences, 'If it does the same thing again, note what the lights and fans did, and ring us.');
        }

        return $sentences;
    }
}
