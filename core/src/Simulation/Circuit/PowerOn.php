<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/** A start, from the wall to a run at work: each stage passes by how good what it needs is, with some luck. */
final class PowerOn
{
    /** What passes half the time. */
    private const EDGE = 0.5;

    /** How far luck reaches around that. */
    private const LUCK = 0.18;

    private float $degrees;

    /** @param  array<string, bool>  $bad "tag part" => a lent or new part is bad */
    public function __construct(
        private readonly Body $body,
        private readonly SetUp $setUp,
        private readonly Draw $draw,
        private readonly array $bad,
        private readonly float $room,
    ) {
        $this->degrees = $room + match ($setUp->temperature) {
            Temperature::Cold => -4.0,
            Temperature::Warm => 22.0,
            default => 3.0,
        };
    }

    /** @return int stage it stops before, in the order of the chain; 12 where it stays up */
    public function stop(): int
    {
        $stages = [
            $this->mains(...), $this->standby(...), $this->button(...), $this->rails(...),
            $this->processorPower(...), $this->firstCode(...), $this->memory(...), $this->graphics(...),
            $this->picture(...), $this->drive(...), $this->system(...), $this->stays(...),
        ];
        foreach ($stages as $stage => $passes) {
            if (! $passes()) {
                return $stage;
            }
        }

        return 12;
    }

    private function passes(float ...$qualities): bool
    {
        $worst = min([1.0, ...$qualities]);
        $luck = self::LUCK * ($this->draw->unit() + $this->draw->unit() - 1.0);

        return $worst + $luck > self::EDGE;
    }

    /** Quality of a part that stands in a place: a lent one's, or the machine's own. */
    private function of(string $part, string ...$names): float
    {
        if ($this->setUp->isLent($part)) {
            return $this->bad["{$this->setUp->lent[$part]->tag} {$part}"] ?? false ? 0.05 : 1.0;
        }
        if ($this->bad["new {$part}"] ?? false) {
            return 0.05;
        }

        return min(array_map(fn (string $name): float => $this->body->at($name, $this->degrees), $names === [] ? [$part] : $names));
    }

    private function isIn(string $part): bool
    {
        return $this->machine()->has($part) && ! $this->setUp->isOut($part);
    }

    private function hasOwn(string $part): bool
    {
        return $this->isIn($part) && $this->setUp->hasOwn($part);
    }

    private function machine(): Machine
    {
        return $this->body->machine;
    }

    private function inCase(): bool
    {
        return $this->setUp->place !== Place::Bench;
    }

    private function isWrong(string $what): bool
    {
        return isset($this->body->wrong[$what]);
    }

    private function mains(): bool
    {
        $socket = $this->setUp->place === Place::Owner && $this->isWrong('socket-at-home') ? 0.1 : 1.0;
        $lead = $this->setUp->isLent('wall-lead') ? $this->of('wall-lead') : min($this->of('wall-lead'), $this->body->touch('wall-lead'));

        return ! $this->isWrong('switched-off') && $this->passes($socket, $lead);
    }

    private function standby(): bool
    {
        $logic = $this->setUp->isLent('board') ? 1.0 : $this->body->at('standby-logic', $this->degrees);

        return $this->passes($this->of('supply', 'standby'), $logic);
    }

    private function button(): bool
    {
        $panel = $this->setUp->startBy === StartBy::Pins ? 1.0 : min($this->of('panel', 'button'), $this->body->touch('panel'));

        return $this->passes($panel, $this->body->touch('main-plug') + 0.25, $this->of('board', 'standby-logic'));
    }

    private function rails(): bool
    {
        foreach (array_keys($this->body->shorted) as $part) {
            $isThere = match ($part) {
                'case' => $this->inCase() && $this->draw->happens(0.8),
                default => $this->hasOwn($part),
            };
            if ($isThere && $this->draw->happens(0.93)) {
                return false;
            }
        }

        return $this->passes($this->of('supply', 'supply'), $this->body->touch('main-plug'));
    }

    private function processorPower(): bool
    {
        return $this->isIn('processor') && $this->passes($this->body->touch('cpu-plug'), $this->of('board', 'regulator'));
    }

    private function firstCode(): bool
    {
        // Before the pins are bridged the case's small leads come off, that of the reset button among them.
        $isResetOn = $this->inCase() && $this->setUp->startBy !== StartBy::Pins;
        if ($this->isWrong('reset') && $isResetOn && $this->draw->happens(0.97)) {
            return false;
        }
        if ($this->isWrong('hangs') && $this->isIn('devices') && $this->draw->happens(0.7)) {
            return false;
        }
        $ownBoard = $this->hasOwn('board');
        if ($ownBoard && $this->isWrong('settings') && $this->draw->happens(0.45)) {
            return false;
        }
        if ($ownBoard && $this->isWrong('too-new') && $this->hasOwn('processor')) {
            return false;
        }

        return $this->passes(
            $this->of('board', 'board', 'firmware', 'joint'),
            $this->of('processor', 'processor'),
            $this->setUp->isLent('board') ? 1.0 : $this->body->touch('socket'),
            $ownBoard ? 0.45 + 0.55 * $this->body->at('cell', $this->degrees) : 1.0,
        );
    }

    private function memory(): bool
    {
        $in = array_values(array_filter($this->machine()->ofKind('stick'), fn ($stick): bool => ! $this->setUp->isOut($stick->id)));
        if ($in === []) {
            return false;
        }
        $own = count(array_filter($in, fn ($stick): bool => $this->setUp->hasOwn($stick->id)));
        if (
            ($own > 1 && $this->isWrong('kit') && $this->draw->happens(0.9))
            || ($own > 0 && $this->isWrong('profile') && ! $this->setUp->lowClocks && $this->draw->happens(0.6))
            || ($this->hasOwn('board') && $this->isWrong('settings') && $this->draw->happens(0.5))
        ) {
            return false;
        }
        foreach ($in as $stick) {
            $slot = (string) $this->machine()->slotOf($stick->id, $this->setUp);
            $itsOwn = $slot === ($this->machine()->slots[$stick->id] ?? '') && $this->setUp->hasOwn($stick->id);
            $seat = $itsOwn ? $this->body->touch("seat {$stick->id}") : ($this->isWrong("grime {$slot}") ? 0.35 : 1.0);
            $channel = $this->isWrong('channel '.substr($slot, 5, 1)) && ($this->hasOwn('processor') || $this->hasOwn('board')) ? 0.1 : 1.0;
            $holds = $this->setUp->isLent('board') ? 1.0 : $this->body->at($slot, $this->degrees);
            if (! $this->passes($this->of($stick->id, $stick->id), $seat, $channel, $holds, $this->of('processor', 'memory-side'))) {
                return false;
            }
        }

        return true;
    }

    private function graphics(): bool
    {
        if ($this->isWrong('card-hangs') && $this->hasOwn('add-in') && $this->draw->happens(0.75)) {
            return false;
        }
        if (! $this->isIn('card')) {
            return $this->machine()->facts['own_graphics'] && $this->passes($this->of('processor', 'own-graphics'));
        }
        $seat = $this->setUp->hasOwn('card') && ! isset($this->setUp->moved['card']) ? $this->body->touch('card-seat') : 1.0;
        $slot = isset($this->setUp->moved['card']) ? 1.0 : $this->of('board', 'card-slot');
        $plug = $this->machine()->has('card-plug') && $this->setUp->hasOwn('card') ? $this->body->touch('card-plug') : 1.0;

        return $this->passes($this->of('card', 'card', 'card-code'), $seat, $slot, $plug);
    }

    private function picture(): bool
    {
        if ($this->hasOwn('screen') && $this->isWrong('input')) {
            return false;
        }
        if ($this->isWrong('misplaced') && ! $this->setUp->otherOutput) {
            return false;
        }
        $output = $this->setUp->otherOutput || ! $this->hasOwn('card') ? 1.0 : $this->of('card', 'output');
        $touch = $this->setUp->isLent('video-lead') ? 1.0 : $this->body->touch('video-lead');
        $lead = min($this->of('video-lead'), $touch);

        return $this->passes($output, $lead, $this->of('screen', 'screen'));
    }

    private function drive(): bool
    {
        $drives = array_filter($this->machine()->ofKind('drive'), fn ($drive): bool => ! $this->setUp->isOut($drive->id));
        if ($drives === [] || ($this->hasOwn('board') && ($this->isWrong('order') || $this->isWrong('port-off')))) {
            return false;
        }
        $first = array_values($drives)[0]->id;
        $port = isset($this->setUp->moved[$first]) ? 1.0 : $this->of('board', 'port');

        return $this->passes($this->of($first, $first), $this->setUp->isLent('drive-lead') ? 1.0 : $this->body->touch('drive-lead'), $port);
    }

    private function system(): bool
    {
        $first = $this->machine()->ofKind('drive')[0]->id ?? 'drive';
        if ($this->setUp->isLent($first)) {
            return true;
        }
        $driver = $this->isWrong('driver') && ! $this->setUp->basicDriver ? 0.2 : 1.0;

        return $this->passes($this->body->at('system', $this->degrees), $this->body->at('surface', $this->degrees) + 0.15, $driver);
    }

    /** A plain start runs three minutes, one at work half an hour, one for hours half a day: what is late has so long to come. */
    private function stays(): bool
    {
        [$long, $work] = match ($this->setUp->goal) {
            Goal::Hours => [1.0, 0.8],
            Goal::Load => [0.6, 1.0],
            default => [0.06, 0.15],
        };
        $case = $this->inCase() ? 4.0 + 22.0 * (1.0 - $this->body->at('case-fan', 24.0)) : 0.0;
        $inside = $this->room + 5.0 + $case + ($this->setUp->temperature === Temperature::Warm ? 10.0 : 0.0) + 18.0 * $work * $long;
        $cooling = $this->setUp->isLent('cooler') ? 1.0 : min($this->body->at('cooler', 24.0), $this->body->at('cooler-fan', 24.0));
        $hot = $inside + 55.0 * $work / max(0.12, $cooling) * min(1.0, 0.3 + $long);
        $this->degrees = $inside;
        $strain = $this->setUp->isLent('supply') ? 200.0 : $this->body->spareWatts;
        if ($hot > 104.0 || ($strain < 0.0 && $work > 0.5 && $this->draw->happens(0.85 * $long + 0.1))) {
            return false;
        }
        $slow = $this->setUp->lowClocks || $this->setUp->basicDriver ? 0.6 : 0.0;
        $late = [
            $this->of('board', 'joint', 'board'),
            $this->of('supply', 'supply'),
            $this->hasOwn('card') ? min($this->of('card', 'card-memory') + $slow, $this->of('card', 'card-fan') + $slow) : 1.0,
            $this->of('processor', 'processor'),
        ];
        foreach ($this->machine()->ofKind('stick') as $stick) {
            $late[] = $this->hasOwn($stick->id) ? min(1.0, $this->body->at("marks {$stick->id}", $this->degrees) + $slow) : 1.0;
        }
        if ($this->isWrong('touches') && $this->inCase()) {
            $late[] = 0.35;
        }
        $drive = $this->machine()->ofKind('drive')[0]->id ?? 'none';
        if ($this->isWrong('driver-crash') && ! $this->setUp->basicDriver && $this->hasOwn($drive)) {
            $late[] = 0.3;
        }
        $worst = min($late);

        // What is well over the edge never fails; what is under it fails the surer the longer it runs.
        return $worst > 0.75 || ! $this->draw->happens(min(1.0, (0.9 - $worst) * 1.6) * $long ** 0.7 * (0.4 + 0.6 * $work));
    }
}
