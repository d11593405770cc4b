<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The forms of looks and readings are kept for machines that are alike, and nothing of one job or one mistake stays in them. */
final class CheckFormsTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Technician));
    }

    private function forms(Job $job): string
    {
        $page = (string) $this->get(route('jobs.show', $job))->assertOk()->getContent();
        $this->assertSame(1, preg_match('/<dialog id="d-check".*?<\/dialog>/s', $page, $form));

        return $form[0];
    }

    public function test_two_machines_that_are_alike_have_the_same_forms_with_the_addresses_of_their_own(): void
    {
        [$one, $two] = [$this->job(), $this->job()];
        foreach ([$one, $two, $one] as $job) {
            $forms = $this->forms($job);
            $this->assertStringContainsString('"'.route('jobs.socket', $job, absolute: false).'"', $forms);
            $this->assertStringNotContainsString(route('jobs.socket', $job->is($one) ? $two : $one, absolute: false), $forms);
            $this->assertStringNotContainsString('--', (string) preg_replace('/<!--.*?-->/s', '', $forms));
        }
    }

    public function test_who_comes_by_another_address_is_not_sent_to_the_one_they_were_made_at(): void
    {
        $job = $this->job();
        $this->forms($job);
        $page = (string) $this->get("http://shop.example/jobs/{$job->tag}")->assertOk()->getContent();
        $this->assertSame(1, preg_match('/<a href="([^"]*)">Mark the contacts on the drawing/', $page, $to));
        $this->assertSame(route('jobs.socket', $job, absolute: false), $to[1]);
    }

    public function test_another_machine_and_a_new_host_change_them(): void
    {
        $job = $this->job();
        $before = $this->forms($job);
        $this->assertStringContainsString('Stick 2', $before);
        $this->assertStringNotContainsString('Stick 2', $this->forms($this->job(
            machine: ['memory' => ['slots' => ['A2', 'B2'], 'sticks' => ['A2']]],
        )));
        $this->assertStringNotContainsString('H-1', $before);
        $this->spare('H-1', 'host');
        $this->assertStringContainsString('H-1', $this->forms($job));
    }

    public function test_what_was_refused_stands_in_its_form_once_and_in_no_other(): void
    {
        $job = $this->job();
        $sent = ['kind' => 'finding', 'check' => 'supply-test', 'values' => ['v12' => 'lots']];
        $this->from(route('jobs.show', $job))->post(route('entries.store', $job), ['once' => 'k', 'entry' => $sent])
            ->assertSessionHasErrors('entry.values.v12');
        $refused = $this->forms($job);
        $this->assertStringContainsString('value="lots"', $refused);
        $this->assertStringContainsString('aria-invalid', $refused);
        foreach ([$job, $this->job()] as $again) {
            $this->assertStringNotContainsString('value="lots"', $this->forms($again));
            $this->assertStringNotContainsString('aria-invalid', $this->forms($again));
        }
    }

    public function test_what_was_sent_with_something_else_is_not_kept_in_them(): void
    {
        $job = $this->job();
        session()->flashInput(['entry' => ['kind' => 'note', 'check' => 'supply-test', 'values' => ['v12' => 'lots'], 'result' => 'pass']]);
        $this->assertStringNotContainsString('value="lots"', $this->forms($job));
        $this->assertStringNotContainsString(' checked', $this->forms($job));
    }
}
