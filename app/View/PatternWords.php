<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Catalogue\Catalogue;

/** What came too often, in words. */
final class PatternWords
{
    /** @param  string  $outcome as a pattern has it: "fault:ID", "cause:KIND", "stop:STAGE", "sign:CHANNEL:VALUE", "comeback", "dead" */
    public static function outcome(Catalogue $catalogue, string $outcome): string
    {
        [$kind, $of] = [...explode(':', $outcome, 2), ''];

        return match ($kind) {
            'cause' => 'the '.lcfirst($catalogue->parts[$of]->name ?? $of),
            'fault' => ($catalogue->parts[$catalogue->faults[$of]->part ?? '']->name ?? '').': '.($catalogue->faults[$of]->name ?? $of),
            'stop' => 'stops before '.($catalogue->stages[$of]->name ?? $of),
            'sign' => self::sign($catalogue, $of),
            'comeback' => 'comes back',
            default => 'dead on arrival',
        };
    }

    private static function sign(Catalogue $catalogue, string $sign): string
    {
        [$channel, $value] = [...explode(':', $sign, 2), ''];

        return $catalogue->signs[$channel]->values[$value] ?? $sign;
    }
}
