<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Summary;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;

/** Works out what a job's record supports, and refreshes what lists show of it. */
final readonly class AssessJob
{
    public function __construct(private Catalogue $catalogue, private FreeShelf $shelf, private CoreVersion $version, private Cache $kept)
    {
    }

    /** The assessment is a function of record, machine, shelf and core; while none of them changes it is kept. */
    public function assess(Job $job): Assessment
    {
        $shelf = $this->shelf->for($job);
        $last = (int) $job->entries()->max('number');
        $fingerprint = hash('xxh128', serialize([$job->letter_token_hash, $last, $job->machine->made_of, $shelf]));
        // The version is in the key, so that what an older program kept is never even read.
        $slot = "assessment.{$this->version->word()}.{$job->id}";
        $kept = $this->kept->get($slot);
        if (is_array($kept) && $kept[0] === $fingerprint) {
            return $kept[1];
        }
        $assessment = Assessment::of($this->machine($job), $this->record($job), $shelf, $this->catalogue);
        $this->kept->put($slot, [$fingerprint, $assessment], now()->addWeek());

        return $assessment;
    }

    public function machine(Job $job): Machine
    {
        return Machine::fromArray($job->machine->made_of, $this->catalogue);
    }

    public function record(Job $job): Record
    {
        $reader = new EntryReader($this->catalogue, $this->machine($job));
        $entries = [];
        foreach ($job->entries()->with('user')->get() as $entry) {
            /** @var Entry $entry */
            $entries[] = $reader->read($entry->number, $entry->written());
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
