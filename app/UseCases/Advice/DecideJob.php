<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use DateTimeImmutable;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Economy\Decision;
use Orthoscope\Core\Economy\Offer;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Economy\Terms;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Planning\Spent;
use Orthoscope\Core\Quote\Leave;
use Orthoscope\Core\Quote\Proposal;
use Orthoscope\Core\Quote\Quote;
use Orthoscope\Core\Quote\Variant;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Supplier\Supplier;

/** The ways on for a job, with what suppliers have today and what was agreed with its owner. */
final readonly class DecideJob
{
    public function __construct(private AssessJob $assessJob, private Supplier $supplier, private Catalogue $catalogue)
    {
    }

    /** @param  ?int  $worth what the owner says it is worth to them, minor units */
    public function decide(Job $job, ?int $worth = null): Decision
    {
        return $this->assessJob->decide($job, $this->terms($job, $worth));
    }

    /** What it is expected to cost to see it through, decided now, minor units. */
    public function costNow(Job $job): int
    {
        return $this->assessJob->costNow($job, $this->terms($job, null));
    }

    private function terms(Job $job, ?int $worth): Terms
    {
        return new Terms(
            $worth,
            $this->isYoung($job),
            $this->offers($this->assessJob->machine($job)),
            $this->supplier->knowsAll(),
        );
    }

    /**
     * Offers that fit a machine, as far as is known.
     *
     * @return array<string, list<Offer>>
     */
    public function offers(Machine $machine): array
    {
        return array_map(
            fn (array $offers): array => array_values(
                array_filter(
                    $offers,
                    fn (Offer $offer): bool => Fitting::of($offer->kind, $offer->facts, $machine, $this->catalogue->shelf)->fits(),
                ),
            ),
            $this->supplier->offers(new DateTimeImmutable(now()->toIso8601String())),
        );
    }

    /**
     * Ways on as variants of a quote, with what went into finding it.
     *
     * @param  array<mixed>  $ids of options; what is none is left out
     *
     * @return list<Variant> four at most
     */
    public function variants(Job $job, array $ids): array
    {
        $decision = $this->decide($job);
        $assessment = $this->assessJob->assess($job);
        $picked = array_values(
            array_filter(
                array_map(fn (mixed $id): ?Option => is_string($id) ? $decision->option($id) : null, $ids),
                fn (?Option $option): bool => $option?->canBeQuoted() === true,
            ),
        );
        $proposal = new Proposal($this->catalogue, $assessment->machine);
        $spent = Spent::minutes($assessment->record, $this->catalogue);

        return array_map(
            fn (int $i): Variant => $proposal->variant(chr(ord('A') + $i), $picked[$i], $spent, ($job->agreed['data'] ?? '') === 'no-copy'),
            array_keys(array_slice($picked, 0, Quote::MOST_VARIANTS)),
        );
    }

    /** What the owner gave leave to spend. */
    public function leave(Job $job): Leave
    {
        $agreed = $this->assessJob->record($job)->leave();

        return new Leave(
            isset($job->agreed['limit']) ? (int) $job->agreed['limit'] : null,
            $agreed === null || $agreed->amount === 0 ? null : $agreed->amount,
        );
    }

    private function isYoung(Job $job): bool
    {
        foreach ($this->assessJob->record($job)->all(Report::class) as $report) {
            if (in_array('age-young', $report->history, true)) {
                return true;
            }
        }

        return false;
    }
}
