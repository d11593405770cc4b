<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\Electrical\Limit;
use Orthoscope\Core\Electrical\LimitValue;
use Orthoscope\Core\Electrical\Meter;
use Orthoscope\Core\Plain\Draw;

/** Numbers a meter shows: within the limits or out of them, off by as much as such a meter may be. */
final class SimulatedReading
{
    /** Draws for numbers that the limits judge as they should; what several values hold against each other may take some. */
    private const TRIES = 30;

    /** How far out of its limits a bad value lies, in widths of them. Origin: judgement. */
    private const OUT = [0.1, 0.9];

    /**
     * @param  bool  $dead what is measured gives nothing at all
     *
     * @return array<string, float> value => what is shown; empty where no numbers come out as they should
     */
    public static function of(Limit $limit, bool $passes, bool $dead, Meter $meter, Draw $draw): array
    {
        $judged = array_values(array_filter($limit->values, fn (LimitValue $value): bool => $value->nominals !== []));
        if ($judged === [] || count($judged) < count($limit->values)) {
            return [];
        }
        if ($dead && ! $passes) {
            return array_fill_keys(array_column($judged, 'id'), 0.0);
        }
        for ($try = 0; $try < self::TRIES; $try++) {
            $bad = $passes ? null : $draw->oneOf($judged)->id;
            $values = [];
            foreach ($judged as $value) {
                $true = self::true($value, $value->id === $bad, $draw);
                $off = $meter->halfWidth($true, $value->unit) * (2.0 * $draw->unit() - 1.0) / 2;
                $values[$value->id] = round($true + $off, 2);
            }
            $judgement = Judgement::of($limit, $values, $meter);
            if ($judgement->passes() === $passes) {
                return $values;
            }
        }

        return [];
    }

    private static function true(LimitValue $value, bool $bad, Draw $draw): float
    {
        $nominal = $value->nominals[0];
        $width = $nominal->high - $nominal->low;
        if (! $bad) {
            return $nominal->at + 0.2 * $width * (2.0 * $draw->unit() - 1.0);
        }
        [$least, $most] = self::OUT;

        return $nominal->low - $width * ($least + ($most - $least) * $draw->unit());
    }
}
