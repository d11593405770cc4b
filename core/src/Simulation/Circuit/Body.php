<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\SetUp;

/**
 * What a machine is like inside, as numbers: how good each thing is, how well it touches, what is shorted, what is set wrong. Written from
 * how such machines work, and from nothing that the adviser believes.
 */
final class Body
{
    /** What belongs to a part and goes with it when it is replaced: part, or its kind => names of qualities. */
    private const BELONGS = [
        'board' => ['board', 'standby-logic', 'regulator', 'firmware', 'cell', 'port', 'card-slot', 'joint'],
        'supply' => ['supply', 'standby', 'supply-fan'],
        'processor' => ['processor', 'memory-side', 'own-graphics'],
        'card' => ['card', 'card-code', 'card-memory', 'output', 'card-fan'],
        'cooler' => ['cooler', 'cooler-fan'],
        'screen' => ['screen'],
        'video-lead' => ['video-lead'],
        'wall-lead' => ['wall-lead'],
        'drive-lead' => ['drive-lead'],
        'panel' => ['button'],
        'system' => ['system', 'driver'],
    ];

    /** What touches again when a part is taken out and put in. */
    private const TOUCHES = [
        'supply' => ['main-plug', 'cpu-plug', 'card-plug'],
        'board' => ['main-plug', 'cpu-plug', 'card-seat', 'socket', 'drive-lead', 'panel'],
        'processor' => ['socket'],
        'card' => ['card-seat', 'card-plug', 'video-lead'],
        'drive' => ['drive-lead'],
        'drive-lead' => ['drive-lead'],
        'video-lead' => ['video-lead'],
        'screen' => ['video-lead'],
        'wall-lead' => ['wall-lead'],
        'main-plug' => ['main-plug'],
        'cpu-plug' => ['cpu-plug'],
        'card-plug' => ['card-plug'],
        'card-slot' => ['card-seat'],
        'drive-port' => ['drive-lead'],
        'panel' => ['panel'],
        'socket' => ['socket'],
    ];

    /** What is set or stuck wrong, and goes with a part. */
    private const GOES_WITH = [
        'panel' => ['reset'],
        'devices' => ['hangs'],
        'system' => ['driver', 'driver-crash'],
        'stick' => ['kit'],
        'kit' => ['kit'],
        'board' => ['settings', 'order', 'profile', 'port-off', 'pins', 'socket-dirt'],
    ];

    /** @var array<string, float> name => how good it is, 1 as new, 0 gone; what is not named is as new */
    public array $good = [];

    /** @var array<string, float> contact => how badly it touches, 0 well, 1 not at all */
    public array $loose = [];

    /** @var array<string, true> contact that only cleaning mends */
    public array $dirty = [];

    /** @var array<string, true> what shorts what feeds it */
    public array $shorted = [];

    /** @var array<string, true> what is set, plugged or stuck wrong */
    public array $wrong = [];

    /** @var array<string, float> name => °C under which it grows worse, by a hundredth a degree */
    public array $needsWarmth = [];

    /** @var array<string, float> name => °C over which it grows worse, by a hundredth a degree */
    public array $needsCool = [];

    /** Watts that its supply gives over what its parts draw at work. */
    public float $spareWatts = 120.0;

    /** @var array<string, true> parts that were at fault at any time */
    public array $had = [];

    public function __construct(public readonly Machine $machine)
    {
    }

    /** How good a thing is at a temperature. */
    public function at(string $name, float $degrees): float
    {
        return ($this->good[$name] ?? 1.0)
            - 0.01 * max(0.0, ($this->needsWarmth[$name] ?? -99.0) - $degrees)
            - 0.01 * max(0.0, $degrees - ($this->needsCool[$name] ?? 999.0));
    }

    public function touch(string $contact): float
    {
        return 1.0 - ($this->loose[$contact] ?? 0.0);
    }

    /** @return list<string> contacts that move with a part */
    public function contactsOf(string $part): array
    {
        $kind = $this->machine->part($part)->kind->id;

        return match ($kind) {
            'stick' => ["seat {$part}"],
            'slot' => array_map(
                static fn (string $stick): string => "seat {$stick}",
                array_keys($this->machine->slots, $part, true),
            ),
            default => self::TOUCHES[$kind] ?? [],
        };
    }

    /** The part at which a contact is, as what comes in with a poor one has it. */
    public function partAt(string $contact, SetUp $setUp): string
    {
        $stick = str_replace('seat ', '', $contact, $isASeat);

        return match (true) {
            $isASeat > 0 => $setUp->moved[$stick] ?? $this->machine->slots[$stick] ?? $stick,
            $contact === 'card-seat' => 'card-slot',
            default => $contact,
        };
    }

    /** As a new one of the part would be, with all that belongs to it. */
    public function renew(string $part): void
    {
        $kind = $this->machine->part($part)->kind->id;
        $names = $kind === 'stick' ? [$part, "marks {$part}"] : self::BELONGS[$kind] ?? [$part];
        if ($kind === 'drive') {
            // What is worn is the drive that the system is on.
            $names = $part === $this->systemDrive() ? [$part, 'surface'] : [$part];
        }
        if ($kind === 'board') {
            foreach ($this->machine->ofKind('slot') as $slot) {
                $names[] = $slot->id;
                unset($this->wrong["channel {$slot->id}"]);
            }
        }
        foreach ($names as $name) {
            unset($this->good[$name], $this->needsWarmth[$name], $this->needsCool[$name]);
        }
        unset($this->shorted[$part]);
        if ($kind === 'supply') {
            $this->spareWatts = 150.0;
        }
        foreach (self::GOES_WITH[$kind] ?? [] as $what) {
            unset($this->wrong[$what]);
        }
        foreach ($this->contactsOf($part) as $contact) {
            if (in_array($kind, ['main-plug', 'cpu-plug', 'card-plug', 'wall-lead', 'video-lead', 'drive-lead'], true)) {
                unset($this->loose[$contact], $this->dirty[$contact]);
            }
        }
    }

    /** The drive that the system is on; null where it came in without one. */
    public function systemDrive(): ?string
    {
        return $this->machine->ofKind('drive')[0]->id ?? null;
    }

    /** Nothing keeps it from running, now or later. */
    public function isWell(): bool
    {
        return $this->shorted === [] && $this->wrong === [] && $this->spareWatts > 0.0
            && array_filter($this->loose, static fn (float $loose): bool => $loose > 0.3) === []
            && array_filter($this->good, static fn (float $good): bool => $good < 0.75) === []
            && $this->needsWarmth === [] && $this->needsCool === [];
    }
}
