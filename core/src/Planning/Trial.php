<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/** What a trial must be made under to show anything: what fails under one condition alone shows nothing in a trial without it. */
final readonly class Trial
{
    /**
     * @param  Goal  $goal how far, or for how long, it is to run
     * @param  ?Temperature  $temperature null where none is needed
     * @param  StartBy  $startBy the pins, where it is known to start by them only
     */
    private function __construct(public Goal $goal, public ?Temperature $temperature, public StartBy $startBy)
    {
    }

    public static function of(Record $record, Grounds $grounds, Catalogue $catalogue): self
    {
        $under = $grounds->failsUnder->condition;

        return new self(
            match (true) {
                $under === FailsUnder::HOURS => Goal::Hours,
                $under === FailsUnder::LOAD, self::failsLate($record, $catalogue) => Goal::Load,
                default => Goal::System,
            },
            match ($under) {
                FailsUnder::COLD => Temperature::Cold,
                FailsUnder::WARM => Temperature::Warm,
                default => null,
            },
            self::startsOnlyByPins($record, $catalogue) ? StartBy::Pins : StartBy::Button,
        );
    }

    /** The same under a condition on top, where it has none of that kind. */
    public function under(string $condition): self
    {
        return match ($condition) {
            FailsUnder::COLD => new self($this->goal, $this->temperature ?? Temperature::Cold, $this->startBy),
            FailsUnder::LOAD => new self($this->goal === Goal::System ? Goal::Load : $this->goal, $this->temperature, $this->startBy),
            default => $this,
        };
    }

    /** Whether a start without any condition can still show what it fails at. */
    public function isPlain(): bool
    {
        return $this->temperature === null && $this->goal === Goal::System;
    }

    /** Whether a start was as cold or warm, as hard and as long as this trial: at work it grows warm by itself. */
    public function isMetBy(SetUp $setUp): bool
    {
        $isWarm = $this->temperature === Temperature::Warm && $setUp->isAtWork();

        return $setUp->isAsHardAs(new SetUp(temperature: $isWarm ? null : $this->temperature, goal: $this->goal));
    }

    /** The step of the handbook that is such a trial of the machine as it is. */
    public function step(): string
    {
        return match (true) {
            $this->temperature === Temperature::Cold => 'start-cold',
            $this->goal === Goal::Hours => 'hours-run',
            $this->isPlain() => 'start',
            default => 'load-run',
        };
    }

    /** Bench minutes on top of the step's own, for a trial that must be made cold, warm, at work or for hours. */
    public function longer(Step $step, SetUp $setUp, Catalogue $catalogue): int
    {
        $work = match ($step->setUp->goal === null ? $setUp->goal : null) {
            Goal::Load => $catalogue->number('load_minutes'),
            Goal::Hours => 2 * $catalogue->number('load_minutes'),
            default => 0,
        };
        $condition = $setUp->temperature === null || $step->setUp->temperature !== null ? 0 : $catalogue->number('condition_minutes');

        return (int) ($work + $condition);
    }

    /** Bench minutes that a trial takes beyond a plain start. */
    public function longerThanPlain(Catalogue $catalogue): int
    {
        return $this->longer($catalogue->steps['start'], new SetUp(temperature: $this->temperature, goal: $this->goal), $catalogue);
    }

    /**
     * Whether what fails now fails only once the system runs: then a trial must run for a while to show anything. What drops in every plain
     * start shows in a plain trial too.
     */
    private static function failsLate(Record $record, Catalogue $catalogue): bool
    {
        if (self::dropsAnyway($record)) {
            return false;
        }
        foreach (array_reverse($record->all(Start::class)) as $start) {
            if ($catalogue->reach($start->reached)->firstStop < $catalogue->stageCount()) {
                return $start->reached === 'drops';
            }
        }

        return array_filter($record->inForce, fn (Entry $entry): bool => Circumstances::reached($entry, $catalogue) === 'drops') !== [];
    }

    /** Whether it was started as it came, without work, warmth or cold, and never stayed up, nor for minutes. */
    private static function dropsAnyway(Record $record): bool
    {
        $plain = [];
        foreach ($record->all(Start::class) as $start) {
            if (in_array($start->signs['drop'] ?? '', ['minutes', 'hours'], true)) {
                return false;
            }
            $how = $start->setUp;
            $isPlain = $how->changesNoPart() && $how->goal === Goal::System && $how->temperature === null;
            $plain += $isPlain ? $start->outcomes : [];
        }

        return isset($plain['drops']) && ! isset($plain['stays']);
    }

    /** Whether in its case it got further by the pins than it last did by the button: then the button is left out of further trials. */
    private static function startsOnlyByPins(Record $record, Catalogue $catalogue): bool
    {
        $got = ['button' => null, 'pins' => null];
        foreach ($record->all(Start::class) as $start) {
            if ($start->setUp->place === Place::Bench) {
                continue;
            }
            $got[$start->setUp->startBy->value] = $catalogue->reach($start->reached);
        }

        return $got['pins'] !== null && $got['button'] !== null && $got['pins']->firstStop > $got['button']->lastStop;
    }
}
