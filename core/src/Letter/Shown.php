<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\PlannedItem;
use Orthoscope\Core\HandBack\PlanState;
use Orthoscope\Core\HandBack\StateNow;
use Orthoscope\Core\Plain\Listed;
use Orthoscope\Core\Proving\CleanStarts;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\Words\PartsInPlain;

/**
 * What a letter claims to have worked, what was ruled out, how it was tested, and what was not: only of what was here, under the
 * conditions it was tried.
 */
final readonly class Shown
{
    /** @param  list<string>  $here kinds that often stay at the owner's and came in with this machine */
    public function __construct(private Assessment $assessment, private Catalogue $catalogue, private array $here)
    {
    }

    /** @return list<Sentence> */
    public function ruledOut(): array
    {
        $worked = $measured = $swapped = $out = $onTheMat = $acted = [];
        foreach ($this->assessment->standings as $standing) {
            if ($standing->part->kind->link || $standing->fitted !== null || ! $this->cameIn($standing->part)) {
                continue;
            }
            if ($standing->standing === Standing::Proved) {
                $this->has($standing, Ground::Passed) ? ($worked[] = $standing) : ($measured[] = $standing);
            } elseif ($standing->standing === Standing::NotAlone) {
                match (HowChanged::inVain($standing, $this->assessment->record)) {
                    HowChanged::Lent => ($swapped[] = $standing),
                    HowChanged::Out => ($out[] = $standing),
                    HowChanged::OnTheMat => ($onTheMat[] = $standing),
                    HowChanged::Otherwise => ($acted[] = $standing),
                };
            }
        }
        $under = array_values(array_unique(array_filter(array_map(fn (PartStanding $one): string => $one->under, $worked))))[0] ?? '';

        return [
            ...self::one(
                'These worked when we started the machine'.($under === '' ? '' : ", {$under}").': %s.',
                $worked,
                Ground::Passed,
            ),
            ...self::one('We looked at or measured these and found them good: %s.', $measured, Ground::LookedGood),
            ...self::one(
                'With another one in its place the trouble stayed. So this alone is not the cause: %s.',
                $swapped,
                Ground::NoChange,
            ),
            ...self::one('With this taken out the trouble stayed. So this alone is not the cause: %s.', $out, Ground::NoChange),
            ...self::one('Out of its case the trouble stayed. So this alone is not the cause: %s.', $onTheMat, Ground::NoChange),
            ...self::one('We worked on this and the trouble stayed. So this alone is not the cause: %s.', $acted, Ground::NoChange),
        ];
    }

    /** @return list<Sentence> */
    public function proof(Plan $plan): array
    {
        $proof = $this->assessment->proof;
        if ($proof->clean === 0) {
            return [];
        }
        $clean = $this->cleanStarts();
        $where = array_filter($this->assessment->machine->alone === null
            ? [
                $proof->outside === null ? '' : 'out of its case',
                $proof->inside === null ? '' : ($proof->outside === null ? '' : 'back ').'in its case with its own power button',
            ]
            : [$proof->outside === null ? '' : 'in a machine of ours']);
        $places = array_values(array_filter([$proof->outside, $proof->inside]));
        $done = $plan->in(PlanState::Done);
        $shown = array_values(array_unique(array_map(fn (PlannedItem $item): string => $item->item->plain, $done)));
        $by = array_values(array_filter(array_map(fn (PlannedItem $item): ?int => $item->entry, $done)));
        $counts = CleanStarts::in($this->assessment->record, $this->catalogue)->forTheOwner();

        return [
            ...$where === [] ? [] : [Sentence::of('We ran it '.implode(', and then ', $where).'.', ...$places)],
            Sentence::of($proof->clean === 1 ? 'It started well once.' : "It started well {$proof->clean} times in a row.", ...$clean),
            ...$shown === [] ? [] : [Sentence::of('We also saw: '.Listed::of($shown).'.', ...$by)],
            ...array_map(fn (string $words): Sentence => Sentence::of($words, ...$clean), $counts),
        ];
    }

    /** @return list<Sentence> */
    public function notProved(Plan $plan): array
    {
        $closing = $this->assessment->record->closing();
        $closed = $closing === null ? [] : [$closing->number];
        [$ran, $never, $worked, $looked] = $this->notShown();
        $starts = $this->assessment->record->all(Start::class);
        $last = $this->assessment->record->lastStart();
        $atWork = array_filter($starts, fn (Start $start): bool => $start->setUp->isAtWork());
        $sentences = [];
        if (! $this->isAnyTested()) {
            $sentences[] = Sentence::of('We tested none of its parts, so we cannot say that any of them is good.');
        } else {
            $sentences[] = self::parts('We did not get to test these, so we cannot say that they are good: %s.', $never);
            $sentences[] = self::parts('These took part in our tests, but we cannot say that they are good: %s.', $ran);
            array_push(
                $sentences,
                ...self::one('These worked when we tried them, but we cannot say that they always do: %s.', $worked, Ground::Passed),
                ...self::one(
                    'We looked at these and found nothing wrong, but we cannot say that they are good: %s.',
                    $looked,
                    Ground::LookedGood,
                ),
            );
        }
        if ($starts !== [] && $atWork === [] && $this->assessment->proof->clean > 0) {
            $sentences[] = Sentence::of('We did not run it for long, or at hard work.', ...array_column($starts, 'number'));
        }
        array_push($sentences, ...$this->untested($plan, $closed, $closing !== null));
        if ($closing !== null && $closing->signedOff !== '') {
            $why = rtrim($closing->signedOff, '.');
            $sentences[] = Sentence::of("We hand it back before all our tests were done. The reason: {$why}.", $closing->number);
        }
        if ($this->here === [] && $starts !== [] && $closing !== null && ! $this->causeIsAtHome()) {
            $words = $this->assessment->machine->alone === null
                ? 'We tried it on our own mains, screen and keyboard; we cannot speak for those at your place.'
                : 'We tried it in a machine of ours. How it goes with the rest of yours, we cannot say.';
            $sentences[] = Sentence::of($words, $closing->number);
        }
        if ($last?->setUp->place === Place::Bench && $this->assessment->proof->inside === null && $closing !== null) {
            $sentences[] = Sentence::of('Our last start was out of the case.', $last->number);
        }
        if ($this->assessment->surprise->level === 'high' && ! $this->assessment->surprise->isExplained) {
            $entries = array_filter([$this->assessment->surprise->entry]);
            $sentences[] = Sentence::of('One thing we saw does not fit with the rest. We could not explain it.', ...$entries);
        }

        return array_values(array_filter($sentences));
    }

    /** By a start, or by a look or reading made on one of its parts. */
    private function isAnyTested(): bool
    {
        return $this->assessment->hasEvidence() || array_filter($this->assessment->machine->parts, $this->wasLookedAt(...)) !== [];
    }

    /** By itself, in another machine, or with a meter: whatever came of it. */
    private function wasLookedAt(Part $part): bool
    {
        foreach ($this->assessment->record->all(Finding::class) as $finding) {
            $on = $finding->target ?? $this->catalogue->check($finding->check)->target;
            if (in_array($part->id, [$on, ...$finding->also, ...$finding->which], true) || $on === $part->kind->id) {
                return true;
            }
        }

        return false;
    }

    /**
     * What a machine that is put right would have been tried at. Of one that does not run there is no such thing to say.
     *
     * @param  list<int>  $closed the entry that closed it
     *
     * @return list<Sentence>
     */
    private function untested(Plan $plan, array $closed, bool $isClosed): array
    {
        if (StateNow::of($this->assessment->record, $this->assessment->machine, $this->catalogue)->fails) {
            return [];
        }
        $locked = 'Without your permission to work past the log-in screen we did not test this: %s.';

        return array_values(array_filter([
            $isClosed ? self::items('We did not show this: %s.', $plan->owed(), $closed) : null,
            self::items($locked, $plan->in(PlanState::Locked), $closed),
        ]));
    }

    /**
     * Parts that nothing proves to be good, a suspect that is told as the cause left out: those that ran in a start, were looked at or
     * are spoken of by an entry, those that nothing we did has reached, those that worked when they were tried, and those only looked at.
     *
     * @return array{list<Part>, list<Part>, list<PartStanding>, list<PartStanding>}
     */
    private function notShown(): array
    {
        $ran = $never = $worked = $looked = [];
        foreach ($this->open() as $standing) {
            $part = $standing->part;
            match (true) {
                $standing->standing === Standing::Worked && $this->has($standing, Ground::Passed) => ($worked[] = $standing),
                $standing->standing === Standing::Worked => ($looked[] = $standing),
                $standing->because !== [] || $this->hasRun($part) || $this->wasLookedAt($part) => ($ran[] = $part),
                default => ($never[] = $part),
            };
        }

        return [$ran, $never, $worked, $looked];
    }

    /** @return list<PartStanding> of what came in and was neither proved, nor found to be the cause, nor replaced */
    private function open(): array
    {
        $told = array_map(fn (PartStanding $cause): string => $cause->part->id, $this->assessment->causes());
        $open = [Standing::NotTested, Standing::Hidden, Standing::NotAlone, Standing::Suspect, Standing::Worked];

        return array_values(
            array_filter(
                $this->assessment->standings,
                fn (PartStanding $one): bool => in_array($one->standing, $open, true)
                    && ! in_array($one->part->id, [...$told, 'outside'], true)
                    && $one->replaced === null
                    && $one->fitted === null
                    && ! $one->part->kind->link
                    && $this->cameIn($one->part),
            ),
        );
    }

    /** The cause is among what stays at the owner's place, so there is more to say of it than that we do not know it. */
    private function causeIsAtHome(): bool
    {
        $there = ['outside', 'wall-socket', 'wall-lead', 'screen', 'video-lead', 'devices'];

        $kinds = array_map(fn (PartStanding $cause): string => $cause->part->kind->id, $this->assessment->causes());

        return array_intersect($kinds, $there) !== [];
    }

    /** Some start went on past where it would have stopped, with the machine's own part in; of a coin cell no start says anything. */
    private function hasRun(Part $part): bool
    {
        if (! $part->kind->shownByStart) {
            return false;
        }
        foreach ($this->assessment->record->all(Start::class) as $start) {
            $past = $this->catalogue->reach($start->best())->firstStop > $this->catalogue->stageIndex($part->kind->stage);
            if ($past && $start->setUp->hasOwn($part->id)) {
                return true;
            }
        }

        return false;
    }

    /** What often stays at the owner's is spoken of only where it came in. */
    private function cameIn(Part $part): bool
    {
        return $this->assessment->machine->isOwners($part)
            && ! $this->assessment->machine->isAtHome($part)
            && (! in_array($part->kind->id, LetterTerms::STAY_BEHIND, true)
                || $this->assessment->machine->alone === $part->kind->id
                || in_array($part->kind->id, $this->here, true));
    }

    private function has(PartStanding $standing, Ground $ground): bool
    {
        return array_filter($standing->because, fn (Because $because): bool => $because->ground === $ground) !== [];
    }

    /** @return list<int> the clean starts in a row up to the last one */
    private function cleanStarts(): array
    {
        $clean = [];
        foreach ($this->assessment->record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun) {
                $clean = [];
            } elseif ($entry instanceof Start) {
                $whole = $this->catalogue->reach($entry->reached)->firstStop === $this->catalogue->stageCount();
                $clean = $whole ? [...$clean, $entry->number] : [];
            }
        }

        return $clean;
    }

    /** @param  list<Part>  $parts */
    private static function parts(string $words, array $parts): ?Sentence
    {
        return $parts === [] ? null : Sentence::of(sprintf($words, PartsInPlain::of($parts)));
    }

    /**
     * @param  list<PlannedItem>  $items
     * @param  list<int>  $entries
     */
    private static function items(string $words, array $items, array $entries): ?Sentence
    {
        $plain = array_values(array_unique(array_map(fn (PlannedItem $item): string => $item->item->plain, $items)));

        return $plain === [] ? null : Sentence::of(sprintf($words, Listed::of($plain)), ...$entries);
    }

    /**
     * @param  list<PartStanding>  $standings
     * @return list<Sentence> none where there is nothing to say
     */
    private static function one(string $words, array $standings, Ground $ground): array
    {
        $entries = array_merge(
            [],
            ...array_map(
                fn (PartStanding $one): array => array_map(
                    fn (Because $because): int => $because->entry,
                    array_filter($one->because, fn (Because $because): bool => $because->ground === $ground),
                ),
                $standings,
            ),
        );

        $parts = PartsInPlain::of(array_map(fn (PartStanding $one): Part => $one->part, $standings));

        return $standings === [] ? [] : [Sentence::of(sprintf($words, $parts), ...$entries)];
    }
}
