<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Planning\Trial;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Which step shows again what fails under one condition, and which start counts as such a trial. */
final class TrialMetTest extends TestCase
{
    public function test_each_condition_has_its_step(): void
    {
        $this->assertSame('start', $this->trial([])->step());
        $this->assertSame('start-cold', $this->trial(['temperature' => 'cold'])->step());
        $this->assertSame('load-run', $this->trial(['temperature' => 'warm'])->step());
        $this->assertSame('load-run', $this->trial(['goal' => 'load'])->step());
        $this->assertSame('hours-run', $this->trial(['goal' => 'hours'])->step());
    }

    public function test_at_work_it_grows_warm_by_itself(): void
    {
        $warm = $this->trial(['temperature' => 'warm']);
        $this->assertTrue($warm->isMetBy(new SetUp(temperature: Temperature::Warm)));
        $this->assertTrue($warm->isMetBy(new SetUp(goal: Goal::Load)));
        $this->assertFalse($warm->isMetBy(new SetUp));
        $this->assertFalse($this->trial(['temperature' => 'cold'])->isMetBy(new SetUp(goal: Goal::Load)));
    }

    public function test_what_is_longer_and_harder_counts_and_what_is_shorter_does_not(): void
    {
        $this->assertTrue($this->trial(['goal' => 'load'])->isMetBy(new SetUp(goal: Goal::Hours)));
        $this->assertFalse($this->trial(['goal' => 'hours'])->isMetBy(new SetUp(goal: Goal::Load)));
        $this->assertTrue($this->trial([])->isMetBy(new SetUp));
    }

    /** @param  array<string, string>  $how what it failed under, while it ran without */
    private function trial(array $how): Trial
    {
        $fails = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'times' => 2, ...$how === [] ? [] : ['setup' => $how]];
        $entries = [...$how === [] ? [] : [['kind' => 'start', 'reached' => 'stays', 'times' => 3]], $fails];
        $record = Bench::case($entries)->record;

        return Trial::of($record, Grounds::read($record, Bench::replay($entries)->model), Bench::catalogue());
    }
}
