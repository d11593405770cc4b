<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Instruments;

use InvalidArgumentException;
use Orthoscope\Core\Instruments\SentReading;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SentReadingTest extends TestCase
{
    private const GOOD = [
        'format' => SentReading::FORMAT,
        'instrument' => ' tester ',
        'check' => 'cell-reading',
        'values' => ['volts' => 2.9],
    ];

    public function test_values_and_codes_are_taken(): void
    {
        $reading = $this->parse(self::GOOD);
        $this->assertSame(['tester', 'cell-reading', ['volts' => 2.9], null], array_values(get_object_vars($reading)));
        $code = $this->parse(['format' => SentReading::FORMAT, 'instrument' => 'card', 'code' => '5f']);
        $this->assertSame(['card', null, [], '5F'], array_values(get_object_vars($code)));
        $this->assertSame(40, mb_strlen($this->parse(['instrument' => str_repeat('x', 90)] + self::GOOD)->instrument));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no instrument' => [['instrument' => null], 'does not say which "instrument"'];
        yield 'a blank instrument' => [['instrument' => '  '], 'does not say which "instrument"'];
        yield 'an instrument that is no word' => [['instrument' => 7], 'does not say which "instrument"'];
        yield 'another format' => [['format' => 'else/1'], 'A reading says "format"'];
        yield 'a look, which has no values' => [['check' => 'look-inside'], 'reading with values'];
        yield 'a check that is no word' => [['check' => []], 'reading with values'];
        yield 'no values' => [['values' => []], 'has no "values"'];
        yield 'values that are none' => [['values' => 'many'], 'has no "values"'];
        yield 'a value nobody knows' => [['values' => ['amps' => 1]], '"amps" is not'];
        yield 'a value that is no number' => [['values' => ['volts' => 'low']], '"volts" is not'];
        yield 'a code that is no word' => [['code' => 12], '"code" is the two figures'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('mistakes')]
    public function test_what_is_wrong_is_said_in_a_sentence(array $change, string $says): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($says);
        $this->parse($change + self::GOOD);
    }

    public function test_what_is_too_long_or_no_json_is_refused(): void
    {
        foreach ([str_repeat(' ', 20001) => 'smaller than 20 kB', '{' => 'This is no JSON', '"x"' => 'A reading says'] as $sent => $says) {
            try {
                SentReading::parse((string) $sent, Bench::catalogue());
                $this->fail("Taken: {$says}");
            } catch (InvalidArgumentException $refused) {
                $this->assertStringContainsString($says, $refused->getMessage());
            }
        }
        $long = json_encode(self::GOOD, JSON_THROW_ON_ERROR);
        $this->assertSame('tester', SentReading::parse($long.str_repeat(' ', 20000 - strlen($long)), Bench::catalogue())->instrument);
    }

    /** @param  array<string, mixed>  $reading */
    private function parse(array $reading): SentReading
    {
        return SentReading::parse(json_encode($reading, JSON_THROW_ON_ERROR), Bench::catalogue());
    }
}
