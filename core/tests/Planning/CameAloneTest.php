<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\HandBack\Ending;
use Orthoscope\Core\HandBack\FailedHere;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A part that came without its machine: it is tried in good ones of the shop's, and nothing of those is in question for long. */
final class CameAloneTest extends TestCase
{
    public function test_what_failed_alone_is_settled_and_no_good_one_is_lent_for_it(): void
    {
        foreach (['supply' => 'supply-test', 'drive' => 'drive-in-host'] as $part => $check) {
            $result = $check === 'supply-test' ? 'fail' : 'fails';
            $bad = [['kind' => 'finding', 'check' => $check, 'target' => $part, 'result' => $result]];
            $assessed = $this->alone($part, [...$bad, ...$part === 'drive' ? $bad : []]);
            $this->assertSame(JobState::Repair, $assessed->advice->state, $part);
            $this->assertStringStartsWith("No test is worth its minutes now: replace the {$part} (", $assessed->advice->why);
            $lent = fn (NextStep $step): bool => $step->candidate->step->setUp->lends;
            $this->assertSame([], array_filter($assessed->advice->steps, $lent), $part);
        }
    }

    public function test_what_was_tried_in_a_good_machine_is_not_asked_to_be_tried_there_once(): void
    {
        $first = 'Put it into a known-good machine and start that once, before anything is done to it.';
        $works = ['kind' => 'finding', 'check' => 'drive-in-host', 'target' => 'drive', 'result' => 'works'];
        $this->assertSame($first, $this->alone('drive', [])->advice->why);
        $this->assertNotSame($first, $this->alone('drive', [$works])->advice->why);
        $this->assertNotSame($first, Bench::assess([$works])->advice->why, 'of a whole machine that is no start');
        $this->assertSame('start', Bench::assess([$works])->advice->steps[0]->candidate->step->id);
    }

    public function test_a_reading_that_found_something_is_a_failure_here(): void
    {
        $works = ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-1', 'result' => 'works'];
        $this->assertNull($this->alone('stick', [$works])->advice->step('strip'), 'the machine around it is ours');
        $read = fn (string $result): array => ['kind' => 'finding', 'check' => 'memory-test', 'result' => $result];
        foreach (['errors' => 'unrepaired', 'clean' => 'no-fault-found'] as $result => $ending) {
            $assessed = $this->alone('stick', [$works, $read($result)]);
            $this->assertSame($ending, Ending::of($assessed->record, $assessed->machine, Bench::catalogue()), $result);
            $failed = FailedHere::first($assessed->record, $assessed->machine, Bench::catalogue());
            $this->assertSame($result === 'errors' ? 3 : null, $failed?->number);
            $letter = (new LetterWriter(Bench::catalogue()))->write($assessed)->text();
            $this->assertSame($result === 'errors', ! str_contains($letter, 'In our tests it did not fail'), $letter);
        }
    }

    public function test_no_lock_is_on_a_supply_that_stayed_with_its_machine(): void
    {
        $burnt = [['kind' => 'finding', 'check' => 'look-board', 'result' => 'burnt']];
        $this->assertArrayHasKey('supply-unproved', Bench::assess($burnt)->locks->active);
        $board = $this->alone('board', $burnt);
        $this->assertArrayNotHasKey('supply-unproved', $board->locks->active);
        $this->assertTrue($board->locks->powerIsLocked());
        $this->assertTrue($board->locks->keepItOff());
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function alone(string $part, array $entries): Assessment
    {
        return Bench::assess([['kind' => 'report', 'reached' => 'dark'], ...$entries], ['alone' => $part, 'platform' => []]);
    }
}
