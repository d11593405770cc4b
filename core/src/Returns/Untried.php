<?php

declare(strict_types=1);

namespace Orthoscope\Core\Returns;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/**
 * A condition under which a fault may show and which was not tried, with the chance that it would show it. Before "no fault found" is said.
 */
final readonly class Untried
{
    /** Chance under which a condition is not worth a word. Origin: judgement. */
    private const LEAST = 0.01;

    /** Chance of showing a fault from which a condition must be tried before none is said to be there. Origin: judgement. */
    private const WORTH_TRYING = 0.02;

    /** @param  bool  $told its owner says that it fails then, and only then */
    private function __construct(public string $name, public SetUp $setUp, public float $chance, public bool $told)
    {
    }

    /** @return list<self> what its owner names first, then what is likeliest to show it */
    public static function of(Replay $replay, Record $record, Catalogue $catalogue): array
    {
        $manner = Circumstances::manner($record, $catalogue);
        $named = $manner?->only === null ? null : $manner->failing();
        $conditions = [
            ['cold, after standing', new SetUp(temperature: Temperature::Cold)],
            ['warm, just after a run', new SetUp(temperature: Temperature::Warm)],
            ['a long run at work', new SetUp(goal: Goal::Load)],
            ['hours as the owner runs it', new SetUp(goal: Goal::Hours)],
            ['in its case, by its button', new SetUp],
            ['out of its case, by the pins', new SetUp(place: Place::Bench, startBy: StartBy::Pins)],
            ['at the owner\'s place, with their leads, socket and screen', new SetUp(place: Place::Owner)],
        ];
        $untried = [];
        foreach ($conditions as [$name, $setUp]) {
            $told = $named !== null && [$setUp->temperature, $setUp->goal] === [$named->temperature, $named->goal];
            if (! self::wasTried($setUp, $record)) {
                $chance = self::shows($replay, $setUp, $catalogue);
                if ($chance >= self::LEAST || $told) {
                    $untried[] = new self($name, $setUp, $chance, $told);
                }
            }
        }
        usort($untried, fn (self $a, self $b): int => [$b->told, $b->chance] <=> [$a->told, $a->chance]);

        return $untried;
    }

    /** Whether "no fault found" may not be said before it was tried. */
    public function isWorthTrying(): bool
    {
        return $this->told || $this->chance >= self::WORTH_TRYING;
    }

    /** Chance that a start under these conditions does not stay up. */
    private static function shows(Replay $replay, SetUp $setUp, Catalogue $catalogue): float
    {
        $hazards = $replay->model->hazards($setUp, $replay->fitted);
        $fails = 0.0;
        foreach ($replay->belief->states() as [$faults, $weight]) {
            $well = 1.0;
            foreach ($faults as $fault) {
                $well *= $replay->model->modes->all[$fault]->stop < $catalogue->stageCount() ? 1.0 - ($hazards[$fault] ?? 0.0) : 1.0;
            }
            $fails += $weight * (1.0 - $well);
        }

        return $fails;
    }

    private static function wasTried(SetUp $asked, Record $record): bool
    {
        foreach ($record->all(Start::class) as $start) {
            $made = $start->setUp;
            if ($made->isAtLeast($asked) && $made->place === $asked->place && $made->startBy === $asked->startBy) {
                return true;
            }
        }

        return false;
    }
}
