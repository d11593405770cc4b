<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Money;

/** Every number of the catalogue that a shop may set for itself. */
final class Settables
{
    /** @var array<string, string> group => its name, in the order of the pages */
    public const GROUPS = [
        'work' => 'Fixed prices for work',
        'parts' => 'Parts: usual price and mark-up',
        'warranty' => 'Warranty',
        'ways' => 'What the shop offers',
        'uncollected' => 'Machines nobody fetches',
        'minutes' => 'Minutes as this shop takes them',
        'limits' => 'Limits of readings',
    ];

    /** Numbers of the model that a shop knows better. */
    private const NUMBERS = ['start_minutes', 'reading_minutes', 'pause_minutes'];

    /**
     * @param  Catalogue  $catalogue as it ships, in the money of the shop
     *
     * @return array<string, Settable> by path
     */
    public static function of(Catalogue $catalogue): array
    {
        $files = $catalogue->files();
        $all = [];
        foreach (self::rows($catalogue) as [$path, $group, $name, $unit, $usedIn, $least, $most]) {
            $shipped = Files::value($files, $path);
            $shipped = is_int($shipped) || is_float($shipped) || is_bool($shipped) ? $shipped : null;
            $all[$path] = new Settable($path, $group, $name, $unit, $usedIn, $shipped, (float) $least, (float) $most);
        }

        return $all;
    }

    /** @return iterable<array{string, string, string, Unit, string, int|float, int|float}> */
    private static function rows(Catalogue $catalogue): iterable
    {
        yield from self::work($catalogue);
        foreach ($catalogue->parts as $id => $kind) {
            if ($kind->price > 0) {
                yield [
                    "parts/parts/{$id}/price",
                    'parts',
                    "{$kind->name}, new, usual price",
                    Unit::Money,
                    'Options, quotes, worth',
                    1,
                    Money::MOST,
                ];
                yield [
                    "parts/parts/{$id}/markup",
                    'parts',
                    "{$kind->name}, mark-up on what we pay",
                    Unit::Percent,
                    'Quotes and bills',
                    0,
                    300,
                ];
            }
        }
        yield from self::warranty($catalogue);
        foreach (OwnValues::MAY_BE_LEFT as $way => $name) {
            yield ["economy/offered/{$way}", 'ways', $name, Unit::YesNo, 'Options, steps and quotes', 0, 1];
        }
        yield [
            'economy/storage/after',
            'uncollected',
            'Days after the first notice before storage is charged',
            Unit::Days,
            'Notices, bills',
            0,
            365,
        ];
        yield ['economy/storage/per_day', 'uncollected', 'Storage, a day', Unit::Money, 'Notices, bills', 0, Money::MOST];
        yield from self::minutes($catalogue);
        yield from self::limits($catalogue);
    }

    /** @return iterable<array{string, string, string, Unit, string, int|float, int|float}> */
    private static function work(Catalogue $catalogue): iterable
    {
        yield ['economy/finding', 'work', 'Finding the fault, whatever time it takes', Unit::Money, 'Quotes and bills', 0, Money::MOST];
        yield [
            'economy/keep_data',
            'work',
            'Data kept safe before work begins',
            Unit::Money,
            'Offered as a line on quotes',
            0,
            Money::MOST,
        ];
        foreach ($catalogue->acts as $id => $act) {
            if (self::isCharged($act, $catalogue)) {
                yield ["acts/acts/{$id}/fixed", 'work', ucfirst($act->name), Unit::Money, 'Quotes and bills', 0, Money::MOST];
            }
        }
    }

    private static function isCharged(Act $act, Catalogue $catalogue): bool
    {
        return $act->buysPart || $catalogue->economy->wayOf($act->id) !== null;
    }

    /** @return iterable<array{string, string, string, Unit, string, int|float, int|float}> */
    private static function warranty(Catalogue $catalogue): iterable
    {
        $economy = $catalogue->economy;
        foreach ($economy->sources as $id => $source) {
            yield [
                "economy/sources/{$id}/warranty",
                'warranty',
                "A part, {$source->name}",
                Unit::Months,
                'Quotes, letters, comebacks',
                0,
                60,
            ];
        }
        foreach ($economy->ways as $id => $way) {
            yield ["economy/ways/{$id}/warranty", 'warranty', $way->name, Unit::Months, 'Quotes, letters, comebacks', 0, 60];
        }
        yield ['economy/platform/warranty', 'warranty', $economy->platform->name, Unit::Months, 'Quotes, letters, comebacks', 0, 60];
        yield ['economy/refurbish/warranty', 'warranty', 'A machine of our own, sold', Unit::Months, 'Machines of our own', 0, 60];
    }

    /** @return iterable<array{string, string, string, Unit, string, int|float, int|float}> */
    private static function minutes(Catalogue $catalogue): iterable
    {
        foreach (self::NUMBERS as $id) {
            $number = $catalogue->numbers[$id];
            yield [
                "numbers/numbers/{$id}/value",
                'minutes',
                ucfirst($number->why),
                Unit::Minutes,
                'Advice, quotes',
                $number->low,
                $number->high,
            ];
        }
        foreach (array_keys($catalogue->economy->ahead) as $state) {
            $name = 'A machine that waits for: '.str_replace('-', ' ', $state);
            yield ["economy/ahead/{$state}", 'minutes', $name, Unit::Minutes, 'The next word that is promised', 1, 600];
        }
        foreach ($catalogue->steps as $id => $step) {
            yield ["steps/steps/{$id}/minutes", 'minutes', $step->name, Unit::Minutes, 'Order of steps, promises', 1, 600];
        }
        foreach ($catalogue->acts as $id => $act) {
            if (self::isCharged($act, $catalogue)) {
                yield [
                    "acts/acts/{$id}/minutes",
                    'minutes',
                    'To '.lcfirst($act->name),
                    Unit::Minutes,
                    'Options, quotes, forecasts',
                    1,
                    600,
                ];
            }
        }
    }

    /**
     * A published limit may be drawn closer and never further.
     *
     * @return iterable<array{string, string, string, Unit, string, int|float, int|float}>
     */
    private static function limits(Catalogue $catalogue): iterable
    {
        foreach ($catalogue->limits as $limit) {
            foreach ($limit->values as $value) {
                foreach ($value->nominals as $i => $nominal) {
                    $path = "limits/limits/{$limit->id}/values/{$value->id}/nominals/{$i}";
                    $name = ucfirst($value->name).", at {$nominal->at} {$value->unit}";
                    yield ["{$path}/low", 'limits', "{$name}, least", Unit::Reading, 'Readings that pass', $nominal->low, $nominal->at];
                    yield [
                        "{$path}/high",
                        'limits',
                        "{$name}, most",
                        Unit::Reading,
                        'Readings that pass',
                        $nominal->at,
                        $nominal->high,
                    ];
                }
            }
        }
    }
}
