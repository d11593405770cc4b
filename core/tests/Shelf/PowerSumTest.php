<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Shelf;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Shelf\PowerSum;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PowerSumTest extends TestCase
{
    private const LABEL = ['supply-watts' => '400', 'supply-amps12' => '30'];

    /** @param  array<string, string>  $platform */
    private static function machine(array $platform, bool $card = true): Machine
    {
        return Machine::fromArray(
            ['card' => $card, 'facts' => ['own_graphics' => true], 'platform' => $platform],
            Bench::catalogue(),
        );
    }

    public function test_it_adds_up_what_was_read_off_labels(): void
    {
        $sum = PowerSum::of(self::machine(['processor-watts' => '65', 'card-watts' => '120']));
        $this->assertNotNull($sum);
        // 65 + 120, board 45, two sticks of 4, a drive of 8, two fans of 3.
        $this->assertEqualsWithDelta(252.0, $sum->watts(), 1e-9);
        // All of processor and card, half of the rest (33.5 W).
        $this->assertEqualsWithDelta((65 + 120 + 33.5) / 12, $sum->amps12(), 1e-9);
    }

    public function test_a_card_nobody_measured_counts_for_what_its_plugs_allow(): void
    {
        $sum = PowerSum::of(self::machine(['processor-watts' => '65', 'card-plugs' => '2 x 8-pin, 6-pin']));
        // Slot 75, twice 150, once 75: PCI-SIG Card Electromechanical Specification, from memory.
        $this->assertEqualsWithDelta(65 + 450 + 67, $sum?->watts(), 1e-9);
    }

    /** @param  array<string, string>  $platform */
    #[DataProvider('unsaid')]
    public function test_what_nobody_said_is_not_guessed(array $platform, bool $card): void
    {
        $this->assertNull(PowerSum::of(self::machine($platform, $card))?->againstItsSupply());
    }

    /** @return array<string, array{array<string, string>, bool}> */
    public static function unsaid(): array
    {
        return [
            'nothing' => [[], true],
            'no processor' => [['card-watts' => '120'] + self::LABEL, true],
            'no card' => [['processor-watts' => '65'] + self::LABEL, true],
            'no label' => [['processor-watts' => '65', 'card-watts' => '120'], true],
            'half a label' => [['processor-watts' => '65', 'supply-watts' => '400'], false],
            'not to be believed' => [['processor-watts' => '6500'] + self::LABEL, false],
            'a label of nothing' => [['processor-watts' => '65', 'supply-watts' => '4', 'supply-amps12' => '30'], false],
        ];
    }

    public function test_against_its_own_supply_it_says_whether_it_is_enough(): void
    {
        $judged = fn (array $facts): ?bool => PowerSum::of(self::machine($facts + self::LABEL))?->againstItsSupply()?->tooSmall;
        $this->assertFalse($judged(['processor-watts' => '65', 'card-watts' => '120']));
        $this->assertTrue($judged(['processor-watts' => '125', 'card-watts' => '250']));
        $this->assertTrue(
            $judged(['processor-watts' => '65', 'card-watts' => '120', 'card-plugs' => '8-pin', 'supply-plugs' => '6-pin']),
            'It lacks the plug.',
        );
        $this->assertFalse($judged(['processor-watts' => '65', 'card-watts' => '120', 'card-plugs' => '8-pin']), 'Nobody read its plugs.');
    }

    public function test_a_spare_supply_is_held_against_the_sum(): void
    {
        $machine = self::machine(['processor-watts' => '125', 'card-watts' => '250']);
        $of = fn (string $watts): array => Fitting::of('supply', ['watts' => $watts], $machine, Bench::catalogue()->shelf)->cautions;
        $this->assertSame([], $of('600'));
        $this->assertStringContainsString('the machine needs 442 W, this gives 350 W', implode(' ', $of('350')));
        $typed = self::machine(['processor-watts' => '125', 'card-watts' => '250', 'watts' => '300']);
        $this->assertSame(
            [],
            Fitting::of('supply', ['watts' => '350'], $typed, Bench::catalogue()->shelf)->cautions,
            'What was typed comes first.',
        );
    }
}
