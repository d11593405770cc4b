<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an earlier job left open is carried over as factors on priors, and no factor carries a belief away. */
final class CarriedFactorTest extends TestCase
{
    /** @return iterable<string, array{float, bool}> */
    public static function factors(): iterable
    {
        yield 'the least' => [0.05, true];
        yield 'less' => [0.049, false];
        yield 'the most' => [20.0, true];
        yield 'more' => [20.1, false];
        yield 'twice as likely' => [2.0, true];
    }

    #[DataProvider('factors')]
    public function test_a_factor_lies_between_a_twentieth_and_twenty(float $factor, bool $isTaken): void
    {
        $reader = new EntryReader(Bench::catalogue(), Bench::case([])->machine);
        if (! $isTaken) {
            $this->expectException(CaseMistake::class);
            $this->expectExceptionMessage('A factor lies between 0.05 and 20.');
        }
        $report = $reader->read(1, ['kind' => 'report', 'source' => 'remembered', 'carried' => ['board-dead' => $factor]]);
        $this->assertInstanceOf(Report::class, $report);
        $this->assertSame(['board-dead' => $factor], $report->carried);
    }
}
