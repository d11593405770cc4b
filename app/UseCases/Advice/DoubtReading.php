<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Finding;
use Throwable;

/** Whether a reading surprises so much that its own set-up is asked about before it goes on the record. */
final readonly class DoubtReading
{
    public function __construct(private AssessJob $assessJob, private Catalogue $catalogue)
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
        try {
            $finding = (new EntryReader($this->catalogue, $this->assessJob->machine($job)))->read(PHP_INT_MAX, $written[0]);
        } catch (CaseMistake $mistake) {
            throw $mistake;
        } catch (Throwable) {
            // Of a type the reader cannot take: refused, with its sentence, when it is recorded.
            return false;
        }

        return $finding instanceof Finding && $this->assessJob->doubts($job, $finding);
    }
}
