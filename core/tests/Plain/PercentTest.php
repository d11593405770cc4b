<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Orthoscope\Core\Plain\Percent;
use PHPUnit\Framework\TestCase;

/** Chances as they are read: what is not certain is rounded neither to nothing nor to all. */
final class PercentTest extends TestCase
{
    public function test_it_is_said_in_hundredths(): void
    {
        $this->assertSame(['41 %', '99 %'], array_map(Percent::words(...), [0.414, 0.99]));
        $this->assertSame(['41', '99'], array_map(Percent::short(...), [0.414, 0.99]));
        $this->assertSame(41, Percent::whole(0.414));
    }

    public function test_next_to_nothing_and_next_to_all_are_neither(): void
    {
        $this->assertSame(['under 1 %', '1 %', 'over 99 %'], array_map(Percent::words(...), [0.0049, 0.005, 0.9901]));
        $this->assertSame(['<1', '1', '>99'], array_map(Percent::short(...), [0.0049, 0.005, 0.9901]));
        $this->assertSame([1, 99], array_map(Percent::whole(...), [0.0, 1.0]));
    }
}
