<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Practice\DeedMinutes;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Bench minutes of a deed: as the planner counts them, and for what it would not offer, its changes added up by hand. */
final class DeedMinutesTest extends TestCase
{
    private const START = ['kind' => 'start', 'reached' => 'dark'];

    private const LENT = ['tag' => 'any', 'trust' => 0.97];

    public function test_what_the_planner_offers_takes_what_the_planner_says(): void
    {
        $steps = Bench::catalogue()->steps;
        $this->assertSame($steps['start']->minutes, $this->of(self::START));
        $supply = ['lent' => ['supply' => ['tag' => 'any-supply', 'trust' => 0.97]]];
        $this->assertSame($steps['lend-supply']->minutes, $this->of(['setup' => $supply] + self::START, [self::START]));
        $this->assertSame($steps['bench']->minutes, $this->of(['setup' => ['place' => 'bench']] + self::START, [self::START]));
    }

    public function test_two_changes_at_once_take_both(): void
    {
        $steps = Bench::catalogue()->steps;
        $setUp = ['lent' => ['supply' => self::LENT, 'screen' => self::LENT]];
        $plain = $steps['start']->minutes;
        $this->assertSame(
            $plain + ($steps['lend-supply']->minutes - $plain) + ($steps['lend-screen']->minutes - $plain),
            $this->of(['setup' => $setUp] + self::START, [self::START]),
        );
    }

    public function test_a_condition_takes_its_time_and_bringing_back_none(): void
    {
        $catalogue = Bench::catalogue();
        $plain = $catalogue->steps['start']->minutes;
        $warm = ['setup' => ['temperature' => 'warm', 'goal' => 'hours', 'output' => 'other']] + self::START;
        $this->assertSame(
            (int) ($plain + 2 * $catalogue->number('load_minutes') + $catalogue->number('condition_minutes')),
            $this->of($warm, [self::START]),
        );
        $both = ['setup' => ['lent' => ['supply' => self::LENT, 'screen' => self::LENT]]] + self::START;
        $this->assertSame($plain, $this->of(self::START, [self::START, $both]), 'bringing back is in the minutes of lending');
    }

    public function test_a_look_and_an_act_take_theirs(): void
    {
        $catalogue = Bench::catalogue();
        $look = ['kind' => 'finding', 'check' => 'look-socket', 'result' => 'clear'];
        $this->assertSame($catalogue->steps['socket-glass']->minutes, $this->of($look));
        $this->assertSame($catalogue->act('repaste')->minutes, $this->of(['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']]));
        $this->assertSame(0, $this->of(['kind' => 'note', 'text' => 'seen']));
    }

    /**
     * @param  array<string, mixed>  $deed
     * @param  list<array<string, mixed>>  $before
     */
    private function of(array $deed, array $before = []): int
    {
        $catalogue = Bench::catalogue();
        $machine = Machine::fromArray(['facts' => ['own_graphics' => true]], $catalogue);
        $reader = new EntryReader($catalogue, $machine);
        $record = $reader->onto(new Record([]), $before);

        $minutes = new DeedMinutes($catalogue, $machine, $record, Shelf::wellStocked($catalogue));

        return $minutes->of($reader->read(count($before) + 1, $deed));
    }
}
