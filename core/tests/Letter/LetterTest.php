<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\Letter\Letter;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class LetterTest extends TestCase
{
    private const DEAD_SUPPLY = [
        ['kind' => 'report', 'reached' => 'nothing', 'text' => 'It is dead', 'events' => ['storm']],
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.97]]]],
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 9],
        ['kind' => 'closing', 'price' => 9950, 'warranty_months' => 12],
    ];

    public function test_memory_the_board_does_not_run_is_not_called_bad(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 180, 'signs' => ['lamp' => 'memory']];
        $letter = (new LetterWriter(Bench::catalogue()))->write(Bench::assess([
            ['kind' => 'report', 'reached' => 'dark', 'events' => ['memory-changed']],
            $dark,
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['stick-1' => ['tag' => 'M-1']], 'out' => ['stick-2']]],
            [...$dark, 'setup' => ['out' => ['stick-2']]],
            [...$dark, 'setup' => ['out' => ['stick-1']]],
            ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-1', 'result' => 'works', 'host' => ['tag' => 'H-1']],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['stick-1', 'stick-2'], 'with' => ['tag' => 'new']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 4],
        ], ['facts' => ['status_lamps' => true]]));
        $text = json_encode($letter, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
        $this->assertStringContainsString('The main board did not run this memory.', $text);
        $this->assertStringContainsString('The old ones are not shown to be bad', $text);
        $this->assertStringNotContainsString('at fault.', $text);
    }

    public function test_it_tells_the_whole_course(): void
    {
        $text = $this->letter(self::DEAD_SUPPLY)->text();
        foreach (
            [
                '“It is dead”',
                'storm or power cut',
                'nothing happened at all',
                'The power supply no longer worked.',
                'We are sure',
                'the trouble came back',
                'We replaced the power supply.',
                '10 times in a row',
                '€ 99.50',
                '12 months',
            ] as $expected
        ) {
            $this->assertStringContainsString($expected, $text);
        }
        $this->assertStringNotContainsString('could not find out', $text);
    }

    public function test_what_comes_and_goes_is_told_as_it_was_told_to_us(): void
    {
        $told = ['kind' => 'report', 'reached' => 'dark', 'text' => 'Black some mornings', 'failed' => 2, 'of' => 10, 'only' => 'cold'];
        $text = $this->letter([$told, ['kind' => 'start', 'reached' => 'stays']])->text();
        $this->assertStringContainsString('It did so in 2 of 10 starts, only when it was cold.', $text);
        $this->assertStringContainsString('You told us that it comes and goes. While we had it, it did not fail.', $text);
        $told = ['kind' => 'report', 'reached' => 'drops', 'only' => 'hours'];
        $only = $this->letter([$told, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['goal' => 'hours']]])->text();
        $this->assertStringContainsString('It did so only after hours.', $only);
        $this->assertStringContainsString('While we had it, it did not fail.', $only);
        $this->assertStringNotContainsString('comes and goes', $only);
        $this->assertStringNotContainsString('not quite what you told us', $text);
    }

    public function test_what_came_and_went_and_failed_here_too_is_not_said_to_have_run_well(): void
    {
        $told = ['kind' => 'report', 'reached' => 'dark', 'text' => 'Dark now and then', 'failed' => 2, 'of' => 10];
        $runs = ['kind' => 'start', 'reached' => 'stays'];
        $said = 'While we had it, it did not fail.';
        $this->assertStringContainsString($said, $this->letter([$told, $runs, $runs])->text());
        $this->assertStringNotContainsString($said, $this->letter([$told, $runs, ['kind' => 'start', 'reached' => 'dark']])->text());
    }

    public function test_what_others_said_what_was_done_and_what_we_left_open_is_not_put_into_the_owners_mouth(): void
    {
        $text = $this->letter([
            ['kind' => 'report', 'reached' => 'dark', 'text' => 'Black again'],
            ['kind' => 'report', 'source' => 'remembered', 'text' => 'What H8-286 left open', 'carried' => ['board-dead' => 2.0]],
            ['kind' => 'report', 'source' => 'remembered', 'history' => ['supply-worked'], 'when' => '2026-06', 'text' => 'by a friend'],
            ['kind' => 'report', 'source' => 'remembered', 'history' => ['age-old']],
            ['kind' => 'report', 'source' => 'opinion', 'text' => 'the board is dead'],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 120],
        ])->text();
        $this->assertStringContainsString('It was with us before. What we had not proved then, we took as open again.', $text);
        $this->assertStringNotContainsString('left open”', $text);
        $this->assertStringContainsString('Done earlier, 2026-06: the power supply was replaced', $text);
        $this->assertStringContainsString('Others had said: “the board is dead”', $text);
        $this->assertSame(2, substr_count($text, 'You said: '));
        $this->assertSame(1, substr_count($text, 'Done earlier'), 'Its age is nothing that was done.');
    }

    public function test_what_was_replaced_without_being_shown_at_fault_is_said(): void
    {
        $this->assertStringNotContainsString('We did not show for certain', $this->letter(self::DEAD_SUPPLY)->text());
        $board = array_slice(self::DEAD_SUPPLY, 0, 5);
        $text = $this->letter([
            ...$board,
            ['kind' => 'act', 'act' => 'replace', 'on' => ['board', 'stick-1']],
            ['kind' => 'closing', 'price' => 1],
        ])->text();
        $this->assertStringContainsString(
            'We also replaced the main board and a memory stick. We did not show for certain that they were at fault.',
            $text,
        );
        $alone = $this->letter([
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 120],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['board']],
        ])->text();
        $this->assertStringContainsString('We replaced the main board. We did not show for certain that it was at fault.', $alone);
    }

    public function test_moving_parts_for_tests_is_not_called_nothing(): void
    {
        $text = $this->letter([
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 120],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-2']]],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
        ])->text();
        $this->assertStringContainsString(
            'We replaced nothing. For our tests we took parts out or moved them, and put them back. That alone can put a contact right.',
            $text,
        );
        $this->assertStringNotContainsString('We changed nothing', $text);
    }

    public function test_leave_to_go_on_is_no_mark_of_the_machine(): void
    {
        $text = $this->letter([
            ['kind' => 'report', 'text' => 'go on', 'marks' => ['consent-system', 'parcel']],
            ['kind' => 'start', 'reached' => 'dark'],
        ])->text();
        $this->assertStringContainsString('You gave us leave to work beyond the log-in screen.', $text);
        $this->assertStringContainsString('When it came in we noted', $text);
        $this->assertStringNotContainsString('noted leave', $text);
    }

    public function test_what_was_only_begun_is_not_called_done_and_advice_was_given_to_its_reader(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $begun = $this->letter([$dark, ['kind' => 'act', 'act' => 'write-firmware', 'on' => ['firmware'], 'begun' => true]])->text();
        $this->assertStringNotContainsString('We wrote', $begun);
        $this->assertStringContainsString('We changed nothing', $begun);
        $this->assertStringContainsString(
            'We told you what to change at home.',
            $this->letter([$dark, ['kind' => 'act', 'act' => 'advise', 'on' => ['wall-socket']]])->text(),
        );
    }

    public function test_starts_counted_together_are_told_as_counted(): void
    {
        $this->assertStringContainsString(
            'We started it as it came, 10 times: in 2 the fans ran but there was no picture, in 8 it started and stayed up.',
            $this->letter([['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 8]]])->text(),
        );
        $this->assertStringContainsString(
            'We started it as it came, 3 times, and each time nothing happened at all.',
            $this->letter([['kind' => 'start', 'reached' => 'nothing', 'times' => 3]])->text(),
        );
    }

    public function test_all_sections_stand_in_order(): void
    {
        $ids = array_column($this->letter(self::DEAD_SUPPLY)->sections, 'id');
        $this->assertSame(['told', 'seen', 'cause', 'ruled-out', 'done', 'proof', 'not-proved', 'cost', 'warranty', 'watch'], $ids);
    }

    public function test_not_knowing_is_said_plainly(): void
    {
        $text = $this->letter([
            ['kind' => 'report', 'reached' => 'dark'],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 100],
        ])->text();
        $this->assertStringContainsString('We could not find out for certain what it was.', $text);
        $this->assertStringContainsString('We did not get to test these', $text);
        $this->assertStringContainsString('the drive', $text);
        $this->assertStringContainsString('We changed nothing on your machine.', $text);
    }

    public function test_what_ran_is_not_said_to_be_untested(): void
    {
        $text = $this->letter([
            ['kind' => 'report', 'reached' => 'dark'],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 100],
        ])->text();
        $this->assertMatchesRegularExpression('/We did not get to test these[^.]*the drive/', $text);
        $this->assertDoesNotMatchRegularExpression('/We did not get to test these[^.]*the power supply/', $text);
        $this->assertMatchesRegularExpression('/These took part in our tests, but we cannot say[^.]*the power supply/', $text);
        $ran = $this->letter([['kind' => 'start', 'reached' => 'stays'], ['kind' => 'start', 'reached' => 'dark']])->text();
        $this->assertDoesNotMatchRegularExpression('/These took part in our tests[^.]*the coin cell/', $ran);
        $this->assertMatchesRegularExpression('/We did not get to test these[^.]*the coin cell/', $ran);
    }

    public function test_what_only_worked_when_it_was_tried_is_not_said_to_be_ruled_out(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 100, 'signs' => ['fans' => 'spin', 'lamp' => 'memory']];
        $text = $this->letter([$dark, $dark])->text();
        $this->assertMatchesRegularExpression('/These worked when we tried them, but we cannot say[^.]*the power supply/', $text);
        $this->assertDoesNotMatchRegularExpression('/These worked when we started the machine[^.]*the power supply/', $text);
        $came = $this->letter([['kind' => 'start', 'reached' => 'stays', 'times' => 3], $dark])->text();
        $this->assertStringNotContainsString('These worked when we started the machine', $came);
        $this->assertMatchesRegularExpression('/These worked when we tried them[^.]*the drive/', $came);
    }

    public function test_a_cure_that_was_not_confirmed_is_not_called_sure(): void
    {
        $text = $this->letter(array_slice(self::DEAD_SUPPLY, 0, 3))->text();
        $this->assertStringNotContainsString('We are sure', $text);
        $this->assertMatchesRegularExpression('/(likely, about \d in 10|almost sure)\. We did not confirm it/', $text);
    }

    public function test_what_the_bench_sees_and_the_owner_told_may_differ(): void
    {
        $text = $this->letter([['kind' => 'report', 'reached' => 'drops'], ['kind' => 'start', 'reached' => 'nothing']])->text();
        $this->assertStringContainsString('not quite what you told us', $text);
    }

    public function test_a_reason_for_handing_back_early_is_told(): void
    {
        $entries = [
            ...array_slice(self::DEAD_SUPPLY, 0, 5),
            ['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'The owner needs it today.'],
        ];
        $text = $this->letter($entries)->text();
        $this->assertStringContainsString('The reason: The owner needs it today.', $text);
        $this->assertStringContainsString('There is nothing to pay.', $text);
        $this->assertStringContainsString('We give no warranty', $text);
    }

    /**
     * Flesch, "A new readability yardstick", Journal of Applied Psychology 32 (1948): 206.835 - 1.015 words/sentence - 84.6 syllables/word.
     * Plain English is 60 or more.
     */
    public function test_letters_read_easily(): void
    {
        $cases = [self::DEAD_SUPPLY, array_slice(self::DEAD_SUPPLY, 0, 2), array_slice(self::DEAD_SUPPLY, 0, 4)];
        foreach ($cases as $entries) {
            $sentences = array_merge(...array_map(fn ($section): array => $section->sentences, $this->letter($entries)->sections));
            $text = implode(' ', $sentences);
            $words = preg_split('/[^a-z\']+/i', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $syllables = array_sum(
                array_map(
                    fn (string $word): int => max(
                        1,
                        (int) preg_match_all('/[aeiouy]+/', (string) preg_replace('/e$/', '', strtolower($word))),
                    ),
                    $words,
                ),
            );
            $count = preg_match_all('/[.!?](\s|$)/', $text);
            $ease = 206.835 - (1.015 * count($words)) / $count - (84.6 * $syllables) / count($words);
            $this->assertGreaterThanOrEqual(60.0, $ease);
        }
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function letter(array $entries): Letter
    {
        return (new LetterWriter(Bench::catalogue()))->write(Bench::assess($entries));
    }

    public function test_what_failed_here_is_not_told_as_no_fault_found(): void
    {
        $closed = ['kind' => 'closing', 'outcome' => 'no-fault-found', 'price' => 3000, 'warranty_months' => 0, 'signed_off' => 'it runs'];
        [$dark, $well] = [['kind' => 'start', 'reached' => 'dark', 'waited' => 120], ['kind' => 'start', 'reached' => 'stays']];
        $this->assertStringNotContainsString('We found no fault', $this->letter([$dark, $well, $well, $closed])->text());
        $this->assertStringContainsString('We found no fault', $this->letter([$well, $well, $closed])->text());
    }

    public function test_a_second_cause_is_named_as_likely_as_it_is_beside_one_that_is_sure(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $new = fn (string $part): array => ['kind' => 'act', 'act' => 'replace', 'on' => [$part], 'with' => ['tag' => "new {$part}"]];
        $text = $this->letter([
            ['kind' => 'start', 'reached' => 'twitch'],
            ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
            $new('supply'),
            $dark,
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['card' => ['tag' => 'G-1', 'trust' => 0.97]]]],
            $dark,
            $new('card'),
            ['kind' => 'start', 'reached' => 'stays', 'times' => 6],
        ])->text();
        $this->assertMatchesRegularExpression('/The power supply [^.]*\.\s+We are sure/', $text);
        $this->assertMatchesRegularExpression('/The graphics card [^.]*\.\s+That is (very )?likely/', $text);
        $this->assertStringNotContainsString('also replaced', $text);
        $empty = $this->letter([
            ['kind' => 'start', 'reached' => 'no-drive'],
            ['kind' => 'finding', 'check' => 'drive-in-host', 'target' => 'drive', 'result' => 'fails'],
            $new('drive'),
            ['kind' => 'start', 'reached' => 'no-system'],
        ])->text();
        $this->assertStringContainsString('The drive with the system and files was at fault.', $empty);
        $this->assertStringNotContainsString('That is possible', $empty, 'What is likelier not so is no cause.');
    }

    public function test_what_failed_only_at_work_as_its_owner_told_is_said_so(): void
    {
        $told = ['kind' => 'report', 'reached' => 'drops', 'text' => 'Freezes in games.', 'marks' => ['consent-system']];
        $well = ['kind' => 'start', 'reached' => 'stays'];
        $froze = ['kind' => 'start', 'reached' => 'drops', 'setup' => ['goal' => 'load']];
        $text = fn (array $entries): string => $this->letter($entries)->text();
        $seen = $text([$told, $well, $froze]);
        $this->assertStringContainsString('We started it as it came, and it started and stayed up.', $seen);
        $this->assertMatchesRegularExpression('/We started it again.*, and it started, but did not stay up\./', $seen);
        $this->assertStringContainsString('That is what you told us.', $seen);
        $this->assertStringNotContainsString('not quite', $seen);
        $repasted = ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']];
        $after = $text([$told, $well, $repasted, $froze]);
        $this->assertStringNotContainsString('That is what you told us.', $after, 'That was after our work.');
        $only = $text([['only' => 'load'] + $told, $well, $froze]);
        $this->assertStringContainsString('We started it again, at hard work, and it started, but did not stay up.', $only);
        $this->assertStringNotContainsString('again', $text([['often' => 'sometimes'] + $told, $froze]), 'The first start showed it.');
    }

    public function test_it_tells_what_ran_in_another_way_where_it_never_ran_as_it_came(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark'];
        $other = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['output' => 'other']];
        $set = ['kind' => 'act', 'act' => 'set-output', 'on' => ['screen']];
        $sentence = 'We started it with the screen on another output, and it started and stayed up.';
        $this->assertStringContainsString($sentence, $this->letter([$dark, $other, $set])->text());
        $pins = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['start_by' => 'pins']];
        $without = 'We started it without its own buttons, and it started and stayed up.';
        $this->assertStringContainsString($without, $this->letter([$dark, $pins])->text());
        $work = fn (string $reached, array $how): array => ['kind' => 'start', 'reached' => $reached, 'setup' => ['goal' => 'load'] + $how];
        $this->assertStringContainsString(
            'We started it at a lower speed, at hard work, and it started and stayed up.',
            $this->letter([['kind' => 'start', 'reached' => 'stays'], $work('drops', []), $work('stays', ['clocks' => 'low'])])->text(),
        );
        $silent = [
            'it ran as it came, too' => [$dark, ['reached' => 'stays'] + $dark, $other],
            'it ran as it came now and then' => [$dark, ['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 1]], $other],
            'it did not run so each time' => [$dark, $other, ['reached' => 'dark'] + $other],
            'that was after our work' => [$dark, $set, $other],
            'a part of ours was in it' => [$dark, ['setup' => ['output' => 'other', 'lent' => ['screen' => ['tag' => 'Q-1']]]] + $other],
            'it was not as hard' => [['reached' => 'drops', 'setup' => ['goal' => 'load']] + $dark, $other],
        ];
        foreach ($silent as $why => $entries) {
            $this->assertStringNotContainsString($sentence, $this->letter($entries)->text(), $why);
        }
    }

    public function test_a_part_that_was_taken_out_is_not_said_to_have_had_another_in_its_place(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 90, 'signs' => ['beeps' => 'memory']];
        $out = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-2']]];
        $alone = ['kind' => 'start', 'reached' => 'dark', 'setup' => ['out' => ['stick-1'], 'moved' => ['stick-2' => 'slot-A2']]];
        $host = ['kind' => 'finding', 'check' => 'stick-in-host', 'result' => 'fails', 'target' => 'stick-2'];
        $text = $this->letter([$dark, $out, $alone, $host])->text();
        $this->assertStringContainsString('Without it the machine got further. With it in again, the trouble came back.', $text);
        $this->assertStringNotContainsString('in its place', $text);
        $mat = ['kind' => 'start', 'reached' => 'nothing', 'setup' => ['place' => 'bench']];
        $vain = $this->letter([['reached' => 'nothing'] + $dark, $mat, $mat])->text();
        $this->assertStringContainsString('Out of its case the trouble stayed. So this alone is not the cause: the case', $vain);
    }
}
