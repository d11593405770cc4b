<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\AddressToken;
use App\Models\Quote;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\AnswerQuote;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Quote\UnusableQuote;

/** The quote as its owner opens it on a telephone, without an account, and answers it once. */
final class OwnerQuoteController
{
    public function show(string $token, AssessJob $assessJob, LetterWriter $writer): Response
    {
        $quote = $this->find($token);

        return response()
            ->view('owner-quote', [
                'quote' => $quote,
                'core' => $quote->core(),
                'job' => $quote->job,
                'found' => $writer->found($assessJob->assess($quote->job)),
                'token' => $token,
            ])
            ->header('X-Robots-Tag', 'noindex')
            ->header('Cache-Control', 'no-store, private');
    }

    public function store(Request $request, string $token, AnswerQuote $answer): RedirectResponse
    {
        $quote = $this->find($token);
        $given = $request->validate(
            [
                'answer' => ['required', Rule::in(['accepted', 'declined', 'asked'])],
                'variant' => ['nullable', 'string', 'max:2'],
                'words' => ['nullable', 'string', 'max:1000'],
                'read' => ['required', 'string', 'size:64'],
            ],
            [
                'answer.*' => 'Press one of the answers.',
                'words.max' => 'Keep it under 1000 letters, or ring us.',
                'read.*' => 'Load the page again and read the quote.',
                'variant.*' => 'Choose one of the ways.',
            ],
        );
        try {
            $answer->answer($quote, $given['answer'], (string) ($given['variant'] ?? ''), (string) ($given['words'] ?? ''), $given['read']);
        } catch (UnusableQuote $mistake) {
            return redirect()
                ->route('quote.show', $token)
                ->withInput()
                ->withErrors(['answer' => $mistake->getMessage()]);
        }

        return redirect()->route('quote.show', $token);
    }

    private function find(string $token): Quote
    {
        return Quote::query()
            ->with(['job.machine.owner', 'user'])
            ->where('token_hash', AddressToken::of($token)->hash())
            ->first() ?? abort(404);
    }
}
