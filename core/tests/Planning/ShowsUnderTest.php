<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Diagnosis\FailsUnder;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\ShowsUnder;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What is believed to fail cold is lent to when cold, though it failed once when it was not. Common practice, no source. */
final class ShowsUnderTest extends TestCase
{
    private const NOTHING = ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['fans' => 'still']];

    private const STAYS = ['kind' => 'start', 'reached' => 'stays'];

    private const COLD = ['setup' => ['temperature' => 'cold']];

    /** @return list<array<string, mixed>> */
    private static function mostlyCold(): array
    {
        return [
            ['times' => 8] + self::STAYS,
            self::NOTHING,
            self::COLD + self::NOTHING,
            self::COLD + self::STAYS,
            ['times' => 2] + self::STAYS,
            ['times' => 2] + self::COLD + self::NOTHING,
        ];
    }

    public function test_the_condition_is_the_one_that_what_is_believed_shows_under(): void
    {
        $replay = Bench::replay(self::mostlyCold());
        $this->assertSame(FailsUnder::COLD, ShowsUnder::of($replay->belief, $replay));
        $always = Bench::replay([['times' => 3] + self::NOTHING]);
        $this->assertNull(ShowsUnder::of($always->belief, $always), 'It fails at every start.');
        $atWork = Bench::replay([
            ['times' => 6] + self::STAYS,
            ['kind' => 'start', 'reached' => 'drops'],
            ['kind' => 'start', 'reached' => 'drops', 'times' => 3, 'setup' => ['goal' => 'load']],
        ]);
        $this->assertSame(FailsUnder::LOAD, ShowsUnder::of($atWork->belief, $atWork));
    }

    public function test_a_supply_is_lent_to_it_when_cold(): void
    {
        $cold = array_filter(
            $this->loans(Bench::assess(self::mostlyCold())),
            fn (NextStep $step): bool => $step->candidate->setUp?->temperature === Temperature::Cold,
        );
        $this->assertNotSame([], $cold);
        $this->assertStringContainsString('cold', reset($cold)->candidate->name());
        $always = array_filter(
            $this->loans(Bench::assess([['times' => 2] + self::NOTHING])),
            fn (NextStep $step): bool => $step->candidate->setUp?->temperature !== null,
        );
        $this->assertSame([], $always);
    }

    public function test_a_supply_that_may_get_no_mains_gives_way_to_a_lent_one_however_often_one_was_lent(): void
    {
        $lent = ['setup' => ['lent' => ['supply' => ['tag' => 'any-supply', 'trust' => 0.97]]]];
        $entries = [
            ['times' => 2] + self::NOTHING,
            ['times' => 4] + $lent + self::NOTHING,
            self::NOTHING,
            ['kind' => 'finding', 'check' => 'supply-in-host', 'target' => 'supply', 'result' => 'fails'],
        ];
        $open = array_filter($this->loans(Bench::assess($entries)), fn (NextStep $step): bool => $step->isOpen());
        $this->assertNotSame([], $open);
        $running = [...$entries, $lent + self::NOTHING];
        $open = array_filter($this->loans(Bench::assess($running)), fn (NextStep $step): bool => $step->isOpen());
        $this->assertSame([], $open, 'One runs it now.');
    }

    /** @return list<NextStep> of a supply */
    private function loans(Assessment $assessment): array
    {
        $isIt = fn (NextStep $step): bool => $step->candidate->step->id === 'lend-supply';

        return array_values(array_filter($assessment->advice->steps, $isIt));
    }
}
