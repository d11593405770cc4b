<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;

/** What is done to a body: what moves touches again, mostly better; what is worked on is put right, mostly. */
final readonly class Deeds
{
    /** Share of times that moving a part makes a poor touch good, and that it makes a good one poor. */
    private const MENDS = 0.75;

    private const HARMS = 0.004;

    /** What moves when a board leaves its case. */
    private const OUT_OF_CASE = ['board', 'case', 'panel', 'drive-lead', 'card'];

    public function __construct(private Body $body, private Draw $draw)
    {
    }

    /** From one way of standing to another. */
    public function change(SetUp $from, SetUp $to): void
    {
        $parts = $from->partsChangedTo($to);
        if ($from->place !== $to->place) {
            array_push($parts, ...array_filter(self::OUT_OF_CASE, $this->body->machine->has(...)));
            if (isset($this->body->shorted['case']) && $this->draw->happens(0.15)) {
                unset($this->body->shorted['case']);
            }
        }
        if ($from->otherOutput !== $to->otherOutput) {
            $parts[] = 'video-lead';
        }
        foreach (array_unique($parts) as $part) {
            $this->move($part, self::MENDS, $to);
        }
    }

    /**
     * @param  list<string>  $on
     * @param  SetUp  $setUp how the machine stands then
     */
    public function act(string $act, array $on, SetUp $setUp): void
    {
        foreach ($on as $part) {
            match ($act) {
                'reseat' => $this->move($part, 0.93, $setUp),
                'clean-contacts' => $this->clean($part),
                default => null,
            };
        }
        $undoes = [
            'clear-settings' => ['settings', 'profile', 'port-off'],
            'set-profile' => ['profile'],
            'set-boot-order' => ['order'],
            'set-ports' => ['port-off'],
            'set-output' => ['input', 'misplaced'],
            'switch-on' => ['switched-off'],
            'advise' => ['socket-at-home'],
            'clear-short' => ['touches'],
            'straighten-pins' => ['pins', ...array_map(static fn (string $c): string => "channel {$c}", $this->body->machine->channels())],
            'unplug-for-good' => ['hangs', 'card-hangs'],
            'repair-system' => ['driver', 'driver-crash'],
            'update-driver' => ['driver', 'driver-crash'],
            'update-firmware' => ['too-new'],
        ][$act] ?? [];
        foreach ($undoes as $what) {
            if ($this->draw->happens(0.94)) {
                unset($this->body->wrong[$what]);
            }
        }
        $mends = [
            'replace-cell' => ['cell'],
            'write-firmware' => ['firmware'],
            'fall-back-chip' => ['firmware'],
            'repaste' => ['cooler'],
            'replace-fan' => ['cooler-fan', 'card-fan', 'case-fan'],
            'clean-inside' => ['case-fan'],
            'repair-system' => ['system'],
            'write-card' => ['card-code'],
            'use-other-port' => ['port'],
            'add-card' => ['port'],
            'use-other-output' => ['output'],
            'use-other-slot' => $on,
        ][$act] ?? [];
        foreach ($mends as $what) {
            if ($this->draw->happens(0.93)) {
                unset($this->body->good[$what]);
            }
        }
        $this->otherwise($act);
    }

    private function otherwise(string $act): void
    {
        if ($act === 'clear-short' && $this->draw->happens(0.95)) {
            unset($this->body->shorted['case']);
        }
        if ($act === 'straighten-pins' && $this->draw->happens(0.85)) {
            unset($this->body->loose['socket']);
        }
        if ($act === 'unplug-for-good') {
            unset($this->body->shorted['devices'], $this->body->shorted['add-in']);
        }
        if ($act === 'board-repair' && $this->draw->happens(0.5)) {
            foreach (['board', 'regulator', 'joint', 'standby-logic'] as $name) {
                unset($this->body->good[$name], $this->body->needsWarmth[$name], $this->body->needsCool[$name]);
            }
            unset($this->body->shorted['board']);
        }
        if ($act === 'leave-out' || $act === 'lower-clocks') {
            unset($this->body->wrong['profile']);
        }
    }

    /**
     * A part is taken out and put in, or pressed home. A touch that grows poor by it is a fault of what it touches, as in what comes in.
     *
     * @param  SetUp  $setUp how the machine stands then
     */
    public function move(string $part, float $mends, SetUp $setUp): void
    {
        foreach ($this->body->contactsOf($part) as $contact) {
            $loose = $this->body->loose[$contact] ?? 0.0;
            $does = isset($this->body->dirty[$contact]) ? 0.25 * $mends : $mends;
            if ($loose > 0.0 && ! isset($this->body->wrong['pins']) && $this->draw->happens($does)) {
                unset($this->body->loose[$contact]);
            } elseif ($loose === 0.0 && $this->draw->happens(self::HARMS)) {
                $this->body->loose[$contact] = 0.6;
                $this->body->had[$this->body->partAt($contact, $setUp)] = true;
            }
        }
    }

    private function clean(string $part): void
    {
        foreach ($this->body->contactsOf($part) as $contact) {
            if ($this->draw->happens(0.92)) {
                unset($this->body->loose[$contact], $this->body->dirty[$contact]);
            }
        }
        foreach (array_keys($this->body->wrong) as $what) {
            if (str_starts_with($what, 'grime ') && $this->draw->happens(0.92)) {
                unset($this->body->wrong[$what]);
            }
        }
    }
}
