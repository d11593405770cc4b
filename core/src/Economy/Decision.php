<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Economy\EconomyData;
use Orthoscope\Core\Catalogue\Economy\Promise;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Planning\LookAhead;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\RepairNeeds;
use Orthoscope\Core\Shelf\Shelf;

/**
 * All options from what is believed now, cheapest first for owner and shop together: what each costs until the job ends, with its
 * failures and comebacks, and whether one more test is worth more than deciding now.
 */
final class Decision
{
    /** Ways that are followed on after the first one failed. Origin: judgement; each doubles the work. */
    private const FOLLOWED = 8;

    /** Tests that are looked at for what they are worth. Origin: judgement. */
    private const TESTS = 3;

    /** Fault sets that are looked at, and the share of belief they hold. Origin: judgement. */
    private const STATES = 240;

    private const SHARE = 0.995;

    /** @var list<Option> cheapest first */
    public readonly array $options;

    /** What the machine is worth to its owner, minor units. */
    public readonly int $worth;

    /** What it is expected to cost when it is decided now, minor units. */
    public readonly int $now;

    /** The open test that saves most over deciding now. */
    public readonly ?TestFirst $test;

    /** Why the first option is first. */
    public readonly string $why;

    private readonly EconomyData $data;

    private readonly float $rate;

    /** @var array<int, WayOn> by number */
    private array $ways = [];

    private readonly WaysOn $waysOn;

    private function __construct(
        private readonly Replay $replay,
        private readonly Assessment $assessment,
        private readonly Catalogue $catalogue,
        private readonly Shelf $shelf,
        private readonly Terms $terms,
    ) {
        $this->data = $catalogue->economy;
        $this->rate = $catalogue->economy->labour;
        $this->worth = $terms->worth ?? Worth::of($assessment->machine, WaysOn::history($assessment->record), $catalogue);
        $this->waysOn = new WaysOn($replay, $assessment->record, $catalogue, $shelf, $terms, $this->worth);
        $states = $this->states($replay->belief->mostOf(self::SHARE, self::STATES));
        $this->ways = $this->followed($this->waysOn->all(), $states);
        $pursuit = $this->pursuit($states);
        $this->now = (int) round($pursuit->cost());
        $this->test = $this->bestTest();
        $options = [...$this->cures($pursuit, $states), ...$this->ends($states)];
        if ($this->test !== null) {
            $options[] = $this->testFurther($this->test);
        }
        if ($assessment->sound >= $this->catalogue->number('well_from') && ! $assessment->runsOnlyOutOfItsCase) {
            $options[] = $this->nothingMore($pursuit);
        }
        usort(
            $options,
            fn (Option $a, Option $b): int => [$a->expects->cost, $a->way !== 'prove', $a->id] <=> [
                $b->expects->cost,
                $b->way !== 'prove',
                $b->id,
            ],
        );
        $this->options = $options;
        $this->why = Reason::of($options, $this->worth, $this->data->currency);
    }

    public static function of(Replay $replay, Assessment $assessment, Catalogue $catalogue, Shelf $shelf, Terms $terms = new Terms): self
    {
        return new self($replay, $assessment, $catalogue, $shelf, $terms);
    }

    public function option(string $id): ?Option
    {
        foreach ($this->options as $option) {
            if ($option->id === $id) {
                return $option;
            }
        }

        return null;
    }

    /** One sentence: why no test comes first; none where there is nothing more to do, or where a test is worth more than it costs. */
    public function testingSentence(): string
    {
        $best = $this->test?->step->candidate->name();
        $saves = $this->data->currency->amount(abs($this->test->saves ?? 0));

        return match (true) {
            $this->options[0]->way === 'prove' => '',
            $this->test === null => 'No test is open now.',
            // That testing on comes first, and why, is said beside it.
            $this->test->saves > 0 => '',
            default => "Deciding now is worth more than testing on: the best test, \"{$best}\", costs {$saves} more than it saves.",
        };
    }

    /**
     * Fault sets there are now, less what is wrong only with lent parts.
     *
     * @param  ?array<int, float>  $weights state => weight, in place of the belief's own
     *
     * @return list<array{list<int>, float}>
     */
    private function states(Belief $belief, ?array $weights = null): array
    {
        $states = [];
        foreach ($belief->states() as $i => [$faults, $weight]) {
            $ours = array_values(array_filter($faults, $this->waysOn->isOurs(...)));
            $key = implode(',', $ours);
            $states[$key] = [$ours, ($states[$key][1] ?? 0.0) + ($weights === null ? $weight : $weights[$i] ?? 0.0)];
        }
        $states = array_values(array_filter($states, fn (array $state): bool => $state[1] > 0.0));
        $total = $weights === null ? array_sum(array_column($states, 1)) : 1.0;

        return array_map(fn (array $state): array => [$state[0], $state[1] / $total], $states);
    }

    /**
     * The ways that may come up after one another: those that cure most for what they cost.
     *
     * @param  list<WayOn>  $ways
     * @param  list<array{list<int>, float}>  $states
     *
     * @return array<int, WayOn>
     */
    private function followed(array $ways, array $states): array
    {
        $all = new Pursuit($states, array_map($this->numbers(...), $ways), 0.0);
        $worth = [];
        foreach ($ways as $i => $way) {
            $worth[$i] = (1.0 - $all->leaves($i)) / max(1, $this->outlay($way));
        }
        arsort($worth);

        return array_map(fn (int $i): WayOn => $ways[$i], array_slice(array_keys($worth), 0, self::FOLLOWED));
    }

    /** @param  list<array{list<int>, float}>  $states */
    private function pursuit(array $states): Pursuit
    {
        return new Pursuit($states, array_map($this->numbers(...), $this->ways), $this->endCost());
    }

    /** @return array{cost: float, cures: array<int, float>} */
    private function numbers(WayOn $way): array
    {
        return ['cost' => (float) $this->outlay($way), 'cures' => $way->cures];
    }

    /** What it costs if it is tried: part, minutes, waiting; and what it is expected to cost later. */
    private function outlay(WayOn $way): int
    {
        return $way->cost->parts
            + WorkPrice::of($way->acts, $way->cost->minutes, $this->catalogue)
            + (int) round(($this->data->day * array_sum($way->cost->days)) / 2)
            + $way->after;
    }

    /** The cheapest way to end it with the machine not right. */
    private function endCost(): float
    {
        return (float) min([PHP_INT_MAX, ...array_map($this->endOutlay(...), $this->endsOffered())]);
    }

    /** @return list<string> */
    private function endsOffered(): array
    {
        return array_values(array_filter(array_keys($this->data->ends), $this->data->offers(...)));
    }

    private function endOutlay(string $id): int
    {
        $end = $this->data->ends[$id];
        $lost =
            $this->worth * (1.0 - $end->cures) * (1.0 - ($end->worth ?? 0.0)) - ($end->parts !== null ? $this->forParts($end->parts) : 0);

        return (int) round($end->fee + $end->minutes * $this->rate + ($this->data->day * array_sum($end->days)) / 2 + max(0.0, $lost));
    }

    /** What its parts are worth to the shop, each by how likely it is good. */
    private function forParts(float $share): float
    {
        $sum = 0.0;
        foreach ($this->assessment->standings as $standing) {
            $sum +=
                $standing->part->kind->lendable && $standing->part->kind->id !== 'screen'
                    ? (1.0 - $standing->now) * $standing->part->kind->price
                    : 0.0;
        }

        return $share * $sum;
    }

    /**
     * @param  list<array{list<int>, float}>  $states
     *
     * @return list<Option>
     */
    private function cures(Pursuit $pursuit, array $states): array
    {
        $broken = self::broken($states);
        $besides = new Besides($this->assessment, $this->data, $this->catalogue->number('refused_from'));
        $options = [];
        foreach ($this->ways as $number => $way) {
            $spread = $pursuit->spread($pursuit->orderAfter($number));
            // What is right already stays so.
            $cures = 1.0 - $broken * $pursuit->leaves($number);
            $options[] = new Option(
                id: $way->id,
                way: $way->way,
                name: $way->name,
                acts: $way->acts,
                part: $way->part,
                cost: $way->cost,
                expects: new Expectation(
                    outlay: $this->outlay($way),
                    cost: (int) round($pursuit->startingWith($number)),
                    range: $this->range($spread),
                    cures: $cures,
                    other: max(0.0, self::fixesItsOwn($way, $states) - $cures),
                ),
                promise: $way->promise,
                effects: $besides->effects($way),
                leaves: [...$way->leaves, ...$besides->unproved($way)],
                from: $way->from,
            );
        }

        return $options;
    }

    /** @param  list<array{list<int>, float}>  $states */
    private static function broken(array $states): float
    {
        return array_sum(array_map(fn (array $state): float => $state[0] === [] ? 0.0 : $state[1], $states));
    }

    /**
     * Chance that one of the faults a way is about is there and is put right, whatever else is wrong.
     *
     * @param  list<array{list<int>, float}>  $states
     */
    private static function fixesItsOwn(WayOn $way, array $states): float
    {
        $fixes = 0.0;
        foreach ($states as [$faults, $weight]) {
            $cured = 1.0;
            $about = false;
            foreach ($faults as $fault) {
                $about = $about || isset($way->cures[$fault]);
                $cured *= isset($way->cures[$fault]) ? $way->cures[$fault] : 1.0;
            }
            $fixes += $faults === [] || $about ? $weight * $cured : 0.0;
        }

        return $fixes;
    }

    /**
     * @param  list<array{float, float}>  $spread
     *
     * @return array{int, int}
     */
    private function range(array $spread): array
    {
        $tail = (1.0 - $this->data->within) / 2.0;

        return [$this->quantile($spread, $tail), $this->quantile($spread, 1.0 - $tail)];
    }

    /** @param  list<array{float, float}>  $spread */
    private function quantile(array $spread, float $at): int
    {
        $sum = 0.0;
        foreach ($spread as [$cost, $p]) {
            $sum += $p;
            if ($sum >= $at - 1e-9) {
                return (int) round($cost);
            }
        }

        return (int) round($spread[count($spread) - 1][0]);
    }

    /**
     * @param  list<array{list<int>, float}>  $states
     *
     * @return list<Option>
     */
    private function ends(array $states): array
    {
        $broken = self::broken($states);
        $options = [];
        foreach ($this->endsOffered() as $id) {
            $end = $this->data->ends[$id];
            $outlay = $this->endOutlay($id);
            $options[] = new Option(
                id: $id,
                way: $id,
                name: $end->name,
                acts: [],
                part: null,
                cost: new Cost($end->fee, $end->minutes, $end->days),
                expects: new Expectation($outlay, $outlay, [$outlay, $outlay], 1.0 - $broken * (1.0 - $end->cures)),
                promise: new Promise($end->warrantyMonths, 0.0, 0),
                effects: [],
                leaves: match ($id) {
                    'specialist' => ['What they find is theirs to say; ask for it in writing.'],
                    'return' => ['It goes back as it came. What is dangerous goes back with a written warning, at no charge.'],
                    default => ['Only with the owner\'s written leave; the drives go back or are destroyed as agreed.'],
                },
                end: true,
            );
        }

        return $options;
    }

    /** Where it seems to be right already. What costs follow where it is not are those of the cheapest course. */
    private function nothingMore(Pursuit $pursuit): Option
    {
        return new Option(
            id: 'prove',
            way: 'prove',
            name: 'Nothing more: prove it, hand it back',
            acts: [],
            part: null,
            cost: new Cost(0, (int) $this->catalogue->number('start_minutes')),
            expects: new Expectation(
                outlay: 0,
                cost: $this->now,
                range: $this->range($pursuit->spread($pursuit->order())),
                cures: $this->assessment->sound,
            ),
            promise: Promise::none(),
            effects: [],
            leaves: ['What is not proved yet is proved first, or a lead signs for it.'],
        );
    }

    /** The open test that saves most over deciding now. */
    private function bestTest(): ?TestFirst
    {
        $ahead = new LookAhead(
            $this->catalogue,
            $this->replay,
            new RepairNeeds($this->catalogue, $this->replay, $this->assessment->record, []),
        );
        $belief = $this->replay->belief->mostOf(self::SHARE, self::STATES);
        $best = null;
        $open = array_filter(
            $this->assessment->advice->steps,
            fn (NextStep $step): bool => $step->isOpen()
                && $step->candidate->step->record !== 'act'
                && $step->candidate->step->record !== 'unlock',
        );
        foreach (array_slice($open, 0, self::TESTS) as $step) {
            $one = $this->testFirst($step, $ahead, $belief);
            $best = $best === null || $one->saves > $best->saves ? $one : $best;
        }

        return $best;
    }

    private function testFirst(NextStep $step, LookAhead $ahead, Belief $belief): TestFirst
    {
        $total = array_sum(array_column($belief->states(), 1));
        $outlay = $step->minutes * $this->rate + $step->moneyAtRisk;
        $after = $outlay;
        $spread = [];
        foreach ($ahead->at($step->candidate, $belief, 0.0)[1] as $prospect) {
            $pursuit = $this->pursuit(
                $this->states($prospect->belief, array_map(fn (float $w): float => $w / $total, $prospect->weights)),
            );
            $after += $pursuit->cost();
            foreach ($pursuit->spread($pursuit->order()) as [$cost, $share]) {
                $spread[] = [$outlay + $cost, ($share * array_sum($prospect->weights)) / $total];
            }
        }
        usort($spread, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new TestFirst($step, (int) round($outlay), (int) round($this->now - $after), $spread);
    }

    private function testFurther(TestFirst $test): Option
    {
        $candidate = $test->step->candidate;

        return new Option(
            id: 'test',
            way: 'test',
            name: "Test on: {$candidate->name()}",
            acts: [],
            part: $candidate->target?->id,
            cost: new Cost(0, $test->step->minutes),
            expects: new Expectation(
                outlay: $test->outlay,
                cost: max(0, $this->now - $test->saves),
                range: $this->range($test->spread),
                cures: $this->assessment->sound,
            ),
            promise: Promise::none(),
            effects: [],
            leaves: ['It fixes nothing by itself; it tells what to buy.'],
        );
    }
}
