<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Faults that show only under a condition: how often each then stops a start. */
final class ConditionsTest extends TestCase
{
    private const MACHINE = [
        'memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A2', 'B2']],
        'add_in' => true,
        'facts' => ['own_graphics' => true],
    ];

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> */
    public static function conditions(): iterable
    {
        yield 'sticks that clash' => ['kit-clash', [], ['out' => ['stick-2']]];
        yield 'one output dead' => ['output-dead', [], ['output' => 'other']];
        yield 'lead in the wrong output' => ['video-misplaced', [], ['output' => 'other']];
        yield 'a card slot, card in another' => ['card-slot-dead', [], ['moved' => ['card' => 'second']]];
        yield 'a stuck reset, out of the case' => ['reset-held', [], ['place' => 'bench']];
        yield 'own graphics, with a card in' => ['cpu-graphics', ['out' => ['card']], []];
        yield 'a device from outside' => ['device-shorts', [], ['out' => ['devices']]];
        yield 'another card' => ['add-in-hangs', [], ['out' => ['add-in']]];
        yield 'a drive that shorts' => ['drive-shorts', [], ['out' => ['drive']]];
        yield 'a supply that fails cold' => ['supply-cold', ['temperature' => 'cold'], ['temperature' => 'warm']];
        yield 'a cooler, run at work' => ['cooler-loose', ['goal' => 'load'], ['temperature' => 'cold']];
        yield 'case fans, run for hours' => ['case-fans-stopped', ['goal' => 'hours'], []];
    }

    /**
     * @param  array<string, mixed>  $shows  set-up under which it shows
     * @param  array<string, mixed>  $hides  set-up under which it does not, or far less
     */
    #[DataProvider('conditions')]
    public function test_it_shows_under_its_condition_and_not_without(string $fault, array $shows, array $hides): void
    {
        $this->assertGreaterThan(0.5, $this->hazard($fault, $shows));
        $this->assertLessThan(0.25 * $this->hazard($fault, $shows), $this->hazard($fault, $hides) + 1e-9);
    }

    public function test_a_dead_channel_stops_what_sits_in_it_and_nothing_else(): void
    {
        $model = Bench::replay([], self::MACHINE)->model;
        $onlyB = $model->hazards(SetUp::fromArray(['out' => ['stick-1']]), []);
        foreach ($model->modes->all as $i => $mode) {
            if ($mode->channel !== null) {
                $this->assertSame($mode->channel === 'B', isset($onlyB[$i]), "{$mode->fault->id} {$mode->channel}");
            }
        }
    }

    public function test_what_is_wrong_at_the_owners_place_never_stops_a_start_in_the_shop(): void
    {
        $this->assertSame(0.0, $this->hazard('socket-dead', []));
        $told = Bench::replay([['kind' => 'report', 'reached' => 'nothing'], ['kind' => 'start', 'reached' => 'stays', 'times' => 4]]);
        $only = Bench::replay([['kind' => 'start', 'reached' => 'stays', 'times' => 4]]);
        $this->assertGreaterThan(3 * Bench::suspicion($only, 'wall-socket'), Bench::suspicion($told, 'wall-socket'));
    }

    public function test_two_sticks_that_work_alone_and_not_together_are_called_a_clash_and_not_a_bad_stick(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']];
        $alone = fn (string $out): array => ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => [$out]]];
        $assessment = Bench::assess(
            [$dark, $alone('stick-2'), $alone('stick-1'), $dark, $alone('stick-2'), $dark],
            ['facts' => ['status_lamps' => true]],
        );
        $this->assertGreaterThan(0.5, $assessment->standings['kit']->probability);
        foreach (['stick-1', 'stick-2'] as $stick) {
            $this->assertLessThan(0.2, $assessment->standings[$stick]->probability);
            $this->assertNotSame('condemned', $assessment->standings[$stick]->standing->value);
        }
    }

    /** @param  array<string, mixed>  $setUp */
    private function hazard(string $fault, array $setUp): float
    {
        $model = Bench::replay([], self::MACHINE)->model;
        $hazards = $model->hazards(SetUp::fromArray($setUp), []);
        foreach ($model->modes->all as $i => $mode) {
            if ($mode->fault->id === $fault) {
                return $hazards[$i] ?? 0.0;
            }
        }
        $this->fail("{$fault} is not in this machine");
    }
}
