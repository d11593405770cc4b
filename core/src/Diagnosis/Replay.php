<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Chain\Lent;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\SetUp;
use Orthoscope\Core\Evidence\Deed;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;

/** Goes through a record entry by entry and holds what is believed after each. */
final class Replay
{
    public readonly StartModel $model;

    public Belief $belief;

    /** How the machine stands now: the set-up of the last start. */
    public SetUp $setUp;

    /** @var array<string, string> part => tag of the new part fitted for good */
    public array $fitted = [];

    /** @var array<int, float> entry => how likely it was before it came, from what was believed until then */
    public array $predicted = [];

    public ShownSigns $shown;

    /** @var array<string, true> spares already in question */
    private array $introduced = [];

    /** @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part */
    private function __construct(private readonly Catalogue $catalogue, Machine $machine, private readonly Record $record, array $candidates, float $pruneBelow)
    {
        $modes = Modes::of($machine, $catalogue, self::spares($record, $candidates), self::emptySlots($machine, $record));
        $this->model = new StartModel($machine, $catalogue, $modes);
        $this->setUp = new SetUp;
        $this->shown = ShownSigns::none($catalogue);
        $this->belief = Prior::belief($modes, $catalogue, $this->events(), $pruneBelow);
    }

    /**
     * @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part
     * @param  ?float  $pruneBelow share of belief under which a state is dropped; the catalogue's if not given
     */
    public static function of(Machine $machine, Record $record, Catalogue $catalogue, array $candidates = [], ?float $pruneBelow = null): self
    {
        $replay = new self($catalogue, $machine, $record, $candidates, $pruneBelow ?? $catalogue->number('prune_below'));
        foreach ($record->inForce as $entry) {
            $replay->take($entry);
        }

        return $replay;
    }

    /**
     * The likelihood of a start's outcome under a set-up, as the machine stands now.
     *
     * @param  array<string, string>  $signs
     */
    public function startLikelihood(SetUp $setUp, string $reached, array $signs, ?int $waited = null): StartLikelihood
    {
        $catalogue = $this->catalogue;
        $short = $reached === 'dark' && $waited !== null && $waited < $catalogue->number('short_wait_s');

        return StartLikelihood::of($this->model, $this->model->hazards($setUp, $this->fitted), $this->model->cut($setUp), $catalogue->reach($reached), $signs, $this->shown, $short);
    }

    public function findingLikelihood(Check $check, ?string $target, string $result): FindingLikelihood
    {
        return FindingLikelihood::of($this->model->modes, $check, $target, $result, $this->catalogue->number('check_noise'));
    }

    /** Whether it is already asked of a spare if it is itself bad in this place. */
    public function isInQuestion(string $tag, string $part): bool
    {
        return isset($this->introduced["{$tag} {$part}"]);
    }

    /**
     * What moving the machine from how it stands to a set-up cures.
     *
     * @return array<int, float> mode => probability
     */
    public function movingCures(SetUp $to): array
    {
        return $this->model->cures('reseat', $this->model->disturbed($this->setUp, $to));
    }

    /** @return array<int, float> mode => probability that making the check cures it, by what is moved for it */
    public function checkCures(Check $check, ?string $target): array
    {
        $kinds = $check->disturbs;
        if ($target !== null && $check->host) {
            array_push($kinds, ...$this->model->machine->part($target)->kind->disturbs);
        }

        return $this->model->cures('reseat', $this->model->partsOfKinds($kinds));
    }

    /**
     * @param  list<array{string, string}>  $candidates
     * @return list<array{string, string}> tag and part of every spare that was lent, fitted, or may be lent
     */
    private static function spares(Record $record, array $candidates): array
    {
        $spares = [];
        foreach ($record->all(Start::class) as $start) {
            foreach ($start->setUp->lent as $part => $lent) {
                $spares["{$lent->tag} {$part}"] = [$lent->tag, $part];
            }
        }
        foreach ($record->all(Deed::class) as $deed) {
            foreach ($deed->with === null ? [] : $deed->on as $part) {
                $spares["{$deed->with->tag} {$part}"] = [$deed->with->tag, $part];
            }
        }
        foreach ($candidates as [$tag, $part]) {
            $spares["{$tag} {$part}"] = [$tag, $part];
        }

        return array_values($spares);
    }

    /** @return list<string> slots that never held a stick */
    private static function emptySlots(Machine $machine, Record $record): array
    {
        $used = array_values($machine->slots);
        foreach ($record->all(Start::class) as $start) {
            array_push($used, ...array_values($start->setUp->moved));
        }

        return array_values(array_diff(array_column($machine->ofKind('slot'), 'id'), $used));
    }

    private function take(Entry $entry): void
    {
        match (true) {
            $entry instanceof Report => $this->takeReport($entry),
            $entry instanceof Start => $this->takeStart($entry),
            $entry instanceof Finding => $this->takeFinding($entry),
            $entry instanceof Deed => $this->takeDeed($entry),
            default => null,
        };
    }

    private function takeReport(Report $report): void
    {
        if ($report->reached === null && $report->signs === []) {
            return;
        }
        $anywhere = new Reach('any', 'not told', '', '', 0, $this->catalogue->stageCount());
        $reach = $report->reached === null ? $anywhere : $this->catalogue->reach($report->reached);
        $hazards = $this->model->hazards($this->setUp, $this->fitted);
        $likelihood = StartLikelihood::of($this->model, $hazards, $this->catalogue->stageCount(), $reach, $report->signs, $this->shown, trust: $this->catalogue->number('report_trust'));
        $this->observe($report->number, $likelihood);
        $this->remember($report->signs, $reach);
    }

    private function takeStart(Start $start): void
    {
        foreach ($start->setUp->lent as $part => $lent) {
            $this->introduce($lent, $part);
        }
        $this->belief = $this->belief->after($this->movingCures($start->setUp));
        $this->setUp = $start->setUp;
        $catalogue = $this->catalogue;
        $likelihood = $this->startLikelihood($start->setUp, $start->reached, $start->signs, $start->waited);
        $this->observe($start->number, $likelihood, $start->times);
        $this->remember($start->signs, $catalogue->reach($start->reached));
    }

    private function takeFinding(Finding $finding): void
    {
        $check = $this->catalogue->check($finding->check);
        $this->observe($finding->number, $this->findingLikelihood($check, $finding->target, $finding->result));
        $this->belief = $this->belief->after($this->checkCures($check, $finding->target));
    }

    private function takeDeed(Deed $deed): void
    {
        $on = array_fill_keys($deed->on, true);
        if ($deed->with === null) {
            $this->belief = $this->belief->after($this->model->cures($deed->act, $on));

            return;
        }
        $gone = $moved = [];
        foreach ($deed->on as $part) {
            foreach (array_keys($this->model->modes->carriedBy($part, $this->model->machine)) as $mode) {
                $gone[$mode] = $this->model->modes->all[$mode]->fault->cures['replace'] ?? 1.0;
            }
            $moved += $this->model->partsOfKinds($this->model->machine->part($part)->kind->disturbs);
        }
        $this->belief = $this->belief->after($gone + $this->model->cures('reseat', $moved));
        foreach ($deed->on as $part) {
            $this->introduce($deed->with, $part);
            $this->fitted[$part] = $deed->with->tag;
        }
    }

    private function introduce(Lent $spare, string $part): void
    {
        $mode = $this->model->modes->ofSpare($spare->tag, $part);
        if ($mode !== null && ! isset($this->introduced["{$spare->tag} {$part}"])) {
            $this->introduced["{$spare->tag} {$part}"] = true;
            $this->belief = $this->belief->introduce($mode, 1.0 - min($spare->trust, 0.999));
        }
    }

    private function observe(int $entry, Likelihood $likelihood, int $times = 1): void
    {
        $before = $this->belief->logEvidence;
        $this->belief = $this->belief->given($likelihood, $times);
        $this->predicted[$entry] = exp($this->belief->logEvidence - $before);
    }

    /** @param  array<string, string>  $signs */
    private function remember(array $signs, Reach $reach): void
    {
        $this->shown = $this->shown->and($signs, $this->model->hazards($this->setUp, $this->fitted), $this->model->modes->stops, $this->model->cut($this->setUp), $reach);
    }

    /** @return list<Event> */
    private function events(): array
    {
        $events = [];
        foreach ($this->record->all(Report::class) as $report) {
            foreach ($report->events as $event) {
                $events[$event] = $this->catalogue->events[$event];
            }
            foreach ($report->marks as $mark) {
                $events["mark {$mark}"] = $this->catalogue->marks[$mark];
            }
        }

        return array_values($events);
    }
}
