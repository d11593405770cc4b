<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Claim;
use App\Models\Job;
use App\Models\Reading;
use Illuminate\Support\Collection;
use Orthoscope\Core\Codes\CodeMeaning;

/** How the benches stand for one job: who has which, what instruments sent to its own, and the lamps of its board by the shop's book. */
final readonly class BenchNow
{
    /**
     * @param  array<int, ?string>  $benches bench => who has it with what, null if it is free
     * @param  Collection<int, Reading>  $readings what instruments sent to the bench the job is on
     * @param  list<CodeMeaning>  $lamps in their own order
     */
    private function __construct(public array $benches, public Collection $readings, public array $lamps)
    {
    }

    /** A bench by itself, with nothing around it. */
    public static function alone(): self
    {
        return new self([], new Collection, []);
    }

    public static function around(Job $job, ShopCodes $codes): self
    {
        $taken = Claim::query()
            ->join('jobs', 'jobs.id', '=', 'claims.job_id')
            ->join('users', 'users.id', '=', 'claims.user_id')
            ->toBase()
            ->get(['bench', 'name', 'tag'])
            ->keyBy('bench');
        $benches = [];
        for ($bench = 1; $bench <= shop()->benches; $bench++) {
            $claim = $taken[$bench] ?? null;
            $benches[$bench] = $claim === null ? null : "{$claim->name} has {$claim->tag} there";
        }
        $readings = $job->claim === null
                ? new Collection
                : Reading::query()->where('bench', $job->claim->bench)->orderByDesc('id')->get()->toBase();

        return new self($benches, $readings, $codes->book()->lamps(ShopCodes::namesOf($job)));
    }
}
