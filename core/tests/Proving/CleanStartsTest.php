<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Proving;

use Orthoscope\Core\Proving\CleanStarts;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CleanStartsTest extends TestCase
{
    /**
     * The beta posterior in R: beta(k + .5, n - k + .5 + m) / beta(k + .5, n - k + .5).
     *
     * @return iterable<string, array{int, int, int, float}>
     */
    public static function luck(): iterable
    {
        yield 'two in ten before, none in six now' => [2, 10, 6, 0.28537564];
        yield 'always before, none in three now' => [10, 10, 3, 0.00109266];
        yield 'one in twenty before, none in thirty now' => [1, 20, 30, 0.25008506];
        yield 'nothing known before' => [0, 0, 4, 0.27343750];
    }

    #[DataProvider('luck')]
    public function test_how_often_it_comes_by_luck(int $failed, int $started, int $clean, float $byR): void
    {
        $this->assertEqualsWithDelta($byR, CleanStarts::of($failed, $started, $clean)->byLuck(), 1e-6);
    }

    /** One-sided upper 95 % for none in thirty is 0.09503 (exact; the rule of three says 3/30: Hanley & Lippman-Hand, JAMA 249, 1983). */
    public function test_the_rate_it_fails_with_at_most(): void
    {
        $this->assertEqualsWithDelta(0.09503, CleanStarts::of(2, 10, 30)->rateAtMost(), 1e-5);
        $this->assertEqualsWithDelta(3 / 30, CleanStarts::of(2, 10, 30)->rateAtMost(), 0.006);
        $this->assertSame(1.0, CleanStarts::of(2, 10, 0)->rateAtMost());
    }

    public function test_how_many_more_are_wanted_follows_from_how_often_it_failed(): void
    {
        $this->assertSame(0, CleanStarts::of(2, 10, 6)->more(0.98, 0.97));
        $seldom = CleanStarts::of(2, 10, 0)->more(0.8, 0.97);
        $often = CleanStarts::of(10, 10, 0)->more(0.8, 0.97);
        $this->assertGreaterThan($often, $seldom);
        $this->assertLessThanOrEqual(3, $often);
        $this->assertNull(CleanStarts::of(1, 400, 0)->more(0.5, 0.97), 'what comes once in four hundred is not proved by starts');
        // By hand: after that many the belief is there, and after one less it is not.
        $belief = fn (int $clean): float => 0.8 / (0.8 + 0.2 * CleanStarts::of(2, 10, 0)->byLuck($clean));
        $this->assertGreaterThanOrEqual(0.97, $belief((int) $seldom));
        $this->assertLessThan(0.97, $belief((int) $seldom - 1));
    }

    public function test_the_record_says_what_was_before_and_what_since(): void
    {
        $count = function (array ...$entries): array {
            $clean = CleanStarts::in(Bench::case($entries)->record, Bench::catalogue());

            return [$clean->failed, $clean->started, $clean->clean];
        };
        $before = ['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 8]];
        $act = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']];
        $stays = fn (int $times, array $setUp = []): array => ['kind' => 'start', 'reached' => 'stays', 'times' => $times, 'setup' => $setUp];
        $this->assertSame([2, 10, 6], $count($before, $act, $stays(6)));
        $this->assertSame([2, 10, 0], $count($before));
        $this->assertSame([2, 16, 1], $count($before, $act, $stays(6), $act, $stays(1)), 'a further act begins anew');
        $this->assertSame([3, 17, 0], $count($before, $act, $stays(6), ['kind' => 'start', 'reached' => 'dark']), 'it failed again');
        $this->assertSame([2, 10, 0], $count($before, $act, $stays(6, ['lent' => ['card' => ['tag' => 'G-1']]])), 'not with a lent part');
    }

    /** The bench never saw it fail: what its owner counted at home is all there is, and it is said whose count it is. */
    public function test_what_the_owner_counted_stands_in_for_what_the_bench_never_saw(): void
    {
        $in = fn (array ...$entries): CleanStarts => CleanStarts::in(Bench::case($entries)->record, Bench::catalogue());
        $told = ['kind' => 'report', 'reached' => 'dark', 'failed' => 2, 'of' => 10];
        $act = ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2']];
        $three = ['kind' => 'start', 'reached' => 'stays', 'times' => 3];
        $clean = $in($told, $three, $act, $three);
        $this->assertSame([2, 13, 3, 10], [$clean->failed, $clean->started, $clean->clean, $clean->told]);
        $this->assertStringStartsWith('Before, 2 of 13 starts failed, 10 of them counted by the owner; since, 3 went well.', $clean->sentences(0.9, 0.97)[0]);
        $this->assertSame('Before, by your count and ours, it failed in 2 of 13 starts. Since our work it has not failed in 3.', $clean->forTheOwner()[0]);
        $seen = $in($told, ['kind' => 'start', 'outcomes' => ['dark' => 1, 'stays' => 3]], $act, $three);
        $this->assertSame([1, 4, 3, 0], [$seen->failed, $seen->started, $seen->clean, $seen->told], 'What the bench saw itself goes before.');
        $this->assertSame([], $in(['kind' => 'report', 'reached' => 'dark', 'often' => 'sometimes'], $act, $three)->sentences(0.9, 0.97), 'A word is no count.');
    }

    public function test_it_is_said_in_sentences(): void
    {
        $this->assertSame(['Before, 2 of 10 starts failed; since, 6 went well. Were it not cured, that would come by luck with 29 %; at most 40 % of starts fail now.', 'That is enough.'], CleanStarts::of(2, 10, 6)->sentences(0.98, 0.97));
        $this->assertSame([], CleanStarts::of(0, 3, 2)->sentences(0.98, 0.97));
        $this->assertStringContainsString('agree on a date', CleanStarts::of(1, 400, 0)->sentences(0.5, 0.97)[1]);
        $this->assertSame('It is more likely not put right yet, and starts alone do not change that.', CleanStarts::of(1, 1, 0)->sentences(0.01, 0.97)[1]);
    }
}
