<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\AddressToken;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Owner;
use App\Models\User;
use App\UseCases\Shop\TagMaker;
use Illuminate\Support\Carbon;

/** Makes a job with its tag and the unguessable address of its letter, for a machine that is here or only spoken of. */
final readonly class NewJob
{
    public function __construct(private TagMaker $tags)
    {
    }

    /**
     * @param  array<string, mixed>  $madeOf the "machine" of a case file
     * @param  ?Carbon  $arrived null while the machine is only spoken of
     * @param  ?string  $tag    a tag printed beforehand; made up if none is given
     */
    public function make(User $by, Owner $owner, array $madeOf, ?Carbon $arrived, ?string $tag = null): Job
    {
        $machine = Machine::query()->create(['owner_id' => $owner->id, 'model' => $madeOf['model'], 'made_of' => $madeOf]);
        $address = AddressToken::random();

        return Job::query()->create([
            'tag' => $tag ?? $this->tags->make(),
            'machine_id' => $machine->id,
            'letter_token' => $address->token,
            'letter_token_hash' => $address->hash(),
            'taken_in_by' => $by->id,
            'arrived_at' => $arrived,
        ]);
    }
}
