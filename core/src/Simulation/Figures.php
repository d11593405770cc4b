<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Statistics\Binomial;
use Orthoscope\Core\Statistics\Bootstrap;

/** What came out of many played jobs. */
final class Figures
{
    /**
     * @param  non-empty-list<Result>  $results of one policy
     *
     * @return array<string, mixed>
     */
    public static function of(array $results): array
    {
        $minutes = array_map(fn (Result $r): float => $r->minutes, $results);
        sort($minutes);
        $count = count($results);
        $calibration = Calibration::of($results);

        return [
            'jobs' => $count,
            'minutes' => [
                'mean' => round(array_sum($minutes) / $count, 1),
                'median' => $minutes[intdiv($count, 2)],
                'p90' => $minutes[min($count - 1, (int) floor(0.9 * $count))],
            ],
            'sound_no_wrong_part' => self::share($results, fn (Result $r): bool => $r->sound && $r->wrongParts === []),
            'right' => self::share($results, fn (Result $r): bool => $r->isRight()),
            'sound' => self::share($results, fn (Result $r): bool => $r->sound),
            'handed_on' => self::share($results, fn (Result $r): bool => $r->end === 'handed-on'),
            'given_up' => self::share($results, fn (Result $r): bool => $r->end === 'given-up'),
            'came_back' => self::share($results, fn (Result $r): bool => $r->comebacks > 0),
            'wrong_part_replaced' => self::share($results, fn (Result $r): bool => $r->wrongParts !== []),
            'wrongly_condemned' => self::share($results, fn (Result $r): bool => $r->wrongly !== []),
            'proved_wrongly' => self::share($results, fn (Result $r): bool => $r->provedWrongly !== []),
            ...self::misread($results),
            'parts_lent' => array_sum(array_map(fn (Result $r): int => $r->lent, $results)),
            'parts_harmed' => array_sum(array_map(fn (Result $r): int => $r->harmed, $results)),
            'calibration' => $calibration->rows(),
            'stated_sure' => $calibration->sure(),
        ];
    }

    /**
     * Mean minutes of someone who knows what is wrong; no policy can do better.
     *
     * @param  non-empty-list<Result>  $results
     */
    public static function bound(array $results): float
    {
        return round(array_sum(array_map(fn (Result $r): float => $r->bound, $results)) / count($results), 1);
    }

    /**
     * Mean minutes of one policy against another on the same jobs, with a 95 % interval from resampling jobs.
     *
     * @param  list<Result>  $ours
     * @param  list<Result>  $theirs
     *
     * @return array{ratio: float, low: float, high: float}
     */
    public static function ratio(array $ours, array $theirs): array
    {
        $pairs = array_map(fn (int $job): array => [$ours[$job]->minutes, $theirs[$job]->minutes], array_keys($ours));
        $ratio = Bootstrap::ratio($pairs);

        return ['ratio' => round($ratio->estimate, 3), 'low' => round($ratio->low, 3), 'high' => round($ratio->high, 3)];
    }

    /**
     * @param  list<Result>  $results
     * @param  callable(Result): bool  $where
     *
     * @return array{share: float, low: float, high: float}
     */
    private static function share(array $results, callable $where): array
    {
        return self::counted(count(array_filter($results, $where)), count($results));
    }

    /** @return array{share: float, low: float, high: float} of none nothing is known */
    private static function counted(int $of, int $all): array
    {
        if ($all === 0) {
            return ['share' => 0.0, 'low' => 0.0, 'high' => 1.0];
        }
        $count = Binomial::of($of, $all);
        [$low, $high] = $count->interval();

        return ['share' => round($count->share(), 4), 'low' => round($low, 4), 'high' => round($high, 4)];
    }

    /**
     * Of the entries that were misread, those named as probably wrong at some time; of the jobs without any, those in
     * which some was, and those in which it was said that the entries do not fit together.
     *
     * @param  list<Result>  $results
     *
     * @return array<string, array{share: float, low: float, high: float, all: int}>
     */
    private static function misread(array $results): array
    {
        $clean = array_filter($results, fn (Result $r): bool => $r->misread === []);
        $entries = array_sum(array_map(fn (Result $r): int => count($r->misread), $results));
        $named = array_sum(array_map(fn (Result $r): int => count(array_intersect($r->misread, $r->named)), $results));
        $alarms = count(array_filter($clean, fn (Result $r): bool => $r->named !== []));
        $unfit = count(array_filter($clean, fn (Result $r): bool => $r->saidNotToFit));

        return [
            'misread_named' => ['all' => $entries] + self::counted($named, $entries),
            'false_alarms' => ['all' => count($clean)] + self::counted($alarms, count($clean)),
            'said_not_to_fit' => ['all' => count($clean)] + self::counted($unfit, count($clean)),
        ];
    }
}
