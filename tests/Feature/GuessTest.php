<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use App\Models\Wager;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Practice\Wagers;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A technician's own guess on a real job, before the adviser speaks. */
final class GuessTest extends TestCase
{
    use RefreshDatabase;

    private const STARTED = [['kind' => 'start', 'reached' => 'nothing']];

    private const MENDED = [
        ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
        ['kind' => 'closing', 'price' => 9000, 'signed_off' => 'nobody'],
    ];

    private User $technician;

    protected function setUp(): void
    {
        parent::setUp();
        $this->technician = $this->person(Role::Technician);
        $this->actingAs($this->technician);
    }

    public function test_a_job_asks_first_where_its_technician_wants_it(): void
    {
        $job = $this->job(entries: self::STARTED);
        $this->get("/jobs/{$job->tag}")->assertOk();
        $this->post('/practice/guesses', ['guesses_first' => '1'])->assertRedirect('/practice/guesses');
        $this->get("/jobs/{$job->tag}")->assertRedirect("/jobs/{$job->tag}/guess");
        $this->get("/jobs/{$job->tag}/guess")->assertOk()->assertSee('What do you think it is?')->assertSee('nothing happens')
            ->assertDontSee('Suspects')->assertDontSee('Worth about');
        $this->guess($job, ['supply' => '60', 'board' => '25'])->assertRedirect("/jobs/{$job->tag}");
        $this->get("/jobs/{$job->tag}")->assertOk()->assertSee('Suspects');
        $wager = Wager::query()->firstOrFail();
        $this->assertSame(['supply' => 0.6, 'board' => 0.25], $wager->suspects);
        $this->assertSame(2, $wager->entries);
        $this->assertGreaterThan(0.3, $wager->adviser['supply']);
        $this->guess($job, ['board' => '99']);
        $this->assertSame(['supply' => 0.6, 'board' => 0.25], Wager::query()->firstOrFail()->suspects, 'a guess is made once');
        $this->actingAs($this->person(Role::Technician))->get("/jobs/{$job->tag}")->assertOk();
    }

    public function test_before_the_first_start_and_after_the_end_nothing_is_asked(): void
    {
        $this->technician->update(['guesses_first' => true]);
        $new = $this->job();
        $this->get("/jobs/{$new->tag}")->assertOk();
        $closed = $this->closed();
        $this->get("/jobs/{$closed->tag}")->assertOk();
        $this->guess($closed, ['supply' => '99'])->assertRedirect("/jobs/{$closed->tag}");
        $this->assertSame(0, Wager::query()->count());
    }

    public function test_no_guess_this_time_is_kept_too(): void
    {
        $this->technician->update(['guesses_first' => true]);
        $job = $this->job(entries: self::STARTED);
        $this->post("/jobs/{$job->tag}/guess", ['none' => '1'])->assertRedirect("/jobs/{$job->tag}");
        $this->get("/jobs/{$job->tag}")->assertOk();
        $this->guess($job, ['supply' => '90']);
        $this->assertSame([], Wager::query()->firstOrFail()->suspects, 'what is said after the advice was seen is no guess');
    }

    public function test_a_guess_that_makes_no_sense_is_told(): void
    {
        $job = $this->job(entries: self::STARTED);
        $this->guess($job, [])->assertSessionHasErrors(['guess' => 'Name a part and how sure you are, or make no guess this time.']);
        $this->guess($job, ['supply' => '140'])->assertSessionHasErrors(['guess' => 'Type how sure you are in percent, from 0 to 100.']);
        $this->guess($job, ['moon' => '40'])->assertSessionHasErrors('guess');
        $this->assertSame(0, Wager::query()->count());
    }

    public function test_guesses_are_held_against_what_was_found(): void
    {
        $this->get('/practice/guesses')->assertOk()->assertSee('None of your guesses is settled yet');
        $this->closed(['supply' => '90']);
        $page = $this->get('/practice/guesses')->assertOk()->assertSee('1 guess')->assertSee('supply 90 %');
        $settled = app(Wagers::class)->settledOf($this->technician);
        $this->assertCount(1, $settled);
        // By hand: 0.1 squared for the supply, and the tenth left over, even over the others, squared.
        $others = count($settled[0]->wager->adviser) - 1;
        $this->assertEqualsWithDelta(0.01 + $others * (0.1 / $others) ** 2, $settled[0]->person, 1e-9);
        $page->assertDontSee('Where people know better');
        $this->actingAs($this->person(Role::Technician))->get('/practice/guesses')->assertDontSee('supply 90 %');
    }

    public function test_the_lead_sees_where_people_know_better_and_nobodys_name(): void
    {
        foreach (range(1, 4) as $ignored) {
            $this->closed(['supply' => '97']);
        }
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)->get('/practice/guesses')->assertSee('Nowhere, by what is settled so far.');
        $this->actingAs($this->technician);
        $this->closed(['supply' => '97']);
        $places = app(Wagers::class)->whereThePeopleKnowBetter();
        $this->assertSame(['supply', 5], [$places[0]['part'], $places[0]['guesses']]);
        $this->assertGreaterThan(0.0, $places[0]['better']->low);
        $this->actingAs($lead)->get('/practice/guesses')->assertSee('5 guesses, better by')->assertDontSee($this->technician->name);
    }

    /**
     * @param  array<string, string>  $percents
     *
     * @return TestResponse<Response>
     */
    private function guess(Job $job, array $percents): TestResponse
    {
        return $this->post("/jobs/{$job->tag}/guess", ['guess' => ['part' => array_keys($percents), 'percent' => array_values($percents)]]);
    }

    /** @param  array<string, string>  $guess made after its first start */
    private function closed(array $guess = []): Job
    {
        $job = $this->job(entries: self::STARTED);
        $guess === [] || $this->guess($job, $guess)->assertSessionHasNoErrors();
        app(RecordEntries::class)->record($job, $this->technician, self::MENDED);

        return $job;
    }
}
