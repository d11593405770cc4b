<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class SupplySizingTest extends TestCase
{
    use RefreshDatabase;

    private const LABEL = ['watts' => '300 W', 'amps' => '18A', 'has6' => '0', 'has8' => '0', 'processor' => '95', 'card6' => '1', 'card8' => '0', 'fans' => '3'];

    public function test_the_sums_are_shown_and_go_on_the_record(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->get("/jobs/{$job->tag}/supply")->assertOk()->assertSee('Nothing is added up yet')->assertSee('2 sticks and 1 drives');
        $page = $this->get("/jobs/{$job->tag}/supply?".http_build_query(self::LABEL))->assertOk()->assertSee('Too small')->assertSee('It lacks a 6-pin plug')->assertSee('value="300 W"', false);
        preg_match('/name="written" value="([^"]+)"/', (string) $page->getContent(), $found);
        $written = html_entity_decode($found[1] ?? '');
        $this->post("/jobs/{$job->tag}/entries", ['written' => $written, 'once' => 'k'])->assertSessionHasNoErrors();
        $entry = $job->entries()->reorder('number', 'desc')->firstOrFail();
        $this->assertSame(['supply-sum', 'short'], [$entry->body['check'], $entry->body['result']]);
        $this->assertStringContainsString('of 300 W', $entry->body['text']);
    }

    public function test_what_is_no_label_is_told_and_nothing_is_lost(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        foreach ([['watts' => 'many'], ['watts' => '5'], ['amps' => ''], ['processor' => ''], ['card6' => '9'], ['amps' => '300 A']] as $wrong) {
            $this->get("/jobs/{$job->tag}/supply?".http_build_query([...self::LABEL, ...$wrong]))->assertRedirect("/jobs/{$job->tag}/supply")->assertSessionHasErrors()->assertSessionHasInput('fans', '3');
        }
    }
}
