<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\Luck;
use PHPUnit\Framework\TestCase;

final class LuckTest extends TestCase
{
    public function test_by_deed_each_deed_has_a_stream_of_its_own(): void
    {
        [$one, $other] = [Luck::byDeed('seed'), Luck::byDeed('seed')];
        $first = $one->of('start')->unit();
        $other->of('look')->unit();
        $other->of('act')->unit();
        $this->assertSame($first, $other->of('start')->unit(), 'what was done before changes nothing');
        $second = $one->of('start')->unit();
        $this->assertNotSame($first, $second, 'the second time is another');
        $this->assertSame($second, $other->of('start')->unit());
        $this->assertNotSame($first, Luck::byDeed('another seed')->of('start')->unit());
    }

    public function test_as_it_comes_there_is_one_stream_for_all(): void
    {
        $luck = Luck::asItComes(Draw::from('seed'));
        $plain = Draw::from('seed');
        $this->assertSame(
            [$plain->unit(), $plain->unit(), $plain->unit()],
            [$luck->of('start')->unit(), $luck->of('look')->unit(), $luck->of('start')->unit()],
        );
    }
}
