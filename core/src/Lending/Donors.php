<?php

declare(strict_types=1);

namespace Orthoscope\Core\Lending;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Shelf\ShelfData;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Shelf\Spare;

/** Which spare to lend into a machine: those that fit, best first, and why the others do not. */
final readonly class Donors
{
    /**
     * @param  list<array{spare: Spare, fitting: Fitting, worth: float}>  $fit  best first; worth in minor units of money
     * @param  list<array{spare: Spare, fitting: Fitting}>  $unfit
     */
    private function __construct(public array $fit, public array $unfit)
    {
    }

    /** A trial is worth so much at least, in minor units of money: what is lent is looked at anyway. Origin: judgement. */
    private const LEAST_TOLD = 1000;

    /** What a telling trial with a lent part saves here, in minor units of money: the best of the steps that lend it. */
    public static function told(Assessment $assessment, string $part, Catalogue $catalogue): int
    {
        $minutes = 0.0;
        foreach ($assessment->advice->steps as $step) {
            $minutes = max($minutes, $step->candidate->target?->id === $part ? $step->saves : 0.0);
        }

        return max(self::LEAST_TOLD, (int) round($minutes * $catalogue->number('money_per_minute')));
    }

    /**
     * A spare is worth what it decides, less what it risks: a loan of one that is trusted more tells more, and one that costs less
     * loses less.
     *
     * @param  list<Spare>  $spares of the kind
     * @param  int  $told   minor units of money that a telling trial saves
     * @param  float  $harm   chance that the machine ruins what is put into it, 0 to 1
     */
    public static function of(array $spares, Machine $machine, ShelfData $data, int $told, float $harm): self
    {
        $fit = $unfit = [];
        foreach ($spares as $spare) {
            $fitting = Fitting::ofSpare($spare, $machine, $data);
            if ($fitting->fits()) {
                $care = 0.8 ** count($fitting->cautions);
                $fit[] = [
                    'spare' => $spare,
                    'fitting' => $fitting,
                    'worth' => $told * (2.0 * $spare->trust - 1.0) * $care - $harm * $data->harmed($spare->kind) * $spare->value,
                ];
            } else {
                $unfit[] = ['spare' => $spare, 'fitting' => $fitting];
            }
        }
        usort($fit, fn (array $a, array $b): int => [$b['worth'], $a['spare']->tag] <=> [$a['worth'], $b['spare']->tag]);

        return new self($fit, $unfit);
    }
}
