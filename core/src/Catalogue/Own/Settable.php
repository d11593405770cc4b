<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\UnreadableMoney;

/** One number of the catalogue that a shop may set for itself: what it is, between what it may stand, and where it is used. */
final readonly class Settable
{
    /**
     * @param  string  $path    where it stands: file, list, id, field, with "/" between them
     * @param  string  $group   the page it is set on, as Settables::GROUPS names it
     * @param  string  $usedIn  in words
     * @param  int|float|bool|null  $shipped null where nothing is set as it ships, as with a fixed price
     * @param  float  $least    in its unit; minor units of money
     * @param  float  $most     in its unit; minor units of money
     */
    public function __construct(
        public string $path,
        public string $group,
        public string $name,
        public Unit $unit,
        public string $usedIn,
        public int|float|bool|null $shipped,
        public float $least,
        public float $most,
    ) {
    }

    /**
     * What was typed as the value to be kept; null puts back what ships.
     *
     * @throws UnusableValue that says between what it may stand
     */
    public function read(string $typed, Currency $currency): int|float|bool|null
    {
        $typed = trim($typed);
        if ($typed === '') {
            return null;
        }
        $value = match ($this->unit) {
            Unit::YesNo => in_array($typed, ['0', '1'], true) ? $typed === '1' : null,
            Unit::Money => self::money($typed, $currency),
            Unit::Reading => is_numeric($plain = str_replace(',', '.', $typed)) ? (float) $plain : null,
            default => ctype_digit($typed) && strlen($typed) < 7 ? (int) $typed : null,
        };
        if ($value === null || (! is_bool($value) && ($value < $this->least || $value > $this->most))) {
            throw UnusableValue::beside($this, $typed, $this->say($this->least, $currency), $this->say($this->most, $currency));
        }

        return $value === $this->shipped ? null : $value;
    }

    /** As it stands in a field, or in words; empty where nothing is set. */
    public function say(int|float|bool|null $value, Currency $currency): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            $this->unit === Unit::Money => $currency->typed($value),
            default => rtrim(rtrim(number_format((float) $value, 2, '.', ''), '0'), '.'),
        };
    }

    private static function money(string $typed, Currency $currency): ?int
    {
        try {
            return $currency->parse($typed)->minor;
        } catch (UnreadableMoney) {
            return null;
        }
    }
}
