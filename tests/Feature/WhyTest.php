<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\ReasonOut;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Plain\Percent;
use Tests\TestCase;

/** Why a part, why a step, what was known then, and what if: read from the record, and never written to it. */
final class WhyTest extends TestCase
{
    use RefreshDatabase;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->job(
            ['text' => 'No picture', 'reached' => 'dark'],
            [
                ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']],
                ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['out' => ['stick-2']]],
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-1']]],
            ],
        );
        $this->actingAs($this->person(Role::Technician));
    }

    public function test_a_suspect_opens_from_the_job_page_and_says_why(): void
    {
        $this->get("/jobs/{$this->job->tag}")->assertOk()
            ->assertSee(route('why.part', [$this->job, 'stick-1']))
            ->assertSee(route('why.then', [$this->job, 4]))
            ->assertSee('data-moves="'.route('why.moves', $this->job).'"', false)
            ->assertSee('Why this?');
        $page = $this->get("/jobs/{$this->job->tag}/why/stick-1")->assertOk()
            ->assertSee('Why stick 1?')
            ->assertSee('speaks for it')
            ->assertSee('times likelier')
            ->assertSee('What would settle it')
            ->assertSee('At least 96 %');
        $stick = app(AssessJob::class)->assess($this->job)->standings['stick-1'];
        $this->assertGreaterThan(Percent::whole($stick->stated), Percent::whole($stick->probability));
        $page->assertSee('The record alone makes it '.Percent::whole($stick->probability).' %. It is said as ')
            ->assertSee('At least 96 % (now '.Percent::whole($stick->probability).' %)');
        $mover = app(ReasonOut::class)->course($this->job)->mover('stick-1');
        $page->assertSee("Entry {$mover} moved it most.");
        foreach (app(ReasonOut::class)->leftOut($this->job)->weights('stick-1') as $weight) {
            $page->assertSee($weight->words());
        }
        $this->get("/jobs/{$this->job->tag}/why/no-such")->assertNotFound();
    }

    public function test_what_each_entry_did_is_asked_for_once_and_is_the_courses(): void
    {
        $moves = $this->getJson(route('why.moves', $this->job))->assertOk()->json();
        $course = app(ReasonOut::class)->course($this->job);
        foreach ($course->moves(4) as $part => [$before, $after]) {
            $this->assertSame([Percent::whole($before), Percent::whole($after)], $moves[4][$part], $part);
        }
        $this->assertArrayHasKey('stick-1', $moves[4]);
    }

    public function test_what_was_known_then_is_what_the_shorter_record_says(): void
    {
        $then = app(ReasonOut::class)->asItStood($this->job, 2);
        $this->assertCount(2, $then->record->entries);
        $this->get("/jobs/{$this->job->tag}/then/2")->assertOk()
            ->assertSee('What was known after entry 2')
            ->assertSee('entry 2 of 4')
            ->assertSee('What was advised then')
            ->assertSee('rel="next"', false);
        $this->get("/jobs/{$this->job->tag}/then/9")->assertNotFound();
    }

    public function test_a_step_says_what_each_outcome_would_do_and_what_another_would_cost(): void
    {
        $steps = array_values(array_filter(app(AssessJob::class)->assess($this->job)->advice->steps, fn ($step): bool => $step->isOpen()));
        [$first, $other] = [$steps[0]->candidate->id(), $steps[1]->candidate->id()];
        $page = $this->get(route('why.step', [$this->job, $first]))->assertOk()
            ->assertSee('Why this first')
            ->assertSee('I think otherwise');
        foreach ($steps[0]->outcomes as $outcome) {
            $page->assertSee($outcome->words);
        }
        $this->get(route('why.step', [$this->job, $first, 'other' => $other]))->assertOk()
            ->assertSee($steps[1]->candidate->name())
            ->assertSee('You would be right');
        $this->get(route('why.step', [$this->job, $first, 'other' => $first]))->assertOk()->assertSee('That comes first already');
        $this->get(route('why.step', [$this->job, $first, 'other' => 'part:board']))->assertOk()->assertSee('another part');
        $this->get(route('why.step', [$this->job, 'no-such']))->assertNotFound();
    }

    public function test_a_step_that_lets_another_be_done_says_which_and_what_both_take(): void
    {
        $this->spare('C-01', 'card');
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['beeps' => 'graphics']];
        $with = fn (array $setUp): array => [...$dark, 'setup' => $setUp];
        $job = $this->job(['text' => 'No picture', 'reached' => 'dark'], [
            $dark,
            $with(['out' => ['devices']]),
            $with(['moved' => ['card' => 'second']]),
            $with(['output' => 'other']),
            $with(['out' => ['stick-2']]),
            ['kind' => 'finding', 'check' => 'look-card', 'target' => 'card', 'result' => 'clear'],
            ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
            $dark,
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['card-slot', 'card-plug']],
            $dark,
        ]);
        $key = app(AssessJob::class)->assess($job)->advice->step('supply-tester');
        $this->assertSame('lend-card', $key?->opening?->opened->candidate->step->id);
        $this->get(route('why.step', [$job, 'supply-tester']))->assertOk()
            ->assertSee('lend the plainest graphics card')
            ->assertSeeText("Together they take {$key->opening->minutes()}.");
    }

    public function test_what_if_works_in_pencil_and_writes_nothing(): void
    {
        $rows = fn (): array => [DB::table('entries')->count(), DB::table('summaries')->get()->all(), DB::table('to_follow')->count()];
        $before = $rows();
        $this->get(route('what-if', $this->job))->assertOk()
            ->assertSee('nothing of this page is on the record')
            ->assertDontSee('in pencil</th>', false);
        $page = $this->get(route('what-if', [$this->job, 'without' => [4]]))->assertOk()->assertSee('Record and pencil');
        $without = app(ReasonOut::class)->under($this->job, app(AssessJob::class)->record($this->job)->without(4));
        $page->assertSee((int) round(100 * $without->standings['stick-1']->stated).' %');
        $step = array_values(array_filter(app(AssessJob::class)->assess($this->job)->advice->steps, fn ($one): bool => $one->isOpen()))[0];
        $this->get(route('what-if', [$this->job, 'pretend' => $step->candidate->id().' 0']))->assertOk()->assertSee('Record and pencil');
        foreach (['pretend' => 'no-such 7', 'without' => ['x', '-1', '99999']] as $field => $odd) {
            $this->get(route('what-if', [$this->job, $field => $odd]))->assertOk();
        }
        $this->assertEquals($before, $rows());
    }

    public function test_the_counter_does_not_reason_at_the_bench(): void
    {
        $this->actingAs($this->person(Role::Counter));
        foreach (['why/stick-1', 'why-step/start', 'then/2', 'moves.json', 'what-if'] as $page) {
            $this->get("/jobs/{$this->job->tag}/{$page}")->assertForbidden();
        }
    }
}
