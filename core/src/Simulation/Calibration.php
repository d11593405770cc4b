<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Plain\Draw;

/**
 * Stated probability against truth, in bins; of every part, after every entry. One job gives many entries that hang together, so intervals
 * come from drawing whole jobs anew (the bootstrap of clusters; Davison and Hinkley, Bootstrap Methods, 1997, section 3.8).
 */
final readonly class Calibration
{
    /** Lower ends of the bins of stated probability. */
    private const BINS = [0.01, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.99];

    private const RESAMPLES = 1000;

    /** @param  list<array<int, array{int, float, int}>>  $byJob bin => entries, what was stated of them together, and how many were true */
    private function __construct(private array $byJob)
    {
    }

    /** @param  list<Result>  $results */
    public static function of(array $results): self
    {
        return new self(array_map(self::bins(...), $results));
    }

    /** @return list<array{from: float, to: float, entries: int, stated: float, true: float, low: float, high: float}> */
    public function rows(): array
    {
        $rows = [];
        foreach (self::BINS as $bin => $from) {
            $row = $this->over([$bin]);
            if ($row['entries'] > 0) {
                $rows[] = ['from' => $from, 'to' => self::BINS[$bin + 1] ?? 1.0] + $row;
            }
        }

        return $rows;
    }

    /**
     * What was stated at 0.95 or more.
     *
     * @return array{entries: int, stated: float, true: float, low: float, high: float}
     */
    public function sure(): array
    {
        return $this->over(array_keys(array_filter(self::BINS, fn (float $from): bool => $from >= 0.95)));
    }

    /**
     * Several bins together, with a 95 % interval of the true share.
     *
     * @param  list<int>  $bins
     *
     * @return array{entries: int, stated: float, true: float, low: float, high: float} all 0 and an interval of all there is, of none
     */
    private function over(array $bins): array
    {
        $counts = [];
        foreach ($this->byJob as $job) {
            $in = array_intersect_key($job, array_flip($bins));
            $counts[] = [array_sum(array_column($in, 0)), array_sum(array_column($in, 1)), array_sum(array_column($in, 2))];
        }
        $entries = (int) array_sum(array_column($counts, 0));
        if ($entries === 0) {
            return ['entries' => 0, 'stated' => 0.0, 'true' => 0.0, 'low' => 0.0, 'high' => 1.0];
        }
        [$low, $high] = self::interval($counts, Draw::from('calibration '.implode(' ', $bins)));

        return [
            'entries' => $entries,
            'stated' => round(array_sum(array_column($counts, 1)) / $entries, 4),
            'true' => round(array_sum(array_column($counts, 2)) / $entries, 4),
            'low' => round($low, 4),
            'high' => round($high, 4),
        ];
    }

    /**
     * @param  list<array{int|float, int|float, int|float}>  $counts of each job
     *
     * @return array{float, float}
     */
    private static function interval(array $counts, Draw $draw): array
    {
        $shares = [];
        for ($i = 0; $i < self::RESAMPLES; $i++) {
            [$entries, $true] = [0, 0];
            foreach ($counts as $_) {
                $job = $draw->oneOf($counts);
                $entries += $job[0];
                $true += $job[2];
            }
            // A sample of jobs without any such entry says nothing.
            if ($entries > 0) {
                $shares[] = $true / $entries;
            }
        }
        sort($shares);
        $out = (int) floor(0.025 * count($shares));

        return [$shares[$out] ?? 0.0, $shares[count($shares) - 1 - $out] ?? 1.0];
    }

    /** @return array<int, array{int, float, int}> */
    private static function bins(Result $result): array
    {
        $bins = [];
        foreach ($result->stated as [$stated, $true]) {
            $bin = max(0, count(array_filter(self::BINS, fn (float $from): bool => $stated >= $from)) - 1);
            [$entries, $sum, $were] = $bins[$bin] ?? [0, 0.0, 0];
            $bins[$bin] = [$entries + 1, $sum + $stated, $were + ($true ? 1 : 0)];
        }

        return $bins;
    }
}
