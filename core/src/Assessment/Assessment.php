<?php

declare(strict_types=1);

namespace Orthoscope\Core\Assessment;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Brought;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Diagnosis\Standings;
use Orthoscope\Core\Diagnosis\StopEstimate;
use Orthoscope\Core\Diagnosis\Surprise;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Planning\Advice;
use Orthoscope\Core\Planning\Arrangements;
use Orthoscope\Core\Planning\Interlocks;
use Orthoscope\Core\Planning\PictureTrials;
use Orthoscope\Core\Planning\Planner;
use Orthoscope\Core\Planning\RankedArrangements;
use Orthoscope\Core\Planning\SignOrder;
use Orthoscope\Core\Proving\Proof;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Words\EntryWords;
use Orthoscope\Core\Words\Retrace;

/** Everything worked out from one record: a pure function of catalogue, machine, shelf and entries in force. */
final readonly class Assessment
{
    /**
     * @param  array<string, PartStanding>  $standings by part, in the order of the chain
     * @param  list<FaultBelief>  $faults    likeliest first
     * @param  list<array{list<string>, float}>  $sets      names of faults held together, and probability, likeliest first
     * @param  array<string, float>  $carriers probability that a part or anything that belongs to it is or was at fault, for parts that
     *     carry others
     * @param  ?StopEstimate  $stop      where the last start stopped; null before the first
     * @param  float  $sound     probability that nothing is wrong now
     * @param  list<string>  $retrace
     * @param  ?RankedArrangements  $arrangements sticks in slots, where memory is a question
     * @param  ?RankedArrangements  $picture output, lead and screen, where the picture's path is a question
     * @param  bool  $runsOnlyOutOfItsCase it failed in its case and has not been back in it since it ran on the mat
     * @param  bool  $isReadBad a reading found something
     * @param  array<string, float>  $signs channel => bits it would add to a start as the last one was put together, most first
     */
    private function __construct(
        public Machine $machine,
        public Record $record,
        public array $standings,
        public array $faults,
        public array $sets,
        public array $carriers,
        public ?StopEstimate $stop,
        public Surprise $surprise,
        public Interlocks $locks,
        public Advice $advice,
        public Proof $proof,
        public float $sound,
        public array $retrace,
        public ?RankedArrangements $arrangements,
        public ?RankedArrangements $picture,
        public array $signs,
        public bool $runsOnlyOutOfItsCase = false,
        private bool $isReadBad = false,
    ) {
    }

    /** @param  ?string  $now when it is, for interlocks that end by themselves */
    public static function of(Machine $machine, Record $record, Shelf $shelf, Catalogue $catalogue, ?string $now = null): self
    {
        return (new Adviser($catalogue, $machine, $shelf))->assess($record, $now);
    }

    /** Everything that follows from a record that was gone through. */
    public static function from(Replay $replay, Surprise $surprise, Record $record, Shelf $shelf, Catalogue $catalogue, ?string $now): self
    {
        $machine = $replay->model->machine;
        $grounds = Grounds::read($record, $replay->model);
        $stop = StopEstimate::of($replay, $record);
        $standings = (new Standings($replay, $grounds, $stop, $record))->all();
        $locks = Interlocks::of($record, $machine, $catalogue, $now);
        $sound = $replay->sound();

        return new self(
            machine: $machine,
            record: $record,
            standings: $standings,
            faults: self::faults($replay),
            sets: self::sets($replay),
            carriers: self::carriers($replay),
            stop: $stop,
            surprise: $surprise,
            locks: $locks,
            advice: Planner::advise($catalogue, $replay, $record, $grounds, $locks, $shelf, $standings),
            proof: Proof::of($record, $catalogue, $replay),
            sound: $sound,
            retrace: Retrace::sentences($standings, $record, new EntryWords($machine, $catalogue)),
            arrangements: Arrangements::of($catalogue, $replay, $record),
            picture: PictureTrials::of($catalogue, $replay, $record, $shelf),
            signs: SignOrder::of($catalogue, $replay, $record->lastStart()->setUp ?? new SetUp),
            runsOnlyOutOfItsCase: $grounds->failsUnder->condition === FailsUnder::CASE,
            isReadBad: self::isReadBad($record, $catalogue),
        );
    }

    private static function isReadBad(Record $record, Catalogue $catalogue): bool
    {
        $isBad = fn (Finding $finding): bool => $catalogue->check($finding->check)->readsBad($finding->result);

        return array_filter($record->all(Finding::class), $isBad) !== [];
    }

    /** @return list<PartStanding> suspects and worse, old parts that were replaced among them, likeliest first */
    public function suspects(): array
    {
        $replaced = array_filter(array_map(fn (PartStanding $s): ?PartStanding => $s->replaced, array_values($this->standings)));
        $suspects = array_filter(
            [...array_values($this->standings), ...$replaced],
            fn (PartStanding $s): bool => in_array(
                $s->standing,
                [Standing::Suspect, Standing::Provisional, Standing::Condemned, Standing::Cured],
                true,
            ),
        );
        usort($suspects, fn (PartStanding $a, PartStanding $b): int => $b->probability <=> $a->probability);

        return $suspects;
    }

    /**
     * @return list<PartStanding> parts named as the cause of what it came in with: those confirmed at fault, put right since or not, and
     *     beside them what may be said to be likelier at fault than not; where none is confirmed, the likeliest such one
     */
    public function causes(): array
    {
        $suspects = array_values(array_filter($this->suspects(), fn (PartStanding $s): bool => ! $this->isBrought($s->part->id)));
        $confirmed = array_values(array_filter($suspects, fn (PartStanding $s): bool => $s->confirmed));
        $named = array_map(fn (PartStanding $s): string => $s->part->id, $confirmed);
        $likely = $this->hasEvidence()
            ? array_values(
                array_filter(
                    $suspects,
                    fn (PartStanding $s): bool => $s->probability >= 0.5 && ! in_array($s->part->id, [...$named, 'outside'], true),
                ),
            )
            : [];

        return $confirmed === []
            ? array_slice($likely, 0, 1)
            : [...$confirmed, ...array_values(array_filter($likely, fn (PartStanding $s): bool => $s->stated >= 0.5))];
    }

    /** Whether what is believed of a part came with another that was fitted here: the machine did not come in with that. */
    private function isBrought(string $part): bool
    {
        $likeliest = $this->faultsOf($part)[0] ?? null;

        return $likeliest !== null && Brought::is($likeliest->fault, $this->record, $this->machine);
    }

    /** Belief, 0 to 1, that this machine refuses what it has of some kinds of part, which may be good elsewhere. */
    public function refusal(string ...$kinds): float
    {
        $refused = 0.0;
        foreach ($this->faults as $fault) {
            $refused += in_array($fault->fault->with, $kinds, true) ? $fault->probability : 0.0;
        }

        return min(1.0, $refused);
    }

    /** Whether anything was tried or found that a cause can rest on: words, marks and a wet look name none. */
    public function hasEvidence(): bool
    {
        return $this->record->all(Start::class) !== []
            || $this->isReadBad
            || array_filter($this->standings, fn (PartStanding $standing): bool => Grounds::only($standing->because, Ground::Seen) !== [])
                !== [];
    }

    /** @return list<FaultBelief> faults of one part, likeliest first */
    public function faultsOf(string $part): array
    {
        return array_values(
            array_filter($this->faults, fn (FaultBelief $fault): bool => $fault->part->id === $part && $fault->spare === null),
        );
    }

    /** @return list<FaultBelief> */
    private static function faults(Replay $replay): array
    {
        $groupOf = array_map(fn (Mode $mode): string => "{$mode->fault->id} {$mode->part} {$mode->spare}", $replay->model->modes->all);
        [$had, $now] = $replay->belief->byGroup($groupOf);
        $faults = [];
        foreach (array_unique($groupOf) as $i => $group) {
            if (($had[$group] ?? 0.0) < 0.0005) {
                continue;
            }
            $mode = $replay->model->modes->all[$i];
            $faults[] = new FaultBelief(
                $mode->fault,
                $replay->model->machine->part($mode->part),
                $had[$group],
                $now[$group] ?? 0.0,
                $mode->spare,
            );
        }
        usort($faults, fn (FaultBelief $a, FaultBelief $b): int => $b->probability <=> $a->probability);

        return $faults;
    }

    /** @return array<string, float> */
    private static function carriers(Replay $replay): array
    {
        $machine = $replay->model->machine;
        $carrierOf = [];
        foreach ($machine->parts as $part) {
            if ($part->kind->carrier !== null) {
                $carrierOf[$part->id] = $machine->ofKind($part->kind->carrier)[0]->id;
            }
        }
        $carriers = array_values(array_unique($carrierOf));
        $groupOf = [];
        foreach ($replay->model->modes->all as $i => $mode) {
            $part = $carrierOf[$mode->part] ?? $mode->part;
            if ($mode->spare === null && in_array($part, $carriers, true)) {
                $groupOf[$i] = $part;
            }
        }
        $had = $replay->belief->byGroup($groupOf)[0];
        arsort($had);

        return $had;
    }

    /** @return list<array{list<string>, float}> */
    private static function sets(Replay $replay): array
    {
        $sums = [];
        foreach ($replay->belief->sets(60) as [$modes, $p]) {
            $names = array_map(fn (int $m): string => self::modeName($replay, $m), $modes);
            $key = implode(' + ', $names);
            $sums[$key] = [$names, ($sums[$key][1] ?? 0.0) + $p];
        }
        usort($sums, fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return array_slice($sums, 0, 10);
    }

    private static function modeName(Replay $replay, int $m): string
    {
        $mode = $replay->model->modes->all[$m];

        return $mode->spare === null
            ? $replay->model->machine->part($mode->part)->name.': '.$mode->fault->name
            : Mode::outsider($mode->spare).' bad';
    }
}
