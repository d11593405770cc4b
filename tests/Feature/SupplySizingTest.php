<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class SupplySizingTest extends TestCase
{
    use RefreshDatabase;

    private const LABEL = [
        'watts' => '300 W',
        'amps' => '18A',
        'has6' => '0',
        'has8' => '0',
        'processor' => '95',
        'card6' => '1',
        'card8' => '0',
        'fans' => '3',
    ];

    public function test_the_sums_are_shown_and_go_on_the_record(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->get("/jobs/{$job->tag}/supply")
            ->assertOk()
            ->assertSee('Nothing is added up yet')
            ->assertSee('2 sticks and 1 drives');
        $page = $this->get("/jobs/{$job->tag}/supply?".http_build_query(self::LABEL))
            ->assertOk()
            ->assertSee('Too small')
            ->assertSee('It lacks a 6-pin plug')
            ->assertSee('value="300 W"', false);
        preg_match('/name="written" value="([^"]+)"/', (string) $page->getContent(), $found);
        $written = html_entity_decode($found[1] ?? '');
        $this->post("/jobs/{$job->tag}/entries", ['written' => $written, 'once' => 'k'])->assertSessionHasNoErrors();
        $entry = $job->entries()->reorder('number', 'desc')->firstOrFail();
        $this->assertSame(['supply-sum', 'short'], [$entry->body['check'], $entry->body['result']]);
        $this->assertStringContainsString('of 300 W', $entry->body['text']);
    }

    /** 80 PLUS, 115 V internal, from memory: plain gives 80 per cent at full load. 299 W over 300 is nearly that. */
    public function test_with_its_class_it_says_what_a_meter_at_the_wall_may_show(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $page = $this->get("/jobs/{$job->tag}/supply?".http_build_query(self::LABEL + ['class' => 'plain']))->assertOk();
        preg_match('/All parts at work: (\d+) of 300 W/', (string) $page->getContent(), $watts);
        preg_match('/about (\d+) W: what a plug-in meter/', (string) $page->getContent(), $wall);
        $this->assertEqualsWithDelta((int) $watts[1] / 0.8, (int) $wall[1], 1.5);
        $this->get("/jobs/{$job->tag}/supply?".http_build_query(self::LABEL + ['class' => 'wood']))->assertSessionHasErrors('class');
    }

    public function test_what_is_no_label_is_told_and_nothing_is_lost(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        foreach (
            [['watts' => 'many'], ['watts' => '5'], ['amps' => ''], ['processor' => ''], ['card6' => '9'], ['amps' => '300 A']] as $wrong
        ) {
            $this->get("/jobs/{$job->tag}/supply?".http_build_query([...self::LABEL, ...$wrong]))
                ->assertRedirect("/jobs/{$job->tag}/supply")
                ->assertSessionHasErrors()
                ->assertSessionHasInput('fans', '3');
        }
    }
}
