<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\SetUp;

/** Reads from the record which entries speak about which part, and how. No probabilities: only what was done and seen. */
final class Grounds
{
    /** @var array<string, list<Because>> part => entries that speak about it */
    private array $of = [];

    /** @var array<string, int> part => how far it got with it put back, the trouble having stayed away */
    private array $stayedAway = [];

    /** @var array<string, true> parts with which, put back, it ran as far at first, and failed again later */
    private array $cameAndWent = [];

    /** @var array<string, int> part with which, and with what it sits in, the trouble came back => the entry that showed it last */
    private array $cameBackInPlace = [];

    /** @var array<string, int> part => the entry with which a new one was fitted */
    private array $fittedAt = [];

    private function __construct(
        private readonly StartModel $model,
        private readonly Catalogue $catalogue,
        public readonly FailsUnder $failsUnder,
        public readonly bool $comesAndGoes,
    ) {
    }

    public static function read(Record $record, StartModel $model): self
    {
        $catalogue = $model->catalogue;
        $grounds = new self($model, $catalogue, FailsUnder::of($record, $catalogue), ComesAndGoes::in($record, $catalogue));
        $grounds->readStarts($record);
        $grounds->readFindings($record);

        return $grounds;
    }

    /**
     * Entries that speak about a part: about the new one since it was fitted, or about the machine's own until then.
     *
     * @return list<Because>
     */
    public function of(string $part, bool $new = false): array
    {
        $fittedAt = $this->fittedAt[$part] ?? PHP_INT_MAX;

        return array_values(
            array_filter($this->of[$part] ?? [], fn (Because $b): bool => $new ? $b->entry > $fittedAt : $b->entry < $fittedAt),
        );
    }

    /** @return list<Because> those of some kinds */
    public function ofKind(string $part, Ground ...$grounds): array
    {
        return self::only($this->of($part), ...$grounds);
    }

    /**
     * @param  list<Because>  $because
     * @return list<Because>
     */
    public static function only(array $because, Ground ...$grounds): array
    {
        return array_values(array_filter($because, fn (Because $b): bool => in_array($b->ground, $grounds, true)));
    }

    public function has(string $part, Ground ...$grounds): bool
    {
        return $this->ofKind($part, ...$grounds) !== [];
    }

    /**
     * Parts that were swapped or taken out with a gain and have not been put back since.
     *
     * @return list<string>
     */
    public function unconfirmedSwaps(Record $record): array
    {
        $last = $record->lastStart();
        if ($last === null) {
            return [];
        }
        $parts = [...$last->setUp->out, ...array_keys($last->setUp->lent)];

        return array_values(
            array_filter(
                $parts,
                fn (string $part): bool => ! $this->has($part, Ground::CameBack)
                    && array_filter($this->ofKind($part, Ground::Improved), fn (Because $b): bool => $b->entry === $last->number) !== [],
            ),
        );
    }

    private function readStarts(Record $record): void
    {
        $latest = [];
        $previous = null;
        $acts = [];
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun) {
                $acts[] = $entry;
                foreach ($entry->with === null ? [] : $entry->on as $part) {
                    $this->fittedAt[$part] = $entry->number;
                }
            }
            if (! ($entry instanceof Start)) {
                continue;
            }
            $this->readPassed($entry, $this->catalogue->reach($entry->best()));
            if ($previous !== null) {
                $this->readActs($acts, $previous, $entry);
                $this->readSwaps($latest, $acts, $entry);
            }
            $previous = $entry;
            foreach (array_keys($this->model->machine->parts) as $part) {
                $latest[$part][(int) $this->model->uses($part, $entry->setUp)] = $entry;
            }
        }
    }

    /**
     * A start got past the stage of every part it used. Staying up for a moment is no proof of what must hold for hours, and a start that
     * went well under another condition than the one it fails under is no proof of anything.
     */
    private function readPassed(Start $start, Reach $reach): void
    {
        if (
            $this->catalogue->reach($start->reached)->firstStop === $this->catalogue->stageCount()
            && ! $this->failsUnder->covers($start->setUp)
        ) {
            return;
        }
        $short = ! $start->setUp->isAtWork();
        foreach ($this->model->machine->parts as $part) {
            if ($short && $part->kind->stage === 'stays') {
                continue;
            }
            if (
                $part->kind->shownByStart
                && $this->isUsedToStart($part)
                && $reach->firstStop > $this->catalogue->stageIndex($part->kind->stage)
                && $this->model->uses($part->id, $start->setUp)
            ) {
                $this->add($part->id, $start, Ground::Passed);
            }
        }
    }

    /** A start finds one drive to start from; of a further one it says nothing. */
    private function isUsedToStart(Part $part): bool
    {
        return $part->kind->id !== 'drive' || ($this->model->machine->ofKind('drive')[0]->id ?? '') === $part->id;
    }

    /**
     * What was done to the machine between two starts.
     *
     * @param  list<ActDone>  $acts
     */
    private function readActs(array $acts, Start $before, Start $after): void
    {
        $between = array_filter($acts, fn (ActDone $act): bool => $act->number > $before->number && $act->number < $after->number);
        if ($before->setUp->place !== $after->setUp->place || $before->setUp->startBy !== $after->setUp->startBy) {
            return;
        }
        foreach ($between as $act) {
            foreach ($act->on as $part) {
                $ground = $this->compare($before, $after);
                $share = $this->shareShown($this->model->machine->part($part)->kind->id, $this->curedBy($act->act));
                if (($ground === Ground::Improved && $share > 0.0) || ($ground === Ground::NoChange && $share >= 0.6)) {
                    $this->add($part, $after, $ground);
                }
            }
        }
    }

    /**
     * Parts that took part in an earlier start and not in this one, or the other way round.
     *
     * @param  array<string, array<int, Start>>  $latest part => 1 where it took part and 0 where not => the latest start that was so
     * @param  list<ActDone>  $acts
     */
    private function readSwaps(array $latest, array $acts, Start $start): void
    {
        foreach ($this->model->machine->parts as $part) {
            $used = $this->model->uses($part->id, $start->setUp);
            $other = $latest[$part->id][$used ? 0 : 1] ?? null;
            if ($other === null) {
                continue;
            }
            $ground = $used ? $this->compare($start, $other) : $this->compare($other, $start);
            if (! $used && $ground === Ground::NoChange && ! $this->blindTo($part->id, $start)) {
                $this->add($part->id, $start, Ground::NoChange);
            }
            if ($ground === Ground::Improved && ! $used) {
                $this->add($part->id, $start, Ground::Improved);
            }
            if ($used) {
                $this->readPutBack($part->id, $other, $start);
            }
            if ($ground !== Ground::Improved || ! $used || $this->actBetween($acts, $other, $start)) {
                continue;
            }
            if ($this->isOnlyNew($part, $start->setUp, $other->setUp)) {
                $this->add($part->id, $start, Ground::CameBack);
            } elseif ($this->isOnlyNew($part, $start->setUp, $other->setUp, withItsPlace: true)) {
                $this->cameBackInPlace[$part->id] = $start->number;
            }
        }
    }

    /** Whether it failed again with the part back in the place it sits in: it, or that place. */
    public function cameBackInPlace(string $part): bool
    {
        return isset($this->cameBackInPlace[$part]);
    }

    /** Whether it ran with the part put back, and failed later: a swap may have helped by what it moved. */
    public function cameAndWent(string $part): bool
    {
        return isset($this->cameAndWent[$part]);
    }

    /**
     * It got further without the part, and as far with it put back: what helped was not that it was away. That holds until a start with it
     * fails earlier again. Where the trouble came back with it at once, a later start that runs is one of a machine that comes and goes.
     */
    private function readPutBack(string $part, Start $without, Start $with): void
    {
        $reached = $this->catalogue->reach($with->reached)->firstStop;
        $stayed = $this->stayedAway[$part] ?? null;
        if ($stayed !== null && $reached < $stayed) {
            unset($this->stayedAway[$part]);
            $this->cameAndWent[$part] = true;
            $this->of[$part] = array_values(
                array_filter($this->of[$part] ?? [], fn (Because $because): bool => $because->ground !== Ground::StayedAway),
            );

            return;
        }
        $helped = array_filter($this->of[$part] ?? [], fn (Because $because): bool => $because->entry === $without->number
            && $because->ground === Ground::Improved);
        $runs = $reached >= $this->catalogue->reach($without->best())->firstStop;
        if ($helped !== [] && $runs && $with->setUp->isAsHardAs($without->setUp) && ! $this->cameBackSince($part, $without)) {
            $this->stayedAway[$part] = $reached;
            $this->add($part, $with, Ground::StayedAway);
        }
    }

    /** Whether the trouble came back with the part since a start without it. */
    private function cameBackSince(string $part, Start $without): bool
    {
        $entries = array_column($this->ofKind($part, Ground::CameBack), 'entry');

        return max([0, $this->cameBackInPlace[$part] ?? 0, ...$entries]) > $without->number;
    }

    /** Whether a part, with what only it uses, is all that one start used and the other did not: no spare came in with it. */
    private function isOnlyNew(Part $part, SetUp $setUp, SetUp $other, bool $withItsPlace = false): bool
    {
        foreach (array_keys($setUp->lent) as $place) {
            if ($other->stateOf($place) !== $setUp->stateOf($place)) {
                return false;
            }
        }
        foreach ($this->model->usedOnlyIn($setUp, $other) as $new) {
            if ($new !== $part->id && ! self::goesWith($this->model->machine->part($new)->kind, $part->kind, $withItsPlace)) {
                return false;
            }
        }

        return true;
    }

    /** Whether one kind of part comes and goes with another. */
    private static function goesWith(PartKind $kind, PartKind $other, bool $withItsPlace): bool
    {
        // Another board is tried beside the case: belief tells the two apart.
        return ($kind->id === 'case' && $other->id === 'board')
            || $kind->carrier === $other->id
            || ($kind->serves === $other->id && ($kind->ownOnly || $withItsPlace))
            || ($withItsPlace && $kind->madeOf === $other->id);
    }

    /** Whether taking the part out must by itself stop the start where it stopped, so that nothing is learned. */
    private function blindTo(string $part, Start $start): bool
    {
        return $start->setUp->isOut($part)
            && $this->model->cut($start->setUp) < $this->catalogue->stageCount()
            && $this->catalogue->reach($start->reached)->covers($this->model->cut($start->setUp))
            && $this->model->machine->part($part)->kind->stops === $this->catalogue->stopId($this->model->cut($start->setUp));
    }

    /** How the second start compares with the first. */
    private function compare(Start $first, Start $second): ?Ground
    {
        if (! $this->areComparable($first->setUp, $second->setUp)) {
            return null;
        }
        $best = $this->catalogue->reach($first->best());
        $worst = $this->catalogue->reach($second->reached);
        $alike = array_keys($first->outcomes) === array_keys($second->outcomes);

        return match (true) {
            $worst->firstStop > $best->lastStop => Ground::Improved,
            $alike && $best->lastStop < $this->catalogue->stageCount() => Ground::NoChange,
            default => null,
        };
    }

    /** Whether two starts were made as cold or warm and as hard as each other: else what differs may be the condition and not the part. */
    private function areComparable(SetUp $first, SetUp $second): bool
    {
        $opposed = $first->temperature !== null && $second->temperature !== null && $first->temperature !== $second->temperature;

        return ! $opposed
            && ($this->failsUnder->condition === FailsUnder::CASE
                || $this->failsUnder->covers($first) === $this->failsUnder->covers($second));
    }

    /** @param  list<ActDone>  $acts */
    private function actBetween(array $acts, Start $a, Start $b): bool
    {
        foreach ($acts as $act) {
            if ($act->number > $a->number && $act->number < $b->number) {
                return true;
            }
        }

        return false;
    }

    private function readFindings(Record $record): void
    {
        foreach ($record->all(Finding::class) as $finding) {
            if ($finding->believed * $finding->sureness < $this->catalogue->number('speaks_from')) {
                continue;
            }
            $check = $this->catalogue->check($finding->check);
            $result = $check->result($finding->result);
            $shown = $result->findsSomething() ? $result->shows : $check->detects();
            // Of several in one host, what fails may be any, and so it may where the host fails by itself: it is seen of none.
            if ($result->findsSomething() && ($finding->also !== [] || $finding->hostSaid->own === false)) {
                continue;
            }
            foreach ($finding->also as $part) {
                $this->add($part, $finding, Ground::LookedGood);
            }
            foreach ($this->model->machine->parts as $part) {
                if ($finding->target !== null && $finding->target !== $part->id) {
                    continue;
                }
                $share = $this->shareShown($part->kind->id, $shown);
                $isElsewhere = $finding->which !== [] && ! in_array($part->id, $finding->which, true);
                if ($result->state || $isElsewhere) {
                    continue;
                }
                if ($result->findsSomething() && $share > 0.0 && $check->direct) {
                    $this->add($part->id, $finding, Ground::Seen);
                } elseif (! $result->findsSomething() && $share >= 0.8) {
                    $this->add($part->id, $finding, Ground::LookedGood);
                }
            }
        }
    }

    /** @return array<string, float> fault => share of times an act cures it */
    private function curedBy(string $act): array
    {
        return array_map(fn (Fault $fault): float => $fault->cures[$act] ?? 0.0, $this->catalogue->faults);
    }

    /**
     * How much of what can be wrong with a kind of part a check shows, or an act cures.
     *
     * @param  array<string, float>  $shown fault => share
     */
    private function shareShown(string $kind, array $shown): float
    {
        $all = $seen = 0.0;
        foreach ($this->catalogue->faults as $fault) {
            if ($fault->part === $kind) {
                $all += $fault->prior;
                $seen += $fault->prior * ($shown[$fault->id] ?? 0.0);
            }
        }

        return $all > 0.0 ? $seen / $all : 0.0;
    }

    private function add(string $part, Start|Finding $entry, Ground $ground): void
    {
        $this->of[$part][] = new Because($entry->number, $ground);
    }
}
