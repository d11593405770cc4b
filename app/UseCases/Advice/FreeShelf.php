<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Spare;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Shelf\Spare as CoreSpare;

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
        $fitting = [];
        $open = array_keys(array_filter($this->catalogue->parts, fn (PartKind $kind): bool => $kind->lendable));
        // All kinds in one question; of those that have many and few that fit, further ones.
        foreach (range(0, self::LOOKED_AT - 1, self::AT_ONCE) as $from) {
            if ($open === []) {
                break;
            }
            $more = [];
            foreach ($this->free($job, $open, $from)->get() as $spare) {
                $core = $spare->core();
                $more[$core->kind] = ($more[$core->kind] ?? 0) + 1;
                if (
                    count($fitting[$core->kind] ?? []) < self::OF_A_KIND
                    && Fitting::ofSpare($core, $machine, $this->catalogue->shelf)->fits()
                ) {
                    $fitting[$core->kind][] = $core;
                }
            }
            $open = array_values(
                array_filter(
                    $open,
                    fn (string $kind): bool => ($more[$kind] ?? 0) === self::AT_ONCE && count($fitting[$kind] ?? []) < self::OF_A_KIND,
                ),
            );
        }
        $spares = array_merge(...array_values($fitting));
        usort($spares, fn (CoreSpare $a, CoreSpare $b): int => $a->tag <=> $b->tag);

        return new Shelf($spares);
    }

    /** @return Collection<int, Spare> known-good machines of the shop that parts are tried in */
    public function hosts(): Collection
    {
        return Spare::query()->where('kind', 'host')->where('status', 'free')->orderBy('tag')->get();
    }

    /**
     * Free spares, neither lent to nor reserved for another job: of each kind the next few, trusted most first.
     *
     * @param  list<string>  $kinds
     *
     * @return Builder<Spare>
     */
    private function free(Job $job, array $kinds, int $from): Builder
    {
        $ranked = Spare::query()
            ->select('spares.*')
            ->selectRaw('row_number() over (partition by kind order by trust desc, value, id) as rank_in_kind')
            ->whereIn('kind', $kinds)
            ->where('status', 'free')
            ->whereNotExists(
                fn ($loan) => $loan
                    ->selectRaw('1')
                    ->from('loans')
                    ->whereColumn('loans.spare_id', 'spares.id')
                    ->whereNull('back_at')
                    ->where('job_id', '!=', $job->id),
            )
            ->where(
                fn (Builder $query): Builder => $query
                    ->whereNull('reserved_for')
                    ->orWhere('reserved_for', $job->id)
                    ->orWhere('reserved_until', '<', now()->startOfDay()),
            );

        return Spare::query()
            ->fromSub($ranked, 'spares')
            ->where('rank_in_kind', '>', $from)
            ->where('rank_in_kind', '<=', $from + self::AT_ONCE)
            ->withProof($job)
            ->orderBy('kind')
            ->orderBy('rank_in_kind');
    }

    /**
     * Tag of each spare that is lent => tag of the job that has it.
     *
     * @return array<string, string>
     */
    public function lentTo(?Job $except = null): array
    {
        return Loan::query()
            ->whereNull('back_at')
            ->when($except !== null, fn (Builder $query): Builder => $query->where('job_id', '!=', $except?->id))
            ->join('spares', 'spares.id', '=', 'loans.spare_id')
            ->join('jobs', 'jobs.id', '=', 'loans.job_id')
            ->pluck('jobs.tag', 'spares.tag')
            ->all();
    }
}
