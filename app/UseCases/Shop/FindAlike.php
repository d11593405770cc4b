<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Patterns\AlikeBefore;
use stdClass;

/** Earlier jobs on the same model whose first start stopped at the same place. */
final class FindAlike
{
    /** So many of the latest are counted. */
    private const MOST = 50;

    /** Jobs back that are looked through for a board, which has no index of its own. */
    private const LATEST = 3000;

    public static function before(Job $job, Assessment $assessment, Catalogue $catalogue): ?AlikeBefore
    {
        $start = $assessment->record->all(Start::class)[0] ?? null;
        $board = $assessment->machine->models()['board'] ?? null;
        if ($start === null || ($board === null && ! Machine::isAModel($job->machine->model))) {
            return null;
        }
        $stop = $catalogue->stopId($catalogue->reach($start->reached)->firstStop);

        $before = self::alike($job, $board)
            ->where('stop', $stop)
            ->where('job_id', '<', $job->id)
            ->orderByDesc('job_id')
            ->limit(self::MOST)
            ->toBase()
            ->get(['cause_part', 'confirmed', 'outcome', 'back_after']);

        return AlikeBefore::of(
            array_values($before->map(fn (stdClass $row): string => JobFacts::isKnown($row) ? (string) $row->cause_part : '')->all()),
        );
    }

    /**
     * On the same model; of what its owner put together, on the same board, among the latest.
     *
     * @return Builder<JobFacts>
     */
    private static function alike(Job $job, ?string $board): Builder
    {
        return Machine::isAModel($job->machine->model)
            ? JobFacts::query()->where('model', $job->machine->model)
            : JobFacts::query()
                ->where('job_id', '>', $job->id - self::LATEST)
                ->whereJsonContains('parts', "board: {$board}");
    }
}
