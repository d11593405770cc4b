<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\AddressToken;
use App\Models\Job;
use App\Models\Message;
use App\Models\Owner;
use App\Models\OwnerJoin;
use App\Models\Quote;
use Illuminate\Support\Facades\DB;

/**
 * On request of an owner, who they are is erased: name, numbers, what was written to them, and the addresses that open something of
 * theirs. The technical record of their machines stays.
 */
final class EraseOwner
{
    public const ERASED = 'erased on request';

    public static function of(Owner $owner): void
    {
        DB::transaction(function () use ($owner): void {
            // Who was joined into them is they too; what the joining noted of them goes as well.
            Owner::query()
                ->whereKey($owner->id)
                ->orWhere('joined_into', $owner->id)
                ->get()
                ->each->update(['name' => self::ERASED, 'phone' => '', 'email' => '']);
            OwnerJoin::query()->where('kept_id', $owner->id)->update(['filled' => '{}']);
            $owner->refresh();
            $jobs = Job::query()->whereHas('machine', fn ($machine) => $machine->where('owner_id', $owner->id))->get();
            // What still waits is not sent, and what was sent is kept without to whom and what it said.
            $messages = Message::query()->whereIn('job_id', $jobs->modelKeys());
            (clone $messages)->whereNotIn('state', ['sent', 'dropped'])->update(['state' => 'dropped', 'next_try_at' => null]);
            $messages->update(['to' => '', 'text' => self::ERASED, 'error' => '']);
            Quote::query()
                ->whereIn('job_id', $jobs->modelKeys())
                ->where('state', 'out')
                ->update(['state' => 'withdrawn', 'answered_at' => now()]);
            foreach ($jobs as $job) {
                $token = AddressToken::random();
                // Who says yes, and what came with it, may name someone.
                $job->update([
                    'agreed' => array_intersect_key($job->agreed ?? [], ['limit' => 1]),
                    'letter_token' => $token->token,
                    'letter_token_hash' => $token->hash(),
                    'link_until' => now(),
                    'letter_words' => '',
                ]);
            }
        });
    }
}
