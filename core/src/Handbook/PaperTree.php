<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\StepAsEntries;
use Orthoscope\Core\Shelf\Shelf;

/**
 * A tree of steps on paper, for a day without electricity: the advice from a first start on, followed along what each step may show. It is
 * worked out for a machine of given equipment and a shelf that has what is needed.
 */
final readonly class PaperTree
{
    /** Steps one after the other. Origin: what a sheet holds. */
    private const DEEP = 6;

    /** Chance of a branch under which it is left to the adviser. */
    private const LEAST = 0.05;

    /** Chance of a whole path under which no further step is worked out. */
    private const PATH = 0.02;

    /** Belief in one part from which the tree ends at it. Origin: judgement. */
    private const ENOUGH = 0.85;

    /** @param  string  $reached how far the first start got, as the catalogue's reaches name it */
    private function __construct(public Machine $machine, public string $reached, public Twig $root)
    {
    }

    /** @param  array<string, mixed>  $equipment the "machine" of a case file */
    public static function of(array $equipment, string $reached, Catalogue $catalogue): self
    {
        $machine = Machine::fromArray($equipment, $catalogue);
        $shelf = Shelf::wellStocked($catalogue);
        $reader = new EntryReader($catalogue, $machine);
        $entries = [$reader->read(1, ['kind' => 'start', 'reached' => $reached, 'waited' => 120])];

        return new self($machine, $reached, self::grown(new Record($entries), 0, 1.0, $machine, $shelf, $catalogue, $reader));
    }

    private static function grown(
        Record $record,
        int $depth,
        float $path,
        Machine $machine,
        Shelf $shelf,
        Catalogue $catalogue,
        EntryReader $reader,
    ): Twig {
        $assessment = (new Adviser($catalogue, $machine, $shelf))->assess($record);
        [$part, $chance] = self::likeliest($assessment);
        $name = $part === '' ? 'nothing by name' : $machine->part($part)->name;
        $step = self::first($assessment);
        $isEnough = $depth >= self::DEEP || $path < self::PATH || $chance >= self::ENOUGH;
        if ($step === null || $isEnough || $assessment->advice->state !== JobState::Find) {
            return new Twig(null, [], $part, $name, $chance);
        }
        $branches = [];
        foreach ($step->outcomes as $outcome) {
            if ($outcome->probability >= self::LEAST) {
                $next = $reader->onto($record, StepAsEntries::of($step->candidate, $outcome, $catalogue));
                $then = self::grown($next, $depth + 1, $path * $outcome->probability, $machine, $shelf, $catalogue, $reader);
                $branches[] = new Branch($outcome->result, $outcome->signs, $outcome->words, $outcome->probability, $then);
            }
        }

        return new Twig($step->candidate, $branches, $part, $name, $chance);
    }

    private static function first(Assessment $assessment): ?NextStep
    {
        foreach ($assessment->advice->steps as $step) {
            if ($step->isOpen()) {
                return $step;
            }
        }

        return null;
    }

    /** @return array{string, float} the machine's own part that is likeliest at fault, and how likely, 0 to 1 */
    private static function likeliest(Assessment $assessment): array
    {
        $likeliest = ['', 0.0];
        foreach ($assessment->standings as $id => $standing) {
            if ($standing->stated > $likeliest[1] && $id !== 'outside') {
                $likeliest = [(string) $id, $standing->stated];
            }
        }

        return $likeliest;
    }
}
