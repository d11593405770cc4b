<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Bulletin;
use App\Models\Code;
use App\Models\Figure;
use App\Models\JobFacts;
use App\Models\MarginNote;
use App\Models\Paper;
use App\Models\Photo;
use App\Models\Spare;
use Illuminate\Support\Collection;

/** What this shop knows of one exact model, made by itself from its jobs. */
final readonly class ModelBook
{
    private const LISTED = 12;

    private const MOST = 40;

    /**
     * @param  Collection<int, JobFacts>  $jobs of it, the newest first
     * @param  array<string, int>  $causes fault, or part where no fault is known => jobs
     * @param  ?int  $minutes of its jobs at the bench, the middle one
     * @param  array<string, int>  $firmware version => jobs that had it
     * @param  array<string, int>  $parts models of its parts, as "board: Kestrel B2" => jobs
     * @param  Collection<int, Code>  $codes
     * @param  Collection<int, Paper>  $papers
     * @param  Collection<int, Bulletin>  $bulletins
     * @param  Collection<int, MarginNote>  $notes
     * @param  Collection<int, Photo>  $photos
     * @param  Collection<int, Spare>  $spares that stood in one
     * @param  list<array{outcome: string, with: int, of: int}>  $patterns what came too often with it to be luck
     */
    private function __construct(
        public string $name,
        public Collection $jobs,
        public int $count,
        public array $causes,
        public ?int $minutes,
        public int $cameBack,
        public array $firmware,
        public array $parts,
        public Collection $codes,
        public Collection $papers,
        public Collection $bulletins,
        public Collection $notes,
        public Collection $photos,
        public Collection $spares,
        public array $patterns,
    ) {
    }

    /** @return ?self null where the shop knows nothing of it */
    public static function of(string $model): ?self
    {
        $facts = JobFacts::query()->where('model', $model)->orderByDesc('closed_at')->limit(500)->get();
        $papers = Paper::query()->where('model', $model)->orderBy('title')->limit(self::LISTED)->get();
        $codes = Code::query()->where('for', $model)->orderBy('kind')->orderBy('from')->limit(100)->get();
        $bulletins = Bulletin::query()->with('user')->where('model', $model)->orderByDesc('id')->limit(self::LISTED)->get();
        $notes = MarginNote::query()->with('user')->where('model', $model)->orderByDesc('id')->limit(self::LISTED)->get();
        if ($facts->isEmpty() && $papers->isEmpty() && $codes->isEmpty() && $bulletins->isEmpty() && $notes->isEmpty()) {
            return null;
        }
        $minutes = $facts->pluck('minutes')->filter()->sort()->values();

        return new self(
            name: $model,
            jobs: $facts->take(self::LISTED)->values(),
            count: $facts->count(),
            causes: self::counted(
                $facts->filter(JobFacts::isKnown(...))->map(fn (JobFacts $job): string => $job->cause_fault ?: $job->cause_part),
            ),
            minutes: $minutes->isEmpty() ? null : (int) $minutes[intdiv($minutes->count(), 2)],
            cameBack: $facts->whereNotNull('back_at')->count(),
            firmware: self::counted($facts->pluck('firmware')),
            parts: self::counted($facts->flatMap(fn (JobFacts $job): array => $job->parts)),
            codes: $codes,
            papers: $papers,
            bulletins: $bulletins,
            notes: $notes,
            photos: Photo::query()->with(['job', 'user'])->whereHas('job.machine', fn ($of) => $of->where('model', $model))
                ->orderByDesc('id')->limit(self::LISTED)->get(),
            spares: Spare::query()->whereIn('tag', $facts->flatMap(fn (JobFacts $job): array => $job->spares)->unique()->take(50))
                ->where('status', 'free')->orderBy('kind')->orderBy('tag')->limit(self::LISTED)->get(),
            patterns: self::patterns($model),
        );
    }

    /** @return list<array{outcome: string, with: int, of: int}> */
    private static function patterns(string $model): array
    {
        $body = Figure::query()->find('patterns')->body ?? [];
        $found = [];
        foreach (is_array($body['patterns'] ?? null) ? $body['patterns'] : [] as $pattern) {
            if (($pattern['attribute'] ?? '') === 'model' && ($pattern['value'] ?? '') === $model) {
                $found[] = [
                    'outcome' => (string) $pattern['outcome'],
                    'with' => (int) $pattern['with'],
                    'of' => (int) $pattern['of'],
                ];
            }
        }

        return $found;
    }

    /** How many of its jobs are closed, in a sentence. */
    public function closed(): string
    {
        return match ($this->count) {
            0 => 'No job of it is closed yet.',
            1 => 'One closed job.',
            default => "{$this->count} closed jobs.",
        };
    }

    /** @return array<string, int> models of which most jobs were closed => jobs */
    public static function most(): array
    {
        return JobFacts::query()
            ->where('model', '!=', '')
            ->groupBy('model')
            ->selectRaw('model, count(*) as jobs')
            ->orderByDesc('jobs')
            ->orderBy('model')
            ->limit(self::MOST)
            ->pluck('jobs', 'model')
            ->map(fn (mixed $jobs): int => (int) $jobs)
            ->all();
    }

    /**
     * @param  Collection<int, string>  $words
     *
     * @return array<string, int> the commonest first
     */
    private static function counted(Collection $words): array
    {
        return array_slice($words->filter()->countBy()->sortDesc()->all(), 0, self::LISTED, true);
    }
}
