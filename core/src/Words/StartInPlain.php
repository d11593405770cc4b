<?php

declare(strict_types=1);

namespace Orthoscope\Core\Words;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;

/**
 * A start, or several in a row, as the owner reads it: "We started it, 10 times: in 2 there was no picture, in 8 it started and stayed up."
 */
final class StartInPlain
{
    /** @param  string  $we how it was started, such as "We started it as it came" */
    public static function sentence(string $we, Start $start, Catalogue $catalogue): string
    {
        $we .= self::under($start->setUp);
        if ($start->times === 1) {
            return "{$we}, and {$catalogue->reach($start->reached)->plain}.";
        }
        if (count($start->outcomes) === 1) {
            return "{$we}, {$start->times} times, and each time {$catalogue->reach($start->reached)->plain}.";
        }
        $each = array_map(
            fn (string $reached, int $times): string => "in {$times} {$catalogue->reach($reached)->plain}",
            array_keys($start->outcomes),
            $start->outcomes,
        );

        return "{$we}, {$start->times} times: ".implode(', ', $each).'.';
    }

    /** Under which condition it was, where that was written down. */
    private static function under(SetUp $setUp): string
    {
        return match ($setUp->temperature) {
            Temperature::Cold => ', cold',
            Temperature::Warm => ', warm',
            default => '',
        }
            .match ($setUp->goal) {
                Goal::Load => ', at hard work',
                Goal::Hours => ', for hours',
                default => '',
            };
    }
}
