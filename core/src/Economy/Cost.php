<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

/** What a way on takes: parts, bench time and waiting. */
final readonly class Cost
{
    /**
     * @param  int  $parts minor units of money for parts, as bought, 0 or more
     * @param  int  $minutes bench minutes, with the start that shows whether it helped
     * @param  array{int, int}  $days of waiting, from and to
     */
    public function __construct(public int $parts, public int $minutes, public array $days = [0, 0])
    {
    }
}
