<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Shelf;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Shelf\BeforeBuying;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an owner is told who asks before buying. */
final class BeforeBuyingTest extends TestCase
{
    /**
     * @param  array<string, string>  $machine
     * @param  array<string, string>  $part
     * @param  list<string>  $unknown
     */
    #[DataProvider('asked')]
    public function test_says_what_speaks_against_it_and_what_nobody_knows(
        string $kind,
        array $machine,
        array $part,
        string $verdict,
        string $against,
        string $caution,
        array $unknown,
    ): void {
        $asked = BeforeBuying::of($kind, $part, Machine::fromArray(['platform' => $machine], Bench::catalogue()), Bench::catalogue());
        $this->assertSame($verdict, $asked->verdict());
        $this->assertSame($against === '', $asked->fits());
        $this->assertSame($against === '' ? 0 : 1, count($asked->against));
        $this->assertStringContainsString($against, implode(' ', $asked->against));
        $this->assertStringContainsString($caution, implode(' ', $asked->cautions));
        $this->assertSame($unknown, $asked->unknown);
    }

    /** @return iterable<string, array{string, array<string, string>, array<string, string>, string, string, string, list<string>}> */
    public static function asked(): iterable
    {
        $open = 'Nothing that is known speaks against it; not all is known';
        $no = 'It does not go with this machine';
        yield 'memory of the wrong type' => ['stick', ['memory' => 'DDR4', 'form' => 'DIMM', 'firmware' => '3'],
            ['memory' => 'DDR5', 'form' => 'DIMM', 'firmware' => '1'], $no, 'the machine takes DDR4, this is DDR5', '', []];
        yield 'memory that goes' => ['stick', ['memory' => 'DDR4', 'form' => 'DIMM', 'firmware' => '3'],
            ['memory' => 'ddr4', 'form' => 'DIMM', 'firmware' => '1'], 'By its numbers it goes with this machine', '', '', []];
        yield 'nobody has looked at the form' => ['stick', ['memory' => 'DDR4', 'firmware' => '3'],
            ['memory' => 'DDR4', 'form' => 'DIMM', 'firmware' => '1'], $open, '', '',
            ['of the machine: form of the memory, DIMM or SO-DIMM']];
        yield 'a processor newer than the firmware' => ['processor', ['socket' => 'AM4', 'chipset' => 'B450', 'firmware' => '1.2'],
            ['socket' => 'AM4', 'chipset' => 'B450', 'firmware' => '2.0', 'firmware-last' => '9'],
            'It can go with this machine, with care', '', 'update the firmware first', []];
        yield 'a card that is too long' => ['card', ['bus' => 'PCIe', 'card-room' => '240', 'supply-plugs' => '6-pin', 'outputs' => 'HDMI'],
            ['bus' => 'PCIe', 'length' => '267', 'needs-plug' => '6-pin', 'outputs' => 'HDMI'], $no,
            'room for 240 mm, it is 267 mm', '', []];
        yield 'a card whose plug is missing' => ['card', ['bus' => 'PCIe', 'card-room' => '300', 'supply-plugs' => '6-pin',
            'outputs' => 'HDMI'], ['bus' => 'PCIe', 'length' => '267', 'needs-plug' => '8-pin', 'outputs' => 'HDMI'],
            'It can go with this machine, with care', '', 'it needs a plug 8-pin, and the supply has 6-pin', []];
    }

    public function test_names_every_fact_a_rule_asks_for(): void
    {
        $shelf = Bench::catalogue()->shelf;
        foreach ($shelf->fit as $rule) {
            $this->assertArrayHasKey($rule->fact, $shelf->names);
            $this->assertArrayHasKey($rule->of, $shelf->names);
        }
    }

    public function test_says_what_is_to_be_looked_up_whatever_the_numbers_say(): void
    {
        $asked = BeforeBuying::of('processor', [], Machine::fromArray([], Bench::catalogue()), Bench::catalogue());
        $this->assertStringContainsString('which firmware knows it', $asked->ask[0]);
    }
}
