<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Why;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Why\BeliefCourse;
use Orthoscope\Core\Why\LeftOut;
use Orthoscope\Core\Why\Movers;
use Orthoscope\Core\Why\Odds;
use Orthoscope\Core\Why\OtherStep;
use Orthoscope\Core\Why\PartBelief;
use Orthoscope\Core\Why\Weight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Why a part stands where it stands: each number held against the record gone through again from its start. */
final class WhyTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private function case(): CaseFile
    {
        return Bench::case([
            ['kind' => 'report', 'reached' => 'dark', 'events' => ['moved']],
            [...self::DARK, 'signs' => ['lamp' => 'memory']],
            [...self::DARK, 'setup' => ['out' => ['stick-2']]],
            ['kind' => 'strike-out', 'entry' => 3, 'text' => 'wrong stick'],
            [...self::DARK, 'setup' => ['out' => ['stick-1']], 'reached' => 'stays'],
            ['kind' => 'note', 'text' => 'lunch'],
        ]);
    }

    /** @return callable(): Adviser */
    private static function advisers(CaseFile $case, ?Catalogue $catalogue = null): callable
    {
        return fn (): Adviser => new Adviser($catalogue ?? Bench::catalogue(), $case->machine, $case->shelf);
    }

    public function test_the_course_is_what_each_shorter_record_gives(): void
    {
        $case = $this->case();
        $course = BeliefCourse::of(self::advisers($case)(), $case->record);
        $this->assertSame([0, 1, 2, 3, 4, 5, 6], array_keys($course->at));
        foreach ($course->at as $entry => $then) {
            $replay = Replay::of($case->machine, $case->record->upTo($entry), Bench::catalogue());
            $this->assertEqualsWithDelta(
                $replay->belief->hadAny($replay->model->modes->ofPart('stick-1')),
                $then->of['stick-1'],
                0.02,
                "after entry {$entry}",
            );
        }
        // That the lamp spoke of memory and that it ran without the stick moved belief in it most; the struck entry is no such.
        $odds = fn (int $entry): float => log($course->at[$entry]->of['stick-1'] / (1.0 - $course->at[$entry]->of['stick-1']));
        $this->assertSame($odds(2) - $odds(1) > $odds(5) - $odds(4) ? 2 : 5, $course->mover('stick-1'));
        $this->assertSame([], $course->moves(6), 'A note moves nothing.');
        [$before, $after] = $course->moves(5)['stick-1'];
        $this->assertGreaterThan($before, $after);
        // What was struck out counts until it was.
        $this->assertEqualsWithDelta($course->at[2]->of['stick-1'], $course->at[4]->of['stick-1'], 0.01);
        $this->assertSame([], $course->moves(99));
        $this->assertNull($course->mover('no-such-part'));
    }

    public function test_a_weight_is_the_odds_with_an_entry_over_those_without_it(): void
    {
        $case = $this->case();
        $left = LeftOut::of(self::advisers($case), $case->record);
        $this->assertSame([1, 2, 5], array_keys($left->without), 'A note, a strike-out and what was struck say nothing.');
        $with = PartBelief::by(self::advisers($case)()->replay($case->record))->of['stick-1'];
        foreach ($left->weights('stick-1') as $weight) {
            $without = PartBelief::by(self::advisers($case)()->replay($case->record->without($weight->entry)))->of['stick-1'];
            $this->assertEqualsWithDelta(Odds::of($with) / Odds::of($without), $weight->ratio, 1e-9 * $weight->ratio);
        }
        $first = $left->weights('stick-1')[0];
        $this->assertSame([5, true], [$first->entry, $first->speaksFor()]);
        $this->assertContains(array_key_first($left->tellingMost()), [2, 5]);
        // The weights need not multiply to the whole; by how much they do not is said.
        $product = array_product(array_map(fn (int $entry): float => $left->ratio('stick-1', $entry), array_keys($left->without)));
        $this->assertEqualsWithDelta($product, $left->overlap('stick-1') * $left->altogether('stick-1'), 1e-6 * $product);
    }

    public function test_entries_that_say_the_same_hide_behind_each_other(): void
    {
        $case = Bench::case([
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
        ]);
        $left = LeftOut::of(self::advisers($case), $case->record);
        $seen = $left->weights($left->with->first());
        $this->assertNotSame([], $seen);
        $this->assertGreaterThan(0.0, $left->overlap($left->with->first()));
        $this->assertSame(0.0, $left->with->awayFrom($left->with));
    }

    public function test_movers_are_the_steps_that_move_a_part_most(): void
    {
        $assessment = Bench::assess([[...self::DARK, 'signs' => ['lamp' => 'memory']]]);
        $movers = Movers::of($assessment, 'stick-1');
        $this->assertNotSame([], $movers);
        $moved = array_map(fn ($step): float => array_sum(array_map(
            fn ($outcome): float => $outcome->probability
                * abs(($outcome->parts['stick-1'] ?? 0.0) - $assessment->standings['stick-1']->probability),
            $step->outcomes,
        )), $movers);
        $sorted = $moved;
        rsort($sorted);
        $this->assertSame($sorted, $moved);
        $this->assertSame([], Movers::of($assessment, 'no-such-part'));
    }

    /** @return iterable<string, array{float, string}> */
    public static function ratios(): iterable
    {
        yield 'twice and a half' => [2.5, '2.5 times likelier'];
        yield 'a round number' => [3.0, '3 times likelier'];
        yield 'many' => [41.7, '42 times likelier'];
        yield 'too many to say' => [123456.0, 'more than 1,000 times likelier'];
        yield 'a quarter' => [0.25, '4 times less likely'];
        yield 'never' => [0.0, 'more than 1,000 times less likely'];
    }

    #[DataProvider('ratios')]
    public function test_a_ratio_in_words(float $ratio, string $words): void
    {
        $this->assertSame($words, Weight::times($ratio));
    }

    public function test_odds_keep_away_from_never_and_certain(): void
    {
        $this->assertSame(1.0, Odds::of(0.5));
        $this->assertTrue(is_finite(Odds::of(1.0)));
        $this->assertGreaterThan(0.0, Odds::of(0.0));
        $this->assertEqualsWithDelta(log(3), Odds::log(0.75), 1e-12);
    }

    public function test_another_step_costs_by_the_same_numbers_and_says_what_would_make_it_right(): void
    {
        $case = Bench::case([[...self::DARK, 'signs' => ['lamp' => 'memory']]]);
        $catalogue = Bench::catalogue();
        $under = fn (Catalogue $other): Assessment => Assessment::of($case->machine, $case->record, $case->shelf, $other);
        $now = $under($catalogue);
        $open = array_values(array_filter($now->advice->steps, fn ($step): bool => $step->isOpen()));
        $this->assertNull(OtherStep::of($now, $open[0]->candidate->id(), $under, $catalogue), 'It comes first already.');
        $this->assertNull(OtherStep::of($now, 'no-such-step', $under, $catalogue));
        $other = OtherStep::of($now, $open[1]->candidate->id(), $under, $catalogue);
        $this->assertNotNull($other);
        $this->assertEqualsWithDelta($open[0]->saves - $open[1]->saves, $other->minutes, 1e-9);
        $this->assertGreaterThanOrEqual(-1e-9, $other->minutes, 'The first is worth most.');
        $this->assertNotSame([], $other->needed);
        foreach ($other->needed as [$fault, $times]) {
            if ($times !== null) {
                $then = $under(\Orthoscope\Core\Learning\ShiftedCatalogue::of($catalogue, [$fault->fault->id => $times]));
                $this->assertSame(
                    $open[1]->candidate->id(),
                    array_values(array_filter($then->advice->steps, fn ($step): bool => $step->isOpen()))[0]->candidate->id(),
                );
            }
        }
    }
}
