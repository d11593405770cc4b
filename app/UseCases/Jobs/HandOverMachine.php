<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Invoice;
use App\Models\Job;
use App\Models\Payment;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A machine is fetched: the record says so, what was paid is booked, and the invoice is issued; all of it, or none. */
final readonly class HandOverMachine
{
    public function __construct(private RecordEntries $recordEntries, private IssueInvoice $issue, private AssessJob $assessJob)
    {
    }

    /**
     * @param  array<string, mixed>  $collection the entry
     * @param  string  $to  name and address on the invoice
     * @param  int  $storageDays that are charged
     */
    public function handOver(Job $job, User $by, array $collection, ?string $once, string $to, int $storageDays): ?Invoice
    {
        return DB::transaction(function () use ($job, $by, $collection, $once, $to, $storageDays): ?Invoice {
            $before = $this->assessJob->record($job)->collection() !== null;
            $this->recordEntries->record($job, $by, [$collection], $once);
            if ($before) {
                return Invoice::query()->inForce()->where('job_id', $job->id)->first();
            }
            if ((int) $collection['amount'] > 0) {
                self::paid($job, $by, (string) $collection['method'], (int) $collection['amount'], 'at collection');
            }

            return $this->issue->of($job, $by, $to, $storageDays);
        });
    }

    /**
     * Money came, or was given back: below nothing. No more is given back than was paid, also by two people at one time.
     *
     * @param  int  $amount minor units
     */
    public static function paid(Job $job, User $by, string $method, int $amount, string $words): Payment
    {
        return DB::transaction(function () use ($job, $by, $method, $amount, $words): Payment {
            $sofar = Payment::sumFor($job);
            if ($amount < 0 && -$amount > $sofar) {
                throw ValidationException::withMessages([
                    'amount' => 'Only '.shop()->money()->words($sofar).' was paid; no more can be given back.',
                ]);
            }

            return Payment::query()->create([
                'job_id' => $job->id, 'method' => $method, 'amount' => $amount, 'words' => $words, 'user_id' => $by->id, 'paid_at' => now(),
            ]);
        });
    }
}
