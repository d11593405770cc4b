<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Role;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** The first hour: a guided job that says what its machine shows, and a tour that is offered until it was taken. */
final class FirstHourTest extends TestCase
{
    use RefreshDatabase;

    public function test_who_does_what_the_guide_says_comes_to_the_end_of_the_bench(): void
    {
        config(['shop.demo' => true]);
        $this->actingAs($this->person(Role::Technician));
        $this->spare('S-12', 'supply');
        $this->get('/')->assertSee('Begin a first job');
        $this->post('/first-job')->assertRedirect();
        $job = Job::query()->firstOrFail();
        $guide = '';
        for ($deeds = 0; $deeds < 40; $deeds++) {
            $page = new DOMDocument;
            @$page->loadHTML((string) $this->get("/jobs/{$job->tag}")->assertOk()->getContent());
            $guide = self::text($page, "//p[@class='guide noprint']");
            if (str_contains($guide, 'Close it')) {
                break;
            }
            $this->post("/jobs/{$job->tag}/entries", ['written' => self::written($page, $guide), 'once' => "deed-{$deeds}"])
                ->assertSessionHasNoErrors();
        }
        $this->assertLessThan(30, $deeds);
        $this->assertStringContainsString('Close it', $guide);
        $this->get("/jobs/{$job->tag}/close")->assertSee('First job');
        $this->get("/jobs/{$job->tag}/letter")->assertSee('We replaced the power supply.');
    }

    public function test_a_guided_job_is_no_job_of_the_shops(): void
    {
        config(['shop.demo' => true]);
        $this->actingAs($this->person(Role::Lead));
        $this->post('/first-job');
        $job = Job::query()->firstOrFail();
        $closing = ['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'practice', 'outcome' => 'unrepaired'];
        app(\App\UseCases\Jobs\RecordEntries::class)->record($job, $this->person(Role::Lead), [
            ['kind' => 'start', 'reached' => 'nothing'],
            $closing,
        ]);
        $this->assertTrue($job->refresh()->summary?->closed);
        $this->assertSame(0, JobFacts::query()->count());
    }

    public function test_it_is_offered_in_a_shop_to_look_at_alone(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $this->get('/')->assertDontSee('Begin a first job');
        $this->post('/first-job')->assertNotFound();
        $this->assertSame(0, Job::query()->count());
    }

    public function test_the_tour_is_offered_until_it_was_taken(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->get("/jobs/{$job->tag}")->assertSee('class="new-here"', false)->assertSee('data-at=".chain-strip"', false);
        $this->post('/tour')->assertNoContent();
        $this->get("/jobs/{$job->tag}")->assertDontSee('class="new-here"', false)->assertSee('Take the tour of this page');
        $this->actingAs($this->person(Role::Counter))->post('/tour')->assertForbidden();
    }

    /** The button of the first step that says what the guide says the machine shows; the first one where it leaves the choice. */
    private static function written(DOMDocument $page, string $guide): string
    {
        $first = "//*[contains(@class, 'step') and contains(@class, 'first')]";
        $forms = (new DOMXPath($page))->query("{$first}//form[contains(@class, 'press')]");
        $written = null;
        foreach ($forms ?: [] as $form) {
            assert($form instanceof DOMElement);
            $words = trim((string) preg_replace('/\s+/', ' ', self::text($page, './/button/b', $form)));
            $value = self::text($page, ".//input[@name='written']/@value", $form);
            $written ??= $value;
            if ($words !== '' && str_contains($guide, $words)) {
                return $value;
            }
        }

        return (string) $written;
    }

    private static function text(DOMDocument $page, string $path, ?DOMElement $in = null): string
    {
        $found = (new DOMXPath($page))->query($path, $in);

        return trim((string) ($found === false ? '' : $found->item(0)?->textContent));
    }
}
