<?php

declare(strict_types=1);

namespace Orthoscope\Core\Intake;

use InvalidArgumentException;

/** A file that is no hardware list. */
final class UnreadableList extends InvalidArgumentException
{
    public static function tooLong(): self
    {
        return new self('This file is too long for a hardware list; make it with "lshw -json" on that machine.');
    }

    public static function noJson(string $why): self
    {
        return new self("This file is no JSON ({$why}); make it with \"lshw -json\", and send it whole.");
    }

    public static function noTree(): self
    {
        return new self('This is JSON, but no hardware list; make it with "lshw -json".');
    }
}
