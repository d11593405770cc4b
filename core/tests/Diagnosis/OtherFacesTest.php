<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\OtherFaces;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Contacts, shorts and what is plugged in show now this, now that. Common practice, no source. */
final class OtherFacesTest extends TestCase
{
    public function test_what_is_broken_bent_or_set_for_good_has_one_face(): void
    {
        foreach (['board-standby', 'settings-bad', 'pins-bent', 'kit-clash'] as $fault) {
            $this->assertSame(0.25, $this->faces()->mixedInto(0.25, $this->mode($fault)), $fault);
        }
    }

    public function test_in_some_machines_the_place_is_drawn_anew_at_each_start(): void
    {
        $roams = array_filter(
            Bench::replay([])->model->modes->all,
            fn (Mode $mode): bool => $mode->fault->id === 'main-plug-burnt' && $mode->redrawn === 1.0,
        );
        $share = array_sum(array_map(fn (Mode $mode): float => $mode->share, $roams));
        $this->assertEqualsWithDelta(Bench::catalogue()->number('roams'), $share, 1e-12);
        $mode = array_values($roams)[0];
        $anew = 0.0;
        foreach ($mode->fault->ways as $way) {
            $anew += $way['share'] * 0.1 * (Bench::catalogue()->stageIndex($way['stops']) + 1);
        }
        $own = 0.1 * ($mode->stop + 1);
        $this->assertEqualsWithDelta($anew, $this->faces()->mixedInto($own, $mode), 1e-12);
    }

    public function test_the_place_is_drawn_anew_in_a_share_of_starts(): void
    {
        $catalogue = Bench::catalogue();
        $again = $catalogue->number('other_face');
        $mode = $this->mode('main-plug-burnt');
        $elsewhere = 0.0;
        $own = 1.0;
        foreach ($mode->fault->ways as $way) {
            $stop = $catalogue->stageIndex($way['stops']);
            if ($stop !== $mode->stop) {
                $elsewhere += $way['share'] * 0.1 * ($stop + 1);
                $own -= $way['share'];
            }
        }
        $this->assertEqualsWithDelta(
            (1.0 - $again) * 0.5 + $again * ($own * 0.5 + $elsewhere),
            $this->faces()->mixedInto(0.5, $mode),
            1e-12,
        );
    }

    public function test_what_no_start_shows_is_no_other_face(): void
    {
        $mode = $this->mode('button-stuck');
        $this->assertContains('none', array_column($mode->fault->ways, 'stops'));
        $this->assertGreaterThan(0.0, $mode->redrawn);
        $this->assertEqualsWithDelta(0.5, $this->faces()->mixedInto(0.5, $mode), 1e-12);
    }

    public function test_a_short_in_the_case_explains_nothing_one_time_and_dark_the_next(): void
    {
        $start = fn (string $reached): array => ['kind' => 'start', 'reached' => $reached, 'waited' => 120];
        $mixed = Bench::assess([
            $start('nothing'),
            $start('dark'),
            $start('nothing'),
            $start('dark'),
            $start('stays') + ['times' => 3, 'setup' => ['place' => 'bench', 'start_by' => 'pins']],
        ]);
        $this->assertGreaterThan($mixed->standings['board']->probability, $mixed->standings['case']->probability);
        $this->assertGreaterThan($mixed->standings['supply']->probability, $mixed->standings['case']->probability);
    }

    /** Seen as 0.1 times the number of the stage, counted from one. */
    private function faces(): OtherFaces
    {
        return new OtherFaces(Bench::catalogue(), fn (int $stop): float => 0.1 * ($stop + 1), Bench::catalogue()->stageCount(), 0.9);
    }

    private function mode(string $fault): Mode
    {
        foreach (Bench::replay([])->model->modes->all as $mode) {
            if ($mode->fault->id === $fault && $mode->stop < Catalogue::shipped()->stageCount()) {
                return $mode;
            }
        }
        $this->fail("There is no {$fault}.");
    }
}
