<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Proving;

use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class ProofTest extends TestCase
{
    private const BENCH = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']];

    private const IN_CASE = ['kind' => 'start', 'reached' => 'stays', 'times' => 7];

    public function test_out_of_the_case_first_then_in(): void
    {
        $proof = Bench::assess([$this->dark(), $this->cure(), self::BENCH, self::IN_CASE])->proof;
        $this->assertSame([3, 4, 8], [$proof->outside, $proof->inside, $proof->clean]);
        $this->assertTrue($proof->isComplete(), implode(' ', $proof->owed));
    }

    public function test_one_does_not_imply_the_other(): void
    {
        $this->assertFalse(Bench::assess([$this->dark(), $this->cure(), self::IN_CASE])->proof->isComplete());
        $this->assertFalse(Bench::assess([$this->dark(), $this->cure(), self::IN_CASE, self::BENCH])->proof->isComplete());
    }

    public function test_an_act_after_the_proof_undoes_it(): void
    {
        $proof = Bench::assess([
            $this->dark(),
            $this->cure(),
            self::BENCH,
            self::IN_CASE,
            ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']],
        ])->proof;
        $this->assertNull($proof->outside);
        $this->assertSame(0, $proof->clean);
    }

    public function test_a_start_by_the_pins_or_with_a_lent_part_proves_nothing_in_the_case(): void
    {
        $pins = [...self::IN_CASE, 'setup' => ['start_by' => 'pins']];
        $lent = [...self::IN_CASE, 'setup' => ['lent' => ['card' => ['tag' => 'G-1', 'trust' => 0.97]]]];
        $this->assertNull(Bench::assess([$this->dark(), $this->cure(), self::BENCH, $pins])->proof->inside);
        $proof = Bench::assess([$this->dark(), $this->cure(), self::BENCH, $lent])->proof;
        $this->assertNull($proof->inside);
        $this->assertStringContainsString('Spares back on the shelf', implode(' ', $proof->owed));
    }

    public function test_more_clean_starts_raise_belief(): void
    {
        $sound = fn (int $times): float => Bench::assess([$this->dark(), $this->cure(), self::BENCH, [...self::IN_CASE, 'times' => $times]])
            ->sound;
        $this->assertLessThan($sound(8), $sound(1));
    }

    /** @return array<string, mixed> */
    private function dark(): array
    {
        return ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
    }

    /** @return array<string, mixed> */
    private function cure(): array
    {
        return ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot']];
    }
}
