<?php

declare(strict_types=1);

namespace App\Documents;

/** What is said to a caller whose machine comes in. Common practice, no source. */
final class CallAdvice
{
    public const BRING = [
        'the computer with its own power lead',
        'the recovery key, if the drive is encrypted',
        'the screen lead, if the picture is the trouble',
        'no printer, no speakers',
    ];

    public const MEANWHILE = [
        'Leave it unplugged.',
        'Do not try further parts, and do not open the power supply.',
        'Do not reinstall the system: it may be well.',
    ];
}
