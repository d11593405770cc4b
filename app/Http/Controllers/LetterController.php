<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Eml;
use App\Documents\LetterPdf;
use App\Models\AddressToken;
use App\Models\Invoice;
use App\Models\Job;
use App\Models\Message;
use App\UseCases\Advice\WriteLetter;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Orthoscope\Core\Letter\LetterTerms;

/** The letter to the owner, as the shop sees it: to read, to add a line, to print, and to pass on its address. */
final class LetterController
{
    public function show(Job $job, WriteLetter $write): View
    {
        $job->load('machine.owner');

        return view('letter', [
            'job' => $job,
            'letter' => $write->of($job),
            'closed' => $write->isClosed($job),
            'address' => shop()->linkTo('owner.letter', $job->letter_token),
            'invoice' => Invoice::query()->inForce()->where('job_id', $job->id)->first(),
            'held' => $job->messages()->where('state', 'held')->get(),
        ]);
    }

    public function update(Request $request, Job $job): RedirectResponse
    {
        $given = $request->validate(
            ['level' => ['required', Rule::in([LetterTerms::FULL, LetterTerms::SHORT])], 'words' => ['nullable', 'string', 'max:500']],
            ['words.max' => 'Keep your own line under 500 letters.', 'level.*' => 'Choose short or full.'],
        );
        $job->update(['letter_level' => $given['level'], 'letter_words' => trim((string) ($given['words'] ?? ''))]);

        return redirect()->route('jobs.letter', $job)->with('status', 'The letter is written anew.');
    }

    /** The old address ends and a new one begins, for a letter that went to the wrong person. */
    public function renew(Job $job): RedirectResponse
    {
        $address = AddressToken::random();
        $job->update([
            'letter_token' => $address->token,
            'letter_token_hash' => $address->hash(),
            'link_until' => $job->link_until === null ? null : now()->addMonths(max(1, shop()->addressMonths)),
        ]);

        return redirect()->route('jobs.letter', $job)->with('status', 'The old address no longer opens. Give the owner the new one.');
    }

    public function pdf(Job $job, WriteLetter $write): Response
    {
        return self::file(LetterPdf::of($job->load('machine.owner'), $write->of($job)), 'application/pdf', "letter-{$job->tag}.pdf");
    }

    public function text(Job $job, WriteLetter $write): Response
    {
        return self::file($write->of($job->load('machine.owner'))->text()."\n", 'text/plain; charset=utf-8', "letter-{$job->tag}.txt");
    }

    public function eml(Job $job, WriteLetter $write): Response
    {
        $job->load('machine.owner');
        $letter = $write->of($job);
        $message = new Message([
            'job_id' => $job->id,
            'to' => $job->machine->owner->email !== '' ? $job->machine->owner->email : $job->machine->owner->phone,
            'subject' => "{$job->tag}: our letter",
            'text' => $letter->text(),
        ]);
        $message->setRelation('job', $job)->forceFill(['id' => 0, 'created_at' => now()]);

        return self::file(Eml::of($message, LetterPdf::of($job, $letter)), 'message/rfc822', "letter-{$job->tag}.eml");
    }

    private static function file(string $content, string $type, string $name): Response
    {
        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
            'Cache-Control' => 'no-store, private',
        ]);
    }
}
