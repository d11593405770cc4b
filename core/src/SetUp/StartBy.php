<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

/** What tells the machine to start. */
enum StartBy: string
{
    case Button = 'button';
    case Pins = 'pins';
}
