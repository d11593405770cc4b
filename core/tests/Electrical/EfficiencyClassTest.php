<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Electrical;

use Orthoscope\Core\Electrical\Sizing\EfficiencyClass;
use PHPUnit\Framework\TestCase;

/** 80 PLUS, 115 V internal, at 20, 50 and 100 % of the label; from memory. */
final class EfficiencyClassTest extends TestCase
{
    public function test_the_classes_are_as_published(): void
    {
        $published = [
            'plain' => [80, 80, 80],
            'bronze' => [82, 85, 82],
            'silver' => [85, 88, 85],
            'gold' => [87, 90, 87],
            'platinum' => [90, 92, 89],
            'titanium' => [92, 94, 90],
        ];
        foreach ($published as $class => $shares) {
            $this->assertSame(
                $shares,
                array_map(fn (float $load): int => (int) round(100 * EfficiencyClass::from($class)->at($load)), [0.2, 0.5, 1.0]),
                $class,
            );
        }
        $this->assertEqualsWithDelta(0.9, EfficiencyClass::Titanium->at(0.1), 1e-9);
    }

    public function test_between_the_points_it_runs_straight(): void
    {
        $this->assertEqualsWithDelta(0.835, EfficiencyClass::Bronze->at(0.35), 1e-9);
        $this->assertEqualsWithDelta(0.82, EfficiencyClass::Bronze->at(0.05), 1e-9);
    }

    public function test_at_the_wall_it_draws_what_comes_out_and_what_is_lost(): void
    {
        // 260 of 520 W from a bronze unit: 260 / 0.85.
        $this->assertEqualsWithDelta(305.882, EfficiencyClass::Bronze->atTheWall(260, 520), 0.001);
        $this->assertSame(0.0, EfficiencyClass::Gold->atTheWall(0, 500));
    }
}
