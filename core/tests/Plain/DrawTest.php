<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\Stock;
use PHPUnit\Framework\TestCase;

final class DrawTest extends TestCase
{
    public function test_the_same_words_give_the_same_course_and_others_another(): void
    {
        $course = fn (string $seed): array => (function (Draw $draw): array {
            return [$draw->unit(), $draw->unit(), $draw->unit()];
        })(Draw::from($seed));
        $this->assertSame($course('a'), $course('a'));
        $this->assertNotSame($course('a'), $course('b'));
    }

    public function test_a_weight_of_nothing_is_never_drawn_and_the_rest_by_weight(): void
    {
        $draw = Draw::from('weights');
        $count = ['never' => 0, 'seldom' => 0, 'often' => 0];
        for ($i = 0; $i < 2000; $i++) {
            $count[$draw->weighed(['never' => 0.0, 'seldom' => 1.0, 'often' => 3.0])]++;
        }
        $this->assertSame(0, $count['never']);
        // One in four of 2000: 500, with a standard deviation of 19.
        $this->assertEqualsWithDelta(500, $count['seldom'], 80);
    }

    public function test_what_is_sure_happens_and_what_is_impossible_does_not(): void
    {
        $draw = Draw::from('sure');
        for ($i = 0; $i < 200; $i++) {
            $this->assertTrue($draw->happens(1.0));
            $this->assertFalse($draw->happens(0.0));
        }
    }

    public function test_a_factor_stays_within_and_falls_as_often_below_one_as_above(): void
    {
        $draw = Draw::from('factor');
        $below = 0;
        for ($i = 0; $i < 1000; $i++) {
            $factor = $draw->factor(3.0);
            $this->assertGreaterThanOrEqual(1 / 3, $factor);
            $this->assertLessThanOrEqual(3.0, $factor);
            $below += $factor < 1.0 ? 1 : 0;
        }
        $this->assertEqualsWithDelta(500, $below, 80);
    }

    public function test_every_machine_of_the_stock_is_one_and_they_differ(): void
    {
        $shapes = [];
        for ($i = 0; $i < 40; $i++) {
            $machine = Machine::fromArray(Stock::machine(Draw::from("stock {$i}")), Catalogue::shipped());
            $this->assertTrue($machine->has('card') || $machine->facts['own_graphics']);
            $shapes[implode(' ', array_keys($machine->parts))] = true;
        }
        $this->assertGreaterThan(8, count($shapes));
    }
}
