<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Invoice;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Quote\InvoiceSum;
use Orthoscope\Core\Quote\QuoteLine;

/** Issues invoices in one sequence without a gap, and takes them back by credit notes in the same. */
final readonly class IssueInvoice
{
    public function __construct(private AssessJob $assessJob, private WorkOutBill $workOutBill, private Catalogue $catalogue)
    {
    }

    /**
     * For what a closed job costs by its closing; null where nothing is asked. One that holds already is not issued twice.
     *
     * @param  string  $to  name and address as they stand on it
     * @param  int  $storageDays that are charged, 0 for none
     */
    public function of(Job $job, User $by, string $to, int $storageDays = 0): ?Invoice
    {
        $closing = $this->assessJob->record($job)->closing();
        $storage = $storageDays > 0 ? $this->storageLine($storageDays) : null;
        if ($job->own !== null || $closing === null || ($closing->price === 0 && $storage === null)) {
            return null;
        }

        return DB::transaction(function () use ($job, $by, $to, $closing, $storage): Invoice {
            $job->holdForWriting();
            $there = Invoice::query()->inForce()->where('job_id', $job->id)->first();
            if ($there !== null) {
                return $there;
            }
            $sum = InvoiceSum::of(
                Money::of($closing->price),
                $this->workOutBill->lines($job),
                "Repair of {$job->machine->model}, as agreed",
                $this->catalogue->economy->tax,
            );
            $sum = $storage === null ? $sum : $sum->with($storage);

            return self::write('invoice', $job, $by, [
                'lines' => array_map(fn (QuoteLine $line): array => $line->toArray(), $sum->lines),
                'rate' => $sum->rate,
                'shop' => ['name' => shop()->name, 'letterhead' => shop()->letterhead(), 'logo' => shop()->logo],
                'to' => $to,
                'for' => "{$job->tag}, {$job->machine->model}",
                'why' => '',
            ], [$sum->net()->minor, $sum->tax->minor, $sum->total()->minor]);
        });
    }

    /** A mistake is taken back whole; a right one can be issued then. */
    public function takeBack(Invoice $invoice, User $by, string $why): Invoice
    {
        return DB::transaction(function () use ($invoice, $by, $why): Invoice {
            $invoice->job->holdForWriting();
            if ($invoice->kind !== 'invoice' || Invoice::query()->where('takes_back', $invoice->id)->exists()) {
                throw ValidationException::withMessages(['why' => "{$invoice->number} is taken back already, or is no invoice."]);
            }

            return self::write(
                'credit',
                $invoice->job,
                $by,
                ['why' => $why] + $invoice->body,
                [-$invoice->net, -$invoice->tax, -$invoice->total],
                $invoice->id,
            );
        });
    }

    private function storageLine(int $days): ?QuoteLine
    {
        $perDay = $this->catalogue->economy->storage->perDay;

        return $perDay === 0 ? null : QuoteLine::of("Storage, {$days} days", 1, Money::of($perDay * $days));
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array{int, int, int}  $sums net, tax and total
     */
    private static function write(string $kind, Job $job, User $by, array $body, array $sums, ?int $takesBack = null): Invoice
    {
        // Nothing else writes while this does, and what fails is undone whole: no number is left out.
        $sequence = 1 + (int) Invoice::query()->max('sequence');

        return Invoice::query()->create([
            'sequence' => $sequence,
            'number' => sprintf('%s-%05d', now()->format('Y'), $sequence),
            'kind' => $kind,
            'job_id' => $job->id,
            'takes_back' => $takesBack,
            'body' => $body,
            'net' => $sums[0],
            'tax' => $sums[1],
            'total' => $sums[2],
            'user_id' => $by->id,
            'issued_at' => now(),
        ]);
    }
}
