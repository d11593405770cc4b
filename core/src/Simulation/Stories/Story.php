<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Stories;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/** One trouble in one machine, as it turned out there. It ends by what is done, and shows nothing where its part is not in play. */
final class Story
{
    /** What is on the board, and comes away with it. */
    private const ON_BOARD = ['board', 'firmware', 'settings', 'cell', 'socket', 'slot', 'card-slot', 'drive-port'];

    /** What moves with a part, as a plug with its supply. */
    private const MOVES_WITH = [
        'supply' => ['main-plug', 'cpu-plug', 'card-plug'],
        'board' => ['main-plug', 'cpu-plug', 'socket', 'card-slot', 'drive-lead', 'panel', 'case'],
        'processor' => ['socket'],
        'card' => ['card-slot', 'card-plug'],
        'drive' => ['drive-lead'],
        'screen' => ['video-lead'],
    ];

    public bool $isOver = false;

    /** @var array<string, float> outcome => share of its failing starts */
    private readonly array $face;

    private readonly float $fails;

    private readonly bool $failsInHost;

    /**
     * @param  string  $part the part at fault in this machine
     * @param  ?string  $stick the stick in the slot at fault
     */
    public function __construct(public readonly Tale $tale, public readonly string $part, private readonly ?string $stick, Draw $draw)
    {
        $this->face = $tale->faces[$draw->weighed($tale->shares)];
        $this->fails = $draw->oneOf($tale->fails);
        $this->failsInHost = $draw->happens($tale->host);
    }

    /** @return ?string what this start comes to by it; null where it does not show */
    public function shows(SetUp $setUp, Machine $machine, Draw $draw): ?string
    {
        return ! $this->isOver && $this->isInPlay($setUp, $machine) && $draw->happens($this->chance($setUp))
            ? (string) $draw->weighed($this->face)
            : null;
    }

    public function look(string $check, SetUp $setUp, ?string $target, Draw $draw): ?string
    {
        if ($this->isOver || ($target !== null && str_ends_with($check, '-in-host') && $target !== $this->part)) {
            return null;
        }
        if (str_ends_with($check, '-in-host')) {
            return $this->failsInHost ? 'fails' : null;
        }
        [$result, $seen] = $this->tale->looks[$check] ?? ['', 0.0];
        $isThere = ! in_array($this->tale->part, ['supply', 'card', 'stick'], true) || $setUp->hasOwn($this->part);

        return $isThere && $draw->happens($seen) ? $result : null;
    }

    /** @param  list<string>  $on */
    public function act(string $act, array $on, Draw $draw): void
    {
        $isOnIt = array_intersect($on, [$this->part, $this->stick]) !== []
            || array_filter($on, fn (string $part): bool => explode('-', $part)[0] === $this->tale->part) !== [];
        if ($isOnIt && $draw->happens($this->tale->cures[$act] ?? 0.0)) {
            $this->isOver = true;
        }
    }

    public function isReplacedBy(string $part): bool
    {
        $isOnBoard = in_array($this->tale->part, self::ON_BOARD, true) && $part === 'board';

        return $isOnBoard || $part === $this->part || ($this->tale->part === 'kit' && str_starts_with($part, 'stick'));
    }

    /** A part was taken out, put in or swapped: what only touched may touch again. */
    public function moved(string $part, Draw $draw): void
    {
        $isMoved = in_array($this->part, [$part, ...self::MOVES_WITH[$part] ?? []], true) || $part === $this->stick;
        if ($isMoved && $draw->happens($this->tale->moving)) {
            $this->isOver = true;
        }
    }

    private function isInPlay(SetUp $setUp, Machine $machine): bool
    {
        $isAway = in_array($this->tale->part, self::ON_BOARD, true) && $setUp->isLent('board');

        return ! $isAway
            && $setUp->hasOwn($this->part)
            && array_intersect($this->tale->never, self::words($setUp)) === []
            && $this->isTouched($setUp, $machine);
    }

    /** Whether what it is about is in use as it was. */
    private function isTouched(SetUp $setUp, Machine $machine): bool
    {
        $drive = $machine->ofKind('drive')[0]->id ?? 'drive';

        return match ($this->tale->part) {
            'slot' => $this->stickIn($setUp, $machine) !== null,
            'card-slot' => ! $setUp->isOut('card') && ! isset($setUp->moved['card']),
            'card-plug' => $setUp->hasOwn('card') && ! $setUp->isLent('supply'),
            'kit' => count($this->ownSticks($setUp, $machine)) > 1,
            'case' => $setUp->place !== Place::Bench && ! $setUp->isLent('board'),
            'main-plug', 'cpu-plug' => ! $setUp->isLent('supply'),
            'wall-socket' => $setUp->place === Place::Owner,
            'drive-lead', 'drive-port' => ! isset($setUp->moved[$drive]),
            'system' => ! $setUp->isLent($drive),
            default => true,
        };
    }

    private function chance(SetUp $setUp): float
    {
        $chance = $this->fails;
        foreach (array_reverse(self::conditions($setUp)) as $condition) {
            $chance = $this->tale->when[$condition] ?? $chance;
        }
        foreach (self::words($setUp) as $word) {
            $chance *= $this->tale->eased[$word] ?? 1.0;
        }

        return $chance;
    }

    /** @return list<string> what a start is made under, the most telling first */
    private static function conditions(SetUp $setUp): array
    {
        return array_keys(array_filter([
            'owner' => $setUp->place === Place::Owner,
            'hours' => $setUp->goal === Goal::Hours,
            'load' => $setUp->goal === Goal::Load,
            'warm' => $setUp->temperature === Temperature::Warm,
            'cold' => $setUp->temperature === Temperature::Cold,
        ]));
    }

    /** @return list<string> how it stands otherwise than it came */
    private static function words(SetUp $setUp): array
    {
        return array_keys(array_filter([
            'pins' => $setUp->startBy === StartBy::Pins,
            'other-output' => $setUp->otherOutput,
            'basic' => $setUp->basicDriver,
            'slow' => $setUp->lowClocks,
        ]));
    }

    private function stickIn(SetUp $setUp, Machine $machine): ?string
    {
        foreach ($machine->ofKind('stick') as $stick) {
            if (! $setUp->isOut($stick->id) && $machine->slotOf($stick->id, $setUp) === $this->part) {
                return $stick->id;
            }
        }

        return null;
    }

    /** @return list<string> */
    private function ownSticks(SetUp $setUp, Machine $machine): array
    {
        return array_values(array_filter(array_column($machine->ofKind('stick'), 'id'), $setUp->hasOwn(...)));
    }
}
