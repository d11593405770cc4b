<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\Order;
use App\Models\Quote;
use App\Models\Spare;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Shop\ShopCatalogue;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Agreement;
use Orthoscope\Core\HandBack\StateNow;
use Orthoscope\Core\Quote\Bill;
use Orthoscope\Core\Quote\Charge;
use Orthoscope\Core\Quote\FittedPart;
use Orthoscope\Core\Quote\Variant;

/** What a job comes to, and what is to be asked of its owner for it. */
final readonly class WorkOutBill
{
    public function __construct(
        private AssessJob $assessJob,
        private DecideJob $decide,
        private ComeBack $comeBack,
        private Catalogue $catalogue,
        private ShopCatalogue $shopCatalogue,
    ) {
    }

    /** The lines that were agreed to, or else those of the record; null where there are none. */
    public function lines(Job $job): ?Variant
    {
        $agreed = $this->accepted($job, $this->assessJob->record($job)->leave());

        return $agreed ?? $this->of($job)->bill;
    }

    public function of(Job $job): Charge
    {
        $record = $this->assessJob->record($job);
        $catalogue = $this->asQuoted($job);
        $bill = (new Bill(
            $record,
            $this->assessJob->machine($job),
            $catalogue,
            $this->parts($record->all(ActDone::class), $catalogue),
        ))->workedOut();

        if ($job->own !== null) {
            return Charge::ofOurOwn($bill);
        }
        if ($this->assessJob->assess($job)->locks->keepItOff()) {
            return Charge::ofLocked($bill);
        }
        $charge = $this->comeBack->warranty($job)?->holds() === true
            ? Charge::inWarranty($bill)
            : Charge::of($bill, $record->leave(), $this->accepted($job, $record->leave()), $this->decide->leave($job));

        return StateNow::of($record, $this->assessJob->machine($job), $catalogue)->asBefore ? $charge->unrepaired() : $charge;
    }

    /** Prices move; a job keeps those that its owner said yes to. */
    private function asQuoted(Job $job): Catalogue
    {
        $quote = Quote::query()->where('job_id', $job->id)->where('state', 'accepted')->latest('id')->first();

        return $quote === null ? $this->catalogue : $this->shopCatalogue->asOf($quote->created_at);
    }

    /** The variant of a quote that its owner said yes to. */
    private function accepted(Job $job, ?Agreement $agreed): ?Variant
    {
        $quote = Quote::query()->where('job_id', $job->id)->where('state', 'accepted')->latest('id')->first();

        return $agreed === null ? null : $quote?->core()->variant($agreed->variant);
    }

    /**
     * @param  list<ActDone>  $acts
     *
     * @return array<string, FittedPart>
     */
    private function parts(array $acts, Catalogue $catalogue): array
    {
        $tags = array_values(array_filter(array_map(fn (ActDone $act): ?string => $act->with?->tag, $acts)));
        $condition = Order::query()->whereIn('tag', $tags)->pluck('condition', 'tag');

        return Spare::query()
            ->whereIn('tag', $tags)
            ->get()
            ->mapWithKeys(
                fn (Spare $spare): array => [
                    $spare->tag => new FittedPart(
                        "{$spare->name} ({$spare->tag})",
                        $catalogue->part($spare->kind)->sold($spare->value),
                        $condition[$spare->tag] ?? 'shelf',
                    ),
                ],
            )
            ->all();
    }
}
