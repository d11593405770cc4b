<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use InvalidArgumentException;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Simulation\Circuit\CircuitWorld;
use Orthoscope\Core\Simulation\Figures;
use Orthoscope\Core\Simulation\FriendlyWorld;
use Orthoscope\Core\Simulation\HardWorld;
use Orthoscope\Core\Simulation\Perturbed;
use Orthoscope\Core\Simulation\Play;
use Orthoscope\Core\Simulation\Result;
use Orthoscope\Core\Simulation\Simulation;
use Orthoscope\Core\Simulation\Stories\StoryWorld;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SimulationTest extends TestCase
{
    public function test_the_same_seed_gives_the_same_job_and_another_another(): void
    {
        $play = fn (string $seed): Result => (new Simulation(Bench::catalogue(), $seed))->play(0, 'script');
        $this->assertEquals($play('one'), $play('one'));
        $this->assertNotEquals($play('one'), $play('two'));
    }

    public function test_every_policy_meets_the_same_machine(): void
    {
        $simulation = new Simulation(Bench::catalogue(), 'same');
        $causes = array_map(fn (string $policy): array => $simulation->play(3, $policy)->causes, ['knowing', 'script', 'power-first']);
        $this->assertSame($causes[0], $causes[1]);
        $this->assertSame($causes[0], $causes[2]);
    }

    public function test_the_planner_mends_what_it_is_given_and_takes_longer_than_who_knows(): void
    {
        $simulation = new Simulation(Bench::catalogue(), 'mend');
        $results = array_map(fn (int $job): Result => $simulation->play($job, 'planner'), range(0, 7));
        $this->assertGreaterThanOrEqual(6, count(array_filter($results, fn (Result $r): bool => $r->isRight())));
        foreach ($results as $result) {
            $this->assertGreaterThanOrEqual($result->bound, $result->minutes);
            $this->assertNotSame([], $result->stated);
        }
    }

    public function test_machines_of_the_friendly_world_have_faults_as_often_as_the_catalogue_says(): void
    {
        $world = new FriendlyWorld(Bench::catalogue());
        $jobs = 40;
        $doubles = $supplies = 0;
        for ($i = 0; $i < $jobs; $i++) {
            $causes = $world->machine(Draw::from("often {$i}"))->causes();
            $doubles += count($causes) > 1 ? 1 : 0;
            $supplies += in_array('supply', array_column($causes, 1), true) ? 1 : 0;
        }
        // Three standard deviations of a count of 40 at 15 % are 6.8; supplies are in about one job of six.
        $this->assertEqualsWithDelta(6, $doubles, 6);
        $this->assertEqualsWithDelta(6.5, $supplies, 6.5);
    }

    public function test_no_fault_is_seen_once_all_parts_were_replaced(): void
    {
        $machine = (new FriendlyWorld(Bench::catalogue()))->machine(Draw::from('each replaced'));
        $this->assertFalse($machine->isSound());
        foreach (array_keys($machine->machine()->parts) as $part) {
            for ($i = 0; $i < 6; $i++) {
                $machine->fit($part);
            }
        }
        $this->assertTrue($machine->isSound());
        $this->assertNull(Play::failsAtOwner($machine));
        $this->assertContains($machine->start(new SetUp)['reached'], ['stays', 'dark', 'nothing']);
    }

    public function test_the_hard_world_has_causes_that_are_in_no_catalogue(): void
    {
        $world = new HardWorld(Bench::catalogue(), 0.15);
        $unheard = 0;
        for ($i = 0; $i < 100; $i++) {
            $unheard += $world->machine(Draw::from("hard {$i}"))->causes()[0][0] === 'unheard-of' ? 1 : 0;
        }
        $this->assertGreaterThan(0, $unheard);
        $this->assertLessThan(20, $unheard);
        $this->assertContains((new Simulation(Bench::catalogue(), 'hard', world: Simulation::HARD))->play(0, 'planner')->end, [
            'finished',
            'handed-on',
            'given-up',
        ]);
    }

    public function test_a_perturbed_catalogue_stays_within_its_factor(): void
    {
        $perturbed = Perturbed::catalogue(Bench::catalogue(), 3.0, Draw::from('perturbed'));
        $changed = 0;
        foreach (Bench::catalogue()->faults as $fault) {
            $ratio = $perturbed->fault($fault->id)->prior / $fault->prior;
            $this->assertGreaterThan(1 / 3.001, $ratio);
            $this->assertLessThan(3.001, $ratio);
            $changed += abs($ratio - 1.0) > 0.1 ? 1 : 0;
        }
        $this->assertGreaterThan(60, $changed);
        $this->assertLessThanOrEqual(0.5, $perturbed->number('record_noise'));
    }

    public function test_figures_add_up(): void
    {
        $of = fn (bool $sound, array $wrong, float $minutes, array $stated): Result => new Result(
            policy: 'planner',
            causes: [['cpu-dead', 'processor']],
            end: 'finished',
            sound: $sound,
            wrongParts: $wrong,
            wrongly: [],
            minutes: $minutes,
            lent: 1,
            harmed: 0,
            entries: 5,
            stated: $stated,
            bound: 25.0,
            comebacks: 0,
        );
        $results = [
            $of(true, [], 40.0, [[0.97, true, 'processor']]),
            $of(true, ['card'], 60.0, [[0.96, false, 'card']]),
            $of(false, [], 80.0, []),
            $of(true, [], 20.0, [[0.02, false, 'drive']]),
        ];
        $tally = Figures::of($results);
        $this->assertSame(['mean' => 50.0, 'median' => 60.0, 'p90' => 80.0], $tally['minutes']);
        $this->assertSame([0.5, 0.75, 0.25], [$tally['right']['share'], $tally['sound']['share'], $tally['wrong_part_replaced']['share']]);
        $this->assertSame(
            ['from' => 0.95, 'to' => 0.99, 'entries' => 2, 'stated' => 0.965, 'true' => 0.5, 'low' => 0.0, 'high' => 1.0],
            $tally['calibration'][1],
        );
        $this->assertSame(25.0, Figures::bound($results));
        $half = array_map(fn (Result $r): Result => $of(true, [], $r->minutes / 2, []), $results);
        $this->assertSame(['ratio' => 0.5, 'low' => 0.5, 'high' => 0.5], Figures::ratio($half, $results));
    }

    public function test_misread_entries_and_false_alarms_are_counted_apart(): void
    {
        $of = fn (array $misread, array $named, array $proved = [], bool $unfit = false): Result => new Result(
            policy: 'planner',
            causes: [['cpu-dead', 'processor']],
            end: 'finished',
            sound: true,
            wrongParts: [],
            wrongly: [],
            minutes: 40.0,
            lent: 0,
            harmed: 0,
            entries: 9,
            stated: [],
            bound: 25.0,
            comebacks: 0,
            misread: $misread,
            named: $named,
            provedWrongly: $proved,
            saidNotToFit: $unfit,
        );
        $tally = Figures::of([$of([3, 5], [5, 7], [], true), $of([4], [], ['card']), $of([], [6], [], true), $of([], [], [], true)]);
        $this->assertSame([2, 1.0], [$tally['said_not_to_fit']['all'], $tally['said_not_to_fit']['share']]);
        $this->assertSame([3, 0.3333], [$tally['misread_named']['all'], $tally['misread_named']['share']]);
        $this->assertSame([2, 0.5], [$tally['false_alarms']['all'], $tally['false_alarms']['share']]);
        $this->assertSame(0.25, $tally['proved_wrongly']['share']);
        $none = Figures::of([$of([3], [])]);
        $this->assertSame(['all' => 0, 'share' => 0.0, 'low' => 0.0, 'high' => 1.0], $none['false_alarms']);
    }

    public function test_what_is_said_to_be_misread_is_what_the_machine_did_not_show(): void
    {
        $misread = 0;
        $draw = fn (int $job): Draw => Draw::from("misread {$job}");
        foreach ([new CircuitWorld(Bench::catalogue()), new StoryWorld(Bench::catalogue())] as $world) {
            $before = $misread;
            for ($job = 0; $job < 60; $job++) {
                $hidden = $world->machine($draw($job));
                for ($start = 0; $start < 8; $start++) {
                    $hidden->start(new SetUp);
                    $misread += $hidden->wasMisread() ? 1 : 0;
                }
            }
            // About one start in eighty is, by either world's own rates.
            $this->assertGreaterThan(0, $misread - $before);
            $this->assertLessThan(24, $misread - $before);
        }
    }

    public function test_what_cannot_be_played_is_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new Simulation(Bench::catalogue(), 'x', perturb: 0.5);
    }
}
