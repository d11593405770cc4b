<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Simulation;

use Orthoscope\Core\Simulation\Calibration;
use Orthoscope\Core\Simulation\Result;
use PHPUnit\Framework\TestCase;

/** Jobs are drawn anew, not entries: what one job repeats is not evidence twice. */
final class CalibrationTest extends TestCase
{
    public function test_entries_of_one_job_hang_together(): void
    {
        // Ten jobs that are all true or all false, and ten in which half is: 100 entries each way, the same share.
        $together = array_map(fn (int $job): Result => self::job(array_fill(0, 10, [0.5, $job < 5])), range(0, 9));
        $apart = array_map(fn (): Result => self::job([...array_fill(0, 5, [0.5, true]), ...array_fill(0, 5, [0.5, false])]), range(0, 9));
        [$wide] = Calibration::of($together)->rows();
        [$narrow] = Calibration::of($apart)->rows();
        $this->assertSame([100, 0.5, 0.5], [$wide['entries'], $wide['stated'], $wide['true']]);
        // Half of ten jobs, give or take 1.96 standard deviations of a share of ten.
        $this->assertEqualsWithDelta(0.5 - 1.96 * sqrt(0.25 / 10), $wide['low'], 0.11);
        $this->assertEqualsWithDelta(0.5 + 1.96 * sqrt(0.25 / 10), $wide['high'], 0.11);
        $this->assertSame([0.5, 0.5], [$narrow['low'], $narrow['high']]);
    }

    public function test_each_statement_falls_into_one_bin(): void
    {
        $rows = Calibration::of([self::job([[0.012, false], [0.05, false], [0.949, true], [0.95, true], [0.995, false]])])->rows();
        $this->assertSame([0.01, 0.05, 0.9, 0.95, 0.99], array_column($rows, 'from'));
        $this->assertSame([0.05, 0.1, 0.95, 0.99, 1.0], array_column($rows, 'to'));
        $this->assertSame([1, 1, 1, 1, 1], array_column($rows, 'entries'));
    }

    public function test_what_was_stated_at_95_and_more_is_taken_together(): void
    {
        $half = self::job([[0.94, false], [0.96, true], [0.999, false]]);
        $sure = Calibration::of([$half, self::job([[0.97, true], [0.98, true]])])->sure();
        $this->assertSame([4, 0.75], [$sure['entries'], $sure['true']]);
        $this->assertSame([0.5, 1.0], [$sure['low'], $sure['high']]);
        $none = Calibration::of([self::job([[0.2, false]])])->sure();
        $this->assertSame([0, 0.0, 1.0], [$none['entries'], $none['low'], $none['high']]);
    }

    /** @param  list<array{float, bool}>  $stated */
    private static function job(array $stated): Result
    {
        return new Result(
            policy: 'planner',
            causes: [['supply-dead', 'supply']],
            end: 'finished',
            sound: true,
            wrongParts: [],
            wrongly: [],
            minutes: 60.0,
            lent: 0,
            harmed: 0,
            entries: 9,
            stated: array_map(fn (array $said): array => [...$said, 'supply'], $stated),
            bound: 25.0,
            comebacks: 0,
        );
    }
}
