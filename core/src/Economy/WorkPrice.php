<?php

declare(strict_types=1);

namespace Orthoscope\Core\Economy;

use Orthoscope\Core\Catalogue\Catalogue;

/** What an owner pays for work before tax: the shop's fixed price where an act has one, and the rest by the minute. */
final class WorkPrice
{
    /**
     * @param  list<array{act: string, on: list<string>}>  $acts
     * @param  int  $minutes bench minutes in all, those of the acts included
     *
     * @return int minor units of money
     */
    public static function of(array $acts, int $minutes, Catalogue $catalogue): int
    {
        $fixed = 0;
        foreach ($acts as $done) {
            $act = $catalogue->act($done['act']);
            if ($act->fixed !== null) {
                $fixed += $act->fixed;
                // The start that shows whether it helped goes with a fixed price.
                $minutes -= $act->minutes + (int) $catalogue->number('start_minutes');
            }
        }

        return $fixed + (int) round(max(0, $minutes) * $catalogue->economy->labour);
    }
}
