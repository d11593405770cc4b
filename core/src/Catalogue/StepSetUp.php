<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;

/** What a step asks of the set-up of its start, beside what the last start had; "target" is the part the step is made for. */
final readonly class StepSetUp
{
    /**
     * @param  bool  $lends a spare stands in for the target
     * @param  bool  $only of its kind only the target stays in
     * @param  bool  $swapsSlot the target goes to another slot
     * @param  bool  $restores the machine's own target comes back to its place
     * @param  bool  $strips all is out that a picture does without: drives, cards beside the graphics card, what is plugged in from
     *     outside, all sticks but the target, and the graphics card where there is a picture without it
     * @param  ?string  $out what is taken out: "target" or a kind of part
     */
    public function __construct(
        public bool $lends,
        public bool $only,
        public bool $swapsSlot,
        public bool $restores,
        public bool $strips,
        public ?string $out,
        public ?Place $place,
        public ?StartBy $startBy,
        public ?Temperature $temperature,
        public ?Goal $goal,
        public bool $otherOutput,
        public bool $basicDriver,
        public bool $otherDriver,
        public bool $lowClocks,
    ) {
    }

    /** Whether it asks less of the machine than a plain start does: that tells of nothing where nothing has failed yet. */
    public function isGentler(): bool
    {
        return $this->basicDriver || $this->otherDriver || $this->lowClocks;
    }

    public static function fromRow(Row $row): self
    {
        return new self(
            lends: $row->has('lend'),
            only: $row->has('only'),
            swapsSlot: $row->has('swap-slot'),
            restores: $row->has('restore'),
            strips: $row->has('strip'),
            out: $row->textOrNull('out'),
            place: $row->has('place') ? Place::from($row->text('place')) : null,
            startBy: $row->has('start_by') ? StartBy::from($row->text('start_by')) : null,
            temperature: $row->has('temperature') ? Temperature::from($row->text('temperature')) : null,
            goal: $row->has('goal') ? Goal::from($row->text('goal')) : null,
            otherOutput: $row->textOrNull('output') === 'other',
            basicDriver: $row->textOrNull('driver') === 'basic',
            otherDriver: $row->textOrNull('driver') === 'other',
            lowClocks: $row->textOrNull('clocks') === 'low',
        );
    }

    /** It asks for nothing but a temperature and what the machine does. */
    public function changesNoPart(): bool
    {
        return ! $this->lends && ! $this->only && ! $this->swapsSlot && ! $this->restores && ! $this->strips && $this->out === null
            && $this->place === null && $this->startBy === null && ! $this->otherOutput;
    }
}
