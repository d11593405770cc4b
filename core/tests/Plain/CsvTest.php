<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Plain;

use Orthoscope\Core\Plain\Csv;
use PHPUnit\Framework\TestCase;

/** RFC 4180: fields with commas, quotes and breaks stand in quotes, quotes are doubled, rows end with CRLF. */
final class CsvTest extends TestCase
{
    public function test_what_goes_out_comes_in_again(): void
    {
        $rows = [['a', 'b'], ['one, two', 'he said "three"'], ["four\r\nfive", '']];
        $this->assertSame("a,b\r\n\"one, two\",\"he said \"\"three\"\"\"\r\n\"four\r\nfive\",\r\n", Csv::write($rows));
        $this->assertSame($rows, array_values(Csv::rows(Csv::write($rows), 10)));
    }

    public function test_what_spreadsheets_write_is_read(): void
    {
        $this->assertSame([1 => ['a', 'b'], 2 => ['1,5', 'x']], Csv::rows("\u{FEFF}a;b\n1,5;x\n", 10));
        $this->assertSame([1 => ['a'], 3 => ['b']], Csv::rows("a\n\nb\n", 10), 'lines are counted with the empty ones');
        $this->assertSame([1 => ['Müller']], Csv::rows("M\xFCller\n", 10));
        $this->assertCount(2, Csv::rows("a\nb\nc\n", 2));
    }

    public function test_a_field_a_spreadsheet_would_run_is_plain_text(): void
    {
        $this->assertSame("'=1+1,'@x,-5,'-x\r\n", Csv::write([['=1+1', '@x', '-5', '-x']]));
    }
}
