<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Statistics;

use Orthoscope\Core\Statistics\Beta;
use Orthoscope\Core\Statistics\FalseDiscoveryRate;
use Orthoscope\Core\Statistics\Fisher;
use Orthoscope\Core\Statistics\ShrunkenRate;
use Orthoscope\Core\Statistics\Survival;
use PHPUnit\Framework\TestCase;

/** Against values published or recomputed with R 4.2; the R line stands beside each. */
final class PublishedValuesTest extends TestCase
{
    /**
     * Kaplan & Meier 1958 on the 6-MP remission data (Freireich 1963; Gehan 1965), with Greenwood errors.
     * R: summary(survfit(Surv(c(6,6,6,6,7,9,10,10,11,13,16,17,19,20,22,23,25,32,32,34,35),
     * c(1,1,1,0,1,0,1,0,0,1,1,0,0,0,1,1,0,0,0,0,0)) ~ 1))
     */
    public function test_survival(): void
    {
        $cases = array_map(
            fn (string $word): array => [(float) $word, ! str_ends_with($word, '+')],
            explode(',', '6,6,6,6+,7,9+,10,10+,11+,13,16,17+,19+,20+,22,23,25+,32+,32+,34+,35+'),
        );
        $survival = Survival::of($cases);
        $this->assertSame([6.0, 7.0, 10.0, 13.0, 16.0, 22.0, 23.0], array_column($survival->steps, 'time'));
        foreach ([0.8571, 0.8067, 0.7529, 0.6902, 0.6275, 0.5378, 0.4482] as $i => $share) {
            $this->assertEqualsWithDelta($share, $survival->steps[$i]['share'], 5e-5);
        }
        foreach ([0.0764, 0.0869, 0.0963, 0.1068, 0.1141, 0.1282, 0.1346] as $i => $error) {
            $this->assertEqualsWithDelta($error, $survival->steps[$i]['error'], 5e-5);
        }
        $this->assertSame([21, 9], [$survival->count, $survival->events]);
        $this->assertSame(1.0, $survival->at(5.9));
        $this->assertEqualsWithDelta(0.7529, $survival->at(12.0), 5e-5);
        $this->assertEqualsWithDelta([0.7529 - 1.96 * 0.0963, 0.7529 + 1.96 * 0.0963], $survival->interval(12.0), 5e-4);
        $this->assertSame([1.0, 1.0], $survival->interval(5.9));
    }

    public function test_a_curve_with_fewer_steps_ends_where_the_whole_one_does(): void
    {
        $survival = Survival::of(array_map(fn (int $i): array => [(float) $i, $i % 3 === 0], range(1, 900)));
        $outline = $survival->outline(60);
        $this->assertLessThanOrEqual(60, count($outline));
        $this->assertGreaterThan(50, count($outline));
        $this->assertSame($survival->steps[count($survival->steps) - 1], $outline[count($outline) - 1]);
        foreach ($outline as $step) {
            $this->assertSame($survival->at($step['time']), $step['share']);
        }
        $this->assertSame($survival->steps, $survival->outline(300));
    }

    /** Fisher 1935, the lady tasting tea. R: fisher.test(matrix(c(3,1,1,3),2), alternative="greater")$p.value */
    public function test_tea(): void
    {
        $this->assertEqualsWithDelta(0.242857, Fisher::more(3, 1, 1, 3), 1e-6);
        $this->assertEqualsWithDelta(1 / 70, Fisher::more(4, 0, 0, 4), 1e-12);
        $this->assertEqualsWithDelta(1.0, Fisher::more(0, 4, 4, 0), 1e-12);
    }

    /** Benjamini & Hochberg 1995, their 15 p-values: 4 are rejected at .05. R: sum(p.adjust(p, "BH") <= .05) */
    public function test_fifteen_looks(): void
    {
        $p = [0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.0459, 0.324, 0.4262, 0.5719, 0.6528, 0.759, 1.0];
        $shares = FalseDiscoveryRate::falseShares($p);
        $this->assertCount(4, array_filter($shares, fn (float $share): bool => $share <= 0.05));
        // R: p.adjust(p, "BH")[c(1, 4, 5, 15)]
        $this->assertEqualsWithDelta([0.0015, 0.035625, 0.0603, 1.0], [$shares[0], $shares[3], $shares[4], $shares[14]], 1e-9);
        $this->assertSame([], FalseDiscoveryRate::falseShares([]));
    }

    /** R: qbeta(c(.025, .5, .975), 3, 17); pbeta(.2, 3, 17) */
    public function test_beta(): void
    {
        $beta = Beta::of(3, 17);
        $this->assertEqualsWithDelta(
            [0.033826249, 0.138271162, 0.331376664],
            [$beta->quantile(0.025), $beta->quantile(0.5), $beta->quantile(0.975)],
            1e-8,
        );
        $this->assertEqualsWithDelta(0.76311066, $beta->below(0.2), 1e-8);
        $this->assertEqualsWithDelta(0.15, $beta->mean(), 1e-12);
        $this->assertEqualsWithDelta($beta->quantile(0.3), Beta::of(3, 17)->quantile(0.3), 1e-12);
    }

    public function test_few_cases_are_drawn_to_their_family_and_many_are_not(): void
    {
        $few = ShrunkenRate::towards(0.05, 20, 2, 3);
        $many = ShrunkenRate::towards(0.05, 20, 200, 300);
        $this->assertEqualsWithDelta(3 / 23, $few->belief->mean(), 1e-12);
        $this->assertEqualsWithDelta(201 / 320, $many->belief->mean(), 1e-12);
        // R: qbeta(c(.025,.975), 3, 20)
        $this->assertEqualsWithDelta([0.029055851, 0.291612742], $few->belief->interval(), 1e-8);
    }
}
