<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Lending;

use Orthoscope\Core\Lending\Purchase;
use Orthoscope\Core\Shelf\Spare;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What one more spare would have saved on jobs of the past. */
final class PurchaseTest extends TestCase
{
    private const NOTHING = [['kind' => 'start', 'reached' => 'nothing']];

    public function test_what_settles_most_jobs_is_worth_most(): void
    {
        $ranked = $this->ranked([self::NOTHING, self::NOTHING], [], ['supply', 'screen']);
        $this->assertSame(['supply', 'screen'], array_column($ranked, 'kind'));
        $this->assertGreaterThan(1.0, $ranked[0]->minutes);
        $this->assertSame(2, $ranked[0]->jobs);
        $this->assertGreaterThanOrEqual(0.0, $ranked[1]->minutes);
        $this->assertSame(0, $ranked[1]->jobs, 'A machine that does nothing at all is no question of its screen.');
    }

    public function test_each_job_adds_what_it_would_have_saved(): void
    {
        $once = $this->ranked([self::NOTHING], [], ['supply'])[0];
        $twice = $this->ranked([self::NOTHING, self::NOTHING], [], ['supply'])[0];
        $this->assertEqualsWithDelta(2 * $once->minutes, $twice->minutes, 1e-9);
        $this->assertSame(1, $once->jobs);
    }

    public function test_what_is_there_already_need_not_be_bought(): void
    {
        $one = new Spare('P-1', 'supply', 'Supply', 0.97, 4000);
        $this->assertSame([0.0, 0], [$this->ranked([self::NOTHING], [$one], ['supply'])[0]->minutes, 0]);
        $odd = new Spare('P-2', 'stick', 'Stick', 0.97, 4000, fits: ['memory' => 'DDR3']);
        $dark = [['kind' => 'start', 'reached' => 'dark', 'signs' => ['lamp' => 'memory']]];
        $with = $this->ranked([$dark], [$odd], ['stick']);
        $this->assertEquals($this->ranked([$dark], [], ['stick']), $with, 'One that does not fit is none.');
    }

    public function test_only_what_was_known_at_the_first_start_counts(): void
    {
        $went = [...self::NOTHING, ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'new']],
            ['kind' => 'start', 'reached' => 'stays']];
        $this->assertEquals($this->ranked([self::NOTHING], [], ['supply']), $this->ranked([$went], [], ['supply']));
    }

    /**
     * @param  list<list<array<string, mixed>>>  $jobs
     * @param  list<Spare>  $shelf
     * @param  list<string>  $kinds
     *
     * @return list<Purchase>
     */
    private function ranked(array $jobs, array $shelf, array $kinds): array
    {
        $past = array_map(function (array $entries): array {
            $case = Bench::case($entries, ['platform' => ['memory' => 'DDR4']]);

            return [$case->machine, $case->record];
        }, $jobs);

        return Purchase::ranked($past, $shelf, $kinds, Bench::catalogue());
    }
}
