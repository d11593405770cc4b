<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Simulation\Circuit\Body;
use Orthoscope\Core\Simulation\Circuit\CircuitWorld;
use Orthoscope\Core\Simulation\Circuit\Deeds;
use Orthoscope\Core\Simulation\Circuit\Defects;
use Orthoscope\Core\Simulation\Circuit\Looks;
use Orthoscope\Core\Simulation\Circuit\PowerOn;
use Orthoscope\Core\Simulation\Simulation;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The world of its own physics: it runs when it is well, and shares nothing with the adviser but words. */
final class CircuitTest extends TestCase
{
    private static function body(): Body
    {
        $machine = ['card' => true, 'drives' => 1, 'add_in' => true, 'facts' => ['own_graphics' => true]];

        return new Body(Machine::fromArray($machine, Bench::catalogue()));
    }

    /** @return list<int> stages that so many starts stopped before */
    private static function stops(Body $body, SetUp $setUp, string $seed, int $starts = 30): array
    {
        $draw = Draw::from($seed);

        return array_map(fn (): int => (new PowerOn($body, $setUp, $draw, [], 21.0))->stop(), range(1, $starts));
    }

    public function test_what_is_well_runs_cold_warm_at_work_and_for_hours(): void
    {
        foreach ([
            new SetUp, new SetUp(place: Place::Owner), new SetUp(place: Place::Bench), new SetUp(temperature: Temperature::Cold),
            new SetUp(temperature: Temperature::Warm), new SetUp(goal: Goal::Load), new SetUp(goal: Goal::Hours),
        ] as $setUp) {
            $this->assertSame([12], array_values(array_unique(self::stops(self::body(), $setUp, 'well'))), $setUp->key());
        }
        $this->assertTrue(self::body()->isWell());
    }

    /** @return array<string, array{string}> */
    public static function defects(): array
    {
        $names = array_keys(Defects::ALL);

        return array_combine($names, array_map(fn (string $name): array => [$name], $names));
    }

    public function test_what_moving_loosens_is_a_fault_of_what_it_touches_as_in_what_comes_in(): void
    {
        $made = [];
        for ($i = 0; $i < 4000; $i++) {
            $body = self::body();
            $to = new SetUp(out: ['card'], moved: ['stick-1' => 'slot-B1']);
            (new Deeds($body, Draw::from("moved {$i}")))->change(new SetUp, $to);
            foreach (array_keys($body->loose) as $contact) {
                $made[$contact] = [...$made[$contact] ?? [], ...array_keys($body->had)];
            }
        }
        $one = array_map(fn (array $parts): array => array_values(array_unique($parts)), $made);
        $this->assertSame(['slot-B1'], $one['seat stick-1'], 'where it was put');
        $this->assertSame(['card-slot'], $one['card-seat']);
        $this->assertSame(['video-lead'], $one['video-lead']);
    }

    #[DataProvider('defects')]
    public function test_each_defect_stops_it_somewhere_and_its_usual_repair_ends_it(string $defect): void
    {
        $ended = $showed = 0;
        for ($i = 0; $i < 12; $i++) {
            $draw = Draw::from("{$defect} {$i}");
            $body = self::body();
            $part = Defects::into($body, $defect, $draw);
            $this->assertNotNull($part);
            $this->assertFalse($body->isWell(), $defect);
            $this->assertSame([$part => true], $body->had);
            $ways = [new SetUp, new SetUp(place: Place::Owner), new SetUp(goal: Goal::Hours), new SetUp(temperature: Temperature::Cold)];
            foreach ($ways as $at) {
                $showed += array_diff(self::stops($body, $at, "{$defect} {$i}", 8), [12]) === [] ? 0 : 1;
            }
            $act = Defects::ALL[$defect][2];
            $act === 'replace' ? $body->renew(self::bought($body, $part)) : (new Deeds($body, $draw))->act($act, [$part], new SetUp);
            $ended += $body->isWell() ? 1 : 0;
        }
        $this->assertGreaterThan(0, $showed, 'Nobody would ever have brought it in.');
        $this->assertGreaterThanOrEqual(7, $ended, 'Its usual repair ends it more often than not.');
    }

    /** @return array<string, array{string, string}> */
    public static function waysRound(): array
    {
        return [
            'the right driver' => ['driver', 'update-driver'],
            'another port' => ['port-dead', 'use-other-port'],
            'a card with ports' => ['port-dead', 'add-card'],
            'another output' => ['output-dead', 'use-other-output'],
            'another slot' => ['slot-dead', 'use-other-slot'],
        ];
    }

    #[DataProvider('waysRound')]
    public function test_what_is_gone_round_for_good_no_longer_stops_it(string $defect, string $act): void
    {
        $ended = 0;
        for ($i = 0; $i < 12; $i++) {
            $draw = Draw::from("{$defect} {$act} {$i}");
            $body = self::body();
            $part = Defects::into($body, $defect, $draw);
            (new Deeds($body, $draw))->act($act, [(string) $part], new SetUp);
            $ended += $body->isWell() ? 1 : 0;
        }
        $this->assertGreaterThanOrEqual(9, $ended);
    }

    /** What is bought for a part that belongs to another: that other. */
    private static function bought(Body $body, string $part): string
    {
        $carrier = $body->machine->part($part)->kind->carrier;

        return match (true) {
            $carrier !== null => $body->machine->ofKind($carrier)[0]->id,
            default => $part,
        };
    }

    public function test_a_good_part_lent_in_its_place_runs_and_the_old_one_put_back_does_not(): void
    {
        $body = self::body();
        $body->good['supply'] = 0.05;
        $lent = new SetUp(lent: ['supply' => new Lent('S-1', 0.97)]);
        $this->assertSame([12], array_values(array_unique(self::stops($body, $lent, 'lent'))));
        $this->assertSame([3], array_values(array_unique(self::stops($body, new SetUp, 'back'))));
        $bad = (new PowerOn($body, $lent, Draw::from('bad'), ['S-1 supply' => true], 21.0))->stop();
        $this->assertLessThan(4, $bad, 'A lent one may be bad too.');
    }

    public function test_of_two_drives_the_one_with_the_system_is_worn_and_replacing_it_ends_that(): void
    {
        $body = new Body(Machine::fromArray(['drives' => 2], Bench::catalogue()));
        $body->good['surface'] = 0.3;
        foreach (['drive-1' => ['failing'], 'drive-2' => []] as $drive => $found) {
            $draw = Draw::from('health');
            $health = array_map(fn (): ?string => (new Looks($body, new SetUp, $draw, []))->result('drive-health', $drive), range(1, 20));
            $this->assertSame($found, array_values(array_unique(array_filter($health))), $drive);
        }
        $body->renew('drive-2');
        $this->assertFalse($body->isWell());
        $body->renew('drive-1');
        $this->assertTrue($body->isWell());
    }

    public function test_the_same_seed_plays_the_same_job(): void
    {
        $play = fn (): array => (new Simulation(Bench::catalogue(), 'same', 1.0, null, Simulation::CIRCUIT))->play(3, 'script')->written;
        $this->assertSame($play(), $play());
        $world = new CircuitWorld(Bench::catalogue());
        $this->assertNotEmpty($world->machine(Draw::from('any'))->causes());
    }
}
