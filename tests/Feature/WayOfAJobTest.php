<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The rail that heads every page of a job: where it stands, what is owed, and no way that a person may not go. */
final class WayOfAJobTest extends TestCase
{
    use RefreshDatabase;

    private const FOUND = [
        ['kind' => 'report', 'reached' => 'nothing', 'events' => ['storm']],
        ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']],
        ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
    ];

    /** @return array<string, array{string}> */
    public static function pages(): array
    {
        $pages = [
            '', '/decide', '/prove', '/close', '/letter', '/papers', '/photos', '/socket', '/contacts', '/machine', '/supply', '/stand',
            '/claim', '/card',
        ];

        return array_combine($pages, array_map(fn (string $page): array => [$page], $pages));
    }

    #[DataProvider('pages')]
    public function test_every_page_of_a_job_has_its_rail(string $page): void
    {
        $job = $this->job(entries: self::FOUND);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}{$page}")
            ->assertOk()
            ->assertSeeInOrder(['Taken in', 'First start', 'nothing happens', 'Find the fault', 'Supply', 'Decide'])
            ->assertSeeInOrder(['Decide', 'Repair', 'Prove', 'Hand back'])
            ->assertSee('It is dead')
            ->assertSee('aria-label="The way of this job"', false);
    }

    public function test_the_open_station_is_told_from_the_one_it_stands_at(): void
    {
        $job = $this->job(entries: self::FOUND);
        $page = (string) $this->actingAs($this->person(Role::Technician))->get("/jobs/{$job->tag}/prove")->getContent();
        preg_match_all('/<li class="([^"]*)">\s*<a class="stop" href="([^"]+)"/', $page, $stops);
        $this->assertCount(7, $stops[0]);
        $with = fn (string $mark): array => array_keys(array_filter($stops[1], fn (string $marks): bool => str_contains($marks, $mark)));
        $this->assertSame([5], $with('open'), 'What is open: prove.');
        $this->assertCount(1, $with('here'));
        $this->assertContains($with('here')[0], [2, 3], 'It stands before the repair.');
        $this->assertSame([0, 1, 2], $with('done'), 'Taken in, started, found.');
        $this->assertStringEndsWith("/jobs/{$job->tag}/prove", $stops[2][5]);
    }

    public function test_the_counter_meets_no_link_that_its_role_does_not_open(): void
    {
        $job = $this->job(entries: self::FOUND);
        $this->actingAs($this->person(Role::Counter));
        $page = (string) $this->get("/jobs/{$job->tag}/stand")->assertOk()->getContent();
        preg_match('/<div class="job-head.*<\/nav>/s', $page, $frame);
        preg_match_all('/href="([^"]+)"/', $frame[0] ?? '', $links);
        $this->assertGreaterThan(5, count($links[1]));
        foreach (array_unique($links[1]) as $link) {
            $this->assertLessThan(400, $this->get($link)->status(), $link);
        }
    }

    public function test_what_runs_here_is_offered_no_repair_on_a_guess(): void
    {
        $well = ['kind' => 'start', 'reached' => 'stays'];
        $job = $this->job(report: ['reached' => 'stays', 'text' => 'It acted up', 'marks' => ['consent-system']], entries: [
            ['times' => 4] + $well,
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'starts-alone', 'result' => 'waits'],
            ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'cpu-plug', 'card-plug', 'panel', 'drive-lead', 'wall-lead']],
            ['times' => 4] + $well,
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2', 'slot-B2']],
            ['times' => 3] + $well,
            ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'],
            ['kind' => 'finding', 'check' => 'supply-sum', 'result' => 'enough'],
            ['kind' => 'finding', 'check' => 'temperature', 'result' => 'pass'],
            ['kind' => 'finding', 'check' => 'memory-test', 'result' => 'clean'],
            ['kind' => 'finding', 'check' => 'lanes', 'result' => 'full'],
            ['kind' => 'finding', 'check' => 'look-contacts', 'result' => 'clear'],
            ['times' => 2, 'setup' => ['goal' => 'load']] + $well,
            ['times' => 2] + $well,
            ['kind' => 'act', 'act' => 'advise', 'on' => ['wall-socket', 'screen']],
            ['times' => 3] + $well,
        ]);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('It runs here, and nothing is likely enough to be replaced')
            ->assertSee('What the owner may be told')
            ->assertDontSee('Decide: ');
        $this->get('/')->assertSee('Tell the owner that it runs here');
    }
}
