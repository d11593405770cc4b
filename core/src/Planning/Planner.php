<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Information;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;

/**
 * Ranks what can be done next. Underneath lies the cheapest order of repairs; on top a look one step ahead: what a step
 * costs, plus what remains after each thing it may show. A step is worth what it takes off the total.
 */
final class Planner
{
    private const EXPLAINED_STEPS = 8;

    /** Decimals to which what is saved or told must differ to put one step before another. */
    private const ALIKE = 6;

    /** Chance of one outcome from which a step tells nothing. */
    private const FOREGONE_FROM = 0.99;

    /** States on which every step is weighed first. Origin: judgement. */
    private const SCREENED_STATES = 60;

    /** Steps that are then weighed on all the planner looks at. Origin: judgement. */
    private const LOOKED_AT_CLOSELY = 16;

    /** Bits for each minute that the test of the plan must tell, against what tells most. Origin: judgement, by played jobs. */
    private const TELLS_FROM = 0.5;

    /** Share of what is not known of a repair that a test must be expected to tell of it. Origin: judgement. */
    private const IS_A_TEST_FROM = 0.25;

    /** Repairs that come first in the plan, of whose tests the one that saves most is made. Origin: judgement. */
    private const PLANNED = 3;

    private readonly Belief $belief;

    private readonly RepairNeeds $needs;

    private readonly LookAhead $lookAhead;

    private readonly Suspicion $suspicion;

    private readonly Trial $trial;

    private readonly Situation $situation;

    /** @var list<string> events that were told */
    private readonly array $told;

    /** @var list<array{Candidate, list<ActiveLock>}> */
    private readonly array $candidates;

    private readonly Keys $keys;

    /** @var array<string, PlannedTest> by part, the cheapest that can be made now */
    private readonly array $tests;

    /** @param  array<string, PartStanding>  $standings by part */
    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly Replay $replay,
        private readonly Record $record,
        private readonly Grounds $grounds,
        private readonly Interlocks $locks,
        private readonly Shelf $shelf,
        private readonly array $standings,
    ) {
        $this->belief = $replay->belief->mostOf($catalogue->number('plan_mass'), (int) $catalogue->number('plan_states'));
        $this->told = array_column(Circumstances::of($record, $catalogue), 'id');
        $this->trial = Trial::of($record, $grounds, $catalogue);
        $this->situation = Situation::of($catalogue, $replay, $record, $grounds, $locks, $this->trial);
        $this->suspicion = new Suspicion($catalogue, $replay, $this->belief, $this->situation->stopsAt);
        $this->candidates = $this->candidates();
        $this->keys = new Keys($this->candidates);
        $this->tests = $this->openTests();
        $this->needs = new RepairNeeds(
            $catalogue,
            $replay,
            $record,
            array_map(fn (PlannedTest $test): int => $test->minutes, $this->tests),
            $this->trial->longerThanPlain($catalogue),
        );
        $this->lookAhead = new LookAhead($catalogue, $replay, $this->needs);
    }

    /** @param  array<string, PartStanding>  $standings by part; without one a repair is stated as it is believed */
    public static function advise(
        Catalogue $catalogue,
        Replay $replay,
        Record $record,
        Grounds $grounds,
        Interlocks $locks,
        Shelf $shelf,
        array $standings,
    ): Advice {
        return (new self($catalogue, $replay, $record, $grounds, $locks, $shelf, $standings))->advice();
    }

    private function advice(): Advice
    {
        $now = $this->needs->under($this->belief);
        [$order, $remaining, $outright] = $this->needs->order($now);
        $weighed = $this->weighed($this->isDoneOutright($order[0] ?? null, $outright) ? $order[0] : null);
        $chances = $this->needs->probabilities($now);
        [$order, $remaining, $outright] = $this->needs->order($now, $this->hardlyTested($weighed, $chances));
        $planned = $this->testsOf(array_slice($order, 0, self::PLANNED), $outright);
        $keys = array_filter(array_column($planned, 'key'));
        $isForegone = fn (Weighed $one): bool => $this->isForegone($one) && ! in_array($one->candidate, $keys, true);
        $foregone = array_values(array_filter($weighed, $isForegone));
        $weighed = array_values(array_filter($weighed, fn (Weighed $one): bool => ! in_array($one, $foregone, true)));
        $weighed = $this->testOfThePlanFirst($weighed, $order[0] ?? null, $outright, $planned);
        $next = RepairInView::of($this->needs, $chances, $order, $outright, $this->standings, $this->catalogue);
        $steps = $this->steps($weighed);
        $conclusion = $this->conclusion($steps, $next);
        $all = [...$weighed, ...$foregone];
        $precaution = (new Precautions($all, $this->grounds, $this->replay, $this->suspicion, $this->record, $this->catalogue))
            ->before($conclusion, $next);
        if ($precaution !== null) {
            $isOther = fn (Weighed $one): bool => $one !== $precaution->step;
            $foregone = array_values(array_filter($foregone, $isOther));
            $steps = $this->steps([$precaution->step, ...array_values(array_filter($weighed, $isOther))]);
            $conclusion = Conclusion::cautious($precaution->why);
        }

        return new Advice(
            steps: $steps,
            state: $conclusion->state,
            why: $conclusion->why,
            remaining: $remaining,
            repair: $conclusion->left ? null : $next->repair,
            repairProbability: $next->probability,
            repairStated: $next->stated,
            repairs: array_map(fn (int $number): array => [$this->needs->repairs[$number], $chances[$number]], array_keys($chances)),
            left: $conclusion->left,
            foregone: array_map(fn (Weighed $one): NextStep => $this->step($one, false), $foregone),
        );
    }

    /**
     * @param  ?int  $first the repair with which the plan begins, where it is done outright and buys nothing
     *
     * @return list<Weighed> every step that makes sense now, best first
     */
    private function weighed(?int $first): array
    {
        $screened = $this->ranked($this->candidates, $this->belief->mostOf(1.0, self::SCREENED_STATES));
        $likely = array_map(
            fn (Weighed $one): array => [$one->candidate, $one->lockedBy],
            array_splice($screened, 0, self::LOOKED_AT_CLOSELY),
        );
        $weighed = $this->keys->weighedWithWhatTheyOpen([...$this->ranked($likely, $this->belief, $first), ...$screened]);
        usort($weighed, fn (Weighed $a, Weighed $b): int => $this->rank($a) <=> $this->rank($b));

        return $weighed;
    }

    /**
     * @param  list<Weighed>  $weighed best first
     *
     * @return list<NextStep> the first of them with what each outcome would mean
     */
    private function steps(array $weighed): array
    {
        $steps = [];
        foreach ($weighed as $i => $one) {
            $steps[] = $this->step($one, $i < self::EXPLAINED_STEPS || $one->candidate->step->each === 'swapped');
        }

        return $steps;
    }

    /** @param  list<NextStep>  $steps best first, those that can be taken before those that are locked */
    private function conclusion(array $steps, RepairInView $next): Conclusion
    {
        $best = ($steps[0] ?? null)?->isOpen() === true ? $steps[0] : null;

        return Conclusion::of(
            $best,
            $best !== null && $this->unlocks($best->candidate),
            $best === null && $steps !== [],
            $next,
            $this->situation,
        );
    }

    private function step(Weighed $one, bool $explained): NextStep
    {
        return new NextStep(
            candidate: $one->candidate,
            minutes: $one->candidate->minutes(),
            why: $this->why($one->candidate),
            saves: $one->saves,
            after: $one->after,
            moneyAtRisk: $one->risk,
            bits: $one->bits,
            outcomes: $explained ? $this->lookAhead->explained($one->candidate, $one->prospects) : [],
            lockedBy: $one->lockedBy,
            opening: $one->opening,
        );
    }

    private function why(Candidate $candidate): string
    {
        return match (true) {
            $this->record->lastStart() === null => $candidate->step->why,
            $candidate->step->id === $this->situation->shownBy && $candidate->step->whyAfter !== null => $candidate->step->whyAfter,
            default => $candidate->step->whyAgain ?? $candidate->step->why,
        };
    }

    /**
     * A step of which the record says already what it will show, or that changes only what nobody suspects: it costs its minutes and
     * decides nothing. What unlocks, what confirms and the first start are never that.
     */
    private function isForegone(Weighed $one): bool
    {
        $candidate = $one->candidate;
        if (! $one->isOpen() || $one->opening !== null || $this->comesFirst($candidate)) {
            return false;
        }
        if ($candidate->step->record === 'act' || $this->suspicion->isHostTest($candidate)) {
            return $this->suspicion->touchesNone($candidate);
        }
        $likeliest = max([0.0, ...array_map(fn (Prospect $prospect): float => $prospect->probability, $one->prospects)]);

        return $likeliest >= self::FOREGONE_FROM || $this->suspicion->isPlainStart($candidate) || $this->isShownSo($candidate);
    }

    /**
     * Where no step is worth its minutes, the plan itself goes on: its first repair, or the test that comes before it. The plan takes it
     * that a test tells for sure; one that hardly does, as a good machine that a late fault does not show in, gives way to what tells, and
     * of the tests of the first repairs the one is made that saves most.
     *
     * @param  list<Weighed>  $weighed
     * @param  ?int  $first the repair with which the plan begins
     * @param  array<int, bool>  $outright
     * @param  list<PlannedTest>  $planned
     *
     * @return list<Weighed>
     */
    private function testOfThePlanFirst(array $weighed, ?int $first, array $outright, array $planned): array
    {
        if (
            $first === null
            || $outright[$first]
            || $weighed === []
            || $weighed[0]->saves > 0.0
            || $this->comesFirst($weighed[0]->candidate)
        ) {
            return $weighed;
        }
        $enough = self::TELLS_FROM * $weighed[0]->tellsPerMinute();
        $tests = array_filter(
            $weighed,
            fn (Weighed $one): bool => in_array($one->candidate, array_column($planned, 'test'), true) && $one->tellsPerMinute() >= $enough,
        );
        usort($tests, fn (Weighed $a, Weighed $b): int => $b->saves <=> $a->saves);
        $best = ($tests[0] ?? null)?->candidate;
        $begins = array_map(
            fn (PlannedTest $test): Candidate => $test->begins(),
            array_filter($planned, fn (PlannedTest $test): bool => $test->test === $best),
        );
        $test = array_filter($weighed, fn (Weighed $one): bool => in_array($one->candidate, $begins, true));

        return [...$test, ...array_values(array_filter($weighed, fn (Weighed $one): bool => ! in_array($one, $test, true)))];
    }

    /**
     * Likely repairs whose test was made, came out for them, and would hardly tell again, where no other step is worth its minutes: the
     * plan takes it that a test tells for sure, and of what comes and goes would test on and on.
     *
     * @param  list<Weighed>  $weighed best first
     * @param  array<int, float>  $chances repair => chance that it is needed
     *
     * @return list<int>
     */
    private function hardlyTested(array $weighed, array $chances): array
    {
        if ($weighed === [] || $weighed[0]->saves > 0.0 || $this->comesFirst($weighed[0]->candidate)) {
            return [];
        }
        $likely = array_filter($chances, fn (float $p): bool => $p >= $this->catalogue->number('provisional_from'));
        $hardly = function (int $repair) use ($weighed, $likely): bool {
            $test = ($this->tests[$this->needs->repairs[$repair]->part->id] ?? null)?->test;
            $least = self::IS_A_TEST_FROM * Information::bits([$likely[$repair], 1.0 - $likely[$repair]]);

            return $this->cameBack($this->needs->repairs[$repair]->part->id)
                && array_filter($weighed, fn (Weighed $one): bool => $one->candidate === $test && $one->bits < $least) !== [];
        };

        return array_values(array_filter(array_keys($likely), $hardly));
    }

    private function cameBack(string $part): bool
    {
        return $this->grounds->has($part, Ground::CameBack) || $this->grounds->cameBackInPlace($part);
    }

    /**
     * @param  list<int>  $repairs
     * @param  array<int, bool>  $outright
     *
     * @return list<PlannedTest> those that come before them, where one does
     */
    private function testsOf(array $repairs, array $outright): array
    {
        $tested = array_filter($repairs, fn (int $repair): bool => ! $outright[$repair]);
        $tests = array_map(fn (int $repair): ?PlannedTest => $this->tests[$this->needs->repairs[$repair]->part->id] ?? null, $tested);

        return array_values(array_filter($tests));
    }

    /**
     * Steps weighed on a belief, best first. All are first weighed on the few likeliest states, and those that come out best
     * on many more.
     *
     * @param  list<array{Candidate, list<ActiveLock>}>  $candidates
     * @param  ?int  $first the repair with which the plan begins: what is worth more once it was done in vain waits for it
     *
     * @return list<Weighed>
     */
    private function ranked(array $candidates, Belief $belief, ?int $first = null): array
    {
        $now = $this->needs->under($belief);
        $remaining = $this->needs->order($now)[1];
        $weighed = [];
        foreach ($candidates as [$candidate, $lockedBy]) {
            [$after, $prospects, $bits, $waits] = $this->lookAhead->at($candidate, $belief, $now[0] ?? 0.0, $first);
            if ($this->suspicion->touchesNone($candidate)) {
                // It tells no more than a plain start does.
                $after = max($after, $remaining);
            }
            $risk = $this->moneyAtRisk($candidate);
            $cost = $candidate->minutes() + $risk / $this->catalogue->number('money_per_minute');
            $saves = $remaining - $cost - $after;
            $saves = $waits > 0.0 ? min($saves, -$waits) : $saves;
            $weighed[] = new Weighed($candidate, $lockedBy, $after, $prospects, $risk, $saves, $bits);
        }
        usort($weighed, fn (Weighed $a, Weighed $b): int => $this->rank($a) <=> $this->rank($b));

        return $weighed;
    }

    /**
     * Whether the plan begins with a repair that is done without a test before it, and buys no part.
     *
     * @param  array<int, bool>  $outright
     */
    private function isDoneOutright(?int $repair, array $outright): bool
    {
        $act = $repair === null ? null : $this->needs->repairs[$repair]->act;

        return $act !== null && $outright[$repair] && ! $act->buysPart && $act->id !== Repair::HAND_ON;
    }

    /** @return list<array{Candidate, list<ActiveLock>}> every step that makes sense now, and what locks it */
    private function candidates(): array
    {
        $candidates = (new Candidates(
            $this->catalogue,
            $this->replay->model->machine,
            $this->record,
            $this->shelf,
            $this->grounds,
            $this->locks,
            $this->trial,
            ShowsUnder::of($this->belief, $this->replay),
        ))->all();

        return array_map(fn (Candidate $candidate): array => [$candidate, $this->locks->inTheWayOf($candidate)], $candidates);
    }

    /** @return array<string, PlannedTest> */
    private function openTests(): array
    {
        $tests = [];
        foreach ($this->candidates as [$candidate, $lockedBy]) {
            $step = $candidate->step;
            $keys = $this->keys->to($lockedBy);
            $isBarred = $candidate->lacksSpare || ($lockedBy !== [] && $keys === []);
            if ($candidate->target === null || $isBarred || $this->isShownSo($candidate)) {
                continue;
            }
            $minutes = match (true) {
                $step->check !== null && $this->catalogue->check($step->check)->direct, $step->each === 'swapped' => $candidate->minutes(),
                $candidate->spare !== null => $candidate->minutes() + $this->catalogue->steps['put-back']->minutes,
                default => null,
            };
            if ($minutes === null) {
                continue;
            }
            $minutes += array_sum(array_map(static fn (Candidate $key): int => $key->minutes(), $keys));
            if ($minutes < (($tests[$candidate->target->id] ?? null)->minutes ?? PHP_INT_MAX)) {
                $tests[$candidate->target->id] = new PlannedTest($minutes, $candidate, $keys[0] ?? null);
            }
        }

        return $tests;
    }

    /**
     * With another in its place it got further, with its own back the trouble came back, and nothing else is likelier: where that is hardly
     * luck, to lend for it again tells nothing more.
     */
    private function isShownSo(Candidate $candidate): bool
    {
        $part = $candidate->target?->id;

        return $candidate->spare !== null
            && $part !== null
            && $this->grounds->has($part, Ground::CameBack)
            && $this->suspicion->ofPart($candidate->target) >= $this->catalogue->number('provisional_from')
            && (new ShownBySwap($this->record, $this->catalogue))->isMoreThanLuck($part);
    }

    /**
     * @return array{int, int, float, float, float} locked last, what unlocks and what confirms first, then by what is saved for each
     *                                              minute, by what is saved (in steps of two minutes, for less is noise), by what is told;
     *                                              of steps that save nothing, by what they tell for each minute
     */
    private function rank(Weighed $one): array
    {
        // Rounded, so that of two sticks alike the first comes first, and not the one that chance put there in the last digit.
        return [
            $one->isOpen() ? 0 : 1,
            $this->comesFirst($one->candidate) ? 0 : 1,
            -round($one->savesPerMinute(), self::ALIKE),
            $one->savesTime() ? -round($one->saves / 2) : -round($one->tellsPerMinute(), self::ALIKE),
            -round($one->bits, self::ALIKE),
        ];
    }

    /** What unlocks, what confirms, the first start and what shows what work did come before all weighing. */
    private function comesFirst(Candidate $candidate): bool
    {
        return $this->unlocks($candidate)
            || $candidate->step->each === 'swapped'
            || $candidate->holdsUp
            || ($candidate->step->id === 'back-in-case' && $this->grounds->failsUnder->condition === FailsUnder::CASE)
            || ($candidate->step->id === 'start' && ! $this->situation->started)
            || $candidate->step->id === $this->situation->shownBy
            || $candidate->step->id === 'take-off'
            || $this->isAskedFirst($candidate);
    }

    /** Where a part is new or was just worked on, what that alone explains is looked at before anything else is taken apart. */
    private function isAskedFirst(Candidate $candidate): bool
    {
        $events = $candidate->step->whenNew;
        if ($events === [] || $this->record->lastStart() === null) {
            return false;
        }

        return array_intersect($events, $this->told) !== []
            && $this->suspicion->ofFaults($this->catalogue->check((string) $candidate->step->check)->detects())
                >= $this->catalogue->number('asked_first_from');
    }

    private function unlocks(Candidate $candidate): bool
    {
        return match ($candidate->step->record) {
            'check' => $this->locks->waitForCheck((string) $candidate->step->check),
            'unlock' => true,
            // Where its own supply gets no mains, a good one lent is what lets work go on.
            // What was lent already, and failed again when its own was put back, is lent no second time: it is replaced.
            'start' => $candidate->spare?->kind === 'supply'
                && ! $this->grounds->has('supply', Ground::CameBack)
                && $this->locks->onOwnSupply() !== []
                && ($this->record->lastStart()->setUp ?? new SetUp)->hasOwn('supply'),
            default => false,
        };
    }

    /** Minor units of money that a step may cost by harming what is lent. */
    private function moneyAtRisk(Candidate $candidate): int
    {
        if ($candidate->spare === null || $candidate->target?->kind->exposed === false) {
            return 0;
        }

        return (int) round($this->suspicion->harm() * $candidate->spare->value);
    }
}
