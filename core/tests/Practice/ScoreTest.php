<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Practice\Score;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScoreTest extends TestCase
{
    private const PARTS = ['supply', 'board', 'stick-1', 'card'];

    private const OUTCOMES = ['nothing', 'twitch', 'dark', 'picture', 'stays'];

    public function test_who_knew_it_has_all_points_and_who_knows_nothing_none(): void
    {
        $this->assertEqualsWithDelta(100.0, Score::ofParts(['board' => 1.0], ['board'], self::PARTS), 1e-9);
        $this->assertEqualsWithDelta(0.0, Score::ofParts([], ['board'], self::PARTS), 1e-9);
        $this->assertEqualsWithDelta(100.0, Score::ofOutcome('dark', 1.0, 'dark', self::OUTCOMES), 1e-9);
        $this->assertEqualsWithDelta(0.0, Score::ofOutcome('dark', 0.2, 'stays', self::OUTCOMES), 1e-9);
    }

    public function test_who_was_sure_and_wrong_has_less_than_none(): void
    {
        $this->assertLessThan(-100.0, Score::ofParts(['supply' => 1.0], ['board'], self::PARTS));
        $this->assertLessThan(-100.0, Score::ofOutcome('dark', 1.0, 'stays', self::OUTCOMES));
    }

    public function test_two_at_fault_are_both_to_be_named(): void
    {
        $both = Score::ofParts(['board' => 1.0, 'card' => 1.0], ['board', 'card'], self::PARTS);
        $one = Score::ofParts(['board' => 1.0], ['board', 'card'], self::PARTS);
        $this->assertEqualsWithDelta(100.0, $both, 1e-9);
        $this->assertLessThan($both, $one);
    }

    /** By hand, with the formula of Brier (1950): 0.7 said of rain that came is (0.7 - 1)^2 + (0.3 - 0)^2. */
    public function test_the_sum_of_squares_is_briers(): void
    {
        $this->assertEqualsWithDelta(0.18, Score::brierOfParts(['rain' => 0.7, 'dry' => 0.3], ['rain'], ['rain', 'dry']), 1e-9);
    }

    /** @return iterable<string, array{float}> */
    public static function beliefs(): iterable
    {
        foreach ([0.05, 0.2, 0.35, 0.5, 0.77, 0.95] as $belief) {
            yield "belief {$belief}" => [$belief];
        }
    }

    /** Proper: whoever believes p has on average the most points by saying p, in steps of a hundredth. */
    #[DataProvider('beliefs')]
    public function test_saying_what_one_believes_is_best(float $belief): void
    {
        $ofParts = $ofOutcome = [];
        foreach (range(0, 100) as $said) {
            $p = $said / 100;
            $ofParts[$said] = $belief * Score::ofParts(['board' => $p], ['board'], self::PARTS);
            $ofOutcome[$said] = $belief * Score::ofOutcome('dark', $p, 'dark', self::OUTCOMES);
            foreach (['supply', 'stick-1', 'card'] as $other) {
                $ofParts[$said] += (1 - $belief) / 3 * Score::ofParts(['board' => $p], [$other], self::PARTS);
            }
            foreach (['nothing', 'twitch', 'picture', 'stays'] as $other) {
                $ofOutcome[$said] += (1 - $belief) / 4 * Score::ofOutcome('dark', $p, $other, self::OUTCOMES);
            }
        }
        $this->assertSame((int) round(100 * $belief), array_search(max($ofParts), $ofParts, true));
        $this->assertSame((int) round(100 * $belief), array_search(max($ofOutcome), $ofOutcome, true));
    }

    /** Also where one or two parts may be at fault at once: each part's belief by itself. */
    public function test_it_is_proper_where_two_may_be_at_fault(): void
    {
        $truths = [[['board'], 0.5], [['board', 'card'], 0.2], [['card'], 0.3]];
        $on = fn (float $board, float $card): float => array_sum(
            array_map(
                fn (array $truth): float => $truth[1] * Score::ofParts(
                    ['board' => $board, 'card' => $card, 'supply' => 0.0, 'stick-1' => 0.0],
                    $truth[0],
                    self::PARTS,
                ),
                $truths,
            ),
        );
        $honest = $on(0.7, 0.5);
        foreach ([[0.6, 0.5], [0.8, 0.5], [0.7, 0.4], [0.7, 0.6], [1.0, 0.0], [0.5, 0.5]] as [$board, $card]) {
            $this->assertGreaterThan($on($board, $card), $honest);
        }
    }

    public function test_what_is_left_is_even_over_the_other_outcomes(): void
    {
        // By hand: of three, 0.5 on what did not come leaves 0.25 each; 0.25 + 0.5625 + 0.0625 = 0.875 against 2/3 for an even share.
        $wrong = Score::ofOutcome('dark', 0.5, 'stays', ['dark', 'stays', 'drops']);
        $right = Score::ofOutcome('stays', 1.0, 'stays', ['dark', 'stays', 'drops']);
        $this->assertSame(0.0, round(Score::ofOutcome('dark', 1 / 3, 'stays', ['dark', 'stays', 'drops']), 9));
        $this->assertEqualsWithDelta(-$right * (0.875 - 2 / 3) / (2 / 3), $wrong, 1e-9);
    }
}
