<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Simulation\HardMachine;
use Orthoscope\Core\Simulation\Play;
use Orthoscope\Core\Simulation\Trouble;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A machine of the hard world obeys set-ups and cures as any machine does; only its chances are its own. */
final class HardMachineTest extends TestCase
{
    public function test_it_stops_and_a_part_out_that_is_at_fault_lets_it_pass(): void
    {
        $machine = $this->machine('drive-shorts');
        $this->assertGreaterThanOrEqual(16, $this->stops($machine, []));
        $this->assertSame([['drive-shorts', 'drive']], $machine->causes());
        $this->assertSame(['drive' => true], $machine->atFault());
        $out = array_map(fn (): string => $machine->start(SetUp::fromArray(['out' => ['drive']]))['reached'], range(1, 20));
        $this->assertGreaterThanOrEqual(15, count(array_keys($out, 'no-drive', true)));
    }

    public function test_its_act_cures_another_does_not_and_a_cure_is_for_good(): void
    {
        $machine = $this->machine('settings-bad');
        $machine->act('repaste', ['cooler']);
        $machine->act('clear-settings', ['cell']);
        $this->assertFalse($machine->isSound());
        for ($i = 0; $i < 5; $i++) {
            $machine->act('clear-settings', ['settings']);
        }
        $this->assertTrue($machine->isSound());
        $this->assertNull(Play::failsAtOwner($machine));
        $this->assertSame(['settings' => true], $machine->atFault());
    }

    public function test_a_new_board_takes_what_the_board_carries_with_it(): void
    {
        for ($seed = 0; $seed < 8; $seed++) {
            $machine = $this->machine('slot-dead', "board {$seed}");
            $machine->fit('board');
            $good[] = $machine->isSound();
        }
        $this->assertGreaterThanOrEqual(6, count(array_filter($good)));
    }

    public function test_a_cause_in_no_catalogue_is_cured_by_no_act(): void
    {
        $machine = $this->withTroubles([Trouble::unheardOf('board', Draw::from('unheard'))], 'unheard');
        foreach (Bench::catalogue()->acts as $act) {
            $machine->act($act->id, ['board']);
        }
        $this->assertFalse($machine->isSound());
        $this->assertSame('unheard-of', $machine->causes()[0][0]);
        $this->assertNotNull(Play::failsAtOwner($machine));
        for ($i = 0; $i < 5; $i++) {
            $machine->fit('board');
        }
        $this->assertTrue($machine->isSound());
    }

    public function test_moving_a_loose_part_may_cure_it(): void
    {
        $machine = $this->machine('card-unseated');
        for ($i = 0; $i < 3; $i++) {
            $machine->start(SetUp::fromArray($i % 2 === 0 ? ['out' => ['card']] : []));
        }
        $this->assertTrue($machine->isSound());
    }

    public function test_an_intermittent_fault_has_a_rate_of_its_own(): void
    {
        $rates = [];
        foreach (range(1, 12) as $seed) {
            $rates[] = $this->stops($this->machine('board-flaky', "rate {$seed}"), []);
        }
        $this->assertGreaterThan(5, max($rates) - min($rates));
        $this->assertGreaterThan(4, count(array_unique($rates)));
    }

    /** @param  array<string, mixed>  $setUp */
    private function stops(HardMachine $machine, array $setUp): int
    {
        return count(array_filter(range(1, 20), fn (): bool => $machine->start(SetUp::fromArray($setUp))['reached'] !== 'stays'));
    }

    private function machine(string $fault, string $seed = 'one'): HardMachine
    {
        $model = $this->model();
        foreach ($model->modes->all as $mode) {
            if ($mode->fault->id === $fault) {
                return $this->withTroubles([Trouble::after($mode, Bench::catalogue()->stageCount(), Draw::from($seed))], $seed);
            }
        }
        $this->fail("no {$fault}");
    }

    /** @param  list<Trouble>  $troubles */
    private function withTroubles(array $troubles, string $seed): HardMachine
    {
        return new HardMachine($this->model(), $troubles, Draw::from("machine {$seed}"));
    }

    private function model(): StartModel
    {
        $machine = Machine::fromArray(['facts' => ['own_graphics' => true, 'status_lamps' => true]], Bench::catalogue());

        return new StartModel($machine, Bench::catalogue(), Modes::of($machine, Bench::catalogue(), []));
    }
}
