<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Simulation\HiddenMachine;

/**
 * A machine that runs by physics, and people who misread it now and then. It shares with the adviser only words: names of parts, of
 * outcomes, looks and deeds. None of its chances, tables or code is the adviser's.
 */
final class CircuitMachine implements HiddenMachine
{
    private const NEW_IS_BAD = 0.03;

    private const SPARE_IS_BAD = 0.03;

    private const HOST_IS_BAD = 0.02;

    /** What one stops at, as people say it; -1 is not told apart. */
    private const OUTCOMES = [
        'nothing', 'nothing', 'nothing', 'twitch', 'dark', 'dark', 'dark', 'dark', 'dark', 'no-drive', 'no-system', 'drops', 'stays',
    ];

    private SetUp $setUp;

    /** @var array<string, bool> "tag part" => bad */
    private array $bad = [];

    /** @var array<string, true> */
    private array $fitted = [];

    private readonly BoardManner $shown;

    private readonly Deeds $deeds;

    private readonly float $room;

    private readonly float $careless;

    private bool $misread = false;

    /** @param  list<array{string, string}>  $causes defect and part */
    public function __construct(private readonly Body $body, private readonly array $causes, private readonly Draw $draw)
    {
        $this->setUp = new SetUp;
        $this->shown = new BoardManner($body->machine, $draw);
        $this->deeds = new Deeds($body, $draw);
        $this->room = 19.0 + 5.0 * $draw->unit();
        // Most people rarely misread; one in six does so thrice as often.
        $this->careless = $draw->happens(0.17) ? 3.0 : 0.8;
    }

    public function machine(): Machine
    {
        return $this->body->machine;
    }

    public function report(): array
    {
        $seen = $this->outcome($this->stop(new SetUp(place: Place::Owner)));
        $told = $this->draw->happens(0.25) ? $this->draw->oneOf(['nothing', 'dark', 'dark', 'drops', 'no-system', 'twitch']) : $seen;

        return ['kind' => 'report', 'events' => ['none'], 'marks' => ['consent-system'], 'reached' => $told];
    }

    public function start(SetUp $setUp): array
    {
        $this->deeds->change($this->setUp, $setUp);
        $this->setUp = $setUp;
        foreach ($setUp->lent as $part => $lent) {
            $this->bad["{$lent->tag} {$part}"] ??= $this->draw->happens(self::SPARE_IS_BAD);
        }
        $stop = $this->stop($setUp);
        $signs = $this->shown->at($stop);
        $was = $this->outcome($stop);
        if ($this->draw->happens(0.012 * $this->careless)) {
            $stop = max(0, min(12, $stop + $this->draw->oneOf([-2, -1, 1, 2])));
        }
        $this->misread = $this->outcome($stop) !== $was;
        // A lamp is missed far more often than one is seen that was not there.
        foreach (array_keys($signs) as $channel) {
            if ($this->draw->happens(0.1 * $this->careless)) {
                unset($signs[$channel]);
            }
        }

        return ['reached' => $this->outcome($stop), 'signs' => $signs];
    }

    public function look(Check $check, ?string $target): string
    {
        if ($check->host && $target !== null) {
            $this->bad["host {$target}"] ??= $this->draw->happens(self::HOST_IS_BAD);
            $this->deeds->move($target, 0.7, $this->setUp);
        }
        $result = (new Looks($this->body, $this->setUp, $this->draw, $this->bad))->result($check->id, $target);
        $known = array_column($check->results, 'id');
        $clear = $check->clearResult()->id;
        $this->misread = false;
        if ($result !== null && $this->draw->happens(0.05 * $this->careless)) {
            $result = null;
        } elseif ($result === null && $this->draw->happens(0.003 * $this->careless)) {
            $result = $known[0];
            $this->misread = $result !== $clear;
        }
        if ($check->id === 'wiggle' || $check->id === 'look-contacts') {
            $this->deeds->move('main-plug', 0.3, $this->setUp);
        }

        return in_array($result, $known, true) ? $result : $clear;
    }

    public function wasMisread(): bool
    {
        return $this->misread;
    }

    public function act(string $act, array $on): void
    {
        $this->deeds->act($act, $on, $this->setUp);
    }

    public function fit(string $part): void
    {
        $this->body->renew($part);
        $this->deeds->move($part, 0.9, $this->setUp);
        $this->fitted[$part] = true;
        $this->bad["new {$part}"] = $this->draw->happens(self::NEW_IS_BAD);
    }

    public function atOwner(SetUp $setUp): string
    {
        return $this->outcome($this->stop($setUp));
    }

    public function isSound(): bool
    {
        foreach (array_keys($this->fitted) as $part) {
            if ($this->bad["new {$part}"]) {
                return false;
            }
        }

        return $this->body->isWell();
    }

    public function atFault(): array
    {
        return $this->body->had;
    }

    public function causes(): array
    {
        return $this->causes;
    }

    public function usualRepair(string $fault): string
    {
        return Defects::ALL[$fault][2];
    }

    public function harms(): float
    {
        return ($this->body->good['supply'] ?? 1.0) < 0.5 && isset($this->body->good['supply']) ? 0.1 : 0.0;
    }

    private function stop(SetUp $setUp): int
    {
        $room = $setUp->place === Place::Owner ? $this->room - 3.0 + 6.0 * $this->draw->unit() : $this->room;

        return (new PowerOn($this->body, $setUp, $this->draw, $this->bad, $room))->stop();
    }

    private function outcome(int $stop): string
    {
        return self::OUTCOMES[$stop];
    }
}
