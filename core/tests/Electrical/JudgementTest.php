<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Electrical;

use InvalidArgumentException;
use Orthoscope\Core\Electrical\Judgement;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Limits against their published sources; the sources are quoted from memory. */
final class JudgementTest extends TestCase
{
    /**
     * Intel ATX12V Power Supply Design Guide 2.x: +-5 % on the positive rails, +-10 % on -12 V, PWR_OK 100 to 500 ms.
     *
     * @return iterable<string, array{string, float, bool}>
     */
    public static function rails(): iterable
    {
        foreach (
            [
                'v12' => [11.4, 12.6],
                'v5' => [4.75, 5.25],
                'v33' => [3.14, 3.47],
                'v5sb' => [4.75, 5.25],
                'v12n' => [-13.2, -10.8],
                'good' => [100.0, 500.0],
            ] as $rail => [$low, $high]
        ) {
            yield "{$rail} at its low limit" => [$rail, $low, true];
            yield "{$rail} below" => [$rail, $low - 0.01, false];
            yield "{$rail} at its high limit" => [$rail, $high, true];
            yield "{$rail} above" => [$rail, $high + 0.01, false];
        }
    }

    #[DataProvider('rails')]
    public function test_supply_rails(string $rail, float $value, bool $within): void
    {
        $values = [...['v12' => 12.0, 'v5' => 5.0, 'v33' => 3.3, 'v5sb' => 5.0], $rail => $value];
        $judgement = Judgement::of(Bench::catalogue()->limits['supply'], $values);
        $this->assertSame($within, $judgement->judged[$rail]->within());
        $this->assertSame($within, $judgement->passes());
    }

    public function test_a_missing_rail_fails_and_an_optional_one_does_not(): void
    {
        $this->assertFalse(Judgement::of(Bench::catalogue()->limits['supply'], ['v12' => 12.0, 'v5' => 5.0, 'v33' => 3.3])->passes());
        $this->assertTrue(
            Judgement::of(Bench::catalogue()->limits['supply'], ['v12' => 12.0, 'v5' => 5.0, 'v33' => 3.3, 'v5sb' => 5.0])->passes(),
        );
    }

    /**
     * IEC 60038 / EN 50160: 230 V +-10 %. ANSI C84.1 range A: 120 V +-5 %. 234 V found good: common practice, no source.
     *
     * @return iterable<string, array{float, bool}>
     */
    public static function mains(): iterable
    {
        yield '234 V' => [234.0, true];
        yield '207 V' => [207.0, true];
        yield '206 V' => [206.0, false];
        yield '253 V' => [253.0, true];
        yield '254 V' => [254.0, false];
        yield '120 V' => [120.0, true];
        yield '114 V' => [114.0, true];
        yield '112 V' => [112.0, false];
        yield 'nothing' => [0.0, false];
    }

    #[DataProvider('mains')]
    public function test_mains(float $volts, bool $within): void
    {
        $this->assertSame($within, Judgement::of(Bench::catalogue()->limits['mains'], ['volts' => $volts])->passes());
    }

    public function test_cell(): void
    {
        // CR2032: 3.0 V nominal, 2.0 V end of life (IEC 60086-3). 3.1 V healthy: common practice, no source.
        $this->assertTrue(Judgement::of(Bench::catalogue()->limits['cell'], ['volts' => 3.1])->passes());
        $this->assertFalse(Judgement::of(Bench::catalogue()->limits['cell'], ['volts' => 2.0])->passes());
    }

    public function test_values_as_people_type_them(): void
    {
        $this->assertSame(11.32, Quantity::parse('11,32', 'V'));
        $this->assertSame(-12.1, Quantity::parse(' -12.1 V', 'V'));
        $this->assertSame(250.0, Quantity::parse('250ms', 'ms'));
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('"abt 12" is not a value in V');
        Quantity::parse('abt 12', 'V');
    }
}
