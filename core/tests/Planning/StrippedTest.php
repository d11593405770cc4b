<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** All that a picture does without is out at once: the oldest trial of the trade. Which parts those are: common practice, no source. */
final class StrippedTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    public function test_one_stick_stays_and_what_a_picture_needs(): void
    {
        $out = $this->stripped(['facts' => ['own_graphics' => false]])->out;
        $machine = Bench::case([self::DARK])->machine;
        $this->assertNotContains('stick-1', $out);
        foreach (['stick-2', 'devices', ...array_column($machine->ofKind('drive'), 'id')] as $part) {
            $this->assertContains($part, $out);
        }
        foreach (['card', 'processor', 'board', 'supply', 'panel', 'cooler'] as $part) {
            $this->assertNotContains($part, $out);
        }
    }

    public function test_the_card_is_out_where_there_is_a_picture_without_it(): void
    {
        $this->assertContains('card', $this->stripped(['facts' => ['own_graphics' => true]])->out);
    }

    public function test_what_it_runs_without_is_believed_to_be_among_what_is_out(): void
    {
        $stripped = $this->stripped([])->toArray();
        $before = Bench::assess([self::DARK]);
        $after = Bench::assess([self::DARK, ['kind' => 'start', 'reached' => 'no-drive', 'setup' => $stripped]]);
        $out = fn ($assessed): float => array_sum(array_map(
            fn (string $part): float => $assessed->standings[$part]->probability,
            array_filter($stripped['out'], fn (string $part): bool => isset($assessed->standings[$part])),
        ));
        $this->assertGreaterThan(2 * $out($before), $out($after));
        $this->assertLessThan($before->standings['processor']->probability / 2, $after->standings['processor']->probability);
    }

    public function test_what_ran_with_less_taken_out_is_not_stripped(): void
    {
        $ran = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-2']]];
        $this->assertNotNull(Bench::assess([self::DARK, [...self::DARK, ...['setup' => ['out' => ['stick-2']]]]])->advice->step('strip'));
        $this->assertNull(Bench::assess([self::DARK, $ran, self::DARK])->advice->step('strip'));
        $lent = ['out' => ['stick-2'], 'lent' => ['supply' => ['tag' => 'P-1', 'trust' => 0.99]]];
        $onAnother = Bench::assess([self::DARK, [...$ran, 'setup' => $lent], self::DARK]);
        $this->assertNotNull($onAnother->advice->step('strip'), 'it ran on another supply');
    }

    /** @param  array<string, mixed>  $machine */
    private function stripped(array $machine): SetUp
    {
        $step = Bench::assess([self::DARK], $machine)->advice->step('strip');
        $this->assertNotNull($step?->candidate->setUp);

        return $step->candidate->setUp;
    }
}
