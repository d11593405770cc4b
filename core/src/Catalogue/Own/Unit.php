<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

/** What a value that a shop can set is counted in. */
enum Unit: string
{
    case Money = 'money';
    case Minutes = 'minutes';
    case Months = 'months';
    case Days = 'days';
    case Percent = 'percent';
    case Reading = 'reading';
    case YesNo = 'yes-no';

    public function words(): string
    {
        return match ($this) {
            self::Money => 'before tax',
            self::Minutes => 'minutes',
            self::Months => 'months',
            self::Days => 'days',
            self::Percent => '%',
            self::Reading, self::YesNo => '',
        };
    }
}
