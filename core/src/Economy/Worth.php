<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;

/** What a machine is worth to its owner while it runs: a share of what its parts cost new, by its age. */
final class Worth
{
    /**
     * @param  list<string>  $history what was told of its age
     *
     * @return int minor units of money
     */
    public static function of(Machine $machine, array $history, Catalogue $catalogue): int
    {
        $age = array_values(array_intersect(['age-young', 'age-old'], $history))[0] ?? 'usual';

        return (int) round($catalogue->economy->worth[$age] * self::whenNew($machine));
    }

    /** What is not sold with a machine, or is counted with its sticks. */
    private const APART = ['screen', 'kit', 'video-lead'];

    /** @return int what its parts cost new, minor units; what belongs to another part is not counted twice */
    public static function whenNew(Machine $machine): int
    {
        $sum = 0;
        foreach ($machine->parts as $part) {
            $counts = $machine->isOwners($part) && $part->kind->carrier === null && ! in_array($part->kind->id, self::APART, true);
            $sum += $counts ? $part->kind->price : 0;
        }

        return $sum;
    }
}
