<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

/** How a rail stands that is one of several which come up one after the other. */
enum RailState: string
{
    case Up = 'up';
    case Down = 'down';
    case TakenAsUp = 'taken as up';
    case Unknown = 'not known';
}
