<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** What its owner or others tried is written down where it is told, and leads the bench. */
final class ToldTrialTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Technician));
    }

    public function test_a_stick_out_at_home_goes_on_the_record_as_a_trial_of_its_owner(): void
    {
        $job = $this->job(['text' => 'black', 'reached' => 'dark']);
        $this->get(route('jobs.show', $job))->assertSee('They, or others, tried something')->assertSee('Stick 2 out');
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => [
            'kind' => 'report', 'text' => 'with one stick out it ran', 'reached' => 'stays', 'often' => '', 'only' => '', 'failed' => '',
            'of' => '', 'who' => 'owner', 'where' => 'home', 'temperature' => '', 'tried' => 'out:stick-2', 'times' => '3',
        ]])->assertSessionHasNoErrors();
        $entry = $job->entries()->reorder('number', 'desc')->firstOrFail();
        $this->assertSame('trial', $entry->kind);
        $this->assertSame(['owner', ['stick-2'], 3], [$entry->body['who'], $entry->body['out'], $entry->body['times']]);
        $this->get(route('jobs.show', $job))->assertSee('tried by its owner: Stick 2 out, at home');
    }

    public function test_what_ran_at_its_makers_and_fails_here_is_set_side_by_side(): void
    {
        $job = $this->job(entries: [
            ['kind' => 'trial', 'who' => 'maker', 'where' => 'elsewhere', 'reached' => 'stays'],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 120],
        ]);
        $this->get(route('jobs.show', $job))
            ->assertSee('It ran where its maker tried it, and fails here. That proves no part.')
            ->assertSee('Start it cold, after standing');
    }

    public function test_one_start_in_a_host_speaks_for_all_that_was_in_it(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        $this->spare('H-1', 'host');
        $this->get(route('jobs.show', $job))->assertSee('In it together with');
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => [
            'kind' => 'finding', 'check' => 'processor-in-host', 'host' => 'H-1', 'result' => 'works', 'also' => ['stick-1', 'drive'],
        ]])->assertSessionHasNoErrors();
        $this->get(route('jobs.show', $job))->assertSee('with Stick 1 and Drive');
        $this->post(route('entries.store', $job), ['once' => 'l', 'entry' => [
            'kind' => 'finding', 'check' => 'processor-in-host', 'host' => 'H-1', 'result' => 'works', 'also' => ['board'],
        ]])->assertSessionHasErrors(['entry.also' => 'Board cannot have been in it too.']);
    }

    public function test_without_one_who_tried_it_is_only_what_is_told_and_a_trial_without_an_end_is_asked_for(): void
    {
        $job = $this->job();
        $told = ['kind' => 'report', 'text' => 'it did it again', 'where' => 'home', 'who' => '', 'tried' => '', 'times' => ''];
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => $told])->assertSessionHasNoErrors();
        $this->assertSame('report', $job->entries()->reorder('number', 'desc')->firstOrFail()->kind);
        $this->post(route('entries.store', $job), ['once' => 'l', 'entry' => ['who' => 'friend', 'reached' => ''] + $told])
            ->assertSessionHasErrors(['entry.reached' => 'Say how it went when they tried it.']);
    }
}
