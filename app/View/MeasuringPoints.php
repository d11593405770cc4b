<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;

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

    /** @param  array<string, mixed>  $value a row of a limit */
    public function limitWords(array $value): string
    {
        return match (true) {
            isset($value['nominals']) => implode(' or ', array_map(fn (array $n): string => "{$n['low']} to {$n['high']}", $value['nominals'])),
            isset($value['equals']) => 'within '.(int) round(100 * $value['tolerance']).' % of it',
            $value['marking'] ?? false => 'such as 5R1, 473 or 01C',
            default => '',
        };
    }

    /** Limits and where they come from; the difference that is judged, where one is. */
    public function limitSource(string $limit): string
    {
        $sources = $differences = [];
        foreach ($this->catalogue->limits[$limit]['values'] as $value) {
            foreach ($value['nominals'] ?? [] as $nominal) {
                $sources[$nominal['source']] = true;
            }
            if (isset($value['source'])) {
                $sources[$value['source']] = true;
            }
            if (isset($value['difference'])) {
                $differences[] = "judged as {$value['name']}: {$this->limitWords($value)} {$value['unit']}";
            }
        }

        return 'Limits: '.implode('; ', [...$differences, ...array_keys($sources)]).'.';
    }
}
