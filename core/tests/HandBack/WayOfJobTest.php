<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\HandBack\Awaited;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Station;
use Orthoscope\Core\HandBack\WayOfJob;
use Orthoscope\Core\HandBack\Waypoint;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Which station of its way a job stands at, and that none is called done which the record does not carry. */
final class WayOfJobTest extends TestCase
{
    private const TOLD = ['kind' => 'report', 'reached' => 'nothing', 'events' => ['storm']];

    private const DEAD = ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']];

    private const LENT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12']]]];

    private const NEW = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'new']];

    /**
     * @param  list<array<string, mixed>>  $entries
     *
     * @return array<string, Waypoint>
     */
    private function way(array $entries, ?Awaited $awaited = null): array
    {
        $assessment = Bench::assess($entries);
        $way = WayOfJob::of($assessment, Plan::of($assessment, Bench::catalogue()), $awaited ?? new Awaited, Bench::catalogue());

        return array_combine(array_map(fn (Waypoint $one): string => $one->station->value, $way), $way);
    }

    /** @param  array<string, Waypoint>  $way */
    private function here(array $way): string
    {
        $here = array_keys(array_filter($way, fn (Waypoint $one): bool => $one->isHere));
        $this->assertCount(1, $here, 'A job stands at one station.');

        return $here[0];
    }

    /**
     * @param  array<string, Waypoint>  $way
     *
     * @return list<string>
     */
    private function done(array $way): array
    {
        return array_keys(array_filter($way, fn (Waypoint $one): bool => $one->isDone));
    }

    public function test_it_is_taken_in_and_not_started_yet(): void
    {
        $way = $this->way([['kind' => 'report', 'reached' => 'nothing']]);
        $this->assertSame('first-start', $this->here($way));
        $this->assertSame(['taken-in'], $this->done($way));
        $this->assertSame('', $way['first-start']->words);
    }

    public function test_a_swap_that_helped_has_not_found_it_and_the_old_part_put_back_has(): void
    {
        $helped = $this->way([self::TOLD, self::DEAD, self::LENT]);
        $this->assertSame('find', $this->here($helped));
        $this->assertSame(['taken-in', 'first-start'], $this->done($helped));
        $this->assertSame('nothing happens', $helped['first-start']->words);
        $back = $this->way([self::TOLD, self::DEAD, self::LENT, self::DEAD]);
        $this->assertTrue($back['find']->isDone);
        $this->assertSame('Supply', $back['find']->words);
        $this->assertSame('decide', $this->here($back));
        $this->assertSame('nothing agreed yet', $back['decide']->words);
        $this->assertSame('', $back['repair']->words);
    }

    public function test_an_answer_and_a_part_are_waited_for_at_their_stations(): void
    {
        $entries = [self::TOLD, self::DEAD, self::LENT, self::DEAD];
        $asked = $this->way($entries, new Awaited(answer: true));
        $this->assertSame(['decide', 'quote sent'], [$this->here($asked), $asked['decide']->words]);
        $agreed = ['kind' => 'agreement', 'answer' => 'accepted', 'amount' => 9000, 'agreed' => 'A new supply.'];
        $leave = $this->way([...$entries, $agreed]);
        $this->assertSame(['repair', 'agreed'], [$this->here($leave), $leave['decide']->words]);
        $part = $this->way([...$entries, $agreed], new Awaited(part: 'Supply 550 W, due Friday'));
        $this->assertSame(['repair', 'Supply 550 W, due Friday'], [$this->here($part), $part['repair']->words]);
        $this->assertFalse($part['repair']->isDone);
    }

    public function test_what_was_repaired_is_proved_start_by_start(): void
    {
        $clean = ['kind' => 'start', 'reached' => 'stays', 'times' => 3];
        $way = $this->way([self::TOLD, self::DEAD, self::LENT, self::DEAD, self::NEW, $clean]);
        $this->assertSame('prove', $this->here($way));
        $this->assertTrue($way['repair']->isDone);
        $this->assertMatchesRegularExpression('/^\d+ of \d+ shown$/', $way['prove']->words);
        $this->assertFalse($way['prove']->isDone);
        $this->assertFalse($way['hand-back']->isDone);
    }

    public function test_what_is_locked_before_it_was_started_waits_for_its_first_start(): void
    {
        $wet = $this->way([['kind' => 'report', 'reached' => 'nothing', 'events' => ['spill'], 'marks' => ['liquid']]]);
        $this->assertSame(['first-start', 'locked'], [$this->here($wet), $wet['first-start']->words]);
        $this->assertSame(['taken-in'], $this->done($wet));
    }

    public function test_every_state_has_its_station(): void
    {
        foreach (JobState::cases() as $state) {
            $this->assertContains(Station::of($state, true, false), Station::cases());
        }
        $this->assertSame(Station::Decide, Station::of(JobState::Repair, true, false));
        $this->assertSame(Station::Repair, Station::of(JobState::Repair, true, true));
    }
}
