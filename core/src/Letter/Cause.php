<?php

declare(strict_types=1);

namespace Orthoscope\Core\Letter;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Because;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\HandBack\FailedHere;
use Orthoscope\Core\HandBack\HostTrials;
use Orthoscope\Core\Plain\Listed;
use Orthoscope\Core\Words\Certainty;
use Orthoscope\Core\Words\PartsInPlain;

/** What it was and how sure that is, in words that match the numbers; what was replaced without its having been shown is said too. */
final readonly class Cause
{
    /** Chance that something that stayed with its owner is at fault, from which they are told. Origin: judgement. */
    private const AT_HOME_FROM = 0.5;

    public function __construct(private Assessment $assessment, private Catalogue $catalogue)
    {
    }

    /** @return list<Sentence> */
    public function sentences(): array
    {
        $named = array_values(
            array_filter(
                $this->assessment->faults,
                fn (FaultBelief $f): bool => $f->probability >= 0.35 && $f->spare === null && $f->part->id !== 'outside',
            ),
        );
        $cause = $this->assessment->causes();
        $closing = $this->assessment->record->closing();
        $failed = FailedHere::first($this->assessment->record, $this->assessment->machine, $this->catalogue);
        if ($closing?->outcome === 'no-fault-found' && $failed === null) {
            return [
                Sentence::of(
                    'We found no fault. That does not mean that there is none: it may need a condition that we did not meet.',
                    $closing->number,
                ),
                ...$this->atHome(),
            ];
        }
        if (! $this->assessment->hasEvidence()) {
            return [$this->untried()];
        }
        $unshown = $this->replacedUnshown($cause);
        $atHome = $this->atHome();
        if ($atHome !== [] && array_filter($cause, fn (PartStanding $one): bool => ! $this->isAtHome($one->part)) === []) {
            return [...$atHome, ...$unshown];
        }
        $shared = $this->shared($cause);
        if ($shared !== null) {
            return [...$this->ofTrouble($shared), ...$this->replacedUnshown($shared->standings($this->assessment))];
        }
        if ($named === [] && $cause === []) {
            return [Sentence::of('We could not find out for certain what it was. We say so plainly rather than guess.'), ...$unshown];
        }
        $sentences = [];
        foreach ($cause as $standing) {
            $sentences = [...$sentences, ...$this->ofPart($standing)];
        }

        return [...$sentences === [] ? $this->likeliest($named[0]) : $sentences, ...$unshown];
    }

    private function untried(): Sentence
    {
        $record = $this->assessment->record;
        $trials = HostTrials::in($record, $this->assessment->machine, $this->catalogue);

        return match (true) {
            $trials !== [] => Sentence::of('In our tests it did not fail, so we do not name a cause.', ...array_column($trials, 'number')),
            $record->all(Finding::class) !== [] => Sentence::of('We have not started it, so we do not name a cause.'),
            default => Sentence::of('We have not tried it out, so we do not name a cause.'),
        };
    }

    /** @return list<Sentence> */
    private function likeliest(FaultBelief $named): array
    {
        $words = "The likeliest cause: {$named->fault->plain}. We are not sure.";

        return [Sentence::of($words, ...$this->entriesOf($named->part->id)), ...$this->inOurTests($named->part, [$named])];
    }

    private function isAtHome(Part $part): bool
    {
        return $this->assessment->machine->isAtHome($part);
    }

    /**
     * That it runs here without what stayed with its owner, where that is likelier at fault than not.
     *
     * @return list<Sentence>
     */
    private function atHome(): array
    {
        $last = $this->assessment->record->lastStart();
        $stated = array_sum(array_map(
            fn (PartStanding $one): float => $this->isAtHome($one->part) ? $one->stated : 0.0,
            $this->assessment->standings,
        ));
        if ($last === null || $stated < self::AT_HOME_FROM || ! $last->setUp->changesNoPart()
            || $this->catalogue->isFailure($last->reached)) {
            return [];
        }
        $kinds = array_intersect_key(Machine::MAY_STAY, array_flip($this->assessment->machine->atHome));
        $sure = Certainty::of($stated)->with($stated);

        return [
            Sentence::of('Here it ran well without what stayed with you: '.Listed::of(array_values($kinds)).'.', $last->number),
            Sentence::of("That the cause is among these is {$sure}.", $last->number),
            Sentence::of('Try another one of each, one at a time, or bring them in.', $last->number),
        ];
    }

    /**
     * Parts that were replaced and are not among the causes: what their owner pays for without its having been shown.
     *
     * @param  list<PartStanding>  $cause
     *
     * @return list<Sentence>
     */
    private function replacedUnshown(array $cause): array
    {
        $shown = array_map(fn (PartStanding $standing): string => $standing->part->id, $cause);
        $replacing = array_values(
            array_filter(
                $this->assessment->record->all(ActDone::class),
                fn (ActDone $act): bool => $act->with !== null && ! $act->begun,
            ),
        );
        $replaced = array_merge([], ...array_map(fn (ActDone $act): array => $act->on, $replacing));
        $unshown = array_values(array_unique(array_diff($replaced, $shown)));

        if ($unshown === []) {
            return [];
        }
        $parts = array_map($this->assessment->machine->part(...), $unshown);
        $several = isset($unshown[1]);
        $sentence = 'We '.($cause === [] ? '' : 'also ').'replaced '.PartsInPlain::of($parts).'. '.match (true) {
            $this->assessment->refusal(...array_map(static fn (Part $part): string => $part->kind->id, $parts)) > 0.5 => $several
                ? 'The old ones are not shown to be bad: this machine may only not get on with them.'
                : 'The old one is not shown to be bad: this machine may only not get on with it.',
            default => 'We did not show for certain that '.($several ? 'they were' : 'it was').' at fault.',
        };

        return [Sentence::of($sentence, ...array_column($replacing, 'number'))];
    }

    /** @return list<int> entries that speak about a part */
    private function entriesOf(string $part): array
    {
        $standing = $this->assessment->standings[$part];

        return array_map(fn (Because $because): int => $because->entry, [...$standing->because, ...$standing->replaced->because ?? []]);
    }

    /**
     * What several parts share, where that is likelier than any one of them, and none is confirmed.
     *
     * @param  list<PartStanding>  $cause
     */
    private function shared(array $cause): ?SharedTrouble
    {
        $shared = SharedTrouble::likeliest($this->assessment, fn (FaultBelief $one): bool => ! $this->isAtHome($one->part));
        $isLikelier = $shared !== null && $shared->stated >= max(0.5, $cause[0]->stated ?? 0.0);

        return $isLikelier && ! ($cause[0]->confirmed ?? false) ? $shared : null;
    }

    /** @return list<Sentence> */
    private function ofTrouble(SharedTrouble $trouble): array
    {
        $entries = array_merge([], ...array_map(fn (FaultBelief $one): array => $this->entriesOf($one->part->id), $trouble->faults));
        $tests = array_merge([], ...array_map(fn (FaultBelief $one): array => $this->inOurTests($one->part, [$one]), $trouble->faults));
        $sure = Certainty::of($trouble->stated)->with($trouble->stated);

        return [
            Sentence::of(ucfirst($trouble->plain).'.', ...$entries),
            Sentence::of("That is {$sure}. We did not confirm it beyond that.", ...$entries),
            ...array_slice($tests, 0, 1),
        ];
    }

    /** @return list<Sentence> */
    private function ofPart(PartStanding $standing): array
    {
        $faults = $this->assessment->faultsOf($standing->part->id);
        $fault = $faults[0] ?? null;
        $grounds = array_map(fn (Because $b): Ground => $b->ground, $standing->because);
        $from = $this->catalogue->number($standing->confirmed ? 'fault_named_surely_from' : 'fault_named_from');
        $likely = $fault !== null && $fault->probability >= $from * $standing->probability;
        $what = self::what($standing, $likely ? $fault : null);
        $said = match (true) {
            $standing->confirmed && in_array(Ground::CameBack, $grounds, true) => [
                "{$what}.",
                'We are sure. '.HowChanged::withGain($standing, $this->assessment->record, $this->catalogue)->cameBack(),
            ],
            $standing->confirmed => ["{$what}.", 'We are sure, because we saw or measured it.'],
            default => [
                "{$what}.",
                'That is '.Certainty::of($standing->stated)->with($standing->stated).'. We did not confirm it beyond that.',
            ],
        };
        $entries = array_map(fn (Because $because): int => $because->entry, $standing->because);

        return [
            ...array_map(fn (string $words): Sentence => Sentence::of($words, ...$entries), $said),
            ...$this->inOurTests($standing->part, $likely ? [$fault] : $faults),
        ];
    }

    /** @param  ?FaultBelief  $fault what is wrong with it, where one thing is likely enough to be named */
    private static function what(PartStanding $standing, ?FaultBelief $fault): string
    {
        return match (true) {
            $fault !== null => ucfirst($fault->fault->plain),
            // What is part of another, such as a slot, is not fitted by itself.
            $standing->confirmed, ! $standing->part->kind->lendable => ucfirst($standing->part->kind->plain).' was at fault',
            default => ucfirst($standing->part->kind->plain).' was at fault, or the way it was fitted',
        };
    }

    /**
     * What looks and readings showed of it, in words for the owner.
     *
     * @param  list<FaultBelief>  $faults what is told of the part
     *
     * @return list<Sentence> none where nothing did
     */
    private function inOurTests(Part $part, array $faults): array
    {
        $told = array_map(fn (FaultBelief $one): string => $one->fault->id, $faults);
        $shown = [];
        foreach ($this->assessment->record->all(Finding::class) as $finding) {
            $result = $this->catalogue->check($finding->check)->result($finding->result);
            $ofIt = $finding->target === null || $finding->target === $part->id;
            $speaks = $finding->believed * $finding->sureness >= $this->catalogue->number('speaks_from');
            if ($ofIt && $speaks && $result->plain !== '' && array_intersect($told, array_keys($result->shows)) !== []) {
                $shown[$finding->number] = $result->plain;
            }
        }

        return $shown === []
            ? []
            : [Sentence::of('In our tests '.Listed::of(array_values(array_unique($shown))).'.', ...array_keys($shown))];
    }
}
