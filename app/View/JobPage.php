<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Bulletin;
use App\Models\Entry as StoredEntry;
use App\Models\Job;
use App\Models\Machine;
use App\Models\MarginNote;
use App\Models\Spare;
use App\UseCases\Shop\BenchNow;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use Illuminate\Support\HtmlString;
use Illuminate\Support\Str;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\School;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Electrical\Beside;
use Orthoscope\Core\Electrical\Sizing\SupplySizing;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\HandBack\HandOver;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Patterns\AlikeBefore;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Planning\ActiveLock;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\RankedArrangements;
use Orthoscope\Core\Planning\SchoolOrder;
use Orthoscope\Core\Planning\SpareWanted;
use Orthoscope\Core\Planning\TimeBox;
use Orthoscope\Core\Proving\CleanStarts;
use Orthoscope\Core\Proving\PlaceToProve;
use Orthoscope\Core\Shelf\PowerSum;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Triage\Mismatch;
use Orthoscope\Core\Triage\Threshold;
use Orthoscope\Core\Triage\WorksElsewhere;
use Orthoscope\Core\Words\ChangedAtOnce;
use Orthoscope\Core\Words\EntryWords;

/** All that the job page shows, ready to be drawn. */
final class JobPage
{
    /** So many steps are shown even where none is worth its minutes. */
    private const ALWAYS = 3;

    /** Starts in which a difference from what was told is shown. */
    private const BASELINE = 3;

    public readonly ChainDrawing $chain;

    public readonly EntryWords $words;

    public readonly string $once;

    /** Told and seen side by side where they differ, in the first starts; later it is only history. */
    public readonly ?Mismatch $mismatch;

    /** What cannot be told apart, where several things were changed before the last start. */
    public readonly ?ChangedAtOnce $changedAtOnce;

    public readonly ?RepeatEntry $repeat;

    public readonly TimeBox $timeBox;

    public readonly BenchSide $side;

    public readonly TrialSheet $sheet;

    /** What a start, a look or an act is written down with. */
    public readonly EntryChoices $choices;

    /** What is to be proved before it goes back. */
    public readonly Plan $plan;

    /**
     * @param  Collection<int, Bulletin>  $bulletins on this model
     * @param  Collection<int, Spare>  $hosts known-good machines of the shop
     * @param  Collection<int, MarginNote>  $margin notes of the handbook, of any machine or of this model
     * @param  array<int, list<Beside>>  $beside entry => its values beside those of good ones of the same model
     */
    public function __construct(
        public readonly Job $job,
        public readonly Assessment $assessment,
        public readonly Catalogue $catalogue,
        public readonly Shelf $shelf,
        BenchNow $bench,
        private readonly ?int $reader = null,
        private readonly ?int $seen = null,
        public readonly ?School $school = null,
        public readonly Collection $bulletins = new Collection,
        private readonly ?AlikeBefore $alike = null,
        private readonly Collection $hosts = new Collection,
        private readonly array $beside = [],
        private readonly Collection $margin = new Collection,
    ) {
        $this->chain = ChainDrawing::of($assessment, $catalogue);
        $this->words = new EntryWords($assessment->machine, $catalogue);
        $this->once = (string) Str::uuid();
        $early = count($assessment->record->all(Start::class)) <= self::BASELINE && ! $this->isClosed();
        $this->changedAtOnce = $this->isClosed() ? null : ChangedAtOnce::in($assessment->machine, $assessment->record, $catalogue);
        $this->repeat = $this->isClosed() ? null : RepeatEntry::of($assessment->surprise->entry, $assessment->record);
        $this->timeBox = TimeBox::of(
            $assessment->record,
            $assessment->machine,
            $assessment->advice,
            $catalogue,
            isset($job->agreed['limit']) ? (int) $job->agreed['limit'] : null,
        );
        $this->plan = Plan::of($assessment, $catalogue, $job->proving());
        $this->side = new BenchSide($assessment, $catalogue, $bench);
        $this->sheet = new TrialSheet($assessment);
        $this->choices = new EntryChoices($assessment, $catalogue, $shelf, $this->side->lamps());
        $this->mismatch = $early ? Mismatch::in($assessment->machine, $assessment->record, $catalogue) : null;
    }

    /** @return Collection<int, MarginNote> what the shop wrote beside a step, or beside the look that it is */
    public function notesAt(NextStep $step): Collection
    {
        $of = $step->candidate->step;

        return $this->margin->whereIn('page', array_filter(["step/{$of->id}", $of->check === null ? '' : "check/{$of->check}"]));
    }

    public function isClosed(): bool
    {
        return $this->assessment->record->closing() !== null;
    }

    /** What others of this model that stopped here turned out to be, in one sentence. */
    public function alikeBefore(): ?string
    {
        $board = $this->assessment->machine->models()['board'] ?? '';
        $named = Machine::isAModel($this->job->machine->model) ? $this->job->machine->model : "with a {$board}";

        return $this->alike?->sentence($named, $this->catalogue);
    }

    /** Where it stands, for the colleague who takes over. */
    public function handOver(): string
    {
        return 'Handed over. '.implode(' ', HandOver::sentences($this->assessment, $this->catalogue));
    }

    /** What may be wrong by itself, for a table of arrangements. */
    public function possible(RankedArrangements $arrangements): string
    {
        $words = [];
        foreach ($arrangements->possible as $name => $p) {
            $words[] = $name.' '.Percent::words($p);
        }

        return $words === [] ? 'none of them by itself' : implode(', ', $words);
    }

    public function threshold(): ?Threshold
    {
        return $this->isClosed() ? null : Threshold::in($this->assessment->record, $this->catalogue);
    }

    public function worksElsewhere(): ?WorksElsewhere
    {
        return $this->isClosed() ? null : WorksElsewhere::in($this->assessment->record, $this->catalogue);
    }

    /** It shuts off, and nobody has yet added its parts up against its supply: where the labels are read the sum stands ready. */
    public function asksForSum(): bool
    {
        $record = $this->assessment->record;
        $shutsOff = false;
        foreach ($record->inForce as $entry) {
            if ($entry instanceof Finding && $entry->check === 'supply-sum') {
                return false;
            }
            if ($entry instanceof ActDone && ! $entry->begun && in_array('supply', $entry->on, true)) {
                return false;
            }
            $reached = $entry instanceof Start ? array_keys($entry->outcomes) : ($entry instanceof Report ? [$entry->reached] : []);
            $shutsOff = $shutsOff || in_array('drops', $reached, true);
        }

        return $shutsOff && ! $this->isClosed();
    }

    public function sum(): ?SupplySizing
    {
        return PowerSum::of($this->assessment->machine)?->againstItsSupply();
    }

    public function waitsFor(): string
    {
        return $this->job->state()->words();
    }

    /** @return list<StepCard> the open steps worth most; few of them where deciding or proving comes first */
    public function steps(): array
    {
        $advice = $this->assessment->advice;
        if ($this->decides()) {
            // Beside proving stands only what is worth its minutes; beside a repair what may come before it.
            $beside = array_filter(
                $advice->ideas(),
                fn (NextStep $step): bool => $advice->state === JobState::Repair || $step->saves > 0.0,
            );

            return array_map(StepCard::of(...), array_slice(array_values($beside), 0, 2));
        }
        if ($this->school !== null) {
            return array_map(StepCard::of(...), array_slice(SchoolOrder::of($this->school, $advice->open())->steps, 0, 6));
        }

        $worth = array_filter(
            $advice->ideas(),
            fn (NextStep $step, int $i): bool => $i < self::ALWAYS || $step->saves > -1.0,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(StepCard::of(...), array_slice(array_values($worth), 0, 6));
    }

    /** What it costs here to follow the chosen school, in one sentence; null where what is computed is shown. */
    public function schoolCosts(): ?string
    {
        if ($this->school === null || $this->decides()) {
            return null;
        }
        $minutes = (int) round(SchoolOrder::of($this->school, $this->assessment->advice->open())->costs);

        return $minutes < 1
            ? 'Here it begins with what is best too.'
            : "Following it here is expected to take {$minutes} min more than what is computed.";
    }

    /** What comes first is to repair, prove or hand back, and not another test. */
    public function decides(): bool
    {
        return in_array($this->assessment->advice->state, [JobState::Prove, JobState::Repair], true)
            || $this->assessment->proof->isComplete();
    }

    /** @return list<NextStep> steps that would be worth their minutes if they were not locked, or if a spare were there */
    public function lockedSteps(): array
    {
        if ($this->decides()) {
            return [];
        }
        $locked = array_filter($this->assessment->advice->steps, fn (NextStep $step): bool => ! $step->isOpen() && $step->saves > 1.0);
        usort($locked, fn (NextStep $a, NextStep $b): int => $b->saves <=> $a->saves);

        return array_slice($locked, 0, 3);
    }

    /**
     * Locks that keep something from being done now, dearest first.
     *
     * @return list<ActiveLock>
     */
    public function locks(): array
    {
        return [...$this->assessment->locks->onPower(), ...$this->assessment->locks->onOwnSupply()];
    }

    /** @return Collection<int, Spare> known-good machines of the shop, to try parts in */
    public function hosts(): Collection
    {
        return $this->hosts;
    }

    /** The forms of looks and readings where none was sent and refused. */
    public function checkForms(): HtmlString
    {
        return app(CheckForms::class)->of($this);
    }

    /** @return list<SpareWanted> spares that would settle it and that nobody has */
    public function wanted(): array
    {
        return $this->isClosed() ? [] : SpareWanted::in($this->assessment->advice);
    }

    /** What on the record ends a lock, in words, as the catalogue has it. */
    public function ends(ActiveLock $active): string
    {
        return implode(', or ', array_slice($active->lock->endings($this->catalogue), 0, 4));
    }

    /** When a timer ends, by the clock of the shop. */
    public function clock(DateTimeImmutable $until): string
    {
        return $until->setTimezone(new DateTimeZone((string) config('app.timezone')))->format('l H:i');
    }

    /** @return list<PartStanding> the list at the right: suspects, then what was changed without effect */
    public function ranked(): array
    {
        return SuspectList::of($this->assessment);
    }

    /** What this person wrote down last, while it can be taken back with one key. */
    public function lastDeed(): ?LastDeed
    {
        return $this->isClosed() ? null : LastDeed::of($this->job, $this->assessment, $this->words, $this->reader);
    }

    /** @return list<RecordRow> newest first */
    public function rows(): array
    {
        $stored = $this->job->entries->keyBy('number');
        $rows = [];
        foreach ($this->assessment->record->entries as $entry) {
            /** @var StoredEntry $from */
            $from = $stored[$entry->number];
            $rows[] = new RecordRow(
                $entry,
                $from->user->name,
                $from->made_at,
                $this->assessment->record->struck[$entry->number] ?? null,
                Thumb::ofEntry($entry, $this->catalogue),
                $this->seen !== null && $entry->number > $this->seen && $from->user_id !== $this->reader,
                $this->besideGood($entry),
            );
        }

        return array_reverse($rows);
    }

    /** @return list<string> */
    private function besideGood(Entry $entry): array
    {
        $limit = $entry instanceof Finding ? $this->catalogue->limits[$this->catalogue->check($entry->check)->limit ?? ''] ?? null : null;
        $names = $limit === null ? [] : array_column($limit->values, 'name', 'id');

        return [
            ...$entry instanceof Finding ? $this->besideEarlier($entry, $names) : [],
            ...array_map(
                fn (Beside $one): string => ($names[$one->value] ?? $one->value)
                    .": {$one->words()}".($one->isAlike() ? '' : ', which is odd'),
                $this->beside[$entry->number] ?? [],
            ),
        ];
    }

    /**
     * The same reading earlier on this job, as before and after new pads.
     *
     * @param  array<string, string>  $names of its values
     *
     * @return list<string>
     */
    private function besideEarlier(Finding $finding, array $names): array
    {
        $before = null;
        foreach ($this->assessment->record->all(Finding::class) as $earlier) {
            if ($earlier->number < $finding->number && [$earlier->check, $earlier->target] === [$finding->check, $finding->target]) {
                $before = $earlier;
            }
        }
        if ($before === null) {
            return [];
        }
        $words = [];
        foreach (array_intersect_key($finding->values, $before->values) as $value => $now) {
            $was = $before->values[$value];
            $words[] = ($names[$value] ?? $value).': was '.round($was, 2).' in entry '.$before->number
                .($now === $was ? ', the same' : ', '.round(abs($now - $was), 2).($now > $was ? ' more' : ' less').' now');
        }

        return $words;
    }

    public function startCount(): string
    {
        $starts = count($this->assessment->record->all(Start::class));
        $struck = count($this->assessment->record->struck);

        return $starts.' start'.($starts === 1 ? '' : 's').($struck === 0 ? '' : ", {$struck} struck out");
    }

    /** @return list<string> what the clean starts so far are worth, by how often it failed before */
    public function cleanStarts(): array
    {
        return CleanStarts::in($this->assessment->record, $this->catalogue)->sentences($this->assessment->sound);
    }

    /** Where going on costs more than another way out: one sentence, else null. */
    public function noticeOfTimeBox(): ?string
    {
        return ! $this->isClosed() && ! $this->decides() && $this->timeBox->isOver() ? $this->timeBox->sentence() : null;
    }

    /** @return list<PartStanding> parts of a closed job that could be kept as spares */
    public function salvageable(): array
    {
        return array_values(
            array_filter(
                $this->assessment->standings,
                fn (PartStanding $standing): bool => $standing->part->kind->lendable
                    && $standing->standing->mayBeKept(),
            ),
        );
    }

    /** The written act of the repair that is advised, for its button. */
    public function repairWritten(): ?string
    {
        $repair = $this->assessment->advice->repair;

        return $repair === null
            ? null
            : json_encode([['kind' => 'act', 'act' => $repair->act->id, 'on' => $repair->on]], JSON_THROW_ON_ERROR);
    }

    /**
     * @return ?array{written: string, words: string} the next look of the plan, as it should come out; null where values must be typed or a
     *     start made
     */
    public function nextProof(): ?array
    {
        $next = $this->plan->owed()[0] ?? null;
        $check = $next?->item->check === null ? null : $this->catalogue->check($next->item->check);
        if ($check === null || $check->limit !== null) {
            return null;
        }

        return [
            'written' => json_encode(
                [array_filter(['kind' => 'finding', 'check' => $check->id, 'target' => $next->target, 'result' => $next->item->pass])],
                JSON_THROW_ON_ERROR,
            ),
            'words' => $check->result((string) $next->item->pass)->name,
        ];
    }

    /** Where the next start is to prove it; in its case where it is proved everywhere, and only more of them are wanted. */
    public function placeToProve(): PlaceToProve
    {
        $places = $this->assessment->proof->places;

        return $this->assessment->proof->nextPlace() ?? $places[count($places) - 1];
    }
}
