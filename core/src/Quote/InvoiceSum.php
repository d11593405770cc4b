<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use Orthoscope\Core\Plain\Money;

/** The lines of an invoice, and what they add up to: exactly what is asked, with the tax that is in it. */
final readonly class InvoiceSum
{
    /**
     * @param  list<QuoteLine>  $lines
     * @param  int  $rate hundredths of a per cent
     */
    private function __construct(public array $lines, public int $rate, public Money $tax)
    {
    }

    /**
     * By the lines that were worked out or agreed to, where they come to what is asked; else in one line, since what is asked was agreed to
     * as a whole. Half a minor unit of tax goes up.
     *
     * @param  Money  $asked with tax, not below nothing
     * @param  string  $what   that one line
     */
    public static function of(Money $asked, ?Variant $variant, string $what, int $rate): self
    {
        if ($variant !== null && $variant->total()->minor === $asked->minor) {
            return new self($variant->lines, $variant->tax, $variant->tax());
        }
        $net = self::netOf($asked, $rate);

        return new self([QuoteLine::of($what, 1, $net)], $rate, $asked->minus($net));
    }

    /** With one more line, before tax; its tax is rounded for itself. */
    public function with(QuoteLine $line): self
    {
        return new self([...$this->lines, $line], $this->rate, $this->tax->plus($line->net()->share($this->rate)));
    }

    public function net(): Money
    {
        return array_reduce($this->lines, fn (Money $sum, QuoteLine $line): Money => $sum->plus($line->net()), Money::of(0));
    }

    public function total(): Money
    {
        return $this->net()->plus($this->tax);
    }

    /** What of an amount with tax is before it; half a minor unit goes up. */
    private static function netOf(Money $gross, int $rate): Money
    {
        return Money::of(intdiv(2 * 10000 * $gross->minor + 10000 + $rate, 2 * (10000 + $rate)));
    }
}
