<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Entry;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Parts\Loans;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\CaseFile\EntryShape;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\EntryReader;
use Throwable;

/** Appends entries to a job's record, all or none. The only way into the ledger. */
final readonly class RecordEntries
{
    /** An entry that waited longer for the network is taken to be so many seconds old. */
    private const OLDEST = 86400;

    public function __construct(
        private Catalogue $catalogue,
        private AssessJob $assessJob,
        private Loans $loans,
        private FollowUp $follow,
    ) {
    }

    /**
     * @param  list<array<string, mixed>>  $written entries as in a case file; who and when are filled in here
     * @param  ?string  $once    key of the form they come from: sent twice, they are recorded once
     * @param  int  $age     seconds ago they were written, where the network was away meanwhile; a day at most counts
     *
     * @throws CaseMistake when one of them cannot be understood; then none is recorded
     */
    public function record(Job $job, User $by, array $written, ?string $once = null, int $age = 0): void
    {
        $machine = $this->assessJob->machine($job);
        $reader = new EntryReader($this->catalogue, $machine);
        $madeAt = now()->subSeconds(min(max(0, $age), self::OLDEST));
        DB::transaction(function () use ($job, $by, $written, $once, $reader, $madeAt): void {
            $job->holdForWriting();
            if (
                $once !== null
                && Entry::query()
                    ->where('job_id', $job->id)
                    ->where('sent_once', "{$once}.0")
                    ->exists()
            ) {
                return;
            }
            $this->refuseOnClosed($job, $written);
            $number = (int) Entry::query()->where('job_id', $job->id)->max('number');
            foreach ($written as $i => $row) {
                $row = array_diff_key($row, ['at' => true, 'by' => true]);
                $this->understand($reader, ++$number, $row);
                $row = $this->loans->settle($job, $by, $row);
                $this->refuseDoubleStrikeOut($job, $row);
                Entry::query()->create([
                    'job_id' => $job->id,
                    'number' => $number,
                    'kind' => $row['kind'],
                    'body' => array_diff_key($row, ['kind' => true]),
                    'user_id' => $by->id,
                    'sent_once' => $once === null ? null : "{$once}.{$i}",
                    'made_at' => $madeAt,
                ]);
            }
            FollowUp::write($job, array_column($written, 'kind'));
        });
        $this->follow->carryOut($job);
    }

    /**
     * The reader's own sentences are plainer than the schema's, so they come first; a field of a type the reader cannot
     * take at all is left to the schema.
     *
     * @param  array<string, mixed>  $row
     */
    private function understand(EntryReader $reader, int $number, array $row): void
    {
        try {
            $reader->read($number, $row);
        } catch (CaseMistake $mistake) {
            throw $mistake;
        } catch (Throwable) {
            EntryShape::check($row);
            throw CaseMistake::at('/kind', 'This entry could not be read. Reload the page and write it again.');
        }
        EntryShape::check($row);
    }

    /** @param  list<array<string, mixed>>  $written */
    private function refuseOnClosed(Job $job, array $written): void
    {
        if (
            array_diff(array_column($written, 'kind'), ['strike-out', 'note', 'collection']) !== []
            && $this->assessJob->record($job)->closing() !== null
        ) {
            throw CaseMistake::at('/kind', 'This job is closed. Strike its closing out to open it again.');
        }
    }

    /** @param  array<string, mixed>  $row */
    private function refuseDoubleStrikeOut(Job $job, array $row): void
    {
        if ($row['kind'] !== 'strike-out') {
            return;
        }
        $struck = Entry::query()->where('job_id', $job->id)->where('number', $row['entry'])->first();
        $already = Entry::query()
            ->where('job_id', $job->id)
            ->where('kind', 'strike-out')
            ->where('body->entry', (int) $row['entry'])
            ->exists();
        if ($already || $struck?->kind === 'strike-out') {
            throw CaseMistake::at(
                '/entry',
                $already ? "Entry {$row['entry']} is struck out already." : 'A strike-out cannot be struck out; record it again instead.',
            );
        }
    }
}
