<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\FloorFilter;
use App\Models\Job;
use App\Models\JobWords;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Shop\OnTheFloor;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The floor by what somebody can do now, screens on the wall, and closed jobs as they ended. */
final class FloorTest extends TestCase
{
    use RefreshDatabase;

    public function test_each_sees_what_they_can_do_now(): void
    {
        $rhea = $this->person(Role::Technician);
        $piet = $this->person(Role::Technician);
        $oda = $this->person(Role::Counter);
        $free = $this->job();
        $taken = $this->job();
        Claim::query()->create(['bench' => 1, 'job_id' => $taken->id, 'user_id' => $piet->id, 'since' => now()]);
        $late = $this->job();
        $late->update(['next_word_at' => now()->subHour()]);
        $shown = fn (FloorFilter $filter, User $user): array => OnTheFloor::now()->those($filter, $user)->pluck('id')->all();
        $this->actingAs($rhea);
        $this->assertSame([$free->id, $late->id], $shown(FloorFilter::Now, $rhea), 'Not what a colleague has in hand.');
        $this->assertSame([$free->id, $taken->id, $late->id], $shown(FloorFilter::Now, $piet));
        $this->assertSame([$taken->id], $shown(FloorFilter::Mine, $piet));
        $this->assertSame([$late->id], $shown(FloorFilter::Now, $oda), 'The counter owes words; the bench is not theirs.');
        $this->assertSame([$late->id], $shown(FloorFilter::Word, $rhea));
        $this->assertSame([], $shown(FloorFilter::Ready, $rhea));
    }

    public function test_what_was_last_worked_on_is_mine_until_another_takes_it(): void
    {
        $rhea = $this->person(Role::Technician);
        $job = $this->job();
        $this->actingAs($rhea)->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'nothing']]);
        $this->assertCount(1, OnTheFloor::now()->those(FloorFilter::Mine, $rhea));
        Claim::query()->create(['bench' => 2, 'job_id' => $job->id, 'user_id' => $this->person(Role::Lead)->id, 'since' => now()]);
        $this->assertCount(0, OnTheFloor::now()->those(FloorFilter::Mine, $rhea));
    }

    public function test_the_choice_is_kept_for_each_person(): void
    {
        $rhea = $this->person(Role::Technician);
        $job = $this->job();
        $this->actingAs($rhea)->get('/?show=ready')->assertSee('Nothing is ready to be handed back.')->assertDontSee($job->tag);
        $this->get('/')->assertDontSee($job->tag);
        $this->get('/?show=nonsense')->assertDontSee($job->tag);
        $this->actingAs($this->person(Role::Technician))->get('/')->assertSee($job->tag);
        $this->actingAs($rhea)->get('/?show=all')->assertSee($job->tag);
    }

    public function test_the_way_of_a_job_stands_on_its_line(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->assertSame(['done', 'done', 'here', 'ahead', 'ahead', 'ahead', 'ahead'], $job->summary?->data['way']);
        $this->actingAs($this->person(Role::Technician))->get('/')->assertSee('stands at: Find the fault');
    }

    public function test_a_closed_job_shows_what_it_was_and_is_found_by_what_was_fitted(): void
    {
        $job = $this->closed();
        $this->assertSame(['was' => 'Replaced the supply', 'how' => 'repaired'], $job->summary?->data['ended']);
        $this->actingAs($this->person(Role::Technician));
        $this->get('/find?q='.substr($job->tag, -3))->assertSee($job->tag);
        $this->get('/find?q=person')->assertSee('Replaced the supply')->assertSee('repaired')->assertDontSee('starts and stays up');
        $this->assertSame([$job->id], JobWords::find('S-12')->pluck('id')->all(), 'by the tag of a spare that stood in it');
        $this->assertSame([$job->id], JobWords::find('kestrel b2')->pluck('id')->all(), 'by the model of a part');
        // Struck out, the closing is no more: it stands on the floor again.
        $closing = $job->entries()->where('kind', 'closing')->firstOrFail();
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'strike-out', 'entry' => $closing->number, 'text' => 'too early']]);
        $this->assertNull($job->refresh()->summary?->refresh()->data['ended']);
    }

    public function test_the_wall_shows_all_and_the_bench_screen_what_stands_on_it(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark']]);
        $this->actingAs($this->person(Role::Technician));
        $this->get('/wall')->assertOk()->assertSee($job->tag)->assertSee('Find it');
        $this->get('/wall/1')->assertSee('Free. Take a bench');
        $this->post("/jobs/{$job->tag}/bench", ['bench' => 1]);
        $this->get('/wall/1')->assertSee($job->tag)->assertSee('Power-on chain', false)->assertSee('Last: ');
        $this->get('/wall/9')->assertNotFound();
        $this->actingAs($this->person(Role::Counter))->get('/wall')->assertOk()->assertSee($job->tag);
        $this->get('/wall/1')->assertForbidden();
    }

    private function closed(): Job
    {
        $this->spare('S-12', 'supply');
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']],
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]],
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail'],
                ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
                ['kind' => 'start', 'reached' => 'stays'],
                ['kind' => 'closing', 'price' => 9000, 'warranty_months' => 12, 'signed_off' => 'seen by the lead'],
            ],
            machine: ['platform' => ['board' => 'Kestrel B2']],
        );
        $job->machine->owner->update(['name' => 'Sample Person']);

        return $job->refresh()->load('summary');
    }
}
