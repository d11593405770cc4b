<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PdfPage;
use App\Http\Requests\MoneyTyped;
use App\Models\Invoice;
use App\Models\Job;
use App\Models\Payment;
use App\Models\User;
use App\UseCases\Jobs\HandOverMachine;
use App\UseCases\Jobs\IssueInvoice;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** An invoice: read, printed, paid, and taken back where it was a mistake. */
final class InvoiceController
{
    public function show(Invoice $invoice): View
    {
        return view('invoice', [
            'invoice' => $invoice->load(['job.machine.owner', 'takenBackBy', 'takesBack']),
            'payments' => Payment::query()->with('user')->where('job_id', $invoice->job_id)->orderBy('id')->get(),
        ]);
    }

    public function pdf(Invoice $invoice): Response
    {
        return PdfPage::shown('invoice-pdf', ['invoice' => $invoice->load(['job.machine.owner', 'takesBack'])], $invoice->number);
    }

    /** Before the machine is fetched, or anew after one was taken back. */
    public function store(Request $request, Job $job, IssueInvoice $issue, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['to' => ['nullable', 'string', 'max:400']],
            ['to.*' => 'Keep name and address under 400 letters.'],
        );
        $to = trim((string) ($given['to'] ?? ''));
        $invoice = $issue->of($job->load('machine.owner'), $user, $to === '' ? $job->machine->owner->name : $to);
        if ($invoice === null) {
            throw ValidationException::withMessages([
                'to' => 'There is nothing to be invoiced: the job is open, or nothing is asked for it.',
            ]);
        }

        return redirect()->route('invoices.show', $invoice);
    }

    public function takeBack(Request $request, Invoice $invoice, IssueInvoice $issue, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['why' => ['required', 'string', 'max:200']],
            ['why.*' => 'Say what was wrong with it, in up to 200 letters.'],
        );
        $credit = $issue->takeBack($invoice, $user, $given['why']);

        return redirect()
            ->route('invoices.show', $credit)
            ->with('status', "{$invoice->number} is taken back by {$credit->number}. A right one can be issued from the job.");
    }

    /** Money that came before or after the machine was fetched, or was given back. */
    public function paid(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'amount' => ['required', 'string', new MoneyTyped],
                'method' => ['required', Rule::in(array_keys(Payment::METHODS))],
                'way' => ['required', Rule::in(['came', 'back'])],
                'words' => ['nullable', 'string', 'max:120'],
            ],
            [
                'amount.required' => 'Type the amount.',
                'method.*' => 'Say how it was paid.',
                'way.*' => 'Say whether it came or was given back.',
                'words.max' => 'Keep the remark under 120 letters.',
            ],
        );
        $amount = shop()->money()->parse($given['amount'])->minor;
        if ($amount === 0) {
            throw ValidationException::withMessages(['amount' => 'Type what was paid.']);
        }
        HandOverMachine::paid(
            $job,
            $user,
            $given['method'],
            $given['way'] === 'back' ? -$amount : $amount,
            (string) ($given['words'] ?? ''),
        );

        return back()->with('status', shop()->money()->words($amount).($given['way'] === 'back' ? ' was given back.' : ' was paid.'));
    }
}
