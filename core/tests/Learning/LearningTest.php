<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Learning;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Learning\LessonEffect;
use Orthoscope\Core\Learning\ShiftedCatalogue;
use Orthoscope\Core\Learning\Shipped;
use Orthoscope\Core\Learning\ShopCounts;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\FriendlyWorld;
use Orthoscope\Core\Simulation\Stock;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class LearningTest extends TestCase
{
    public function test_shipped_priors_and_own_jobs_are_weighed_against_each_other(): void
    {
        $shipped = self::shipped();
        $counts = ShopCounts::of($shipped, [...array_fill(0, 30, 'stick-dead'), ...array_fill(0, 20, 'supply-dead'), 'no-such-fault']);
        $this->assertSame(50, $counts->jobs());
        $row = array_column($counts->rows(), null, 'fault')['stick-dead'];
        $this->assertSame([30, 50], [$row['here'], $row['of']]);
        // By hand: 150 shipped jobs and 50 of our own.
        $this->assertEqualsWithDelta((150 * $shipped->share('stick-dead') + 30) / 200, $row['then'], 1e-12);
        $this->assertEqualsWithDelta(min(4.0, $row['then'] / $shipped->share('stick-dead')), $counts->factors()['stick-dead'], 1e-4);
        $this->assertSame(
            4.0,
            ShopCounts::of($shipped, array_fill(0, 200, 'board-knocked'))->factors()['board-knocked'],
            'never more than fourfold',
        );
        $this->assertEqualsWithDelta(0.75, $counts->factors()['board-dead'], 1e-3);
        $this->assertSame([], ShopCounts::of($shipped, [])->factors());
        $this->assertSame(29, $counts->without('stick-dead')->found['stick-dead']);
    }

    public function test_shipped_shares_go_by_what_is_in_the_machines(): void
    {
        $catalogue = Bench::catalogue();
        $with = fn (array $made): Shipped => Shipped::of($catalogue, [Machine::fromArray($made + ['model' => 'x'], $catalogue)]);
        $two = $with(['memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A2', 'B2']], 'card' => true]);
        $four = $with(['memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A1', 'A2', 'B1', 'B2']], 'card' => true]);
        $none = $with([
            'memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A2', 'B2']],
            'card' => false,
            'facts' => ['own_graphics' => true],
        ]);
        $this->assertEqualsWithDelta(1.0, array_sum(array_map($two->share(...), $two->faults())), 1e-9);
        $this->assertGreaterThan(1.5 * $two->share('stick-dead'), $four->share('stick-dead'));
        $this->assertSame(0.0, $none->share('card-dead'));
        $this->assertSame([], array_intersect_key(ShopCounts::of($none, ['card-dead', 'card-dead'])->factors(), ['card-dead' => 1]));
    }

    public function test_a_shop_whose_machines_fail_as_shipped_learns_next_to_nothing(): void
    {
        $catalogue = Bench::catalogue();
        $world = new FriendlyWorld($catalogue);
        $machines = $causes = [];
        for ($job = 0; $job < 30; $job++) {
            $machines[] = Machine::fromArray(Stock::machine(Draw::from("learn {$job} machine")), $catalogue);
            $hidden = $world->machine(Draw::from("learn {$job} machine"))->causes();
            $causes[] = $hidden[$job % count($hidden)][0];
        }
        $shipped = Shipped::of($catalogue, $machines);
        $counts = ShopCounts::of($shipped, $causes);
        $common = array_filter($shipped->faults(), fn (string $fault): bool => $shipped->share($fault) >= 0.02);
        $this->assertGreaterThan(10, count($common));
        foreach ($common as $fault) {
            $expected = $counts->jobs() * $shipped->share($fault);
            $this->assertEqualsWithDelta($expected, $counts->found[$fault] ?? 0, 3.5 * sqrt($expected), $fault);
            $this->assertEqualsWithDelta(1.0, $counts->factors()[$fault] ?? 1.0, 0.75, $fault);
        }
    }

    public function test_a_shifted_catalogue_moves_belief_and_leaves_the_shipped_one_alone(): void
    {
        $catalogue = Bench::catalogue();
        $shifted = ShiftedCatalogue::of($catalogue, ['board-dead' => 4.0, 'no-such' => 2.0]);
        $this->assertEqualsWithDelta(4 * $catalogue->fault('board-dead')->prior, $shifted->fault('board-dead')->prior, 1e-9);
        $this->assertSame($catalogue, ShiftedCatalogue::of($catalogue, ['board-dead' => 1.0]));
        $dark = [['kind' => 'start', 'reached' => 'dark', 'waited' => 150]];
        $this->assertGreaterThan(
            Bench::suspicion(Bench::replay($dark), 'board') * 1.5,
            Bench::suspicion(Bench::replay($dark, catalogue: $shifted), 'board'),
        );
        $this->assertSame(['a' => 6.0, 'b' => 2.0], ShiftedCatalogue::together([['a' => 2.0], ['a' => 3.0, 'b' => 2.0]]));
    }

    public function test_the_effect_is_tried_on_past_jobs_without_what_each_taught_itself(): void
    {
        $catalogue = Bench::catalogue();
        $case = Bench::case([
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 150],
            ['kind' => 'finding', 'check' => 'look-board', 'result' => 'knocked'],
        ]);
        $job = ['machine' => $case->machine, 'record' => $case->record, 'cause' => 'board-knocked'];
        $many = ShopCounts::of(self::shipped(), array_fill(0, 40, 'board-knocked'));
        $effect = LessonEffect::on([$job, $job], $many, $catalogue);
        $this->assertSame(2, $effect->jobs);
        $this->assertGreaterThan($effect->before, $effect->after);
        $this->assertTrue($effect->helps());
        $once = LessonEffect::on([$job], ShopCounts::of(self::shipped(), ['board-knocked']), $catalogue);
        $this->assertEqualsWithDelta($once->before, $once->after, 1e-9, 'One job alone teaches nothing about itself.');
        $wrong = LessonEffect::on([$job], ShopCounts::of(self::shipped(), array_fill(0, 80, 'supply-dead')), $catalogue);
        $this->assertFalse($wrong->helps());
    }

    private static function shipped(): Shipped
    {
        return Shipped::of(Bench::catalogue(), [Bench::case([['kind' => 'start', 'reached' => 'dark']])->machine]);
    }
}
