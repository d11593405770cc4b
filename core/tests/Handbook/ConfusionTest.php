<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Handbook;

use Orthoscope\Core\Handbook\Confusion;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Which faults are mistaken for which: those that trials tell apart least come first, and which of two is asked first changes nothing. */
final class ConfusionTest extends TestCase
{
    private static ?Confusion $confusion = null;

    public static function tearDownAfterClass(): void
    {
        self::$confusion = null;
    }

    public function test_the_first_named_is_the_one_told_apart_least(): void
    {
        $asked = 0;
        foreach (array_slice(array_keys(Bench::catalogue()->faults), 0, 60) as $fault) {
            $named = $this->confusion()->of($fault);
            if ($named === []) {
                continue;
            }
            $asked++;
            $others = array_diff(array_map(strval(...), array_keys(Bench::catalogue()->faults)), [$fault]);
            $bits = array_map(fn (string $other): float => $this->confusion()->apart($fault, $other)[0], $others);
            $this->assertSame(min($bits), $named[0]['bits'], $fault);
            $this->assertLessThanOrEqual(4, count($named));
            $sorted = array_column($named, 'bits');
            sort($sorted);
            $this->assertSame($sorted, array_column($named, 'bits'));
        }
        $this->assertGreaterThan(5, $asked);
    }

    public function test_two_are_as_far_apart_from_either_side(): void
    {
        $this->assertSame($this->confusion()->apart('stick-dead', 'board-dead'), $this->confusion()->apart('board-dead', 'stick-dead'));
        $this->assertSame(0.0, Confusion::divergence([1 => 0.5, 2 => 0.5], [1 => 0.5, 2 => 0.5]));
        $this->assertSame(1.0, Confusion::divergence([1 => 1.0], [2 => 1.0]));
    }

    private function confusion(): Confusion
    {
        return self::$confusion ??= new Confusion(Bench::catalogue());
    }
}
