<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/** A step that comes before what was concluded, and why. */
final readonly class Precaution
{
    public function __construct(public Weighed $step, public string $why)
    {
    }
}
