<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Simulation\Simulation;
use Orthoscope\Core\Simulation\Stories\Story;
use Orthoscope\Core\Simulation\Stories\StoryMachine;
use Orthoscope\Core\Simulation\Stories\StoryWorld;
use Orthoscope\Core\Simulation\Stories\Tale;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The world of told troubles: each shows, each ends by what is told to end it, and it keeps to the words of the catalogue. */
final class StoriesTest extends TestCase
{
    private static function machine(): Machine
    {
        $shape = [
            'card' => true, 'card_plug' => true, 'drives' => 1, 'add_in' => true,
            'facts' => ['own_graphics' => true, 'status_lamps' => true, 'speaker' => true, 'code_display' => true],
        ];

        return Machine::fromArray($shape, Bench::catalogue());
    }

    private static function told(Tale $tale, string $seed): StoryMachine
    {
        $machine = self::machine();
        $part = $tale->part === 'slot' ? 'slot-A2' : $machine->ofKind($tale->part)[0]->id;
        $stick = array_search($part, $machine->slots, true) ?: null;

        return new StoryMachine($machine, [new Story($tale, $part, $stick, Draw::from($seed))], Draw::from("{$seed} then"));
    }

    /** @return array<string, array{Tale}> */
    public static function tales(): array
    {
        $tales = [];
        foreach (Tale::all() as $tale) {
            $tales[$tale->story] = [$tale];
        }

        return $tales;
    }

    #[DataProvider('tales')]
    public function test_it_is_told_in_words_of_the_catalogue(Tale $tale): void
    {
        $catalogue = Bench::catalogue();
        $this->assertArrayHasKey($tale->part, $catalogue->parts);
        foreach ($tale->cures as $act => $chance) {
            $this->assertArrayHasKey($act, $catalogue->acts);
            $this->assertGreaterThan(0.0, $chance);
            $this->assertLessThanOrEqual(1.0, $chance);
        }
        foreach ($tale->looks as $check => [$result]) {
            $this->assertContains($result, array_column($catalogue->check($check)->results, 'id'), $check);
        }
        foreach ($tale->faces as $face) {
            $this->assertEqualsWithDelta(1.0, array_sum($face), 1e-9);
            $this->assertSame([], array_diff(array_keys($face), ['nothing', 'twitch', 'dark', 'no-drive', 'no-system', 'drops']));
        }
        $this->assertEqualsWithDelta(1.0, array_sum($tale->shares), 1e-9);
    }

    #[DataProvider('tales')]
    public function test_it_shows_and_its_usual_repair_ends_it(Tale $tale): void
    {
        $ways = [
            new SetUp(place: Place::Owner), new SetUp, new SetUp(goal: Goal::Hours, place: Place::Owner),
            new SetUp(temperature: Temperature::Cold),
        ];
        $showed = $ended = 0;
        for ($i = 0; $i < 12; $i++) {
            $machine = self::told($tale, "{$tale->story} {$i}");
            $this->assertFalse($machine->isSound());
            foreach (range(1, 8) as $try) {
                $showed += $machine->atOwner($ways[$try % 4]) === 'stays' ? 0 : 1;
            }
            $part = $machine->causes()[0][1];
            $act = $tale->usualRepair();
            $carrier = $machine->machine()->part($part)->kind->carrier;
            $act === 'replace' ? $machine->fit($carrier ?? $part) : $machine->act($act, [$part]);
            $ended += $machine->isSound() ? 1 : 0;
        }
        $this->assertGreaterThan(2, $showed, 'Nobody would ever have brought it in.');
        $this->assertGreaterThanOrEqual(8, $ended);
    }

    public function test_a_good_supply_in_its_place_runs_and_its_own_put_back_does_not(): void
    {
        $machine = self::told(self::tales()['dead supply'][0], 'lent');
        $lent = new SetUp(lent: ['supply' => new Lent('S-1', 0.97)]);
        $this->assertSame('stays', $machine->start($lent)['reached']);
        $this->assertNotSame('stays', $machine->start(new SetUp)['reached']);
    }

    public function test_a_dead_slot_stops_another_card_too(): void
    {
        $machine = self::told(self::tales()['dead card slot'][0], 'slot');
        $lent = new SetUp(lent: ['card' => new Lent('C-1', 0.97)]);
        $this->assertSame('dark', $machine->start($lent)['reached']);
        $this->assertSame('dark', $machine->start(new SetUp)['reached']);
        $this->assertSame('stays', $machine->start(new SetUp(moved: ['card' => 'second']))['reached']);
    }

    /** @return array<string, array{string, SetUp, array<string, string>}> */
    public static function shown(): array
    {
        $noMemory = new SetUp(out: ['stick-1', 'stick-2']);

        return [
            'a dead screen does not stop the board' => ['dead screen', new SetUp, ['beeps' => 'ok', 'code' => 'boot']],
            'without memory it asks for memory, whatever its screen' => [
                'dead screen', $noMemory, ['lamp' => 'memory', 'beeps' => 'memory', 'code' => 'memory'],
            ],
            'a dead board asks for nothing' => ['firmware broken', $noMemory, ['lamp' => 'cpu', 'beeps' => 'none', 'code' => 'blank']],
            'without power its display is dark' => ['switched off', new SetUp, ['lamp' => 'none', 'beeps' => 'none', 'code' => 'blank']],
            'without a drive it has run its tests' => ['dead port', new SetUp, ['beeps' => 'ok', 'code' => 'boot']],
        ];
    }

    /** @param  array<string, string>  $asked */
    #[DataProvider('shown')]
    public function test_a_board_mostly_shows_where_it_stopped(string $story, SetUp $setUp, array $asked): void
    {
        $right = $shown = 0;
        for ($i = 0; $i < 60; $i++) {
            $signs = self::told(self::tales()[$story][0], "{$story} {$i}")->start($setUp)['signs'];
            foreach (array_intersect_key($asked, $signs) as $channel => $value) {
                $shown++;
                $right += $signs[$channel] === $value ? 1 : 0;
            }
        }
        $this->assertGreaterThan(100, $shown);
        $this->assertGreaterThan(0.75, $right / $shown);
        $this->assertLessThan(1.0, $right / $shown, 'Some boards are odd.');
    }

    public function test_bridging_the_pins_takes_the_stuck_reset_off(): void
    {
        $machine = self::told(self::tales()['reset stuck'][0], 'pins');
        $this->assertSame('stays', $machine->start(new SetUp(startBy: StartBy::Pins))['reached']);
        $this->assertNotSame('stays', $machine->start(new SetUp)['reached']);
    }

    public function test_a_stick_that_is_not_home_is_put_home_by_moving_it(): void
    {
        $sound = 0;
        for ($i = 0; $i < 20; $i++) {
            $machine = self::told(self::tales()['stick not home'][0], "home {$i}");
            $machine->start(new SetUp(out: ['stick-1']));
            $machine->start(new SetUp);
            $sound += $machine->isSound() ? 1 : 0;
        }
        $this->assertGreaterThan(14, $sound);
    }

    public function test_the_same_seed_plays_the_same_job(): void
    {
        $play = fn (): array => (new Simulation(Bench::catalogue(), 'same', 1.0, null, Simulation::STORIES))->play(3, 'script')->written;
        $this->assertSame($play(), $play());
        $this->assertNotEmpty((new StoryWorld(Bench::catalogue()))->machine(Draw::from('any'))->causes());
    }
}
