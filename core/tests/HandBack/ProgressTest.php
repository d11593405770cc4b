<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\HandBack\Awaited;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What comes next on a job: the repair only where nothing is left to test, else the step that is first. */
final class ProgressTest extends TestCase
{
    private const DEAD = ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']];

    private const LENT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]];

    /** @return iterable<string, array{list<array<string, mixed>>, JobState}> */
    public static function records(): iterable
    {
        yield 'told only' => [[['kind' => 'report', 'reached' => 'nothing']], JobState::FirstStart];
        yield 'dead' => [[self::DEAD], JobState::Find];
        yield 'dead, and runs on a lent supply' => [[self::DEAD, self::LENT], JobState::Confirm];
        yield 'again and again' => [[self::DEAD, self::LENT, self::DEAD, self::LENT, self::DEAD], JobState::Repair];
    }

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('records')]
    public function test_what_comes_next_is_the_repair_only_where_it_is_to_be_done(array $entries, JobState $state): void
    {
        $assessment = Bench::assess($entries);
        $progress = Progress::of($assessment, Plan::of($assessment, Bench::catalogue()), new Awaited);
        $repair = ucfirst((string) $assessment->advice->repair?->name());
        $this->assertSame($state, $progress->state);
        $this->assertNotSame('', $progress->next);
        if ($state === JobState::Repair) {
            $this->assertSame($repair, $progress->next);
        } else {
            $this->assertSame($assessment->advice->steps[0]->candidate->name(), $progress->next);
        }
    }
}
