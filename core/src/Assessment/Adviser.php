<?php

declare(strict_types=1);

namespace Orthoscope\Core\Assessment;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Diagnosis\SingleFaults;
use Orthoscope\Core\Diagnosis\Surprise;
use Orthoscope\Core\Diagnosis\WideLook;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Shelf\Shelf;

/**
 * Assesses a record that grows: what was worked out of the entries before is taken up again, so one more entry costs one
 * more entry. The same record gives the same assessment, whether it was taken up or gone through from the start.
 */
final class Adviser
{
    /** Sets of two faults that must not have been dropped. Origin: judgement. */
    private const BEST_SETS = 5;

    private ?Replay $last = null;

    private ?SingleFaults $alone = null;

    /** @var ?array{Record, bool, ?WideLook} the record last looked at, whether it surprised, and what came of it */
    private ?array $looked = null;

    /** @param  ?Kept  $kept what `kept` gave for an earlier state of the record */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Machine $machine,
        private readonly Shelf $shelf,
        private readonly ?Kept $kept = null,
    ) {
    }

    /** @param  ?string  $now when it is, for interlocks that end by themselves */
    public function assess(Record $record, ?string $now = null): Assessment
    {
        $narrow = $this->narrow($record);
        $surprises = Surprise::asksForAWideLook($narrow, $record, $this->catalogue);
        $wide = $this->wide($narrow, $record, $surprises);

        return Assessment::from(
            $wide->replay ?? $narrow,
            // What was looked at widely because a set had been dropped is no reason to doubt an entry.
            Surprise::in($narrow, $surprises ? $wide : null, $record, $this->catalogue),
            $record,
            $this->shelf,
            $this->catalogue,
            $now,
        );
    }

    /** The record gone through, and looked at widely if it surprises and if that is asked for. */
    public function replay(Record $record, bool $widely = true): Replay
    {
        $narrow = $this->narrow($record);

        $wide = $widely ? $this->wide($narrow, $record, Surprise::asksForAWideLook($narrow, $record, $this->catalogue)) : null;

        return $wide->replay ?? $narrow;
    }

    /** Whether the record fits together. */
    public function fits(Record $record): Surprise
    {
        $narrow = $this->narrow($record);

        $surprises = Surprise::asksForAWideLook($narrow, $record, $this->catalogue);

        return Surprise::in($narrow, $surprises ? $this->wide($narrow, $record, true) : null, $record, $this->catalogue);
    }

    /**
     * Whether a reading is so unlikely by the record so far that its own set-up is asked about first; never one that asks nothing,
     * or that says already what was looked at.
     */
    public function doubts(Record $record, Finding $finding): bool
    {
        return $this->catalogue->check($finding->check)->asks !== []
            && $finding->checked === []
            && $this->replay($record, widely: false)->expected($finding) < $this->catalogue->number('doubt_below');
    }

    private function narrow(Record $record): Replay
    {
        $replay = match (true) {
            $this->last !== null => $this->last->and($record),
            $this->kept !== null => Replay::resume($this->kept->replay, $this->machine, $record, $this->catalogue, $this->candidates()),
            default => null,
        };

        return $this->last = $replay ?? Replay::of($this->machine, $record, $this->catalogue, $this->candidates());
    }

    private function alone(Record $record): SingleFaults
    {
        $alone = match (true) {
            $this->alone !== null => $this->alone->and($record),
            $this->kept !== null => SingleFaults::resume(
                $this->kept->alone,
                $this->machine,
                $record,
                $this->catalogue,
                $this->candidates(),
            ),
            default => null,
        };

        return $this->alone = $alone ?? SingleFaults::of($this->machine, $record, $this->catalogue, $this->candidates());
    }

    /** Whether it fits and what it comes to are asked of one record one after the other. */
    private function wide(Replay $narrow, Record $record, bool $surprises): ?WideLook
    {
        if ($this->looked === null || $this->looked[0] !== $record || $this->looked[1] !== $surprises) {
            $this->looked = [$record, $surprises, $this->lookedAt($narrow, $record, $surprises)];
        }

        return $this->looked[2];
    }

    private function lookedAt(Replay $narrow, Record $record, bool $surprises): ?WideLook
    {
        $alone = $this->alone($record);
        $lacksOne = self::lacks($narrow, [$alone->likeliest()]);
        if (! $surprises && ! $lacksOne && $narrow->belief->isOfOneFault()) {
            return null;
        }
        $sets = $alone->likelySets();

        return $surprises || $lacksOne || self::lacks($narrow, array_slice($sets, 0, self::BEST_SETS))
            ? WideLook::at($sets, $this->machine, $record, $this->catalogue, $this->candidates())
            : null;
    }

    /**
     * Whether one of the sets that explain the record best was dropped on the way, when little spoke for it yet.
     *
     * @param  list<list<int>>  $sets
     */
    private static function lacks(Replay $narrow, array $sets): bool
    {
        foreach ($sets as $set) {
            if (! $narrow->belief->holds($set)) {
                return true;
            }
        }

        return false;
    }

    /** Plain data to take up from later; null before anything was assessed */
    public function kept(): ?Kept
    {
        return $this->last === null || $this->alone === null ? null : new Kept($this->last->kept(), $this->alone->kept());
    }

    /** @return list<array{string, string}> spares and the host that may come into it next: tag and part */
    private function candidates(): array
    {
        $candidates = [];
        foreach ($this->machine->parts as $part) {
            $spare = $part->kind->lendable ? $this->shelf->best($part->kind->id, $this->machine, $this->catalogue->shelf) : null;
            if ($spare !== null) {
                $candidates[] = [$spare->tag, $part->id];
            }
            // A new part and a host may come into it any time; asked of now, they need no going through again then.
            if (! $part->kind->link) {
                array_push($candidates, ['new', $part->id], [Finding::ANY_HOST, $part->id]);
            }
        }

        return $candidates;
    }
}
