<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Summary;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Adviser;
use Orthoscope\Core\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;

/** Works out what a job's record supports, and refreshes what lists show of it. */
final readonly class AssessJob
{
    public function __construct(private Catalogue $catalogue, private FreeShelf $shelf, private CoreVersion $version, private Cache $kept, private FoundBad $foundBad)
    {
    }

    /**
     * The assessment is a function of record, machine, shelf and core; while none of them changes it is kept. What was worked
     * out of the entries so far is kept too, so that one more entry costs one more entry. A timer that runs out ends both.
     */
    public function assess(Job $job): Assessment
    {
        $shelf = $this->shelf->for($job);
        $last = (int) $job->entries()->max('number');
        $fingerprint = hash('xxh128', serialize([$job->letter_token_hash, $last, $job->machine->made_of, $shelf, $this->foundBad->all()]));
        $slot = $this->slot($job);
        $kept = $this->kept->get($slot);
        if (is_array($kept) && $kept[0] === $fingerprint && ! $this->timerRanOut($kept[1])) {
            return $kept[1];
        }
        // What was gone through with a spare trusted otherwise is gone through again.
        $trusted = hash('xxh128', serialize($this->foundBad->all()));
        $adviser = new Adviser($this->catalogue, $this->machine($job), $shelf, is_array($kept) && $kept[3] === $trusted ? $kept[2] : null);
        $assessment = $adviser->assess($this->record($job), now()->toIso8601String());
        $this->kept->put($slot, [$fingerprint, $assessment, $adviser->kept(), $trusted], now()->addWeek());

        return $assessment;
    }

    /** Whether a reading is so unlikely by the record that its own set-up is asked about first. */
    public function doubts(Job $job, Finding $finding): bool
    {
        if ($this->catalogue->check($finding->check)->asks === [] || $finding->checked !== []) {
            return false;
        }
        $kept = $this->kept->get($this->slot($job));
        $adviser = new Adviser($this->catalogue, $this->machine($job), $this->shelf->for($job), is_array($kept) ? $kept[2] : null);

        return $adviser->doubts($this->record($job), $finding);
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
        return Machine::fromArray($job->machine->made_of, $this->catalogue);
    }

    /** The assessment as it would be had a spare not turned out bad; nothing of it is kept. */
    public function asItWas(Job $job, string $tag): Assessment
    {
        return (new Adviser($this->catalogue, $this->machine($job), $this->shelf->for($job)))->assess($this->record($job, but: $tag), now()->toIso8601String());
    }

    /** @param  ?string  $but a spare that is taken as it was trusted then, whatever it turned out to be */
    public function record(Job $job, ?string $but = null): Record
    {
        $reader = new EntryReader($this->catalogue, $this->machine($job));
        $entries = [];
        foreach ($job->entries()->with('user')->get() as $entry) {
            /** @var Entry $entry */
            $entries[] = $reader->read($entry->number, $this->foundBad->weighed($entry->written(), $but));
        }

        return new Record($entries);
    }

    public function refresh(Job $job): Assessment
    {
        $assessment = $this->assess($job);
        $summary = JobSummary::of($assessment, $this->catalogue);
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
