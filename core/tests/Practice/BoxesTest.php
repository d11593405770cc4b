<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use DateTimeImmutable;
use Orthoscope\Core\Practice\Boxes;
use PHPUnit\Framework\TestCase;

final class BoxesTest extends TestCase
{
    public function test_right_goes_a_box_further_and_wrong_back_to_the_first(): void
    {
        $this->assertSame([2, 3, 5, 5], [Boxes::after(1, true), Boxes::after(2, true), Boxes::after(4, true), Boxes::after(5, true)]);
        $this->assertSame([1, 1], [Boxes::after(1, false), Boxes::after(5, false)]);
    }

    public function test_each_box_rests_twice_as_long(): void
    {
        $monday = new DateTimeImmutable('2026-11-30 18:00:00');
        $days = array_map(fn (int $box): int => (int) $monday->diff(Boxes::due($box, $monday))->days, range(1, 5));
        $this->assertSame([1, 2, 4, 8, 16], $days);
    }
}
