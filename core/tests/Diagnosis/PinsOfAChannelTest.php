<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Bent pins may take one memory channel with them and leave the rest: such a machine looks like one with a dead slot or a bad board. */
final class PinsOfAChannelTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['code' => 'memory']];

    private const STAYS = ['kind' => 'start', 'reached' => 'stays'];

    private const ONE_ALONE = ['setup' => ['out' => ['stick-2'], 'moved' => ['stick-1' => 'slot-B2']]];

    private const OTHER_ALONE = ['setup' => ['out' => ['stick-1'], 'moved' => ['stick-2' => 'slot-A2']]];

    private const STICK_IS_GOOD = ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-1', 'result' => 'works'];

    /** @param  array<string, mixed>  ...$then */
    private function after(array ...$then): Assessment
    {
        return Bench::assess([
            ['kind' => 'report', 'reached' => 'dark'],
            self::DARK, [...self::DARK, ...self::ONE_ALONE],
            [...self::STAYS, ...self::OTHER_ALONE], self::DARK, [...self::STAYS, ...self::OTHER_ALONE], self::DARK,
            self::STICK_IS_GOOD,
            ...array_values($then),
        ]);
    }

    private function now(Assessment $assessment, string $part): float
    {
        return $assessment->standings[$part]->now;
    }

    public function test_where_one_channel_is_dead_and_its_stick_good_the_socket_is_suspected(): void
    {
        $open = $this->after();
        $this->assertGreaterThan(0.1, $this->now($open, 'socket'));
        $this->assertGreaterThan($this->now($open, 'processor'), $this->now($open, 'socket'));
        $looks = array_filter($open->advice->steps, fn (NextStep $step): bool => $step->candidate->step->id === 'socket-glass');
        $this->assertCount(1, $looks);
    }

    public function test_a_look_settles_it_either_way(): void
    {
        $look = ['kind' => 'finding', 'check' => 'look-socket'];
        $this->assertGreaterThan(0.9, $this->now($this->after([...$look, 'result' => 'bent']), 'socket'));
        $clear = $this->after([...$look, 'result' => 'clear']);
        $this->assertLessThan(0.05, $this->now($clear, 'socket'));
        $this->assertGreaterThan(0.6, $this->now($clear, 'slot-B2') + $this->now($clear, 'board'));
    }

    public function test_both_channels_dead_are_hardly_two_such_faults(): void
    {
        $oneDead = [self::DARK, [...self::DARK, ...self::ONE_ALONE], [...self::STAYS, ...self::OTHER_ALONE], self::DARK];
        $bothDead = [self::DARK, [...self::DARK, ...self::ONE_ALONE], [...self::DARK, ...self::OTHER_ALONE], self::DARK];
        $this->assertGreaterThan(0.03, $this->ofPinsOfAChannel($oneDead));
        $this->assertLessThan(0.01, $this->ofPinsOfAChannel($bothDead));
    }

    /** @param  list<array<string, mixed>>  $starts */
    private function ofPinsOfAChannel(array $starts): float
    {
        $replay = Bench::replay($starts);
        $modes = array_filter($replay->model->modes->all, static fn (Mode $mode): bool => $mode->fault->id === 'pins-channel');
        $this->assertCount(2, $modes, 'one for each channel');

        return $replay->belief->hasAny($modes);
    }
}
