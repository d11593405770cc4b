<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Invoice;
use App\Models\Payment;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Plain\Csv;

/** What was invoiced and paid from one day to another, both whole. */
final readonly class Books
{
    /**
     * @param  Collection<int, Invoice>  $invoices with the credit notes, in their sequence
     * @param  Collection<int, Payment>  $payments
     */
    private function __construct(public Carbon $from, public Carbon $to, public Collection $invoices, public Collection $payments)
    {
    }

    public static function between(Carbon $from, Carbon $to): self
    {
        $span = [$from->copy()->startOfDay(), $to->copy()->endOfDay()];

        return new self(
            $span[0],
            $span[1],
            Invoice::query()
                ->with(['job.machine.owner', 'takenBackBy', 'takesBack'])
                ->whereBetween('issued_at', $span)
                ->orderBy('sequence')
                ->get(),
            Payment::query()
                ->with(['job.machine.owner', 'user'])
                ->whereBetween('paid_at', $span)
                ->orderBy('id')
                ->get(),
        );
    }

    /** @return array<string, int> way of paying => minor units that came, less what was given back */
    public function byMethod(): array
    {
        return array_map(
            fn (string $method): int => (int) $this->payments->where('method', $method)->sum('amount'),
            array_combine(array_keys(Payment::METHODS), array_keys(Payment::METHODS)),
        );
    }

    public function paid(): int
    {
        return (int) $this->payments->sum('amount');
    }

    /** @return array{net: int, tax: int, total: int} less what was taken back */
    public function invoiced(): array
    {
        return [
            'net' => (int) $this->invoices->sum('net'),
            'tax' => (int) $this->invoices->sum('tax'),
            'total' => (int) $this->invoices->sum('total'),
        ];
    }

    /**
     * Invoices that hold and are not paid in full, whenever they were issued.
     *
     * @return list<array{invoice: Invoice, open: int}>
     */
    public static function open(): array
    {
        $open = [];
        $invoices = Invoice::query()
            ->inForce()
            ->with('job.machine.owner')
            ->whereRaw('total > (select coalesce(sum(amount), 0) from payments where payments.job_id = invoices.job_id)')
            ->orderBy('sequence')
            ->limit(200)
            ->get();
        foreach ($invoices as $invoice) {
            $open[] = ['invoice' => $invoice, 'open' => $invoice->total - Payment::sumFor($invoice->job)];
        }

        return $open;
    }

    public function invoicesCsv(): string
    {
        $money = shop()->money();
        $rows = [['number', 'kind', 'issued', 'job', 'to', 'net', 'tax rate %', 'tax', 'total', 'currency', 'takes back', 'why']];
        foreach ($this->invoices as $invoice) {
            $rows[] = [
                $invoice->number,
                $invoice->kind,
                $invoice->issued_at->format('Y-m-d'),
                $invoice->job->tag,
                (string) preg_replace('/\s+/', ' ', $invoice->body['to']),
                $money->typed($invoice->net),
                (string) ($invoice->body['rate'] / 100),
                $money->typed($invoice->tax),
                $money->typed($invoice->total),
                $money->sign,
                $invoice->takesBack->number ?? '',
                $invoice->body['why'],
            ];
        }

        return Csv::write($rows);
    }

    public function paymentsCsv(): string
    {
        $money = shop()->money();
        $rows = [['paid', 'method', 'amount', 'currency', 'job', 'owner', 'remark', 'taken by']];
        foreach ($this->payments as $payment) {
            $rows[] = [
                $payment->paid_at->format('Y-m-d H:i'),
                $payment->method,
                $money->typed($payment->amount),
                $money->sign,
                $payment->job->tag,
                $payment->job->machine->owner->name,
                $payment->words,
                $payment->user->name,
            ];
        }

        return Csv::write($rows);
    }
}
