<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Evidence\Finding;

/** How often a look or reading goes wrong for no reason of the machine. */
final class FindingNoise
{
    /** @return float share of findings of its kind, 0 to 1, what is said against its set-up not counted */
    public static function of(Check $check, Finding $finding, Catalogue $catalogue): float
    {
        return $check->noise ?? $catalogue->number(match (true) {
            $check->isSight() && $check->result($finding->result)->findsSomething() => 'sight_noise',
            self::isMadeSure($check, $finding) => 'checked_noise',
            default => 'check_noise',
        });
    }

    /** Read on the thing itself, with every question about its set-up answered with yes. */
    private static function isMadeSure(Check $check, Finding $finding): bool
    {
        $open = array_filter($check->asks, fn (string $ask): bool => ($finding->checked[$ask] ?? '') !== 'yes');

        return $check->direct && $check->asks !== [] && $open === [];
    }
}
