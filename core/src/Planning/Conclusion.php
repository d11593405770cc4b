<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Plain\Many;
use Orthoscope\Core\Plain\Percent;

/** What the ranked steps and the repair in view come to: the state the job is in, and why, in one sentence. */
final readonly class Conclusion
{
    /** @param  bool  $left it runs here, and nothing is likely enough to be repaired: the owner is told so */
    private function __construct(public JobState $state, public string $why, public bool $left = false)
    {
    }

    /**
     * The first that applies: what bars the work, what is half done, what proves it, and only then what is worth most.
     *
     * @param  ?NextStep  $best the step worth most of those that can be taken
     * @param  bool  $unlocks that step is what lets work go on
     * @param  bool  $anyLocked there are steps that cannot be taken now
     */
    public static function of(?NextStep $best, bool $unlocks, bool $anyLocked, RepairInView $next, Situation $now): self
    {
        return self::barred($best, $anyLocked, $now)
            ?? self::underWay($best, $unlocks, $now)
            ?? self::provable($now)
            ?? self::shown($best, $now)
            // What came alone and is settled is not tried again for what else the good machine around it may have.
            ?? ($now->alone && $next->isSettled ? self::repair($best, $next, $now) : null)
            ?? self::worthATest($best, $next)
            ?? self::left($next, $now)
            ?? self::repair($best, $next, $now)
            ?? self::find("{$best?->candidate->name()} comes before anything is replaced.");
    }

    private static function barred(?NextStep $best, bool $anyLocked, Situation $now): ?self
    {
        return $best === null && $anyLocked && $now->barred
            ? new self(JobState::Locked, 'Every step is locked; see what unlocks it.')
            : null;
    }

    private static function underWay(?NextStep $best, bool $unlocks, Situation $now): ?self
    {
        return match (true) {
            $best === null => null,
            ! $now->started && $best->candidate->step->id === 'start' => self::find(
                $now->alone
                    ? 'Put it into a known-good machine and start that once, before anything is done to it.'
                    : 'Start it once, as it came, before anything is touched.',
            ),
            $best->candidate->step->each === 'swapped' => self::confirm($best),
            $best->candidate->holdsUp => self::find(
                'It comes and goes, and one start with something changed says little of that: start it once more as it stands.',
            ),
            $best->candidate->step->id === 'take-off' => self::find(
                'Take off what was attached and start it again, before anything is concluded.',
            ),
            $unlocks => self::find("{$best->candidate->name()} comes first: it unlocks the rest."),
            $now->failsInCase => self::find("{$best->candidate->name()}: out of its case it runs, in its case it failed."),
            default => null,
        };
    }

    private static function confirm(NextStep $best): self
    {
        $part = $best->candidate->target?->inSentence() ?? 'a part';
        $left = $best->candidate->setUp;
        $isOneOfMany = $left !== null && [...$left->out, ...array_keys($left->lent), ...array_keys($left->moved)] !== [];

        return new self(
            JobState::Confirm,
            $isOneOfMany
                ? "It got further with several things changed. Put them back one at a time, {$part} first."
                : "It got further with {$part} changed. Put the old part back before it is condemned.",
        );
    }

    private static function provable(Situation $now): ?self
    {
        if ($now->barred || ! $now->provable) {
            return null;
        }
        $percent = (int) floor(100 * $now->sound);

        return new self(JobState::Prove, match (true) {
            $now->alone => "It is good with {$percent} %. Prove it, in a known-good machine.",
            $now->told => "It runs here, and what to change at home was told. That this is all is {$percent} % sure.",
            default => "It is fixed, {$percent} % sure. Prove it.",
        });
    }

    private static function shown(?NextStep $best, Situation $now): ?self
    {
        return $best !== null && $best->candidate->step->id === $now->shownBy
            ? self::find("{$best->candidate->name()}: see what that did before anything else is changed.")
            : null;
    }

    private static function worthATest(?NextStep $best, RepairInView $next): ?self
    {
        if ($best === null && $next->repair === null) {
            return new self(JobState::Repair, 'Nothing in the handbook is left to try: decide, or hand to a specialist.');
        }
        if ($best === null || $best->saves <= 0.0) {
            return null;
        }
        if ($best->opening !== null) {
            return self::find("{$best->opening->inWords()}.");
        }
        $minutes = Many::of(max(1, (int) round($best->saves)), 'minute');

        return self::find("{$best->candidate->name()} is worth about {$minutes}.");
    }

    /** It runs here, no test is worth its minutes, and nothing is likely enough to be repaired. */
    private static function left(RepairInView $next, Situation $now): ?self
    {
        return $now->runs && $next->isUnlikely()
            ? new self(
                JobState::Repair,
                'It runs here, and nothing is likely enough to be replaced: tell the owner so, and what to watch for, or keep it longer.',
                left: true,
            )
            : null;
    }

    private static function repair(?NextStep $best, RepairInView $next, Situation $now): ?self
    {
        $repair = $next->repair;
        $sure = Percent::words($next->stated);
        // What runs here is not handed on, nor is a part named that is not likely enough: what is left is cheap, and then it goes back.
        $likelier = $now->runs ? $next->likelierToBeDecided() : $next->likelier;
        $orElse = $now->runs ? '' : ', or hand to a specialist';

        return match (true) {
            $repair === null => null,
            $repair->endsIt() => new self(
                JobState::Repair,
                "No test is worth its minutes now, and what we know does not explain it ({$sure}): hand to a specialist.",
            ),
            ($best === null || $next->comesNext) && $likelier !== null => new self(
                JobState::Repair,
                "No test is worth its minutes now. Likeliest needed: {$likelier->repair->name()} (".Percent::words($likelier->stated)
                    ."). Before that, as it costs less: {$repair->name()} ({$sure}).",
            ),
            $best === null || $next->comesNext => new self(
                JobState::Repair,
                "No test is worth its minutes now: {$repair->name()} ({$sure}){$orElse}.",
            ),
            default => null,
        };
    }

    /** Something cheap comes before a purchase. */
    public static function cautious(string $why): self
    {
        return self::find($why);
    }

    private static function find(string $why): self
    {
        return new self(JobState::Find, $why);
    }
}
