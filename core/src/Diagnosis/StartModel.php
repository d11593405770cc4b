<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;

/** Simulates a start: which faults can stop it where under a set-up, and what absent parts stop by themselves. */
final class StartModel
{
    /** @var array<string, array<int, float>> set-up and fitted parts => mode => hazard */
    private array $hazards = [];

    /** @var array<string, int> set-up => first stage out of reach */
    private array $cuts = [];

    /** @var array<string, array<int, float>> act and parts => mode => probability that it cures */
    private array $cures = [];

    public function __construct(public readonly Machine $machine, public readonly Catalogue $catalogue, public readonly Modes $modes)
    {
    }

    /**
     * Share of starts each mode stops under a set-up; modes whose part is not in are left out.
     *
     * @param  array<string, string>  $fitted part => tag of the new part that took its place for good
     *
     * @return array<int, float>
     */
    public function hazards(SetUp $setUp, array $fitted): array
    {
        $key = $setUp->key().json_encode($fitted);

        return $this->hazards[$key] ??= $this->simulate($setUp, $fitted);
    }

    /** The first stage out of reach because a part is out; the number of stages if none is. */
    public function cut(SetUp $setUp): int
    {
        return $this->cuts[$setUp->key()] ??= $this->firstOutOfReach($setUp);
    }

    private function firstOutOfReach(SetUp $setUp): int
    {
        $cut = $this->catalogue->stageCount();
        foreach ($this->catalogue->parts as $kind) {
            if ($kind->stops === null || ($kind->id === 'card' && $this->machine->facts['own_graphics'])) {
                continue;
            }
            foreach ($this->machine->ofKind($kind->id) as $part) {
                if (! $setUp->isOut($part->id)) {
                    continue 2;
                }
            }
            $cut = min($cut, $this->catalogue->stageIndex($kind->stops));
        }

        return $cut;
    }

    /** Whether the machine's own part takes part in a start under a set-up, and is not put out of use by another. */
    public function uses(string $partId, SetUp $setUp): bool
    {
        $part = $this->machine->part($partId);
        if (! $setUp->hasOwn($partId) || ($setUp->place !== Place::Owner && $this->machine->isAtHome($part))) {
            return false;
        }
        $kind = $part->kind;
        if ($kind->carrier !== null && ! $this->carrierIsOwn($kind->carrier, $setUp)) {
            return false;
        }
        if ($kind->id === 'slot') {
            return $this->stickIn($partId, $setUp) !== null;
        }
        if ($this->isBypassed($kind->id, $setUp)) {
            return false;
        }

        return $kind->serves === null ? $this->takesPart($kind->id, $setUp) : $this->serves($kind, $kind->serves, $setUp);
    }

    /** Whether another way is taken than through this place. */
    private function isBypassed(string $kind, SetUp $setUp): bool
    {
        return match ($kind) {
            'card-slot' => isset($setUp->moved['card']),
            'output' => $setUp->otherOutput,
            'drive-port' => $this->everyDriveIsMoved($setUp),
            default => false,
        };
    }

    /** Whether a part that serves no other takes part. */
    private function takesPart(string $kind, SetUp $setUp): bool
    {
        return match ($kind) {
            // Another board is tried beside the case.
            'case' => $setUp->place !== Place::Bench && ! $setUp->isLent('board'),
            'wall-socket' => $setUp->place === Place::Owner,
            'kit' => $this->ownSticks($setUp) > 1,
            'panel' => $setUp->startBy === StartBy::Button,
            default => true,
        };
    }

    /** Whether any of the parts it serves is there; of a lead that only its own part uses, its own. */
    private function serves(PartKind $kind, string $served, SetUp $setUp): bool
    {
        foreach ($this->machine->ofKind($served) as $part) {
            if ($kind->ownOnly ? $setUp->hasOwn($part->id) : ! $setUp->isOut($part->id)) {
                return true;
            }
        }

        return false;
    }

    /** Whether no drive is on the port it came on. */
    private function everyDriveIsMoved(SetUp $setUp): bool
    {
        if ($setUp->moved === []) {
            return false;
        }
        foreach ($this->machine->ofKind('drive') as $drive) {
            if (! $setUp->isOut($drive->id) && ! isset($setUp->moved[$drive->id])) {
                return false;
            }
        }

        return true;
    }

    /**
     * Parts that take part in a start under one set-up and not under another.
     *
     * @return list<string>
     */
    public function usedOnlyIn(SetUp $setUp, SetUp $other): array
    {
        return array_values(
            array_filter(
                array_keys($this->machine->parts),
                fn (string $part): bool => $this->uses($part, $setUp) && ! $this->uses($part, $other),
            ),
        );
    }

    /**
     * Parts moved on the way from one set-up to another; moving reseats.
     *
     * @return array<string, true>
     */
    public function disturbed(SetUp $from, SetUp $to): array
    {
        $kinds = $from->place === $to->place ? [] : $this->catalogue->benchDisturbs;
        if ($from->otherOutput !== $to->otherOutput) {
            $kinds[] = 'video-lead';
        }
        $parts = [];
        foreach ($from->partsChangedTo($to) as $partId) {
            $parts[$partId] = true;
            $kind = $this->machine->part($partId)->kind;
            if ($kind->id === 'stick') {
                foreach ([$from, $to] as $setUp) {
                    $slot = $this->machine->slotOf($partId, $setUp);
                    if ($slot !== null) {
                        $parts[$slot] = true;
                    }
                }
            } else {
                array_push($kinds, ...$kind->disturbs);
            }
        }

        return $parts + $this->partsOfKinds($kinds);
    }

    /**
     * Parts moved to make a check.
     *
     * @return array<string, true>
     */
    public function movedFor(Check $check, ?string $target): array
    {
        $kinds = $check->disturbs;
        if ($target !== null && $check->host) {
            array_push($kinds, ...$this->machine->part($target)->kind->disturbs);
        }

        return $this->partsOfKinds($kinds);
    }

    /**
     * @param  list<string>  $kinds
     *
     * @return array<string, true>
     */
    public function partsOfKinds(array $kinds): array
    {
        $parts = [];
        foreach ($kinds as $kind) {
            foreach ($this->machine->ofKind($kind) as $part) {
                $parts[$part->id] = true;
            }
        }

        return $parts;
    }

    /**
     * Probability that an act on some parts cures each mode.
     *
     * @param  array<string, mixed>  $on keyed by part
     *
     * @return array<int, float>
     */
    public function cures(string $act, array $on): array
    {
        $key = "{$act} ".implode(' ', array_keys($on));

        return $this->cures[$key] ??= $this->curesOf($act, $on);
    }

    /**
     * What an act that was done may have ended: all that it cures, and now and then a cause nobody has listed. Nothing is tried for that.
     *
     * @param  array<string, mixed>  $on keyed by part
     *
     * @return array<int, float>
     */
    public function ended(string $act, array $on): array
    {
        if ($on === []) {
            return [];
        }
        $unlisted = array_filter($this->modes->all, fn (Mode $how): bool => $how->part === 'outside');

        return $this->cures($act, $on) + array_map(fn (): float => $this->catalogue->number('outside_cured'), $unlisted);
    }

    /**
     * Of two that refuse each other, either may be done something to; of several of a kind, all that are refused.
     *
     * @param  array<string, mixed>  $on
     *
     * @return array<int, float>
     */
    private function curesOf(string $act, array $on): array
    {
        $cures = [];
        foreach ($this->modes->all as $mode => $how) {
            if ($how->spare !== null) {
                continue;
            }
            $cure = isset($on[$how->part], $how->fault->cures[$act]) ? $how->fault->cures[$act] : $this->ofTheOther($how->fault, $act, $on);
            if ($cure > 0.0) {
                $cures[$mode] = $cure;
            }
        }

        return $cures;
    }

    /**
     * The chance that an act on the parts a fault is conditional on ends it.
     *
     * @param  array<string, mixed>  $on
     */
    private function ofTheOther(Fault $fault, string $act, array $on): float
    {
        if ($fault->with === null || ! isset($fault->withCures[$act])) {
            return 0.0;
        }
        $refused = $this->machine->ofKind($fault->with);
        $touched = count(array_filter($refused, fn (Part $part): bool => isset($on[$part->id])));

        return $touched === 0 ? 0.0 : ($fault->withCures[$act] * $touched) / count($refused);
    }

    /** Whether what a fault is conditional on is there: of two parts that refuse each other, both must be the machine's own. */
    public function isMet(Fault $fault, SetUp $setUp): bool
    {
        if ($fault->with === null) {
            return true;
        }
        foreach ($this->machine->ofKind($fault->with) as $part) {
            if ($setUp->hasOwn($part->id)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Probability that moving some parts brings each fault about, where the part is in afterwards.
     *
     * @param  array<string, mixed>  $moved keyed by part
     *
     * @return array<int, float>
     */
    public function arising(array $moved, SetUp $setUp): array
    {
        $arising = [];
        foreach ($this->modes->all as $mode => $how) {
            if ($how->fault->arises > 0.0 && $how->spare === null && isset($moved[$how->part]) && $this->uses($how->part, $setUp)) {
                $arising[$mode] = $how->fault->arises * $how->share;
            }
        }

        return $arising;
    }

    /**
     * Probability that another of some parts, fitted for good, brings each fault. Of several of a kind it is one's as much as the other's.
     *
     * @param  array<string, mixed>  $fitted keyed by part
     *
     * @return array<int, float>
     */
    public function comingWith(array $fitted): array
    {
        $coming = [];
        foreach ($this->modes->all as $mode => $how) {
            $chance = $how->spare === null ? Brought::chance($how->fault, array_keys($fitted), $this->machine) : 0.0;
            $chance > 0.0 && ($coming[$mode] = $chance * $how->share);
        }

        return $coming;
    }

    private function ownSticks(SetUp $setUp): int
    {
        return count(array_filter($this->machine->ofKind('stick'), fn (Part $stick): bool => $setUp->hasOwn($stick->id)));
    }

    /** @return array<string, true> memory channels that hold a stick */
    private function usedChannels(SetUp $setUp): array
    {
        $used = [];
        foreach ($this->machine->ofKind('stick') as $stick) {
            $slot = $this->machine->slotOf($stick->id, $setUp);
            if ($slot !== null) {
                $used[Machine::channelOf($slot)] = true;
            }
        }

        return $used;
    }

    private function hasCard(SetUp $setUp): bool
    {
        foreach ($this->machine->ofKind('card') as $card) {
            if (! $setUp->isOut($card->id)) {
                return true;
            }
        }

        return false;
    }

    private function carrierIsOwn(string $carrier, SetUp $setUp): bool
    {
        foreach ($this->machine->ofKind($carrier) as $part) {
            if (! $setUp->hasOwn($part->id)) {
                return false;
            }
        }

        return true;
    }

    private function stickIn(string $slot, SetUp $setUp): ?string
    {
        foreach ($this->machine->ofKind('stick') as $stick) {
            if ($this->machine->slotOf($stick->id, $setUp) === $slot) {
                return $stick->id;
            }
        }

        return null;
    }

    /**
     * @param  array<string, string>  $fitted
     *
     * @return array<int, float>
     */
    private function simulate(SetUp $setUp, array $fitted): array
    {
        $used = [];
        foreach ($this->machine->parts as $part) {
            $used[$part->id] = $this->uses($part->id, $setUp);
        }
        $conditions = Hazard::conditions($setUp, $this->ownSticks($setUp), $this->hasCard($setUp));
        $channels = $this->usedChannels($setUp);
        $stages = $this->catalogue->stageCount();
        $hazards = [];
        foreach ($this->modes->all as $i => $mode) {
            if ($mode->stop >= $stages) {
                continue;
            }
            $in = $mode->spare === null
                ? ($used[$mode->part] || $this->isHere($mode, $setUp)) && $this->isMet($mode->fault, $setUp)
                : self::isIn($mode, $setUp, $fitted);
            $hazard = $in
                ? $mode->hazard->under($mode->channel === null ? $conditions : [isset($channels[$mode->channel]) ? 'used' : 'unused'])
                : 0.0;
            if ($hazard > 0.0) {
                $hazards[$i] = $hazard;
            }
        }

        return $hazards;
    }

    /**
     * Whether a fault is here though its part is not used: it stayed with its owner and the fault did not; or it is started by the pins,
     * and what the button is not needed for may be left plugged in.
     */
    private function isHere(Mode $mode, SetUp $setUp): bool
    {
        return ($mode->fault->comesIn && $this->machine->isAtHome($this->machine->part($mode->part)))
            || ($setUp->startBy === StartBy::Pins && $mode->hazard->speaksOf('pins'));
    }

    /**
     * Whether a spare, a new part or a tool takes part in a start.
     *
     * @param  array<string, string>  $fitted
     */
    private static function isIn(Mode $mode, SetUp $setUp, array $fitted): bool
    {
        return ($setUp->lent[$mode->part]->tag ?? null) === $mode->spare
            || (($fitted[$mode->part] ?? null) === $mode->spare && $setUp->hasOwn($mode->part))
            || in_array($mode->spare, array_map(Mode::tool(...), $setUp->attached), true);
    }
}
