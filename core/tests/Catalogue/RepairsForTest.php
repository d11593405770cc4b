<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Catalogue;

use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\RepairsInWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A look or a reading that finds something offers what mends just that. */
final class RepairsForTest extends TestCase
{
    #[DataProvider('findings')]
    public function test_the_repair_fits_what_was_found(string $check, string $result, string $act, string $part): void
    {
        $repairs = Bench::catalogue()->repairsFor($check, $result);
        $this->assertSame([$act, $part], [$repairs[0]['act']->id ?? '', $repairs[0]['part']->id ?? '']);
        $words = RepairsInWords::of($check, $result, Bench::catalogue());
        $this->assertStringStartsWith("{$repairs[0]['act']->name} (", $words);
        $this->assertLessThanOrEqual(2, substr_count($words, ';'));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function findings(): iterable
    {
        yield 'a supply that fails its tester' => ['supply-test', 'fail', 'replace', 'supply'];
        yield 'a worn button' => ['button-test', 'open', 'replace', 'panel'];
        yield 'bent pins' => ['look-socket', 'bent', 'straighten-pins', 'socket'];
        yield 'a card that slipped out' => ['look-inside', 'card-out', 'reseat', 'card-slot'];
        yield 'a stick that slipped out' => ['look-inside', 'stick-out', 'reseat', 'slot'];
    }

    public function test_nothing_is_mended_where_nothing_was_found(): void
    {
        $catalogue = Bench::catalogue();
        foreach ($catalogue->checks as $check) {
            $this->assertSame('', RepairsInWords::of($check->id, $check->clearResult()->id, $catalogue), $check->id);
        }
    }
}
