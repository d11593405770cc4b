<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Patterns;

use Orthoscope\Core\Patterns\AlikeBefore;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class AlikeBeforeTest extends TestCase
{
    public function test_two_of_three_are_told_with_the_range_that_three_allow(): void
    {
        // Clopper and Pearson 1934 for 2 of 3: 0.094 to 0.992.
        $this->assertSame(
            '3 Heron T2 stopped here before: 2 of them for the board, which says 9 to 99 in a hundred.',
            AlikeBefore::of(['board', 'stick', 'board'])->sentence('Heron T2', Bench::catalogue()),
        );
    }

    public function test_one_is_told_without_a_share_and_none_is_not_told(): void
    {
        $this->assertSame(
            'One Heron T2 stopped here before: it was the board.',
            AlikeBefore::of(['board'])->sentence('Heron T2', Bench::catalogue()),
        );
        $this->assertSame(
            '2 Heron T2 stopped here before; what it was is not known.',
            AlikeBefore::of(['', ''])->sentence('Heron T2', Bench::catalogue()),
        );
        $this->assertNull(AlikeBefore::of([])->sentence('Heron T2', Bench::catalogue()));
    }

    public function test_jobs_without_a_cause_count_among_all(): void
    {
        $this->assertStringContainsString(
            '4 Heron T2 stopped here before: 1 of them',
            (string) AlikeBefore::of(['', '', 'stick', ''])->sentence('Heron T2', Bench::catalogue()),
        );
    }
}
