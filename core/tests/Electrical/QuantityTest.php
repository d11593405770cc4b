<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Electrical;

use InvalidArgumentException;
use Orthoscope\Core\Electrical\Nominal;
use Orthoscope\Core\Electrical\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values as people type them; the letter codes are those of IEC 60062 (4k7 = 4.7 kilo-ohms, 5R1 = 5.1 ohms), prefixes those of the SI. */
final class QuantityTest extends TestCase
{
    /** @return iterable<string, array{string, string, float}> typed, asked in, value */
    public static function values(): iterable
    {
        foreach (
            [
                ['11,32', 'V', 11.32],
                ['11.32', 'V', 11.32],
                ['11,32 V', 'V', 11.32],
                ['11.32V', 'V', 11.32],
                ['-12', 'V', -12.0],
                ['−11,9 V', 'V', -11.9],
                ['+5', 'V', 5.0],
                ['3V3', 'V', 3.3],
                ['12V1', 'V', 12.1],
                ['450 mV', 'V', 0.45],
                ['0.4kV', 'V', 400.0],
                ['160mA', 'A', 0.16],
                ['0,16', 'A', 0.16],
                ['0.16 A', 'A', 0.16],
                ['1A8', 'A', 1.8],
                ['160', 'mA', 160.0],
                ['0.16A', 'mA', 160.0],
                ['90 µA', 'A', 0.00009],
                ['4k7', 'Ohm', 4700.0],
                ['4K7', 'Ohm', 4700.0],
                ['5R1', 'Ohm', 5.1],
                ['R47', 'Ohm', 0.47],
                ['0R22', 'Ohm', 0.22],
                ['1M5', 'Ohm', 1500000.0],
                ['10k', 'Ohm', 10000.0],
                ['2.2k', 'Ohm', 2200.0],
                ['270', 'Ohm', 270.0],
                ['270R', 'Ohm', 270.0],
                ['1,2 kΩ', 'Ohm', 1200.0],
                ['90 Ohm', 'Ohm', 90.0],
                ['4k7', 'kOhm', 4.7],
                ['10M', 'Ohm', 1e7],
                ['3 m', 'Ohm', 0.003],
                ['250', 'ms', 250.0],
                ['250 ms', 'ms', 250.0],
                ['0,25 s', 'ms', 250.0],
                ['0.25s', 's', 0.25],
                ['520 W', 'W', 520.0],
                ['520', 'W', 520.0],
                ['0.52kW', 'W', 520.0],
                ['3200', 'MT/s', 3200.0],
                ['3200 MHz', 'MT/s', 3200.0],
                ['3.2GT/s', 'MT/s', 3200.0],
                ['27 MHz', 'MHz', 27.0],
                ['27000kHz', 'MHz', 27.0],
                ['20 K', 'K', 20.0],
                ['20 °C', 'K', 20.0],
                ['20', 'K', 20.0],
            ] as [$typed, $unit, $value]
        ) {
            yield "{$typed} in {$unit}" => [$typed, $unit, $value];
        }
    }

    #[DataProvider('values')]
    public function test_it_is_read_as_it_is_meant(string $typed, string $unit, float $value): void
    {
        $this->assertEqualsWithDelta($value, Quantity::parse($typed, $unit), 1e-9 * max(1.0, abs($value)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        foreach (
            [
                ['', 'V'],
                ['twelve', 'V'],
                ['12..1', 'V'],
                ['1,2,3', 'V'],
                ['12 A', 'V'],
                ['5R1', 'V'],
                ['4k7', 'ms'],
                ['k7', 'Ohm'],
                ['4k', 'ms'],
                ['12VV', 'V'],
                ['1e3', 'V'],
                ['0x10', 'V'],
                ['--5', 'V'],
                ['4k7k', 'Ohm'],
            ] as [$typed, $unit]
        ) {
            yield "\"{$typed}\" in {$unit}" => [$typed, $unit];
        }
    }

    #[DataProvider('nonsense')]
    public function test_what_is_no_value_in_that_unit_is_told(string $typed, string $unit): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage("\"{$typed}\" is not a value in {$unit}; type a number such as 3,31");
        Quantity::parse($typed, $unit);
    }

    public function test_what_is_written_and_read_again_is_the_same(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 300; $i++) {
            [$whole, $part] = [mt_rand(0, 999), mt_rand(0, 9)];
            foreach (['R' => 1.0, 'k' => 1e3, 'M' => 1e6] as $letter => $factor) {
                $this->assertEqualsWithDelta(
                    (float) "{$whole}.{$part}" * $factor,
                    Quantity::parse("{$whole}{$letter}{$part}", 'Ohm'),
                    1e-6 * $factor,
                );
            }
        }
    }

    public function test_a_unit_nobody_asks_in_is_a_mistake_of_the_catalogue(): void
    {
        $this->expectExceptionMessage('"furlong" is no unit');
        Quantity::parse('1', 'furlong');
    }

    public function test_units_and_limits_are_said_as_people_write_them(): void
    {
        $this->assertSame(['Ω', 'kΩ', 'V', 'ms'], array_map(Quantity::sign(...), ['Ohm', 'kOhm', 'V', 'ms']));
        $this->assertSame('11.4–12.6', (new Nominal(12.0, 11.4, 12.6, 'ATX12V'))->span());
        $this->assertSame('-13.2 to -10.8', (new Nominal(-12.0, -13.2, -10.8, 'ATX12V'))->span());
    }
}
