<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What the ranked steps come to, in one sentence. */
final class ConclusionTest extends TestCase
{
    private const AS_IT_CAME = 'Start it once, as it came, before anything is touched.';

    public function test_the_first_start_is_asked_for_once(): void
    {
        $this->assertSame(self::AS_IT_CAME, Bench::assess([])->advice->why);
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        foreach ([1, 2, 3] as $times) {
            $this->assertNotSame(self::AS_IT_CAME, Bench::assess(array_fill(0, $times, $dark))->advice->why);
        }
    }

    public function test_what_got_further_with_a_part_changed_is_put_back_first(): void
    {
        $swapped = Bench::assess([
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'P-1']]]],
        ]);
        $this->assertSame(JobState::Confirm, $swapped->advice->state);
        $this->assertSame('It got further with the supply changed. Put the old part back before it is condemned.', $swapped->advice->why);
    }

    public function test_of_several_things_changed_each_is_put_back_by_itself(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $without = fn (array $out): string => Bench::assess([
            $dark,
            ['kind' => 'start', 'reached' => 'no-drive', 'setup' => ['out' => $out, 'place' => 'bench']],
        ])->advice->why;
        $this->assertSame(
            'It got further with several things changed. Put them back one at a time, stick 2 first.',
            $without(['devices', 'drive', 'stick-2']),
        );
        $this->assertSame(
            'It got further with the plugged-in devices changed. Put the old part back before it is condemned.',
            $without(['devices']),
        );
    }

    public function test_what_ran_well_often_is_proved_and_what_ran_once_after_failing_is_not(): void
    {
        $fails = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']];
        $acted = [$fails, ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2', 'slot-B2']]];
        $after = fn (int $clean): Assessment => Bench::assess([...$acted, ['kind' => 'start', 'reached' => 'stays', 'times' => $clean]]);
        $this->assertSame(JobState::Prove, $after(8)->advice->state);
        $this->assertStringStartsWith('It is fixed, ', $after(8)->advice->why);
        $this->assertGreaterThan($after(1)->sound, $after(8)->sound);
    }

    public function test_a_test_of_one_of_two_alike_tells_of_that_one(): void
    {
        $assessment = Bench::assess([
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory'], 'setup' => ['out' => ['stick-2']]],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-1']]],
        ]);
        $one = $assessment->advice->step('stick-host:stick-1');
        $other = $assessment->advice->step('stick-host:stick-2');
        $this->assertInstanceOf(NextStep::class, $one);
        $this->assertInstanceOf(NextStep::class, $other);
        $this->assertGreaterThan(5 * $other->bits, $one->bits);
    }
}
