<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use LogicException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\CatalogueMachine;
use Orthoscope\Core\Simulation\LikelyEvent;
use Orthoscope\Core\Simulation\Stock;

/** Draws practice machines: of a family and a grade, or of any kind as they come in. The same seed draws the same machine. */
final readonly class PuzzleDraw
{
    /** Grades of difficulty, easiest first. */
    public const GRADES = [
        1 => 'fails at every start; lamps and beeps help',
        2 => 'fails at every start; nothing helps',
        3 => 'any manner',
        4 => 'any manner, and told otherwise',
        5 => 'two faults at once',
    ];

    /** Manners that show at every start. */
    private const PLAIN = ['always', 'broken', 'mostly'];

    /** Machines drawn for one that can have a fault of the family. */
    private const TRIES = 200;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** Any fault, as often as it comes in. */
    public function any(string $seed, string $name): Puzzle
    {
        return $this->draw($seed, $name, null, 3);
    }

    /** @param  int  $grade a key of GRADES */
    public function of(Family $family, int $grade, string $seed, string $name): Puzzle
    {
        return $this->draw($seed, $name, $family, $grade);
    }

    private function draw(string $seed, string $name, ?Family $family, int $grade): Puzzle
    {
        $draw = Draw::from("{$seed} puzzle");
        for ($try = 0; $try < self::TRIES; $try++) {
            $madeOf = Stock::machine($draw);
            if ($grade < 3) {
                $madeOf['facts'] = ['status_lamps' => $grade === 1, 'speaker' => $grade === 1] + (array) $madeOf['facts'];
            }
            $machine = Machine::fromArray($madeOf, $this->catalogue);
            $modes = CatalogueMachine::modes($machine, $this->catalogue);
            $faults = $this->faults($modes, $family, $grade, $draw);
            if ($faults === []) {
                continue;
            }
            $first = $modes->all[$faults[0]];
            $event = LikelyEvent::drawn($this->catalogue, $modes, $faults, $draw, $family->events ?? []);

            return new Puzzle(
                name: $name,
                madeOf: $madeOf,
                faults: array_map(fn (int $i): array => ['fault' => $modes->all[$i]->fault->id, 'part' => $modes->all[$i]->part], $faults),
                seed: $seed,
                event: $event,
                badSpares: $family?->badSpare === true && $machine->part($first->part)->kind->lendable ? [$first->part] : [],
                told: $this->told($modes, $faults, self::isToldOtherwise($family, $grade), $draw),
                marks: $this->marks($event),
            );
        }
        throw new LogicException('No machine can have a fault of this family.');
    }

    /** @return list<int> modes; none where this machine can have none of them */
    private function faults(Modes $modes, ?Family $family, int $grade, Draw $draw): array
    {
        $weights = [];
        foreach ($modes->all as $i => $mode) {
            if ($this->suits($mode, $family, $grade)) {
                $weights[$i] = $modes->priors[$i];
            }
        }
        if (array_sum($weights) <= 0.0) {
            return [];
        }
        $first = (int) $draw->weighed($weights);
        if ($family?->two !== true && $grade !== 5) {
            return [$first];
        }
        // A second one of another part, that the first does not hide for good and that a start shows.
        $others = array_filter(
            $weights,
            fn (int $i): bool => $modes->all[$i]->part !== $modes->all[$first]->part && $modes->stops[$i] !== $modes->stops[$first],
            ARRAY_FILTER_USE_KEY,
        );

        return $others === [] ? [] : [$first, (int) $draw->weighed($others)];
    }

    private function suits(Mode $mode, ?Family $family, int $grade): bool
    {
        $manners = match (true) {
            $family !== null && $family->shows !== [] => $family->shows,
            $grade < 3 && $family?->two !== true => self::PLAIN,
            default => [],
        };
        $faults = $family->faults ?? [];

        return $this->canBeFound($mode)
            && ($manners === [] || in_array($mode->fault->shows, $manners, true))
            && ($faults === [] || in_array($mode->fault->id, $faults, true));
    }

    /** A fault of the machine itself that has a name and that a start shows here. */
    private function canBeFound(Mode $mode): bool
    {
        return $mode->spare === null
            && ! $mode->alone
            && isset($this->catalogue->faults[$mode->fault->id])
            && ! in_array($mode->fault->part, ['outside', 'wall-socket'], true)
            && $mode->stop < $this->catalogue->stageCount();
    }

    private static function isToldOtherwise(?Family $family, int $grade): bool
    {
        return $family?->toldOtherwise === true || ($grade === 4 && $family?->badSpare !== true);
    }

    /** @return list<string> what anybody sees at the counter after such an event */
    private function marks(string $event): array
    {
        return array_values(
            array_map(
                fn (Event $mark): string => $mark->id,
                array_filter($this->catalogue->marks, fn (Event $mark): bool => $mark->sameAs === $event),
            ),
        );
    }

    /**
     * What an owner tells: where it stops first, or, told otherwise, some other way to fail.
     *
     * @param  non-empty-list<int>  $faults
     */
    private function told(Modes $modes, array $faults, bool $otherwise, Draw $draw): string
    {
        $shows = $this->catalogue->reachAt(min(array_map(fn (int $fault): int => $modes->stops[$fault], $faults)))->id;
        $isOther = fn (Reach $reach): bool => ! in_array($reach->id, [$shows, 'stays'], true);
        $others = array_filter($this->catalogue->closedReaches(), $isOther);

        return $otherwise ? $draw->oneOf(array_values($others))->id : $shows;
    }
}
