<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\CaseFile;

use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CaseFileTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function mistakes(): iterable
    {
        $one = fn (array $entry): string => Bench::json([$entry]);
        yield 'not JSON' => ['{"format":', '', 'not JSON'];
        yield 'another format' => ['{"format":"other/1","machine":{},"entries":[]}', '/format', 'const'];
        yield 'no entries' => ['{"format":"orthoscope-case/1","machine":{}}', '', 'entries'];
        yield 'outcome misspelt' => [$one(['kind' => 'start', 'reached' => 'drak']), '/entries/0/reached', 'Did you mean "dark"?'];
        yield 'sign misspelt' => [
            $one(['kind' => 'start', 'reached' => 'dark', 'signs' => ['lmap' => 'memory']]),
            '/entries/0/signs/lmap',
            'Did you mean "lamp"?',
        ];
        yield 'sign value' => [
            $one(['kind' => 'start', 'reached' => 'dark', 'signs' => ['lamp' => 'memroy']]),
            '/entries/0/signs/lamp',
            'Did you mean "memory"?',
        ];
        yield 'part that is not there' => [
            $one(['kind' => 'start', 'reached' => 'dark', 'setup' => ['out' => ['stick-7']]]),
            '/entries/0/setup/out/0',
            'not a known part of this machine',
        ];
        yield 'two sticks in one slot' => [
            $one(['kind' => 'start', 'reached' => 'dark', 'setup' => ['moved' => ['stick-1' => 'slot-B2']]]),
            '/entries/0/setup/moved',
            'cannot both sit',
        ];
        yield 'trust above one' => [
            $one(['kind' => 'start', 'reached' => 'dark', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 2]]]]),
            '/entries/0/setup/lent/supply',
            'from 0 to 1',
        ];
        yield 'unknown act' => [$one(['kind' => 'act', 'act' => 'resaet', 'on' => ['slot']]), '/entries/0/act', 'Did you mean "reseat"?'];
        yield 'act on nothing' => [$one(['kind' => 'act', 'act' => 'reseat', 'on' => []]), '/entries/0/on', 'which part'];
        yield 'result of another look' => [
            $one(['kind' => 'finding', 'check' => 'look-socket', 'result' => 'bnet']),
            '/entries/0/result',
            'Did you mean "bent"?',
        ];
        yield 'look with values' => [
            $one(['kind' => 'finding', 'check' => 'look-socket', 'result' => 'bent', 'values' => ['v12' => 12]]),
            '/entries/0/values',
            'takes no values',
        ];
        yield 'values against the result' => [
            $one(['kind' => 'finding', 'check' => 'cell-reading', 'result' => 'pass', 'values' => ['volts' => 2.1]]),
            '/entries/0/result',
            'make this a fail',
        ];
        yield 'reading with neither' => [$one(['kind' => 'finding', 'check' => 'cell-reading']), '/entries/0/result', 'Type the values'];
        yield 'which stick' => [
            $one(['kind' => 'finding', 'check' => 'stick-in-host', 'result' => 'works']),
            '/entries/0/target',
            'stick-1, stick-2',
        ];
        yield 'strike-out of the future' => [
            $one(['kind' => 'strike-out', 'entry' => 5, 'text' => 'slip']),
            '/entries/0/entry',
            'earlier entry',
        ];
        yield 'override without reason' => [$one(['kind' => 'override', 'lock' => 'liquid', 'text' => '']), '/entries/0/text', 'Say why'];
        yield 'no picture source' => [Bench::json([], ['card' => false]), '/machine', 'own graphics'];
        yield 'stick in no slot' => [
            Bench::json([], ['memory' => ['slots' => ['A1'], 'sticks' => ['B1']]]),
            '/machine',
            'not a known memory slot',
        ];
        yield 'kind misspelt' => [$one(['kind' => 'strat', 'reached' => 'dark']), '/entries/0/kind', 'enum'];
    }

    #[DataProvider('mistakes')]
    public function test_each_mistake_is_one_sentence_at_its_place(string $json, string $path, string $part): void
    {
        $mistakes = CaseFile::mistakes($json, Bench::catalogue());
        $this->assertNotSame([], $mistakes);
        $this->assertSame($path, $mistakes[0]->path, $mistakes[0]->getMessage());
        $this->assertStringContainsString($part, $mistakes[0]->sentence);
    }

    public function test_all_mistakes_are_listed(): void
    {
        $json = Bench::json([
            ['kind' => 'start', 'reached' => 'drak'],
            ['kind' => 'start', 'reached' => 'dark'],
            ['kind' => 'act', 'act' => 'x', 'on' => ['slot']],
        ]);
        $this->assertCount(2, CaseFile::mistakes($json, Bench::catalogue()));
        $this->expectException(CaseMistake::class);
        CaseFile::parse($json, Bench::catalogue());
    }

    public function test_values_are_judged_when_no_result_is_given(): void
    {
        $case = CaseFile::parse(
            Bench::json([
                ['kind' => 'finding', 'check' => 'supply-test', 'values' => ['v12' => 11.32, 'v5' => 5.0, 'v33' => 3.3, 'v5sb' => 5.0]],
            ]),
            Bench::catalogue(),
        );
        $finding = $case->record->entries[0];
        $this->assertInstanceOf(Finding::class, $finding);
        $this->assertSame('fail', $finding->result);
        $this->assertSame('supply', $finding->target);
    }

    public function test_a_kind_of_part_means_all_of_it(): void
    {
        $case = CaseFile::parse(Bench::json([['kind' => 'act', 'act' => 'reseat', 'on' => ['slot']]]), Bench::catalogue());
        $this->assertSame(['slot-A2', 'slot-B2'], $case->record->entries[0]->on ?? null);
    }

    public function test_the_worked_examples_are_without_mistake(): void
    {
        $files = glob(dirname(__DIR__, 3).'/docs/formats/examples/*.json') ?: [];
        $this->assertGreaterThanOrEqual(3, count($files));
        foreach ($files as $file) {
            $this->assertSame([], CaseFile::mistakes((string) file_get_contents($file), Bench::catalogue()), $file);
        }
    }
}
