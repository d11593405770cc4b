<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Imports;

use Orthoscope\Core\Imports\ToolReport;
use Orthoscope\Core\Imports\UnreadableReport;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shapes of `sensors -j`, `smartctl --json -a` and memory-test logs as these tools write them, from memory; the values are made up. */
final class ToolReportTest extends TestCase
{
    public function test_sensors_give_the_hottest_of_the_processor_against_the_room(): void
    {
        $file = '{"k10temp-pci-00c3":{"Adapter":"PCI '
                .'adapter","Tctl":{"temp1_input":41.250},"Tccd1":{"temp3_input":43.5}},"nct6775-isa-0290":{"Adapter":"ISA '
                    .'adapter","fan1":{"fan1_input":1180.000},"fan2":{"fan2_input":0.000},"SYSTIN":{"temp1_input":99.0}}}';
        $finding = ToolReport::read('sensors', $file, 22.0);
        $this->assertSame(['hot' => 43.5, 'room' => 22.0], $finding['values']);
        $this->assertStringContainsString('fans 1180, 0 a minute', $finding['text']);
    }

    public function test_smartctl_tells_failing_by_its_word_or_by_its_counters(): void
    {
        $ata = fn (bool $passed, int $moved): string => json_encode(
            [
                'model_name' => 'Test drive',
                'smart_status' => ['passed' => $passed],
                'ata_smart_attributes' => [
                    'table' => [
                        ['id' => 5, 'name' => 'Reallocated_Sector_Ct', 'raw' => ['value' => $moved]],
                        ['id' => 9, 'raw' => ['value' => 21000]],
                    ],
                ],
            ],
            JSON_THROW_ON_ERROR,
        );
        $this->assertSame('good', ToolReport::read('smartctl', $ata(true, 0))['result']);
        $this->assertSame('failing', ToolReport::read('smartctl', $ata(false, 0))['result']);
        $moved = ToolReport::read('smartctl', $ata(true, 12), null, 'drive-2');
        $this->assertSame(['failing', 'drive-2'], [$moved['result'], $moved['target']]);
        $this->assertStringContainsString('12 sectors moved', $moved['text']);
        $this->assertSame(
            'failing',
            ToolReport::read(
                'smartctl',
                '{"smart_status":{"passed":true},"nvme_smart_health_information_log":{"critical_warning":0,"media_errors":3}}',
            )['result'],
        );
        $this->assertSame(
            'good',
            ToolReport::read(
                'smartctl',
                '{"smart_status":{"passed":true},"nvme_smart_health_information_log":{"critical_warning":0,"media_errors":0}}',
            )['result'],
        );
    }

    public function test_memory_tests(): void
    {
        $clean = "memtester version 4.6.0 (64-bit)\nLoop 1/1:\n  Stuck Address       : ok\n  Random Value        : ok\n\nDone.\n";
        $this->assertSame('clean', ToolReport::read('memory-test', $clean)['result']);
        $bad = str_replace('Random Value        : ok', 'Random Value        : FAILURE: 0x00ff != 0x00fe at offset 0x12345678.', $clean);
        $this->assertSame('errors', ToolReport::read('memory-test', $bad)['result']);
        $this->assertSame('errors', ToolReport::read('memory-test', "Pass 1 completed\nErrors: 4\n")['result']);
        $none = ToolReport::read('memory-test', "Pass 1 completed\nErrors: 0\n");
        $this->assertSame(['clean', 'By a log'], [$none['result'], $none['text']]);
        $this->assertSame('By a log: 1 error', ToolReport::read('memory-test', "Pass 1 completed\nErrors: 1\n")['text']);
        $this->assertSame('By a log: 4 errors', ToolReport::read('memory-test', "Pass 1 completed\nErrors: 4\n")['text']);
    }

    /** @return iterable<string, array{string, string, ?float, string}> */
    public static function unreadable(): iterable
    {
        yield 'not JSON' => ['sensors', 'coretemp-isa-0000', 20.0, 'sensors -j'];
        yield 'no processor in it' => ['sensors', '{"acpitz-acpi-0":{"temp1":{"temp1_input":27.8}}}', 20.0, 'nothing to judge'];
        yield 'no room' => ['sensors', '{"coretemp-isa-0000":{"Package id 0":{"temp1_input":48.0}}}', null, 'room'];
        yield 'not of smartctl' => ['smartctl', '[]', null, 'nothing to judge'];
        yield 'of another thing' => ['smartctl', '{"smart_status":"yes"}', null, 'nothing to judge'];
        yield 'a list for a table' => ['smartctl', '{"ata_smart_attributes":{"table":[3,"x",{"id":"5"}]}}', null, 'nothing to judge'];
        yield 'no memory test' => ['memory-test', 'hello', null, 'memtester'];
        yield 'deep' => ['sensors', str_repeat('[', 100).str_repeat(']', 100), 20.0, 'sensors -j'];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_says_how_to_make_it(string $kind, string $file, ?float $room, string $word): void
    {
        try {
            ToolReport::read($kind, $file, $room);
            $this->fail('should have been refused');
        } catch (UnreadableReport $mistake) {
            $this->assertStringContainsString($word, $mistake->getMessage());
        }
    }
}
