<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnknownWord;
use Orthoscope\Core\Simulation\CatalogueMachine;
use Orthoscope\Core\Simulation\HiddenMachine;
use Orthoscope\Core\Simulation\Luck;
use Orthoscope\Core\Simulation\Staged;

/**
 * A practice machine: what it is made of, what is wrong with it, what happened, what its owner tells, and the luck it is played with.
 * The same puzzle answers the same deed in the same way, whoever does it. Its file is `orthoscope-practice/1`.
 */
final readonly class Puzzle
{
    public const FORMAT = 'orthoscope-practice/1';

    /** Most faults at once. */
    public const MOST = 2;

    /**
     * @param  array<array-key, mixed>  $madeOf    the "machine" of a case file
     * @param  list<array{fault: string, part: string}>  $faults  one or two
     * @param  string  $event    what happened just before, an id of the catalogue
     * @param  list<string>  $badSpares parts for which the shelf's spare is itself bad
     * @param  ?string  $told     how far it gets as its owner tells it; null = what a start there shows
     * @param  string  $seed     of its luck
     * @param  list<string>  $marks    marks made at arrival, ids of the catalogue; "liquid" is wet until it is dried
     */
    public function __construct(
        public string $name,
        public array $madeOf,
        public array $faults,
        public string $seed,
        public string $event = 'none',
        public array $badSpares = [],
        public ?string $told = null,
        public array $marks = [],
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $given as in a file
     *
     * @throws PuzzleMistake when it is no practice machine
     */
    public static function fromArray(array $given): self
    {
        $mistakes = PuzzleShape::mistakes($given);
        if ($mistakes !== []) {
            throw $mistakes[0];
        }

        $row = Row::of($given, 'a practice machine');

        return new self(
            name: $row->text('name'),
            madeOf: $row->row('machine')->all(),
            faults: array_map(
                fn (Row $fault): array => ['fault' => $fault->text('fault'), 'part' => $fault->text('part')],
                $row->rows('faults'),
            ),
            seed: $row->text('seed', $row->text('name')),
            event: $row->text('event', 'none'),
            badSpares: $row->texts('bad_spares', []),
            told: $row->textOrNull('told'),
            marks: $row->texts('marks', []),
        );
    }

    /** @return array<string, mixed> as in a file */
    public function toArray(): array
    {
        return array_filter([
            'format' => self::FORMAT,
            'name' => $this->name,
            'machine' => $this->madeOf,
            'faults' => $this->faults,
            'event' => $this->event,
            'bad_spares' => $this->badSpares,
            'told' => $this->told,
            'marks' => $this->marks,
            'seed' => $this->seed,
        ], fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @throws PuzzleMistake when the facts do not make a machine */
    public function machine(Catalogue $catalogue): Machine
    {
        try {
            return Machine::fromArray($this->madeOf, $catalogue);
        } catch (MachineMistake $mistake) {
            throw PuzzleMistake::at('/machine', $mistake->getMessage(), $mistake);
        }
    }

    /**
     * The machine as it comes in, with its faults.
     *
     * @throws PuzzleMistake when a fault, part or event is none of this machine's
     */
    public function hidden(Catalogue $catalogue): HiddenMachine
    {
        $machine = $this->machine($catalogue);
        $this->checkWords($machine, $catalogue);
        $modes = CatalogueMachine::modes($machine, $catalogue);
        $faults = [];
        foreach ($this->faults as $i => ['fault' => $fault, 'part' => $part]) {
            $ways = self::waysOf($modes, $fault, $part);
            if ($ways === []) {
                throw PuzzleMistake::noSuchFault($i, $fault, $part, self::possible($machine, $catalogue)[$part] ?? []);
            }
            $faults[] = Draw::from("{$this->seed} way {$i}")->weighed($ways);
        }

        return new CatalogueMachine(
            new StartModel($machine, $catalogue, $modes),
            array_values(array_unique($faults)),
            $this->event,
            Luck::byDeed($this->seed),
            new Staged($this->badSpares, $this->told, Staged::ALL, $this->marks, noSlips: true),
        );
    }

    /** @return list<string> parts at fault */
    public function guilty(): array
    {
        return array_values(array_unique(array_column($this->faults, 'part')));
    }

    /** @return array<string, list<string>> part => faults of it that a start shows */
    public static function possible(Machine $machine, Catalogue $catalogue): array
    {
        $possible = [];
        foreach (CatalogueMachine::modes($machine, $catalogue)->all as $mode) {
            $isNamed = $mode->spare === null && isset($catalogue->faults[$mode->fault->id]);
            if ($isNamed && $mode->stop < $catalogue->stageCount()) {
                $possible[$mode->part][$mode->fault->id] = $mode->fault->id;
            }
        }

        return array_map(array_values(...), $possible);
    }

    /** @return array<int, float> mode => its share of that fault */
    private static function waysOf(Modes $modes, string $fault, string $part): array
    {
        $ways = [];
        foreach ($modes->ofPart($part) as $i => $mode) {
            if ($mode->fault->id === $fault && ! $mode->alone) {
                $ways[$i] = $mode->share;
            }
        }

        return $ways;
    }

    private function checkWords(Machine $machine, Catalogue $catalogue): void
    {
        if ($machine->alone !== null) {
            throw PuzzleMistake::at('/machine/alone', 'A part that came alone is no machine to practise on; leave "alone" out.');
        }
        foreach (['/faults' => $this->guilty(), '/bad_spares' => $this->badSpares] as $path => $parts) {
            foreach ($parts as $part) {
                if (! $machine->has($part)) {
                    throw PuzzleMistake::at($path, UnknownWord::sentence('part of this machine', $part, array_keys($machine->parts)));
                }
            }
        }
        if (! isset($catalogue->events[$this->event])) {
            throw PuzzleMistake::at('/event', UnknownWord::sentence('event', $this->event, array_keys($catalogue->events)));
        }
        foreach ($this->marks as $mark) {
            if (! isset($catalogue->marks[$mark])) {
                throw PuzzleMistake::at('/marks', UnknownWord::sentence('mark', $mark, array_keys($catalogue->marks)));
            }
        }
        if ($this->told !== null && ! isset($catalogue->reaches[$this->told])) {
            throw PuzzleMistake::at('/told', UnknownWord::sentence('outcome of a start', $this->told, array_keys($catalogue->reaches)));
        }
    }
}
