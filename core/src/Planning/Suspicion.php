<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\SetUp\SetUp;

/** Whether what a step touches is suspected at all. */
final class Suspicion
{
    /** Belief that something a start changes is at fault, under which it is a plain start in disguise. Origin: judgement. */
    private const DISGUISED_BELOW = 0.03;

    /** Share of belief under which a step that touches a part is no test of it. Origin: judgement. */
    private const SUSPECT_FROM = 0.005;

    /** @var array<string, float> what was asked of the belief already: many steps touch the same part */
    private array $asked = [];

    private ?float $harm = null;

    /** @param  ?int  $stopsAt the last stop at which it may have failed, where it fails there each time: what stops it later is not met */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Replay $replay,
        private readonly Belief $belief,
        private readonly ?int $stopsAt = null,
    ) {
    }

    /** Whether a step swaps, or acts on, only what is not suspected. */
    public function touchesNone(Candidate $candidate): bool
    {
        $isOfParts = $candidate->step->record === 'act' || $this->isOfItsTarget($candidate);

        return $isOfParts && $this->of($candidate) < self::SUSPECT_FROM;
    }

    /** How far a step touches what is suspected, 0 to 1: in full from the belief on from which touching it is a test of it. */
    public function weightOf(Candidate $candidate): float
    {
        return min(1.0, $this->of($candidate) / self::SUSPECT_FROM);
    }

    /** Belief, 0 to 1, that something is at fault that a step cures, looks for, or leaves out of a start. */
    private function of(Candidate $candidate): float
    {
        $step = $candidate->step;

        return match (true) {
            $step->record === 'act' => $this->ofWhatIsCured((string) $step->act, $candidate->on),
            $candidate->target !== null && $this->isOfItsTarget($candidate) => $this->ofPartSoFar($candidate->target),
            $step->check !== null => $this->ofFaults($this->catalogue->check($step->check)->detects()),
            $candidate->setUp !== null => $this->ofWhatIsChanged($candidate->setUp),
            default => 1.0,
        };
    }

    private function isOfItsTarget(Candidate $candidate): bool
    {
        return $candidate->target !== null && ($candidate->spare !== null || $this->isHostTest($candidate));
    }

    /** @param  list<string>  $on */
    private function ofWhatIsCured(string $act, array $on): float
    {
        return $this->asked["{$act} ".implode(' ', $on)] ??= $this->belief->hasAny(
            $this->soFar($this->replay->model->cures($act, array_fill_keys($on, true))),
        );
    }

    private function ofPartSoFar(Part $part): float
    {
        return $this->asked["{$part->id} so far"] ??= $this->belief->hasAny($this->soFar($this->modesOf($part)));
    }

    /**
     * Those of some faults that can be what stops it where it stops.
     *
     * @template T
     *
     * @param  array<int, T>  $modes
     *
     * @return array<int, T>
     */
    private function soFar(array $modes): array
    {
        $all = $this->replay->model->modes->all;

        return $this->stopsAt === null
            ? $modes
            : array_filter($modes, fn (int $mode): bool => $all[$mode]->stop <= $this->stopsAt, ARRAY_FILTER_USE_KEY);
    }

    /** Belief, 0 to 1, that a part, or what only it uses, is at fault. */
    public function ofPart(Part $part): float
    {
        return $this->asked[$part->id] ??= $this->belief->hasAny($this->modesOf($part));
    }

    /**
     * Belief, 0 to 1, that any of some faults is there.
     *
     * @param  array<string, mixed>  $faults keyed by fault
     */
    public function ofFaults(array $faults): float
    {
        return $this->asked[implode(' ', array_keys($faults))] ??= $this->belief->hasAny(
            array_filter($this->replay->model->modes->all, static fn (Mode $mode): bool => isset($faults[$mode->fault->id])),
        );
    }

    /** Whether a start changes only what nobody suspects: a plain start with more work. */
    public function isPlainStart(Candidate $candidate): bool
    {
        if ($candidate->step->record !== 'start' || $candidate->setUp === null || $candidate->step->setUp->changesNoPart()) {
            return false;
        }

        return $this->ofWhatIsChanged($candidate->setUp) < self::DISGUISED_BELOW;
    }

    /** Belief that something is at fault that shows otherwise under a set-up than in a plain start as warm, as hard and as long. */
    private function ofWhatIsChanged(SetUp $setUp): float
    {
        $model = $this->replay->model;
        $plain = new SetUp(goal: $setUp->goal, temperature: $setUp->temperature);
        $as = $model->hazards($plain, $this->replay->fitted);
        $then = $model->hazards($setUp, $this->replay->fitted);
        // What goes back into its place does so for a plain start too.
        $moves = array_diff_key($this->replay->movingCures($setUp), $this->replay->movingCures($plain));
        $changed = array_map(fn (): bool => true, $moves);
        foreach ($as + $then as $mode => $hazard) {
            if (abs(($as[$mode] ?? 0.0) - ($then[$mode] ?? 0.0)) > 0.01) {
                $changed[$mode] = true;
            }
        }

        return $this->belief->hasAny($changed);
    }

    /** Whether a step tries a part in a known-good machine. */
    public function isHostTest(Candidate $candidate): bool
    {
        return $candidate->step->check !== null && $this->catalogue->check($candidate->step->check)->host;
    }

    /** Chance, 0 to 1, that what is at fault harms a part that is lent to it. */
    public function harm(): float
    {
        if ($this->harm === null) {
            $harm = 0.0;
            foreach ($this->belief->marginals() as $mode => $p) {
                $harm += $p * $this->replay->model->modes->all[$mode]->fault->harms;
            }
            $this->harm = min(1.0, $harm);
        }

        return $this->harm;
    }

    /** @return array<int, true> modes of a part, and of what only it uses */
    private function modesOf(Part $part): array
    {
        $modes = [];
        foreach ($this->replay->model->modes->all as $i => $mode) {
            $kind = $this->replay->model->machine->part($mode->part)->kind;
            if ($mode->spare === null && ($mode->part === $part->id || ($kind->ownOnly && $kind->serves === $part->kind->id))) {
                $modes[$i] = true;
            }
        }

        return $modes;
    }
}
