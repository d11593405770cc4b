<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Practice\Attempt;
use Orthoscope\Core\Practice\CannotPlay;
use Orthoscope\Core\Practice\Done;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\PuzzleDraw;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AttemptTest extends TestCase
{
    public function test_it_begins_with_what_its_owner_says(): void
    {
        $attempt = $this->dead();
        $report = $attempt->record()->entries[0];
        $this->assertSame('report', $report->kind());
        $this->assertStringContainsString('nothing happens', $report->text);
        $this->assertStringContainsString('storm', $report->text);
        $this->assertSame(0, $attempt->minutes());
    }

    public function test_what_is_done_is_answered_and_minutes_count(): void
    {
        $attempt = $this->dead();
        $this->assertSame('nothing', $attempt->do(['kind' => 'start'])->entries[0]['reached']);
        $tested = $attempt->do(['kind' => 'finding', 'check' => 'supply-test']);
        $this->assertSame('fail', $tested->entries[0]['result']);
        $this->assertSame([0.0], array_values(array_unique($tested->entries[0]['values'])));
        $bought = $attempt->do(['kind' => 'act', 'act' => 'replace', 'on' => ['supply']]);
        $this->assertGreaterThan(0, $bought->money);
        $this->assertSame('stays', $attempt->do(['kind' => 'start'])->entries[0]['reached']);
        $catalogue = Bench::catalogue();
        $steps = $catalogue->steps;
        $minutes = 2 * $steps['start']->minutes + $steps['supply-tester']->minutes + $catalogue->act('replace')->minutes;
        $this->assertSame($minutes, $attempt->minutes());
        $this->assertSame('08:'.str_pad((string) $minutes, 2, '0', STR_PAD_LEFT), $attempt->clock()->format('H:i'));
        $this->assertSame($bought->money, $attempt->money());
    }

    public function test_a_look_is_written_with_what_it_has_and_no_more(): void
    {
        $looked = $this->dead()->do(['kind' => 'finding', 'check' => 'look-inside'])->entries[0];
        $this->assertSame(['kind', 'check', 'result'], array_keys($looked));
    }

    public function test_a_lent_supply_starts_it_and_a_bad_spare_does_not(): void
    {
        $lent = ['kind' => 'start', 'setup' => ['lent' => ['supply' => ['tag' => 'any-supply', 'trust' => 0.97]]]];
        $this->assertSame('stays', $this->dead()->do($lent)->entries[0]['reached']);
        $this->assertSame('nothing', $this->dead(badSpare: true)->do($lent)->entries[0]['reached']);
    }

    public function test_standing_costs_no_minutes_and_moves_the_clock(): void
    {
        $attempt = $this->dead();
        $attempt->do(['kind' => 'wait', 'minutes' => 1440]);
        $this->assertSame([0, 'Tuesday 08:00'], [$attempt->minutes(), $attempt->clock()->format('l H:i')]);
        $this->assertSame('Monday 08:00', $attempt->clock(1)->format('l H:i'));
        $this->assertNotContains('outside', $attempt->parts());
        $this->expectExceptionMessage('from a minute to two days');
        $attempt->do(['kind' => 'wait', 'minutes' => 0]);
    }

    public function test_it_may_stand_two_days_and_no_longer(): void
    {
        $attempt = $this->dead();
        $attempt->do(['kind' => 'wait', 'minutes' => 2880]);
        $this->assertSame('Wednesday 08:00', $attempt->clock()->format('l H:i'));
        $this->expectExceptionMessage('from a minute to two days');
        $attempt->do(['kind' => 'wait', 'minutes' => 2881]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'a look nobody knows' => [['kind' => 'finding', 'check' => 'palmistry'], 'Say what you look at'];
        yield 'a look at what is not there' => [['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-9'], 'stick'];
        yield 'an act nobody knows' => [['kind' => 'act', 'act' => 'kick', 'on' => ['case']], 'kick'];
        yield 'an act on what is not there' => [['kind' => 'act', 'act' => 'replace', 'on' => ['stick-9']], 'stick-9'];
        yield 'a set-up with what is not there' => [['kind' => 'start', 'setup' => ['out' => ['stick-9']]], 'stick-9'];
    }

    /** @param  array<string, mixed>  $deed */
    #[DataProvider('mistakes')]
    public function test_what_cannot_be_understood_leaves_everything_as_it_was(array $deed, string $says): void
    {
        $attempt = $this->dead();
        try {
            $attempt->do($deed);
            $this->fail('It was done.');
        } catch (CaseMistake $mistake) {
            $this->assertStringContainsString($says, $mistake->sentence);
            $this->assertCount(1, $attempt->done);
            $this->assertSame(0, $attempt->minutes());
        }
    }

    public function test_what_it_cannot_play_it_says(): void
    {
        $attempt = $this->dead();
        foreach (['closing' => 'is not played', 'strike-out' => 'is not played'] as $kind => $says) {
            $this->refuses($attempt, ['kind' => $kind], $says);
        }
        $this->refuses($attempt, ['kind' => 'finding', 'check' => 'look-settings'], 'was not started yet');
        $attempt->do(['kind' => 'start']);
        $this->refuses($attempt, ['kind' => 'finding', 'check' => 'look-settings'], 'needs a machine that gets past');
    }

    public function test_it_is_taken_up_where_it_was_left(): void
    {
        $attempt = $this->dead();
        $guess = Guess::typed(['supply' => '60 %'], 'nothing', '90', ['supply', 'board'], ['nothing', 'stays']);
        $attempt->do(['kind' => 'start'], $guess);
        $attempt->do(['kind' => 'wait', 'minutes' => 60]);
        $attempt->do(['kind' => 'finding', 'check' => 'supply-test']);
        $kept = json_decode(json_encode(array_map(fn (Done $done): array => $done->toArray(), $attempt->done), JSON_THROW_ON_ERROR), true);
        $again = Attempt::resume($attempt->puzzle, Bench::catalogue(), array_map(Done::fromArray(...), $kept));
        $this->assertEquals($attempt->record(), $again->record());
        $this->assertEquals($attempt->done[1]->guess, $again->done[1]->guess);
        $replace = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']];
        $attempt->do($replace);
        $again->do($replace);
        $this->assertEquals($attempt->do(['kind' => 'start'])->entries, $again->do(['kind' => 'start'])->entries);
    }

    /** Common random numbers: a deed shows the same whatever else was done before it, where that changed nothing. */
    public function test_the_same_deed_has_the_same_luck_whoever_does_it(): void
    {
        $catalogue = Bench::catalogue();
        $draw = new PuzzleDraw($catalogue);
        foreach (range(1, 25) as $i) {
            $puzzle = $draw->any("luck {$i}", 'one');
            [$one, $other] = [Attempt::begin($puzzle, $catalogue), Attempt::begin($puzzle, $catalogue)];
            $other->do(['kind' => 'finding', 'check' => 'look-leads']);
            $other->do(['kind' => 'wait', 'minutes' => 30]);
            $this->assertSame($one->do(['kind' => 'start'])->entries, $other->do(['kind' => 'start'])->entries);
            $this->assertSame($one->do(['kind' => 'start'])->entries, $other->do(['kind' => 'start'])->entries, 'the second start too');
        }
    }

    /** A hundred courses of random deeds: each deed is answered, or refused by name with nothing changed. */
    public function test_no_course_of_deeds_breaks_it(): void
    {
        $catalogue = Bench::catalogue();
        $draw = new PuzzleDraw($catalogue);
        $answered = 0;
        foreach (range(1, 100) as $course) {
            $luck = Draw::from("course {$course}");
            $attempt = Attempt::begin($draw->any("any {$course}", 'one'), $catalogue);
            foreach (range(1, 6) as $ignored) {
                $before = [count($attempt->done), $attempt->minutes()];
                try {
                    $done = $attempt->do($this->anyDeed($attempt->machine(), $luck));
                    $answered++;
                    $this->assertNotSame([], $done->entries);
                    $this->assertGreaterThan(0, $done->minutes, json_encode($done->deed, JSON_THROW_ON_ERROR));
                } catch (CannotPlay|CaseMistake) {
                    $this->assertSame($before, [count($attempt->done), $attempt->minutes()]);
                }
            }
            $this->assertSame(range(1, count($attempt->done)), array_column($attempt->record()->entries, 'number'));
        }
        $this->assertGreaterThan(330, $answered);
    }

    public function test_readings_carry_numbers_that_are_judged_as_they_should_be(): void
    {
        $catalogue = Bench::catalogue();
        $attempt = $this->dead();
        $readings = array_filter($catalogue->checks, fn (Check $check): bool => $check->limit !== null && $check->target === null);
        $withNumbers = 0;
        foreach ($readings as $check) {
            try {
                $written = $attempt->do(['kind' => 'finding', 'check' => $check->id])->entries[0];
            } catch (CannotPlay) {
                continue;
            }
            $entries = $attempt->record()->entries;
            $entry = $entries[count($entries) - 1];
            assert($entry instanceof Finding);
            $this->assertSame($written['result'], $entry->result);
            $withNumbers += $entry->values === [] ? 0 : 1;
        }
        $this->assertGreaterThan(2, $withNumbers);
    }

    public function test_a_picture_is_judged_only_where_there_is_one(): void
    {
        $signs = $this->dead()->do(['kind' => 'start'])->entries[0]['signs'];
        $this->assertArrayHasKey('power-lamp', $signs);
        $this->assertArrayNotHasKey('image', $signs);
    }

    /** @return array<string, mixed> */
    private function anyDeed(Machine $machine, Draw $draw): array
    {
        $catalogue = Bench::catalogue();
        $part = fn (): Part => $draw->oneOf(array_values($machine->parts));

        return match ($draw->oneOf(['start', 'start', 'finding', 'act'])) {
            'start' => ['kind' => 'start', 'setup' => $draw->oneOf([
                [],
                ['out' => [$part()->id]],
                ['out' => [$part()->id, $part()->id]],
                ['lent' => [$part()->id => ['tag' => 'any-'.$part()->kind->id, 'trust' => 0.9]]],
                ['place' => 'bench', 'start_by' => 'pins'],
                ['temperature' => $draw->oneOf(['cold', 'warm']), 'goal' => $draw->oneOf(['load', 'hours', 'picture'])],
                ['output' => 'other', 'driver' => 'basic'],
                ['clocks' => 'low', 'attached' => ['code-card']],
                ['moved' => [$part()->id => 'second']],
            ])],
            'finding' => ['kind' => 'finding', 'check' => $draw->oneOf(array_keys($catalogue->checks)), 'target' => $part()->id],
            default => ['kind' => 'act', 'act' => $draw->oneOf(array_column($catalogue->acts, 'id')),
                'on' => [$part()->id]],
        };
    }

    /** @param  array<string, mixed>  $deed */
    private function refuses(Attempt $attempt, array $deed, string $says): void
    {
        $before = count($attempt->done);
        try {
            $attempt->do($deed);
            $this->fail('It was played.');
        } catch (CannotPlay $refused) {
            $this->assertStringContainsString($says, $refused->getMessage());
            $this->assertCount($before, $attempt->done);
        }
    }

    private function dead(bool $badSpare = false): Attempt
    {
        $puzzle = new Puzzle(
            'Dead',
            ['card' => true],
            [['fault' => 'supply-dead', 'part' => 'supply']],
            'dead 3',
            'storm',
            $badSpare ? ['supply'] : [],
            'nothing',
        );

        return Attempt::begin($puzzle, Bench::catalogue());
    }
}
