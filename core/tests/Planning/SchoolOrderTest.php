<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\SchoolOrder;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SchoolOrderTest extends TestCase
{
    public function test_a_school_is_another_order_of_the_same_steps_and_its_cost_is_what_its_first_one_saves_less(): void
    {
        $open = array_values(
            array_filter(
                Bench::assess([['kind' => 'start', 'reached' => 'dark', 'waited' => 180, 'signs' => ['beeps' => 'memory']]])->advice->steps,
                fn (NextStep $step): bool => $step->isOpen(),
            ),
        );
        $ids = fn (array $steps): array => array_map(fn (NextStep $step): string => $step->candidate->id(), $steps);
        foreach (Bench::catalogue()->schools as $school) {
            $order = SchoolOrder::of($school, $open);
            $this->assertEqualsCanonicalizing($ids($open), $ids($order->steps), $school->id);
            $places = array_map(fn (NextStep $step): array => $school->place($step->candidate->step), $order->steps);
            $sorted = $places;
            usort($sorted, fn (array $a, array $b): int => $a <=> $b);
            $this->assertSame($sorted, $places, $school->id);
            $best = max(array_map(fn (NextStep $step): float => $step->saves, $open));
            $this->assertEqualsWithDelta(max(0.0, $best - $order->steps[0]->saves), $order->costs, 1e-9, $school->id);
        }
        $this->assertGreaterThan(
            1.0,
            SchoolOrder::of(Bench::catalogue()->schools['power-first'], $open)->costs,
            'memory beeps, and the power path is looked at first',
        );
    }

    public function test_without_an_open_step_it_costs_nothing(): void
    {
        $order = SchoolOrder::of(Bench::catalogue()->schools['power-first'], []);
        $this->assertSame([[], 0.0], [$order->steps, $order->costs]);
    }
}
