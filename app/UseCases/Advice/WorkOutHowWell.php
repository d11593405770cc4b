<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Figure;
use App\Models\JobFacts;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Queue\Forecast;
use Orthoscope\Core\Statistics\Binomial;
use Orthoscope\Core\Statistics\Survival;
use stdClass;

/** How well the shop does: comebacks by kind of repair, advice against what it was, parts dead on arrival, and where time goes. */
final readonly class WorkOutHowWell
{
    /** Years that are looked at. */
    private const DAYS = 730;

    /** Steps of a curve that are drawn. */
    private const DRAWN = 60;

    /** Ways and suppliers with fewer jobs are told together. */
    private const LEAST = 5;

    public function workOut(): Figure
    {
        $rows = JobFacts::query()
            ->toBase()
            ->where('closed_at', '>', now()->subDays(self::DAYS))
            ->get([
                'way',
                'act',
                'outcome',
                'supplier',
                'dead',
                'minutes',
                'waited_owner',
                'waited_part',
                'waited_collect',
                'in_shop',
                'closed_at',
                'back_after',
                'user_id',
            ]);

        return Figure::keep('how-well', [
            'jobs' => count($rows),
            'survival' => $this->survival(self::cases($rows->whereIn('outcome', [...JobFacts::PUT_RIGHT, 'no-fault-found']))),
            'calibration' => self::calibration(),
            'wrong' => $this->wrongCondemnations(),
            'suppliers' => self::rates(self::suppliers($rows)),
            'minutes' => self::againstForecast(array_map(intval(...), array_values($rows->pluck('minutes')->all()))),
            'time' => self::time($rows),
            'people' => self::people($rows),
        ]);
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     *
     * @return array<string, list<array{float, bool}>> way => days until it came back, or out there so far; whether it came back
     */
    private static function cases(Collection $rows): array
    {
        $now = now()->getTimestamp();
        $cases = [];
        foreach ($rows as $row) {
            $out = max(0.0, ($now - (int) strtotime($row->closed_at)) / 86400);
            $cases[$row->way === '' ? 'nothing done' : $row->way][] = [
                $row->back_after === null ? round($out, 2) : (float) $row->back_after,
                $row->back_after !== null,
            ];
        }

        return $cases;
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     *
     * @return array<string, array{int, int}> supplier => dead on arrival, of so many
     */
    private static function suppliers(Collection $rows): array
    {
        $suppliers = [];
        foreach ($rows->where('supplier', '!=', '') as $row) {
            [$dead, $of] = $suppliers[$row->supplier] ?? [0, 0];
            $suppliers[$row->supplier] = [$dead + ($row->dead ? 1 : 0), $of + 1];
        }

        return $suppliers;
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     *
     * @return array<string, int> where the minutes went
     */
    private static function time(Collection $rows): array
    {
        return [
            'bench' => (int) $rows->sum('minutes'),
            'owner' => (int) $rows->sum('waited_owner'),
            'part' => (int) $rows->sum('waited_part'),
            'collect' => (int) $rows->sum('waited_collect'),
            'shop' => (int) $rows->sum(
                static fn (stdClass $row): int => (int) max(0, $row->in_shop - $row->minutes - $row->waited_owner - $row->waited_part),
            ),
        ];
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     *
     * @return array<int, array{jobs: int, back: int, minutes: int}> by user
     */
    private static function people(Collection $rows): array
    {
        $people = [];
        foreach ($rows as $row) {
            $person = $people[$row->user_id] ?? ['jobs' => 0, 'back' => 0, 'minutes' => 0];
            $people[$row->user_id] = [
                'jobs' => $person['jobs'] + 1,
                'back' => $person['back'] + ($row->back_after === null ? 0 : 1),
                'minutes' => $person['minutes'] + $row->minutes,
            ];
        }

        return $people;
    }

    /**
     * @param  array<string, list<array{float, bool}>>  $cases
     *
     * @return list<array<string, mixed>>
     */
    private function survival(array $cases): array
    {
        $all = [];
        foreach ($cases as $way => $of) {
            if (count($of) >= self::LEAST) {
                $survival = Survival::of($of);
                $all[] = [
                    'way' => $way,
                    'count' => $survival->count,
                    'back' => $survival->events,
                    'at90' => $survival->at(90.0),
                    'at365' => $survival->at(365.0),
                    'between365' => $survival->interval(365.0),
                    'steps' => $survival->outline(self::DRAWN),
                ];
            }
        }
        usort($all, fn (array $a, array $b): int => $b['count'] <=> $a['count']);

        return array_slice($all, 0, 6);
    }

    /**
     * What was stated of the likeliest part after the first start, against what it was.
     *
     * @return list<array{stated: float, hit: int, of: int, interval: array{float, float}}>
     */
    private static function calibration(): array
    {
        $bins = [];
        foreach (
            JobFacts::query()
                ->ofKnownCause()
                ->where('closed_at', '>', now()->subDays(self::DAYS))
                ->toBase()
                ->get(['stated', 'stated_hit']) as $row
        ) {
            $bin = min(9, (int) floor(10 * $row->stated));
            $bins[$bin]['stated'][] = (float) $row->stated;
            $bins[$bin]['hit'] = ($bins[$bin]['hit'] ?? 0) + ($row->stated_hit ? 1 : 0);
        }
        ksort($bins);

        return array_values(array_map(self::bin(...), $bins));
    }

    /**
     * @param  array{stated: non-empty-list<float>, hit: int}  $bin
     *
     * @return array{stated: float, hit: int, of: int, interval: array{float, float}}
     */
    private static function bin(array $bin): array
    {
        $of = count($bin['stated']);

        return [
            'stated' => array_sum($bin['stated']) / $of,
            'hit' => $bin['hit'],
            'of' => $of,
            'interval' => Binomial::of($bin['hit'], $of)->interval(),
        ];
    }

    /**
     * Jobs that condemned a part and came back with the same stop, which another part turned out to be.
     *
     * @return array{wrong: int, of: int, interval: array{float, float}|null}
     */
    private function wrongCondemnations(): array
    {
        $of = JobFacts::query()->where('confirmed', true)->where('closed_at', '>', now()->subDays(self::DAYS))->count();
        $wrong = DB::table('jobs')
            ->join('job_facts as back', 'back.job_id', '=', 'jobs.id')
            ->join('job_facts as first', 'first.job_id', '=', 'jobs.comeback_of')
            ->where('first.confirmed', true)
            ->where('back.confirmed', true)
            ->whereColumn('first.stop', 'back.stop')
            ->whereColumn('first.cause_part', '!=', 'back.cause_part')
            ->count();

        return ['wrong' => $wrong, 'of' => $of, 'interval' => $of === 0 ? null : Binomial::of(min($wrong, $of), $of)->interval()];
    }

    /**
     * @param  array<string, array{int, int}>  $counts
     *
     * @return list<array{name: string, dead: int, of: int, interval: array{float, float}}>
     */
    private static function rates(array $counts): array
    {
        ksort($counts);

        return array_map(
            fn (string $name, array $count): array => [
                'name' => $name,
                'dead' => $count[0],
                'of' => $count[1],
                'interval' => Binomial::of($count[0], $count[1])->interval(),
            ],
            array_keys($counts),
            $counts,
        );
    }

    /**
     * Bench minutes of jobs, and how many of them were within what is forecast for a machine nobody has started yet.
     *
     * @param  list<int>  $minutes
     *
     * @return ?array{low: int, middle: int, high: int, of: int, from: int, to: int, held: int, interval: array{float, float}}
     */
    private static function againstForecast(array $minutes): ?array
    {
        sort($minutes);
        $n = count($minutes);
        if ($n === 0) {
            return null;
        }
        [$from, $to] = Forecast::minutes(JobState::FirstStart);
        $held = count(array_filter($minutes, fn (int $one): bool => $one >= $from && $one <= $to));

        return [
            'low' => $minutes[(int) floor(0.1 * ($n - 1))],
            'middle' => $minutes[(int) floor(0.5 * ($n - 1))],
            'high' => $minutes[(int) floor(0.9 * ($n - 1))],
            'of' => $n,
            'from' => $from,
            'to' => $to,
            'held' => $held,
            'interval' => Binomial::of($held, $n)->interval(),
        ];
    }
}
