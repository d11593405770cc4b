<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Electrical\LimitValue;
use Orthoscope\Core\Electrical\Nominal;
use Orthoscope\Core\Electrical\Quantity;

/** What can be measured, by where on the machine it is, and the words of its limits. */
final readonly class MeasuringPoints
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  list<Check>  $checks those this machine allows
     *
     * @return array<string, list<Check>> kind of part, or mains => readings made there
     */
    public function by(array $checks): array
    {
        $by = [];
        foreach ($checks as $check) {
            if ($check->at !== null) {
                $by[$check->at][] = $check;
            }
        }

        return $by;
    }

    public function placeName(string $at): string
    {
        return $at === 'mains' ? 'Mains' : $this->catalogue->part($at)->name;
    }

    /** What is typed, with its unit; a marking is typed as it is printed. */
    public function label(LimitValue $value): string
    {
        return $value->marking ? $value->name : "{$value->name}, ".Quantity::sign($value->unit);
    }

    public function limitWords(LimitValue $value): string
    {
        return match (true) {
            $value->nominals !== [] => implode(' or ', array_map(fn (Nominal $n): string => $n->span(), $value->nominals)),
            $value->equals !== null => 'within '.(int) round(100 * $value->tolerance).' % of it',
            $value->marking => 'such as 5R1, 473 or 01C',
            default => '',
        };
    }

    /** Limits and where they come from; the difference that is judged, where one is. */
    public function limitSource(string $limit): string
    {
        $sources = $differences = [];
        foreach ($this->catalogue->limits[$limit]->values as $value) {
            foreach ($value->nominals as $nominal) {
                $sources[$nominal->source] = true;
            }
            if ($value->source !== null) {
                $sources[$value->source] = true;
            }
            if ($value->difference !== null) {
                $differences[] = "judged as {$value->name}: {$this->limitWords($value)} ".Quantity::sign($value->unit);
            }
        }

        return 'Limits: '.implode('; ', [...$differences, ...array_keys($sources)]).'.';
    }
}
