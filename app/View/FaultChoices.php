<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Practice\Puzzle;

/** What may be wrong with a machine that is made by hand, to be picked from a list. */
final class FaultChoices
{
    /** A machine that has all that may be broken. */
    private const ROOMY = [
        'memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A2', 'B2']],
        'facts' => ['own_graphics' => true],
    ];

    /** @return array<string, string> "part fault" => in words */
    public static function all(Catalogue $catalogue): array
    {
        $machine = Machine::fromArray(self::ROOMY, $catalogue);
        $choices = [];
        foreach (Puzzle::possible($machine, $catalogue) as $part => $faults) {
            foreach ($faults as $fault) {
                $choices["{$part} {$fault}"] = "{$machine->part($part)->name}: {$catalogue->fault($fault)->name}";
            }
        }

        return $choices;
    }
}
