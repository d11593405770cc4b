<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Learning;

use Orthoscope\Core\Learning\Effect;
use Orthoscope\Core\Learning\ShiftedCatalogue;
use Orthoscope\Core\Learning\ShopCounts;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class LearningTest extends TestCase
{
    public function test_shipped_priors_and_own_jobs_are_weighed_against_each_other(): void
    {
        $catalogue = Bench::catalogue();
        $counts = ShopCounts::of($catalogue, [...array_fill(0, 30, 'stick-dead'), ...array_fill(0, 20, 'supply-dead'), 'no-such-fault']);
        $this->assertSame(50, $counts->jobs());
        $total = array_sum(array_map(fn ($fault): float => $fault->prior, $catalogue->faults));
        $row = array_column($counts->rows(), null, 'fault')['stick-dead'];
        $this->assertSame([30, 50], [$row['here'], $row['of']]);
        // By hand: 150 shipped jobs and 50 of our own.
        $this->assertEqualsWithDelta((150 * $catalogue->fault('stick-dead')->prior / $total + 30) / 200, $row['then'], 1e-12);
        $this->assertSame(4.0, $counts->factors()['stick-dead'], 'never more than fourfold');
        $this->assertEqualsWithDelta(0.75, $counts->factors()['board-dead'], 1e-3);
        $this->assertSame([], ShopCounts::of($catalogue, [])->factors());
        $this->assertSame(29, $counts->without('stick-dead')->confirmed['stick-dead']);
    }

    public function test_a_shifted_catalogue_moves_belief_and_leaves_the_shipped_one_alone(): void
    {
        $catalogue = Bench::catalogue();
        $shifted = ShiftedCatalogue::of($catalogue, ['board-dead' => 4.0, 'no-such' => 2.0]);
        $this->assertEqualsWithDelta(4 * $catalogue->fault('board-dead')->prior, $shifted->fault('board-dead')->prior, 1e-9);
        $this->assertSame($catalogue, ShiftedCatalogue::of($catalogue, ['board-dead' => 1.0]));
        $dark = [['kind' => 'start', 'reached' => 'dark', 'waited' => 150]];
        $this->assertGreaterThan(Bench::suspicion(Bench::replay($dark), 'board') * 1.5, Bench::suspicion(Bench::replay($dark, catalogue: $shifted), 'board'));
        $this->assertSame(['a' => 6.0, 'b' => 2.0], ShiftedCatalogue::together([['a' => 2.0], ['a' => 3.0, 'b' => 2.0]]));
    }

    public function test_the_effect_is_tried_on_past_jobs_without_what_each_taught_itself(): void
    {
        $catalogue = Bench::catalogue();
        $case = Bench::case([['kind' => 'start', 'reached' => 'dark', 'waited' => 150], ['kind' => 'finding', 'check' => 'look-board', 'result' => 'knocked']]);
        $job = ['machine' => $case->machine, 'record' => $case->record, 'cause' => 'board-knocked'];
        $many = ShopCounts::of($catalogue, array_fill(0, 40, 'board-knocked'));
        $effect = Effect::on([$job, $job], $many, $catalogue);
        $this->assertSame(2, $effect->jobs);
        $this->assertGreaterThan($effect->before, $effect->after);
        $this->assertTrue($effect->helps());
        $once = Effect::on([$job], ShopCounts::of($catalogue, ['board-knocked']), $catalogue);
        $this->assertEqualsWithDelta($once->before, $once->after, 1e-9, 'One job alone teaches nothing about itself.');
        $wrong = Effect::on([$job], ShopCounts::of($catalogue, array_fill(0, 80, 'supply-dead')), $catalogue);
        $this->assertFalse($wrong->helps());
    }
}
