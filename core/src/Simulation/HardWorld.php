<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Plain\Draw;

/**
 * Machines that do not behave as the adviser believes: rates that are no three steps, stops a stage off, spares that are bad
 * together, owners who tell of something else, looks that miss more, and a share of causes that are in no catalogue.
 * All numbers here are judgement, set once and not tuned against.
 */
final readonly class HardWorld implements World
{
    private const NOT_IN_ANY_CATALOGUE = 0.04;

    private const HARMED_BOARD = 0.12;

    public function __construct(private Catalogue $catalogue, private float $doubles)
    {
    }

    public function machine(Draw $draw): HiddenMachine
    {
        $machine = Machine::fromArray(Stock::machine($draw), $this->catalogue);
        $idle = array_values(array_diff(array_column($machine->ofKind('slot'), 'id'), $machine->slots));
        $modes = Modes::of($machine, $this->catalogue, [], $idle);
        $priors = [];
        foreach ($modes->priors as $mode => $p) {
            if ($modes->all[$mode]->fault->part !== 'outside') {
                $priors[$mode] = $p * $draw->factor(2.0);
            }
        }
        $chosen = [$draw->weighed($priors)];
        if ($draw->happens($this->doubles)) {
            $chosen[] = $draw->weighed($priors);
        }
        if ($modes->all[$chosen[0]]->part === 'supply' && $draw->happens(self::HARMED_BOARD)) {
            $chosen[] = $draw->weighed(array_intersect_key($priors, $modes->ofPart('board')));
        }
        $troubles = array_map(
            fn (int $mode): Trouble => Trouble::after($modes->all[$mode], $this->catalogue->stageCount(), $draw),
            array_values(array_unique($chosen)),
        );
        if ($draw->happens(self::NOT_IN_ANY_CATALOGUE)) {
            $troubles = [Trouble::unheardOf($draw->oneOf(['board', 'supply', 'case', 'processor']), $draw)];
        }

        return new HardMachine(new StartModel($machine, $this->catalogue, $modes), $troubles, $draw);
    }
}
