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
use Orthoscope\Core\Catalogue\Check;
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
            $good = $finding->values === [] ? [] : $this->good($job, $assessment, $this->catalogue->check($finding->check));
            $each = Beside::each($finding->values, $good);
            $beside += $each === [] ? [] : [$finding->number => $each];
        }

        return $beside;
    }

    /**
     * What good ones of this model read, for every reading that was ever made on one: it grows by itself.
     *
     * @return array<string, list<Beside>> look or reading => its values
     */
    public function map(Job $job, Assessment $assessment): array
    {
        $map = [];
        foreach ($this->catalogue->checks as $check) {
            $good = $check->limit === null ? [] : $this->good($job, $assessment, $check);
            $values = array_column($this->catalogue->limits[$check->limit ?? '']->values ?? [], 'id');
            $each = Beside::each(array_fill_keys($values, 0.0), $good);
            $map += $each === [] ? [] : [$check->id => $each];
        }

        return $map;
    }

    /** @return list<array<string, float>> values of the same reading on good ones */
    private function good(Job $job, Assessment $assessment, Check $check): array
    {
        $kind = $check->target ?? $check->at ?? '';
        $jobs = $this->alike($job, $assessment, $kind)
            ?->ofKnownCause()
            ->where('cause_part', '!=', $kind)
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
                    ->where('body->check', $check->id)
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
