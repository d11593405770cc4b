<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\FaultSets;
use PHPUnit\Framework\TestCase;

final class FaultSetsTest extends TestCase
{
    public function test_a_set_is_there_once_however_it_is_come_by(): void
    {
        $sets = new FaultSets([[], [1], [2]]);
        $both = $sets->with(1, 2);
        $this->assertSame([1, 2], $sets->all[$both]);
        $this->assertSame($both, $sets->with(2, 1));
        $this->assertSame([1, $both, 2], [$sets->without($both, 2), $sets->with(1, 2), $sets->without($both, 1)]);
        $this->assertSame(4, $sets->count());
    }

    public function test_faults_stand_in_rising_order(): void
    {
        $sets = new FaultSets([[3, 20]]);
        $this->assertSame([3, 5, 20], $sets->all[$sets->with(0, 5)]);
        $this->assertSame('3 5 20', $sets->name($sets->with(0, 5)));
        $this->assertSame([20], $sets->all[$sets->without(0, 3)]);
    }

    public function test_what_is_there_is_not_added_and_what_is_not_is_not_taken(): void
    {
        $sets = new FaultSets([[], [7]]);
        $this->assertSame(1, $sets->with(1, 7));
        $this->assertSame(0, $sets->without(0, 7));
        $this->assertSame(0, $sets->without(1, 7));
        $this->assertSame(2, $sets->count());
    }
}
