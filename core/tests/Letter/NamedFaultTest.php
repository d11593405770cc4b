<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What is wrong with a part is told only where it is as sure as that it is the part. */
final class NamedFaultTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const LENT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['screen' => ['tag' => 'V-1', 'trust' => 0.97]]]];

    private const FAILS = ['kind' => 'finding', 'check' => 'screen-in-host', 'target' => 'screen', 'result' => 'fails'];

    public function test_of_a_screen_that_is_surely_bad_it_is_not_said_what_nobody_looked_at(): void
    {
        $letter = $this->letter([self::DARK, self::LENT, self::DARK, self::FAILS]);
        $this->assertStringContainsString("The screen was at fault.\nWe are sure.", $letter);
        $this->assertStringNotContainsString('wrong input', $letter);
    }

    public function test_what_was_looked_at_is_said(): void
    {
        $looked = ['kind' => 'finding', 'check' => 'look-screen', 'result' => 'wrong-input'];
        $set = ['kind' => 'act', 'act' => 'set-output', 'on' => ['screen']];
        $letter = $this->letter([self::DARK, $looked, $set, ['kind' => 'start', 'reached' => 'stays', 'times' => 3]]);
        $this->assertStringContainsString('The screen was off or on the wrong input.', $letter);
    }

    public function test_a_slot_is_not_said_to_have_been_fitted_wrongly(): void
    {
        $memory = [...self::DARK, 'signs' => ['lamp' => 'memory']];
        $alone = fn (string $stick, string $slot, array $start): array => [
            ...$start,
            'setup' => ['out' => [$stick === 'stick-1' ? 'stick-2' : 'stick-1'], 'moved' => [$stick => $slot]],
        ];
        $runs = ['kind' => 'start', 'reached' => 'stays'];
        $letter = $this->letter([
            $memory,
            $alone('stick-2', 'slot-A2', $runs),
            $alone('stick-1', 'slot-B2', $memory),
            ['kind' => 'act', 'act' => 'use-other-slot', 'on' => ['stick-2']],
            [...$runs, 'times' => 4],
        ]);
        $this->assertStringContainsString('A memory slot was at fault.', $letter);
        $this->assertStringNotContainsString('slot was at fault, or the way', $letter);
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function letter(array $entries): string
    {
        $report = ['kind' => 'report', 'reached' => 'dark', 'text' => 'black'];

        return (new LetterWriter(Bench::catalogue()))->write(Bench::assess([$report, ...$entries]))->text();
    }
}
