<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Information;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Plain\Percent;

/** What one step may show, what would be left to do after each of it, and what each would mean. */
final readonly class LookAhead
{
    private const SHOWN_OUTCOMES = 4;

    private StartOutcomes $outcomes;

    public function __construct(private Catalogue $catalogue, private Replay $replay, private RepairNeeds $needs)
    {
        $this->outcomes = new StartOutcomes($replay->model, $this->tellingChannel(), $replay->shown);
    }

    /**
     * Expected minutes left after a step, and what it may show.
     *
     * @param  float  $nothingNeeded probability now that no repair is needed
     * @param  ?int  $first the repair that would be done first if nothing were tried
     *
     * @return array{float, list<Prospect>, float, float} minutes, prospects, bits, and what is saved where it waits for that repair
     */
    public function at(Candidate $candidate, Belief $belief, float $nothingNeeded, ?int $first = null): array
    {
        $belief = $this->afterMoving($candidate, $belief);
        $forecast = $this->forecast($candidate);
        $probability = $byNeeds = $members = $told = [];
        foreach ($belief->states() as $i => [$faults, $weight, $was]) {
            $needs = $this->needs->of($faults);
            $shares = $forecast->given($faults);
            $told[] = [$weight, $shares];
            foreach ($shares as $outcome => $share) {
                $w = $weight * $share;
                $probability[$outcome] = ($probability[$outcome] ?? 0.0) + $w;
                $byNeeds[$outcome][$needs] = ($byNeeds[$outcome][$needs] ?? 0.0) + $w;
                $members[$outcome][$i] = $w;
            }
        }
        $after = $nothingLeft = 0.0;
        $prospects = [];
        foreach ($probability as $outcome => $p) {
            $after += $this->needs->order($byNeeds[$outcome])[1];
            $nothingLeft += $byNeeds[$outcome][0] ?? 0.0;
            $prospects[] = new Prospect($forecast->outcomes()[$outcome], $p, $members[$outcome], $belief);
        }
        if ($candidate->setUp === null) {
            // What a look cured by the way takes a start to be seen.
            $after += max(0.0, $nothingLeft - $nothingNeeded) * $this->catalogue->steps['start']->minutes;
        }

        $waits = $first === null ? 0.0 : max(0.0, $candidate->minutes() + $after - $this->later($candidate, $byNeeds, $first));

        return [$after, $prospects, Information::gain($told), $waits];
    }

    /**
     * Expected minutes from now on where a repair is done first, and the step taken only where that was not all.
     *
     * @param  array<array-key, array<int, float>>  $byNeeds outcome => set of repairs => weight
     */
    private function later(Candidate $candidate, array $byNeeds, int $first): float
    {
        $minutes = 0.0;
        foreach ($byNeeds as $weights) {
            [$spent, $left] = $this->needs->done($first, $weights);
            $minutes += $spent + array_sum($left) * $candidate->minutes() + $this->needs->order($left)[1];
        }

        return $minutes;
    }

    /**
     * The likeliest things a step may show, and what each would mean.
     *
     * @param  list<Prospect>  $prospects
     *
     * @return list<Outcome>
     */
    public function explained(Candidate $candidate, array $prospects): array
    {
        usort($prospects, fn (Prospect $a, Prospect $b): int => $b->probability <=> $a->probability);
        $explained = [];
        foreach (array_slice($prospects, 0, self::SHOWN_OUTCOMES) as $prospect) {
            $explained[] = $this->outcome($candidate, $prospect);
        }

        return $explained;
    }

    /** What an outcome would mean: the part most likely at fault after it, or that the machine is then cured; and for every part. */
    private function outcome(Candidate $candidate, Prospect $prospect): Outcome
    {
        $parts = $named = [];
        $sound = 0.0;
        $states = $prospect->belief->states();
        foreach ($prospect->weights as $i => $weight) {
            [$now, , $was] = $states[$i];
            $w = $weight / $prospect->probability;
            $sound += $now === [] ? $w : 0.0;
            foreach ($this->partsOf($was) as $part => $name) {
                $named[$name] = ($named[$name] ?? 0.0) + $w;
                if (! str_contains($part, ' ')) {
                    $parts[$part] = ($parts[$part] ?? 0.0) + $w;
                }
            }
        }
        arsort($named);
        $meaning = match (true) {
            $candidate->step->record === 'unlock' => 'then look again',
            $candidate->step->record === 'act' && $sound > 0.5 => 'then cured, '.Percent::words($sound),
            $named === [] => 'nothing wrong',
            default => 'then '.array_key_first($named).' '.Percent::words((float) reset($named)),
        };
        $outcome = $prospect->outcome;

        return new Outcome($outcome['result'], $outcome['signs'], $outcome['words'], $prospect->probability, $meaning, $parts);
    }

    /**
     * Each part once, though it may have two faults.
     *
     * @param  list<int>  $faults
     *
     * @return array<string, string> part, or part and spare => its name
     */
    private function partsOf(array $faults): array
    {
        $parts = [];
        foreach ($faults as $fault) {
            $mode = $this->replay->model->modes->all[$fault];
            $mode->spare === null
                ? $parts[$mode->part] = $this->replay->model->machine->part($mode->part)->name
                : $parts["{$mode->part} {$mode->spare}"] = Mode::outsider($mode->spare);
        }

        return $parts;
    }

    private function afterMoving(Candidate $candidate, Belief $belief): Belief
    {
        $model = $this->replay->model;
        $cures = [];
        if ($candidate->step->act !== null) {
            $cures = $model->cures($candidate->step->act, array_fill_keys($candidate->on, true));
        }
        if ($candidate->setUp !== null) {
            $cures += $this->replay->movingCures($candidate->setUp);
        }
        if ($candidate->step->check !== null) {
            $cures += $this->replay->checkCures($this->catalogue->check($candidate->step->check), $candidate->target?->id);
        }

        return $belief->after($cures);
    }

    private function forecast(Candidate $candidate): OutcomeForecast
    {
        $model = $this->replay->model;
        if ($candidate->step->record === 'unlock') {
            return new ActForecast;
        }
        if ($candidate->setUp === null) {
            $check = $this->catalogue->check((string) $candidate->step->check);
            $falsely = $check->host ? 1.0 - ($candidate->host->trust ?? $this->catalogue->number('host_trust')) : 0.0;

            return FindingForecast::of($model->modes, $check, $check->target === null ? null : $candidate->target?->id, $falsely);
        }
        $doubt = null;
        if (
            $candidate->spare !== null
            && $candidate->target !== null
            && ! $this->replay->isInQuestion($candidate->spare->tag, $candidate->target->id)
        ) {
            $mode = $model->modes->ofSpare($candidate->spare->tag, $candidate->target->id);
            $doubt = $mode === null ? null : [$mode, 1.0 - min($candidate->spare->trust, 0.999)];
        }

        $hazards = $model->hazards($candidate->setUp, $this->replay->fitted);

        return new StartForecast($model, $this->outcomes, $hazards, $model->cut($candidate->setUp), $doubt);
    }

    /** The sign that tells most where a dark start stops, of those this machine has. */
    private function tellingChannel(): ?string
    {
        foreach (['code' => 'code_display', 'lamp' => 'status_lamps', 'beeps' => 'speaker'] as $channel => $fact) {
            if ($this->replay->model->machine->facts[$fact]) {
                return $channel;
            }
        }

        return null;
    }
}
