<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Electrical;

use Orthoscope\Core\Electrical\Beside;
use PHPUnit\Framework\TestCase;

final class BesideTest extends TestCase
{
    public function test_each_value_stands_beside_the_middle_of_the_good_ones(): void
    {
        $good = [['v18' => 600.0, 'v5' => 900.0], ['v18' => 800.0], ['v18' => 120000.0]];
        [$v18, $v5] = Beside::each(['v18' => 400.0, 'v5' => 900.0, 'core' => 2.0], $good);
        $this->assertSame(['v18', 800.0, 3, 0.5], [$v18->value, $v18->middle, $v18->of, $v18->ratio], 'One odd meter moves no middle.');
        $this->assertFalse($v18->isAlike());
        $this->assertSame('3 good ones had 800, this is 0.5 times that', $v18->words());
        $this->assertTrue($v5->isAlike());
        $this->assertSame('a good one had 900, this is 1 times that', $v5->words());
        $this->assertEqualsWithDelta(700.0, Beside::each(['v18' => 1.0], array_slice($good, 0, 2))[0]->middle, 1e-9);
    }

    public function test_nothing_is_said_where_there_is_no_good_one_or_nothing_to_divide_by(): void
    {
        $this->assertSame([], Beside::each(['v18' => 400.0], []));
        $zero = Beside::each(['rise' => 3.0], [['rise' => 0.0]])[0];
        $this->assertNull($zero->ratio);
        $this->assertFalse($zero->isAlike());
        $this->assertSame('a good one had 0', $zero->words());
    }
}
