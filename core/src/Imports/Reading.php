<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

/** How what stands in a column is read. */
enum Reading: string
{
    case Text = 'text';
    case Mail = 'mail';
    case Phone = 'phone';
    case Money = 'money';
    case Day = 'day';
    case Whole = 'whole';
}
