<?php

declare(strict_types=1);

namespace Orthoscope\Core\CommandLine;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Patterns\Seen;
use Orthoscope\Core\Patterns\SimulatedYear;
use Orthoscope\Core\Statistics\Binomial;

/** How often the watch finds what is not there in a year, and how soon it finds a batch of which one in three is bad. */
final readonly class PatternsCommand
{
    private const FAULT = 'board-regulator';

    public function __construct(private Catalogue $catalogue, private int $years, private string $seed)
    {
    }

    /** @return array<string, mixed> */
    public function figures(): array
    {
        $year = new SimulatedYear($this->catalogue);
        $false = $days = $jobs = [];
        for ($i = 0; $i < $this->years; $i++) {
            $false[] = count(SimulatedYear::watched($year->draw("{$this->seed} clean {$i}")));
            $model = 1 + ($i % 4);
            $drawn = $year->draw("{$this->seed} bad {$i}", $model);
            $found = SimulatedYear::watched($drawn)["model:model {$model}:fault:".self::FAULT] ?? null;
            $days[] = $found === null ? null : $found['day'] - 120;
            $jobs[] = $found === null
                    ? null
                    : count(
                        array_filter(
                            $drawn,
                            fn (Seen $one): bool => $one->day >= 120
                                && $one->day <= $found['day']
                                && $one->is['model'] === ["model {$model}"],
                        ),
                    );
        }
        $hit = count(array_filter($days, is_int(...)));

        return [
            'years' => $this->years,
            'seed' => $this->seed,
            'jobs' => 1000,
            'false_a_year' => array_sum($false) / $this->years,
            'most_in_a_year' => max([0, ...$false]),
            'found' => $hit,
            'found_interval' => Binomial::of($hit, $this->years)->interval(),
            'days' => self::middle($days),
            'jobs_of_model' => self::middle($jobs),
        ];
    }

    /**
     * @param  list<?int>  $values
     *
     * @return ?array{low: int, middle: int, high: int}
     */
    private static function middle(array $values): ?array
    {
        $sorted = array_values(array_filter($values, is_int(...)));
        sort($sorted);
        $n = count($sorted);

        return $n === 0
            ? null
            : [
                'low' => $sorted[(int) floor(0.1 * ($n - 1))],
                'middle' => $sorted[intdiv($n - 1, 2)],
                'high' => $sorted[(int) ceil(0.9 * ($n - 1))],
            ];
    }
}
