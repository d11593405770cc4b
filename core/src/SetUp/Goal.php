<?php

declare(strict_types=1);

namespace Orthoscope\Core\SetUp;

/** How long and how hard a start was meant to run, least first. What shows only beyond the goal stays unseen. */
enum Goal: string
{
    case Picture = 'picture';
    case System = 'system';
    case Load = 'load';
    case Hours = 'hours';
}
