<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

/** Marks a policy that acts on the adviser's belief, so that what it states is checked against the truth. */
interface StatesBelief
{
    /** Whether a record that surprises is looked at widely too; dear in a long record. */
    public function looksWidely(): bool;
}
