<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\FaultSets;
use PHPUnit\Framework\TestCase;

final class FaultSetsTest extends TestCase
{
    public function test_a_set_is_there_once_however_it_is_come_by(): void
    {
        $sets = FaultSets::of([[], [1], [2]]);
        $both = $sets->with(1, 2);
        $this->assertSame([1, 2], $sets->faults($both));
        $this->assertSame($both, $sets->with(2, 1));
        $this->assertSame([1, $both, 2], [$sets->without($both, 2), $sets->with(1, 2), $sets->without($both, 1)]);
        $this->assertSame(4, $sets->count());
    }

    public function test_faults_stand_in_rising_order(): void
    {
        $sets = FaultSets::of([[3, 20]]);
        $this->assertSame([3, 5, 20], $sets->faults($sets->with(0, 5)));
        $this->assertSame('3 5 20', $sets->name($sets->with(0, 5)));
        $this->assertSame([20], $sets->faults($sets->without(0, 3)));
    }

    public function test_what_is_there_is_not_added_and_what_is_not_is_not_taken(): void
    {
        $sets = FaultSets::of([[], [7]]);
        $this->assertSame(1, $sets->with(1, 7));
        $this->assertSame(0, $sets->without(0, 7));
        $this->assertSame(0, $sets->without(1, 7));
        $this->assertSame(2, $sets->count());
    }

    public function test_sets_are_found_by_their_faults_whatever_their_size(): void
    {
        $sets = FaultSets::of([[4], [1, 4], [1, 4, 9], []]);
        $found = array_map($sets->find(...), [[], [4], [1, 4], [1, 4, 9], [1], [1, 9], [1, 4, 8], [0]]);
        $this->assertSame([3, 0, 1, 2, null, null, null, null], $found);
        $this->assertSame(4, $sets->with(3, 0));
        $this->assertSame(4, $sets->find([0]));
    }

    public function test_what_is_kept_comes_back_and_some_of_it_keeps_its_faults(): void
    {
        $sets = FaultSets::fromKept(unserialize(serialize(FaultSets::of([[], [70000], [3, 70000], [1, 2, 3]])->kept())));
        $this->assertSame([[], [70000], [3, 70000], [1, 2, 3]], array_map($sets->faults(...), [0, 1, 2, 3]));
        $some = $sets->only([3, 1]);
        $this->assertSame([[1, 2, 3], [70000], 2], [$some->faults(0), $some->faults(1), $some->count()]);
        $this->assertSame('1 2 3', $some->name(0));
    }
}
