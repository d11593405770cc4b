<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

/** A part that was fitted for good: what it costs, and how it was had. */
final readonly class FittedPart
{
    /**
     * @param  int  $price  minor units of money, before tax
     * @param  string  $source a source of the catalogue: new, used or shelf
     */
    public function __construct(public string $name, public int $price, public string $source)
    {
    }
}
