<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Carbon;

/**
 * The clock of all tests: it begins at one moment, an ordinary Tuesday morning, and goes on from there, whatever the system's clock says. A
 * process that a test starts gets the same clock by a file that PHP reads first.
 */
final class TestClock
{
    /** In UTC. */
    public const MOMENT = '2026-11-24 11:30:00';

    /** Seconds by which this clock is ahead of the system's, as the environment of a process says it. */
    public const AHEAD = 'TEST_CLOCK_AHEAD';

    private static ?int $ahead = null;

    public static function start(): void
    {
        Carbon::setTestNow(self::shifted(self::ahead(anew: true)));
    }

    /** Takes the clock over from the process that started this one. */
    public static function join(): void
    {
        $ahead = getenv(self::AHEAD);
        if ($ahead !== false) {
            Carbon::setTestNow(self::shifted((int) $ahead));
        }
    }

    /** @return list<string> what to call PHP with, so that it takes this clock over */
    public static function options(): array
    {
        return ['-d', 'auto_prepend_file='.__DIR__.'/take-over-clock.php'];
    }

    /**
     * @param  int  $earlier seconds by which a process is to be behind, so that what it writes down is past for the others
     *
     * @return array<string, string>
     */
    public static function environment(int $earlier = 0): array
    {
        return [self::AHEAD => (string) (self::ahead() - $earlier)];
    }

    /** The first time it is asked for, the moment is now. */
    private static function ahead(bool $anew = false): int
    {
        if ($anew || self::$ahead === null) {
            self::$ahead = (new DateTimeImmutable(self::MOMENT, new DateTimeZone('UTC')))->getTimestamp() - time();
        }

        return self::$ahead;
    }

    private static function shifted(int $ahead): Closure
    {
        return fn (DateTimeImmutable $real): DateTimeImmutable => $real->modify("{$ahead} seconds");
    }
}
