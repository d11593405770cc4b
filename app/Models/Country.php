<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeZone;
use IntlCalendar;
use IntlDateFormatter;
use Locale;
use NumberFormatter;

/** What is usual in a country, to fill a set-up page in from; taken from intl, and the tax from `config/countries.php`. */
final readonly class Country
{
    /**
     * @param  string  $code ISO 3166-1, two letters
     * @param  string  $currency ISO 4217
     * @param  int  $decimals of the currency
     * @param  string  $point "." or ","
     * @param  ?int  $tax standard rate, basis points, from memory; null where there is not one
     * @param  string  $timeZone the first of the country
     * @param  string  $dateForm one of Shop::DATE_FORMS
     * @param  int  $weekStart ISO day, 1 = Monday to 7 = Sunday
     */
    private function __construct(
        public string $code,
        public string $name,
        public string $currency,
        public int $decimals,
        public string $point,
        public ?int $tax,
        public string $timeZone,
        public string $dateForm,
        public int $weekStart,
    ) {
    }

    /** @return array<string, self> by code, in the order of their names */
    public static function all(): array
    {
        $all = [];
        foreach ((array) config('countries') as $code => $row) {
            [$locale, $tax] = is_array($row) ? [...$row, null, null] : ['', null];
            $all[(string) $code] = self::of((string) $code, is_string($locale) ? $locale : '', is_int($tax) ? $tax : null);
        }
        uasort($all, fn (self $one, self $other): int => $one->name <=> $other->name);

        return $all;
    }

    private static function of(string $code, string $locale, ?int $tax): self
    {
        $money = new NumberFormatter($locale, NumberFormatter::CURRENCY);
        $date = (string) (new IntlDateFormatter($locale, IntlDateFormatter::SHORT, IntlDateFormatter::NONE))->getPattern();
        $first = (int) IntlCalendar::createInstance(null, $locale)->getFirstDayOfWeek();

        return new self(
            code: $code,
            name: (string) Locale::getDisplayRegion("und_{$code}", 'en'),
            currency: (string) $money->getTextAttribute(NumberFormatter::CURRENCY_CODE),
            decimals: (int) $money->getAttribute(NumberFormatter::FRACTION_DIGITS),
            point: $money->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL) === ',' ? ',' : '.',
            tax: $tax,
            timeZone: DateTimeZone::listIdentifiers(DateTimeZone::PER_COUNTRY, $code)[0] ?? 'UTC',
            dateForm: match (true) {
                str_starts_with(ltrim($date, '\''), 'y') => 'Y-m-d',
                stripos($date, 'M') < stripos($date, 'd') => 'M j, Y',
                default => 'j M Y',
            },
            // intl counts from Sunday = 1; ISO 8601 from Monday = 1.
            weekStart: ($first + 5) % 7 + 1,
        );
    }
}
