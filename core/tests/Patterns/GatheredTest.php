<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Patterns;

use Orthoscope\Core\Patterns\Gathered;
use Orthoscope\Core\Patterns\Pattern;
use Orthoscope\Core\Patterns\Seen;
use Orthoscope\Core\Patterns\Watch;
use PHPUnit\Framework\TestCase;

final class GatheredTest extends TestCase
{
    public function test_a_batch_seen_as_cause_fault_and_family_is_one_thing_led_by_what_says_most(): void
    {
        $jobs = [];
        for ($i = 0; $i < 150; $i++) {
            $jobs[] = new Seen(
                "J{$i}",
                300,
                ['model' => ['model '.$i % 10], 'family' => ['family '.$i % 5]],
                ['fault:supply-dead', 'cause:supply', 'stop:mains'],
            );
        }
        for ($i = 0; $i < 12; $i++) {
            $jobs[] = new Seen(
                "H{$i}",
                310,
                ['model' => ['Heron T2'], 'family' => ['Heron']],
                $i < 8 ? ['fault:board-regulator', 'cause:board', 'stop:rails'] : ['fault:supply-dead', 'cause:supply', 'stop:mains'],
            );
        }
        for ($i = 0; $i < 30; $i++) {
            $jobs[] = new Seen(
                "S{$i}",
                320,
                ['supplier' => [$i < 9 ? 'Ropewalk' : 'Breakwater'], 'family' => ['family '.$i % 5]],
                ['fault:supply-dead', 'cause:supply', 'stop:mains', ...$i < 9 ? ['dead'] : []],
            );
        }
        $gathered = Gathered::of(Watch::over($jobs));
        $this->assertSame(
            ['supplier:Ropewalk:dead', 'model:Heron T2:fault:board-regulator'],
            array_map(fn (Gathered $one): string => $one->pattern->id(), $gathered),
        );
        $also = array_map(fn (Pattern $one): string => $one->id(), $gathered[1]->also);
        sort($also);
        $this->assertSame(
            ['family:Heron:cause:board', 'family:Heron:fault:board-regulator', 'model:Heron T2:cause:board', 'model:Heron T2:stop:rails'],
            $also,
        );
        $this->assertSame([], $gathered[0]->also);
        $this->assertSame([], Gathered::of([]));
    }
}
