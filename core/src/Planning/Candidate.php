<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Shelf\Spare;

/** A step made concrete for one machine: on which part, under which set-up, with which spare. */
final readonly class Candidate
{
    /**
     * @param  ?Part  $target the part it is about, if about one
     * @param  ?SetUp  $setUp  the set-up of the start, if it makes one
     * @param  list<string>  $on     parts an act is done to
     * @param  ?Spare  $spare  the spare it lends
     * @param  bool  $lacksSpare it needs a spare and none fits
     * @param  bool  $ownSupply it puts mains on the machine's own supply, here or in another machine
     * @param  ?Spare  $host   the known-good machine it is tried in, where the shelf has one
     * @param  int  $longer minutes on top of the step's own, for a start that must run for a while to show anything
     * @param  int  $spared minutes of the step's own that are not needed, as the machine stands so already
     * @param  bool  $holdsUp what comes and goes stands so already and ran: whether it holds is asked before anything is put back
     */
    public function __construct(
        public Step $step,
        public ?Part $target,
        public ?SetUp $setUp,
        public array $on,
        public ?Spare $spare,
        public bool $lacksSpare = false,
        public int $longer = 0,
        public int $spared = 0,
        public bool $holdsUp = false,
        public bool $ownSupply = false,
        public ?Spare $host = null,
    ) {
    }

    /** Bench minutes it takes. */
    public function minutes(): int
    {
        return $this->step->minutes - $this->spared + $this->longer;
    }

    /** Whether it goes beyond the log-in screen. */
    public function needsConsent(): bool
    {
        return $this->step->login || $this->setUp?->isAtWork() === true;
    }

    /** Whether the machine is started with all its own parts in, be it cold, at work or plainly. */
    public function triesItAsItIs(): bool
    {
        return $this->step->record === 'start' && $this->setUp?->changesNoPart() === true;
    }

    /** Whether the machine stands so already: it is only started again. */
    public function isOnceMore(): bool
    {
        return $this->spared > 0;
    }

    /** Names it among all steps of one machine. */
    public function id(): string
    {
        return $this->target === null
            || $this->step->each === null
            || $this->step->once
            || ! ($this->target->kind->many || $this->step->each === 'swapped')
            ? $this->step->id
            : "{$this->step->id}:{$this->target->id}";
    }

    /** @return list<string> what the trial must be made under beside what the step itself asks, in words */
    private function condition(): array
    {
        return array_values(
            array_filter([
                match ($this->step->setUp->temperature === null ? $this->setUp?->temperature : null) {
                    Temperature::Cold => 'started cold',
                    Temperature::Warm => 'once it is warm',
                    default => '',
                },
                match ($this->step->setUp->goal === null ? $this->setUp?->goal : null) {
                    Goal::Load => 'and run it at work',
                    Goal::Hours => 'and run it for hours',
                    default => '',
                },
            ]),
        );
    }

    public function name(): string
    {
        $target = $this->target?->inSentence() ?? '';

        $slot = array_values($this->setUp->moved ?? [])[0] ?? '';

        $name = str_replace(
            ['{target}', '{Target}', '{slot}'],
            [$target, ucfirst($target), str_replace('slot-', '', $slot)],
            $this->step->name,
        );

        if ($this->isOnceMore()) {
            $name = 'Start it once more as it stands: '.lcfirst($name);
        }
        if ($this->host !== null) {
            $name .= ", {$this->host->tag}";
        }

        return $this->longer > 0 ? implode(', ', [$name, ...$this->condition()]) : $name;
    }
}
