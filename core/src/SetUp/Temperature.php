<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

/** Cold after standing, or warm from running. Unknown is no value at all. */
enum Temperature: string
{
    case Cold = 'cold';
    case Warm = 'warm';
}
