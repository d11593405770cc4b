<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Machine;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Patterns\AlikeBefore;

/** Earlier jobs on the same model whose first start stopped at the same place. */
final class FindAlike
{
    /** So many of the latest are counted. */
    private const MOST = 50;

    public static function before(Job $job, Assessment $assessment, Catalogue $catalogue): ?AlikeBefore
    {
        $start = $assessment->record->all(Start::class)[0] ?? null;
        if ($start === null || ! Machine::isAModel($job->machine->model)) {
            return null;
        }
        $stop = $catalogue->stopId($catalogue->reach($start->reached)->firstStop);

        return AlikeBefore::of(
            array_map(
                strval(...),
                array_values(
                    JobFacts::query()
                        ->where('model', $job->machine->model)
                        ->where('stop', $stop)
                        ->where('job_id', '<', $job->id)
                        ->orderByDesc('job_id')
                        ->limit(self::MOST)
                        ->pluck('cause_part')
                        ->all(),
                ),
            ),
        );
    }
}
