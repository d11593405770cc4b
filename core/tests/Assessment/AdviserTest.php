<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Assessment;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\CommandLine\AssessmentJson;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Simulation\RandomRecord;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A record taken up again gives what going through it from the start gives. */
final class AdviserTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 4) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_one_more_entry_at_a_time_equals_the_whole_from_the_start(int $seed): void
    {
        [$hidden, $entries] = RandomRecord::of(Bench::catalogue(), 10, "adviser {$seed}");
        $shelf = Shelf::wellStocked(Bench::catalogue());
        $kept = $assessment = null;
        foreach (array_keys($entries) as $i) {
            $record = new Record(array_slice($entries, 0, $i + 1));
            $adviser = new Adviser(Bench::catalogue(), $hidden->machine(), $shelf, $kept);
            $assessment = $adviser->assess($record);
            $kept = unserialize(serialize($adviser->kept()));
        }
        $this->assertNotNull($assessment);
        $whole = Assessment::of($hidden->machine(), new Record($entries), $shelf, Bench::catalogue());
        $this->assertEqualsWithDelta(
            AssessmentJson::of($whole, Bench::catalogue()),
            AssessmentJson::of($assessment, Bench::catalogue()),
            1e-9,
        );
    }

    public function test_a_struck_entry_is_not_taken_up_but_gone_through_again(): void
    {
        $entries = [['kind' => 'start', 'reached' => 'dark'], ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear']];
        $before = Bench::case($entries);
        $after = Bench::case([...$entries, ['kind' => 'strike-out', 'entry' => 2, 'text' => 'another board']]);
        $kept = Replay::of($before->machine, $before->record, Bench::catalogue())->kept();
        $this->assertNull(Replay::resume($kept, $after->machine, $after->record, Bench::catalogue()));
        $this->assertNotNull(Replay::resume($kept, $before->machine, $before->record, Bench::catalogue()));
    }

    public function test_a_report_that_shifts_priors_is_not_taken_up(): void
    {
        $start = ['kind' => 'start', 'reached' => 'dark'];
        $before = Bench::case([$start]);
        $after = Bench::case([$start, ['kind' => 'report', 'events' => ['storm']]]);
        $kept = Replay::of($before->machine, $before->record, Bench::catalogue())->kept();
        $this->assertNull(Replay::resume($kept, $after->machine, $after->record, Bench::catalogue()));
    }

    public function test_a_spare_nobody_thought_of_is_taken_up_as_one_of_the_shelf(): void
    {
        $start = ['kind' => 'start', 'reached' => 'dark'];
        $lent = [...$start, 'setup' => ['lent' => ['card' => ['tag' => 'G-77', 'trust' => 0.5]]]];
        $before = Bench::case([$start]);
        $after = Bench::case([$start, $lent, [...$start, 'setup' => ['lent' => ['screen' => ['tag' => 'S-12']]]]]);
        $whole = Replay::of($after->machine, $after->record, Bench::catalogue());
        $replay = Replay::of($before->machine, $before->record, Bench::catalogue());
        foreach ([$replay->and($after->record), $this->takenUp($replay, $after)] as $taken) {
            $this->assertNotNull($taken);
            $this->assertSame($whole->model->modes->spares, $taken->model->modes->spares);
            $this->assertEqualsWithDelta($whole->belief->bySet(), $taken->belief->bySet(), 1e-12);
        }
        $this->assertGreaterThan(0.4, $whole->belief->had((int) $whole->model->modes->ofSpare('G-77', 'card')));
    }

    public function test_another_choice_of_spares_is_gone_through_again(): void
    {
        $case = Bench::case([['kind' => 'start', 'reached' => 'dark']]);
        $kept = Replay::of($case->machine, $case->record, Bench::catalogue(), [['G-77', 'card']])->kept();
        $this->assertNull(Replay::resume($kept, $case->machine, $case->record, Bench::catalogue(), [['G-78', 'card']]));
        $this->assertNull(Replay::resume($kept, $case->machine, $case->record, Bench::catalogue()));
        $more = [['G-77', 'card'], ['S-12', 'screen']];
        $this->assertNotNull(Replay::resume($kept, $case->machine, $case->record, Bench::catalogue(), $more));
    }

    private function takenUp(Replay $replay, CaseFile $after): ?Replay
    {
        return Replay::resume(unserialize(serialize($replay->kept())), $after->machine, $after->record, Bench::catalogue());
    }
}
