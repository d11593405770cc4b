<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeZone;
use Illuminate\Support\Carbon;

/**
 * Times of a row stand in the database in UTC and are read in the shop's own time zone: an hour that comes twice when the clock is put back
 * stays two hours, and a shop that moves loses nothing. Bindings of queries are turned the same way by TurnsTimesToUtc.
 */
trait KeptInUtc
{
    /** @param  mixed  $value */
    public function fromDateTime($value): ?string
    {
        if (empty($value)) {
            return null;
        }

        return parent::asDateTime($value)
            ->copy()
            ->setTimezone(new DateTimeZone('UTC'))
            ->format($this->getDateFormat());
    }

    /** @param  mixed  $value */
    protected function asDateTime($value): Carbon
    {
        // Whole as it is kept: to have it read by its format takes several times as long, and a page reads some hundreds.
        $isKept = is_string($value) && preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d$/D', $value) === 1;

        return ($isKept ? new Carbon($value, 'UTC') : parent::asDateTime($value))->setTimezone(date_default_timezone_get());
    }
}
