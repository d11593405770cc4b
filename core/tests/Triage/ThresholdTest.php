<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Triage;

use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Triage\Threshold;
use PHPUnit\Framework\TestCase;

final class ThresholdTest extends TestCase
{
    /** @param  list<array{float|int|null, string}>  $starts degrees and outcome */
    private static function in(array $starts, bool $actAfterFirst = false): ?Threshold
    {
        $entries = [];
        foreach ($starts as $i => [$degrees, $reached]) {
            $entries[] = ['kind' => 'start', 'reached' => $reached] + ($degrees === null ? [] : ['degrees' => $degrees]);
            if ($actAfterFirst && $i === 0) {
                $entries[] = ['kind' => 'act', 'act' => 'reseat', 'on' => ['stick-1']];
            }
        }

        return Threshold::in(Bench::case($entries)->record, Bench::catalogue());
    }

    public function test_it_halves_the_way_between_failing_and_running(): void
    {
        $found = self::in([[18, 'dark'], [22, 'dark'], [30, 'stays'], [40, 'stays']]);
        $this->assertTrue($found?->failsCold);
        $this->assertSame(26.0, $found->next());
        $this->assertSame(
            'It fails at 22 °C and colder, and runs at 30 °C and warmer, in 4 starts. Try 26 °C next.',
            $found->sentence(),
        );
        $edge = self::in([[23, 'dark'], [25, 'stays']]);
        $this->assertNull($edge?->next());
        $this->assertStringContainsString('one area after the other', (string) $edge?->sentence());
    }

    public function test_what_fails_warm_is_found_the_other_way_round(): void
    {
        $found = self::in([[25, 'stays'], [60, 'drops']]);
        $this->assertFalse($found?->failsCold);
        $this->assertStringContainsString('It fails at 60 °C and warmer, and runs at 25 °C and colder', $found->sentence());
    }

    public function test_nothing_is_said_of_one_side_of_a_mixture_or_of_before_a_repair(): void
    {
        $this->assertNull(self::in([[18, 'dark'], [22, 'dark']]));
        $this->assertNull(self::in([[18, 'dark'], [20, 'stays'], [22, 'dark']]));
        $this->assertNull(self::in([[null, 'dark'], [22, 'stays']]));
        $this->assertNull(self::in([[18, 'dark'], [30, 'stays']], actAfterFirst: true));
    }

    public function test_a_temperature_that_cannot_be_is_told(): void
    {
        $this->expectException(CaseMistake::class);
        $this->expectExceptionMessage('Give the temperature in °C');
        self::in([[700, 'dark']]);
    }
}
