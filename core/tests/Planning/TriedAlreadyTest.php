<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\TriedAlready;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** How often a start under one set-up was made since something was done that changed how the machine starts with its own parts. */
final class TriedAlreadyTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const BARE = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['out' => ['stick-2']]];

    private const ON_THE_MAT = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['place' => 'bench']];

    private const SEATED = ['kind' => 'act', 'act' => 'reseat', 'on' => ['card-slot']];

    public function test_starts_under_the_same_set_up_are_counted(): void
    {
        $this->assertSame(0, $this->bare(self::DARK)->times);
        $this->assertSame(4, $this->bare(self::BARE, [...self::BARE, 'times' => 3], self::DARK)->times);
    }

    public function test_what_was_done_makes_a_start_worth_making_again(): void
    {
        $this->assertSame(0, $this->bare(self::DARK, self::BARE, self::SEATED)->times);
    }

    public function test_what_fails_as_before_has_shown_that_the_act_was_none(): void
    {
        $this->assertSame(1, $this->bare(self::DARK, self::BARE, self::SEATED, self::DARK)->times);
        $twitch = ['kind' => 'start', 'reached' => 'twitch'];
        $this->assertSame(0, $this->bare(self::DARK, self::BARE, self::SEATED, $twitch)->times, 'it fails otherwise now');
        $this->assertSame(0, $this->bare(self::DARK, self::BARE, self::SEATED, ['kind' => 'start', 'reached' => 'stays'])->times);
    }

    public function test_so_it_has_out_of_its_case(): void
    {
        $mat = new SetUp(place: Place::Bench, out: ['stick-2']);
        $bare = [...self::BARE, 'setup' => ['place' => 'bench', 'out' => ['stick-2']]];
        $this->assertSame(1, $this->of($mat, self::DARK, self::ON_THE_MAT, $bare, self::SEATED, self::ON_THE_MAT)->times);
        $this->assertSame(0, $this->of($mat, self::DARK, $bare, self::SEATED, self::ON_THE_MAT)->times, 'nothing to hold it against');
        // A start in its case, later on, still tells.
        $this->assertSame(1, $this->of($mat, self::DARK, $bare, self::SEATED, self::ON_THE_MAT, self::DARK)->times);
    }

    public function test_alike_is_what_failed_every_time_and_got_as_far(): void
    {
        $this->assertTrue($this->bare(self::BARE, self::BARE)->failedAlike());
        $this->assertFalse($this->bare(self::BARE, [...self::BARE, 'reached' => 'twitch'])->failedAlike());
        $this->assertFalse($this->bare([...self::BARE, 'reached' => 'stays'])->failedAlike());
        $this->assertFalse($this->bare(self::DARK)->failedAlike(), 'it was never made');
    }

    /** @param  array<string, mixed>  ...$entries */
    private function bare(array ...$entries): TriedAlready
    {
        return $this->of(new SetUp(out: ['stick-2']), ...$entries);
    }

    /** @param  array<string, mixed>  ...$entries */
    private function of(SetUp $setUp, array ...$entries): TriedAlready
    {
        return TriedAlready::in(Bench::case(array_values($entries))->record, $setUp, Bench::catalogue());
    }
}
