<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Call;
use App\Models\Job;
use Sabre\VObject\Component\VCalendar;

/** A visit as iCalendar (RFC 5545). */
final class BookingCalendar
{
    /** Minutes that handing a machine over takes. Origin: judgement. */
    private const MINUTES = 20;

    public static function of(Job $job, Call $call): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Orthoscope//EN']);
        $calendar->add('VEVENT', [
            'UID' => "{$job->tag}@orthoscope",
            'DTSTAMP' => $call->ended_at,
            'DTSTART' => $call->slot_at,
            'DTEND' => $call->slot_at?->copy()->addMinutes(self::MINUTES),
            'SUMMARY' => 'Bring the computer to '.shop()->name." ({$job->tag})",
            'LOCATION' => shop()->address,
            'DESCRIPTION' => 'Bring: '
                .implode('; ', CallAdvice::BRING)
                .'. Until then: '
                .implode(' ', CallAdvice::MEANWHILE)
                .' Telephone '
                .shop()->phone
                .'.',
        ]);

        return $calendar->serialize();
    }
}
