<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeZone;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;

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
        $kept = is_string($value) && Date::hasFormat($value, $this->getDateFormat());
        $time = $kept ? Date::createFromFormat($this->getDateFormat(), $value, 'UTC') : parent::asDateTime($value);

        return ($time ?? Date::now())->setTimezone(date_default_timezone_get());
    }
}
