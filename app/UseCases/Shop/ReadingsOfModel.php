<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Entry;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Electrical\Beside;
use Orthoscope\Core\Evidence\Finding;

/** What a reading shows beside the same one of good parts of the same model, from closed jobs whose cause lay elsewhere. */
final readonly class ReadingsOfModel
{
    /** So many of the latest jobs of the model are looked at. */
    private const MOST = 30;

    /** Jobs back that are looked through for the model of a part. */
    private const LATEST = 3000;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return array<int, list<Beside>> entry => its values beside those of good ones */
    public function on(Job $job, Assessment $assessment): array
    {
        $beside = [];
        foreach ($assessment->record->all(Finding::class) as $finding) {
            $good = $finding->values === [] ? [] : $this->good($job, $assessment, $finding);
            $each = Beside::each($finding->values, $good);
            $beside += $each === [] ? [] : [$finding->number => $each];
        }

        return $beside;
    }

    /** @return list<array<string, float>> values of the same reading on good ones */
    private function good(Job $job, Assessment $assessment, Finding $finding): array
    {
        $kind = $this->catalogue->check($finding->check)->target ?? $this->catalogue->check($finding->check)->at ?? '';
        $jobs = $this->alike($job, $assessment, $kind)
            ?->where('cause_part', '!=', $kind)
            ->where('job_id', '!=', $job->id)
            ->orderByDesc('job_id')
            ->limit(self::MOST)
            ->pluck('job_id');

        return $jobs === null
            ? []
            : array_values(
                Entry::query()
                    ->whereIn('job_id', $jobs)
                    ->where('kind', 'finding')
                    ->where('body->check', $finding->check)
                    ->whereNotNull('body->values')
                    ->get()
                    ->map(self::numbers(...))
                    ->all(),
            );
    }

    /** @return array<string, float> value => number */
    private static function numbers(Entry $entry): array
    {
        return array_map(floatval(...), array_filter((array) $entry->body['values'], is_numeric(...)));
    }

    /** @return ?Builder<JobFacts> closed jobs with a part of that model, or of the same machine; null where neither is known */
    private function alike(Job $job, Assessment $assessment, string $kind): ?Builder
    {
        $part = $assessment->machine->models()[$kind] ?? null;

        return match (true) {
            $part !== null => JobFacts::query()
                ->where('job_id', '>', $job->id - self::LATEST)
                ->whereJsonContains('parts', "{$kind}: {$part}"),
            Machine::isAModel($job->machine->model) => JobFacts::query()->where('model', $job->machine->model),
            default => null,
        };
    }
}
