<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Plain\Money;
use PHPUnit\Framework\TestCase;

final class MoneyTest extends TestCase
{
    public function test_a_share_rounds_half_away_from_nothing(): void
    {
        $this->assertSame(1, Money::of(5)->share(1000)->minor);
        $this->assertSame(-1, Money::of(-5)->share(1000)->minor);
        $this->assertSame(0, Money::of(4)->share(1000)->minor);
        $this->assertSame(2000, Money::of(10000)->share(2000)->minor);
    }

    public function test_parts_always_add_up_to_the_whole_and_none_is_a_cent_off_its_share(): void
    {
        $draw = Draw::from('money');
        for ($i = 0; $i < 2000; $i++) {
            $minor = (int) floor(200000 * $draw->unit()) - 50000;
            $weights = array_map(fn (): int => (int) floor(1000 * $draw->unit()), range(1, 1 + (int) floor(9 * $draw->unit())));
            $weights[0] += 1;
            $parts = Money::of($minor)->split($weights);
            $this->assertSame(
                $minor,
                array_sum(array_map(fn (Money $part): int => $part->minor, $parts)),
                "{$minor} by ".implode(',', $weights),
            );
            foreach ($parts as $key => $part) {
                $this->assertLessThan(1.0, abs($part->minor - ($minor * $weights[$key]) / array_sum($weights)));
            }
        }
    }
}
