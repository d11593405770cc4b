<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\AddressToken;
use App\Models\Job;
use App\Models\Quote;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Quote\Quote as CoreQuote;

/** Sends a quote to an owner, under an address of its own; one that is still out is taken back by it. */
final readonly class SendQuote
{
    public function __construct(private AssessJob $assessJob, private WriteToOwner $write)
    {
    }

    public function send(Job $job, User $by, CoreQuote $quote): Quote
    {
        $address = AddressToken::random();
        $sent = DB::transaction(function () use ($job, $by, $quote, $address): Quote {
            $job->holdForWriting();
            $this->takeBack($job);

            return Quote::query()->create([
                'job_id' => $job->id,
                'body' => $quote->toArray(),
                'fingerprint' => $quote->fingerprint(),
                'state' => 'out',
                'token' => $address->token,
                'token_hash' => $address->hash(),
                'valid_until' => $quote->validUntil,
                'user_id' => $by->id,
            ]);
        });
        $this->write->of(
            $job,
            'quote',
            ['link' => shop()->linkTo('quote.show', $address->token), 'date' => $sent->valid_until->format('l j F')],
            (string) $sent->id,
        );
        $this->assessJob->refresh($job);

        return $sent;
    }

    public function withdraw(Job $job): void
    {
        DB::transaction(function () use ($job): void {
            $job->holdForWriting();
            $this->takeBack($job);
        });
        $this->assessJob->refresh($job);
    }

    private function takeBack(Job $job): void
    {
        Quote::takeBackFrom($job);
        $this->write->drop($job, 'quote');
    }
}
