<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Statistics;

use InvalidArgumentException;
use Orthoscope\Core\Statistics\Bootstrap;
use PHPUnit\Framework\TestCase;

final class BootstrapTest extends TestCase
{
    /** The interval of a mean of many values is near the normal one: mean and 1.96 standard errors (any textbook). */
    public function test_it_comes_near_the_normal_interval_of_many_values(): void
    {
        $values = array_map(fn (int $i): float => sin($i * 1.7) + cos($i * 0.3), range(1, 400));
        $mean = array_sum($values) / 400;
        $variance = array_sum(array_map(fn (float $x): float => ($x - $mean) ** 2, $values)) / 399;
        $error = 1.96 * sqrt($variance / 400);
        $interval = Bootstrap::mean($values);
        $this->assertEqualsWithDelta($mean, $interval->estimate, 1e-9);
        $this->assertEqualsWithDelta($mean - $error, $interval->low, 0.15 * $error);
        $this->assertEqualsWithDelta($mean + $error, $interval->high, 0.15 * $error);
    }

    public function test_values_that_are_all_alike_leave_no_doubt_and_one_value_tells_of_none(): void
    {
        $same = Bootstrap::mean([0.4, 0.4, 0.4]);
        $this->assertEqualsWithDelta([0.4, 0.4, 0.4], [$same->low, $same->estimate, $same->high], 1e-12);
        $this->assertEquals(Bootstrap::mean([1.0, 3.0, 2.0]), Bootstrap::mean([1.0, 3.0, 2.0]), 'the same values, the same interval');
        $this->assertGreaterThan(Bootstrap::mean([0.0, 1.0], 0.5)->high - 0.5, Bootstrap::mean([0.0, 1.0])->high);
    }

    /** Clusters of ten that are all true or all false doubt a share as ten values do, not as a hundred. */
    public function test_what_is_drawn_together_is_one_piece_of_evidence(): void
    {
        $clusters = Bootstrap::ratio(array_map(fn (int $i): array => [$i < 5 ? 10.0 : 0.0, 10.0], range(0, 9)));
        $values = Bootstrap::mean(array_map(fn (int $i): float => $i < 5 ? 1.0 : 0.0, range(0, 9)));
        $this->assertSame(0.5, $clusters->estimate);
        $this->assertEqualsWithDelta([$values->low, $values->high], [$clusters->low, $clusters->high], 0.1);
        $half = Bootstrap::ratio([[1.0, 2.0], [3.0, 6.0], [0.0, 0.0]]);
        $this->assertSame([0.5, 0.5, 0.5], [$half->low, $half->estimate, $half->high], 'what holds nothing changes nothing');
    }

    public function test_over_nothing_there_is_no_ratio(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Bootstrap::ratio([[1.0, 0.0]]);
    }

    public function test_of_nothing_there_is_no_mean(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Bootstrap::mean([]);
    }
}
