<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Simulation\CatalogueMachine;
use Orthoscope\Core\Simulation\Luck;
use Orthoscope\Core\Simulation\Play;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class CatalogueMachineTest extends TestCase
{
    public function test_a_dead_supply_does_nothing_and_a_lent_one_starts_it(): void
    {
        $machine = $this->machine('supply-dead');
        $lent = SetUp::fromArray(['lent' => ['supply' => ['tag' => 'any-supply', 'trust' => 1.0]]]);
        $this->assertGreaterThanOrEqual(18, $this->timesReached($machine, new SetUp, 'nothing'));
        $this->assertGreaterThanOrEqual(18, $this->timesReached($machine, $lent, 'stays'));
        $this->assertSame(['supply' => true], array_intersect_key($machine->atFault(), ['supply' => true]));
    }

    public function test_a_new_part_ends_it(): void
    {
        $machine = $this->machine('supply-dead');
        $this->assertSame('nothing', Play::failsAtOwner($machine));
        for ($i = 0; $i < 8; $i++) {
            $machine->fit('supply');
        }
        $this->assertTrue($machine->isSound());
    }

    public function test_what_reseats_cures_and_an_act_cures_what_it_is_for(): void
    {
        $machine = $this->machine('settings-bad');
        $machine->act('repaste', ['cooler']);
        $this->assertFalse($machine->isSound());
        for ($i = 0; $i < 6; $i++) {
            $machine->act('clear-settings', ['settings']);
        }
        $this->assertTrue($machine->isSound());
    }

    public function test_a_look_finds_what_is_there_most_times(): void
    {
        $found = 0;
        for ($i = 0; $i < 20; $i++) {
            $found += $this->machine('pins-bent', "look {$i}")->look(Bench::catalogue()->check('look-socket'), null) === 'bent' ? 1 : 0;
        }
        $this->assertGreaterThanOrEqual(16, $found);
    }

    public function test_a_lamp_shows_the_same_stop_by_the_same_sign(): void
    {
        $machine = $this->machine('stick-dead');
        $lamps = [];
        for ($i = 0; $i < 20; $i++) {
            $lamps[] = $machine->start(new SetUp)['signs']['lamp'] ?? '';
        }
        $this->assertGreaterThanOrEqual(14, max(array_count_values($lamps)));
    }

    private function timesReached(CatalogueMachine $machine, SetUp $setUp, string $reached): int
    {
        return count(array_filter(range(1, 20), fn (): bool => $machine->start($setUp)['reached'] === $reached));
    }

    private function machine(string $fault, string $seed = 'one'): CatalogueMachine
    {
        $machine = Machine::fromArray(['facts' => ['status_lamps' => true]], Bench::catalogue());
        $modes = Modes::of($machine, Bench::catalogue(), CatalogueMachine::spares($machine));
        foreach ($modes->all as $i => $mode) {
            if ($mode->fault->id === $fault) {
                $model = new StartModel($machine, Bench::catalogue(), $modes);

                return new CatalogueMachine($model, [$i], 'none', Luck::asItComes(Draw::from($seed)));
            }
        }
        $this->fail("no {$fault}");
    }
}
