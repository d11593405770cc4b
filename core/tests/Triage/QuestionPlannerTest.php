<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Simulation\CallSimulation;
use Orthoscope\Core\Triage\Conversation;
use Orthoscope\Core\Triage\DeskMachine;
use Orthoscope\Core\Triage\QuestionPlanner;
use Orthoscope\Core\Triage\RankedQuestion;
use PHPUnit\Framework\TestCase;

/** The conversation with someone who is no technician: what is asked next, what never, and when it ends. */
final class QuestionPlannerTest extends TestCase
{
    public function test_danger_comes_before_everything_and_a_red_answer_ends_it(): void
    {
        $this->assertSame(['danger'], $this->ids($this->talk()));
        foreach (
            [
                'liquid' => 'Do not switch it on',
                'smoke' => 'fire service',
                'swollen' => 'Do not press on anything',
                'shock' => 'licensed electrician',
            ] as $answer => $said
        ) {
            $stopped = $this->talk("danger:{$answer}");
            $this->assertSame([], $this->ids($stopped));
            $this->assertNull($stopped->next());
            $this->assertNull($stopped->next('alive'), 'not even on demand');
            $this->assertStringContainsString($said, (string) $stopped->stop);
        }
        $this->assertNull($this->talk('danger:none')->stop);
    }

    public function test_what_makes_no_sense_after_an_answer_is_not_asked(): void
    {
        $dead = $this->ids($this->talk('danger:none', 'alive:nothing'));
        $this->assertContains('other-socket', $dead);
        foreach (['other-screen', 'beeps', 'how-soon', 'inside'] as $senseless) {
            $this->assertNotContains($senseless, $dead);
        }
        $dark = $this->ids($this->talk('danger:none', 'alive:dark'));
        $this->assertContains('screen', $dark);
        $this->assertNotContains('other-socket', $dark);
        $this->assertNotContains('leads', $dark);
    }

    public function test_whether_it_comes_and_goes_is_asked_of_what_fails(): void
    {
        $this->assertContains('every-time', array_column($this->talk('danger:none', 'alive:dark')->open(), 'id'));
        $this->assertNotContains('every-time', array_column($this->talk('danger:none', 'alive:stays')->open(), 'id'));
    }

    public function test_the_side_is_opened_only_by_who_is_willing(): void
    {
        $this->assertNotContains('inside', array_column($this->talk('danger:none', 'alive:dark', 'willing:unwilling')->open(), 'id'));
        $this->assertContains('inside', array_column($this->talk('danger:none', 'alive:dark', 'willing:willing')->open(), 'id'));
    }

    public function test_an_answered_question_is_not_asked_again_nor_one_that_was_skipped(): void
    {
        foreach (['before:storm', 'before:unknown', 'before:skipped', 'before:cannot'] as $said) {
            $this->assertNotContains('before', array_column($this->talk('danger:none', $said)->open(), 'id'));
        }
    }

    public function test_it_is_ranked_by_what_it_tells_for_each_minute(): void
    {
        $ranked = $this->talk('danger:none')->ranked;
        $this->assertSame('alive', $ranked[0]->question->id);
        foreach ($ranked as $i => $one) {
            $this->assertGreaterThanOrEqual(QuestionPlanner::LEAST_BITS, $one->bits);
            $this->assertLessThanOrEqual($ranked[max(0, $i - 1)]->worth, $one->worth);
            if ($one->expected !== [] && $one->question->id !== 'willing') {
                $this->assertEqualsWithDelta(0.98, array_sum($one->expected), 0.03, "the answers to {$one->question->id} are shared out");
            }
        }
    }

    public function test_what_is_asked_for_comes_next(): void
    {
        $this->assertSame('drain', $this->talk('danger:none')->next('drain')?->id);
        $this->assertSame('alive', $this->talk('danger:none')->next('no such question')?->id);
    }

    public function test_an_answer_is_evidence_and_weaker_than_the_bench(): void
    {
        $told = $this->supply($this->replay('alive:nothing'));
        $seen = $this->supply($this->replayOf([['kind' => 'start', 'reached' => 'nothing', 'signs' => ['fans' => 'still']]]));
        $before = $this->supply($this->replay());
        $this->assertGreaterThan($before, $told);
        $this->assertGreaterThan($told, $seen);
    }

    public function test_another_socket_that_changes_nothing_weakens_the_lead_and_one_that_helps_points_to_it(): void
    {
        $dead = $this->part($this->replay('alive:nothing'), 'wall-lead');
        $this->assertLessThan(0.5 * $dead, $this->part($this->replay('alive:nothing', 'other-socket:nothing'), 'wall-lead'));
        $helped = $this->replay('alive:nothing', 'other-socket:stays');
        $this->assertGreaterThan(0.6, $this->part($helped, 'wall-lead') + $this->part($helped, 'wall-socket'));
    }

    public function test_who_does_not_know_tells_nothing(): void
    {
        $this->assertEqualsWithDelta(
            $this->supply($this->replay('danger:none')),
            $this->supply($this->replay('danger:none', 'alive:unknown', 'beeps:cannot', 'lamps:skipped')),
            1e-12,
        );
    }

    public function test_fewer_questions_than_in_the_fixed_order(): void
    {
        // The large run stands in docs/ADVICE.md; this holds its direction on a few callers.
        $figures = (new CallSimulation(Catalogue::shipped(), 'test'))->figures(2);
        $this->assertLessThan($figures['fixed']['questions'], $figures['planned']['questions']);
        $this->assertGreaterThan(1.0, $figures['planned']['questions']);
    }

    private function talk(string ...$said): Conversation
    {
        return Conversation::of($this->machine(), $this->record($said), Catalogue::shipped());
    }

    private function replay(string ...$said): Replay
    {
        return Replay::of($this->machine(), $this->record($said), Catalogue::shipped());
    }

    /** @param  list<array<string, mixed>>  $written */
    private function replayOf(array $written): Replay
    {
        $reader = new EntryReader(Catalogue::shipped(), $this->machine());

        return Replay::of(
            $this->machine(),
            new Record(array_map(fn (int $i, array $row) => $reader->read($i + 1, $row), array_keys($written), $written)),
            Catalogue::shipped(),
        );
    }

    /** @param  array<int, string>  $said question:answer */
    private function record(array $said): Record
    {
        $reader = new EntryReader(Catalogue::shipped(), $this->machine());
        $entries = [];
        foreach (array_values($said) as $i => $word) {
            [$question, $answer] = explode(':', $word);
            $entries[] = $reader->read($i + 1, ['kind' => 'answer', 'question' => $question, 'answer' => $answer]);
        }

        return new Record($entries);
    }

    private function machine(): Machine
    {
        return Machine::fromArray(DeskMachine::MADE_OF, Catalogue::shipped());
    }

    private function supply(Replay $replay): float
    {
        return $this->part($replay, 'supply');
    }

    private function part(Replay $replay, string $part): float
    {
        return $replay->belief->hadAny($replay->model->modes->ofPart($part));
    }

    /** @return list<string> */
    private function ids(Conversation $talk): array
    {
        return array_map(fn (RankedQuestion $one): string => $one->question->id, $talk->ranked);
    }
}
