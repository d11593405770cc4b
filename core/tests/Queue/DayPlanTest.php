<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Queue;

use DateTimeImmutable;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Queue\DayPlan;
use Orthoscope\Core\Queue\Forecast;
use Orthoscope\Core\Queue\OpeningHours;
use Orthoscope\Core\Queue\Roster;
use Orthoscope\Core\Queue\ShiftHours;
use Orthoscope\Core\Queue\Waiting;
use PHPUnit\Framework\TestCase;

final class DayPlanTest extends TestCase
{
    private DateTimeImmutable $now;

    private OpeningHours $hours;

    protected function setUp(): void
    {
        $this->now = new DateTimeImmutable('2026-11-25 10:00');
        $this->hours = new OpeningHours([1, 2, 3, 4, 5], 9, 18);
    }

    public function test_who_should_have_heard_comes_first_and_then_what_saves_most_for_its_minutes(): void
    {
        $plan = $this->plan(
            [
                new Waiting('little', JobState::Find, 10, 5.0),
                new Waiting('much', JobState::Find, 10, 60.0),
                new Waiting('late', JobState::Find, 10, 0.0, word: $this->now->modify('-1 hour')),
                new Waiting('soon', JobState::FirstStart, 10, 0.0, word: $this->now->modify('+1 hour')),
                new Waiting('proving', JobState::Prove, 5, 0.0),
            ],
            1,
        );
        $this->assertSame(['late', 'soon', 'proving', 'much', 'little'], array_column($plan, 'job'));
        $this->assertSame('Its owner should have heard already.', $plan[0]['why']);
        $this->assertStringContainsString('saves about 60 minutes in 10', $plan[3]['why']);
    }

    public function test_benches_work_side_by_side_and_no_spare_is_on_two(): void
    {
        $plan = $this->plan(
            [
                new Waiting('a', JobState::Find, 30, 90.0, 'S-12'),
                new Waiting('b', JobState::Find, 30, 80.0, 'S-12'),
                new Waiting('c', JobState::Find, 10, 9.0),
            ],
            2,
        );
        $by = array_column($plan, null, 'job');
        $this->assertSame([1, 2], [$by['a']['bench'], $by['c']['bench']], 'c does not wait for S-12');
        $this->assertEquals($by['a']['to'], $by['b']['from'], 'b waits until S-12 is free');
        $this->assertStringContainsString('S-12, which another job has', $by['b']['why']);
        $this->assertSame(2, $by['b']['bench']);
    }

    public function test_what_waits_begins_when_it_can_and_the_day_ends(): void
    {
        $plan = $this->plan(
            [
                new Waiting('part', JobState::Repair, 20, 0.0, notBefore: $this->now->modify('+1 day')),
                new Waiting('long', JobState::Find, 500, 900.0),
            ],
            1,
        );
        $by = array_column($plan, null, 'job');
        $this->assertGreaterThanOrEqual($this->now->modify('+1 day'), $by['part']['from']);
        $this->assertSame(['long', 'part'], array_column($plan, 'job'), 'the bench does not stand idle for what waits');
        $this->assertLessThan($this->now->modify('+1 hour'), $by['long']['from']);
        $this->assertSame([], $this->plan([], 2));
    }

    public function test_a_job_stays_on_the_bench_it_stands_on(): void
    {
        $here = fn (string $job, ?int $bench): Waiting => new Waiting($job, JobState::Find, 30, 10.0, bench: $bench);
        $by = array_column($this->plan([$here('a', 2), $here('b', 2), $here('c', null), $here('d', 7)], 2), null, 'job');
        $this->assertSame([2, 2, 1, 1], [$by['a']['bench'], $by['b']['bench'], $by['c']['bench'], $by['d']['bench']]);
        $this->assertEquals($by['a']['to'], $by['b']['from']);
        $this->assertCount(2, $this->plan([$here('a', 2), $here('b', 2)], 2), 'though nothing is left for bench 1');
    }

    public function test_a_bench_is_worked_while_somebody_is_there_for_it(): void
    {
        $in = fn (string $who, string $from, string $to): ShiftHours => ShiftHours::of(
            $who,
            $this->now->modify($from),
            $this->now->modify($to),
        );
        $jobs = array_map(fn (string $job): Waiting => new Waiting($job, JobState::Find, 60, 10.0), ['a', 'b', 'c', 'd', 'e']);
        $plan = $this->plan($jobs, 2, [$in('Rhea', '09:00', '17:00'), $in('Piet', '09:00', '11:30')]);
        // Piet's bench ends at half past eleven: what would go past it goes on the next day.
        $this->assertSame(
            [[1, '10:00'], [2, '10:00'], [1, '11:00'], [2, '11:00'], [1, '12:00']],
            array_map(fn (array $one): array => [$one['bench'], $one['from']->format('H:i')], $plan),
        );
        $this->assertEquals($this->now->modify('+1 day')->setTime(9, 30), $plan[3]['to']);
    }

    public function test_a_job_on_a_bench_that_nobody_works_moves_to_one_that_is_worked(): void
    {
        $alone = [ShiftHours::of('Rhea', $this->now->setTime(9, 0), $this->now->setTime(17, 0))];
        $plan = $this->plan([new Waiting('a', JobState::Find, 30, 10.0, bench: 2)], 2, $alone);
        $this->assertSame([1, '10:00'], [$plan[0]['bench'], $plan[0]['from']->format('H:i')]);
    }

    public function test_a_job_that_waits_keeps_no_bench_from_the_others(): void
    {
        $waits = new Waiting(
            'late',
            JobState::Repair,
            20,
            0.0,
            word: $this->now->modify('-1 hour'),
            notBefore: $this->now->modify('+2 days'),
        );
        $plan = $this->plan([$waits, ...array_map(fn (int $i): Waiting => new Waiting("j{$i}", JobState::Find, 30, 10.0), range(1, 6))], 2);
        $this->assertSame('late', end($plan)['job']);
        $this->assertSame([3, 3], array_values(array_count_values(array_column(array_slice($plan, 0, 6), 'bench'))));
    }

    public function test_a_forecast_is_a_range_within_opening_hours_and_waits_its_turn(): void
    {
        $job = new Waiting('x', JobState::Find, 10, 0.0);
        $first = Forecast::of($job, 0, 2, $this->hours, $this->now);
        $later = Forecast::of($job, 600, 2, $this->hours, $this->now);
        [$from, $to] = Forecast::minutes(JobState::Find);
        $this->assertEquals($this->hours->after($this->now, $from), $first->early);
        $this->assertEquals($this->hours->after($this->now, $to), $first->late);
        $this->assertGreaterThan($first->late, $later->late);
        $this->assertEquals($first->early, $later->early);
        $waits = Forecast::of(
            new Waiting('y', JobState::Repair, 10, 0.0, notBefore: $this->now->modify('+2 days')),
            0,
            2,
            $this->hours,
            $this->now,
        );
        $this->assertGreaterThan($this->now->modify('+2 days'), $waits->early);
        $this->assertSame(Forecast::minutes(JobState::Find), Forecast::minutes(JobState::Parked));
    }

    /**
     * @param  list<Waiting>  $jobs
     * @param  list<ShiftHours>  $shifts
     *
     * @return list<array{job: string, bench: int, from: DateTimeImmutable, to: DateTimeImmutable, why: string}>
     */
    private function plan(array $jobs, int $benches, array $shifts = []): array
    {
        return DayPlan::of($jobs, $benches, Roster::of($shifts, $this->hours, $benches), $this->now);
    }
}
