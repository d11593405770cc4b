<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What takes part in a start, what stops it by being out, and what is moved on the way. */
final class StartModelTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, bool}> */
    public static function uses(): iterable
    {
        $lent = fn (string $part): array => ['lent' => [$part => ['tag' => 'X', 'trust' => 1]]];
        yield 'all as it came' => [[], 'board', true];
        yield 'a lent supply stands in' => [$lent('supply'), 'supply', false];
        yield 'a slot with its stick' => [[], 'slot-A2', true];
        yield 'a slot whose stick is out' => [['out' => ['stick-1']], 'slot-A2', false];
        yield 'a slot with a lent stick' => [$lent('stick-1'), 'slot-A2', true];
        yield 'a slot a stick was moved to' => [['out' => ['stick-2'], 'moved' => ['stick-1' => 'slot-B2']], 'slot-B2', true];
        yield 'the slot it left' => [['out' => ['stick-2'], 'moved' => ['stick-1' => 'slot-B2']], 'slot-A2', false];
        yield 'a lent card sits in the card slot' => [$lent('card'), 'card-slot', true];
        yield 'but has no plug' => [$lent('card'), 'card-plug', false];
        yield 'nothing in the card slot' => [['out' => ['card']], 'card-slot', false];
        yield 'a lent drive has another system' => [$lent('drive'), 'system', false];
        yield 'the lead serves it all the same' => [$lent('drive'), 'drive-lead', true];
        yield 'the button is not used by the pins' => [['start_by' => 'pins'], 'panel', false];
        yield 'the case is not used on the mat' => [['place' => 'bench'], 'case', false];
    }

    /** @param  array<string, mixed>  $setUp */
    #[DataProvider('uses')]
    public function test_what_takes_part(array $setUp, string $part, bool $used): void
    {
        $this->assertSame($used, $this->model()->uses($part, SetUp::fromArray($setUp)));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>, string}> */
    public static function cuts(): iterable
    {
        yield 'nothing out' => [[], [], 'none'];
        yield 'one stick of two' => [[], ['stick-1'], 'none'];
        yield 'all memory' => [[], ['stick-1', 'stick-2'], 'memory'];
        yield 'the card' => [[], ['card'], 'graphics'];
        yield 'the card, with a picture of its own' => [['facts' => ['own_graphics' => true]], ['card'], 'none'];
        yield 'the drive' => [[], ['drive'], 'drive'];
        yield 'the processor and the drive' => [[], ['processor', 'drive'], 'firmware'];
    }

    /**
     * @param  array<string, mixed>  $machine
     * @param  list<string>  $out
     */
    #[DataProvider('cuts')]
    public function test_what_is_out_of_reach(array $machine, array $out, string $stop): void
    {
        $this->assertSame($stop, Bench::catalogue()->stopId($this->model($machine)->cut(SetUp::fromArray(['out' => $out]))));
    }

    public function test_moving_reseats_what_is_touched(): void
    {
        $model = $this->model();
        $this->assertEqualsCanonicalizing(
            ['supply', 'main-plug', 'cpu-plug', 'card-plug', 'wall-lead'],
            array_keys($model->disturbed(new SetUp, SetUp::fromArray(['lent' => ['supply' => ['tag' => 'S', 'trust' => 1]]]))),
        );
        $this->assertEqualsCanonicalizing(
            ['stick-1', 'slot-A2'],
            array_keys($model->disturbed(new SetUp, SetUp::fromArray(['out' => ['stick-1']]))),
        );
        $this->assertArrayHasKey('card-slot', $model->disturbed(new SetUp, SetUp::fromArray(['place' => 'bench'])));
        $this->assertSame([], $model->disturbed(new SetUp, SetUp::fromArray(['temperature' => 'cold'])));
    }

    public function test_conditions_decide_how_often_a_fault_stops_a_start(): void
    {
        $model = $this->model();
        $hazard = function (string $fault, array $setUp) use ($model): float {
            foreach ($model->hazards(SetUp::fromArray($setUp), []) as $mode => $share) {
                if ($model->modes->all[$mode]->fault->id === $fault) {
                    return $share;
                }
            }

            return 0.0;
        };
        $this->assertGreaterThan(0.9, $hazard('case-short', []));
        $this->assertSame(0.0, $hazard('case-short', ['place' => 'bench']));
        $this->assertSame(0.0, $hazard('button-dead', ['start_by' => 'pins']));
        $this->assertLessThan(0.1, $hazard('reset-held', ['place' => 'bench', 'start_by' => 'pins']));
        $this->assertSame(0.0, $hazard('case-short', ['lent' => ['board' => ['tag' => 'B-1']]]), 'Another board is tried beside the case.');
        $this->assertGreaterThan(5 * $hazard('board-cold', ['temperature' => 'warm']), $hazard('board-cold', ['temperature' => 'cold']));
        $this->assertSame(0.0, $hazard('card-dead', ['out' => ['card']]));
    }

    /** @param  array<string, mixed>  $machine */
    private function model(array $machine = []): StartModel
    {
        $machine = Machine::fromArray($machine, Bench::catalogue());

        return new StartModel($machine, Bench::catalogue(), Modes::of($machine, Bench::catalogue(), []));
    }
}
