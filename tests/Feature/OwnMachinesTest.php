<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bulletin;
use App\Models\Job;
use App\Models\Message;
use App\Models\Role;
use App\UseCases\Advice\DecideJob;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class OwnMachinesTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_lot_is_shared_out_and_each_machine_says_what_to_do(): void
    {
        $this->actingAs($this->person(Role::Lead))
            ->post('/own', [
                'models' => "Heron T2\n\nCurlew 340 ",
                'paid' => '70.01',
                'from' => 'A school',
                'said' => 'neither starts',
                'return_days' => '9',
                'memory_type' => 'DDR4',
            ])
            ->assertSessionHasNoErrors()
            ->assertRedirect('/own');
        $jobs = Job::query()->whereNotNull('own')->get();
        $this->assertCount(2, $jobs);
        $this->assertSame(7001, $jobs->sum(fn (Job $job): int => $job->own['paid'] ?? 0));
        $this->assertSame(0, Message::query()->count(), 'Nobody is written to about our own.');
        $this->get('/own')->assertOk()->assertSee('A school')->assertSee('goes back until');
        $job = $jobs->firstOrFail();
        $this->get("/jobs/{$job->tag}/own")
            ->assertOk()
            ->assertSee('Graphics card')
            ->assertSee('9 more days')
            ->assertSee('set aside for comebacks');
        $this->get("/jobs/{$job->tag}")
            ->assertOk()
            ->assertSee('ours');
        // What is ours is ordered for without asking anybody.
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'bw-drive-500', 'part' => 'drive'])->assertSessionHasNoErrors();
        $this->get('/jobs/'.$this->job()->tag.'/own')->assertNotFound();
    }

    public function test_what_it_costs_to_build_one_follows_what_is_found(): void
    {
        $this->actingAs($this->person(Role::Lead))
            ->post('/own', ['models' => 'Heron T2', 'paid' => '20', 'from' => 'A school'])
            ->assertSessionHasNoErrors();
        $job = Job::query()->whereNotNull('own')->firstOrFail();
        $decide = app(DecideJob::class);
        $this->assertSame($decide->decide($job)->now, $decide->costNow($job));
        $this->assertSame($decide->costNow($job), $decide->costNow($job->refresh()), 'It is kept.');
        $before = $decide->costNow($job);
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'stays', 'times' => 6],
        ])->assertSessionHasNoErrors();
        $this->assertLessThan($before, $decide->costNow($job->refresh()), 'Not longer than it is true.');
    }

    public function test_the_last_days_of_return_are_told_and_models_with_a_bulletin_are_bought_with_care(): void
    {
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)
            ->post('/own', ['models' => 'Heron T2', 'paid' => '20', 'from' => 'A school', 'return_days' => '9'])
            ->assertSessionHasNoErrors();
        Bulletin::query()->create([
            'model' => 'Plover Max',
            'words' => 'Boards fail early.',
            'fault' => '',
            'factor' => 2,
            'expires_at' => now()->addMonth(),
            'user_id' => $lead->id,
        ]);
        $this->get('/own')->assertSee('Think twice about a Plover Max')->assertSee('Boards fail early.');
        $this->get('/')->assertDontSee('can go back to the seller');
        $this->travel(7)->days();
        $this->get('/')->assertSee('can go back to the seller only until '.now()->addDays(2)->format('j M'));
        $this->travel(5)->days();
        $this->get('/')->assertDontSee('can go back to the seller');
    }

    public function test_what_is_no_purchase_is_told(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $form = ['models' => 'Heron T2', 'paid' => '10', 'from' => 'A school'];
        foreach (['models' => "\n", 'paid' => '-5', 'from' => '', 'return_days' => '-1'] as $field => $wrong) {
            $this->post('/own', [$field => $wrong] + $form)->assertSessionHasErrors($field);
        }
        $this->assertSame(0, Job::query()->count());
    }
}
