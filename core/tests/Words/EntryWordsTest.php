<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Words;

use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\EntryWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EntryWordsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function entries(): iterable
    {
        yield 'told' => [
            ['kind' => 'report', 'reached' => 'dark', 'signs' => ['beeps' => 'memory'], 'events' => ['moved'], 'marks' => ['parcel']],
            'told',
            'runs, no picture, memory beeps, moved or posted, parcel damage',
        ];
        yield 'a start as it came' => [
            ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
            'as it came',
            'starts and stays up (3 times)',
        ];
        yield 'a start put together otherwise' => [
            [
                'kind' => 'start',
                'reached' => 'dark',
                'waited' => 90,
                'setup' => [
                    'out' => ['stick-2'],
                    'lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.9]],
                    'moved' => ['stick-1' => 'slot-B2'],
                    'place' => 'bench',
                    'start_by' => 'pins',
                ],
            ],
            'S-1 for Supply, Stick 1 in Slot B2, Stick 2 out, by the pins, out of the case',
            'runs, no picture, waited 90 s',
        ];
        yield 'a reading' => [
            ['kind' => 'finding', 'check' => 'cell-reading', 'values' => ['volts' => 2.1]],
            'voltage of the cell',
            'cell low (volts of the cell 2.1 V)',
        ];
        yield 'a reading of many places' => [
            ['kind' => 'finding', 'check' => 'cell-reading', 'values' => ['volts' => 2.1264]],
            'voltage of the cell',
            'cell low (volts of the cell 2.13 V)',
        ];
        yield 'a look at one part' => [
            ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-2', 'result' => 'works'],
            'Stick 2: stick in a known-good machine',
            'works there',
        ];
        yield 'an act on several' => [
            ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot']],
            'cleaned the contacts of slot A2 and slot B2',
            '',
        ];
        yield 'a replacement' => [
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'S-7']],
            'replaced the supply with S-7',
            '',
        ];
        yield 'a lock set aside' => [['kind' => 'override', 'lock' => 'socket', 'text' => 'seen'], 'lock set aside: Socket', ''];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('entries')]
    public function test_an_entry_in_the_words_of_the_bench(array $entry, string $act, string $outcome): void
    {
        $case = CaseFile::parse(Bench::json([$entry]), Bench::catalogue());
        $words = new EntryWords($case->machine, Bench::catalogue());
        $this->assertSame($act, $words->what($case->record->entries[0]));
        $this->assertSame($outcome, $words->outcome($case->record->entries[0]));
    }
}
