<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Returns;

use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Returns\Sameness;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SamenessTest extends TestCase
{
    /** @return iterable<string, array{list<string>, Sameness}> */
    public static function seenNow(): iterable
    {
        yield 'nothing yet' => [[], Sameness::NotStarted];
        yield 'it runs' => [['stays', 'stays'], Sameness::NotShown];
        yield 'as then' => [['dark'], Sameness::Same];
        yield 'as then, after it ran' => [['stays', 'dark', 'nothing'], Sameness::Same];
        yield 'otherwise' => [['nothing', 'dark'], Sameness::Other];
    }

    /** @param  list<string>  $reached */
    #[DataProvider('seenNow')]
    public function test_the_first_that_failed_is_held_against_the_first_that_failed(array $reached, Sameness $same): void
    {
        $this->assertSame($same, Sameness::of(self::record(['dark', 'stays']), self::record($reached), Bench::catalogue()));
        $this->assertStringEndsWith('.', $same->words());
    }

    /** @param  list<string>  $reached */
    private static function record(array $reached): Record
    {
        return Bench::case(array_map(fn (string $one): array => ['kind' => 'start', 'reached' => $one], $reached))->record;
    }
}
