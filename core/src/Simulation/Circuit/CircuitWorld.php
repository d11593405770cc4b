<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\HiddenMachine;
use Orthoscope\Core\Simulation\Stock;
use Orthoscope\Core\Simulation\World;

/** Machines that run by physics. The catalogue is asked only which parts a machine has. */
final readonly class CircuitWorld implements World
{
    private const DOUBLES = 0.13;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function machine(Draw $draw): HiddenMachine
    {
        $body = new Body(Machine::fromArray(Stock::machine($draw), $this->catalogue));
        $weights = array_map(static fn (array $row): float => $row[0], Defects::ALL);
        $wanted = $draw->happens(self::DOUBLES) ? 2 : 1;
        /** @var list<array{string, string}> $causes */
        $causes = [];
        for ($tries = 0; count($causes) < $wanted && $tries < 40; $tries++) {
            $defect = (string) $draw->weighed($weights);
            $part = in_array($defect, array_column($causes, 0), true) ? null : Defects::into($body, $defect, $draw);
            if ($part !== null) {
                $causes[] = [$defect, $part];
            }
        }

        return new CircuitMachine($body, $causes, $draw);
    }
}
