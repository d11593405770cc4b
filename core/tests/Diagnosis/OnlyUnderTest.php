<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Diagnosis\OnlyUnder;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Machines that fail under one condition alone, of every condition, every kind of part and every stop at which that kind can fail: what
 * goes well without the condition acquits nothing, and the part stays among what is asked about. That a fault may show only cold, warm, at
 * work, after hours, in the case or where it is used is common practice, no source.
 */
final class OnlyUnderTest extends TestCase
{
    /** Condition => set-up under which it fails and the one under which it goes well, as the bench makes them. */
    private const CONDITIONS = [
        'cold' => [['temperature' => 'cold'], ['temperature' => 'warm']],
        'warm' => [['temperature' => 'warm', 'goal' => 'load'], ['temperature' => 'cold']],
        'load' => [['goal' => 'load'], []],
        'hours' => [['goal' => 'hours'], []],
        'case' => [[], ['place' => 'bench']],
    ];

    /** Kinds that are no part of a start with everything in, or that a part of the same name stands for. */
    private const NOT_IN = ['wall-socket', 'add-in', 'case'];

    /** @return iterable<string, array{string, list<array{string, string}>}> condition, and every kind and stop */
    public static function conditions(): iterable
    {
        $pairs = [];
        foreach (OnlyUnder::all(Bench::catalogue()) as $only) {
            // A start that stops later has got past the part: that is another question.
            $stop = $only->fault->ways[0]['stops'];
            if (! in_array($only->fault->part, self::NOT_IN, true) && $stop !== 'none' && Bench::catalogue()->stageIndex(
                Bench::catalogue()->part($only->fault->part)->stage,
            ) >= Bench::catalogue()->stageIndex($stop)) {
                $pairs["{$only->fault->part} {$only->fault->ways[0]['stops']}"] = [$only->fault->part, $only->fault->ways[0]['stops']];
            }
        }
        foreach (array_keys(self::CONDITIONS) as $condition) {
            foreach (array_unique(array_column($pairs, 1)) as $stop) {
                yield "{$condition}, stopped before {$stop}" => [
                    $condition,
                    array_values(array_filter($pairs, fn (array $pair): bool => $pair[1] === $stop)),
                ];
            }
        }
    }

    /** @param  list<array{string, string}>  $pairs kinds of part that can fail at one stop */
    #[DataProvider('conditions')]
    public function test_what_goes_well_without_the_condition_acquits_nothing(string $condition, array $pairs): void
    {
        [$failing, $well] = self::CONDITIONS[$condition];
        $stop = $pairs[0][1];
        $reached = Bench::catalogue()->reachAt(Bench::catalogue()->stageIndex($stop))->id;
        $told = ['kind' => 'report', 'reached' => $reached] + ($condition === 'case' ? [] : ['only' => $condition]);
        $entries = [
            $told,
            ['kind' => 'start', 'reached' => $reached, 'times' => 2, 'setup' => $failing, 'waited' => 120],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 4, 'setup' => $well],
        ];
        $assessment = Bench::assess($entries, ['card' => true]);
        foreach ($pairs as [$kind]) {
            $part = $assessment->machine->ofKind($kind)[0] ?? null;
            if ($part === null) {
                continue;
            }
            $standing = $assessment->standings[$part->id];
            $where = "{$part->id}, {$condition}, {$stop}: {$standing->standing->value} with {$standing->probability}";
            $this->assertNotSame(Standing::Proved, $standing->standing, $where);
            $this->assertNotSame(Standing::Condemned, $standing->standing, $where);
            $this->assertGreaterThan(1e-4, $standing->now, "{$where}: it must stay a hypothesis");
            if ($condition !== 'case') {
                // Taking it out of its case also reseats, which may be what helped.
                $this->assertGreaterThan(
                    $this->share($assessment, $part->id, $stop, $condition),
                    $standing->now,
                    "{$where}: it is among what may be so",
                );
            }
        }
        if ($condition !== 'case') {
            $this->assertLessThan(0.05, $assessment->sound, 'Starts without the condition do not make it sound.');
            $this->assertNotSame(JobState::Prove, $assessment->advice->state);
        }
    }

    /** A start that failed cold and went well warm, told as "only cold, 2 of 10": the supply is asked about, not another lead. */
    public function test_a_cold_start_that_failed_and_warm_ones_that_worked(): void
    {
        $assessment = Bench::assess([
            ['kind' => 'report', 'reached' => 'nothing', 'only' => 'cold', 'failed' => 2, 'of' => 10],
            ['kind' => 'start', 'reached' => 'nothing', 'setup' => ['temperature' => 'cold']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 4, 'setup' => ['temperature' => 'warm']],
        ]);
        $this->assertLessThan(0.4, $assessment->standings['wall-lead']->now);
        $this->assertGreaterThan($assessment->standings['wall-lead']->now, $assessment->standings['supply']->now);
        foreach (['supply', 'board', 'processor', 'stick-1'] as $part) {
            $this->assertNotSame(Standing::Proved, $assessment->standings[$part]->standing, $part);
        }
    }

    /** What is proved is proved under the condition, and says so. */
    public function test_after_a_cure_cold_starts_prove_and_warm_ones_do_not(): void
    {
        $before = [
            ['kind' => 'report', 'reached' => 'twitch', 'only' => 'cold'],
            ['kind' => 'start', 'reached' => 'twitch', 'times' => 2, 'setup' => ['temperature' => 'cold']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 3, 'setup' => ['temperature' => 'warm']],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'O-1', 'trust' => 0.97]],
        ];
        $after = fn (string $temperature): Assessment => Bench::assess(
            [...$before, ['kind' => 'start', 'reached' => 'stays', 'times' => 6, 'setup' => ['temperature' => $temperature]]],
        );
        $this->assertNotSame(Standing::Proved, $after('warm')->standings['board']->standing);
        $this->assertSame('proved working, started cold', $after('cold')->standings['board']->words());
        $this->assertGreaterThan($after('warm')->sound + 0.1, $after('cold')->sound);
    }

    /** A run at work that broke off shows nobody that a part holds at work. */
    public function test_what_never_stood_work_is_not_said_to_have_worked_at_work(): void
    {
        $atWork = ['kind' => 'start', 'setup' => ['goal' => 'load']];
        $before = [
            ['kind' => 'report', 'reached' => 'drops', 'events' => ['none'], 'marks' => ['consent-system'], 'only' => 'load'],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 2],
            $atWork + ['reached' => 'drops', 'times' => 2],
            ['kind' => 'finding', 'check' => 'work-temperature', 'result' => 'fail'],
        ];
        $words = fn (Assessment $assessment): array => array_map(
            fn (PartStanding $standing): string => $standing->under,
            array_filter($assessment->standings, fn (PartStanding $standing): bool => $standing->standing->hasWorked()),
        );
        $never = $words(Bench::assess($before));
        $this->assertNotSame([], $never);
        $this->assertSame([''], array_values(array_unique($never)));
        $paste = ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']];
        $this->assertContains('at hard work', $words(Bench::assess([...$before, $paste, $atWork + ['reached' => 'stays', 'times' => 3]])));
    }

    public function test_a_trouble_nobody_saw_here_proves_nothing_here(): void
    {
        $assessment = Bench::assess([['kind' => 'report', 'reached' => 'dark'], ['kind' => 'start', 'reached' => 'stays', 'times' => 6]]);
        $this->assertSame([], array_filter($assessment->standings, fn ($standing): bool => $standing->standing === Standing::Proved));
        $this->assertNotSame(JobState::Prove, $assessment->advice->state);
    }

    /** A trial of what fails only cold is made cold: else it shows nothing. */
    public function test_trials_are_made_under_the_condition(): void
    {
        $assessment = Bench::assess([
            ['kind' => 'report', 'reached' => 'twitch', 'only' => 'cold'],
            ['kind' => 'start', 'reached' => 'twitch', 'setup' => ['temperature' => 'cold']],
        ]);
        $step = $assessment->advice->step('lend-supply');
        $this->assertSame('cold', $step?->candidate->setUp?->temperature?->value);
        $this->assertStringContainsString('started cold', $step->candidate->name());
    }

    /** Share of what may be so that this part's own fault under the condition has by its prior alone. */
    private function share(Assessment $assessment, string $part, string $stop, string $condition): float
    {
        $of = $all = 0.0;
        foreach (OnlyUnder::all(Bench::catalogue()) as $only) {
            if (str_starts_with($only->fault->id, "{$condition}-only-")
                && $only->fault->ways[0]['stops'] === $stop && $assessment->machine->ofKind($only->fault->part) !== []) {
                $prior = $only->share * array_sum(
                    array_map(fn (string $base): float => Bench::catalogue()->fault($base)->prior, $only->bases),
                ) * count($assessment->machine->ofKind($only->fault->part));
                $all += $prior;
                $of += $only->fault->part === $assessment->machine->part($part)->kind->id ? $prior / count(
                    $assessment->machine->ofKind($only->fault->part),
                ) : 0.0;
            }
        }

        return $all > 0.0 ? 0.02 * $of / $all : 0.0;
    }
}
