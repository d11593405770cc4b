<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

/** A way of working: what to do next, from what the record says. */
interface Policy
{
    public function name(): string;

    public function next(View $view): Move;
}
