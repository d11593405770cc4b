<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;

/** Turns belief and grounds into a standing for every part. Low probability alone never clears an untested part. */
final readonly class Standings
{
    /** What was wrong is believed to be put right, so far that proving it comes before looking on. */
    private bool $seemsOver;

    /** As sound as is asked of what goes back. */
    private bool $isSound;

    public function __construct(private Replay $replay, private Grounds $grounds, private ?StopEstimate $stop, private Record $record)
    {
        $sound = $replay->sound();
        $catalogue = $replay->model->catalogue;
        $this->seemsOver = $sound >= $catalogue->number('prove_from');
        $this->isSound = $sound >= 1.0 - $catalogue->number('comeback_risk');
    }

    /** @return array<string, PartStanding> by part, in the order of the chain */
    public function all(): array
    {
        $model = $this->replay->model;
        $shares = $this->replay->belief->byGroup(
            array_map(fn (Mode $mode): string => self::group($mode->part, $mode->spare), $model->modes->all),
        );
        $all = [];
        foreach ($model->machine->parts as $part) {
            $fitted = $this->replay->fitted[$part->id] ?? null;
            $own = $this->of($part, $shares, null, null);
            $all[$part->id] = $fitted === null ? $own : $this->of($part, $shares, $fitted, $own);
        }

        return $all;
    }

    /**
     * @param  array{array<string, float>, array<string, float>}  $shares group => was, group => is
     * @param  ?string  $fitted tag of the new part it is about, instead of the machine's own
     */
    private function of(Part $part, array $shares, ?string $fitted, ?PartStanding $replaced): PartStanding
    {
        $group = self::group($part->id, $fitted);
        [$had, $now] = [$shares[0][$group] ?? 0.0, $shares[1][$group] ?? 0.0];
        $because = $this->grounds->of($part->id, new: $fitted !== null);
        $standing = $this->standing($part->id, $had, $now, $because);

        return new PartStanding(
            part: $part,
            standing: $standing,
            probability: $had,
            stated: $this->isIndirect($part->id, $standing, $had, $because) ? $this->said($had) : $had,
            now: $now,
            because: $this->thatMadeIt($standing, $because),
            state: $this->replay->setUp->stateOf($part->id),
            fitted: $fitted,
            replaced: $replaced,
            under: $standing->hasWorked() || $standing === Standing::Cured ? $this->under() : '',
            confirmed: $this->isConfirmed($had, $because),
        );
    }

    /** What it was shown under, in words; where it fails at work, only once it stood work: what broke off shows nothing of that. */
    private function under(): string
    {
        $fails = $this->grounds->failsUnder;
        $catalogue = $this->replay->model->catalogue;
        $stood = fn (Start $start): bool => $fails->covers($start->setUp) && ! $catalogue->isFailure($start->reached);

        return $fails->isAtWork() && array_filter($this->record->all(Start::class), $stood) === [] ? '' : $fails->words();
    }

    /**
     * Nothing was seen or measured, and the trouble did not come back with it: that a machine got further with another in its place may
     * be what else was moved for that.
     *
     * @param  list<Because>  $because
     */
    private function isIndirect(string $part, Standing $standing, float $had, array $because): bool
    {
        $isSettled = $had >= $this->replay->model->catalogue->number('settled_from');

        return in_array($standing, [Standing::Suspect, Standing::Provisional], true)
            && Grounds::only($because, Ground::CameBack, Ground::Seen) === []
            && ! ($isSettled && $this->grounds->cameBackInPlace($part));
    }

    /**
     * How likely a part is said to be at fault, 0 to 1: what rests on indirect evidence alone was overstated in worlds that share
     * nothing with the catalogue. What the trouble came back with, what was seen and what was measured is said as it is believed.
     */
    private function said(float $believed): float
    {
        $from = $this->replay->model->catalogue->number('overstated_from');

        return $believed <= $from
            ? $believed
            : $from + $this->replay->model->catalogue->number('overstated_keeps') * ($believed - $from);
    }

    private static function group(string $part, ?string $spare): string
    {
        return "{$part} {$spare}";
    }

    /** @param  list<Because>  $because entries that speak about the part */
    private function standing(string $part, float $had, float $now, array $because): Standing
    {
        $catalogue = $this->replay->model->catalogue;
        if ($part === 'outside') {
            return $had >= $catalogue->number('suspect_from') ? Standing::Suspect : Standing::NotTested;
        }
        $has = fn (Ground ...$grounds): bool => Grounds::only($because, ...$grounds) !== [];

        return match (true) {
            $this->isCured($had, $now, $because) => Standing::Cured,
            $this->isConfirmed($had, $because) => Standing::Condemned,
            $had >= $catalogue->number('provisional_from') && $has(Ground::Improved, Ground::CameBack) => Standing::Provisional,
            $now <= $catalogue->number('worked_below')
                && $had <= $catalogue->number('cured_too_likely')
                && $has(Ground::Passed, Ground::LookedGood) => $this->isProved($now, $because) ? Standing::Proved : Standing::Worked,
            $had < $catalogue->number('alone_below') && $has(Ground::NoChange) => Standing::NotAlone,
            $had >= $catalogue->number('suspect_from') => Standing::Suspect,
            $this->isHidden($part) => Standing::Hidden,
            default => Standing::NotTested,
        };
    }

    /**
     * Whether what speaks for a part proves it, and does not only say that it worked. Not where, at last, the machine got further
     * without it; and a start that went well, or a look, proves nothing as long as the machine comes and goes and what does it is not put
     * right.
     *
     * @param  list<Because>  $because
     */
    private function isProved(float $now, array $because): bool
    {
        $last = fn (Ground ...$grounds): int => max([0, ...array_column(Grounds::only($because, ...$grounds), 'entry')]);
        $worked = $last(Ground::Passed, Ground::LookedGood, Ground::StayedAway);

        // What came in alone is the whole of what is as sound as is asked.
        return ($this->isSound && $this->replay->model->machine->alone !== null)
            || ($now <= $this->replay->model->catalogue->number($this->isSound ? 'proved_below_once_sound' : 'proved_below')
                && $worked >= $last(Ground::Improved, Ground::CameBack)
                && (! $this->grounds->comesAndGoes || $this->seemsOver));
    }

    /** @param  list<Because>  $because */
    private function isConfirmed(float $had, array $because): bool
    {
        return $had >= $this->replay->model->catalogue->number('condemned_from')
            && Grounds::only($because, Ground::CameBack, Ground::Seen) !== [];
    }

    /**
     * It was more likely at fault than not, it hardly is now, and the last start got past it: straightened pins that start are not
     * condemned.
     *
     * @param  list<Because>  $because
     */
    private function isCured(float $had, float $now, array $because): bool
    {
        $catalogue = $this->replay->model->catalogue;
        $last = $this->record->lastStart();
        $passed = array_filter(Grounds::only($because, Ground::Passed), fn (Because $one): bool => $one->entry === $last?->number);

        return $had >= $catalogue->number('cured_from') && $now <= $catalogue->number('cured_below') && $passed !== [];
    }

    private function isHidden(string $part): bool
    {
        if ($this->stop === null || $this->record->lastStart() === null) {
            return false;
        }
        $model = $this->replay->model;
        $of = $model->machine->part($part);

        // What is not here is reached by no start, however far it gets.
        return ! $model->machine->isAtHome($of) && $this->stop->tried($model->catalogue->stageIndex($of->kind->stage)) < 0.1;
    }

    /**
     * Of the entries that speak about a part, those that made it stand where it stands.
     *
     * @param  list<Because>  $because
     * @return list<Because>
     */
    private function thatMadeIt(Standing $standing, array $because): array
    {
        return Grounds::only(
            $because,
            ...match ($standing) {
                Standing::Condemned => [Ground::Improved, Ground::CameBack, Ground::Seen],
                Standing::Cured => [Ground::Improved, Ground::CameBack, Ground::Seen, Ground::Passed],
                Standing::Provisional => [Ground::Improved, Ground::CameBack],
                Standing::Proved, Standing::Worked => [Ground::Passed, Ground::LookedGood],
                Standing::NotAlone => [Ground::NoChange, Ground::LookedGood],
                Standing::Suspect => [Ground::NoChange, Ground::Improved, Ground::CameBack, Ground::Seen, Ground::LookedGood],
                Standing::NotTested => [Ground::LookedGood],
                Standing::Hidden => [],
            },
        );
    }
}
