<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/**
 * What is believed when an owner tells how often and when it fails. The numbers themselves are held to a plain enumeration in
 * BruteForceTest.
 */
final class MannerTest extends TestCase
{
    public function test_what_comes_and_goes_is_no_dead_part(): void
    {
        $unsaid = $this->byManner([]);
        $comes = $this->byManner(['often' => 'sometimes']);
        $always = $this->byManner(['often' => 'always']);
        $this->assertGreaterThan(1.8 * $unsaid['sometimes'], $comes['sometimes']);
        $this->assertLessThan(0.65 * $unsaid['always'], $comes['always']);
        $this->assertGreaterThan($unsaid['always'], $always['always']);
        $this->assertLessThan($unsaid['sometimes'], $always['sometimes']);
    }

    public function test_a_count_says_more_than_a_word(): void
    {
        $word = $this->byManner(['often' => 'sometimes']);
        $seldom = $this->byManner(['failed' => 2, 'of' => 10]);
        $this->assertLessThan($word['always'], $seldom['always']);
        // Ten of ten counted speak for a hard fault, as "every time" does.
        $this->assertGreaterThan($this->byManner([])['always'], $this->byManner(['failed' => 10, 'of' => 10])['always']);
    }

    public function test_only_when_cold_speaks_for_what_shows_cold_and_only_at_work_for_what_shows_at_work(): void
    {
        $unsaid = $this->byManner([]);
        $this->assertGreaterThan(4 * $unsaid['cold'], $this->byManner(['only' => 'cold'])['cold']);
        $this->assertGreaterThan(1.5 * $this->byManner([], 'drops')['load'], $this->byManner(['only' => 'load'], 'drops')['load']);
        $this->assertLessThan($this->byManner(['often' => 'sometimes'])['cold'], $this->byManner(['only' => 'warm'])['cold']);
    }

    /** Many starts told at once are told once: they may all be wrong together, so no count rules anything out. */
    public function test_however_many_were_counted_the_word_stays_a_word(): void
    {
        $hundred = $this->byManner(['failed' => 20, 'of' => 100]);
        $this->assertGreaterThan(0.02, $hundred['always'], 'A dead part stays possible.');
        $this->assertGreaterThan(
            $this->byManner(['failed' => 20, 'of' => 100, 'source' => 'remembered'])['sometimes'],
            $hundred['sometimes'],
            'What is remembered counts for less.',
        );
        $this->assertSame(
            $this->byManner([]),
            $this->byManner(
                ['failed' => 20, 'of' => 100, 'source' => 'opinion'],
                also: [['kind' => 'report', 'reached' => 'dark']],
                alone: true,
            ),
            'An opinion counts for nothing.',
        );
    }

    public function test_asked_on_the_telephone_it_says_the_same(): void
    {
        $answer = fn (string $says): array => $this->share(
            Bench::replay([
                ['kind' => 'answer', 'question' => 'alive', 'answer' => 'dark'],
                ['kind' => 'answer', 'question' => 'every-time', 'answer' => $says],
            ]),
        );
        $this->assertGreaterThan($answer('unknown')['sometimes'], $answer('sometimes')['sometimes']);
        $this->assertGreaterThan($answer('unknown')['always'], $answer('always')['always']);
        $this->assertGreaterThan(3 * $answer('unknown')['cold'], $answer('cold')['cold']);
    }

    /** One more entry taken up where one left off gives what going through all gives. */
    public function test_it_can_be_told_later(): void
    {
        $start = ['kind' => 'start', 'reached' => 'stays'];
        $told = ['kind' => 'report', 'text' => 'asked again', 'often' => 'sometimes'];
        $case = Bench::case([['kind' => 'report', 'reached' => 'dark'], $start, $told]);
        $before = Bench::case([['kind' => 'report', 'reached' => 'dark'], $start]);
        $kept = Replay::of($before->machine, $before->record, Bench::catalogue())->kept();
        $resumed = Replay::resume($kept, $case->machine, $case->record, Bench::catalogue());
        $this->assertNotNull($resumed);
        $this->assertEqualsWithDelta(
            $this->share(Replay::of($case->machine, $case->record, Bench::catalogue())),
            $this->share($resumed),
            1e-9,
        );
    }

    /**
     * @param  array<string, mixed>  $manner
     * @param  list<array<string, mixed>>  $also
     *
     * @return array<string, float>
     */
    private function byManner(array $manner, string $reached = 'dark', array $also = [], bool $alone = false): array
    {
        return $this->share(Bench::replay([...$also, ['kind' => 'report', 'reached' => $alone ? 'nothing' : $reached, ...$manner]]));
    }

    /** @return array<string, float> how a fault shows => probability that such a one is there */
    private function share(Replay $replay): array
    {
        $modes = $replay->model->modes->all;

        return $replay->belief->byGroup(array_map(fn ($mode): string => $mode->fault->shows, $modes))[0];
    }
}
