<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

/** Where the machine is when it is started. */
enum Place: string
{
    case InCase = 'case';
    case Bench = 'bench';
    /** At the owner's place, as told: with the owner's own mains. Never a start of the shop's. */
    case Owner = 'owner';
}
