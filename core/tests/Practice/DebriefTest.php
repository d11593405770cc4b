<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Practice\Attempt;
use Orthoscope\Core\Practice\Debrief;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\RiskRun;
use Orthoscope\Core\Practice\Rivals;
use Orthoscope\Core\Practice\Verdict;
use Orthoscope\Core\Practice\WhichParts;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class DebriefTest extends TestCase
{
    public function test_a_short_straight_course(): void
    {
        $attempt = $this->dead();
        $attempt->do(['kind' => 'start'], $this->guess($attempt, ['supply' => 50], 'nothing', 95));
        $attempt->do(['kind' => 'finding', 'check' => 'supply-test'], $this->guess($attempt, ['supply' => 70]));
        $debrief = Debrief::of($attempt, $this->verdict($attempt, ['supply'], 99), 0, Bench::catalogue());
        $this->assertTrue($debrief->right);
        $this->assertSame(['Supply: supply dead'], $debrief->truth);
        $this->assertSame([], $debrief->risks());
        $this->assertSame($attempt->minutes(), $debrief->minutes);
        [$start, $tester] = $debrief->steps;
        $this->assertGreaterThan(0.2, min($start->bits, $tester->bits));
        $this->assertSame('supply', array_key_first($tester->belief));
        $this->assertGreaterThan($start->suspected, $tester->suspected);
        $this->assertGreaterThan(90.0, $start->expected);
        $this->assertNull($tester->expected);
        $this->assertGreaterThan(60, $debrief->points);
    }

    public function test_others_play_the_same_machine_with_the_same_luck(): void
    {
        $attempt = $this->dead();
        $rivals = Rivals::on($attempt->puzzle, Bench::catalogue());
        $this->assertEquals($rivals, Rivals::on($attempt->puzzle, Bench::catalogue()));
        [$adviser, $fixed] = $rivals->others;
        $this->assertTrue($adviser->right);
        $this->assertGreaterThanOrEqual($rivals->clairvoyant, min($adviser->minutes, $fixed->minutes));
        $debrief = Debrief::of($attempt, $this->verdict($attempt, ['supply'], 60), 0, Bench::catalogue());
        $this->assertSame($rivals->clairvoyant, $debrief->repair);
    }

    public function test_asking_costs_points_and_a_wrong_verdict_more(): void
    {
        $attempt = $this->dead();
        $attempt->do(['kind' => 'start']);
        $right = $this->verdict($attempt, ['supply'], 80);
        $none = Debrief::of($attempt, $right, 0, Bench::catalogue());
        $asked = Debrief::of($attempt, $right, 3, Bench::catalogue());
        $wrong = Debrief::of($attempt, $this->verdict($attempt, ['board'], 80), 0, Bench::catalogue());
        $this->assertSame($none->points - 3 * Debrief::ASKING, $asked->points);
        $this->assertFalse($wrong->right);
        $this->assertLessThan(0, $wrong->points);
    }

    public function test_risks_that_were_run_are_told(): void
    {
        $attempt = $this->dead();
        $attempt->do(['kind' => 'start', 'setup' => ['lent' => ['board' => ['tag' => 'any-board', 'trust' => 0.97]]]]);
        $attempt->do(['kind' => 'act', 'act' => 'replace', 'on' => ['board']]);
        $debrief = Debrief::of($attempt, $this->verdict($attempt, ['supply'], 60), 0, Bench::catalogue());
        $words = implode(' ', array_map(fn (RiskRun $risk): string => $risk->words, $debrief->risks()));
        $this->assertStringContainsString('went on a supply that nothing had tested', $words);
        $this->assertStringContainsString('Board was bought though the record did not condemn it', $words);
        $this->assertStringContainsString('Board was bought and had been good', $words);
        $this->assertSame(Bench::catalogue()->part('board')->price, max(array_column($debrief->risks(), 'money')));
    }

    public function test_power_on_a_wet_machine_is_a_grave_risk(): void
    {
        $puzzle = new Puzzle('Wet', [], [['fault' => 'board-corroded', 'part' => 'board']], 'wet 1', 'spill', [], 'dark', ['liquid']);
        $attempt = Attempt::begin($puzzle, Bench::catalogue());
        $attempt->do(['kind' => 'start']);
        $debrief = Debrief::of($attempt, $this->verdict($attempt, ['board'], 60), 0, Bench::catalogue());
        $this->assertTrue($debrief->ranAGraveRisk());
        $this->assertStringContainsString('Power went on while locked', $debrief->risks()[0]->words);
    }

    public function test_what_a_lock_asks_for_is_never_said_to_have_told_nothing(): void
    {
        $puzzle = new Puzzle('Wet', [], [['fault' => 'board-corroded', 'part' => 'board']], 'wet 2', 'spill', [], 'dark', ['liquid']);
        $attempt = Attempt::begin($puzzle, Bench::catalogue());
        foreach ([
            ['kind' => 'finding', 'check' => 'look-inside'],
            ['kind' => 'act', 'act' => 'dry', 'on' => ['board'], 'agent' => 'water'],
            ['kind' => 'wait', 'minutes' => 1440],
            ['kind' => 'finding', 'check' => 'look-inside'],
        ] as $deed) {
            $attempt->do($deed);
        }
        $debrief = Debrief::of($attempt, $this->verdict($attempt, ['board'], 60), 0, Bench::catalogue());
        $this->assertSame([], $debrief->risks());
        $this->assertStringNotContainsString('told next to nothing', implode(' ', $debrief->words));
    }

    public function test_a_lock_that_ended_while_it_stood_is_no_risk(): void
    {
        $puzzle = new Puzzle('Wet', [], [['fault' => 'supply-dead', 'part' => 'supply']], 'wet 3', 'spill', [], 'nothing', ['liquid']);
        $run = function (int $stood) use ($puzzle): Debrief {
            $attempt = Attempt::begin($puzzle, Bench::catalogue());
            $attempt->do(['kind' => 'finding', 'check' => 'look-inside']);
            $attempt->do(['kind' => 'act', 'act' => 'dry', 'on' => ['board'], 'agent' => 'isopropyl']);
            $attempt->do(['kind' => 'finding', 'check' => 'look-inside']);
            $attempt->do(['kind' => 'wait', 'minutes' => $stood]);
            $attempt->do(['kind' => 'start']);

            return Debrief::of($attempt, $this->verdict($attempt, ['supply'], 60), 0, Bench::catalogue());
        };
        $this->assertTrue($run(5)->ranAGraveRisk(), 'minutes after it was washed');
        $this->assertSame([], $run(600)->risks(), 'long after it was dry');
    }

    public function test_what_was_best_then_is_named_with_what_it_would_have_told(): void
    {
        $attempt = $this->dead();
        $attempt->do(['kind' => 'start']);
        $attempt->do(['kind' => 'finding', 'check' => 'cell-reading']);
        $debrief = Debrief::of($attempt, $this->verdict($attempt, ['supply'], 60), 0, Bench::catalogue());
        $look = $debrief->steps[1];
        $this->assertNotNull($look->best);
        $this->assertGreaterThan(0.0, $look->bestBits);
        $this->assertGreaterThanOrEqual(0.0, $look->lost ?? 0.0);
        $this->assertLessThan(0.2, $look->bits);
        $this->assertEqualsWithDelta(array_sum(array_column($debrief->steps, 'bits')), $debrief->told(), 1e-9);
    }

    public function test_it_says_in_sentences_what_it_teaches(): void
    {
        $attempt = $this->dead();
        $attempt->do(['kind' => 'start']);
        $attempt->do(['kind' => 'finding', 'check' => 'look-socket']);
        $wrong = Debrief::of($attempt, $this->verdict($attempt, ['card'], 60), 0, Bench::catalogue());
        $words = implode(' ', $wrong->words);
        $this->assertStringContainsString('Most was told by deed 1, “as it came”', $words);
        $this->assertStringContainsString('Deed 2, “glass over the socket” told next to nothing and took 14 min', $words);
        $pointed = '/At the end the record pointed to the supply \(\d+ %\), and to the graphics card with \d+ %\./';
        $this->assertMatchesRegularExpression($pointed, $words);
        $fresh = $this->dead();
        $none = Debrief::of($fresh, $this->verdict($fresh, ['supply'], 60), 0, Bench::catalogue());
        $this->assertSame(['You named it by the owner’s words alone. Next time see it yourself first.'], $none->words);
    }

    /** Kullback and Leibler (1951): from even over eight to certain is three bits; nothing learned is none. */
    public function test_bits_are_those_of_kullback_and_leibler(): void
    {
        $even = new WhichParts(array_fill_keys(['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'], 0.125));
        $this->assertEqualsWithDelta(3.0, (new WhichParts(['c' => 1.0]))->bitsSince($even), 1e-9);
        $this->assertEqualsWithDelta(0.0, $even->bitsSince($even), 1e-9);
        // From 0.5/0.5 to 0.9/0.1: 1 - H(0.9), and H(0.9) = 0.468996 bits (tables of the binary entropy function).
        $coin = new WhichParts(['a' => 0.5, 'b' => 0.5]);
        $this->assertEqualsWithDelta(0.531004, (new WhichParts(['a' => 0.9, 'b' => 0.1]))->bitsSince($coin), 1e-6);
    }

    private function dead(): Attempt
    {
        $fault = ['fault' => 'supply-dead', 'part' => 'supply'];

        return Attempt::begin(new Puzzle('Dead', ['card' => true], [$fault], 'dead 3', 'storm', [], 'nothing'), Bench::catalogue());
    }

    /** @param  array<string, int>  $percents */
    private function guess(Attempt $attempt, array $percents, ?string $expected = null, ?int $sure = null): ?Guess
    {
        $reaches = array_keys(Bench::catalogue()->reaches);

        return Guess::typed($percents, $expected, $sure === null ? null : (string) $sure, array_keys($attempt->machine()->parts), $reaches);
    }

    /** @param  list<string>  $parts */
    private function verdict(Attempt $attempt, array $parts, int $percent): Verdict
    {
        return Verdict::said($parts, (string) $percent, array_keys($attempt->machine()->parts));
    }
}
