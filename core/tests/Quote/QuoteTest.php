<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Quote;

use DateTimeImmutable;
use Orthoscope\Core\Catalogue\Economy\DepositTerms;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Quote\Leave;
use Orthoscope\Core\Quote\Quote;
use Orthoscope\Core\Quote\QuoteLine;
use Orthoscope\Core\Quote\UnusableQuote;
use Orthoscope\Core\Quote\Variant;
use PHPUnit\Framework\TestCase;

final class QuoteTest extends TestCase
{
    public function test_money_adds_up_to_the_cent_whatever_the_lines(): void
    {
        $draw = Draw::from('quotes');
        for ($i = 0; $i < 1000; $i++) {
            $lines = array_map(
                fn (): QuoteLine => QuoteLine::of(
                    'x',
                    1 + (int) floor(3 * $draw->unit()),
                    Money::of((int) floor(30000 * $draw->unit())),
                ),
                range(0, (int) floor(7 * $draw->unit())),
            );
            $variant = $this->variant($lines, (int) floor(2600 * $draw->unit()));
            $this->assertSame($variant->total()->minor, $variant->net()->minor + $variant->tax()->minor);
            $this->assertSame(
                $variant->total()->minor,
                array_sum(array_map(fn (Money $money): int => $money->minor, $variant->gross())),
            );
            $this->assertSame($variant->net()->minor, array_sum(array_map(fn (QuoteLine $line): int => $line->net()->minor, $lines)));
            $quote = $this->quote([$variant]);
            $this->assertLessThanOrEqual($variant->total()->minor, $quote->deposit($variant)->minor);
            $this->assertSame(
                $variant->total()->minor,
                $quote->deposit($variant)->plus($variant->total()->minus($quote->deposit($variant)))->minor,
            );
        }
    }

    public function test_by_hand(): void
    {
        $variant = $this->variant(
            [QuoteLine::of('Work, 22 minutes', 1, Money::of(1760)), QuoteLine::of('Fan', 2, Money::of(905))],
            2000,
        );
        $this->assertSame([3570, 714, 4284], [$variant->net()->minor, $variant->tax()->minor, $variant->total()->minor]);
        $this->assertSame([2112, 2172], array_map(fn (Money $money): int => $money->minor, $variant->gross()));
    }

    public function test_the_text_agreed_to_holds_every_number(): void
    {
        $quote = $this->quote([$this->variant([QuoteLine::of('Supply, new', 1, Money::of(20000))])], 'Ring us with questions.');
        $text = $quote->text($quote->variants[0], Currency::of('EUR'));
        $said = ['A: Way A', 'Supply, new: EUR 200.00', 'Tax: EUR 40.00', 'Total: EUR 240.00', 'Before we order: EUR 72.00', 'Ring us'];
        foreach ($said as $expected) {
            $this->assertStringContainsString($expected, $text);
        }
    }

    public function test_survives_being_kept_and_its_fingerprint_changes_with_every_number(): void
    {
        $quote = $this->quote([$this->variant([QuoteLine::of('Supply', 1, Money::of(20000))])]);
        $this->assertSame($quote->fingerprint(), Quote::fromRow(Row::of($quote->toArray(), 'a quote'))->fingerprint());
        $other = $this->quote([$this->variant([QuoteLine::of('Supply', 1, Money::of(20001))])]);
        $this->assertNotSame($quote->fingerprint(), $other->fingerprint());
        $this->assertSame('A', $quote->variant('A')?->id);
        $this->assertNull($quote->variant('Z'));
    }

    public function test_what_makes_no_quote_is_told(): void
    {
        $line = QuoteLine::of('x', 1, Money::of(100));
        $absurd = [
            'at least one' => fn () => $this->quote([]),
            'more than four' => fn () => $this->quote(array_fill(0, 5, $this->variant([$line]))),
            'no line' => fn () => $this->variant([]),
            'less than nothing' => fn () => QuoteLine::of('x', 1, Money::of(-1)),
            'more than a repair' => fn () => QuoteLine::of('x', 1, Money::of(10_000_001)),
            'adds up to more' => fn () => $this->variant([QuoteLine::of('x', 2, Money::of(9_000_000))]),
            'counts from 1 to 100' => fn () => QuoteLine::of('x', 0, Money::of(1)),
            'what the line is for' => fn () => QuoteLine::of(' ', 1, Money::of(1)),
            'out of date at once' => fn () => $this->quote([$this->variant([$line])], days: -1),
            'more than 90 days' => fn () => $this->quote([$this->variant([$line])], days: 91),
        ];
        foreach ($absurd as $word => $make) {
            try {
                $make();
                $this->fail("\"{$word}\" should have been told");
            } catch (UnusableQuote $mistake) {
                $this->assertStringContainsString(strtolower($word), strtolower($mistake->getMessage()));
            }
        }
    }

    public function test_holds_from_the_next_moment_on_for_ninety_days(): void
    {
        $now = new DateTimeImmutable('2026-11-25 10:00');
        $terms = new DepositTerms(from: 15000, share: 3000);
        $line = QuoteLine::of('Work', 1, Money::of(1000));
        $quote = fn (string $until): Quote => Quote::of([$this->variant([$line])], $now->modify($until), $now, $terms);
        $this->assertSame(90, (int) $now->diff($quote('+90 days')->validUntil)->format('%a'));
        $this->assertGreaterThan($now, $quote('+1 second')->validUntil);
        foreach (['+0 seconds', '-1 day', '+90 days +1 second'] as $until) {
            try {
                $quote($until);
                $this->fail("{$until} was taken.");
            } catch (UnusableQuote $mistake) {
                $this->assertStringContainsString('choose', $mistake->getMessage());
            }
        }
    }

    public function test_leave_to_spend(): void
    {
        $this->assertNull((new Leave(12000, null))->against(12000, Currency::of('EUR')));
        $this->assertStringContainsString(
            'EUR 120.01 is more than the EUR 120.00',
            (string) (new Leave(12000, null))->against(12001, Currency::of('EUR')),
        );
        $this->assertNull((new Leave(12000, 30000))->against(25000, Currency::of('EUR')));
        $this->assertStringContainsString(
            'is asked before anything is spent',
            (string) (new Leave(null, null))->against(1, Currency::of('EUR')),
        );
        $this->assertNull((new Leave(null, null))->against(0, Currency::of('EUR')));
    }

    /** @param  list<QuoteLine>  $lines */
    private function variant(array $lines, int $tax = 2000): Variant
    {
        return new Variant(
            id: 'A',
            name: 'Way A',
            lines: $lines,
            promise: 'It may help.',
            limits: '',
            options: [],
            tax: $tax,
            days: [1, 3],
            warrantyMonths: 12,
        );
    }

    /** @param  list<Variant>  $variants */
    private function quote(array $variants, string $words = '', int $days = 14): Quote
    {
        $now = new DateTimeImmutable('2026-11-25 10:00');

        return Quote::of($variants, $now->modify("{$days} days"), $now, new DepositTerms(from: 15000, share: 3000), $words);
    }
}
