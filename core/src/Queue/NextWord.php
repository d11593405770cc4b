<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;
use InvalidArgumentException;

/** When an owner can be promised to hear of a machine: once the work ahead of it and a first look are done. Not a promise of a cure. */
final class NextWord
{
    /** Minutes of bench time that a first look takes. Origin: judgement. */
    public const FIRST_LOOK = 40;

    /**
     * @param  int  $minutesAhead bench minutes of work that comes first, 0 or more
     * @param  int  $hands   people at benches at the same time, 1 or more
     * @param  ?DateTimeImmutable  $notBefore the machine cannot be worked on earlier: it dries, or a part is on its way
     *
     * @return DateTimeImmutable a full hour within opening hours, or their end
     */
    public static function promise(
        DateTimeImmutable $now,
        int $minutesAhead,
        int $hands,
        WorkingTime $hours,
        ?DateTimeImmutable $notBefore = null,
    ): DateTimeImmutable {
        if ($minutesAhead < 0 || $hands < 1) {
            throw new InvalidArgumentException('Work ahead is 0 minutes or more, and at least one person works.');
        }
        $reached = $hours->after($now, (int) ceil($minutesAhead / $hands));
        $seen = $hours->after($notBefore !== null && $notBefore > $reached ? $notBefore : $reached, self::FIRST_LOOK);

        return (int) $seen->format('i') === 0
            ? $seen->setTime((int) $seen->format('G'), 0)
            : $seen->setTime((int) $seen->format('G') + 1, 0);
    }
}
