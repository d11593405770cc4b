<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Planning\FoundThenMended;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A look is made again where what it found was seen to since, and an act where its trouble was found after it; of the same part. */
final class FoundThenMendedTest extends TestCase
{
    private const TWO_DRIVES = ['drives' => 2];

    private const WRONG = ['kind' => 'finding', 'check' => 'look-screen', 'result' => 'wrong-output'];

    private const SET = ['kind' => 'act', 'act' => 'set-output', 'on' => ['video-lead', 'screen']];

    public function test_what_was_found_and_put_right_is_looked_at_again(): void
    {
        $this->assertSame([false, null], $this->asked([self::WRONG]));
        $this->assertSame([true, false], $this->asked([self::WRONG, self::SET]));
        $elsewhere = ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2']];
        $this->assertSame([false, false], $this->asked([self::WRONG, $elsewhere]));
    }

    public function test_what_is_found_after_an_act_is_a_reason_to_do_it_again(): void
    {
        $this->assertSame([false, true], $this->asked([self::SET, self::WRONG]));
        $good = ['kind' => 'finding', 'check' => 'look-screen', 'result' => 'clear'];
        $this->assertSame([false, false], $this->asked([self::SET, $good]));
    }

    public function test_another_part_of_the_kind_is_another_matter(): void
    {
        $failing = ['kind' => 'finding', 'check' => 'drive-health', 'target' => 'drive-1', 'result' => 'failing'];
        $new = fn (string $drive): array => ['kind' => 'act', 'act' => 'replace', 'on' => [$drive], 'with' => ['tag' => 'new']];
        $this->assertSame([true, false], $this->asked([$failing, $new('drive-1')]));
        $this->assertSame([false, false], $this->asked([$failing, $new('drive-2')]));
        $this->assertSame([false, false], $this->asked([$new('drive-2'), $failing]));
    }

    /**
     * @param  list<array<string, mixed>>  $entries one finding, and one act at most
     *
     * @return array{bool, ?bool} whether the look is made again, and the act
     */
    private function asked(array $entries): array
    {
        $case = Bench::case($entries, self::TWO_DRIVES);
        $found = new FoundThenMended($case->record, $case->machine, Bench::catalogue());
        $act = $case->record->all(ActDone::class)[0] ?? null;

        return [$found->isMendedSince($case->record->all(Finding::class)[0]), $act === null ? null : $found->isFoundSince($act)];
    }
}
