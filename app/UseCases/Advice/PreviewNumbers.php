<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use App\Models\OwnValue;
use App\UseCases\Shop\CoreVersion;
use App\UseCases\Shop\ShopBelief;
use App\UseCases\Shop\ShopCatalogue;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Database\Eloquent\Collection;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Plain\Many;
use Orthoscope\Core\Quote\Bill;
use Orthoscope\Core\Supplier\Supplier;

/** What other numbers would change on open jobs, worked out beside the record and kept nowhere. */
final readonly class PreviewNumbers
{
    private const JOBS = 3;

    public function __construct(
        private ShopCatalogue $shopCatalogue,
        private FreeShelf $shelf,
        private CoreVersion $version,
        private FoundBad $foundBad,
        private Supplier $supplier,
    ) {
    }

    /**
     * @param  array<string, int|float|bool|string|null>  $values path => value; null = as it ships
     *
     * @return list<array{job: Job, rows: array<string, array{string, string}>}> what => as it is, as it would be
     */
    public function of(array $values): array
    {
        $own = OwnValue::inForce();
        $then = array_filter([...$own, ...$values], fn (int|float|bool|string|null $value): bool => $value !== null);
        [$before, $after] = [$this->shopCatalogue->over($own), $this->shopCatalogue->over($then)];
        $rows = [];
        foreach ($this->jobs() as $job) {
            [$is, $would] = [$this->figures($job, $before), $this->figures($job, $after)];
            $both = [];
            foreach ($is as $what => $words) {
                $both[$what] = [$words, $would[$what]];
            }
            $rows[] = ['job' => $job, 'rows' => $both];
        }

        return $rows;
    }

    /** @return Collection<int, Job> those of which most is known */
    private function jobs(): Collection
    {
        return Job::query()
            ->here()
            ->open()
            ->whereNull('own')
            ->with(['machine.owner'])
            ->withCount('entries')
            ->orderByDesc('entries_count')
            ->limit(self::JOBS)
            ->get();
    }

    /** @return array<string, string> */
    private function figures(Job $job, Catalogue $catalogue): array
    {
        $assess = new AssessJob(
            $catalogue,
            $this->shelf,
            $this->version,
            new Repository(new ArrayStore),
            $this->foundBad,
            new ShopBelief($catalogue),
            new Reckoner,
        );
        $decide = new DecideJob($assess, $this->supplier, $catalogue);
        $assessment = $assess->assess($job);
        $step = $assessment->advice->open()[0] ?? null;
        $quotable = fn (Option $option): bool => $option->canBeQuoted() && ! $option->end;
        $option = array_values(array_filter($decide->decide($job)->options, $quotable))[0] ?? null;
        $quoted = $option === null ? null : $decide->variants($job, [$option->id])[0] ?? null;
        $bill = (new Bill($assess->record($job), $assess->machine($job), $catalogue, []))->workedOut();
        $money = $catalogue->economy->currency;

        return [
            'Next step' => $step === null ? 'none' : "{$step->candidate->name()}, {$step->minutes} min",
            'First repair' => $option === null
                ? 'none'
                : "{$option->name}, expected to cost {$money->amount($option->expects->cost)} until the job ends",
            'Quoted' => $quoted === null
                ? 'nothing to quote'
                : "{$money->words($quoted->total())} with tax, warranty ".Many::of($quoted->warrantyMonths, 'month'),
            'Bill so far' => $bill === null ? 'nothing yet' : "{$money->words($bill->total())} with tax",
        ];
    }
}
