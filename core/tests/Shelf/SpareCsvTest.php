<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Shelf;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use Orthoscope\Core\Shelf\SpareCsv;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpareCsvTest extends TestCase
{
    private const HEAD = "tag,kind,name,value,origin,place,memory,watts\r\n";

    public function test_reads_what_it_wrote(): void
    {
        $spares = [
            $this->spare(['tag' => 'M-1', 'kind' => 'stick', 'name' => 'Stick, "blue"', 'value' => '35.50', 'memory' => 'DDR4']),
            $this->spare([
                'tag' => 'P-9', 'kind' => 'supply', 'name' => "Supply\nof 550 W", 'origin' => 'new',
                'model' => 'Marl 550', 'watts' => '550',
            ]),
        ];
        $read = SpareCsv::read(SpareCsv::write($spares, Catalogue::shipped()->economy->currency), Catalogue::shipped());
        $this->assertSame([], $read->mistakes);
        $this->assertEquals($spares, $read->spares);
        $this->assertSame([3550, 'retired', ['memory' => 'DDR4'], []], [
            $read->spares[0]->value, $read->spares[0]->origin, $read->spares[0]->fits, $read->spares[0]->facts,
        ]);
        $this->assertSame([0, [], ['watts' => '550']], [$read->spares[1]->value, $read->spares[1]->fits, $read->spares[1]->facts]);
    }

    /** @param  array<int, string>  $mistakes */
    #[DataProvider('rows')]
    public function test_a_bad_row_is_told_by_line_and_the_others_are_taken(string $rows, array $mistakes): void
    {
        $csv = self::HEAD."M-1,stick,Stick,35,,drawer 2,DDR4,\r\n{$rows}\r\nM-2,stick,Stick,,,,DDR4,\r\n";
        $read = SpareCsv::read($csv, Catalogue::shipped());
        $this->assertSame(['M-1', 'M-2'], array_column($read->spares, 'tag'));
        $this->assertSame(array_keys($mistakes), array_keys($read->mistakes));
        foreach ($mistakes as $line => $says) {
            $this->assertStringContainsString($says, $read->mistakes[$line]);
        }
    }

    /** @return iterable<string, array{string, array<int, string>}> */
    public static function rows(): iterable
    {
        yield 'a tag with a blank' => ['M 3,stick,Stick,,,,,', [3 => '"M 3" is no tag']];
        yield 'a tag of 21 letters' => [str_repeat('A', 21).',stick,Stick,,,,,', [3 => 'up to 20']];
        yield 'a kind nobody lends' => ['M-3,case,Case,,,,,', [3 => '"case" is no kind of spare']];
        yield 'no name' => ['M-3,stick,,,,,,', [3 => 'it needs a name']];
        yield 'a price in words' => ['M-3,stick,Stick,cheap,,,,', [3 => '"cheap" is no amount of money']];
        yield 'three decimals' => ['M-3,stick,Stick,3.555,,,,', [3 => 'is no amount of money']];
        yield 'an origin nobody knows' => ['M-3,stick,Stick,,moon,,,', [3 => '"moon" is no origin']];
        yield 'a tag twice' => ['M-1,stick,Stick,,,,,', [3 => 'M-1 stands on line 2 already']];
        yield 'a field too many' => ['M-3,stick,Stick,,,,,,1', [3 => 'it has 9 fields and the first line has 8']];
        yield 'two bad ones' => ["M-3,stick,,,,,,\r\nM-4,moon,Stick,,,,,", [3 => 'a name', 4 => 'no kind of spare']];
    }

    public function test_without_its_columns_nothing_is_taken(): void
    {
        $read = SpareCsv::read("tag,name\r\nM-1,Stick\r\n", Catalogue::shipped());
        $this->assertSame([], $read->spares);
        $this->assertSame([1 => 'the first line must name at least the columns tag, kind and name.'], $read->mistakes);
    }

    public function test_a_price_with_a_comma_is_one_too(): void
    {
        $this->assertSame(3550, $this->spare(['tag' => 'M-1', 'kind' => 'stick', 'name' => 'Stick', 'value' => '35,5'])->value);
    }

    /** @param  array<string, string>  $given */
    private function spare(array $given): NewSpare
    {
        return NewSpare::written($given, Catalogue::shipped());
    }
}
