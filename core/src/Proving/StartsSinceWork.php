<?php

declare(strict_types=1);

namespace Orthoscope\Core\Proving;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/**
 * Starts that went all the way since the machine was last worked on or last failed. What is out of its case is proved there before it is
 * built up again; what never left its case is not taken out for that.
 */
final readonly class StartsSinceWork
{
    /**
     * @param  ?int  $outside entry of the first one out of the case
     * @param  ?int  $inside  entry of the first one in the case by the real button, after that where one is asked for
     * @param  int  $clean   how many in a row
     * @param  bool  $helped  the last start had parts lent, left out or attached, or another driver or clocks
     * @param  bool  $fromOutside it was out of its case when it was worked on, or was started there since
     */
    private function __construct(
        public ?int $outside = null,
        public ?int $inside = null,
        public int $clean = 0,
        public bool $helped = false,
        public bool $fromOutside = false,
    ) {
    }

    public static function in(Record $record, Machine $machine, Catalogue $catalogue): self
    {
        $now = new self;
        $isOut = false;
        foreach ($record->inForce as $entry) {
            $isOut = self::isOutAfter($isOut, $entry, $machine, $catalogue);
            if ($entry instanceof ActDone && $entry->isWork($catalogue)) {
                $now = new self(helped: $now->helped, fromOutside: $isOut);
            } elseif ($entry instanceof Start) {
                $whole = $catalogue->reach($entry->reached)->firstStop === $catalogue->stageCount();
                $now = $whole
                    ? $now->and($entry, $machine->alone !== null)
                    : new self(helped: self::isHelped($entry->setUp), fromOutside: $now->fromOutside || $isOut);
            }
        }

        return $now;
    }

    /** @param  bool  $alone a part that came alone is proved in a good machine: there is no case of its own to go back into */
    private function and(Start $start, bool $alone): self
    {
        $isOut = $alone || $start->setUp->place === Place::Bench;
        $fromOutside = $this->fromOutside || ($isOut && $this->inside === null);
        if (self::isHelped($start->setUp)) {
            return new self($this->outside, $this->inside, $this->clean, true, $fromOutside);
        }
        $byButton = ! $isOut && $start->setUp->startBy->value === 'button';
        $counts = $alone || ($byButton && ($this->outside !== null || ! $fromOutside));

        return new self(
            outside: $this->outside ?? ($isOut ? $start->number : null),
            inside: $this->inside ?? ($counts ? $start->number : null),
            clean: $this->clean + $start->times,
            fromOutside: $fromOutside,
        );
    }

    private static function isOutAfter(bool $wasOut, Entry $entry, Machine $machine, Catalogue $catalogue): bool
    {
        return match (true) {
            $entry instanceof Start => $entry->setUp->place === Place::Bench,
            $entry instanceof Finding => $wasOut || in_array($entry->check, $catalogue->takenOutFor->looks, true),
            $entry instanceof ActDone => $wasOut || self::isDoneOutside($entry, $machine, $catalogue),
            default => $wasOut,
        };
    }

    private static function isDoneOutside(ActDone $act, Machine $machine, Catalogue $catalogue): bool
    {
        if (in_array($act->act, $catalogue->takenOutFor->but, true)) {
            return false;
        }
        $kinds = array_map(fn (string $part): string => $machine->part($part)->kind->id, $act->on);

        return array_intersect($kinds, $catalogue->takenOutFor->work) !== [];
    }

    private static function isHelped(SetUp $setUp): bool
    {
        return $setUp->lent !== []
            || $setUp->out !== []
            || $setUp->attached !== []
            || $setUp->basicDriver
            || $setUp->otherDriver !== null
            || $setUp->lowClocks;
    }
}
