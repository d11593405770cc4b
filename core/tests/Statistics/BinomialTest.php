<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Statistics;

use InvalidArgumentException;
use Orthoscope\Core\Statistics\Binomial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Against R 4.2 `binom.test` (method of Clopper & Pearson 1934). */
final class BinomialTest extends TestCase
{
    /** @return iterable<string, array{int, int, float, float}> */
    public static function published(): iterable
    {
        // R: binom.test(0, 20)$conf.int; binom.test(2, 10)$conf.int; binom.test(8, 10)$conf.int
        yield '0 of 20' => [0, 20, 0.0, 0.16843];
        yield '2 of 10' => [2, 10, 0.02521, 0.55610];
        yield '8 of 10' => [8, 10, 0.44390, 0.97479];
    }

    #[DataProvider('published')]
    public function test_the_interval_is_the_published_one(int $successes, int $trials, float $low, float $high): void
    {
        $interval = Binomial::of($successes, $trials)->interval();
        $this->assertEqualsWithDelta($low, $interval[0], 1e-5);
        $this->assertEqualsWithDelta($high, $interval[1], 1e-5);
    }

    public function test_no_failure_in_thirty_lies_under_the_rule_of_three(): void
    {
        // One side, 95 %: R gives 0.09503; the rule of three gives 3/30 (Hanley & Lippman-Hand, JAMA 249, 1983).
        $upper = Binomial::of(0, 30)->upper(0.05);
        $this->assertEqualsWithDelta(0.09503, $upper, 1e-5);
        $this->assertLessThan(3 / 30, $upper);
    }

    public function test_a_count_that_is_none_is_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Binomial::of(3, 2);
    }

    public function test_one_trial_is_a_count_and_none_is_not(): void
    {
        $this->assertSame(1.0, Binomial::of(1, 1)->share());
        $this->expectException(InvalidArgumentException::class);
        Binomial::of(0, 0);
    }
}
