<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Identity;

use InvalidArgumentException;
use Orthoscope\Core\Identity\CardData;
use Orthoscope\Core\Identity\CardIdentity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Chips are 32 bits wide for GDDR, and made in few sizes (JEDEC, from memory); the rest is division. */
final class CardIdentityTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, bool}> */
    public static function cards(): iterable
    {
        yield '4 GB on 128 bits: four chips of 1 GB' => [['memory' => '4 GB', 'bus' => '128', 'memory_type' => 'GDDR5'], false];
        yield '4 GB on 192 bits: six chips of two thirds of a GB' => [
            ['memory' => '4 GB', 'bus' => '192-bit', 'memory_type' => 'GDDR5'],
            true,
        ];
        yield '3 GB on 192 bits' => [['memory' => '3 GB', 'bus' => '192', 'memory_type' => 'GDDR5'], false];
        yield '6 GB on 192 bits' => [['memory' => '6144 MB', 'bus' => '192', 'memory_type' => 'GDDR6'], false];
        yield '11 GB on 352 bits' => [['memory' => '11 GB', 'bus' => '352', 'memory_type' => 'GDDR5X'], false];
        yield '8 GB on 192 bits' => [['memory' => '8 GB', 'bus' => '192', 'memory_type' => 'GDDR6'], true];
        yield '8 GB on 128 bits, two chips to a place' => [['memory' => '8 GB', 'bus' => '128', 'memory_type' => 'GDDR5'], false];
        yield '16 GB on 128 bits of GDDR5: chips of 2 GB were never made' => [
            ['memory' => '16 GB', 'bus' => '128', 'memory_type' => 'GDDR5'],
            true,
        ];
        yield '1.5 GB on 192 bits' => [['memory' => '1.5 GB', 'bus' => '192', 'memory_type' => 'GDDR5'], false];
        yield '2 GB of DDR3 on 64 bits' => [['memory' => '2', 'bus' => '64', 'memory_type' => 'ddr3'], false];
        yield 'a bus of 100 bits' => [['memory' => '4 GB', 'bus' => '100'], true];
        yield 'too little known' => [['memory' => '4 GB'], false];
    }

    /** @param  array<string, mixed>  $says */
    #[DataProvider('cards')]
    public function test_sizes_and_widths_that_cannot_belong_together(array $says, bool $false): void
    {
        $this->assertSame($false, CardIdentity::of(CardData::of($says))->isFalse());
    }

    public function test_it_is_held_against_what_is_published(): void
    {
        $says = CardData::of(['memory' => '4 GB', 'bus' => '128', 'memory_type' => 'GDDR5', 'units' => '192']);
        $identity = CardIdentity::of($says, CardData::of(['memory' => '4 GB', 'bus' => '128', 'units' => '768']));
        $this->assertSame(['It says 192 as shader units, and 768 is published.'], $identity->against);
        $this->assertFalse(CardIdentity::of($says, $says)->isFalse());
        $this->assertFalse(CardIdentity::of(CardData::of(['units' => '192']), CardData::of(['bus' => '128']))->wasCompared);
    }

    public function test_chips_of_two_sizes_are_no_lie_where_they_are_published(): void
    {
        $card = CardData::of(['memory' => '2 GB', 'bus' => '192', 'memory_type' => 'GDDR5']);
        $this->assertTrue(CardIdentity::of($card)->isFalse());
        $this->assertFalse(CardIdentity::of($card, $card)->isFalse());
    }

    public function test_what_cannot_be_read_is_said(): void
    {
        foreach ([['memory' => 'lots'], ['bus' => '-1'], ['units' => 'many']] as $given) {
            try {
                CardData::of($given);
                $this->fail(json_encode($given).' was read');
            } catch (InvalidArgumentException $mistake) {
                $this->assertStringContainsString('type', $mistake->getMessage());
            }
        }
    }
}
