<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Practice\RiskRun;
use Orthoscope\Core\Practice\RisksOfDeed;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A dear spare beside a supply that nobody has tested is a risk; once it passed, ran the machine or is new, it is none. */
final class RisksOfDeedTest extends TestCase
{
    private const LENT = ['kind' => 'start', 'reached' => 'dark', 'setup' => ['lent' => ['card' => ['tag' => 'G-1', 'trust' => 0.97]]]];

    /** @return iterable<string, array{int, list<array<string, mixed>>}> */
    public static function before(): iterable
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        yield 'nothing was tested' => [1, []];
        yield 'it ran no further than dark' => [1, [$dark]];
        yield 'its tester failed' => [1, [['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail']]];
        yield 'its tester passed' => [0, [['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass']]];
        yield 'it works in a host' => [0, [['kind' => 'finding', 'check' => 'supply-in-host', 'result' => 'works']]];
        yield 'it ran the machine' => [0, [['kind' => 'start', 'reached' => 'no-drive']]];
        yield 'it is new' => [0, [['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'new']]]];
    }

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('before')]
    public function test_a_dear_spare_beside_an_untested_supply(int $risks, array $entries): void
    {
        $lent = Bench::case([...$entries, self::LENT]);
        $record = $lent->record->entries;
        $found = (new RisksOfDeed(Bench::catalogue(), ['card']))->of(end($record), Bench::assess($entries), 0.2);
        $ofLending = array_filter($found, fn (RiskRun $risk): bool => str_contains($risk->words, 'graphics card'));
        $this->assertCount($risks, $ofLending);
    }
}
