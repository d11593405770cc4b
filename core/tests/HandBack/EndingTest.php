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
        $case = Bench::case($entries);
        $this->assertSame($outcome, Ending::of($case->record, $case->machine, Bench::catalogue()));
        $this->assertArrayHasKey($outcome, Closing::OUTCOMES);
    }

    /** @return iterable<string, array{string, list<array<string, mixed>>}> */
    public static function recordsOfAPartAlone(): iterable
    {
        $works = ['kind' => 'finding', 'check' => 'card-in-host', 'result' => 'works'];
        $fails = ['result' => 'fails'] + $works;
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $act = ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['card']];
        yield 'it worked wherever it was tried' => ['no-fault-found', [$works, $works]];
        yield 'it failed, was worked on, and works there now' => ['repaired', [$dark, $act, $works]];
        yield 'it failed, was worked on, and fails there still' => ['unrepaired', [$dark, $act, $fails]];
        yield 'it was worked on, and not tried since' => ['unrepaired', [$fails, $act]];
        yield 'it failed there' => ['unrepaired', [$works, $fails]];
        yield 'it failed once and works now, nobody knows why' => ['unrepaired', [$fails, $works]];
    }

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('recordsOfAPartAlone')]
    public function test_how_it_ends_with_a_part_that_came_alone(string $outcome, array $entries): void
    {
        $case = Bench::case($entries, ['model' => 'Wren 6', 'alone' => 'card']);
        $this->assertSame($outcome, Ending::of($case->record, $case->machine, Bench::catalogue()));
        $whole = Bench::case($entries);
        $this->assertNotSame(
            'no-fault-found',
            Ending::of($whole->record, $whole->machine, Bench::catalogue()),
            'That a part of it works elsewhere says nothing of the whole.',
        );
    }
}
