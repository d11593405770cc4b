<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Plain\Draw;

/** Where simulated machines come from. */
interface World
{
    /** The machine of one job. */
    public function machine(Draw $draw): HiddenMachine;
}
