<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** How a shop writes and types money: the sign of its currency, its decimals, and the sign before them. */
final readonly class Currency
{
    /** Decimals of currencies in use: ISO 4217 knows 0, 2, 3 and 4; with 4 nobody is paid. */
    public const MOST_DECIMALS = 3;

    private function __construct(public string $sign, public int $decimals, public string $point)
    {
    }

    /**
     * @param  string  $sign  sign or code, as "€" or "CHF"; empty where none is written
     * @param  int  $decimals 0 to MOST_DECIMALS; anything else counts as the nearest
     * @param  string  $point "," or "."; anything else counts as "."
     */
    public static function of(string $sign, int $decimals = 2, string $point = '.'): self
    {
        return new self(trim($sign), max(0, min(self::MOST_DECIMALS, $decimals)), $point === ',' ? ',' : '.');
    }

    public static function fromRow(Row $row): self
    {
        return self::of($row->text('sign', ''), $row->whole('decimals'), $row->text('point'));
    }

    /**
     * As people type it: "48", "48.5", "48,50", "1 190.00"; with either point, as both are typed everywhere.
     *
     * @throws UnreadableMoney for words, a sign, more decimals than there are, or more than Money::MOST minor units
     */
    public function parse(string $typed): Money
    {
        $plain = str_replace([' ', "\u{A0}", "\u{202F}"], '', trim($typed));
        $fraction = $this->decimals === 0 ? '' : "(?:[.,](\d{1,{$this->decimals}}))?";
        if (preg_match("/^(\d{1,9}){$fraction}$/", $plain, $found) !== 1) {
            throw UnreadableMoney::typed($typed, $this->typed(4850 * 10 ** $this->decimals / 100));
        }
        $minor = 10 ** $this->decimals * (int) $found[1] + (int) str_pad($found[2] ?? '', $this->decimals, '0');

        return $minor > Money::MOST ? throw UnreadableMoney::tooMuch($typed) : Money::of($minor);
    }

    /** With its sign: "€ 1 190.00". */
    public function words(Money|int $money): string
    {
        return trim("{$this->sign} {$this->amount($money)}");
    }

    /** Without the sign, thousands apart: "1 190.00". */
    public function amount(Money|int $money): string
    {
        return $this->number($money, $this->decimals, ' ');
    }

    /** To the whole main unit, with its sign: "€ 1 190". */
    public function round(Money|int $money): string
    {
        return trim("{$this->sign} {$this->number($money, 0, ' ')}");
    }

    /** As it stands in a field to be typed over: "1190.00". */
    public function typed(Money|int|float $money): string
    {
        return $this->number($money, $this->decimals, '');
    }

    private function number(Money|int|float $money, int $decimals, string $thousands): string
    {
        $minor = $money instanceof Money ? $money->minor : $money;

        return number_format($minor / 10 ** $this->decimals, $decimals, $this->point, $thousands);
    }
}
