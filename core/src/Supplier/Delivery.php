<?php

declare(strict_types=1);

namespace Orthoscope\Core\Supplier;

/** What came in a parcel. Whether the part works is not seen by looking. */
final readonly class Delivery
{
    /** @param  bool  $works known to the simulation alone */
    public function __construct(public bool $wrong, public bool $damaged, public bool $works)
    {
    }

    /** What is seen when the parcel is opened. */
    public function seen(): string
    {
        return match (true) {
            $this->wrong => 'wrong',
            $this->damaged => 'damaged',
            default => 'fine',
        };
    }
}
