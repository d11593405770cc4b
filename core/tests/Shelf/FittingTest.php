<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Shelf;

use Orthoscope\Core\Catalogue\Shelf\FitRule;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Lending\Donors;
use Orthoscope\Core\Shelf\Fitting;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Shelf\Spare;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FittingTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, array<string, string>, ?string, ?string}> */
    public static function rules(): iterable
    {
        yield 'memory of another type' => [
            'stick',
            ['memory' => 'DDR3'],
            ['memory' => 'DDR4'],
            'the machine takes DDR4, this is DDR3',
            null,
        ];
        yield 'the same, however it is typed' => ['stick', ['memory' => 'ddr4 '], ['memory' => 'DDR4'], null, null];
        yield 'nobody knows the machine' => ['stick', ['memory' => 'DDR3'], [], null, null];
        yield 'nobody knows the spare' => ['stick', [], ['memory' => 'DDR4'], null, null];
        yield 'form' => ['stick', ['form' => 'SO-DIMM'], ['form' => 'DIMM'], 'the machine takes DIMM', null];
        yield 'socket' => ['processor', ['socket' => 'AM4'], ['socket' => 'LGA1700'], 'the socket is LGA1700', null];
        yield 'chipset not among those' => [
            'processor',
            ['chipset' => 'B450, X470'],
            ['chipset' => 'A320'],
            "the board's chipset A320 is not among B450, X470",
            null,
        ];
        yield 'chipset among those' => ['processor', ['chipset' => 'B450, A320'], ['chipset' => 'A320'], null, null];
        yield 'firmware too old' => ['processor', ['firmware' => '7.10'], ['firmware' => '7.9'], null, 'update the firmware first'];
        yield 'firmware new enough' => ['processor', ['firmware' => '7.9'], ['firmware' => '7.10'], null, null];
        yield 'firmware too new' => ['processor', ['firmware-last' => '7.9'], ['firmware' => '7.10'], null, 'older firmware must go in'];
        yield 'the last firmware that knows it' => ['processor', ['firmware-last' => '7.10'], ['firmware' => '7.10'], null, null];
        yield 'firmware between both' => ['processor', ['firmware' => '5', 'firmware-last' => '8'], ['firmware' => '7'], null, null];
        yield 'memory the firmware is too old for' => ['stick', ['firmware' => '2'], ['firmware' => '1'], null, 'up to date'];
        yield 'too few watts' => ['supply', ['watts' => '300'], ['watts' => '450'], null, 'enough to start it'];
        yield 'watts enough' => ['supply', ['watts' => '500'], ['watts' => '450'], null, null];
        yield 'no such plug' => ['supply', ['plugs' => '24-pin, 4-pin'], ['plugs' => '8-pin card'], null, 'with an adapter only'];
        yield 'no such output' => ['card', ['outputs' => 'DVI, VGA'], ['outputs' => 'HDMI'], null, 'take a lead or an adapter'];
        yield 'another bus' => ['card', ['bus' => 'AGP'], ['bus' => 'PCIe'], 'the slot is PCIe, this is AGP', null];
    }

    /**
     * @param  array<string, string>  $facts
     * @param  array<string, string>  $platform
     */
    #[DataProvider('rules')]
    public function test_what_fits_and_why_not(string $kind, array $facts, array $platform, ?string $against, ?string $caution): void
    {
        $fitting = Fitting::of($kind, $facts, $this->machine(['platform' => $platform]), Bench::catalogue()->shelf);
        $this->assertSame($against === null, $fitting->fits());
        $this->assertStringContainsString((string) $against, implode(' ', $fitting->against));
        $this->assertStringContainsString((string) $caution, implode(' ', $fitting->cautions));
        $this->assertCount($caution === null ? 0 : 1, $fitting->cautions);
    }

    public function test_a_processor_without_a_picture_needs_a_card(): void
    {
        $fitting = fn (bool $card): Fitting => Fitting::of(
            'processor',
            ['picture' => 'none'],
            $this->machine(['card' => $card, 'facts' => ['own_graphics' => true]]),
            Bench::catalogue()->shelf,
        );
        $this->assertSame([], $fitting(true)->cautions);
        $this->assertStringContainsString('lend a card with it', $fitting(false)->cautions[0] ?? '');
    }

    public function test_the_best_donor_decides_most_and_risks_least(): void
    {
        $spare = fn (string $tag, float $trust, int $value, array $facts = []): Spare => new Spare(
            $tag,
            'card',
            $tag,
            $trust,
            $value,
            [],
            $facts,
        );
        $order = fn (array $spares, float $harm): array => array_map(
            fn (array $one): string => $one['spare']->tag,
            Donors::of($spares, $this->machine(['platform' => ['bus' => 'PCIe']]), Bench::catalogue()->shelf, 4000, $harm)->fit,
        );
        $this->assertSame(['plain', 'doubtful'], $order([$spare('doubtful', 0.8, 2000), $spare('plain', 0.97, 2000)], 0.1));
        $this->assertSame(['plain', 'dear'], $order([$spare('dear', 0.98, 40000), $spare('plain', 0.97, 2000)], 0.1));
        $this->assertSame(
            ['dear', 'plain'],
            $order([$spare('dear', 0.98, 40000), $spare('plain', 0.97, 2000)], 0.0),
            'where nothing can be lost the trusted one tells more',
        );
        $donors = Donors::of(
            [$spare('old', 0.99, 100, ['bus' => 'AGP']), $spare('plain', 0.97, 2000)],
            $this->machine(['platform' => ['bus' => 'PCIe']]),
            Bench::catalogue()->shelf,
            4000,
            0.1,
        );
        $this->assertSame(
            [['plain'], ['old']],
            [
                array_map(fn (array $one): string => $one['spare']->tag, $donors->fit),
                array_map(fn (array $one): string => $one['spare']->tag, $donors->unfit),
            ],
        );
    }

    public function test_a_telling_trial_is_worth_what_its_step_saves(): void
    {
        $assessment = Bench::assess([['kind' => 'start', 'reached' => 'nothing']]);
        $saves = max(
            array_map(fn ($step): float => $step->candidate->target?->id === 'supply' ? $step->saves : 0.0, $assessment->advice->steps),
        );
        $this->assertGreaterThan(12.5, $saves);
        $this->assertSame((int) round(80 * $saves), Donors::told($assessment, 'supply', Bench::catalogue()));
        $this->assertSame(1000, Donors::told($assessment, 'screen', Bench::catalogue()), 'where it tells nothing it is looked at anyway');
    }

    /**
     * A fact that a machine must match of any spare decides also where its kind has no rule for it; there is one answer, wherever it is
     * asked.
     */
    public function test_what_a_spare_says_of_itself_decides_without_a_rule(): void
    {
        $data = Bench::catalogue()->shelf;
        $this->assertNotContains(
            'form',
            array_column(array_filter($data->fit, fn (FitRule $rule): bool => $rule->kind === 'drive'), 'fact'),
        );
        $machine = $this->machine(['platform' => ['form' => 'M.2']]);
        $drive = fn (string $form): Spare => new Spare('D-1', 'drive', 'Drive', 0.97, 2000, ['form' => $form]);
        $other = Fitting::ofSpare($drive('3.5 inch'), $machine, $data);
        $this->assertSame(["the machine's form is M.2, this is 3.5 inch"], $other->against);
        $this->assertTrue(Fitting::ofSpare($drive('m.2'), $machine, $data)->fits());
        $this->assertNull((new Shelf([$drive('3.5 inch')]))->best('drive', $machine, $data));
        $this->assertSame('D-1', (new Shelf([$drive('M.2')]))->best('drive', $machine, $data)?->tag);
    }

    /** @param  array<string, mixed>  $given */
    private function machine(array $given): Machine
    {
        return Machine::fromArray($given, Bench::catalogue());
    }
}
