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

    public function test_what_is_out_of_its_case_is_proved_there_first_and_one_does_not_imply_the_other(): void
    {
        $onTheMat = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['place' => 'bench']];
        $in = Bench::assess([$this->dark(), $onTheMat, $this->cure(), self::IN_CASE])->proof;
        $this->assertSame([null, null], [$in->outside, $in->inside]);
        $this->assertSame('A start out of the case that stays up.', $in->owed[0]);
        $this->assertSame('Prove it out of the case', $in->nextPlace()?->deed);
        $out = Bench::assess([$this->dark(), $onTheMat, $this->cure(), self::IN_CASE, self::BENCH])->proof;
        $this->assertSame([5, null], [$out->outside, $out->inside]);
        $this->assertSame('Then one in the case, by the real button, that stays up.', $out->owed[0]);
        $this->assertSame([['kind' => 'start', 'reached' => 'stays']], $out->nextPlace()?->cleanStart());
    }

    public function test_what_never_left_its_case_is_not_taken_out_to_be_proved(): void
    {
        $proof = Bench::assess([$this->dark(), $this->cure(), self::IN_CASE])->proof;
        $this->assertSame([null, 3], [$proof->outside, $proof->inside]);
        $this->assertNull($proof->nextPlace());
        $this->assertStringNotContainsString('case', implode(' ', $proof->owed));
        $before = Bench::assess([$this->dark(), $this->cure()])->proof;
        $this->assertSame('A start in the case, by the real button, that stays up.', $before->owed[0]);
    }

    public function test_what_was_built_up_again_before_it_was_worked_on_is_proved_in_its_case(): void
    {
        $onTheMat = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['place' => 'bench']];
        $proof = Bench::assess([$this->dark(), $onTheMat, $this->dark(), $this->cure(), self::IN_CASE])->proof;
        $this->assertSame([null, 5], [$proof->outside, $proof->inside]);
    }

    public function test_work_on_the_board_and_a_look_behind_it_take_it_out(): void
    {
        $board = ['kind' => 'act', 'act' => 'replace', 'on' => ['board']];
        $behind = ['kind' => 'finding', 'check' => 'look-metal', 'result' => 'clear'];
        foreach ([[$board], [$behind, $this->cure()]] as $work) {
            $proof = Bench::assess([$this->dark(), ...$work, self::IN_CASE])->proof;
            $this->assertNull($proof->inside);
            $this->assertSame('Out of the case, stays up', $proof->places[0]->name);
        }
        $this->assertCount(1, Bench::assess([$this->dark(), $this->cure(), self::IN_CASE])->proof->places);
    }

    public function test_dust_is_blown_out_of_a_machine_in_its_case(): void
    {
        $dust = ['kind' => 'act', 'act' => 'clean-inside', 'on' => ['case-fans', 'cooler', 'board']];
        $slots = ['kind' => 'act', 'act' => 'use-other-slot', 'on' => ['board']];
        foreach ([$dust, $slots] as $work) {
            $places = Bench::assess([$this->dark(), $work, self::IN_CASE])->proof->places;
            $this->assertSame(['In the case, by the real button'], array_column($places, 'name'));
        }
    }

    public function test_a_start_out_of_the_case_counts_though_none_is_asked(): void
    {
        $proof = Bench::assess([$this->dark(), $this->cure(), self::IN_CASE, self::BENCH])->proof;
        $this->assertSame([4, 3, 8], [$proof->outside, $proof->inside, $proof->clean]);
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
