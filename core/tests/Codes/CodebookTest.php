<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Codes;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Codes\Beeps;
use Orthoscope\Core\Codes\Codebook;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Codes\UnreadableCode;
use Orthoscope\Core\Imports\CodebookCsv;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CodebookTest extends TestCase
{
    private const CSV = "kind,for,from,to,value,words,source,reliability\r\ndisplay,Wader 30,5F,,graphics,\"its own meaning, with "
        ."\"\"quotes\"\"\",manual of the board,0.95\r\nbeeps,,3 short,,memory,,,\r\nlamp,Wader 30,Amber DRAM,,memory,memory,,0.9\r\n";

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function beeps(): iterable
    {
        foreach (
            [
                'lss' => 'lss',
                'l s s' => 'lss',
                '-..' => 'lss',
                '1 long 2 short' => 'lss',
                '1 long, 2 short' => 'lss',
                'one' => '',
                'long without end' => 'l*',
                's*' => 's*',
                'short short' => 'ss',
                '1l2s' => 'lss',
                '4 short then 1 long' => 'ssssl',
                '' => '',
                'llllllllllllllllllllll' => '',
                '99 short' => '',
            ] as $typed => $read
        ) {
            yield (string) $typed => [(string) $typed, $read];
        }
    }

    #[DataProvider('beeps')]
    public function test_beeps_as_people_type_them(string $typed, string $read): void
    {
        if ($read === '') {
            $this->expectException(UnreadableCode::class);
        }
        $this->assertSame($read, Beeps::read($typed));
    }

    public function test_of_two_meanings_the_one_of_fewer_codes_says_more(): void
    {
        $head = "kind,for,from,to,value,words,source,reliability\r\n";
        $wide = "display,,10,2F,memory,,,\r\n";
        $narrow = "display,,1E,20,graphics,,,\r\n";
        foreach ([$wide.$narrow, $narrow.$wide] as $rows) {
            $book = CodebookCsv::read($head.$rows, Bench::catalogue());
            $this->assertSame(3, $book->meaning(CodeKind::Display, '1F')?->width());
            $this->assertSame(32, $book->meaning(CodeKind::Display, '11')?->width());
        }
    }

    public function test_beeps_in_words(): void
    {
        $this->assertSame('1 long, 2 short', Beeps::words('lss'));
        $this->assertSame('1 long, without end', Beeps::words('l*'));
    }

    public function test_two_figures_of_a_display(): void
    {
        foreach (['5f' => '5F', ' 0x5F ' => '5F', 'a2h' => 'A2', '00' => '00'] as $typed => $read) {
            $this->assertSame($read, CodeKind::Display->read((string) $typed));
        }
        foreach (['5', 'G1', '123', ''] as $typed) {
            try {
                CodeKind::Display->read($typed);
                $this->fail("\"{$typed}\" was read");
            } catch (UnreadableCode $mistake) {
                $this->assertStringContainsString('such as 5F', $mistake->getMessage());
            }
        }
    }

    /**
     * The order of the phases is published (UEFI Platform Initialization Specification: SEC, PEI, DXE, BDS); the numbers are those common
     * in manuals, from memory.
     *
     * @return iterable<string, array{string, string}>
     */
    public static function ranges(): iterable
    {
        foreach (
            [
                '00' => 'blank',
                '01' => 'stuck',
                '19' => 'stuck',
                '2A' => 'stuck',
                '2B' => 'memory',
                '4F' => 'memory',
                '55' => 'memory',
                '60' => 'graphics',
                '91' => 'graphics',
                '92' => 'graphics',
                '99' => 'graphics',
                'A2' => 'boot',
                'AF' => 'boot',
                'D6' => 'graphics',
                'FF' => 'stuck',
            ] as $code => $value
        ) {
            yield (string) $code => [(string) $code, $value];
        }
    }

    #[DataProvider('ranges')]
    public function test_ranges_that_ship(string $code, string $value): void
    {
        $this->assertSame($value, Bench::catalogue()->codes->meaning(CodeKind::Display, $code)?->value);
    }

    public function test_every_meaning_that_ships_has_a_source_and_no_two_ranges_overlap(): void
    {
        $taken = [];
        foreach (Bench::catalogue()->codes->meanings as $meaning) {
            $this->assertNotSame('', $meaning->source);
            for ($i = 0; $meaning->kind === CodeKind::Display && $i < 256; $i++) {
                $code = sprintf('%02X', $i);
                if ($meaning->covers($code)) {
                    $this->assertArrayNotHasKey("c{$code}", $taken);
                    $taken["c{$code}"] = true;
                }
            }
        }
        $this->assertNull(Bench::catalogue()->codes->meaning(CodeKind::Display, 'E0'), 'what nobody knows is not made up');
    }

    public function test_the_model_comes_before_the_general_and_the_narrow_before_the_wide(): void
    {
        $book = Bench::catalogue()->codes->and(CodebookCsv::read(self::CSV, Bench::catalogue()));
        $this->assertSame('graphics', $book->meaning(CodeKind::Display, '5F', ['wader 30'])?->value);
        $this->assertNull($book->meaning(CodeKind::Display, '5F', ['Otter 2']));
        $this->assertSame('memory', $book->meaning(CodeKind::Beeps, 'sss')?->value);
        $this->assertSame(['amber dram'], array_column($book->lamps(['WADER 30']), 'from'));
        $wide = CodebookCsv::read("kind,from,to,value\ndisplay,00,FF,boot\ndisplay,40,4F,graphics\n", Bench::catalogue());
        $this->assertSame('graphics', $wide->meaning(CodeKind::Display, '44')?->value);
        $this->assertSame('boot', $wide->meaning(CodeKind::Display, '50')?->value);
    }

    /** RFC 4180: CRLF, quotes doubled, commas and quotes inside quotes. */
    public function test_a_codebook_goes_out_and_comes_back_the_same(): void
    {
        $book = CodebookCsv::read(self::CSV, Bench::catalogue());
        $csv = CodebookCsv::write($book);
        $this->assertEquals($book, CodebookCsv::read($csv, Bench::catalogue()));
        $this->assertStringContainsString('"its own meaning, with ""quotes"""', $csv);
        $this->assertSame(3, substr_count($csv, "\r\n") - 1);
    }

    public function test_a_field_a_spreadsheet_would_run_goes_out_as_text(): void
    {
        $csv = CodebookCsv::write(CodebookCsv::read("kind,from,value,words\ndisplay,5F,boot,=1+1\n", Bench::catalogue()));
        $this->assertStringContainsString("'=1+1", $csv);
    }

    public function test_semicolons_and_a_byte_order_mark_are_read(): void
    {
        $this->assertCount(
            1,
            CodebookCsv::read("\u{FEFF}kind;from;value;reliability\ndisplay;5F;boot;0,9\n", Bench::catalogue())->meanings,
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function mistakes(): iterable
    {
        yield 'no heading' => ["display,5F,boot\n", 'Line 1: the first line must name the columns'];
        yield 'nothing in it' => ["kind,from,value\n", 'Line 2: there is no code'];
        yield 'kind' => ["kind,from,value\nlight,5F,boot\n", 'Line 2: "light" is no kind of code'];
        yield 'code' => ["kind,from,value\ndisplay,5F,boot\ndisplay,5,boot\n", 'Line 3: "5" is no code of a display'];
        yield 'backwards' => ["kind,from,to,value\ndisplay,5F,50,boot\n", 'goes backwards'];
        yield 'value' => ["kind,from,value\ndisplay,5F,drive\n", 'write one of blank, stuck, memory, graphics, boot'];
        yield 'fields' => ["kind,from,value\ndisplay,5F\n", 'Line 2: it has 2 fields'];
        yield 'reliability' => ["kind,from,value,reliability\ndisplay,5F,boot,1.2\n", 'over 0 and up to 1'];
        yield 'range of beeps' => ["kind,from,to,value\nbeeps,s,ss,ok\n", 'only codes of a display'];
    }

    #[DataProvider('mistakes')]
    public function test_a_mistake_names_its_line(string $csv, string $sentence): void
    {
        $this->expectException(UnreadableCode::class);
        $this->expectExceptionMessage($sentence);
        CodebookCsv::read($csv, Bench::catalogue());
    }

    public function test_a_code_enters_belief_by_its_reliability(): void
    {
        $p = fn (array $more): float => Bench::assess(
            [['kind' => 'start', 'reached' => 'dark', 'waited' => 180, ...$more]],
            ['facts' => ['code_display' => true]],
        )->standings['stick-1']->probability;
        $sign = ['signs' => ['code' => 'memory'], 'codes' => ['display' => '55']];
        $this->assertGreaterThan($p([]), $p([...$sign, 'reliability' => ['code' => 0.3]]));
        $this->assertGreaterThan($p([...$sign, 'reliability' => ['code' => 0.3]]), $p([...$sign, 'reliability' => ['code' => 0.9]]));
        $this->assertEqualsWithDelta($p($sign), $p([...$sign, 'reliability' => ['code' => 1.0]]), 1e-12);
    }

    public function test_the_book_that_ships_is_read_from_the_catalogue(): void
    {
        $this->assertNotSame([], Catalogue::shipped()->codes->meanings);
        $this->assertNull((new Codebook([]))->meaning(CodeKind::Beeps, 's'));
    }
}
