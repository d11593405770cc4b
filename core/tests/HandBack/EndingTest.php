<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\HandBack\Ending;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a job ends, as far as its record says. */
final class EndingTest extends TestCase
{
    /** @return iterable<string, array{string, list<array<string, mixed>>}> */
    public static function records(): iterable
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $well = ['kind' => 'start', 'reached' => 'stays'];
        $out = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-2']]];
        yield 'something was done' => ['repaired', [$dark, ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2']], $well]];
        $act = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']];
        yield 'something was done, and it fails as before' => ['unrepaired', [$dark, $act, $dark]];
        yield 'something was done, and nobody started it since' => ['unrepaired', [$dark, $act]];
        yield 'something was done, and it runs with a part lent' => ['unrepaired', [$dark, $act, $out]];
        yield 'it never failed here' => ['no-fault-found', [$well, $well]];
        yield 'it failed, was moved about, and fails no more' => ['repaired', [$dark, $out, $well]];
        yield 'it runs only with a part out' => ['unrepaired', [$dark, $out]];
        yield 'it still fails' => ['unrepaired', [$well, $dark]];
        yield 'it was never started' => ['unrepaired', []];
        yield 'what was only begun' => [
            'unrepaired',
            [$dark, ['kind' => 'act', 'act' => 'write-firmware', 'on' => ['firmware'], 'begun' => true]],
        ];
    }

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('records')]
    public function test_how_it_ends(string $outcome, array $entries): void
    {
        $this->assertSame($outcome, Ending::of(Bench::case($entries)->record, Bench::catalogue()));
        $this->assertArrayHasKey($outcome, Closing::OUTCOMES);
    }
}
