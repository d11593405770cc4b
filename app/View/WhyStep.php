<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Outcome;

/** Why one step, and not another: what each outcome would do to the suspects. */
final readonly class WhyStep
{
    private const SUSPECTS = 6;

    /** Minutes between two steps under which they are called as good as each other. Origin: judgement. */
    private const EVEN = 1.0;

    public function __construct(public Assessment $assessment, public NextStep $step)
    {
    }

    /** @return list<PartStanding> parts that the step moves most */
    public function suspects(): array
    {
        $moved = [];
        foreach ($this->step->outcomes as $outcome) {
            foreach ($this->assessment->standings as $id => $standing) {
                $to = $outcome->parts[$id] ?? null;
                if ($to !== null) {
                    $moved[$id] = ($moved[$id] ?? 0.0) + $outcome->probability * abs($to - $standing->probability);
                }
            }
        }
        arsort($moved);

        return array_map(
            fn (string $id): PartStanding => $this->assessment->standings[$id],
            array_map(strval(...), array_keys(array_slice($moved, 0, self::SUSPECTS, true))),
        );
    }

    /** How likely a part is at fault once an outcome was seen, per cent. */
    public function after(Outcome $outcome, PartStanding $standing): int
    {
        return Percent::whole($outcome->parts[$standing->part->id] ?? 0.0);
    }

    /** @return list<NextStep> the other steps, as they are ranked */
    public function others(): array
    {
        return array_values(array_filter(
            $this->assessment->advice->steps,
            fn (NextStep $step): bool => $step->candidate->id() !== $this->step->candidate->id(),
        ));
    }

    public function isFirst(): bool
    {
        return ($this->assessment->advice->open()[0] ?? null)?->candidate->id() === $this->step->candidate->id();
    }

    /** Why not the one that is ranked beside it, in one sentence; null where there is no other. */
    public function whyNot(): ?string
    {
        $other = array_values(array_filter($this->others(), fn (NextStep $step): bool => $step->isOpen()))[0] ?? null;

        return $other === null ? null : self::difference($this->step, $other);
    }

    public static function difference(NextStep $step, NextStep $other): string
    {
        $saves = $step->saves - $other->saves;
        $worth = match (true) {
            abs($saves) < self::EVEN => "As good as “{$other->candidate->name()}” by minutes",
            $saves > 0 => 'Worth '.self::minutes($saves)." more than “{$other->candidate->name()}”",
            default => 'Worth '.self::minutes(-$saves)." less than “{$other->candidate->name()}”",
        };
        $because = array_filter([
            abs($step->bits - $other->bits) >= 0.05 ? 'it tells '.($step->bits > $other->bits ? 'more' : 'less') : '',
            $step->minutes === $other->minutes
                ? ''
                : 'it takes '.self::minutes(abs($step->minutes - $other->minutes)).($step->minutes < $other->minutes ? ' less' : ' more'),
            $step->moneyAtRisk === $other->moneyAtRisk
                ? ''
                : 'it risks '.shop()->money()->words(abs($step->moneyAtRisk - $other->moneyAtRisk))
                    .($step->moneyAtRisk < $other->moneyAtRisk ? ' less' : ' more'),
        ]);

        return $worth.($because === [] ? '.' : ': '.implode(', ', $because).'.');
    }

    private static function minutes(float $minutes): string
    {
        return (int) round($minutes).' min';
    }
}
