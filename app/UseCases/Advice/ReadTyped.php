<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\EntryReader;
use Throwable;

/** An entry as it was typed, read before it goes on the record. */
final readonly class ReadTyped
{
    public function __construct(private AssessJob $assessJob, private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $written
     *
     * @return ?Entry null for what has a type that no entry can: it is refused, with its sentence, when it is recorded
     *
     * @throws CaseMistake where it cannot be understood
     */
    public function entry(Job $job, array $written): ?Entry
    {
        try {
            return (new EntryReader($this->catalogue, $this->assessJob->machine($job)))->read(PHP_INT_MAX, $written);
        } catch (CaseMistake $mistake) {
            throw $mistake;
        } catch (Throwable) {
            return null;
        }
    }
}
