<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;

/**
 * Cheap before dear: the belief may be sure of a part and the catalogue wrong about this machine. Before a part is bought that nothing
 * confirmed, and before a machine is handed on or back with its cause not found, what has cured or explained such machines for minutes is
 * done once, as long as its minutes are little against what is at stake; a part that was put back with no trouble since is not bought
 * before the trouble returned; and a dear spare is lent to a tested supply only.
 */
final readonly class Precautions
{
    /** @param  list<Weighed>  $weighed steps that can still be taken, best first, those of which the outcome is known last */
    public function __construct(
        private array $weighed,
        private Grounds $grounds,
        private Replay $replay,
        private Suspicion $suspicion,
        private Record $record,
        private Catalogue $catalogue,
    ) {
    }

    /** @return ?Precaution null where nothing comes before what was concluded */
    public function before(Conclusion $conclusion, RepairInView $next): ?Precaution
    {
        return match (true) {
            $conclusion->state === JobState::Find => $this->beforeLending(),
            $conclusion->state !== JobState::Repair => null,
            $conclusion->left => $this->beforeLeaving(),
            $next->repair === null || $next->repair->endsIt() => $this->beforeHandingOn(),
            $next->repair->act->buysPart => $this->beforeBuying($next->repair, $next->probability),
            default => null,
        };
    }

    private function beforeLending(): ?Precaution
    {
        $candidate = ($this->weighed[0] ?? null)?->candidate;
        $kind = $candidate?->spare === null ? null : $candidate->target?->kind;
        $isDear = $kind !== null && $kind->exposed && $kind->price >= $this->catalogue->number('lend_tested_from');
        if (! $isDear || ! $candidate->ownSupply || $this->grounds->has('supply', Ground::LookedGood)) {
            return null;
        }
        $test = $this->first(static fn (Candidate $one): bool => $one->step->check === 'supply-test');
        $name = strtolower($kind->name);

        return $test === null ? null : new Precaution($test, "Test the supply before a good {$name} is lent to it.");
    }

    private function beforeLeaving(): ?Precaution
    {
        $atWork = $this->first(static fn (Candidate $one): bool => $one->triesItAsItIs() && $one->setUp?->goal === Goal::Load);
        if ($atWork !== null && ! $this->ranAtWork()) {
            return new Precaution($atWork, 'Run it at work before it goes back: what fails late shows in nothing else.');
        }

        $comeback = $this->catalogue->number('comeback_minutes');
        $trial = (new TrialBeforeLeaving($this->catalogue))->among($this->weighed, $comeback);

        return $trial === null
            ? self::givenUp($this->recovery($this->failedAt(), $comeback))
            : new Precaution($trial, "{$trial->candidate->name()}, before it goes back: what it was brought for may still show.");
    }

    private function beforeHandingOn(): ?Precaution
    {
        $atStake = $this->catalogue->number('specialist_minutes');
        $failedAt = $this->failedAt();

        return self::givenUp($this->recovery($failedAt, $atStake) ?? $this->untriedSwap($failedAt, $atStake));
    }

    private static function givenUp(?Weighed $step): ?Precaution
    {
        return $step === null ? null : new Precaution($step, "{$step->candidate->name()}, before it is given up.");
    }

    private function beforeBuying(Repair $repair, float $probability): ?Precaution
    {
        $part = $repair->part->id;
        if ($this->grounds->has($part, Ground::Seen)) {
            return null;
        }
        $name = $repair->part->inSentence();
        $cheap = new CheapBeforeDear($this->catalogue, $this->replay, $this->grounds, $this->suspicion, $repair, $probability);
        $stopsAt = [$this->stageOf($repair)];

        return $this->seenToFailSince($name)
            ?? ($cheap->isShown ? null : $this->seenToFailWith($part, $name))
            ?? self::unbought($this->cheapest(
                fn (Candidate $one): bool => $this->recovers($one, $stopsAt) && $one->minutes() <= $cheap->worth($one),
            ), $name);
    }

    /** With its own part put back the trouble stayed away, so that it is another start with it that is wanted. */
    private function seenToFailWith(string $part, string $name): ?Precaution
    {
        $again = $this->grounds->has($part, Ground::StayedAway)
            ? $this->first(static fn (Candidate $one): bool => $one->step->id === 'start')
            : null;

        return $again === null
            ? null
            : new Precaution(
                $again,
                "It ran as far with its own back in: a swap also reseats. See it fail with {$name} before one is bought.",
            );
    }

    /** A start as warm and as hard as the one that failed last, where something was done to the machine since and none was made. */
    private function seenToFailSince(string $name): ?Precaution
    {
        $failed = $this->failedBeforeWork();
        $asHard = $failed === null
            ? null
            : $this->first(
                static fn (Candidate $one): bool => $one->triesItAsItIs()
                    && $one->setUp?->temperature === $failed->setUp->temperature
                    && $one->setUp?->isAsHardAs($failed->setUp) === true,
            );

        return $asHard === null
            ? null
            : new Precaution(
                $asHard,
                "{$asHard->candidate->name()}: it was worked on since it last failed. See that it still does before buying {$name}.",
            );
    }

    /** The last start that failed, where the machine was worked on since and not started as hard again. */
    private function failedBeforeWork(): ?Start
    {
        $failed = null;
        $isWorkedOn = false;
        foreach ($this->record->inForce as $entry) {
            if ($entry instanceof ActDone && $entry->isWork($this->catalogue)) {
                $isWorkedOn = true;
            } elseif ($entry instanceof Start && $entry->setUp->changesNoPart()) {
                $failed = $this->catalogue->isFailure($entry->reached) ? $entry : $failed;
                $isWorkedOn = $isWorkedOn && $failed !== null && ! $entry->setUp->isAsHardAs($failed->setUp);
            }
        }

        return $isWorkedOn ? $failed : null;
    }

    private static function unbought(?Weighed $step, string $name): ?Precaution
    {
        return $step === null
            ? null
            : new Precaution($step, "{$step->candidate->name()}, before buying {$name}: it costs minutes.");
    }

    /**
     * What has cured or explained machines that stop there, whether or not it is suspected on this one.
     *
     * @param  list<string>  $stages
     * @param  float  $atStake minutes
     */
    private function recovery(array $stages, float $atStake): ?Weighed
    {
        return $this->cheapest(fn (Candidate $one): bool => $this->isLittle($one, $atStake) && $this->recovers($one, $stages));
    }

    /** @param  list<string>  $stages */
    private function recovers(Candidate $candidate, array $stages): bool
    {
        return array_intersect($stages, $candidate->step->recovers) !== [];
    }

    /**
     * A loan of a part that was in use where it stops: what nobody can explain is not handed on before good parts stood in the places of
     * its own.
     *
     * @param  list<string>  $stages
     * @param  float  $atStake minutes
     */
    private function untriedSwap(array $stages, float $atStake): ?Weighed
    {
        $last = $stages === [] ? -1 : $this->catalogue->stageIndex($stages[count($stages) - 1]);

        return $this->cheapest(
            fn (Candidate $one): bool => $this->isLittle($one, $atStake)
                && $one->spare !== null
                && $one->target !== null
                && $this->catalogue->stageIndex($one->target->kind->stage) <= $last,
        );
    }

    /** Whether its minutes are little against those at stake. */
    private function isLittle(Candidate $candidate, float $atStake): bool
    {
        return $candidate->minutes() <= $this->catalogue->number('precaution_share') * $atStake;
    }

    /**
     * The cheapest step not tried yet: what may cure before what only shows.
     *
     * @param  callable(Candidate): bool  $fits
     */
    private function cheapest(callable $fits): ?Weighed
    {
        $steps = array_filter(
            $this->weighed,
            fn (Weighed $one): bool => $one->isOpen() && ! $this->wasStartedSo($one->candidate) && $fits($one->candidate),
        );
        $order = static fn (Weighed $one): array => [$one->candidate->step->record !== 'act', $one->candidate->minutes()];
        usort($steps, static fn (Weighed $a, Weighed $b): int => $order($a) <=> $order($b));

        return $steps[0] ?? null;
    }

    /** @param  callable(Candidate): bool  $is */
    private function first(callable $is): ?Weighed
    {
        foreach ($this->weighed as $one) {
            if ($one->isOpen() && $is($one->candidate)) {
                return $one;
            }
        }

        return null;
    }

    /** The stage at which the part is most believed to stop a start. */
    private function stageOf(Repair $repair): string
    {
        $at = [];
        foreach ($this->replay->belief->marginals() as $mode => $p) {
            $how = $this->replay->model->modes->all[$mode];
            $carrier = $this->replay->model->machine->part($how->part)->kind->carrier;
            $isIt = $how->part === $repair->part->id || $carrier === $repair->part->kind->id;
            if ($isIt && $how->spare === null) {
                $at[$how->stop] = ($at[$how->stop] ?? 0.0) + $p;
            }
        }
        arsort($at);

        return $this->catalogue->stopId((int) array_key_first($at));
    }

    /** @return list<string> stages at which the machine was last seen to fail, all its own parts in */
    private function failedAt(): array
    {
        foreach (array_reverse($this->record->all(Start::class)) as $start) {
            if ($start->setUp->changesNoPart() && $this->catalogue->isFailure($start->reached)) {
                $reach = $this->catalogue->reach($start->reached);

                return array_map($this->catalogue->stopId(...), range($reach->firstStop, $reach->lastStop));
            }
        }

        return [];
    }

    private function ranAtWork(): bool
    {
        foreach ($this->record->all(Start::class) as $start) {
            if ($start->setUp->changesNoPart() && $start->setUp->isAtWork()) {
                return true;
            }
        }

        return false;
    }

    /** Whether it was started with the same changed; looks and acts that were made are no steps any more. */
    private function wasStartedSo(Candidate $candidate): bool
    {
        $asked = $candidate->setUp;
        if ($candidate->step->record !== 'start' || $asked === null) {
            return false;
        }

        return array_filter($this->record->all(Start::class), fn (Start $start): bool => $start->setUp->isAlso($asked)) !== [];
    }
}
