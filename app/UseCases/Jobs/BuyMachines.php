<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\Owner;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Economy\Refurbish;
use Orthoscope\Core\Economy\Worth;
use Orthoscope\Core\Plain\Money;

/** Machines the shop buys or takes in trade are jobs of its own: each bears its share of what the lot cost. */
final readonly class BuyMachines
{
    public function __construct(private NewJob $newJob, private RecordEntries $recordEntries, private Catalogue $catalogue)
    {
    }

    /**
     * What a machine is taken to be made of until somebody looks into it.
     *
     * @return array<string, mixed>
     */
    public static function unseen(string $model, string $memory, string $socket): array
    {
        return [
            'model' => $model,
            'card' => true,
            'drives' => 1,
            'memory' => ['slots' => ['A2', 'B2'], 'sticks' => ['A2', 'B2']],
            'platform' => array_filter(['memory' => $memory, 'socket' => $socket]),
        ];
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $machines what each is made of, as in a case file
     * @param  int  $paid     for all of them, minor units
     * @param  string  $said     what the seller said
     *
     * @return list<Job>
     */
    public function buy(User $by, array $machines, int $paid, string $from, string $said, ?Carbon $returnUntil): array
    {
        $whenNew = array_map(fn (array $madeOf): int => Worth::whenNew(Machine::fromArray($madeOf, $this->catalogue)), $machines);
        $shares = Refurbish::lot($paid, $whenNew);

        return DB::transaction(function () use ($by, $machines, $shares, $from, $said, $returnUntil): array {
            $shop = Owner::query()->firstOrCreate(['name' => shop()->name, 'phone' => '', 'email' => '']);
            $lot = count($machines) > 1 ? $from.', '.shop()->date(now()) : null;

            return array_map(
                function (array $madeOf, Money $share) use ($by, $shop, $from, $said, $returnUntil, $lot): Job {
                    $job = $this->newJob->make($by, $shop, $madeOf, now());
                    $job->update([
                        'own' => ['paid' => $share->minor, 'from' => $from, 'return_until' => $returnUntil?->toDateString(), 'lot' => $lot],
                    ]);
                    $this->recordEntries->record($job, $by, [
                        ['kind' => 'report', 'source' => 'remembered', 'text' => $said === '' ? "Bought from {$from}" : $said],
                    ]);

                    return $job;
                },
                $machines,
                $shares,
            );
        });
    }
}
