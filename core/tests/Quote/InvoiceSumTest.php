<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Quote;

use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Quote\InvoiceSum;
use Orthoscope\Core\Quote\QuoteLine;
use Orthoscope\Core\Quote\Variant;
use PHPUnit\Framework\TestCase;

final class InvoiceSumTest extends TestCase
{
    private function variant(bool $taxPerLine = false): Variant
    {
        $lines = [QuoteLine::of('Work', 1, Money::of(1005)), QuoteLine::of('Part', 3, Money::of(335))];

        return new Variant('A', 'Repair', $lines, '', '', [], 810, [0, 1], 6, $taxPerLine);
    }

    public function test_lines_that_come_to_what_is_asked_stand_on_it(): void
    {
        foreach ([false, true] as $taxPerLine) {
            $variant = $this->variant($taxPerLine);
            $sum = InvoiceSum::of($variant->total(), $variant, 'Repair', 2000);
            $this->assertSame($variant->lines, $sum->lines);
            $this->assertSame([810, $variant->tax()->minor], [$sum->rate, $sum->tax->minor]);
            $this->assertSame($variant->total()->minor, $sum->total()->minor);
        }
        // 2010 at 8.1 % is 162.81; 1005 twice is 81.405 twice.
        $this->assertSame([163, 162], [$this->variant()->tax()->minor, $this->variant(true)->tax()->minor]);
    }

    public function test_what_was_agreed_to_as_a_whole_is_one_line(): void
    {
        $sum = InvoiceSum::of(Money::of(12000), $this->variant(), 'Repair as agreed', 2000);
        $this->assertSame([['Repair as agreed', 10000], 2000], [
            [$sum->lines[0]->what, $sum->lines[0]->net()->minor], $sum->tax->minor,
        ]);
        $this->assertSame(12000, InvoiceSum::of(Money::of(12000), null, 'Repair', 0)->net()->minor);
    }

    public function test_net_and_tax_always_add_up_to_what_is_asked_and_the_tax_is_right_to_half_a_unit(): void
    {
        $draw = Draw::from('invoices');
        for ($i = 0; $i < 3000; $i++) {
            $asked = (int) floor(200000 * $draw->unit());
            $rate = (int) floor(3000 * $draw->unit());
            $sum = InvoiceSum::of(Money::of($asked), null, 'Repair', $rate);
            $this->assertSame($asked, $sum->total()->minor);
            $this->assertLessThanOrEqual(0.5 + 1e-9, abs($sum->net()->minor - $asked * 10000 / (10000 + $rate)));
        }
    }

    public function test_one_more_line_has_its_own_tax(): void
    {
        $sum = InvoiceSum::of(Money::of(12000), null, 'Repair', 2000)->with(QuoteLine::of('Storage, 5 days', 5, Money::of(201)));
        $this->assertSame([11005, 2201, 13206], [$sum->net()->minor, $sum->tax->minor, $sum->total()->minor]);
    }
}
