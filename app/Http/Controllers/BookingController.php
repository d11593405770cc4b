<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BookingCalendar;
use App\Models\Job;
use Illuminate\Http\Response;

/** The date of a booked visit, as a file that every calendar takes in. */
final class BookingController
{
    public function __invoke(Job $job): Response
    {
        abort_if($job->call?->slot_at === null, 404);

        return response(BookingCalendar::of($job, $job->call), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$job->tag}.ics\"",
        ]);
    }
}
