<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Electrical\Sizing\SupplySizing;

/** The reading that follows from adding the parts up against the supply, ready for the record. */
final class SupplyReading
{
    /** The finding, as in a case file, with the sums in words. */
    public static function written(SupplySizing $sizing): string
    {
        return json_encode(
            [
                [
                    'kind' => 'finding',
                    'check' => 'supply-sum',
                    'result' => $sizing->tooSmall ? 'short' : 'enough',
                    'text' => implode(' ', $sizing->sentences),
                ],
            ],
            JSON_THROW_ON_ERROR,
        );
    }

    public static function words(SupplySizing $sizing): string
    {
        return match (true) {
            $sizing->tooSmall => 'Too small',
            $sizing->tight => 'Just enough, with little to spare',
            default => 'Large enough',
        };
    }
}
