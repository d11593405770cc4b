<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Summary;
use Orthoscope\Core\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;

/** Works out what a job's record supports, and refreshes what lists show of it. */
final readonly class AssessJob
{
    public function __construct(private Catalogue $catalogue, private FreeShelf $shelf)
    {
    }

    public function assess(Job $job): Assessment
    {
        return Assessment::of($this->machine($job), $this->record($job), $this->shelf->for($job), $this->catalogue);
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
        // Someone else may have recorded and refreshed in the meantime: the one that has seen more stays.
        if (! Summary::query()->whereKey($job->id)->where('entries', '>', $summary['entries'])->exists()) {
            Summary::query()->updateOrCreate(['job_id' => $job->id], $summary);
        }

        return $assessment;
    }
}
