<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Statistics\Bootstrap;

/**
 * Stated probability against truth, in bins; of every part, after every entry. One job gives many entries that hang together, so intervals
 * come from drawing whole jobs anew.
 */
final readonly class Calibration
{
    /** Lower ends of the bins of stated probability. */
    private const BINS = [0.01, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.95, 0.99];

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
        $in = array_map(fn (array $job): array => array_intersect_key($job, array_flip($bins)), $this->byJob);
        $sums = fn (int $of): array => array_map(fn (array $job): float => (float) array_sum(array_column($job, $of)), $in);
        [$entries, $stated, $true] = [$sums(0), $sums(1), $sums(2)];
        $count = (int) array_sum($entries);
        if ($count === 0) {
            return ['entries' => 0, 'stated' => 0.0, 'true' => 0.0, 'low' => 0.0, 'high' => 1.0];
        }
        $share = Bootstrap::ratio(array_map(fn (int $job): array => [$true[$job], $entries[$job]], array_keys($entries)));

        return [
            'entries' => $count,
            'stated' => round(array_sum($stated) / $count, 4),
            'true' => round($share->estimate, 4),
            'low' => round($share->low, 4),
            'high' => round($share->high, 4),
        ];
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
