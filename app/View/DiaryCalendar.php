<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Job;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VCalendar;

/** Promised words as a calendar (iCalendar, RFC 5545), without the names of owners. */
final class DiaryCalendar
{
    /** @param  Collection<int, Job>  $jobs */
    public static function of(Collection $jobs): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Orthoscope//EN']);
        foreach ($jobs as $job) {
            if ($job->next_word_at !== null) {
                $calendar->add('VEVENT', ['UID' => "{$job->tag}.word@orthoscope", 'DTSTAMP' => now(), 'DTSTART' => $job->next_word_at, 'DTEND' => $job->next_word_at->copy()->addMinutes(15), 'SUMMARY' => "Word to the owner of {$job->tag}, {$job->machine->model}"]);
            }
        }

        return $calendar->serialize();
    }
}
