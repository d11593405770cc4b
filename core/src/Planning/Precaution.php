<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;

/**
 * Cheap before dear: the belief may be sure of a part and the catalogue wrong about this machine. Before a part is bought that nothing
 * confirmed, and before a machine is handed on or back with its cause not found, what has cured or explained such machines for minutes is
 * done once, as long as its minutes are little against what is at stake; and a part that was put back with no trouble since is not bought
 * before the trouble returned.
 */
final readonly class Precaution
{
    private function __construct(public Weighed $step, public string $why)
    {
    }

    /**
     * @param  list<Weighed>  $weighed steps that make sense now, best first
     *
     * @return ?self null where nothing comes before what was concluded
     */
    public static function before(
        RepairInView $next,
        bool $isLeft,
        array $weighed,
        Grounds $grounds,
        Replay $replay,
        Record $record,
        Catalogue $catalogue,
    ): ?self {
        $repair = $isLeft ? null : $next->repair;
        if ($repair !== null && ! $repair->endsIt()) {
            return self::beforeBuying($repair, $weighed, $grounds, $replay, $record, $catalogue);
        }
        $atWork = $isLeft ? self::runAtWork($weighed, $record) : null;
        if ($atWork !== null) {
            return new self($atWork, 'Run it at work before it goes back: what fails late shows in nothing else.');
        }
        $atStake = $catalogue->number($isLeft ? 'comeback_minutes' : 'specialist_minutes');
        $failedAt = self::failedAt($record, $catalogue);
        $step = self::recovery($failedAt, $atStake, $weighed, $record, $catalogue);
        if ($step === null && ! $isLeft) {
            $step = self::untriedSwap($failedAt, $atStake, $weighed, $record, $catalogue);
        }

        return $step === null ? null : new self($step, "{$step->candidate->name()}, before it is given up.");
    }

    /**
     * A dear spare is lent to a supply that was tested, or is not the one that came.
     *
     * @param  list<Weighed>  $weighed best first
     */
    public static function beforeLending(array $weighed, Record $record, Catalogue $catalogue): ?self
    {
        $candidate = ($weighed[0] ?? null)?->candidate;
        $kind = $candidate?->spare === null ? null : $candidate->target?->kind;
        if ($kind === null || ! $candidate->ownSupply || ! $kind->exposed || $kind->price < $catalogue->number('lend_tested_from')) {
            return null;
        }
        foreach ($weighed as $one) {
            if ($one->isOpen() && $one->candidate->step->check === 'supply-test' && ! self::wasDone($one->candidate, $record)) {
                $name = strtolower($kind->name);

                return new self($one, "Test the supply before a good {$name} is lent to it.");
            }
        }

        return null;
    }

    /** @param  list<Weighed>  $weighed */
    private static function beforeBuying(
        Repair $repair,
        array $weighed,
        Grounds $grounds,
        Replay $replay,
        Record $record,
        Catalogue $catalogue,
    ): ?self {
        $isConfirmed = $grounds->has($repair->part->id, Ground::CameBack) && ! $grounds->cameAndWent($repair->part->id);
        if (! $repair->act->buysPart || $isConfirmed || $grounds->has($repair->part->id, Ground::Seen)) {
            return null;
        }
        $name = $repair->part->inSentence();
        $step = self::againAsItIs($weighed, $repair, $grounds);
        if ($step !== null) {
            $why = "It ran as far with its own back in: a swap also reseats. See it fail with {$name} before one is bought.";

            return new self($step, $why);
        }
        $atStake = $catalogue->number('wrong_repair') * $repair->part->kind->price / $catalogue->number('money_per_minute');
        $step = self::recovery([self::stageOf($repair, $replay, $catalogue)], $atStake, $weighed, $record, $catalogue);

        return $step === null ? null : new self($step, "{$step->candidate->name()}, before {$name} is bought: it costs minutes.");
    }

    /** @param  list<Weighed>  $weighed */
    private static function againAsItIs(array $weighed, Repair $repair, Grounds $grounds): ?Weighed
    {
        if (! $grounds->has($repair->part->id, Ground::StayedAway)) {
            return null;
        }
        foreach ($weighed as $one) {
            if ($one->isOpen() && $one->candidate->step->id === 'start') {
                return $one;
            }
        }

        return null;
    }

    /** @param  list<Weighed>  $weighed */
    private static function runAtWork(array $weighed, Record $record): ?Weighed
    {
        foreach ($weighed as $one) {
            $setUp = $one->candidate->setUp;
            if ($one->isOpen() && $setUp !== null && $setUp->goal === Goal::Load && $setUp->changesNoPart()) {
                $done = array_filter($record->all(Start::class), fn (Start $start): bool => $start->setUp->isAtLeast($setUp));

                return $done === [] ? $one : null;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $stages at which it stops
     * @param  float  $atStake minutes
     * @param  list<Weighed>  $weighed
     */
    private static function recovery(array $stages, float $atStake, array $weighed, Record $record, Catalogue $catalogue): ?Weighed
    {
        $worth = $catalogue->number('precaution_share') * $atStake;
        $cheapest = null;
        foreach ($weighed as $one) {
            $candidate = $one->candidate;
            if (
                $one->isOpen()
                && array_intersect($stages, $candidate->step->recovers) !== []
                && $candidate->minutes() <= $worth
                && ! self::wasDone($candidate, $record)
                && ($cheapest === null || self::order($candidate) < self::order($cheapest->candidate))
            ) {
                $cheapest = $one;
            }
        }

        return $cheapest;
    }

    /**
     * The cheapest loan not yet made of a part that was in use where it stops: what nobody can explain is not handed on before good parts
     * stood in the places of its own.
     *
     * @param  list<string>  $stages
     * @param  list<Weighed>  $weighed
     */
    private static function untriedSwap(array $stages, float $atStake, array $weighed, Record $record, Catalogue $catalogue): ?Weighed
    {
        $last = $stages === [] ? -1 : $catalogue->stageIndex($stages[count($stages) - 1]);
        $worth = $catalogue->number('precaution_share') * $atStake;
        $cheapest = null;
        foreach ($weighed as $one) {
            $candidate = $one->candidate;
            if (
                $one->isOpen()
                && $candidate->spare !== null
                && $candidate->minutes() <= $worth
                && $catalogue->stageIndex((string) $candidate->target?->kind->stage) <= $last
                && ! self::wasDone($candidate, $record)
                && ($cheapest === null || $candidate->minutes() < $cheapest->candidate->minutes())
            ) {
                $cheapest = $one;
            }
        }

        return $cheapest;
    }

    /** @return array{bool, int} what may cure it first, then what only shows; the cheaper of two before the other */
    private static function order(Candidate $candidate): array
    {
        return [$candidate->step->record !== 'act', $candidate->minutes()];
    }

    /** The stage at which the part is most believed to stop a start. */
    private static function stageOf(Repair $repair, Replay $replay, Catalogue $catalogue): string
    {
        $at = [];
        foreach ($replay->belief->marginals() as $mode => $p) {
            $how = $replay->model->modes->all[$mode];
            $carrier = $replay->model->machine->part($how->part)->kind->carrier;
            $isIt = $how->part === $repair->part->id || $carrier === $repair->part->kind->id;
            if ($isIt && $how->spare === null) {
                $at[$how->stop] = ($at[$how->stop] ?? 0.0) + $p;
            }
        }
        arsort($at);

        return $catalogue->stopId((int) array_key_first($at));
    }

    /** @return list<string> stages at which the machine was last seen to fail, all its own parts in */
    private static function failedAt(Record $record, Catalogue $catalogue): array
    {
        foreach (array_reverse($record->all(Start::class)) as $start) {
            $reach = $catalogue->reach($start->reached);
            if ($start->setUp->changesNoPart() && $reach->firstStop <= $catalogue->stageIndex('stays')) {
                return array_map($catalogue->stopId(...), range($reach->firstStop, $reach->lastStop));
            }
        }

        return [];
    }

    private static function wasDone(Candidate $candidate, Record $record): bool
    {
        foreach ($record->inForce as $entry) {
            $is = match (true) {
                $entry instanceof ActDone => $entry->act === $candidate->step->act && array_intersect($entry->on, $candidate->on) !== [],
                $entry instanceof Finding => $entry->check === $candidate->step->check,
                $entry instanceof Start => $candidate->step->record === 'start'
                    && $candidate->setUp !== null
                    && $entry->setUp->isAlso($candidate->setUp),
                default => false,
            };
            if ($is) {
                return true;
            }
        }

        return false;
    }
}
