<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Electrical;

use InvalidArgumentException;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\Electrical\Limit;
use Orthoscope\Core\Electrical\Meter;
use Orthoscope\Core\Electrical\RailOrder;
use Orthoscope\Core\Electrical\RailState;
use Orthoscope\Core\Electrical\ResistorMarking;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Readings as they are made at the bench: how far the meter may be off, values held against each other, rails in their order, and what a
 * reading's own set-up leaves of it.
 */
final class ReadingTest extends TestCase
{
    /**
     * The range the meter leaves open is cut by the limit; the share inside is counted by hand (rectangular, JCGM 100:2008 4.3.7, from
     * memory).
     */
    public function test_near_a_limit_the_meter_leaves_it_open(): void
    {
        $meter = Meter::fromRows([Row::of(['unit' => 'V', 'share' => 0.0, 'step' => 0.1], 'a meter')]);
        $nominal = ['at' => 12.0, 'low' => 11.4, 'high' => 12.6, 'source' => 's'];
        $limit = Limit::fromRow(
            Row::of(['id' => 'rail', 'values' => [['id' => 'v', 'name' => 'v', 'unit' => 'V', 'nominals' => [$nominal]]]], 'a limit'),
        );
        $cases = [
            [12.0, true, 1.0],
            [11.45, true, 0.75],
            [11.4, true, 0.5],
            [11.35, false, 0.75],
            [11.2, false, 1.0],
            [12.65, false, 0.75],
        ];
        foreach ($cases as [$value, $passes, $sure]) {
            $judgement = Judgement::of($limit, ['v' => $value], $meter);
            $this->assertSame($passes, $judgement->passes(), (string) $value);
            $this->assertEqualsWithDelta($sure, $judgement->sureness(), 1e-9, (string) $value);
        }
        $this->assertSame(1.0, Judgement::of($limit, ['v' => 11.4])->sureness(), 'a meter that is never off');
    }

    /** Pairs of data lines are equal to each other (common practice, no source); only pairs that were measured count. */
    public function test_pairs_are_held_against_each_other(): void
    {
        $limit = Bench::catalogue()->limits['data-lines'];
        $this->assertTrue(Judgement::of($limit, ['a1' => 450.0, 'b1' => 455.0])->passes());
        $this->assertFalse(Judgement::of($limit, ['a1' => 450.0, 'b1' => 455.0, 'a2' => 450.0, 'b2' => 510.0])->passes());
        $this->assertTrue(Judgement::of($limit, ['a1' => 450.0])->isEmpty());
    }

    /** The rise over the room is judged, not the degrees: 31 in a room of 22 is good, 46 is not (common practice, no source). */
    public function test_a_temperature_is_judged_over_the_room(): void
    {
        $limit = Bench::catalogue()->limits['temperature'];
        $this->assertTrue(Judgement::of($limit, ['hot' => 31.0, 'room' => 22.0])->passes());
        $this->assertFalse(Judgement::of($limit, ['hot' => 46.0, 'room' => 22.0])->passes());
        $this->assertTrue(Judgement::of($limit, ['hot' => 46.0, 'room' => 33.0])->passes());
        $this->assertSame(
            ['hot' => 46.0, 'room' => 33.0, 'rise' => 13.0],
            Judgement::of($limit, ['hot' => 46.0, 'room' => 33.0])->values(),
        );
    }

    /** Published or common values of the bench that must pass, and some that must not. */
    public function test_values_known_from_the_trade(): void
    {
        $passes = fn (string $limit, array $values): bool => Judgement::of(Bench::catalogue()->limits[$limit], $values)->passes();
        $this->assertTrue($passes('running-current', ['amps' => 1.9]), 'common practice, no source: 1.8 to 2 A');
        $this->assertTrue(
            $passes('card-current', ['amps' => 1.3]) && $passes('card-current', ['amps' => 1.6]),
            'common practice, no source',
        );
        $this->assertTrue($passes('card-clock', ['clock' => 27.0]), 'common practice, no source: 27 MHz');
        $this->assertFalse($passes('card-clock', ['clock' => 25.0]));
        $this->assertTrue($passes('slot-clock', ['clock' => 100.0]), 'PCI Express CEM: 100 MHz, from memory');
        $this->assertTrue(
            $passes('firmware-supply', ['volts' => 1.8]) && $passes('firmware-supply', ['volts' => 3.3]),
            'common practice, no source',
        );
        $this->assertFalse($passes('firmware-supply', ['volts' => 2.5]));
        $this->assertTrue(
            $passes('card-rails', ['v12' => 4000.0, 'v33' => 270.0, 'v18' => 800.0, 'pcie' => 90.0, 'v5' => 1200.0, 'memory' => 70.0]),
            'common practice, no source; a card with 270 ohms on 3.3 V still ran',
        );
    }

    public function test_a_later_rail_speaks_for_the_earlier_ones_only_with_every_plug_in(): void
    {
        $limit = Bench::catalogue()->limits['card-rails-live'];
        $judged = Judgement::of($limit, ['pcie' => 0.95])->judged;
        $this->assertSame(
            ['core' => RailState::TakenAsUp, 'memory' => RailState::TakenAsUp, 'pcie' => RailState::Up],
            RailOrder::states($limit->order, $judged, true),
        );
        $this->assertSame(
            ['core' => RailState::Unknown, 'memory' => RailState::Unknown, 'pcie' => RailState::Up],
            RailOrder::states($limit->order, $judged, false),
        );
        $judged = Judgement::of($limit, ['memory' => 0.1])->judged;
        $this->assertSame(
            ['core' => RailState::Unknown, 'memory' => RailState::Down, 'pcie' => RailState::Unknown],
            RailOrder::states($limit->order, $judged, true),
        );
    }

    /**
     * IEC 60062 letter codes; three and four digits; the two-digit code by the E96 series of IEC 60063. From memory.
     *
     * @return iterable<string, array{string, float}>
     */
    public static function markings(): iterable
    {
        foreach (
            [
                '5R1' => 5.1,
                '4k7' => 4700.0,
                'R47' => 0.47,
                '473' => 47000.0,
                '220' => 22.0,
                '4702' => 47000.0,
                '1000' => 100.0,
                '0' => 0.0,
                '000' => 0.0,
                '01A' => 100.0,
                '01C' => 10000.0,
                '68X' => 49.9,
                '96B' => 9760.0,
                '25B' => 1780.0,
            ] as $printed => $ohms
        ) {
            yield (string) $printed => [(string) $printed, $ohms];
        }
    }

    #[DataProvider('markings')]
    public function test_what_is_printed_on_a_resistor(string $printed, float $ohms): void
    {
        $this->assertEqualsWithDelta($ohms, ResistorMarking::parse($printed), 1e-6 * max(1.0, $ohms));
    }

    public function test_what_is_not_printed_on_a_resistor(): void
    {
        foreach (['', 'abc', '97A', '00A', '4k7k'] as $printed) {
            try {
                ResistorMarking::parse($printed);
                $this->fail("\"{$printed}\" was read");
            } catch (InvalidArgumentException $mistake) {
                $this->assertStringContainsString('as printed', $mistake->getMessage());
            }
        }
    }

    public function test_a_resistor_is_held_against_what_is_printed_on_it(): void
    {
        $limit = Bench::catalogue()->limits['resistor'];
        $this->assertTrue(Judgement::of($limit, ['printed' => 5.1, 'measured' => 5.3])->passes());
        $this->assertFalse(Judgement::of($limit, ['printed' => 5.1, 'measured' => 0.2])->passes());
        // Up by its tolerance at the most; down by a fifth, for what lies beside it.
        $this->assertTrue(Judgement::of($limit, ['printed' => 1000.0, 'measured' => 1049.0])->passes());
        $this->assertFalse(Judgement::of($limit, ['printed' => 1000.0, 'measured' => 1060.0])->passes());
        $this->assertTrue(Judgement::of($limit, ['printed' => 1000.0, 'measured' => 805.0])->passes());
        $this->assertFalse(Judgement::of($limit, ['printed' => 1000.0, 'measured' => 790.0])->passes());
    }

    public function test_only_half_of_what_is_held_against_each_other_cannot_be_judged(): void
    {
        $this->expectException(CaseMistake::class);
        $this->expectExceptionMessage('type the value it is held against too');
        Bench::case([['kind' => 'finding', 'check' => 'temperature', 'values' => ['hot' => 46.0]]]);
    }

    public function test_a_reading_weighs_by_what_is_said_of_its_set_up_and_can_be_taken_back(): void
    {
        $p = fn (array ...$more): float => Bench::assess([['kind' => 'start', 'reached' => 'dark', 'waited' => 180], ...$more])->standings[
            'board'
        ]->probability;
        $reading = fn (array $checked): array => [
            'kind' => 'finding',
            'check' => 'standby-current',
            'values' => ['amps' => 3.0],
            'checked' => $checked,
        ];
        $none = $p();
        $yes = $p($reading(['meter' => 'yes', 'plugs' => 'yes']));
        $unknown = $p($reading(['meter' => 'unknown', 'plugs' => 'unknown']));
        $no = $p($reading(['meter' => 'no', 'plugs' => 'no']));
        $this->assertGreaterThan($none, $no);
        $this->assertGreaterThan($no, $unknown);
        $this->assertGreaterThan($unknown, $yes);
        $this->assertEqualsWithDelta($yes, $p($reading([])), 1e-12, 'where nothing was asked nothing is doubted');
        $this->assertEqualsWithDelta(
            $none,
            $p($reading(['meter' => 'yes', 'plugs' => 'yes']), ['kind' => 'strike-out', 'entry' => 2, 'text' => 'riser without its host']),
            1e-12,
        );
    }

    public function test_a_reading_believed_less_than_half_proves_and_condemns_nothing(): void
    {
        $standing = fn (array $checked): string => Bench::assess([
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail', 'checked' => $checked],
        ])->standings['supply']->standing->value;
        $this->assertSame('condemned', $standing(['tester' => 'yes']));
        $this->assertNotSame('condemned', $standing(['tester' => 'no']));
    }

    public function test_a_value_on_the_limit_moves_belief_hardly(): void
    {
        $p = fn (float $volts): float => Bench::assess([
            ['kind' => 'start', 'reached' => 'twitch'],
            ['kind' => 'finding', 'check' => 'rails-running', 'values' => ['v12' => $volts]],
        ])->standings['supply']->probability;
        $none = Bench::assess([['kind' => 'start', 'reached' => 'twitch']])->standings['supply']->probability;
        $this->assertGreaterThan(abs($p(11.4) - $none), abs($p(10.2) - $none));
        $this->assertGreaterThan($p(11.4), $p(11.2));
        $this->assertGreaterThan($p(12.0), $p(11.4));
    }

    public function test_what_was_doubted_is_on_the_entry(): void
    {
        $case = Bench::case([
            [
                'kind' => 'finding',
                'check' => 'supply-test',
                'values' => ['v12' => 11.42, 'v5' => 5.0, 'v33' => 3.3, 'v5sb' => 5.0],
                'checked' => ['tester' => 'unknown'],
            ],
        ]);
        $finding = $case->record->all(Finding::class)[0];
        $this->assertSame(0.7, $finding->believed);
        $words = (new \Orthoscope\Core\Words\EntryWords($case->machine, Bench::catalogue()))->outcome($finding);
        $this->assertStringContainsString('within what the meter may be off: 65 % sure', $words);
        $this->assertStringContainsString('believed 70 % by its set-up', $words);
    }

    public function test_a_meter_that_was_tried_is_believed_more_than_one_that_nobody_asked_about(): void
    {
        $read = ['kind' => 'finding', 'check' => 'cell-reading', 'values' => ['volts' => 2.1]];
        $of = fn (array $checked): Assessment => Bench::assess([
            ['kind' => 'report', 'reached' => 'stays'],
            ['kind' => 'start', 'reached' => 'stays'],
            $read + ['checked' => $checked],
        ]);
        $cell = array_map(
            fn (array $checked): float => $of($checked)->standings['cell']->probability,
            ['no' => ['meter' => 'no'], 'asked' => [], 'yes' => ['meter' => 'yes']],
        );
        $this->assertGreaterThan($cell['no'], $cell['asked']);
        $this->assertGreaterThan($cell['asked'] + 0.1, $cell['yes']);
        $this->assertSame(3, $of([])->surprise->entry, 'So rare a find is made again first.');
        $this->assertNull($of(['meter' => 'yes'])->surprise->entry, 'What was made sure of is no slip.');
        $letter = (new LetterWriter(Bench::catalogue()))->write($of([]))->text();
        $this->assertStringNotContainsString('does not fit', $letter, 'A flat cell explains it.');
    }
}
