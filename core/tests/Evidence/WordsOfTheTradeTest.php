<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whoever types what people of the trade say is told what it is called here, wherever a part is named. */
final class WordsOfTheTradeTest extends TestCase
{
    /** @return array<string, array{string, string}> what is typed, and the part that is meant */
    public static function words(): array
    {
        return [
            'PSU' => ['PSU', 'supply'],
            'motherboard' => ['motherboard', 'board'],
            'CPU' => ['cpu', 'processor'],
            'GPU' => ['GPU', 'card'],
            'BIOS' => ['bios', 'firmware'],
            'CMOS battery' => ['CMOS battery', 'cell'],
            'TPM' => ['TPM', 'firmware'],
        ];
    }

    #[DataProvider('words')]
    public function test_an_act_on_it_is_told_its_name_here(string $typed, string $part): void
    {
        $this->expectException(CaseMistake::class);
        $this->expectExceptionMessage("\"{$typed}\" is called \"{$part}\" here.");
        Bench::case([['kind' => 'act', 'act' => 'reseat', 'on' => [$typed]]]);
    }

    #[DataProvider('words')]
    public function test_a_part_asked_of_a_machine_is_told_too(string $typed, string $part): void
    {
        $this->expectException(MachineMistake::class);
        $this->expectExceptionMessage("\"{$typed}\" is called \"{$part}\" here.");
        Bench::case([])->machine->part($typed);
    }

    public function test_a_word_that_nobody_uses_gets_the_nearest(): void
    {
        $this->assertSame(
            '"suply" is not a known part of this machine. Did you mean "supply"?',
            Bench::case([])->machine->unknownPart('suply'),
        );
    }
}
