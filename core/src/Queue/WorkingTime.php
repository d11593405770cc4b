<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;

/** When somebody works: from now on it begins at some moment, and so many minutes of it have passed at another. */
interface WorkingTime
{
    /** The first moment from then on at which work goes on. */
    public function nextOpen(DateTimeImmutable $at): DateTimeImmutable;

    /**
     * The moment at which so many minutes of work have passed.
     *
     * @param  int  $minutes 0 or more
     */
    public function after(DateTimeImmutable $at, int $minutes): DateTimeImmutable;
}
