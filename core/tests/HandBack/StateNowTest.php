<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Orthoscope\Core\HandBack\StateNow;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** How a machine stands as it would go back: only what its last start, own parts in and after the last work, has shown. */
final class StateNowTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const WELL = ['kind' => 'start', 'reached' => 'stays'];

    private const LENT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['card' => ['tag' => 'C-1', 'trust' => 0.9]]]];

    private const SEATED = ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2']];

    public function test_only_a_start_with_its_own_parts_shows_it(): void
    {
        $this->assertSame(1, $this->of(self::DARK, self::LENT)->shown?->number);
        $this->assertTrue($this->of(self::DARK, self::LENT)->fails);
        $this->assertNull($this->of(self::LENT)->shown);
        $this->assertTrue($this->of(self::DARK, self::LENT, self::WELL)->runs());
    }

    public function test_work_makes_what_was_shown_before_old(): void
    {
        $this->assertNull($this->of(self::DARK, self::SEATED)->shown);
        $this->assertFalse($this->of(self::DARK, self::SEATED)->runs());
        $begun = ['kind' => 'act', 'act' => 'write-firmware', 'on' => ['firmware'], 'begun' => true];
        $this->assertSame(1, $this->of(self::DARK, $begun)->shown?->number, 'what was only begun is no work yet');
        $this->assertTrue($this->of(self::DARK, self::SEATED, self::WELL)->runs());
    }

    public function test_one_failure_among_several_starts_is_a_failure(): void
    {
        $mixed = ['kind' => 'start', 'outcomes' => ['dark' => 1, 'stays' => 5], 'waited' => 120];
        $this->assertTrue($this->of(self::DARK, self::SEATED, $mixed)->fails);
    }

    public function test_it_fails_as_before_or_otherwise(): void
    {
        $empty = ['kind' => 'start', 'reached' => 'no-system'];
        $told = ['kind' => 'report', 'reached' => 'no-system'];
        $this->assertTrue($this->of(self::DARK, self::SEATED, self::DARK)->asBefore);
        $this->assertFalse($this->of(self::DARK, self::SEATED, $empty)->asBefore);
        $this->assertTrue($this->of($told, self::DARK, self::SEATED, $empty)->asBefore, 'as its owner told it');
        $this->assertFalse($this->of(self::DARK, self::SEATED, self::WELL)->asBefore);
    }

    public function test_nothing_on_a_new_drive_is_not_the_old_trouble_until_a_system_is_put_on_it(): void
    {
        $fails = ['kind' => 'start', 'reached' => 'no-system'];
        $drive = ['kind' => 'act', 'act' => 'replace', 'on' => ['drive'], 'with' => ['tag' => 'new']];
        $system = ['kind' => 'act', 'act' => 'repair-system', 'on' => ['system']];
        $this->assertSame('system-none', $this->of($fails, $drive, $fails)->empty?->id);
        $this->assertFalse($this->of($fails, $drive, $fails)->asBefore);
        $this->assertTrue($this->of($fails, $drive, $system, $fails)->asBefore);
        $this->assertNull($this->of($fails, $drive, $system, $fails)->empty);
        $this->assertNull($this->of(self::DARK, $drive, self::DARK)->empty, 'no drive makes it dark');
        $this->assertTrue($this->of($fails, self::SEATED, $fails)->asBefore);
    }

    public function test_of_two_drives_the_one_that_was_replaced_need_not_have_held_the_system(): void
    {
        $fails = ['kind' => 'start', 'reached' => 'no-system'];
        $one = ['kind' => 'act', 'act' => 'replace', 'on' => ['drive-2'], 'with' => ['tag' => 'new']];
        $case = Bench::case([$fails, $one, $fails], ['drives' => 2]);
        $now = StateNow::of($case->record, $case->machine, Bench::catalogue());
        $this->assertNull($now->empty);
        $this->assertTrue($now->asBefore);
    }

    /** @param  array<string, mixed>  ...$entries */
    private function of(array ...$entries): StateNow
    {
        $case = Bench::case(array_values($entries));

        return StateNow::of($case->record, $case->machine, Bench::catalogue());
    }
}
