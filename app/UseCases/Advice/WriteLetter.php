<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Job;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Letter\Letter;
use Orthoscope\Core\Letter\LetterTerms;
use Orthoscope\Core\Letter\LetterWriter;

/** The letter of a job, as long as it was wanted and with what was to be proved. */
final readonly class WriteLetter
{
    public function __construct(private AssessJob $assessJob, private LetterWriter $writer, private Catalogue $catalogue)
    {
    }

    public function of(Job $job, ?string $level = null): Letter
    {
        $assessment = $this->assessJob->assess($job);

        return $this->writer->write(
            $assessment,
            Plan::of($assessment, $this->catalogue, $job->proving()),
            new LetterTerms($level ?? $job->letter_level, $job->letter_words, self::cameWith($job)),
        );
    }

    /** @return list<string> kinds that often stay at the owner's and came with this machine */
    private static function cameWith(Job $job): array
    {
        $with = mb_strtolower((string) ($job->agreed['with'] ?? ''));

        return array_values(
            array_filter([
                preg_match('/\bscreen\b(?! lead)|\bmonitor\b/', $with) === 1 ? 'screen' : '',
                preg_match('/keyboard|mouse|printer|sticks|hub/', $with) === 1 ? 'devices' : '',
            ]),
        );
    }

    public function isClosed(Job $job): bool
    {
        return $this->assessJob->assess($job)->record->closing() !== null;
    }
}
