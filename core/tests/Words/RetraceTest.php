<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Words;

use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** The case read back: what was done without effect, what follows, what nobody has tested. */
final class RetraceTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'cpu']];

    private const MACHINE = ['facts' => ['status_lamps' => true, 'own_graphics' => true]];

    public function test_what_changed_nothing_is_told_by_entry_with_what_follows(): void
    {
        $retrace = Bench::assess(
            [
                self::DARK,
                ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
                self::DARK,
                [...self::DARK, 'setup' => ['out' => ['card']]],
            ],
            self::MACHINE,
        )->retrace;
        $this->assertStringContainsString('Cleared the saved settings (3)', $retrace[0]);
        $this->assertStringContainsString('Graphics card out (4)', $retrace[0]);
        $this->assertStringContainsString('no change in where it stops', $retrace[0]);
        $this->assertStringContainsString('the settings', $retrace[0]);
        $last = $retrace[count($retrace) - 1];
        $this->assertStringStartsWith('Not tested: ', $last);
        $this->assertStringContainsString('Drive', $last);
        $this->assertStringNotContainsString('Settings', $last);
    }

    public function test_before_anything_was_changed_nothing_is_said_to_have_had_no_effect(): void
    {
        foreach (Bench::assess([self::DARK], self::MACHINE)->retrace as $sentence) {
            $this->assertStringNotContainsString('no change', $sentence);
        }
    }

    public function test_what_is_condemned_is_named_with_its_entries(): void
    {
        $nothing = ['kind' => 'start', 'reached' => 'nothing'];
        $retrace = implode(
            ' ',
            Bench::assess([
                $nothing,
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1']]]],
                ['times' => 3] + $nothing,
            ])->retrace,
        );
        $this->assertMatchesRegularExpression('/Condemned: Supply \(2, 3\)\./', $retrace);
    }
}
