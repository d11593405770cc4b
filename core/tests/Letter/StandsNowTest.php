<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\Letter\LetterTerms;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Letter\Section;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What a letter says of how the machine stands as it goes back, and of what came before its first start. */
final class StandsNowTest extends TestCase
{
    private const TOLD = ['kind' => 'report', 'reached' => 'dark'];

    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const WELL = ['kind' => 'start', 'reached' => 'stays'];

    private const LENT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['card' => ['tag' => 'C-1', 'trust' => 0.9]]]];

    private const NEW_CARD = ['kind' => 'act', 'act' => 'replace', 'on' => ['card'], 'with' => ['tag' => 'O-3', 'trust' => 0.97]];

    private const UNREPAIRED = [
        'kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'outcome' => 'unrepaired', 'signed_off' => 'no board to be had',
    ];

    public function test_what_still_fails_is_said_to(): void
    {
        $this->assertSame(
            ['We last started it with its own parts in, and the fans ran but there was no picture.', 'The trouble is not put right.'],
            $this->now([self::TOLD, self::DARK, self::NEW_CARD, self::DARK]),
        );
        $this->assertSame(['The trouble is not put right.'], $this->now([self::TOLD, self::DARK]), 'the first start is told above');
    }

    public function test_what_fails_otherwise_than_before_is_not_called_the_same(): void
    {
        $empty = ['kind' => 'start', 'reached' => 'no-system'];
        $this->assertSame('So it does not run as it should yet.', $this->now([self::TOLD, self::DARK, self::NEW_CARD, $empty])[1]);
    }

    public function test_a_new_drive_with_nothing_on_it_is_not_the_old_trouble(): void
    {
        $none = ['kind' => 'start', 'reached' => 'no-system'];
        $drive = ['kind' => 'act', 'act' => 'replace', 'on' => ['drive'], 'with' => ['tag' => 'O-4', 'trust' => 0.97]];
        $this->assertSame(
            'A new drive is empty until a system is put on it. We have not put one on it.',
            $this->now([['kind' => 'report', 'reached' => 'no-system'], $none, $drive, $none])[1],
        );
    }

    public function test_what_nobody_has_seen_run_is_not_said_to(): void
    {
        $since = 'Since our last work we have not started it with only its own parts in. So we cannot say how it runs now.';
        $this->assertSame([$since], $this->now([self::TOLD, self::DARK, self::NEW_CARD]));
        $never = 'We have not started it with only its own parts in. So we cannot say how it runs now.';
        $this->assertSame([$never], $this->now([self::TOLD, self::LENT]));
    }

    public function test_what_runs_needs_no_such_word(): void
    {
        $this->assertSame([], $this->now([self::TOLD, self::DARK, self::NEW_CARD, self::WELL]));
        $this->assertSame([], $this->now([self::TOLD]), 'that it was not started is told above');
    }

    public function test_given_back_unrepaired_is_said_first_and_in_a_short_letter_too(): void
    {
        $entries = [self::TOLD, self::DARK, self::UNREPAIRED];
        $said = ['We give it back unrepaired.', 'The trouble is not put right.'];
        $this->assertSame($said, $this->now($entries));
        $this->assertSame($said, $this->now($entries, new LetterTerms(LetterTerms::SHORT)));
        $this->assertSame([], $this->section('warranty', $entries), 'there is nothing to warrant');
        $open = implode(' ', $this->section('not-proved', $entries));
        $this->assertStringContainsString('before all our tests were done. The reason: no board to be had.', $open);
        $this->assertStringNotContainsString('permission', $open, 'what a machine that runs would be tried at');
        $this->assertStringNotContainsString('We did not show this', $open);
        $writtenOff = [self::TOLD, self::WELL, [...self::UNREPAIRED, 'outcome' => 'written-off']];
        $this->assertSame(['We have written it off: it is not repaired.'], $this->now($writtenOff));
    }

    public function test_what_was_worked_on_first_was_not_started_as_it_came(): void
    {
        $dried = ['kind' => 'act', 'act' => 'dry', 'on' => ['board']];
        $this->assertSame(
            ['We worked on it first. Then we started it, and it started and stayed up.'],
            $this->section('seen', [self::TOLD, $dried, self::WELL]),
        );
        $this->assertStringEndsWith(
            'with a part of ours in it, or one taken out, and it started and stayed up.',
            $this->section('seen', [self::TOLD, $dried, self::LENT])[0],
        );
    }

    public function test_of_which_slot_it_is_may_be_open_where_that_it_is_one_is_not(): void
    {
        $cleaned = ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot-A2', 'slot-B2']];
        $said = $this->section('cause', [
            self::TOLD,
            ['kind' => 'start', 'outcomes' => ['dark' => 8, 'stays' => 2], 'waited' => 120, 'signs' => ['lamp' => 'memory']],
            $cleaned,
            [...self::WELL, 'times' => 12],
        ]);
        $this->assertSame('The contacts of a memory slot were dirty.', $said[0]);
        $this->assertSame('That is very likely, about 9 in 10. We did not confirm it beyond that.', $said[1]);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     *
     * @return list<string>
     */
    private function now(array $entries, LetterTerms $terms = new LetterTerms): array
    {
        return $this->section('now', $entries, $terms);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     *
     * @return list<string> none where there is no such section
     */
    private function section(string $id, array $entries, LetterTerms $terms = new LetterTerms): array
    {
        $letter = (new LetterWriter(Bench::catalogue()))->write(Bench::assess($entries), null, $terms);
        $found = array_values(array_filter($letter->sections, fn (Section $section): bool => $section->id === $id));

        return array_map(strval(...), $found[0]->sentences ?? []);
    }
}
