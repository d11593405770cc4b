<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Message;
use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class OwnMachinesTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_lot_is_shared_out_and_each_machine_says_what_to_do(): void
    {
        $this->actingAs($this->person(Role::Lead))->post('/own', ['models' => "Heron T2\n\nCurlew 340 ", 'paid' => '70.01', 'from' => 'A school', 'said' => 'neither starts', 'return_days' => '9', 'memory_type' => 'DDR4'])->assertSessionHasNoErrors()->assertRedirect('/own');
        $jobs = Job::query()->whereNotNull('own')->get();
        $this->assertCount(2, $jobs);
        $this->assertSame(7001, $jobs->sum(fn (Job $job): int => $job->own['paid'] ?? 0));
        $this->assertSame(0, Message::query()->count(), 'Nobody is written to about our own.');
        $this->get('/own')->assertOk()->assertSee('A school')->assertSee('goes back until');
        $job = $jobs->firstOrFail();
        $this->get("/jobs/{$job->tag}/own")->assertOk()->assertSee('Graphics card')->assertSee('9 more days')->assertSee('set aside for comebacks');
        $this->get("/jobs/{$job->tag}")->assertOk()->assertSee('ours');
        // What is ours is ordered for without asking anybody.
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'bw-drive-500', 'part' => 'drive'])->assertSessionHasNoErrors();
        $this->get('/jobs/'.$this->job()->tag.'/own')->assertNotFound();
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
