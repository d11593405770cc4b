<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Intake;

use Orthoscope\Core\Intake\HardwareList;
use Orthoscope\Core\Intake\UnreadableList;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Against lists of our own, written in the tree that lshw(1) documents for `-json`: id, class, children. */
final class HardwareListTest extends TestCase
{
    public function test_it_tells_what_a_desktop_is_made_of(): void
    {
        $list = HardwareList::read((string) json_encode($this->desktop()));
        $this->assertSame(
            ['Heron T2', 'H-00417', 'DDR4', 'AM4', 4, 2, 2, true, []],
            [
                $list->model,
                $list->serial,
                $list->memoryType,
                $list->socket,
                $list->slots,
                $list->sticks,
                $list->drives,
                $list->card,
                $list->problems,
            ],
        );
    }

    public function test_it_names_the_models_of_parts_and_the_firmware_and_no_blanks(): void
    {
        $desktop = $this->desktop();
        $desktop['children'][0] += ['vendor' => 'Kestrel', 'product' => 'B2'];
        $desktop['children'][0]['children'][1] += ['vendor' => 'To be filled by O.E.M.', 'product' => 'Swift 6'];
        $desktop['children'][0]['children'][0]['children'][1] += ['vendor' => 'Lark', 'product' => 'L-3200'];
        $desktop['children'][0]['children'][2]['children'][1]['children'][0] += ['product' => 'Default string'];
        $desktop['children'][0]['children'][] = ['id' => 'firmware', 'class' => 'memory', 'version' => '1.40'];
        $list = HardwareList::read((string) json_encode($desktop));
        $this->assertSame(
            ['board' => 'Kestrel B2', 'processor' => 'Swift 6', 'stick' => 'Lark L-3200', 'card' => 'Kite 5'],
            $list->models,
        );
        $this->assertSame('1.40', $list->firmware);
    }

    public function test_a_list_of_one_and_graphics_of_the_processor(): void
    {
        $desktop = $this->desktop();
        unset($desktop['children'][0]['children'][2]['children'][0]);
        $desktop['children'][0]['children'][2]['children'] = [['id' => 'display', 'class' => 'display', 'product' => 'on the processor']];
        $list = HardwareList::read((string) json_encode([$desktop]));
        $this->assertFalse($list->card);
        $this->assertSame(4, $list->slots);
    }

    public function test_what_is_missing_is_told_and_left_open(): void
    {
        $list = HardwareList::read('{"id":"core","class":"system","children":[]}');
        $this->assertSame([null, null, null, null, null], [$list->model, $list->slots, $list->sticks, $list->drives, $list->memoryType]);
        $this->assertCount(2, $list->problems);
        $this->assertStringContainsString('count the sticks', $list->problems[0]);
    }

    public function test_odd_values_are_let_alone(): void
    {
        $odd = [
            'id' => 'x',
            'class' => 'system',
            'vendor' => ['list'],
            'product' => str_repeat('p', 5000),
            'children' => ['no node', 7, null, ['id' => 'bank:0', 'class' => 'memory', 'size' => 'many'], ['id' => 5, 'class' => 'disk']],
        ];
        $list = HardwareList::read((string) json_encode($odd));
        $this->assertSame([1, 0, null], [$list->slots, $list->sticks, $list->drives]);
        $this->assertSame(120, strlen((string) $list->model));
    }

    /** @return iterable<string, array{string, string}> */
    public static function notLists(): iterable
    {
        yield 'nothing' => ['', 'is no JSON'];
        yield 'cut off' => ['{"id":"core","class":"sys', 'is no JSON'];
        yield 'another JSON' => ['{"name":"x"}', 'no hardware list'];
        yield 'a number' => ['12', 'no hardware list'];
        yield 'an empty list' => ['[]', 'no hardware list'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n", 'is no JSON'];
        yield 'far too long' => [str_repeat(' ', HardwareList::MOST_BYTES + 1), 'too long'];
        yield 'nested without end' => [str_repeat('[', 600).str_repeat(']', 600), 'is no JSON'];
    }

    #[DataProvider('notLists')]
    public function test_what_is_no_list_is_said_in_one_sentence(string $json, string $sentence): void
    {
        $this->expectException(UnreadableList::class);
        $this->expectExceptionMessage($sentence);
        HardwareList::read($json);
    }

    /** @return array<string, mixed> */
    private function desktop(): array
    {
        $bank = fn (int $i, bool $full): array => [
            'id' => "bank:{$i}",
            'class' => 'memory',
            'description' => $full ? 'DIMM DDR4 Synchronous 3200 MHz' : '[empty]',
            'slot' => "DIMM {$i}",
        ] + ($full ? ['size' => 8589934592] : []);

        return [
            'id' => 'bench-3',
            'class' => 'system',
            'vendor' => 'Heron',
            'product' => 'T2',
            'serial' => 'H-00417',
            'children' => [
                [
                    'id' => 'core',
                    'class' => 'bus',
                    'children' => [
                        [
                            'id' => 'memory',
                            'class' => 'memory',
                            'children' => [$bank(0, false), $bank(1, true), $bank(2, false), $bank(3, true)],
                        ],
                        ['id' => 'cpu', 'class' => 'processor', 'slot' => 'CPU Socket AM4'],
                        [
                            'id' => 'pci:0',
                            'class' => 'bridge',
                            'children' => [
                                [
                                    'id' => 'pci:1',
                                    'class' => 'bridge',
                                    'children' => [['id' => 'display', 'class' => 'display', 'product' => 'Kite 5']],
                                ],
                                [
                                    'id' => 'sata',
                                    'class' => 'storage',
                                    'children' => [
                                        ['id' => 'disk:0', 'class' => 'disk', 'children' => [['id' => 'volume:0', 'class' => 'volume']]],
                                        ['id' => 'cdrom', 'class' => 'disk'],
                                    ],
                                ],
                                ['id' => 'nvme', 'class' => 'storage', 'children' => [['id' => 'namespace:0', 'class' => 'disk']]],
                            ],
                        ],
                    ],
                ],
            ],
        ];
    }
}
