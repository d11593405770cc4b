<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Catalogue;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Own\OwnValues;
use Orthoscope\Core\Catalogue\Own\Settable;
use Orthoscope\Core\Catalogue\Own\Settables;
use Orthoscope\Core\Catalogue\Own\Unit;
use Orthoscope\Core\Catalogue\Own\UnusableValue;
use Orthoscope\Core\Economy\Decision;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Economy\Terms;
use Orthoscope\Core\Economy\WorkPrice;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Quote\Bill;
use Orthoscope\Core\Quote\FittedPart;
use Orthoscope\Core\Quote\QuoteLine;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class OwnValuesTest extends TestCase
{
    private const DEAD_BOARD = [
        ['kind' => 'report', 'reached' => 'dark', 'text' => 'It does nothing.'],
        ['kind' => 'start', 'reached' => 'dark', 'at' => '2026-11-12T10:00:00+00:00'],
        ['kind' => 'finding', 'check' => 'look-board', 'result' => 'burnt', 'at' => '2026-11-12T10:10:00+00:00'],
    ];

    public function test_every_value_that_can_be_set_is_read_where_it_is_set(): void
    {
        $shipped = Bench::catalogue();
        $settables = Settables::of($shipped);
        $this->assertGreaterThan(200, count($settables));
        foreach ($settables as $path => $settable) {
            $value = self::other($settable);
            $set = Settables::of(new Catalogue(OwnValues::over($shipped->files(), [$path => $value])));
            $this->assertSame((float) $value, (float) ($set[$path]->shipped ?? -1), $path);
            $this->assertSame(
                $value,
                $settable->read(
                    is_bool($value) ? ($value ? '1' : '0') : $settable->say($value, $shipped->economy->currency),
                    $shipped->economy->currency,
                ),
                $path,
            );
            $this->assertArrayHasKey($settable->group, Settables::GROUPS);
        }
    }

    private static function other(Settable $settable): int|float|bool
    {
        return match (true) {
            $settable->unit === Unit::YesNo => ! $settable->shipped,
            $settable->unit === Unit::Reading => $settable->shipped === $settable->most ? $settable->least : $settable->most,
            default => (int) ceil($settable->least) + ((int) ceil($settable->least) === $settable->shipped ? 1 : 0),
        };
    }

    public function test_what_is_empty_or_as_it_ships_is_not_kept_as_a_value_of_its_own(): void
    {
        $settables = Settables::of(Bench::catalogue());
        $currency = Currency::of('€');
        $this->assertNull($settables['steps/steps/start/minutes']->read('', $currency));
        $this->assertNull($settables['steps/steps/start/minutes']->read('3', $currency));
        $this->assertSame(5, $settables['steps/steps/start/minutes']->read(' 5 ', $currency));
        $this->assertSame(4500, $settables['economy/finding']->read('45', $currency));
        $this->assertSame(0, $settables['economy/finding']->read('0', $currency));
    }

    public function test_what_cannot_be_is_refused_with_its_bounds(): void
    {
        $settables = Settables::of(Bench::catalogue());
        foreach (
            [
                ['steps/steps/start/minutes', '0', '1 to 600'],
                ['steps/steps/start/minutes', 'two', '1 to 600'],
                ['parts/parts/supply/markup', '301', '0 to 300'],
                ['economy/finding', '-3', '0.00 to 100000.00'],
                ['limits/limits/supply/values/v12/nominals/0/low', '11.3', '11.4 to 12'],
                ['economy/offered/board', 'yes', '0 to 1'],
            ] as [$path, $typed, $bounds]
        ) {
            try {
                $settables[$path]->read($typed, Currency::of('€'));
                $this->fail("{$typed} was taken for {$path}.");
            } catch (UnusableValue $mistake) {
                $this->assertStringContainsString($bounds, $mistake->getMessage());
            }
        }
    }

    public function test_no_warranty_is_longer_than_five_years(): void
    {
        $warranties = array_filter(
            Settables::of(Bench::catalogue()),
            fn (string $path): bool => str_ends_with($path, '/warranty'),
            ARRAY_FILTER_USE_KEY,
        );
        $this->assertGreaterThan(8, count($warranties));
        foreach ($warranties as $path => $settable) {
            $this->assertSame(60, $settable->read('60', Currency::of('€')), $path);
            try {
                $settable->read('61', Currency::of('€'));
                $this->fail("{$path} took 61 months.");
            } catch (UnusableValue $refused) {
                $this->assertStringContainsString('0 to 60', $refused->getMessage(), $path);
            }
        }
    }

    public function test_a_path_that_leads_nowhere_changes_nothing(): void
    {
        $files = Bench::catalogue()->files();
        $this->assertSame($files, OwnValues::over($files, ['steps/steps/no-such-step/minutes/x' => 4]));
    }

    public function test_a_published_limit_can_be_drawn_closer_and_never_further(): void
    {
        $settable = Settables::of(Bench::catalogue())['limits/limits/supply/values/v12/nominals/0/high'];
        $this->assertSame(12.4, $settable->read('12,4', Currency::of('€')));
        $this->expectException(UnusableValue::class);
        $settable->read('12.7', Currency::of('€'));
    }

    public function test_what_a_shop_does_not_offer_is_not_among_its_options(): void
    {
        $ways = fn (Catalogue $catalogue): array => array_unique(
            array_map(fn (Option $option): string => $option->way, self::decide($catalogue)->options),
        );
        $shipped = $ways(Bench::catalogue());
        foreach (['used', 'platform', 'specialist', 'salvage'] as $way) {
            $this->assertContains($way, $shipped);
            $this->assertNotContains($way, $ways(self::with(["economy/offered/{$way}" => false])));
        }
        $this->assertContains('return', $ways(self::with(['economy/offered/specialist' => false, 'economy/offered/salvage' => false])));
    }

    public function test_a_repair_that_is_not_offered_is_no_cure_where_another_is(): void
    {
        $catalogue = self::with(['economy/offered/board' => false]);
        foreach ($catalogue->faults as $id => $fault) {
            $others = array_diff(array_keys($fault->cures), Bench::catalogue()->economy->ways['board']->acts);
            $before = array_keys(Bench::catalogue()->fault($id)->cures);
            $this->assertSame($others === [] ? $before : array_values($others), array_keys($fault->cures), $id);
        }
        $this->assertArrayHasKey('board-repair', Bench::catalogue()->acts);
    }

    public function test_a_mark_up_is_on_what_the_owner_pays_and_half_a_unit_goes_up(): void
    {
        $kind = self::with(['parts/parts/supply/markup' => 25])->part('supply');
        $this->assertSame(8125, $kind->sold(6500));
        $this->assertSame(13, $kind->sold(10));
        $this->assertSame(6500, Bench::catalogue()->part('supply')->sold(6500));
        $own = self::with(['parts/parts/board/markup' => 100]);
        $price = fn (Catalogue $catalogue): int => self::option($catalogue, 'replace:board:new')->cost->parts;
        $this->assertSame(2 * $price(Bench::catalogue()), $price($own));
    }

    public function test_a_fixed_price_stands_in_place_of_its_minutes(): void
    {
        $acts = [['act' => 'replace', 'on' => ['board']]];
        $by = fn (array $own): int => WorkPrice::of($acts, 62, self::with($own));
        $catalogue = Bench::catalogue();
        $this->assertSame((int) round(62 * $catalogue->economy->labour), $by([]));
        $rest = 62 - $catalogue->act('replace')->minutes - 2;
        $this->assertSame(5000 + (int) round($rest * $catalogue->economy->labour), $by(['acts/acts/replace/fixed' => 5000]));
    }

    public function test_the_bill_asks_fixed_prices_and_the_rest_by_the_minute(): void
    {
        $at = fn (string $time): string => "2026-11-12T{$time}:00+00:00";
        $entries = [
            ...self::DEAD_BOARD,
            ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot-A2'], 'at' => $at('10:20')],
            ['kind' => 'act', 'act' => 'clean-contacts', 'on' => ['slot-B2'], 'at' => $at('10:25')],
            ['kind' => 'start', 'reached' => 'dark', 'at' => $at('10:30')],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['board'], 'with' => ['tag' => 'O-1'], 'at' => $at('11:00')],
        ];
        $catalogue = self::with([
            'economy/finding' => 3900,
            'acts/acts/clean-contacts/fixed' => 1500,
            'parts/parts/board/markup' => 10,
        ]);
        $assessment = Bench::assess($entries);
        $bill = (new Bill($assessment->record, $assessment->machine, $catalogue, [
            'O-1' => new FittedPart('Board', 11000, 'new'),
        ]))->workedOut();
        $this->assertNotNull($bill);
        $lines = array_map(fn (QuoteLine $line): array => [$line->what, $line->net()->minor], $bill->lines);
        $this->assertSame(
            [
                // From the last contact cleaned to the start, and from that to the board.
                ['Work at the bench, 35 minutes', 2800],
                ['Finding the fault', 3900],
                ['Clean the contacts', 3000],
                ['Board', 11000],
                ['Small parts', 100],
            ],
            $lines,
        );
    }

    public function test_prices_that_ship_are_turned_into_other_money(): void
    {
        $files = OwnValues::inMoney(Bench::catalogue()->files(), 160.0 / 100);
        $catalogue = new Catalogue($files);
        $this->assertSame(10400, $catalogue->part('supply')->price);
        $this->assertSame(80, $catalogue->act('clean-contacts')->money);
        $this->assertSame(19200, $catalogue->economy->ends['specialist']->fee);
        $this->assertSame(240, $catalogue->economy->day);
        $this->assertSame(128.0, $catalogue->number('money_per_minute'));
        $this->assertSame(Bench::catalogue()->files(), OwnValues::inMoney(Bench::catalogue()->files(), 1.0));
    }

    /** @param  array<string, int|float|bool>  $own */
    private static function with(array $own): Catalogue
    {
        return new Catalogue(OwnValues::over(Bench::catalogue()->files(), $own));
    }

    private static function decide(Catalogue $catalogue): Decision
    {
        $replay = Bench::replay(self::DEAD_BOARD, [], $catalogue);

        return Decision::of($replay, Bench::assess(self::DEAD_BOARD), $catalogue, new Shelf([]), new Terms);
    }

    private static function option(Catalogue $catalogue, string $id): Option
    {
        $option = self::decide($catalogue)->option($id);
        self::assertNotNull($option);

        return $option;
    }
}
