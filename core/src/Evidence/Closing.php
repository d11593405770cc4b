<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** The job was closed: what it costs the owner, and what is promised. */
final readonly class Closing extends Entry
{
    /**
     * @param  int  $price          what the owner pays, minor units of money
     * @param  string  $signedOff      reason a lead gave for closing what is not proved; empty if all is proved
     */
    public function __construct(
        int $number, string $at, string $by, string $text,
        public int $price, public int $warrantyMonths, public string $signedOff,
    ) {
        parent::__construct($number, $at, $by, $text);
    }

    public function kind(): string
    {
        return 'closing';
    }
}
