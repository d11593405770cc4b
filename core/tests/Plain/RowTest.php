<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Closure;
use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Plain\UnreadableRow;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rows from outside are read into types, or say in one sentence which field of which row is wrong. */
final class RowTest extends TestCase
{
    private const GIVEN = [
        'id' => 55,
        'name' => 'lead',
        'minutes' => 3,
        'share' => 0.5,
        'many' => true,
        'on' => ['slot', 'stick'],
        'one' => 'slot',
        'cures' => ['reseat' => 0.9, 'replace' => 1],
        'words' => ['none' => 'nothing'],
        'days' => [2, 5],
        'nothing' => null,
        'ways' => [['id' => 'a', 'share' => 1], ['share' => 'much']],
        'by' => ['x' => ['share' => 1]],
    ];

    public function test_fields_come_as_types(): void
    {
        $row = Row::of(self::GIVEN, 'parts.yaml');
        $this->assertSame(
            ['55', 'lead', 3, 0.5, 3.0],
            [$row->text('id'), $row->text('name'), $row->whole('minutes'), $row->number('share'), $row->number('minutes')],
        );
        $this->assertSame([true, false, true], [$row->flag('many'), $row->flag('rare'), $row->flag('rare', true)]);
        $this->assertSame([['slot', 'stick'], ['slot'], []], [$row->texts('on'), $row->texts('one'), $row->texts('needs', [])]);
        $this->assertSame(['reseat' => 0.9, 'replace' => 1.0], $row->numberByName('cures'));
        $this->assertSame(['none' => 'nothing'], $row->textByName('words'));
        $this->assertSame([2, 5], $row->range('days'));
        $this->assertSame([1.0], array_map(fn (Row $one): float => $one->number('share'), array_values($row->rowByName('by'))));
        $this->assertSame(['share' => 1.0], $row->row('by')->row('x')->numbers());
    }

    public function test_null_counts_as_left_out(): void
    {
        $row = Row::of(self::GIVEN, 'parts.yaml');
        $this->assertFalse($row->has('nothing'));
        $this->assertSame(
            ['x', null, null, null],
            [$row->text('nothing', 'x'), $row->textOrNull('nothing'), $row->wholeOrNull('nothing'), $row->rowOrNull('no')],
        );
    }

    /** @param  Closure(Row): mixed  $read */
    #[DataProvider('mistakes')]
    public function test_a_mistake_says_where_and_what(Closure $read, string $sentence): void
    {
        $this->expectException(UnreadableRow::class);
        $this->expectExceptionMessage($sentence);
        $read(Row::of(self::GIVEN, 'parts.yaml'));
    }

    /** @return iterable<string, array{Closure(Row): mixed, string}> */
    public static function mistakes(): iterable
    {
        yield 'missing' => [fn (Row $row) => $row->text('plain'), 'parts.yaml: "plain" must be words, and is missing.'];
        yield 'other kind' => [fn (Row $row) => $row->whole('share'), 'parts.yaml: "share" must be a whole number, not 0.5.'];
        yield 'no number' => [fn (Row $row) => $row->number('name'), 'parts.yaml: "name" must be a number, not "lead".'];
        yield 'no flag' => [fn (Row $row) => $row->flag('minutes'), 'parts.yaml: "minutes" must be true or false, not 3.'];
        yield 'in a row of its own' => [
            fn (Row $row) => $row->rows('ways')[1]->number('share'),
            'parts.yaml, ways 2: "share" must be a number, not "much".',
        ];
        yield 'no range' => [fn (Row $row) => $row->range('on'), 'parts.yaml: "on" must be two whole numbers, from and to, not a list.'];
        yield 'no list' => [fn (Row $row) => $row->texts('minutes'), 'parts.yaml: "minutes" must be a list of words, not 3.'];
        yield 'no words by name' => [fn (Row $row) => $row->textByName('ways'), 'parts.yaml: "ways" must be words by name, not a list.'];
        yield 'no numbers by name' => [
            fn (Row $row) => $row->numberByName('words'),
            'parts.yaml: "words" must be numbers by name, not a list.',
        ];
        yield 'no rows' => [fn (Row $row) => $row->rows('on'), 'parts.yaml, on 1: a row of fields is needed, not "slot".'];
    }
}
