<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Entry;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\EntryReader;

/**
 * What a machine is made of is put right after it was taken in: somebody looked, or read a label. The record keeps what it was
 * before, and no part goes that an entry speaks of.
 */
final readonly class CorrectMachine
{
    public function __construct(private Catalogue $catalogue, private RecordEntries $recordEntries, private AssessJob $assessJob)
    {
    }

    /**
     * @param  array<string, mixed>  $madeOf the "machine" of a case file
     *
     * @throws ValidationException where it makes no machine, or an entry speaks of what would be gone
     */
    public function correct(Job $job, User $by, array $madeOf): void
    {
        DB::transaction(function () use ($job, $by, $madeOf): void {
            $job->holdForWriting();
            $changes = (new MachineChanges($this->catalogue))->between($job->machine->made_of, $madeOf);
            if ($changes === []) {
                return;
            }
            $this->refuseWhatTheRecordSpeaksOf($job, $this->understood($madeOf));
            $job->machine->update(['model' => $madeOf['model'], 'made_of' => $madeOf]);
            $text = 'What it is made of was corrected. '.implode(' ', $changes);
            $this->recordEntries->record($job, $by, [['kind' => 'note', 'text' => mb_substr($text, 0, 1900)]]);
        });
        $this->assessJob->refresh($job);
    }

    /**
     * Models that labels name.
     *
     * @param  array<string, string>  $models kind of part => model
     */
    public function label(Job $job, User $by, array $models): void
    {
        $was = $job->machine->made_of;
        $platform = [...(array) ($was['platform'] ?? []), ...$models];
        $this->correct($job, $by, [...$was, 'model' => $job->machine->model, 'platform' => $platform]);
    }

    /** @param  array<string, mixed>  $madeOf */
    private function understood(array $madeOf): Machine
    {
        try {
            return Machine::fromArray($madeOf, $this->catalogue);
        } catch (MachineMistake $mistake) {
            throw ValidationException::withMessages(['picture_from' => $mistake->getMessage()]);
        }
    }

    private function refuseWhatTheRecordSpeaksOf(Job $job, Machine $machine): void
    {
        $reader = new EntryReader($this->catalogue, $machine);
        foreach (Entry::query()->where('job_id', $job->id)->with('user')->orderBy('number')->get() as $entry) {
            try {
                $reader->read($entry->number, $entry->written());
            } catch (CaseMistake|MachineMistake) {
                throw ValidationException::withMessages([
                    'filled' => "Entry {$entry->number} speaks of a part that would then not be there. Leave the part in, "
                        .'and write what you found in a note on the job.',
                ]);
            }
        }
    }
}
