<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Plain\UnreadableMoney;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Decimals of currencies: ISO 4217 gives JPY none, EUR two and KWD three. */
final class CurrencyTest extends TestCase
{
    /** @return iterable<array{int, string, int}> */
    public static function typed(): iterable
    {
        yield [2, '48', 4800];
        yield [2, '48.5', 4850];
        yield [2, '48,05', 4805];
        yield [2, ' 1 190.00 ', 119000];
        yield [2, "1\u{202F}190,00", 119000];
        yield [2, '0', 0];
        yield [2, '100000', 10000000];
        yield [0, '5200', 5200];
        yield [3, '48', 48000];
        yield [3, '4,505', 4505];
        yield [3, '4.5', 4500];
        yield [1, '4.5', 45];
    }

    #[DataProvider('typed')]
    public function test_reads_what_people_type(int $decimals, string $typed, int $minor): void
    {
        $this->assertSame($minor, Currency::of('€', $decimals)->parse($typed)->minor);
    }

    /** @return iterable<array{int, string}> */
    public static function mistyped(): iterable
    {
        yield [2, 'forty'];
        yield [2, '-4'];
        yield [2, '4.505'];
        yield [2, ''];
        yield [2, '100000.01'];
        yield [2, '1e5'];
        yield [2, '٤٨'];
        yield [0, '48.5'];
        yield [3, '4.5055'];
    }

    #[DataProvider('mistyped')]
    public function test_refuses_what_is_no_amount(int $decimals, string $typed): void
    {
        $this->expectException(UnreadableMoney::class);
        Currency::of('€', $decimals)->parse($typed);
    }

    public function test_the_example_in_a_refusal_is_an_amount_itself(): void
    {
        foreach (range(0, Currency::MOST_DECIMALS) as $decimals) {
            $currency = Currency::of('€', $decimals, ',');
            try {
                $currency->parse('forty');
                $this->fail('Words were read as money.');
            } catch (UnreadableMoney $mistake) {
                $this->assertSame(1, preg_match('/ or ([\d.,]+\d)\.$/', $mistake->getMessage(), $found));
                $this->assertEqualsWithDelta(48.5, $currency->parse($found[1])->minor / 10 ** $decimals, 0.5);
            }
        }
    }

    public function test_writes_it_as_its_country_does(): void
    {
        $this->assertSame('EUR 1 190.05', Currency::of('EUR')->words(119005));
        $this->assertSame('€ 1 190,05', Currency::of('€', 2, ',')->words(119005));
        $this->assertSame('JPY 119 005', Currency::of('JPY', 0)->words(119005));
        $this->assertSame('KWD 119.005', Currency::of('KWD', 3)->words(119005));
        $this->assertSame('0.00', Currency::of('')->words(0));
        $this->assertSame('€ 1 190', Currency::of('€')->round(119005));
        $this->assertSame('1190,05', Currency::of('€', 2, ',')->typed(119005));
    }

    public function test_what_it_writes_it_reads_again(): void
    {
        foreach ([0, 1, 2, 3] as $decimals) {
            foreach ([0, 7, 99, 100, 119005, 9999999] as $minor) {
                $currency = Currency::of('€', $decimals, ',');
                $this->assertSame($minor, $currency->parse($currency->amount($minor))->minor);
                $this->assertSame($minor, $currency->parse($currency->typed($minor))->minor);
            }
        }
    }
}
