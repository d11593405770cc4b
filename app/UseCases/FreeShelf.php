<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Spare;
use Illuminate\Database\Eloquent\Builder;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Spares\Fitting;
use Orthoscope\Core\Spares\Shelf;
use Orthoscope\Core\Spares\Spare as CoreSpare;

/** The spares that a job may borrow: those that fit and are free, of each kind the few that are trusted most. */
final readonly class FreeShelf
{
    /** So many of a kind are enough to choose from. */
    private const OF_A_KIND = 8;

    /** So many of a kind are looked at, trusted most first, for some that fit. */
    private const LOOKED_AT = 200;

    private const AT_ONCE = 16;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function for(Job $job): Shelf
    {
        $machine = Machine::fromArray($job->machine->made_of, $this->catalogue);
        $spares = [];
        foreach (array_filter($this->catalogue->parts, fn (PartKind $kind): bool => $kind->lendable) as $kind) {
            array_push($spares, ...$this->fitting($kind->id, $job, $machine));
        }
        usort($spares, fn (CoreSpare $a, CoreSpare $b): int => $a->tag <=> $b->tag);

        return new Shelf($spares);
    }

    /** @return list<CoreSpare> the few of a kind that fit, trusted most first */
    private function fitting(string $kind, Job $job, Machine $machine): array
    {
        $fitting = [];
        $free = $this->free($kind, $job)->orderByDesc('trust')->orderBy('value')->orderBy('id');
        for ($from = 0; $from < self::LOOKED_AT && count($fitting) < self::OF_A_KIND; $from += self::AT_ONCE) {
            $some = (clone $free)->offset($from)->limit(self::AT_ONCE)->get();
            foreach ($some as $spare) {
                $core = $spare->core();
                if (count($fitting) < self::OF_A_KIND && Fitting::of($kind, $core->facts, $machine, $this->catalogue->shelf)->fits()) {
                    $fitting[] = $core;
                }
            }
            if ($some->count() < self::AT_ONCE) {
                break;
            }
        }

        return $fitting;
    }

    /** @return Builder<Spare> free spares of a kind, neither lent to nor reserved for another job */
    private function free(string $kind, Job $job): Builder
    {
        return Spare::query()->where('kind', $kind)->where('status', 'free')
            ->whereDoesntHave('loan', fn (Builder $loan): Builder => $loan->where('job_id', '!=', $job->id))
            ->where(fn (Builder $query): Builder => $query->whereNull('reserved_for')->orWhere('reserved_for', $job->id)->orWhere('reserved_until', '<', now()->startOfDay()));
    }

    /**
     * Tag of each spare that is lent => tag of the job that has it.
     *
     * @return array<string, string>
     */
    public function lentTo(?Job $except = null): array
    {
        return Loan::query()->whereNull('back_at')->when($except !== null, fn (Builder $query): Builder => $query->where('job_id', '!=', $except?->id))
            ->join('spares', 'spares.id', '=', 'loans.spare_id')->join('jobs', 'jobs.id', '=', 'loans.job_id')->pluck('jobs.tag', 'spares.tag')->all();
    }
}
