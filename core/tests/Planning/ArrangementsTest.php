<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Planning\Arrangements;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Tests\Support\PlainEnumeration;
use PHPUnit\Framework\TestCase;

/** Sticks and slots: what is still possible, and the arrangement that splits it best, against going through every state by hand. */
final class ArrangementsTest extends TestCase
{
    private const STOPS = ['kind' => 'start', 'reached' => 'dark', 'waited' => 180, 'signs' => ['lamp' => 'memory', 'beeps' => 'memory']];

    public function test_one_stick_in_every_slot_and_two_in_their_order_are_gone_through_once(): void
    {
        $cases = [
            [['A2', 'B2'], ['A2', 'B2']],
            [['A1', 'A2', 'B1', 'B2'], ['A2', 'B2']],
            [['A1', 'A2', 'B1', 'B2'], ['A1', 'A2', 'B1', 'B2']],
        ];
        foreach ($cases as [$slots, $sticks]) {
            $all = array_map(fn ($setUp): string => $setUp->key(), Arrangements::all($this->machine($slots, $sticks)));
            [$n, $m] = [count($sticks), count($slots)];
            $this->assertCount($n * $m + intdiv($n * ($n - 1), 2) * intdiv($m * ($m - 1), 2), $all);
            $this->assertSame(count($all), count(array_unique($all)));
        }
    }

    public function test_what_it_is_expected_to_tell_is_what_a_plain_enumeration_gives(): void
    {
        [$replay, $record] = $this->replay([self::STOPS]);
        $best = Arrangements::of(Catalogue::shipped(), $replay, $record)->best ?? [];
        $this->assertNotSame([], $best);
        $memory = Catalogue::shipped()->stageIndex('memory');
        foreach ($best as $arrangement) {
            [$bits, $passes] = PlainEnumeration::of(
                $replay,
                $arrangement->setUp,
                $memory,
                fn (Mode $mode): ?string => match (true) {
                    $mode->channel !== null => "channel {$mode->channel} {$mode->part}",
                    in_array($replay->model->machine->part($mode->part)->kind->id, ['stick', 'slot', 'kit'], true) => $mode->part,
                    default => null,
                },
            );
            $this->assertEqualsWithDelta($bits, $arrangement->bits, 1e-9);
            $this->assertEqualsWithDelta($passes, $arrangement->passes, 1e-9);
        }
    }

    public function test_each_works_alone_and_not_together_is_no_bad_stick(): void
    {
        $alone = fn (string $in, string $out): array => [
            'kind' => 'start',
            'reached' => 'stays',
            'times' => 3,
            'setup' => ['out' => [$out]],
        ];
        [$replay, $record] = $this->replay([
            self::STOPS,
            $alone('stick-1', 'stick-2'),
            self::STOPS,
            $alone('stick-2', 'stick-1'),
            self::STOPS,
        ]);
        $possible = Arrangements::of(Catalogue::shipped(), $replay, $record)->possible ?? [];
        $this->assertSame('Sticks together', array_key_first($possible));
        $this->assertLessThan(0.06, ($possible['Stick 1'] ?? 0.0) + ($possible['Stick 2'] ?? 0.0));
    }

    public function test_a_stick_that_fails_in_every_slot_is_left_alone_on_the_list(): void
    {
        $only = fn (string $slot): array => [
            ...self::STOPS,
            'setup' => array_filter(['out' => ['stick-2'], 'moved' => $slot === 'slot-A2' ? [] : ['stick-1' => $slot]]),
        ];
        $other = [
            'kind' => 'start',
            'reached' => 'stays',
            'times' => 2,
            'setup' => ['out' => ['stick-1'], 'moved' => ['stick-2' => 'slot-A2']],
        ];
        [$replay, $record] = $this->replay([self::STOPS, $only('slot-A2'), $only('slot-B2'), $other]);
        $possible = Arrangements::of(Catalogue::shipped(), $replay, $record)->possible ?? [];
        $this->assertSame('Stick 1', array_key_first($possible));
        $this->assertGreaterThan(0.7, reset($possible));
    }

    public function test_where_memory_is_no_question_there_is_none(): void
    {
        [$replay, $record] = $this->replay([['kind' => 'start', 'reached' => 'stays', 'times' => 6]]);
        $this->assertNull(Arrangements::of(Catalogue::shipped(), $replay, $record));
        [$replay, $record] = $this->replay([self::STOPS], ['A1'], ['A1']);
        $this->assertNull(Arrangements::of(Catalogue::shipped(), $replay, $record), 'one slot cannot be arranged');
    }

    /**
     * @param  list<array<string, mixed>>  $written
     * @param  list<string>  $slots
     * @param  list<string>  $sticks
     *
     * @return array{Replay, Record}
     */
    private function replay(array $written, array $slots = ['A2', 'B2'], array $sticks = ['A2', 'B2']): array
    {
        $machine = $this->machine($slots, $sticks);
        $reader = new EntryReader(Catalogue::shipped(), $machine);
        $record = new Record(array_map(fn (int $i, array $row) => $reader->read($i + 1, $row), array_keys($written), $written));

        return [(new Adviser(Catalogue::shipped(), $machine, Shelf::wellStocked(Catalogue::shipped())))->replay($record), $record];
    }

    /**
     * @param  list<string>  $slots
     * @param  list<string>  $sticks
     */
    private function machine(array $slots, array $sticks): Machine
    {
        return Machine::fromArray(
            [
                'model' => 'Heron T2',
                'memory' => ['slots' => $slots, 'sticks' => $sticks],
                'card' => true,
                'drives' => 1,
                'facts' => ['status_lamps' => true, 'speaker' => true],
            ],
            Catalogue::shipped(),
        );
    }
}
