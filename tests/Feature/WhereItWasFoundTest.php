<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Which fan, port, slot or place on a board: picked on a drawing, said on the record, and weighed. */
final class WhereItWasFoundTest extends TestCase
{
    use RefreshDatabase;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Technician));
        $this->job = $this->job(['text' => 'Dark', 'reached' => 'dark'], [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
    }

    /**
     * @param  array<string, mixed>  $finding
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function found(array $finding): TestResponse
    {
        return $this->post(route('entries.store', $this->job), ['entry' => ['kind' => 'finding', ...$finding]]);
    }

    public function test_a_place_is_picked_on_the_drawing_and_told(): void
    {
        $this->get(route('jobs.show', $this->job))
            ->assertSee(['Where something is found, on the board', 'cooler holes', 'front of the case']);
        $this->found(['check' => 'fans-turn', 'result' => 'case', 'spots' => ['case-front', 'case-top']])->assertSessionHasNoErrors();
        $this->get(route('jobs.show', $this->job))
            ->assertSee('front of the case; top of the case: a case fan stands still or is clogged');
        $this->get(route('jobs.case', $this->job))->assertJsonPath('entries.2.spots', ['case-front', 'case-top']);
    }

    public function test_where_a_burnt_spot_is_tells_what_burnt(): void
    {
        $this->found(['check' => 'look-board', 'result' => 'burnt', 'spots' => ['cpu-power']])->assertSessionHasNoErrors();
        $faults = app(AssessJob::class)->assess($this->job->refresh())->faults;
        $board = array_values(array_filter($faults, fn ($belief): bool => $belief->part->id === 'board' && $belief->spare === null));
        $this->assertSame('board-regulator', $board[0]->fault->id);
        $this->assertGreaterThan(0.5, $board[0]->probability);
    }

    public function test_a_slot_is_named_among_the_contacts_that_were_looked_at(): void
    {
        $this->found(['check' => 'look-contacts', 'result' => 'dirty', 'which' => ['slot-A2']])->assertSessionHasNoErrors();
        $standings = app(AssessJob::class)->assess($this->job->refresh())->standings;
        $this->assertGreaterThan(10 * $standings['slot-B2']->probability, $standings['slot-A2']->probability);
    }

    public function test_no_place_without_a_find_a_drawing_or_a_name_it_has(): void
    {
        $this->found(['check' => 'look-board', 'result' => 'clear', 'spots' => ['cpu-power']])
            ->assertSessionHasErrors(['entry.spots' => 'Nothing was found, so there is no place to name.']);
        $this->found(['check' => 'cell-reading', 'result' => 'fail', 'spots' => ['cpu-power']])
            ->assertSessionHasErrors(['entry.spots' => '"voltage of the cell" has no drawing; leave the places out.']);
        $this->found(['check' => 'look-board', 'result' => 'burnt', 'spots' => ['cpu-powr']])
            ->assertSessionHasErrors(['entry.spots' => '"cpu-powr" is not a known place on the drawing. Did you mean "cpu-power"?']);
        $this->found(['check' => 'look-board', 'result' => 'burnt', 'spots' => 'cpu-power'])->assertSessionHasErrors('entry.spots');
    }
}
