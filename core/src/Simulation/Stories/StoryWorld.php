<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Stories;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\HiddenMachine;
use Orthoscope\Core\Simulation\Stock;
use Orthoscope\Core\Simulation\World;

/** Machines that behave as the trade tells it. The catalogue is asked only which parts a machine has. */
final readonly class StoryWorld implements World
{
    private const DOUBLES = 0.12;

    /** @var list<Tale> */
    private array $tales;

    public function __construct(private Catalogue $catalogue)
    {
        $this->tales = Tale::all();
    }

    public function machine(Draw $draw): HiddenMachine
    {
        $machine = Machine::fromArray(Stock::machine($draw), $this->catalogue);
        $weights = array_column($this->tales, 'of');
        $wanted = $draw->happens(self::DOUBLES) ? 2 : 1;
        $stories = [];
        while (count($stories) < $wanted) {
            $tale = $this->tales[$draw->weighed($weights)];
            $story = isset($stories[$tale->story]) ? null : self::in($machine, $tale, $draw);
            if ($story !== null) {
                $stories[$tale->story] = $story;
            }
        }

        return new StoryMachine($machine, array_values($stories), $draw);
    }

    /** @return ?Story null where this machine has nothing it could happen to */
    private static function in(Machine $machine, Tale $tale, Draw $draw): ?Story
    {
        $slots = array_values(array_unique($machine->slots));
        $parts = $tale->part === 'slot' ? $slots : array_column($machine->ofKind($tale->part), 'id');
        if ($parts === []) {
            return null;
        }
        $part = in_array($tale->part, ['drive', 'drive-lead', 'drive-port'], true) ? $parts[0] : $draw->oneOf($parts);
        $stick = array_search($part, $machine->slots, true);

        return new Story($tale, $part, $stick === false ? null : $stick, $draw);
    }
}
