<?php

declare(strict_types=1);

namespace Orthoscope\Core\Chain;

/** Where the machine is when it is started. */
enum Place: string
{
    case InCase = 'case';
    case Bench = 'bench';
}
