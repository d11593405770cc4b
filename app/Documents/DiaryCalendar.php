<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use App\Models\SupplierClaim;
use Illuminate\Support\Collection;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** Promised words, and days by which suppliers must hear, as a calendar (iCalendar, RFC 5545), without the names of owners. */
final class DiaryCalendar
{
    /**
     * @param  Collection<int, Job>  $jobs
     * @param  Collection<int, SupplierClaim>  $claims
     */
    public static function of(Collection $jobs, Collection $claims): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Orthoscope//EN']);
        foreach ($jobs as $job) {
            if ($job->next_word_at !== null) {
                $calendar->add('VEVENT', [
                    'UID' => "{$job->tag}.word@orthoscope",
                    'DTSTAMP' => now(),
                    'DTSTART' => $job->next_word_at,
                    'DTEND' => $job->next_word_at->copy()->addMinutes(15),
                    'SUMMARY' => "Word to the owner of {$job->tag}, {$job->machine->model}",
                ]);
            }
        }

        foreach ($claims as $claim) {
            if ($claim->deadline !== null) {
                // A day, not an hour: RFC 5545, 3.3.4.
                /** @var VEvent $event */
                $event = $calendar->add('VEVENT', [
                    'UID' => "claim-{$claim->id}.deadline@orthoscope",
                    'DTSTAMP' => now(),
                    'SUMMARY' => "Last day of claim {$claim->id}, {$claim->to}, {$claim->job->tag}",
                ]);
                $event->add('DTSTART', $claim->deadline->format('Ymd'), ['VALUE' => 'DATE']);
            }
        }

        return $calendar->serialize();
    }
}
