<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;

/**
 * The trials that bring belief that a machine is sound to where it is asked with the fewest bench minutes, if all of them go well: plain
 * starts or runs at work; where it fails under one condition only, trials under that. What drops out by the hour is hardly proved by
 * starting it, however often.
 */
final readonly class WayToProve
{
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
     * @param  ?string  $under the condition it fails under, one of FailsUnder's; null for any
     *
     * @return ?self null where neither leads there: what is still suspected is looked for, or a date to ask again is agreed on
     */
    public static function to(float $asked, Replay $replay, Catalogue $catalogue, ?string $under = null): ?self
    {
        $start = $catalogue->number('start_minutes');
        $load = $start + $catalogue->number('load_minutes');
        $condition = $start + $catalogue->number('condition_minutes');
        $conditioned = (int) $catalogue->number('proof_most_conditioned');
        $fewest = fn (SetUp $setUp, int $most, float $each): ?self => self::fewest($setUp, $most, $each, $asked, $replay);
        $atWork = fn (): ?self => $fewest(new SetUp(goal: Goal::Load), (int) $catalogue->number('proof_most_runs'), $load);
        // Starts that are not made under the condition it fails under say nothing of it.
        $ways = match ($under) {
            FailsUnder::COLD => [$fewest(new SetUp(temperature: Temperature::Cold), $conditioned, $condition)],
            FailsUnder::WARM => [$fewest(new SetUp(temperature: Temperature::Warm), $conditioned, $condition)],
            FailsUnder::LOAD, FailsUnder::HOURS => [$atWork()],
            default => [$fewest(new SetUp, (int) $catalogue->number('proof_most_starts'), $start), $atWork()],
        };
        $ways = array_filter($ways, fn (?self $way): bool => $way !== null);
        usort($ways, fn (self $a, self $b): int => $a->minutes <=> $b->minutes);

        return $ways[0] ?? null;
    }

    public function sentence(): string
    {
        $isOne = $this->times === 1;
        $what = match (true) {
            $this->setUp->goal === Goal::Load => $isOne ? 'A run at work that goes well' : "{$this->times} runs at work that go well",
            $this->setUp->temperature === Temperature::Cold => ($isOne ? 'A clean start' : "{$this->times} clean starts").
                ' after standing cold',
            $this->setUp->temperature === Temperature::Warm => ($isOne ? 'A clean start' : "{$this->times} clean starts").
                ' while warm',
            default => $isOne ? 'One more clean start' : "{$this->times} more clean starts",
        };
        $minutes = (int) ceil($this->minutes);

        return $what.
            ($isOne ? ' brings' : ' bring').
            ' it there'.
            ($this->setUp->key() === (new SetUp)->key() ? '.' : ": some {$minutes} bench minutes.");
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
            $reaches($half) ? ($enough = $half) : ($least = $half + 1);
        }

        return new self($setUp, $enough, $enough * $each);
    }
}
