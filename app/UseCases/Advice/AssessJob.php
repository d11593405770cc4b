<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Entry;
use App\Models\Job;
use App\Models\OwnValue;
use App\Models\Summary;
use App\UseCases\Shop\CoreVersion;
use App\UseCases\Shop\ShopBelief;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Economy\Decision;
use Orthoscope\Core\Economy\Terms;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Returns\Untried;
use Orthoscope\Core\Shelf\Shelf;

/** Works out what a job's record supports, and refreshes what lists show of it. */
final class AssessJob
{
    /** @var array<string, Machine> what was read in this request already, by all it depends on */
    private array $machines = [];

    /** @var array<string, Record> */
    private array $records = [];

    /** @var array<int, array{string, Assessment}> job => fingerprint, and what was worked out under it */
    private array $assessed = [];

    /** @var array<int, Shelf> job => the shelf it was last assessed with */
    private array $shelves = [];

    private ?int $ownValues = null;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly FreeShelf $shelf,
        private readonly CoreVersion $version,
        private readonly Cache $kept,
        private readonly FoundBad $foundBad,
        private readonly ShopBelief $belief,
        private readonly Reckoner $reckoner,
    ) {
    }

    /**
     * The assessment is a function of record, machine, shelf and core; while none of them changes it is kept. What was worked
     * out of the entries so far is kept too, so that one more entry costs one more entry. A timer that runs out ends both.
     */
    public function assess(Job $job): Assessment
    {
        $shelf = $this->shelves[$job->id] = $this->shelf->for($job);
        $fingerprint = $this->fingerprint($job, $shelf);
        $slot = $this->slot($job);
        /** @var ?array{string, Assessment} $kept */
        $kept = $this->assessed[$job->id] ?? $this->kept->get($slot);
        if ($kept !== null && $kept[0] === $fingerprint && ! $this->timerRanOut($kept[1])) {
            $this->assessed[$job->id] = $kept;

            return $kept[1];
        }
        [$assessment, $soFar] = $this->reckoner->reckon(
            fn (): Adviser => $this->adviser($job, $shelf),
            $this->record($job),
            now()->toIso8601String(),
            $this->follows($job, $shelf),
        );
        $this->assessed[$job->id] = [$fingerprint, $assessment];
        $this->keep($slot, [$fingerprint, $assessment]);
        // What goes on from here is large and wanted only when the record grows, so it lies apart.
        $this->keep("{$slot}.so-far", [$this->trusted($job), $soFar]);

        return $assessment;
    }

    /** What cannot be kept, on a full disk, is worked out again the next time. */
    private function keep(string $slot, mixed $what): void
    {
        rescue(fn () => $this->kept->put($slot, $what, now()->addWeek()), report: false);
    }

    /** The spares that may be lent to it, as it was last assessed with them. */
    public function shelf(Job $job): Shelf
    {
        return $this->shelves[$job->id] ??= $this->shelf->for($job);
    }

    /** Of all that an assessment follows from. */
    public function fingerprint(Job $job, ?Shelf $shelf = null): string
    {
        return hash(
            'xxh128',
            serialize([
                $job->letter_token_hash,
                (int) $job->entries()->max('number'),
                $this->follows($job, $shelf ?? $this->shelf($job)),
            ]),
        );
    }

    /** Of all that it follows from beside the record. */
    private function follows(Job $job, Shelf $shelf): string
    {
        return hash(
            'xxh128',
            serialize([
                $job->machine->made_of,
                $shelf,
                $this->foundBad->all(),
                $this->belief->factorsFor($job),
                shop()->comebackRisk,
                shop()->priceOfOne,
                $this->ownValues(),
            ]),
        );
    }

    /** Takes up what was worked out of the entries so far; what was gone through with something trusted otherwise is gone through again. */
    private function adviser(Job $job, Shelf $shelf): Adviser
    {
        $soFar = $this->kept->get("{$this->slot($job)}.so-far");

        return new Adviser(
            $this->belief->catalogueFor($job),
            $this->machine($job),
            $shelf,
            is_array($soFar) && $soFar[0] === $this->trusted($job) ? $soFar[1] : null,
        );
    }

    private function trusted(Job $job): string
    {
        return hash('xxh128', serialize([$this->foundBad->all(), $this->belief->factorsFor($job), $this->ownValues()]));
    }

    /** Changes with every value of the catalogue that the shop sets for itself. */
    private function ownValues(): int
    {
        return $this->ownValues ??= (int) OwnValue::query()->max('id');
    }

    /** The ways on from what is believed now, and what each is expected to cost. */
    public function decide(Job $job, Terms $terms): Decision
    {
        $assessment = $this->assess($job);
        $shelf = $this->shelf->for($job);

        return Decision::of($this->adviser($job, $shelf)->replay($this->record($job)), $assessment, $this->catalogue, $shelf, $terms);
    }

    /**
     * What it is expected to cost to see it through, decided now, minor units; kept while nothing changes that it follows from, for lists
     * show many.
     */
    public function costNow(Job $job, Terms $terms): int
    {
        $follows = $this->fingerprint($job, $this->shelf->for($job)).hash('xxh128', serialize($terms));
        $slot = "{$this->slot($job)}.cost";
        $kept = $this->kept->get($slot);
        if (is_array($kept) && $kept[0] === $follows) {
            return $kept[1];
        }
        $cost = $this->decide($job, $terms)->now;
        $this->keep($slot, [$follows, $cost]);

        return $cost;
    }

    /**
     * Conditions under which it was not tried, with the chance that each would show a fault.
     *
     * @return list<Untried>
     */
    public function untried(Job $job): array
    {
        $this->assess($job);
        $record = $this->record($job);

        return Untried::of($this->adviser($job, $this->shelf->for($job))->replay($record), $record, $this->catalogue);
    }

    /** Whether a reading is so unlikely by the record that its own set-up is asked about first. */
    public function doubts(Job $job, Finding $finding): bool
    {
        if ($this->catalogue->check($finding->check)->asks === [] || $finding->checked !== []) {
            return false;
        }

        return $this->adviser($job, $this->shelf->for($job))->doubts($this->record($job), $finding);
    }

    // The version is in the key, so that what an older program kept is never even read.
    private function slot(Job $job): string
    {
        return "assessment.{$this->version->word()}.{$job->id}";
    }

    private function timerRanOut(Assessment $assessment): bool
    {
        $end = $assessment->locks->nextEnd();

        return $end !== null && $end <= now();
    }

    public function machine(Job $job): Machine
    {
        $key = hash('xxh128', serialize($job->machine->made_of));

        return $this->machines[$key] ??= Machine::fromArray($job->machine->made_of, $this->catalogue);
    }

    /** The assessment as it would be had a spare not turned out bad; nothing of it is kept. */
    public function asItWas(Job $job, string $tag): Assessment
    {
        return (new Adviser($this->belief->catalogueFor($job), $this->machine($job), $this->shelf->for($job)))->assess(
            $this->record($job, but: $tag),
            now()->toIso8601String(),
        );
    }

    /** @param  ?string  $but a spare that is taken as it was trusted then, whatever it turned out to be */
    public function record(Job $job, ?string $but = null): Record
    {
        $last = (int) $job->entries()->max('number');
        $key = hash('xxh128', serialize([$job->id, $last, $job->machine->made_of, $this->foundBad->all(), $but]));
        if (isset($this->records[$key])) {
            return $this->records[$key];
        }
        $reader = new EntryReader($this->catalogue, $this->machine($job));
        $entries = [];
        foreach ($job->entries()->with('user')->get() as $entry) {
            /** @var Entry $entry */
            $entries[] = $reader->read($entry->number, $this->foundBad->weighed($entry->written(), $but));
        }

        return $this->records[$key] = new Record($entries);
    }

    public function refresh(Job $job): Assessment
    {
        $assessment = $this->assess($job);
        $summary = JobSummary::of($assessment, $this->catalogue, AwaitedByJob::on($job), $job->proving());
        DB::transaction(function () use ($job, $summary): void {
            $job->holdForWriting();
            // Someone else may have recorded and refreshed in the meantime: the one that has seen more stays.
            if (! Summary::query()->whereKey($job->id)->where('entries', '>', $summary['entries'])->exists()) {
                Summary::query()->updateOrCreate(['job_id' => $job->id], $summary);
            }
        });

        return $assessment;
    }
}
