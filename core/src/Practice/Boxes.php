<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use DateTimeImmutable;

/**
 * When a family is practised again: five boxes (Leitner, "So lernt man lernen", 1972). What was right goes a box further, what was wrong
 * goes back to the first; the further the box, the longer it rests. That the rest doubles is common practice with his boxes.
 */
final class Boxes
{
    public const FIRST = 1;

    public const LAST = 5;

    public static function after(int $box, bool $right): int
    {
        return $right ? min(self::LAST, max(self::FIRST, $box) + 1) : self::FIRST;
    }

    /** @param  int  $box from FIRST to LAST */
    public static function due(int $box, DateTimeImmutable $done): DateTimeImmutable
    {
        $days = 2 ** ($box - 1);

        return $done->modify("+{$days} days");
    }
}
