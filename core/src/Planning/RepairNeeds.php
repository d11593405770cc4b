<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;

/**
 * Which repairs each fault set needs, and what each costs: when it is needed, and when it is tried in vain. What belongs
 * to a carrier is replaced with the carrier.
 */
final class RepairNeeds
{
    /** Repairs are numbered below this, so that a set of them is one whole number. */
    private const BASE = 1024;

    /** @var array<int, Repair> by number */
    public array $repairs = [];

    /** @var array<int, float> repair => bench minutes when it is needed, money turned into minutes */
    private array $costs = [];

    /** @var array<int, float> repair => what it weighs when it was not needed: a good part replaced costs trust too */
    private array $vain = [];

    /** @var array<int, float> repair => bench minutes of the cheapest test that tells whether it is needed; missing if none does */
    private array $tests = [];

    /** @var array<string, int> repair id => its number */
    private array $numbers = [];

    /** @var array<int, ?int> mode => its usual repair */
    private array $ofMode = [];

    /** @var array<int, list<int>> set number => repairs */
    private array $sets = [];

    /** Number of handing it on, which ends the work on it. */
    private int $handOn;

    /** Times a repair is done before something else is tried. Origin: judgement. */
    private const TRIES = 2;

    /** @var array<string, int> "act part" => times it was done already */
    private array $done = [];

    /**
     * @param  array<string, int>  $testMinutes part => minutes of the cheapest step open now that tells of it by itself
     * @param  int  $longer minutes beyond a plain start that it takes to see whether a repair helped: what fails late is run at work
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Replay $replay,
        Record $record,
        private readonly array $testMinutes,
        private readonly int $longer = 0,
    ) {
        foreach ($record->all(ActDone::class) as $act) {
            foreach ($act->begun ? [] : $act->on as $part) {
                $this->done["{$act->act} {$part}"] = ($this->done["{$act->act} {$part}"] ?? 0) + 1;
            }
        }
        foreach (array_keys($replay->model->modes->all) as $mode) {
            $this->ofMode[$mode] = $this->numberOf($mode);
        }
        $this->handOn = $this->number($catalogue->act(Repair::HAND_ON), $replay->model->machine->ofKind('outside')[0]);
    }

    /**
     * Number of the set of repairs that some faults need.
     *
     * @param  list<int>  $faults
     */
    public function of(array $faults): int
    {
        if (! isset($faults[1])) {
            $number = $faults === [] ? null : $this->ofMode[$faults[0]];
            $set = $number === null ? 0 : $number + 1;
            $this->sets[$set] ??= $number === null ? [] : [$number];

            return $set;
        }
        $numbers = [];
        foreach ($faults as $fault) {
            $number = $this->ofMode[$fault];
            if ($number !== null) {
                $numbers[$number] = $number;
            }
        }
        if (count($numbers) > 1) {
            ksort($numbers);
        }

        return $this->setOf($numbers);
    }

    /** @param  array<int>  $numbers of repairs, rising */
    private function setOf(array $numbers): int
    {
        $set = 0;
        foreach ($numbers as $number) {
            $set = $set * self::BASE + $number + 1;
        }
        $this->sets[$set] ??= array_values($numbers);

        return $set;
    }

    /**
     * The best order of repairs for weighed sets, and its expected cost. Each repair is done outright where that is expected
     * to cost less than testing first.
     *
     * @param  array<int, float>  $weights set number => weight
     * @param  list<int>  $untested repairs that no test is taken before
     *
     * @return array{list<int>, float, array<int, bool>} order, cost as weighed, and repair => done outright
     */
    public function order(array $weights, array $untested = []): array
    {
        $states = $p = [];
        $total = 0.0;
        foreach ($weights as $set => $weight) {
            $needs = $this->sets[$set];
            $states[] = [$needs, $weight];
            $total += $weight;
            foreach ($needs as $repair) {
                $p[$repair] = ($p[$repair] ?? 0.0) + $weight;
            }
        }
        $costs = $vain = $outright = [];
        foreach ($p as $repair => $weight) {
            $cost = $this->costs[$repair];
            $test = in_array($repair, $untested, true) ? null : $this->tests[$repair] ?? null;
            $vainly = $this->vain[$repair];
            $outright[$repair] = $test === null || $vainly * ($total - $weight) <= $test * $total;
            $costs[$repair] = $outright[$repair] ? $cost : $cost + (float) $test;
            $vain[$repair] = $outright[$repair] ? $vainly : (float) $test;
        }
        $costs[$this->handOn] = $vain[$this->handOn] = $this->costs[$this->handOn];
        $outright[$this->handOn] = true;
        [$order, $cost] = RepairOrder::best($states, $costs, $vain, $this->handOn);

        return [$order, $cost, $outright];
    }

    /**
     * What a repair costs that is done before anything else is asked, and what is still needed then.
     *
     * @param  array<int, float>  $weights set number => weight
     *
     * @return array{float, array<int, float>} minutes as weighed, and set number => weight of those in which it was not all
     */
    public function done(int $repair, array $weights): array
    {
        $minutes = 0.0;
        $left = [];
        foreach ($weights as $set => $weight) {
            $needs = $this->sets[$set];
            $isNeeded = in_array($repair, $needs, true);
            $minutes += $weight * ($isNeeded ? $this->costs[$repair] : $this->vain[$repair]);
            $rest = $isNeeded ? $this->setOf(array_diff($needs, [$repair])) : $set;
            if ($rest !== 0) {
                $left[$rest] = ($left[$rest] ?? 0.0) + $weight;
            }
        }

        return [$minutes, $left];
    }

    /** @return array<int, float> set number => probability that just these repairs are still needed */
    public function under(Belief $belief): array
    {
        $weights = [];
        foreach ($belief->states() as [$faults, $weight]) {
            $set = $this->of($faults);
            $weights[$set] = ($weights[$set] ?? 0.0) + $weight;
        }

        return $weights;
    }

    /**
     * @param  array<int, float>  $weights set number => weight
     *
     * @return array<int, float> repair => probability that it is needed, likeliest first
     */
    public function probabilities(array $weights): array
    {
        $p = [];
        foreach ($weights as $set => $weight) {
            foreach ($this->sets[$set] as $repair) {
                $p[$repair] = ($p[$repair] ?? 0.0) + $weight;
            }
        }
        arsort($p);

        return $p;
    }

    /** The first of a fault's repairs that was done least; what did not help twice is not done over and over. */
    private function repairLeft(Fault $fault, string $part): string
    {
        foreach (range(0, self::TRIES - 1) as $times) {
            foreach (array_keys($fault->cures) as $act) {
                if (($this->done["{$act} {$part}"] ?? 0) <= $times) {
                    return $act;
                }
            }
        }

        return Repair::HAND_ON;
    }

    /** A lent part that is bad needs no repair; one fitted for good does. */
    private function numberOf(int $mode): ?int
    {
        $how = $this->replay->model->modes->all[$mode];
        if ($how->spare !== null && ($this->replay->fitted[$how->part] ?? null) !== $how->spare) {
            return null;
        }
        $machine = $this->replay->model->machine;
        $part = $machine->part($how->part);
        $act = $this->catalogue->act($this->repairLeft($how->fault, $how->part));
        if ($act->buysPart && $part->kind->carrier !== null) {
            $part = $machine->ofKind($part->kind->carrier)[0];
        }
        if ($act->atOwner && $machine->isAtHome($part)) {
            // Its owner is told of all that stayed there at once.
            $part = $machine->ofKind($machine->atHome[0])[0];
        }

        return $this->number($act, $act->id === Repair::HAND_ON ? $machine->ofKind('outside')[0] : $part);
    }

    /** @return list<string> what stayed at home beside one part that did */
    private function othersAtHome(Part $part): array
    {
        $machine = $this->replay->model->machine;
        $home = $machine->isAtHome($part) ? array_keys($this->replay->model->partsOfKinds($machine->atHome)) : [];

        return array_values(array_diff($home, [$part->id]));
    }

    private function number(Act $act, Part $part): int
    {
        $repair = Repair::of(
            $act,
            $part,
            $this->catalogue->number('money_per_minute'),
            $this->catalogue->number('start_minutes') + ($act->id === Repair::HAND_ON ? 0 : $this->longer),
            $this->catalogue->number('specialist_minutes'),
            $act->atOwner ? $this->othersAtHome($part) : [],
        );
        if (! isset($this->numbers[$repair->id()])) {
            $number = count($this->repairs);
            $this->numbers[$repair->id()] = $number;
            $this->repairs[$number] = $repair;
            $this->costs[$number] = $repair->cost;
            $this->vain[$number] = $act->buysPart ? $repair->cost * $this->catalogue->number('wrong_repair') : $repair->cost;
            $test = $this->testMinutes[$part->id] ?? null;
            if ($act->buysPart && $test !== null && $test < $repair->cost) {
                $this->tests[$number] = $test;
            }
        }

        return $this->numbers[$repair->id()];
    }
}
