<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use InvalidArgumentException;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Likelihood;
use PHPUnit\Framework\TestCase;

/** The general engine on numbers small enough to do by hand. */
final class BeliefTest extends TestCase
{
    public function test_priors_are_brought_to_one(): void
    {
        $belief = Belief::over([[[], 1.0], [[1], 2.0], [[2], 5.0]]);
        $this->assertEqualsWithDelta(0.125, $belief->sound(), 1e-12);
        $this->assertEqualsWithDelta(0.625, $belief->had(2), 1e-12);
        $this->assertSame(0.0, $belief->had(3));
    }

    public function test_no_prior_at_all_is_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Belief::over([[[1], 0.0]]);
    }

    public function test_bayes_by_hand(): void
    {
        // 0.2 x 0.9 against 0.8 x 0.1: 0.18 / 0.26.
        $belief = Belief::over([[[], 0.8], [[1], 0.2]])->given($this->shows(1, 0.9, 0.1));
        $this->assertEqualsWithDelta(0.18 / 0.26, $belief->had(1), 1e-12);
        $this->assertEqualsWithDelta(log(0.26), $belief->logEvidence, 1e-12);
    }

    public function test_several_at_once_are_one_after_the_other(): void
    {
        $prior = Belief::over([[[], 0.8], [[1], 0.2]]);
        $seen = $this->shows(1, 0.9, 0.1);
        $this->assertEqualsWithDelta($prior->given($seen)->given($seen)->given($seen)->had(1), $prior->given($seen, 3)->had(1), 1e-12);
        $this->assertEqualsWithDelta(0.2 * 0.9 ** 3 + 0.8 * 0.1 ** 3, $prior->predict($seen, 3), 1e-12);
    }

    public function test_a_cure_moves_is_and_leaves_was(): void
    {
        $belief = Belief::over([[[1], 0.5], [[1, 2], 0.5]])->after([1 => 0.8]);
        $this->assertEqualsWithDelta(1.0, $belief->had(1), 1e-12);
        $this->assertEqualsWithDelta(0.2, $belief->hasAny([1 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.5, $belief->hasAny([2 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.4, $belief->sound(), 1e-12);
    }

    public function test_what_comes_about_by_moving_joins_what_was_there(): void
    {
        $belief = Belief::over([[[], 0.5], [[2], 0.5]])->arising([1 => 0.1, 3 => 0.2]);
        $this->assertEqualsWithDelta(0.1, $belief->hasAny([1 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.2, $belief->hasAny([3 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.5, $belief->hasAny([2 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.5 * 0.7, $belief->sound(), 1e-12);
        $this->assertEqualsWithDelta(
            ['' => 0.35, '1' => 0.05, '3' => 0.1, '2' => 0.35, '1 2' => 0.05, '2 3' => 0.1],
            $belief->bySet(),
            1e-12,
        );
    }

    public function test_what_was_cured_can_come_about_again_and_what_is_there_cannot(): void
    {
        $cured = Belief::over([[[1], 1.0]])->after([1 => 1.0]);
        $this->assertEqualsWithDelta(0.3, $cured->arising([1 => 0.3])->hasAny([1 => true]), 1e-12);
        $there = Belief::over([[[1], 1.0]])->arising([1 => 0.3]);
        $this->assertEqualsWithDelta(1.0, $there->hasAny([1 => true]), 1e-12);
        $this->assertSame(1, $there->stateCount());
    }

    public function test_a_set_that_comes_about_in_two_ways_is_one_set(): void
    {
        $belief = Belief::over([[[1], 0.4], [[2], 0.4], [[1, 2], 0.2]])->arising([1 => 0.5, 2 => 0.5]);
        $this->assertEqualsWithDelta(['1' => 0.2, '2' => 0.2, '1 2' => 0.6], $belief->bySet(), 1e-12);
        $this->assertSame(3, $belief->stateCount());
    }

    public function test_a_fault_brought_in_late_keeps_what_was_cured_cured(): void
    {
        $belief = Belief::over([[[5], 1.0]])
            ->after([5 => 0.5])
            ->introduce(2, 0.1);
        $this->assertEqualsWithDelta(0.5, $belief->hasAny([5 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.1, $belief->hasAny([2 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.45, $belief->sound(), 1e-12);
        $this->assertEqualsWithDelta(0.5, $belief->sound([2 => true]), 1e-12);
    }

    public function test_what_was_kept_goes_on_as_if_it_had_not_been(): void
    {
        $belief = Belief::over([[[], 0.2], [[1], 0.3], [[1, 2], 0.5]])
            ->after([1 => 0.4])
            ->given($this->shows(2, 0.9, 0.2));
        $kept = Belief::fromKept(unserialize(serialize($belief->kept())));
        $go = fn (Belief $b): Belief => $b->arising([2 => 0.1])->given($this->shows(1, 0.7, 0.1));
        $this->assertEqualsWithDelta($go($belief)->bySet(), $go($kept)->bySet(), 1e-12);
        $this->assertEqualsWithDelta($go($belief)->logEvidence, $go($kept)->logEvidence, 1e-12);
    }

    public function test_groups_are_counted_once_each(): void
    {
        $belief = Belief::over([[[1, 2], 0.5], [[1, 3], 0.3], [[4], 0.2]])->after([1 => 1.0]);
        [$was, $is] = $belief->byGroup([1 => 'a', 2 => 'a', 3 => 'b']);
        $this->assertEqualsWithDelta(['a' => 0.8, 'b' => 0.3], $was, 1e-12);
        $this->assertEqualsWithDelta(['a' => 0.5, 'b' => 0.3], $is, 1e-12);
    }

    public function test_a_cure_leaves_those_without_the_fault_as_they_were(): void
    {
        $belief = Belief::over([[[], 0.3], [[1], 0.3], [[2], 0.4]]);
        $this->assertSame($belief, $belief->after([9 => 1.0]));
        $cured = [[[], 0.3, []], [[1], 0.0, [1]], [[2], 0.4, [2]], [[], 0.3, [1]]];
        $this->assertEqualsWithDelta($cured, $belief->after([1 => 1.0])->states(), 1e-12);
    }

    public function test_what_is_cured_joins_what_was_cured_before(): void
    {
        $belief = Belief::over([[[1, 2], 1.0]])->after([1 => 0.5])->after([1 => 0.5, 2 => 0.5]);
        $this->assertSame(4, $belief->stateCount());
        $this->assertEqualsWithDelta(0.75 * 0.5, $belief->sound(), 1e-12);
        $this->assertEqualsWithDelta(0.75, $belief->sound([2 => true]), 1e-12);
        $this->assertEqualsWithDelta(0.5, $belief->sound([1 => true]), 1e-12);
    }

    public function test_each_fault_alone_and_none(): void
    {
        $belief = Belief::over([[[], 0.2], [[1], 0.4], [[2], 0.1], [[1, 2], 0.3]])->after([1 => 0.25]);
        [$had, $has] = $belief->alone();
        $this->assertEqualsWithDelta([-1 => 0.2, 1 => 0.4, 2 => 0.1], $had, 1e-12);
        $this->assertEqualsWithDelta([-1 => 0.0, 1 => 0.75, 2 => 1.0], $has, 1e-12);
        $this->assertTrue($belief->holds([1, 2]));
        $this->assertFalse($belief->holds([2, 3]));
    }

    public function test_what_is_cured_stays_cured(): void
    {
        $belief = Belief::over([[[1], 1.0]])
            ->after([1 => 0.5])
            ->after([1 => 0.5]);
        $this->assertEqualsWithDelta(0.75, $belief->sound(), 1e-12);
        $this->assertEqualsWithDelta(0.75, $belief->after([])->sound(), 1e-12);
    }

    public function test_seeing_it_run_tells_that_it_was_cured(): void
    {
        $runs = $this->shows(1, 0.02, 0.98);
        $belief = Belief::over([[[1], 1.0]])
            ->after([1 => 0.5])
            ->given($runs);
        $this->assertEqualsWithDelta(0.98, $belief->sound(), 1e-12);
        $this->assertEqualsWithDelta(1.0, $belief->had(1), 1e-12);
    }

    public function test_a_spare_that_may_be_bad_comes_in_beside_everything_else(): void
    {
        $belief = Belief::over([[[], 0.6], [[1], 0.4]])->introduce(9, 0.1);
        $this->assertEqualsWithDelta(0.1, $belief->had(9), 1e-12);
        $this->assertEqualsWithDelta(0.4, $belief->had(1), 1e-12);
        $this->assertEqualsWithDelta(0.54, $belief->sound(), 1e-12);
    }

    public function test_what_nothing_explains_changes_nothing(): void
    {
        $belief = Belief::over([[[], 0.6], [[1], 0.4]]);
        $this->assertSame($belief, $belief->given($this->shows(1, 0.0, 0.0)));
    }

    public function test_the_smaller_belief_keeps_the_likeliest(): void
    {
        $belief = Belief::over([[[1], 0.5], [[2], 0.3], [[3], 0.15], [[4], 0.05]]);
        $this->assertSame(3, $belief->mostOf(0.9)->stateCount());
        $this->assertSame(2, $belief->mostOf(0.9, 2)->stateCount());
        $this->assertEqualsWithDelta(0.5 / 0.8, $belief->mostOf(0.9, 2)->had(1), 1e-12);
    }

    public function test_the_unlikeliest_is_dropped(): void
    {
        $belief = Belief::over([[[1], 0.999], [[2], 0.001]], 0.01)->given($this->shows(1, 0.5, 0.5));
        $this->assertSame(1, $belief->stateCount());
    }

    public function test_independent_faults_give_every_set(): void
    {
        $belief = Belief::independent([1 => 0.1, 2 => 0.2, 3 => 0.3]);
        $this->assertSame(8, $belief->stateCount());
        $this->assertEqualsWithDelta(0.9 * 0.8 * 0.7, $belief->sound(), 1e-12);
        $this->assertEqualsWithDelta(0.2, $belief->had(2), 1e-12);
    }

    private function shows(int $fault, float $with, float $without): Likelihood
    {
        return new class($fault, $with, $without) implements Likelihood
        {
            public function __construct(private int $fault, private float $with, private float $without)
            {
            }

            public function given(array $faults): float
            {
                return in_array($this->fault, $faults, true) ? $this->with : $this->without;
            }
        };
    }
}
