<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Chain\Lent;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\Place;
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
    private function __construct(private readonly Catalogue $catalogue, Machine $machine, private Record $record, array $candidates)
    {
        $modes = Modes::of($machine, $catalogue, self::spares($record, $candidates, $catalogue), self::emptySlots($machine, $record));
        $this->model = new StartModel($machine, $catalogue, $modes);
        $this->setUp = new SetUp;
        $this->shown = ShownSigns::none($catalogue, $machine);
    }

    /**
     * @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part
     * @param  ?float  $pruneBelow share of belief under which a state is dropped; the catalogue's if not given
     */
    public static function of(Machine $machine, Record $record, Catalogue $catalogue, array $candidates = [], ?float $pruneBelow = null): self
    {
        $replay = new self($catalogue, $machine, $record, $candidates);
        $replay->belief = $replay->prior()->belief($pruneBelow ?? $catalogue->number('prune_below'));

        return $replay->through($record->inForce);
    }

    /**
     * The same record looked at under a few fault sets only: none, each fault alone, and those given.
     *
     * @param  list<list<int>>  $sets
     * @param  ?int  $changedBefore entry before which something on the machine may have changed by itself
     * @param  ?callable(Entry, Belief, Belief): void  $watch told of every entry, with belief before and after
     * @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part
     */
    public static function among(array $sets, Machine $machine, Record $record, Catalogue $catalogue, ?int $changedBefore = null, ?callable $watch = null, array $candidates = []): self
    {
        $replay = new self($catalogue, $machine, $record, $candidates);
        $prior = $replay->prior();
        $replay->belief = $prior->among($sets);
        foreach ($record->inForce as $entry) {
            if ($entry->number === $changedBefore) {
                $replay->belief = $replay->belief->arising(array_map(fn (float $p): float => $p * $catalogue->number('changed_share'), $prior->alone()));
            }
            $before = $replay->belief;
            $replay->take($entry);
            if ($watch !== null) {
                $watch($entry, $before, $replay->belief);
            }
        }

        return $replay;
    }

    /**
     * The same as `of`, taking up where an earlier replay left off: only the last entries are gone through. Null where that
     * would not give the same: an entry was struck out, a spare, a slot or a prior has come into it.
     *
     * @param  array<string, mixed>  $kept what `kept` gave earlier
     * @param  list<array{string, string}>  $candidates
     */
    public static function resume(array $kept, Machine $machine, Record $record, Catalogue $catalogue, array $candidates = []): ?self
    {
        $replay = new self($catalogue, $machine, $record, $candidates);
        $count = count($kept['entries']);
        if ($replay->footing() !== $kept['footing'] || array_column(array_slice($record->inForce, 0, $count), 'number') !== $kept['entries']) {
            return null;
        }
        $replay->belief = Belief::fromKept($kept['belief']);
        [$replay->setUp, $replay->fitted, $replay->predicted, $replay->introduced] = [SetUp::fromArray($kept['setup']), $kept['fitted'], $kept['predicted'], $kept['introduced']];
        $replay->shown = ShownSigns::fromKept($kept['shown'], $catalogue, $machine);

        return $replay->through(array_slice($record->inForce, $count));
    }

    /** The same with the entries a longer record adds; null where it must be gone through from the start. */
    public function and(Record $record): ?self
    {
        $known = array_column($this->record->inForce, 'number');
        $added = array_slice($record->inForce, count($known));
        if (array_column(array_slice($record->inForce, 0, count($known)), 'number') !== $known) {
            return null;
        }
        foreach (self::spares(new Record($added), [], $this->catalogue) as [$tag, $part]) {
            if ($this->model->modes->ofSpare($tag, $part) === null) {
                return null;
            }
        }
        $sameSlots = self::emptySlots($this->model->machine, $record) === self::emptySlots($this->model->machine, $this->record);
        if (! $sameSlots || self::events($record, $this->catalogue) != self::events($this->record, $this->catalogue)) {
            return null;
        }
        $next = clone $this;
        $next->record = $record;

        return $next->through($added);
    }

    /**
     * What must be kept to take up again later, as plain data.
     *
     * @return array<string, mixed>
     */
    public function kept(): array
    {
        return [
            'footing' => $this->footing(), 'entries' => array_column($this->record->inForce, 'number'),
            'belief' => $this->belief->kept(), 'setup' => $this->setUp->toArray(), 'fitted' => $this->fitted,
            'predicted' => $this->predicted, 'introduced' => $this->introduced, 'shown' => $this->shown->kept(),
        ];
    }

    /** What was likely before any entry. */
    public function prior(): Prior
    {
        return new Prior($this->model->modes, $this->catalogue, self::events($this->record, $this->catalogue));
    }

    /** @param  list<Entry>  $entries */
    private function through(array $entries): self
    {
        foreach ($entries as $entry) {
            $this->take($entry);
        }

        return $this;
    }

    /** What a replay rests on beside the entries: the modes in question, and what shifted their priors. */
    private function footing(): string
    {
        $modes = $this->model->modes;
        $events = array_map(fn (Event $event): string => $event->id, self::events($this->record, $this->catalogue));

        return hash('xxh128', json_encode([array_map(fn (Mode $m): string => "{$m->fault->id} {$m->part} {$m->stop} {$m->channel} {$m->spare}", $modes->all), $events], JSON_THROW_ON_ERROR));
    }

    /**
     * The likelihood of a start's outcome under a set-up, as the machine stands now.
     *
     * @param  array<string, string>  $signs
     */
    private function startLikelihood(SetUp $setUp, string $reached, array $signs, ?int $waited = null): StartLikelihood
    {
        $catalogue = $this->catalogue;
        $short = $reached === 'dark' && $waited !== null && $waited < $catalogue->number('short_wait_s');

        return StartLikelihood::of($this->model, $this->model->hazards($setUp, $this->fitted), $this->model->cut($setUp), $catalogue->reach($reached), $signs, $this->shown, $short);
    }

    private function findingLikelihood(Check $check, ?string $target, string $result, string $host): FindingLikelihood
    {
        $badHost = $check->host && $target !== null ? $this->model->modes->ofSpare($host, $target) : null;

        return FindingLikelihood::of($this->model->modes, $check, $target, $result, $this->catalogue->number('check_noise'), $badHost);
    }

    /** Probability that nothing is wrong with the machine now; a spare on the shelf that is bad is not in it. */
    public function sound(): float
    {
        $elsewhere = array_filter($this->model->modes->all, fn (Mode $mode): bool => $mode->spare !== null && ($this->fitted[$mode->part] ?? null) !== $mode->spare);

        return $this->belief->sound($elsewhere);
    }

    /** Whether it is already asked of a spare or host if it is itself bad in this place. */
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
        return $this->model->cures('reseat', $this->model->movedFor($check, $target));
    }

    /**
     * @param  list<array{string, string}>  $candidates
     *
     * @return list<array{string, string}> tag and part of every spare or host that was used, or may be
     */
    private static function spares(Record $record, array $candidates, Catalogue $catalogue): array
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
        foreach ($record->all(Finding::class) as $finding) {
            if ($finding->target !== null && $catalogue->check($finding->check)->host) {
                $spares["{$finding->host->tag} {$finding->target}"] = [$finding->host->tag, $finding->target];
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

    /** A report tells of a start at the owner's place, perhaps of an earlier state of the machine. */
    private function takeReport(Report $report): void
    {
        if (($report->reached === null && $report->signs === []) || $report->source === Report::OPINION) {
            return;
        }
        $anywhere = new Reach('any', 'not told', '', '', 0, $this->catalogue->stageCount());
        $reach = $report->reached === null ? $anywhere : $this->catalogue->reach($report->reached);
        $hazards = $this->model->hazards(new SetUp(place: Place::Owner), $this->fitted);
        $likelihood = StartLikelihood::of($this->model, $hazards, $this->catalogue->stageCount(), $reach, $report->signs, $this->shown, trust: $this->catalogue->number("trust_{$report->source}"));
        $this->observe($report->number, [[$likelihood, 1]]);
        $this->remember($report->signs, $reach, $hazards, $this->catalogue->stageCount());
    }

    private function takeStart(Start $start): void
    {
        foreach ($start->setUp->lent as $part => $lent) {
            $this->introduce($lent, $part);
        }
        $moved = $this->model->disturbed($this->setUp, $start->setUp);
        $this->belief = $this->belief->after($this->movingCures($start->setUp))->arising($this->model->arising($moved, $start->setUp));
        $this->setUp = $start->setUp;
        $seen = [];
        foreach ($start->outcomes as $reached => $times) {
            // A machine shows the same stop by the same signs: they count once, however many starts in a row showed them.
            $signs = $reached === $start->reached ? $start->signs : [];
            if ($signs !== []) {
                $seen[] = [$this->startLikelihood($start->setUp, $reached, $signs, $start->waited), 1];
                $times--;
            }
            if ($times > 0) {
                $seen[] = [$this->startLikelihood($start->setUp, $reached, [], $start->waited), $times];
            }
        }
        $this->observe($start->number, $seen);
        $this->remember($start->signs, $this->catalogue->reach($start->reached), $this->model->hazards($this->setUp, $this->fitted), $this->model->cut($this->setUp));
    }

    private function takeFinding(Finding $finding): void
    {
        $check = $this->catalogue->check($finding->check);
        if ($check->host && $finding->target !== null) {
            $this->introduce($finding->host, $finding->target);
        }
        $this->observe($finding->number, [[$this->findingLikelihood($check, $finding->target, $finding->result, $finding->host->tag), 1]]);
        $moved = $this->model->movedFor($check, $finding->target);
        $this->belief = $this->belief->after($this->model->cures('reseat', $moved))->arising($this->model->arising($moved, $this->setUp));
    }

    private function takeDeed(Deed $deed): void
    {
        if ($deed->begun) {
            return;
        }
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
        $this->belief = $this->belief->after($gone + $this->model->cures('reseat', $moved))->arising($this->model->arising($moved, $this->setUp));
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

    /** @param  list<array{Likelihood, int}>  $seen what was seen, and how many times */
    private function observe(int $entry, array $seen): void
    {
        $before = $this->belief->logEvidence;
        foreach ($seen as [$likelihood, $times]) {
            $this->belief = $this->belief->given($likelihood, $times);
        }
        $this->predicted[$entry] = exp($this->belief->logEvidence - $before);
    }

    /**
     * @param  array<string, string>  $signs
     * @param  array<int, float>  $hazards
     */
    private function remember(array $signs, Reach $reach, array $hazards, int $cut): void
    {
        $this->shown = $this->shown->and($signs, $hazards, $this->model->modes->stops, $cut, $reach);
    }

    /** @return list<Event> */
    private static function events(Record $record, Catalogue $catalogue): array
    {
        $events = [];
        foreach ($record->all(Report::class) as $report) {
            foreach ($report->events as $event) {
                $events[$event] = $catalogue->events[$event];
            }
            foreach ($report->marks as $mark) {
                $events["mark {$mark}"] = $catalogue->marks[$mark];
            }
        }

        return array_values($events);
    }
}
