<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\PuzzleDraw;
use Orthoscope\Core\Practice\PuzzleMistake;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PuzzleTest extends TestCase
{
    private const FILE = [
        'format' => 'orthoscope-practice/1',
        'name' => 'Dead after the storm',
        'machine' => ['card' => false, 'facts' => ['own_graphics' => true]],
        'faults' => [['fault' => 'supply-dead', 'part' => 'supply']],
        'event' => 'storm',
        'bad_spares' => ['supply'],
        'told' => 'dark',
        'seed' => 'storm 1',
    ];

    public function test_a_file_comes_out_as_it_went_in(): void
    {
        $this->assertEquals(self::FILE, Puzzle::fromArray(self::FILE)->toArray());
        $this->assertSame(['supply'], Puzzle::fromArray(self::FILE)->guilty());
    }

    public function test_what_is_left_out_has_a_meaning(): void
    {
        $puzzle = Puzzle::fromArray(array_intersect_key(self::FILE, array_flip(['format', 'name', 'machine', 'faults'])));
        $this->assertSame(['none', [], null, 'Dead after the storm'], [$puzzle->event, $puzzle->badSpares, $puzzle->told, $puzzle->seed]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'another format' => [['format' => 'orthoscope-case/1'], '/format', 'const'];
        yield 'no name' => [['name' => ''], '/name', 'Minimum'];
        yield 'no fault' => [['faults' => []], '/faults', 'at least 1'];
        yield 'three faults' => [['faults' => array_fill(0, 3, self::FILE['faults'][0])], '/faults', 'at most 2'];
        yield 'a field nobody knows' => [['hint' => 'it is the supply'], '', 'Additional'];
        yield 'a part it has not' => [['faults' => [['fault' => 'card-dead', 'part' => 'card']]], '/faults', '"card" is not a known part'];
        yield 'a fault of another part' => [['faults' => [['fault' => 'cpu-dead', 'part' => 'supply']]], '/faults/0/fault', 'supply-dead'];
        yield 'an event nobody knows' => [['event' => 'strom'], '/event', 'Did you mean "storm"?'];
        yield 'an outcome nobody knows' => [['told' => 'drak'], '/told', 'Did you mean "dark"?'];
        yield 'a spare for what is not there' => [['bad_spares' => ['card']], '/bad_spares', '"card"'];
        yield 'a part that came alone' => [['machine' => ['alone' => 'supply']], '/machine/alone', 'no machine to practise on'];
        yield 'no picture from anywhere' => [['machine' => ['card' => false]], '/machine', 'graphics'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('mistakes')]
    public function test_what_is_no_practice_machine_is_told_by_place(array $change, string $path, string $says): void
    {
        try {
            Puzzle::fromArray([...self::FILE, ...$change])->hidden(Bench::catalogue());
            $this->fail('It was taken.');
        } catch (PuzzleMistake $mistake) {
            $this->assertSame($path, $mistake->path);
            $this->assertStringContainsStringIgnoringCase($says, $mistake->sentence);
        }
    }

    public function test_every_family_has_machines_of_every_grade_and_keeps_to_itself(): void
    {
        $catalogue = Bench::catalogue();
        $draw = new PuzzleDraw($catalogue);
        foreach (Families::shipped()->all as $family) {
            foreach (array_keys(PuzzleDraw::GRADES) as $grade) {
                $puzzle = $draw->of($family, $grade, "{$family->id} {$grade}", 'one');
                $this->assertCount($family->two || $grade === 5 ? 2 : 1, $puzzle->guilty(), "{$family->id} {$grade}");
                $fault = $catalogue->fault($puzzle->faults[0]['fault']);
                $this->assertTrue($family->faults === [] || in_array($fault->id, $family->faults, true));
                $this->assertTrue($family->shows === [] || in_array($fault->shows, $family->shows, true));
                $this->assertSame($family->badSpare ? 1 : 0, count($puzzle->badSpares), "{$family->id} {$grade}");
                $puzzle->hidden($catalogue)->report();
            }
        }
    }

    public function test_the_same_seed_draws_the_same_machine(): void
    {
        $draw = new PuzzleDraw(Bench::catalogue());
        $this->assertEquals($draw->any('2026-11-30', 'Monday'), $draw->any('2026-11-30', 'Monday'));
        $drawn = [];
        foreach (range(1, 20) as $i) {
            $drawn[] = json_encode($draw->any("day {$i}", 'a day')->faults);
        }
        $this->assertGreaterThan(10, count(array_unique($drawn)));
    }

    public function test_an_owner_tells_where_it_stops_and_otherwise_where_that_is_the_lesson(): void
    {
        $catalogue = Bench::catalogue();
        $draw = new PuzzleDraw($catalogue);
        $families = Families::shipped();
        foreach (range(1, 15) as $i) {
            $power = $draw->of($families->all['power'], 1, "told {$i}", 'one');
            $this->assertSame($power->told, $power->hidden($catalogue)->report()['reached']);
            $told = $draw->of($families->all['told'], 1, "told {$i}", 'one');
            $start = $told->hidden($catalogue);
            $start->report();
            $this->assertNotSame('stays', $told->told);
            $stops[] = $told->told === $start->start(new SetUp)['reached'];
        }
        $this->assertLessThan(4, count(array_filter($stops)));
    }

    public function test_the_families_name_what_is_there(): void
    {
        $catalogue = Bench::catalogue();
        $families = Families::shipped();
        $this->assertSame(
            ['power', 'seats', 'memory', 'graphics', 'firmware', 'comes-and-goes', 'two', 'bad-spare', 'told', 'wet'],
            array_keys($families->all),
        );
        foreach ($families->all as $family) {
            $this->assertSame([], array_diff($family->faults, array_keys($catalogue->faults)));
            $this->assertSame([], array_diff($family->shows, array_keys($catalogue->shows)));
            $this->assertSame([], array_diff($family->events, array_keys($catalogue->events)));
            $words = str_word_count(implode(' ', $family->why));
            $this->assertTrue($words >= 80 && $words <= 260, "{$family->id} has {$words} words: half a page");
        }
        foreach (array_keys($catalogue->reaches) as $reach) {
            $this->assertNotSame('', $families->says($reach, 'none'), $reach);
        }
        foreach (array_keys($catalogue->events) as $event) {
            $this->assertSame($event === 'none', $families->says('dark', (string) $event) === $families->says('dark', 'none'), $event);
        }
        $this->assertSame('seats', $families->after('power')?->id);
        $this->assertNull($families->after('wet'));
    }
}
