<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Notice;
use App\Models\Quote;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Quote\UnusableQuote;

/** Takes an owner's answer: once, to the quote they read, while it holds; and puts it on the record with the text they agreed to. */
final readonly class AnswerQuote
{
    public function __construct(private RecordEntries $recordEntries)
    {
    }

    /**
     * @param  string  $answer "accepted", "declined" or "asked"
     * @param  string  $variant letter of the variant that is accepted
     * @param  string  $words  what the owner wrote
     * @param  string  $read   fingerprint of what the owner read
     *
     * @throws UnusableQuote that says why it cannot be answered like that
     */
    public function answer(Quote $quote, string $answer, string $variant, string $words, string $read): void
    {
        $core = $quote->core();
        $picked = $answer === 'accepted' ? $core->variant($variant) : null;
        match (true) {
            ! hash_equals($quote->fingerprint, $read) => throw UnusableQuote::because(
                'This is not the quote you read; load the page again and read it.',
            ),
            $answer === 'accepted' && $picked === null => throw UnusableQuote::because('Choose one of the ways first.'),
            $answer === 'asked' && trim($words) === '' => throw UnusableQuote::because('Write what you want to ask.'),
            default => null,
        };
        $currency = shop()->money();
        $agreed = $picked === null
                ? []
                : ['variant' => $picked->id, 'amount' => $picked->total()->minor, 'agreed' => $core->text($picked, $currency)];
        $notice = match (true) {
            $picked !== null => "The owner accepts {$picked->id}, {$currency->words($picked->total())}.",
            $answer === 'declined' => 'The owner declines the quote.',
            default => 'The owner asks: '.mb_substr(trim($words), 0, 300),
        };
        DB::transaction(function () use ($quote, $answer, $words, $agreed, $notice): void {
            $quote->job->holdForWriting();
            // Whoever changes the row first has answered; nobody answers twice, whatever else goes on.
            $taken = Quote::query()
                ->whereKey($quote->id)
                ->where('state', 'out')
                ->where('valid_until', '>', now())
                ->update(['state' => $answer, 'answered_at' => now(), 'answer' => mb_substr(trim($words), 0, 1000)]);
            if ($taken === 0) {
                throw UnusableQuote::because($this->why($quote->refresh()));
            }
            $this->recordEntries->record($quote->job, $quote->user, [
                [
                    'kind' => 'agreement',
                    'answer' => $answer,
                    'text' => trim($words) === '' ? 'on the link' : 'on the link: '.trim($words),
                    ...$agreed,
                ],
            ]);
            Notice::query()->create(['user_id' => $quote->user_id, 'job_id' => $quote->job_id, 'words' => $notice]);
        });
    }

    private function why(Quote $quote): string
    {
        return match (true) {
            $quote->state === 'withdrawn' => 'We have taken this quote back, because something in it changed. You get another one, '
                .'or ring us.',
            $quote->state !== 'out' => "You have answered this already: it was {$quote->state}. Ring us to change it.",
            default => 'This quote no longer holds; it ended '
                .$quote->valid_until->format('j F')
                .'. Ring us, and we make you a new one.',
        };
    }
}
