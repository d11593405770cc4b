<?php

declare(strict_types=1);

namespace App\UseCases\Owners;

use App\Models\CollectNotice;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Shop\StorageDue;
use App\UseCases\Shop\Uncollected;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Fields;

/** A dated notice to the owner of a machine nobody fetched, in the shop's own words: it is kept as it was written. */
final readonly class WriteCollectNotice
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param  Carbon  $until day by which it is to be fetched */
    public function write(Job $job, Carbon $until, User $by): CollectNotice
    {
        $machine = Uncollected::of($job->load(['machine.owner', 'messages']));
        $facts = [
            'since' => shop()->date($machine->since),
            'date' => shop()->date($until),
            'day' => shop()->money()->words(StorageDue::gross(1)),
            'fee' => $this->fee($machine),
        ];

        return CollectNotice::query()->create([
            'job_id' => $job->id,
            'until' => $until,
            'text' => Fields::fill($this->catalogue->texts['uncollected']->text, $facts + FactsForWords::of($job)),
            'user_id' => $by->id,
        ]);
    }

    /** What storage costs, where the shop charges it; else nothing is said of it. */
    private function fee(Uncollected $machine): string
    {
        $terms = $this->catalogue->economy->storage;
        if ($terms->perDay === 0) {
            return '';
        }
        $from = ($machine->notices[0]->created_at ?? now())->copy()->addDays($terms->after);

        return 'From '.shop()->date($from).' we ask '.shop()->money()->words(StorageDue::gross(1)).' a day for keeping it, with tax.';
    }
}
