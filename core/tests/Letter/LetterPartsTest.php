<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Letter\Letter;
use Orthoscope\Core\Letter\LetterTerms;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What a letter says of limits, old parts, what was agreed, shown and left open. */
final class LetterPartsTest extends TestCase
{
    private const SUPPLY = [
        ['kind' => 'report', 'reached' => 'nothing', 'text' => 'It is dead'],
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
        [
            'kind' => 'agreement',
            'answer' => 'accepted',
            'amount' => 11900,
            'variant' => 'A',
            'agreed' => 'A: new',
            'at' => '2026-11-12T10:00:00+00:00',
        ],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'old' => 'owner'],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 6],
    ];

    public function test_it_says_what_was_agreed_what_was_shown_and_where_the_old_part_went(): void
    {
        $text = $this->write([
            ...self::SUPPLY,
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
            $this->closing(),
        ])->text();
        foreach (
            [
                'You agreed to € 119.00 on 12 November.',
                'We also saw: every fan turns.',
                'You get the old part back: the power supply.',
                'The price, all in: € 99.00.',
            ] as $expected
        ) {
            $this->assertStringContainsString($expected, $text);
        }
        $this->assertStringContainsString(
            'We did not show this: every fan turns.',
            $this->write([...self::SUPPLY, $this->closing()])->text(),
        );
    }

    public function test_a_workaround_and_what_is_only_for_now_are_never_told_as_sound(): void
    {
        $text = $this->write([
            ['kind' => 'start', 'reached' => 'drops'],
            ['kind' => 'act', 'act' => 'lower-clocks', 'on' => ['card'], 'temporary' => 'fresh paste when the pad is here'],
            ['kind' => 'act', 'act' => 'straighten-pins', 'on' => ['socket']],
        ])->text();
        foreach (
            [
                'We set it to run slower, as a workaround. This is a way around the fault, not a repair. The fault itself is still there.',
                'This is only for now: fresh paste when the pad is here.',
                'Straightened pins can fail.',
            ] as $expected
        ) {
            $this->assertStringContainsString($expected, $text);
        }
    }

    public function test_starts_that_may_be_luck_are_told_as_such(): void
    {
        $now_and_then = [
            ['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 8]],
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['stick-1']],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench'], 'times' => 6],
        ];
        $text = $this->write($now_and_then)->text();
        $this->assertStringContainsString('Before, it failed in 2 of 10 starts here. Since our work it has not failed in 6 starts.', $text);
        $this->assertStringContainsString('That could still be luck.', $text);
        $this->assertStringNotContainsString('luck', $this->write(self::SUPPLY)->text());
    }

    public function test_short_and_with_a_line_of_ones_own(): void
    {
        $short = $this->write([...self::SUPPLY, $this->closing()], new LetterTerms(LetterTerms::SHORT, 'Mind the cat.'));
        $this->assertSame(
            ['personal', 'cause', 'done', 'not-proved', 'cost', 'warranty', 'old-parts', 'watch'],
            array_column($short->sections, 'id'),
        );
        $this->assertEquals([\Orthoscope\Core\Letter\Sentence::of('Mind the cat.')], $short->sections[0]->sentences);
        $full = $this->write([...self::SUPPLY, $this->closing()]);
        $this->assertGreaterThan(count($short->sections), count($full->sections));
    }

    public function test_no_fault_found_is_said_with_its_limits(): void
    {
        $text = $this->write([['kind' => 'start', 'reached' => 'stays'], [...$this->closing(), 'outcome' => 'no-fault-found']])->text();
        $this->assertStringContainsString('We found no fault. That does not mean that there is none', $text);
        $this->assertStringNotContainsString('The likeliest cause', $text);
    }

    public function test_what_may_not_be_switched_on_is_not_to_be_watched_at_the_next_start(): void
    {
        $runs = ['kind' => 'start', 'reached' => 'stays'];
        $again = 'If it does the same thing again, note what the lights and fans did';
        $this->assertStringContainsString($again, $this->write([$runs, $this->closing()])->text());
        $wet = $this->write([$runs, ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'liquid'], $this->closing()])->text();
        $this->assertStringNotContainsString($again, $wet);
        $this->assertStringContainsString('If it smells burnt, smokes or gets wet', $wet);
    }

    public function test_what_a_reading_showed_of_the_cause_is_told_in_plain_words_and_only_of_the_cause(): void
    {
        $hot = [
            ['kind' => 'start', 'reached' => 'drops', 'setup' => ['goal' => 'load']],
            ['kind' => 'finding', 'check' => 'cell-reading', 'result' => 'fail'],
            ['kind' => 'finding', 'check' => 'work-temperature', 'result' => 'fail'],
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'cooler'],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['cooler']],
        ];
        $told = "In our tests it got too hot at work and the cooler's fan or pump stood still.";
        $letter = $this->write($hot);
        $this->assertStringContainsString($told, $letter->text());
        $this->assertStringNotContainsString('the coin cell was low', $letter->text());
        $cause = array_column($letter->sections, null, 'id')['cause'];
        $sentence = array_column($cause->sentences, null, 'text')[$told];
        $this->assertSame([3, 4], $sentence->entries);
    }

    public function test_a_reading_of_doubtful_set_up_is_not_told_as_shown(): void
    {
        $reading = ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'];
        $replaced = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']];
        $start = ['kind' => 'start', 'reached' => 'nothing'];
        $words = 'the power supply was dead, or one of its voltages was wrong';
        $this->assertStringContainsString($words, $this->write([$start, $reading, $replaced])->text());
        $doubtful = [...$reading, 'checked' => ['tester' => 'no']];
        $this->assertStringNotContainsString($words, $this->write([$start, $doubtful, $replaced])->text());
    }

    public function test_every_letter_reads_easily(): void
    {
        foreach (
            [
                self::SUPPLY,
                array_slice(self::SUPPLY, 0, 3),
                [['kind' => 'start', 'reached' => 'drops'], ['kind' => 'act', 'act' => 'lower-clocks', 'on' => ['card']]],
            ] as $entries
        ) {
            $ease = $this->write([...$entries, $this->closing()])->ease();
            $this->assertGreaterThanOrEqual(60.0, $ease->score());
            $this->assertGreaterThan(20, $ease->words);
        }
    }

    public function test_what_the_owner_gave_no_leave_for_is_told(): void
    {
        $entries = [
            ['kind' => 'start', 'reached' => 'drops', 'after' => 600],
            ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']],
            $this->closing(),
        ];
        $this->assertStringContainsString(
            'Without your permission to work past the log-in screen we did not test this',
            $this->write($entries)->text(),
        );
    }

    /** @return array<string, mixed> */
    private function closing(): array
    {
        return ['kind' => 'closing', 'price' => 9900, 'warranty_months' => 12];
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function write(array $entries, LetterTerms $terms = new LetterTerms): Letter
    {
        $assessment = Bench::assess($entries);

        return (new LetterWriter(Bench::catalogue()))->write($assessment, Plan::of($assessment, Bench::catalogue()), $terms);
    }
}
