<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Plain\Money;
use Orthoscope\Core\Plain\UnreadableMoney;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MoneyTest extends TestCase
{
    /** @return iterable<array{string, int}> */
    public static function typed(): iterable
    {
        yield ['48', 4800];
        yield ['48.5', 4850];
        yield ['48,05', 4805];
        yield [' 1 190.00 ', 119000];
        yield ['0', 0];
        yield ['100000', 10000000];
    }

    #[DataProvider('typed')]
    public function test_reads_what_people_type(string $typed, int $minor): void
    {
        $this->assertSame($minor, Money::parse($typed)->minor);
    }

    /** @return iterable<array{string}> */
    public static function mistyped(): iterable
    {
        yield ['forty'];
        yield ['-4'];
        yield ['4.505'];
        yield [''];
        yield ['100000.01'];
        yield ['1e5'];
        yield ['٤٨'];
    }

    #[DataProvider('mistyped')]
    public function test_refuses_what_is_no_amount(string $typed): void
    {
        $this->expectException(UnreadableMoney::class);
        Money::parse($typed);
    }

    public function test_a_share_rounds_half_away_from_nothing(): void
    {
        $this->assertSame(1, Money::of(5)->share(1000)->minor);
        $this->assertSame(-1, Money::of(-5)->share(1000)->minor);
        $this->assertSame(0, Money::of(4)->share(1000)->minor);
        $this->assertSame(2000, Money::of(10000)->share(2000)->minor);
    }

    public function test_parts_always_add_up_to_the_whole_and_none_is_a_cent_off_its_share(): void
    {
        $draw = Draw::from('money');
        for ($i = 0; $i < 2000; $i++) {
            $minor = (int) floor(200000 * $draw->unit()) - 50000;
            $weights = array_map(fn (): int => (int) floor(1000 * $draw->unit()), range(1, 1 + (int) floor(9 * $draw->unit())));
            $weights[0] += 1;
            $parts = Money::of($minor)->split($weights);
            $this->assertSame(
                $minor,
                array_sum(array_map(fn (Money $part): int => $part->minor, $parts)),
                "{$minor} by ".implode(',', $weights),
            );
            foreach ($parts as $key => $part) {
                $this->assertLessThan(1.0, abs($part->minor - ($minor * $weights[$key]) / array_sum($weights)));
            }
        }
    }

    public function test_says_it_with_its_currency(): void
    {
        $this->assertSame('EUR 1 190.05', Money::of(119005)->words('EUR'));
        $this->assertSame('0.00', Money::of(0)->words());
    }
}
