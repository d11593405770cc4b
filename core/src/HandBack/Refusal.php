<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

/** Why something may not be done, and the field it is told at. */
final readonly class Refusal
{
    public function __construct(public string $field, public string $sentence)
    {
    }
}
