<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** What was written down last is taken back with one key, for as long as nothing stands on it; nothing is ever deleted. */
final class TakenBackTest extends TestCase
{
    use RefreshDatabase;

    private function page(Job $job): string
    {
        return (string) $this->get("/jobs/{$job->tag}")->assertOk()->getContent();
    }

    private function undo(Job $job): void
    {
        preg_match('/class="deed".*?name="written"\s+value="([^"]+)".*?name="once"\s+value="([^"]+)"/s', $this->page($job), $form);
        $this->post("/jobs/{$job->tag}/entries", ['written' => html_entity_decode($form[1]), 'once' => $form[2]])
            ->assertSessionHasNoErrors();
    }

    public function test_the_last_start_is_taken_back_and_stays_on_the_record_struck_out(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'dark', 'waited' => '90'], 'once' => 'a']);
        $this->assertMatchesRegularExpression('/Recorded:\s+as it came, runs, no picture/', $this->page($job));
        $this->undo($job);
        $record = app(AssessJob::class)->record($job->fresh() ?? $job);
        $this->assertNull($record->lastStart());
        $this->assertCount(3, $record->entries, 'Told, started, struck out.');
        $this->assertStringContainsString('taken back at once', $this->page($job));
        $this->assertStringNotContainsString('class="deed"', $this->page($job), 'A taking back is not taken back.');
    }

    public function test_an_act_goes_with_the_start_that_was_sent_with_it(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $written = [
            ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 90],
        ];
        $this->post("/jobs/{$job->tag}/entries", ['written' => json_encode($written), 'once' => 'b'])->assertSessionHasNoErrors();
        $this->undo($job);
        $this->assertSame(2, Entry::query()->where('job_id', $job->id)->where('kind', 'strike-out')->count());
        $this->assertCount(1, app(AssessJob::class)->record($job->fresh() ?? $job)->inForce);
    }

    public function test_what_another_wrote_or_what_is_old_is_not_taken_back_by_a_key(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'dark', 'waited' => '90'], 'once' => 'c']);
        $this->travel(20)->minutes();
        $this->assertStringNotContainsString('class="deed"', $this->page($job));
        $this->travelBack();
        $this->actingAs($this->person(Role::Lead));
        $this->assertStringNotContainsString('class="deed"', $this->page($job));
    }
}
