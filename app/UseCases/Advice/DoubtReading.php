<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Finding;

/** Whether a reading surprises so much that its own set-up is asked about before it goes on the record. */
final readonly class DoubtReading
{
    public function __construct(private AssessJob $assessJob, private ReadTyped $typed)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $written
     *
     * @throws CaseMistake where the reading cannot be understood
     */
    public function asksFirst(Job $job, array $written): bool
    {
        if (count($written) !== 1 || $written[0]['kind'] !== 'finding') {
            return false;
        }
        $finding = $this->typed->entry($job, $written[0]);

        return $finding instanceof Finding && $this->assessJob->doubts($job, $finding);
    }
}
