<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Replay;

/** Which repairs each fault set needs, and what each costs. What belongs to a carrier is replaced with the carrier. */
final class RepairNeeds
{
    /** Repairs are numbered below this, so that a set of them is one whole number. */
    private const BASE = 1024;

    /** @var array<int, Repair> by number */
    public array $repairs = [];

    /** @var array<int, float> repair => bench minutes, money turned into minutes */
    public array $costs = [];

    /** @var array<string, int> repair id => its number */
    private array $numbers = [];

    /** @var array<int, ?int> mode => its usual repair */
    private array $ofMode = [];

    /** @var array<int, list<int>> set number => repairs */
    private array $sets = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly Replay $replay)
    {
        foreach (array_keys($replay->model->modes->all) as $mode) {
            $this->ofMode[$mode] = $this->numberOf($mode);
        }
    }

    /**
     * Number of the set of repairs that some faults need.
     *
     * @param  list<int>  $faults
     */
    public function of(array $faults): int
    {
        $numbers = [];
        foreach ($faults as $fault) {
            $number = $this->ofMode[$fault];
            if ($number !== null) {
                $numbers[$number] = $number;
            }
        }
        ksort($numbers);
        $set = 0;
        foreach ($numbers as $number) {
            $set = $set * self::BASE + $number + 1;
        }
        $this->sets[$set] ??= array_values($numbers);

        return $set;
    }

    /**
     * The repairs behind set numbers, with the weight of each set.
     *
     * @param  array<int, float>  $weights set number => weight
     * @return list<array{list<int>, float}>
     */
    public function weighed(array $weights): array
    {
        $weighed = [];
        foreach ($weights as $set => $weight) {
            $weighed[] = [$this->sets[$set], $weight];
        }

        return $weighed;
    }

    /** @return list<array{list<int>, float}> repairs still needed, and how likely just these are */
    public function under(Belief $belief): array
    {
        $weights = [];
        foreach ($belief->states() as [$faults, $weight]) {
            $set = $this->of($faults);
            $weights[$set] = ($weights[$set] ?? 0.0) + $weight;
        }

        return $this->weighed($weights);
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
        $act = $this->catalogue->act($how->fault->usualRepair());
        if ($act->buysPart && $part->kind->carrier !== null) {
            $part = $machine->ofKind($part->kind->carrier)[0];
        }
        $repair = Repair::of($act, $part, $this->catalogue->number('money_per_minute'), $this->catalogue->number('start_minutes'), $this->catalogue->number('specialist_minutes'));
        if (! isset($this->numbers[$repair->id()])) {
            $number = count($this->repairs);
            $this->numbers[$repair->id()] = $number;
            $this->repairs[$number] = $repair;
            $this->costs[$number] = $repair->cost;
        }

        return $this->numbers[$repair->id()];
    }
}
