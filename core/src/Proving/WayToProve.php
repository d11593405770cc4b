<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;

/**
 * The trials that bring belief that a machine is sound to where it is asked with the fewest bench minutes, if all of them go well: plain
 * starts, or runs at work. What drops out by the hour is hardly proved by starting it, however often.
 */
final readonly class WayToProve
{
    /** Plain starts, and runs at work, after which it is said that they do not prove it. Origin: judgement. */
    private const MOST_STARTS = 10;

    private const MOST_RUNS = 2;

    /**
     * @param  SetUp  $setUp of each trial
     * @param  int  $times trials, at least 1
     * @param  float  $minutes bench minutes of all of them
     */
    private function __construct(public SetUp $setUp, public int $times, public float $minutes)
    {
    }

    /**
     * @param  float  $asked belief, 0 to 1, that it is sound
     *
     * @return ?self null where neither leads there: what is still suspected is looked for, or a date to ask again is agreed on
     */
    public static function to(float $asked, Replay $replay, Catalogue $catalogue): ?self
    {
        $start = $catalogue->number('start_minutes');
        $ways = [
            self::fewest(new SetUp, self::MOST_STARTS, $start, $asked, $replay),
            self::fewest(new SetUp(goal: Goal::Load), self::MOST_RUNS, $start + $catalogue->number('load_minutes'), $asked, $replay),
        ];
        $ways = array_filter($ways, fn (?self $way): bool => $way !== null);
        usort($ways, fn (self $a, self $b): int => $a->minutes <=> $b->minutes);

        return $ways[0] ?? null;
    }

    public function sentence(): string
    {
        $minutes = (int) ceil($this->minutes);

        return match (true) {
            $this->setUp->goal !== Goal::Load && $this->times === 1 => 'One more clean start brings it there.',
            $this->setUp->goal !== Goal::Load => "{$this->times} more clean starts bring it there.",
            $this->times === 1 => "A run at work that goes well brings it there: some {$minutes} bench minutes.",
            default => "{$this->times} runs at work that go well bring it there: some {$minutes} bench minutes.",
        };
    }

    /** So few trials that all went well as suffice; halving, for each more raises belief. */
    private static function fewest(SetUp $setUp, int $most, float $each, float $asked, Replay $replay): ?self
    {
        $reaches = fn (int $times): bool => ($replay->supposing($setUp, 'stays', $times)?->sound() ?? 0.0) >= $asked;
        if (! $reaches($most)) {
            return null;
        }
        [$least, $enough] = [1, $most];
        while ($least < $enough) {
            $half = intdiv($least + $enough, 2);
            $reaches($half) ? $enough = $half : $least = $half + 1;
        }

        return new self($setUp, $enough, $enough * $each);
    }
}
