<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Returns;

use DateTimeImmutable;
use Orthoscope\Core\Returns\Warranty;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whether a machine that comes back is in warranty, to the day. */
final class WarrantyTest extends TestCase
{
    #[DataProvider('cases')]
    public function test_ends_on_the_same_day_of_the_month(
        string $back,
        int $months,
        string $now,
        string $until,
        bool $holds,
        string $words,
    ): void {
        $warranty = Warranty::of(new DateTimeImmutable($back), $months, new DateTimeImmutable($now));
        $this->assertSame($until, $warranty->until->format('Y-m-d'));
        $this->assertSame($holds, $warranty->holds());
        $this->assertSame($words, $warranty->words());
    }

    /** @return iterable<string, array{string, int, string, string, bool, string}> */
    public static function cases(): iterable
    {
        yield 'the day before the last' => ['2026-03-10', 6, '2026-09-09 18:00', '2026-09-10', true, 'In warranty for 1 more day.'];
        yield 'the last day, late' => ['2026-03-10', 6, '2026-09-10 23:30', '2026-09-10', true, 'In warranty for 0 more days.'];
        yield 'the day after' => ['2026-03-10', 6, '2026-09-11 00:10', '2026-09-10', false, 'Out of warranty since 1 day.'];
        yield 'long after' => ['2026-03-10', 6, '2026-09-20', '2026-09-10', false, 'Out of warranty since 10 days.'];
        yield 'a shorter month' => ['2026-08-31', 6, '2026-09-01', '2027-02-28', true, 'In warranty for 180 more days.'];
        yield 'a leap year' => ['2027-08-31', 6, '2028-02-29', '2028-02-29', true, 'In warranty for 0 more days.'];
        yield 'over the turn of the year' => ['2026-11-15', 3, '2026-11-15', '2027-02-15', true, 'In warranty for 92 more days.'];
        yield 'none was given' => ['2026-03-10', 0, '2026-03-10', '2026-03-10', false, 'No warranty was given.'];
    }
}
