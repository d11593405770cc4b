<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;

/** What there is to see or to measure in a body, by the name of the look. A look this world has no physics for finds nothing. */
final readonly class Looks
{
    /** @param  array<string, bool>  $bad "host PART" => the good machine is none */
    public function __construct(private Body $body, private SetUp $setUp, private Draw $draw, private array $bad)
    {
    }

    /** @return ?string the result, by its name; null where there is nothing to find */
    public function result(string $look, ?string $part): ?string
    {
        return match ($look) {
            'look-leads' => $this->is('switched-off') ? 'off' : $this->found($this->loose('wall-lead'), 'loose', 0.6),
            'look-screen' => $this->is('input') ? 'wrong-input'
                : ($this->is('misplaced') ? 'wrong-output' : $this->found($this->loose('video-lead'), 'wrong-output', 0.8)),
            'look-inside' => $this->inside(),
            'look-plugs' => $this->found($this->loose('main-plug', 'cpu-plug', 'card-plug'), 'off', 0.9),
            'look-socket', 'socket-map' => $this->found($this->is('pins'), 'bent', 0.93),
            'look-board' => $this->found(($this->body->good['regulator'] ?? 1.0) < 0.35, 'burnt', 0.3),
            'look-metal' => $this->found(isset($this->body->shorted['case']) || $this->is('touches'), 'found', 0.75),
            'look-contacts' => $this->found($this->body->dirty !== [], 'dirty', 0.7),
            'look-devices' => $this->found(isset($this->body->shorted['devices']), 'bad', 0.35),
            'fans-turn' => $this->stillFan(),
            'look-settings' => $this->setWrong(),
            'driver-look' => $this->is('driver') ? 'missing' : $this->found($this->is('driver-crash'), 'crashed', 0.65),
            'wiggle' => $this->found($this->changesWhenMoved(), 'changes', 0.6),
            default => $this->measured($look, $part),
        };
    }

    private function measured(string $look, ?string $part): ?string
    {
        $supply = min($this->body->at('supply', 24.0), $this->body->at('standby', 24.0));

        return match ($look) {
            'mains-reading' => $this->is('switched-off') || $this->low('wall-lead') || $this->loose('wall-lead') ? 'fail' : null,
            'supply-test' => $supply < 0.4 ? 'fail' : $this->found($supply < 0.62, 'fail', 0.65),
            'supply-in-host' => $this->inHost($part, $supply),
            'rails-running' => $this->setUp->hasOwn('supply') ? $this->found($supply < 0.62, 'fail', 0.75) : null,
            'self-test' => $supply < 0.3 ? 'dark' : null,
            'supply-sum' => $this->body->spareWatts < 0.0 ? 'short' : null,
            'cell-reading' => $this->low('cell') ? 'fail' : null,
            'button-test' => $this->is('reset') ? 'held' : (($this->body->good['button'] ?? 1.0) < 0.5 ? 'open' : null),
            'temperature' => $this->found($this->low('cooler', 'cooler-fan'), 'fail', 0.85),
            'work-temperature' => $this->low('cooler', 'cooler-fan') ? 'fail' : null,
            'closed-temperature' => $this->low('case-fan') ? 'fail' : null,
            'memory-listed' => $this->found($this->memoryIsShort(), 'short', 0.9),
            'memory-test' => $this->found($this->marked() || $this->is('profile'), 'errors', 0.85),
            'drives-listed' => $this->low('port') || $this->loose('drive-lead') || $this->driveIsDead() ? 'missing' : null,
            'drive-health' => $this->found($this->isWorn($part) || $this->isSystemDrive($part) && $this->driveIsDead(), 'failing', 0.8),
            'write-test' => $this->found($this->isWorn($part) || $this->low('port'), 'fails', 0.8),
            'firmware-chip' => $this->low('firmware') ? 'silent' : null,
            'standby-current' => $this->found($this->low('standby-logic') || isset($this->body->shorted['board']), 'fail', 0.85),
            'running-current' => $this->found($this->low('regulator'), 'fail', 0.3),
            'thermal-view' => $this->found(isset($this->body->shorted['board']), 'hot', 0.75),
            'stick-in-host' => $this->inHost($part, min($this->own((string) $part), 0.25 + $this->own("marks {$part}"))),
            'processor-in-host' => $this->inHost($part, min($this->own('processor'), $this->own('memory-side'))),
            'card-in-host', 'card-beside' => $this->inHost($part, min($this->own('card'), 0.3 + $this->own('card-memory'))),
            'drive-in-host' => $this->inHost($part, min($this->own((string) $part), $this->surfaceOf($part))),
            'screen-in-host' => $this->is('input') ? 'fails' : $this->inHost($part, $this->body->at('screen', 24.0)),
            'card-memory-test' => $this->found($this->low('card-memory'), 'errors', 0.8),
            'card-rails', 'card-current', 'card-rails-live', 'card-clock' => $this->found($this->own('card') < 0.3, 'fail', 0.45),
            default => null,
        };
    }

    /** How good a thing is on a bench at room temperature. */
    private function own(string $name): float
    {
        return $this->body->at($name, 24.0);
    }

    private function stillFan(): ?string
    {
        return match (true) {
            $this->low('cooler-fan') => 'cooler',
            $this->low('case-fan') => 'case',
            $this->low('card-fan') => 'card',
            default => null,
        };
    }

    private function setWrong(): ?string
    {
        return match (true) {
            $this->is('order') => 'order',
            $this->is('port-off') => 'port',
            $this->is('profile') => 'fast',
            default => null,
        };
    }

    private function changesWhenMoved(): bool
    {
        return $this->loose('wall-lead', 'video-lead', 'card-seat', 'main-plug') || $this->is('touches');
    }

    private function inside(): ?string
    {
        return match (true) {
            $this->loose('main-plug', 'cpu-plug', 'card-plug', 'drive-lead') && $this->draw->happens(0.55) => 'plug-off',
            $this->loose('card-seat') && $this->draw->happens(0.5) => 'card-out',
            $this->anyStickLoose() && $this->draw->happens(0.35) => 'stick-out',
            $this->low('cooler-fan') && $this->draw->happens(0.4) => 'fan-stopped',
            ($this->body->good['supply'] ?? 1.0) < 0.3 && $this->draw->happens(0.25) => 'smells',
            default => null,
        };
    }

    private function inHost(?string $part, float $good): ?string
    {
        return ($this->bad["host {$part}"] ?? false) || $good < 0.42 + 0.12 * $this->draw->unit() ? 'fails' : null;
    }

    private function found(bool $there, string $result, float $seen): ?string
    {
        return $there && $this->draw->happens($seen) ? $result : null;
    }

    private function is(string $what): bool
    {
        return isset($this->body->wrong[$what]);
    }

    private function low(string ...$names): bool
    {
        foreach ($names as $name) {
            if (($this->body->good[$name] ?? 1.0) < 0.6) {
                return true;
            }
        }

        return false;
    }

    private function loose(string ...$contacts): bool
    {
        foreach ($contacts as $contact) {
            if (($this->body->loose[$contact] ?? 0.0) > 0.35) {
                return true;
            }
        }

        return false;
    }

    private function anyStickLoose(): bool
    {
        foreach ($this->body->machine->ofKind('stick') as $stick) {
            if (($this->body->loose["seat {$stick->id}"] ?? 0.0) > 0.6) {
                return true;
            }
        }

        return false;
    }

    private function memoryIsShort(): bool
    {
        foreach ($this->body->machine->channels() as $channel) {
            if ($this->is("channel {$channel}")) {
                return true;
            }
        }

        return $this->anyStickLoose();
    }

    private function marked(): bool
    {
        foreach ($this->body->machine->ofKind('stick') as $stick) {
            if (($this->body->good["marks {$stick->id}"] ?? 1.0) < 0.7) {
                return true;
            }
        }

        return false;
    }

    /** @param  ?string  $drive the drive looked at; null where none is named */
    private function isSystemDrive(?string $drive): bool
    {
        return $drive === null || $drive === $this->body->systemDrive();
    }

    private function isWorn(?string $drive): bool
    {
        return $this->isSystemDrive($drive) && $this->low('surface');
    }

    private function surfaceOf(?string $drive): float
    {
        return $this->isSystemDrive($drive) ? 0.2 + $this->own('surface') : 1.0;
    }

    private function driveIsDead(): bool
    {
        $first = $this->body->systemDrive();

        return $first !== null && ($this->body->good[$first] ?? 1.0) < 0.4;
    }
}
