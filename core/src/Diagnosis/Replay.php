<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Catalogue\Event;
use Orthoscope\Core\Catalogue\Question;
use Orthoscope\Core\Catalogue\QuestionAnswer;
use Orthoscope\Core\Catalogue\Reach;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Answer;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Head;
use Orthoscope\Core\Evidence\OthersTrial;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;

/** Goes through a record entry by entry and holds what is believed after each. */
final class Replay
{
    /** States under which a change of the machine is followed. Origin: judgement. */
    private const CHANGED_STATES = 60;

    public StartModel $model;

    public Belief $belief;

    /** How the machine stands now: the set-up of the last start. */
    public SetUp $setUp;

    /** @var array<string, string> part => tag of the new part fitted for good */
    public array $fitted = [];

    /** @var array<int, float> entry => how likely it was before it came, from what was believed until then */
    public array $predicted = [];

    public ShownSigns $shown;

    /** How many of the entries in force were gone through. */
    private int $gone = 0;

    /** @var array<string, true> spares already in question */
    private array $introduced = [];

    /** @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part */
    private function __construct(private readonly Catalogue $catalogue, Machine $machine, private Record $record, array $candidates)
    {
        $modes = Modes::of(
            $machine,
            $catalogue,
            InQuestion::spares($record, $candidates, $catalogue, $machine),
            InQuestion::emptySlots($machine, $record),
        );
        $this->model = new StartModel($machine, $catalogue, $modes);
        $this->setUp = new SetUp;
        $this->shown = ShownSigns::none($catalogue, $machine);
    }

    /**
     * @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part
     * @param  ?float  $pruneBelow share of belief under which a state is dropped; the catalogue's if not given
     */
    public static function of(
        Machine $machine,
        Record $record,
        Catalogue $catalogue,
        array $candidates = [],
        ?float $pruneBelow = null,
    ): self {
        $replay = new self($catalogue, $machine, $record, $candidates);
        $pruneBelow ??= $catalogue->number('prune_below');
        $prior = $replay->prior();
        // What each fault alone makes of the first entry costs little, and tells which of all pairs need not be looked at.
        $replay->belief = $prior->among([], $pruneBelow);
        $replay->belief = $prior->belief($pruneBelow, $replay->firstFit());

        return $replay->throughTheRest();
    }

    /**
     * The same record looked at under a few fault sets only: none, each fault alone, and those given.
     *
     * @param  list<list<int>>  $sets
     * @param  list<array{string, string}>  $candidates spares that may be lent next: tag and part
     */
    public static function among(array $sets, Machine $machine, Record $record, Catalogue $catalogue, array $candidates = []): self
    {
        return self::amongAt($sets, $machine, $record, $catalogue, $candidates)->throughTheRest();
    }

    /**
     * The same, before the first entry; `next` goes on from there.
     *
     * @param  list<list<int>>  $sets
     * @param  list<array{string, string}>  $candidates
     */
    public static function amongAt(
        array $sets,
        Machine $machine,
        Record $record,
        Catalogue $catalogue,
        array $candidates,
        float $pruneBelow = Prior::KEEP_NEARLY_ALL,
    ): self {
        $replay = new self($catalogue, $machine, $record, $candidates);
        $replay->belief = $replay->prior()->among($sets, $pruneBelow);

        return $replay;
    }

    /**
     * The hazards under which one start was seen; null for what is no single start.
     *
     * @return ?array<int, float> mode => share of starts it stops
     */
    public function hazardsSeen(Entry $entry): ?array
    {
        $setUp = match (true) {
            $entry instanceof Report && $entry->manner === null => new SetUp(place: Place::Owner),
            $entry instanceof Start && $entry->times === 1 => $entry->setUp,
            $entry instanceof OthersTrial && $entry->times === 1 => $entry->setUp,
            default => null,
        };

        return $setUp === null
            ? null
            : array_filter(
                $this->model->hazards($setUp, $this->fitted),
                fn (int $mode): bool => $this->model->modes->stops[$mode] < $this->model->cut($setUp),
                ARRAY_FILTER_USE_KEY,
            );
    }

    /** What each fault alone makes of the first entry; null where that is none, or one that says nothing of them. */
    private function firstFit(): ?EntryFit
    {
        $first = $this->ahead() === [] ? null : $this->next();

        return $first === null || $first->belief->logEvidence === 0.0 ? null : EntryFit::between($this->belief, $first->belief, null);
    }

    /** @return list<Entry> those not gone through yet */
    public function ahead(): array
    {
        return array_slice($this->record->inForce, $this->gone);
    }

    /** After one more entry of the record. */
    public function next(): self
    {
        $next = clone $this;
        $next->take($this->record->inForce[$this->gone]);

        return $next;
    }

    /** After the rest of the record, had something on the machine changed by itself just before the next entry. */
    public function hadItChangedHere(): self
    {
        $changed = clone $this;
        $share = $this->catalogue->number('changed_share');
        $changed->belief = $this->belief
            ->mostOf(1.0, self::CHANGED_STATES)
            ->arising(array_map(fn (float $p): float => $p * $share, $this->prior()->alone()));

        return $changed->throughTheRest();
    }

    /**
     * The same as `of`, taking up where an earlier replay left off: only the last entries are gone through. Null where that
     * would not give the same: an entry was struck out, the spares to choose from are others, a slot or a prior has come into it.
     *
     * @param  list<array{string, string}>  $candidates
     */
    public static function resume(KeptReplay $kept, Machine $machine, Record $record, Catalogue $catalogue, array $candidates = []): ?self
    {
        return self::takenUp($kept, $machine, $record, $catalogue, $candidates)?->throughTheRest();
    }

    /**
     * The same, before the entries that are new; `next` goes on from there.
     *
     * @param  list<array{string, string}>  $candidates
     */
    public static function takenUp(KeptReplay $kept, Machine $machine, Record $record, Catalogue $catalogue, array $candidates): ?self
    {
        $replay = new self($catalogue, $machine, $record, $candidates);
        $replay->gone = count($kept->entries);
        if ($replay->footing() !== $kept->footing || $replay->goneThrough() !== $kept->entries || ! $replay->begins($kept->spares)) {
            return null;
        }
        $replay->belief = Belief::fromKept($kept->belief);
        $replay->setUp = $kept->setUp;
        $replay->fitted = $kept->fitted;
        $replay->predicted = $kept->predicted;
        $replay->introduced = $kept->introduced;
        $replay->shown = ShownSigns::fromKept($kept->shown, $catalogue, $machine);

        return $replay;
    }

    /** The same with the entries a longer record adds; null where it must be gone through from the start. */
    public function and(Record $record): ?self
    {
        return $this->grown($record)?->throughTheRest();
    }

    /** After starts that are not on the record, all with one outcome; null where it must be gone through from the start. */
    public function supposing(SetUp $setUp, string $reached, int $times): ?self
    {
        $entries = $this->record->entries;
        $entries[] = new Start(new Head(count($entries) + 1), $setUp, $reached, [], null, [$reached => $times], null);

        return $this->and(new Record($entries));
    }

    /** The same, before the entries that are new; `next` goes on from there. */
    public function grown(Record $record): ?self
    {
        $next = clone $this;
        $next->record = $record;
        if ($next->goneThrough() !== $this->goneThrough()) {
            return null;
        }
        $machine = $this->model->machine;
        $coming = InQuestion::spares(new Record($next->ahead()), [], $this->catalogue, $machine);
        $modes = $this->model->modes->withSpares($coming, $machine, $this->catalogue);
        if ($modes !== $this->model->modes) {
            $next->model = new StartModel($machine, $this->catalogue, $modes);
        }
        $sameSlots = InQuestion::emptySlots($machine, $record) === InQuestion::emptySlots($machine, $this->record);

        return $sameSlots && Circumstances::of($record, $this->catalogue) == Circumstances::of($this->record, $this->catalogue)
            ? $next
            : null;
    }

    /** What must be kept to take up again later. */
    public function kept(): KeptReplay
    {
        return new KeptReplay(
            footing: $this->footing(),
            spares: array_keys($this->model->modes->spares),
            entries: $this->goneThrough(),
            belief: $this->belief->kept(),
            setUp: $this->setUp,
            fitted: $this->fitted,
            predicted: $this->predicted,
            introduced: $this->introduced,
            shown: $this->shown->kept(),
        );
    }

    /** What was likely before any entry. */
    public function prior(): Prior
    {
        return new Prior($this->model->modes, $this->catalogue, Circumstances::of($this->record, $this->catalogue));
    }

    private function throughTheRest(): self
    {
        foreach ($this->ahead() as $entry) {
            $this->take($entry);
        }

        return $this;
    }

    /** @return list<int> numbers of the entries gone through */
    private function goneThrough(): array
    {
        return array_column(array_slice($this->record->inForce, 0, $this->gone), 'number');
    }

    /**
     * Whether the spares in question begin with these, so that each still goes by its number.
     *
     * @param  list<string>  $spares
     */
    private function begins(array $spares): bool
    {
        return array_slice(array_keys($this->model->modes->spares), 0, count($spares)) === $spares;
    }

    /** What a replay rests on beside the entries and the spares: the modes of the machine's own parts, and what shifted their priors. */
    private function footing(): string
    {
        $modes = $this->model->modes;
        $events = array_map(fn (Event $event): string => $event->id, Circumstances::of($this->record, $this->catalogue));

        $own = array_slice($modes->all, 0, count($modes->all) - count($modes->spares));
        $modesOf = array_map(fn (Mode $m): string => "{$m->fault->id} {$m->part} {$m->stop} {$m->channel}", $own);

        return hash('xxh128', json_encode([$modesOf, $events], JSON_THROW_ON_ERROR));
    }

    /**
     * The likelihood of a start's outcome under a set-up, as the machine stands now.
     *
     * @param  array<string, string>  $signs
     * @param  array<string, float>  $reliability of those signs, where it is less than a plain look
     */
    private function startLikelihood(
        SetUp $setUp,
        string $reached,
        array $signs,
        ?int $waited = null,
        array $reliability = [],
    ): StartLikelihood {
        $catalogue = $this->catalogue;
        $short = $reached === 'dark' && $waited !== null && $waited < $catalogue->number('short_wait_s');

        return StartLikelihood::of(
            $this->model,
            $this->model->hazards($setUp, $this->fitted),
            $this->model->cut($setUp),
            $catalogue->reach($reached),
            $signs,
            $this->shown,
            $short,
            1.0,
            $reliability,
        );
    }

    private function findingLikelihood(Check $check, Finding $finding): FindingLikelihood
    {
        $badHost = $check->host && $finding->target !== null ? $this->model->modes->ofSpare($finding->host->tag, $finding->target) : null;
        $noise = 1.0 - $finding->believed * (1.0 - FindingNoise::of($check, $finding, $this->catalogue));

        return FindingLikelihood::of(
            $this->model->modes,
            $check,
            $finding->target,
            $finding->result,
            $noise,
            $badHost === null ? [] : [$badHost => $this->catalogue->number('bad_host_fails')],
            $finding->sureness,
            $this->shownBy($finding->also),
            $finding->which,
            $finding->hostSaid->sameBoard ? $this->catalogue->number('same_board_refuses') : 0.0,
            $check->drawing === null ? [] : $this->catalogue->drawings[$check->drawing]->pointTo($finding->spots),
            $this->catalogue->number('spot_elsewhere'),
        );
    }

    /**
     * How often the faults of parts show in a known-good machine.
     *
     * @param  list<string>  $parts
     *
     * @return array<int, float> mode => share
     */
    private function shownBy(array $parts): array
    {
        $shown = [];
        foreach ($parts as $part) {
            $fails = $this->catalogue->hostCheckOf($this->model->machine->part($part)->kind->id)->results[0]->shows ?? [];
            foreach ($this->model->modes->ofPart($part) as $i => $mode) {
                if (isset($fails[$mode->fault->id])) {
                    $shown[$i] = $fails[$mode->fault->id];
                }
            }
        }

        return $shown;
    }

    /** How likely the result of a finding was before it was made: 0 to 1. */
    public function expected(Finding $finding): float
    {
        return $this->belief->predict($this->findingLikelihood($this->catalogue->check($finding->check), $finding));
    }

    /** Probability that nothing is wrong with the machine now; a spare on the shelf that is bad is not in it. */
    public function sound(): float
    {
        $elsewhere = array_filter(
            $this->model->modes->all,
            fn (Mode $mode): bool => $mode->spare !== null && ($this->fitted[$mode->part] ?? null) !== $mode->spare,
        );

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

    private function take(Entry $entry): void
    {
        $this->gone++;
        match (true) {
            $entry instanceof Report => $this->takeReport($entry),
            $entry instanceof Answer => $this->takeAnswer($entry),
            $entry instanceof OthersTrial => $this->takeTrial($entry),
            $entry instanceof Start => $this->takeStart($entry),
            $entry instanceof Finding => $this->takeFinding($entry),
            $entry instanceof ActDone => $this->takeAct($entry),
            default => null,
        };
    }

    /** A report tells of a start at the owner's place, perhaps of an earlier state of the machine. */
    private function takeReport(Report $report): void
    {
        if (($report->reached === null && $report->signs === [] && $report->manner === null) || $report->source === Report::OPINION) {
            return;
        }
        $reach = $report->reached === null ? $this->anyReach() : $this->catalogue->reach($report->reached);
        // Whoever tells that it drops out uses it for hours; and what is told of a machine that was worked on is no earlier state of it.
        $used = new SetUp(place: Place::Owner, goal: $this->dropsOut($reach) ? Goal::Hours : Goal::System);
        $told = $this->catalogue->number("trust_{$report->source}");
        $isSince = $report->source === Report::SEEN && $this->wasWorkedOnBefore($report);
        $trust = $isSince ? max($told, $this->catalogue->number('trust_since')) : $told;
        $hazards = $this->model->hazards($report->manner?->failing() ?? $used, $this->fitted);
        $likelihood = $report->manner === null
                ? StartLikelihood::of(
                    $this->model,
                    $hazards,
                    $this->catalogue->stageCount(),
                    $reach,
                    $report->signs,
                    $this->shown,
                    trust: $trust,
                )
                : ToldLikelihood::of(
                    $this->model,
                    $this->fitted,
                    $report->manner,
                    $report->reached === null && $report->signs === [] ? null : $reach,
                    $report->signs,
                    $this->shown,
                    $trust,
                );
        $this->observe($report->number, [[$likelihood, 1]]);
        if ($report->reached === null && $report->signs === []) {
            return;
        }
        $this->remember($report->signs, $reach, $hazards, $this->catalogue->stageCount());
    }

    private function wasWorkedOnBefore(Report $report): bool
    {
        foreach ($this->record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun && $entry->number < $report->number) {
                return true;
            }
        }

        return false;
    }

    private function dropsOut(Reach $reach): bool
    {
        return $reach->firstStop === $this->catalogue->stageIndex('stays') && $reach->lastStop === $reach->firstStop;
    }

    /** What others tried is told once, however often they did it, and the machine is as before afterwards. */
    private function takeTrial(OthersTrial $trial): void
    {
        foreach ($trial->setUp->lent as $part => $lent) {
            $this->introduce($lent, $part);
        }
        $hazards = $this->model->hazards($trial->setUp, $this->fitted);
        $cut = $this->model->cut($trial->setUp);
        $reach = $this->catalogue->reach($trial->reached);
        $trust = $this->catalogue->number("trust_trial_{$trial->who}");
        $this->observe($trial->number, [
            [ToldTrialLikelihood::of($this->model, $hazards, $cut, $reach, $trial->signs, $this->shown, $trust, $trial->times), 1],
        ]);
        $this->remember($trial->signs, $reach, $hazards, $cut);
    }

    /** An answer tells of a start or of a look at the owner's place. What was put in or taken out for it is as before afterwards. */
    private function takeAnswer(Answer $answer): void
    {
        $question = $this->catalogue->question($answer->question);
        $meaning = $question->answer($answer->answer);
        if ($meaning === null) {
            return;
        }
        $trust = $this->catalogue->number('trust_caller');
        if ($question->does !== null) {
            $cures = $this->model->cures($question->does, $this->model->partsOfKinds($question->on));
            $this->belief = $this->belief->after(array_map(fn (float $p): float => $p * $trust, $cures));
        }
        $setUp = $this->askedUnder($question);
        foreach ($setUp->lent ?? [] as $part => $lent) {
            $this->introduce($lent, $part);
        }
        $likelihood = $this->answerLikelihood($question, $meaning, $trust);
        if ($likelihood !== null) {
            $this->observe($answer->number, [[$likelihood, 1]]);
        }
        if ($setUp !== null && $meaning->reached !== null) {
            $this->remember(
                $meaning->signs,
                $this->catalogue->reach($meaning->reached),
                $this->model->hazards($setUp, $this->fitted),
                $this->model->cut($setUp),
            );
        }
    }

    /**
     * How likely an answer is; null where it tells nothing of a start or a look.
     *
     * @param  float  $trust weight of what is told against saying nothing, 0 to 1
     */
    public function answerLikelihood(Question $question, QuestionAnswer $meaning, float $trust): ?Likelihood
    {
        if ($meaning->found !== null) {
            return FindingLikelihood::of(
                $this->model->modes,
                $this->catalogue->check($meaning->found[0]),
                null,
                $meaning->found[1],
                1.0 - $trust,
            );
        }
        if ($meaning->manner !== null) {
            return ToldLikelihood::of($this->model, $this->fitted, $meaning->manner, null, [], $this->shown, $trust);
        }
        $setUp = $this->askedUnder($question);
        if ($setUp === null || ($meaning->reached === null && $meaning->signs === [])) {
            return null;
        }
        $reach = $meaning->reached === null ? $this->anyReach() : $this->catalogue->reach($meaning->reached);

        return StartLikelihood::of(
            $this->model,
            $this->model->hazards($setUp, $this->fitted),
            $this->model->cut($setUp),
            $reach,
            $meaning->signs,
            $this->shown,
            trust: $trust,
        );
    }

    /** How the machine stands for the start that a question asks of; null if it asks of none. */
    private function askedUnder(Question $question): ?SetUp
    {
        if (! $question->ofAStart) {
            return null;
        }
        $lent = [];
        foreach (InQuestion::homeParts($question, $this->model->machine) as $part) {
            $lent[$part] = new Lent(Answer::HOME, $this->catalogue->number('home_part_trust'));
        }

        return new SetUp(out: array_keys($this->model->partsOfKinds($question->out)), lent: $lent, place: Place::Owner);
    }

    private function anyReach(): Reach
    {
        return new Reach('any', 'not told', '', '', 0, $this->catalogue->stageCount());
    }

    private function takeStart(Start $start): void
    {
        foreach ($start->setUp->lent as $part => $lent) {
            $this->introduce($lent, $part);
        }
        foreach ($start->setUp->attached as $tool) {
            $this->introduce(new Lent(Mode::tool($tool), $this->catalogue->number('tool_trust')), InQuestion::TOOL_ON);
        }
        $moved = $this->model->disturbed($this->setUp, $start->setUp);
        $this->belief = $this->belief->after($this->model->ended('reseat', $moved))->arising($this->model->arising($moved, $start->setUp));
        $this->setUp = $start->setUp;
        $seen = [];
        foreach ($start->outcomes as $reached => $times) {
            // A machine shows the same stop by the same signs: they count once, however many starts in a row showed them.
            $signs = $reached === $start->reached ? $start->signs : [];
            if ($signs !== []) {
                $seen[] = [$this->startLikelihood($start->setUp, $reached, $signs, $start->waited, $start->reliability), 1];
                $times--;
            }
            if ($times > 0) {
                $seen[] = [$this->startLikelihood($start->setUp, $reached, [], $start->waited), $times];
            }
        }
        $this->observe($start->number, $seen);
        $this->remember(
            $start->signs,
            $this->catalogue->reach($start->reached),
            $this->model->hazards($this->setUp, $this->fitted),
            $this->model->cut($this->setUp),
        );
    }

    private function takeFinding(Finding $finding): void
    {
        $check = $this->catalogue->check($finding->check);
        if ($check->host && $finding->target !== null) {
            $this->introduce($finding->host, $finding->target);
            $this->weighHost($finding, $finding->target, $check->result($finding->result)->findsSomething());
        }
        if (! $check->result($finding->result)->state) {
            $this->observe($finding->number, [[$this->findingLikelihood($check, $finding), 1]], $check->direct ? 1.0 : null);
        }
        $moved = $this->model->movedFor($check, $finding->target);
        foreach ($finding->also as $part) {
            $moved += $this->model->partsOfKinds($this->model->machine->part($part)->kind->disturbs);
        }
        $this->belief = $this->belief->after($this->model->ended('reseat', $moved))->arising($this->model->arising($moved, $this->setUp));
    }

    private function weighHost(Finding $finding, string $part, bool $fails): void
    {
        $badHost = $this->model->modes->ofSpare($finding->host->tag, $part);
        $likelihood = $badHost === null ? null : HostLikelihood::of($badHost, $finding->hostSaid, $fails, $this->catalogue);
        if ($likelihood !== null) {
            $this->belief = $this->belief->given($likelihood, 1.0);
        }
    }

    private function takeAct(ActDone $act): void
    {
        if ($act->begun) {
            return;
        }
        $on = array_fill_keys($act->on, true);
        if ($act->with === null) {
            $this->belief = $this->belief->after($this->model->ended($act->act, $on));

            return;
        }
        $gone = $moved = [];
        foreach ($act->on as $part) {
            foreach (array_keys($this->model->modes->carriedBy($part, $this->model->machine)) as $mode) {
                $gone[$mode] = $this->model->modes->all[$mode]->fault->cures['replace'] ?? 1.0;
            }
            $moved += $this->model->partsOfKinds($this->model->machine->part($part)->kind->disturbs);
        }
        $this->belief = $this->belief
            ->after($gone + $this->model->ended('replace', $on) + $this->model->cures('reseat', $moved))
            ->arising($this->model->arising($moved, $this->setUp) + $this->model->comingWith($on));
        foreach ($act->on as $part) {
            $this->introduce($act->with, $part);
            $this->fitted[$part] = $act->with->tag;
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

    /**
     * No likelihood is exactly known, and what is seen on one machine is not independent: evidence counts for less than it says, but sight
     * or measurement of the fault itself and a trial in a host, whose errors stand with each.
     *
     * @param  list<array{Likelihood, int}>  $seen what was seen, and how many times
     * @param  ?float  $power what is left of it; the catalogue's if not given
     */
    private function observe(int $entry, array $seen, ?float $power = null): void
    {
        $power ??= $this->catalogue->number('evidence_power');
        $before = $this->belief->logEvidence;
        foreach ($seen as [$likelihood, $times]) {
            $this->belief = $this->belief->given($likelihood, $times * $power);
        }
        $this->predicted[$entry] = exp(($this->belief->logEvidence - $before) / $power);
    }

    /**
     * @param  array<string, string>  $signs
     * @param  array<int, float>  $hazards
     */
    private function remember(array $signs, Reach $reach, array $hazards, int $cut): void
    {
        $this->shown = $this->shown->and($signs, $hazards, $this->model->modes->stops, $cut, $reach);
    }
}
