<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Imports;

use Orthoscope\Core\Imports\Sheet;
use Orthoscope\Core\Imports\SheetKind;
use Orthoscope\Core\Imports\SheetReader;
use Orthoscope\Core\Imports\UnreadableSheet;
use Orthoscope\Core\Plain\Currency;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SheetTest extends TestCase
{
    /** @return iterable<string, array{SheetKind, string, array<string, int>}> */
    public static function headings(): iterable
    {
        yield 'by name' => [SheetKind::Owners, 'Name,Telephone,Mail', ['name' => 0, 'phone' => 1, 'email' => 2]];
        yield 'as others call it' => [SheetKind::Owners, 'Customer;E-Mail;Mobile', ['name' => 0, 'email' => 1, 'phone' => 2]];
        yield 'the name beside the first name' => [SheetKind::Owners, 'First name,Name', ['name' => 1, 'first_name' => 0]];
        yield 'among words' => [SheetKind::Jobs, 'Ticket #,Date in,Client,Device,Problem description,Total', [
            'came' => 1, 'name' => 2, 'price' => 5, 'number' => 0, 'model' => 3, 'told' => 4,
        ]];
        yield 'what is none' => [SheetKind::Owners, 'a,b,name', ['name' => 2]];
        yield 'a price list' => [SheetKind::Prices, 'SKU,Category,Description,Net price', [
            'number' => 0, 'kind' => 1, 'name' => 2, 'price' => 3,
        ]];
    }

    /** @param  array<string, int>  $mapping */
    #[DataProvider('headings')]
    public function test_guesses_what_headings_stand_for(SheetKind $kind, string $line, array $mapping): void
    {
        $guess = Sheet::read($kind, "{$line}\nx\n")->guess();
        ksort($guess);
        ksort($mapping);
        $this->assertSame($mapping, $guess);
    }

    public function test_says_what_a_mapping_lacks_or_has_twice(): void
    {
        $sheet = Sheet::read(SheetKind::Owners, "a,b\nx,y\n");
        $this->assertSame('Say which column is "Name"; without it nothing can be brought in.', $sheet->against(['phone' => 1]));
        $this->assertSame('The column "b" stands for two fields; let it stand for one.', $sheet->against(['name' => 1, 'phone' => 1]));
        $this->assertNull($sheet->against(['name' => 0, 'phone' => 1]));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', 'names no columns'];
        yield 'blank lines' => ["\n\n", 'names no columns'];
        yield 'headings alone' => ["name,phone\n", 'no row under the headings'];
        yield 'too many rows' => ["name\n".str_repeat("a\n", Sheet::MOST_ROWS + 1), 'more than 20000 rows'];
    }

    #[DataProvider('unreadable')]
    public function test_a_file_that_is_none_is_refused_with_what_to_do(string $csv, string $sentence): void
    {
        $this->expectException(UnreadableSheet::class);
        $this->expectExceptionMessage($sentence);
        Sheet::read(SheetKind::Owners, $csv);
    }

    public function test_reads_rows_and_says_of_each_bad_one_what_is_wrong(): void
    {
        $csv = "name,phone,email\nAda,0555 100 200,ada@example.org\n,0555 1,x@example.org\nBo,abc,\nCy,,nobody\n\nDi,,\n";
        $sheet = Sheet::read(SheetKind::Owners, $csv);
        $read = (new SheetReader(Currency::of('€'), false))->read($sheet, $sheet->guess());
        $this->assertSame([2, 7], array_keys($read['rows']));
        $this->assertSame(['name' => 'Ada', 'first_name' => '', 'phone' => '0555 100 200', 'email' => 'ada@example.org'], $read['rows'][2]);
        $this->assertSame(
            [3 => 'Name is empty.', 4 => '"abc" is no telephone number.', 5 => '"nobody" is no mail address.'],
            $read['mistakes'],
        );
    }

    /** @return iterable<string, array{bool, string, string|null}> */
    public static function days(): iterable
    {
        yield 'as the standard has it' => [false, '2026-12-25', '2026-12-25'];
        yield 'with a time' => [false, '2026-12-25T10:30:00Z', '2026-12-25'];
        yield 'day first' => [false, '3/4/2026', '2026-04-03'];
        yield 'month first' => [true, '3/4/2026', '2026-03-04'];
        yield 'with points' => [true, '25.12.2026', '2026-12-25'];
        yield 'no such day' => [false, '31/02/2026', null];
        yield 'the month where the day is' => [false, '12/25/2026', null];
        yield 'a word' => [false, 'yesterday', null];
        yield 'long ago' => [false, '0026-12-25', null];
    }

    #[DataProvider('days')]
    public function test_days_are_read_as_the_country_writes_them(bool $monthFirst, string $typed, ?string $day): void
    {
        $sheet = Sheet::read(SheetKind::Jobs, "came,name,model\n{$typed},Ada,Heron\n");
        $read = (new SheetReader(Currency::of('€'), $monthFirst))->read($sheet, $sheet->guess());
        $this->assertSame($day, $read['rows'][2]['came'] ?? null);
        $this->assertCount($day === null ? 1 : 0, $read['mistakes']);
    }

    /** @return iterable<string, array{string, ?int}> */
    public static function money(): iterable
    {
        yield 'plain' => ['99.50', 9950];
        yield 'with its sign' => ['€ 99,50', 9950];
        yield 'thousands by comma' => ['1,190.00', 119000];
        yield 'thousands by point' => ['1.190,00', 119000];
        yield 'thousands alone' => ['1,190', 119000];
        yield 'below nothing' => ['-5.00', null];
        yield 'words' => ['a lot', null];
    }

    #[DataProvider('money')]
    public function test_money_is_read_as_other_programs_write_it(string $typed, ?int $minor): void
    {
        $sheet = Sheet::read(SheetKind::Prices, "kind;name;price\nsupply;S;{$typed}\n");
        $read = (new SheetReader(Currency::of('€'), false))->read($sheet, $sheet->guess());
        $this->assertSame($minor, $read['rows'][2]['price'] ?? null);
    }

    public function test_three_decimals_are_no_thousands(): void
    {
        $sheet = Sheet::read(SheetKind::Prices, "kind;name;price\nsupply;S;1.190\nsupply;S;1,190.500\n");
        $read = (new SheetReader(Currency::of('KWD', 3), false))->read($sheet, $sheet->guess());
        $this->assertSame([1190, 1190500], array_column($read['rows'], 'price'));
    }
}
