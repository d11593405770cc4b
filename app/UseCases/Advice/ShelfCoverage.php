<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use App\Models\Spare;
use Illuminate\Contracts\Cache\Repository as Cache;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\PartKind;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Lending\Purchase;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Shelf\Spare as CoreSpare;

/** Which machines of the last year the shelf can prove, what one more spare would save, and what lies idle. */
final readonly class ShelfCoverage
{
    private const DAYS = 365;

    private const IDLE_DAYS = 180;

    /** Jobs that are advised again for the value of a purchase: each costs a tenth of a second for each kind. */
    private const JOBS = 12;

    /** Kinds whose lack keeps a machine from being proved. */
    private const KINDS = ['supply', 'stick', 'processor', 'card', 'drive', 'screen', 'wall-lead', 'video-lead'];

    public function __construct(private Catalogue $catalogue, private AssessJob $assessJob, private Cache $kept)
    {
    }

    /** @return list<array{platform: string, jobs: int, can: list<string>, cannot: list<string>}> platforms seen, most jobs first */
    public function platforms(): array
    {
        $shelf = $this->shelf();
        $platforms = [];
        foreach (
            Job::query()
                ->with('machine')
                ->whereNotNull('arrived_at')
                ->where('arrived_at', '>', now()->subDays(self::DAYS))
                ->latest('id')
                ->limit(5000)
                ->get() as $job
        ) {
            $machine = Machine::fromArray($job->machine->made_of, $this->catalogue);
            $name = implode(', ', array_filter([$machine->platform['socket'] ?? '', $machine->platform['memory'] ?? ''])) ?: 'not known';
            $platforms[$name] ??= ['platform' => $name, 'jobs' => 0, 'machine' => $machine];
            $platforms[$name]['jobs']++;
        }
        $rows = [];
        foreach ($platforms as $row) {
            $can = array_values(
                array_filter(
                    self::KINDS,
                    fn (string $kind): bool => array_filter(
                        $shelf,
                        fn (CoreSpare $spare): bool => $spare->kind === $kind
                            && Fitting::ofSpare($spare, $row['machine'], $this->catalogue->shelf)->fits(),
                    ) !== [],
                ),
            );
            $names = fn (array $kinds): array => array_map(
                fn (string $kind): string => $this->catalogue->part($kind)->name,
                array_values($kinds),
            );
            $rows[] = [
                'platform' => $row['platform'],
                'jobs' => $row['jobs'],
                'can' => $names($can),
                'cannot' => $names(array_diff(self::KINDS, $can)),
            ];
        }
        usort($rows, fn (array $a, array $b): int => $b['jobs'] <=> $a['jobs']);

        return $rows;
    }

    /** @return list<Purchase> what one more spare would have saved on the last jobs; worked out once a day and for each shelf */
    public function purchases(): array
    {
        $shelf = $this->shelf();
        $key = 'purchases.'
            .hash(
                'xxh128',
                serialize([now()->toDateString(), array_map(fn (CoreSpare $spare): array => [$spare->tag, $spare->facts], $shelf)]),
            );

        return $this->kept->remember($key, now()->addDay(), function () use ($shelf): array {
            $past = Job::query()
                ->with('machine')
                ->whereNotNull('arrived_at')
                ->where('arrived_at', '>', now()->subDays(self::DAYS))
                ->latest('id')
                ->limit(self::JOBS)
                ->get()
                ->map(fn (Job $job): array => [$this->assessJob->machine($job), $this->assessJob->record($job)]);
            $lendable = array_keys(array_filter($this->catalogue->parts, fn (PartKind $kind): bool => $kind->lendable));

            return array_values(
                array_filter(
                    Purchase::ranked(array_values($past->all()), $shelf, $lendable, $this->catalogue),
                    fn (Purchase $one): bool => $one->minutes >= 1.0,
                ),
            );
        });
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, Spare> not lent for half a year */
    public function idle(): \Illuminate\Database\Eloquent\Collection
    {
        return Spare::query()
            ->where('status', 'free')
            ->where('created_at', '<', now()->subDays(self::IDLE_DAYS))
            ->whereDoesntHave('loans', fn ($loan) => $loan->where('lent_at', '>', now()->subDays(self::IDLE_DAYS)))
            ->orderByDesc('value')
            ->limit(30)
            ->get();
    }

    /** @return list<CoreSpare> */
    private function shelf(): array
    {
        $free = Spare::query()->where('status', 'free')->orderByDesc('trust')->limit(2000)->get();

        return array_values($free->map(fn (Spare $spare): CoreSpare => $spare->core())->all());
    }
}
