<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Orthoscope\Core\Letter\Letter;

/** The letter as a PDF, from the same sections as the page. */
final class LetterPdf
{
    public static function of(Job $job, Letter $letter): string
    {
        return Pdf::of('letter-pdf', ['job' => $job, 'letter' => $letter]);
    }
}
