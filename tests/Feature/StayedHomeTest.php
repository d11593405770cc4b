<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Planning\NextStep;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the counter writes down to have come with a machine says what did not. */
final class StayedHomeTest extends TestCase
{
    use RefreshDatabase;

    private const GOOD = [
        'name' => 'Ines Karg',
        'phone' => '0555 090 112',
        'model' => 'Bittern 5',
        'picture_from' => 'card',
        'slots' => '2',
        'sticks' => '2',
        'drives' => '1',
        'complaint' => 'The screen stays black',
        'reached' => 'dark',
    ];

    /** @return iterable<string, array{list<string>, string, list<string>}> */
    public static function said(): iterable
    {
        yield 'nobody said anything' => [[], '', []];
        yield 'a word alone is no list' => [[], 'a bag', []];
        yield 'nothing else' => [['nothing else'], '', ['wall-lead', 'devices', 'video-lead', 'screen']];
        yield 'its power lead' => [['power lead', 'bag or box'], '', ['devices', 'video-lead', 'screen']];
        yield 'screen and mouse' => [['screen', 'mouse'], '', ['wall-lead', 'video-lead']];
        yield 'all of it' => [['power lead', 'screen lead', 'screen', 'keyboard'], '', []];
        yield 'a device in words' => [['power lead'], 'a drawing pad', ['video-lead', 'screen']];
        yield 'leads in words' => [['keyboard'], 'two leads', ['screen']];
        yield 'a monitor in words' => [['keyboard'], 'small monitor', ['wall-lead', 'video-lead']];
    }

    /**
     * @param  list<string>  $accessories
     * @param  list<string>  $atHome
     */
    #[DataProvider('said')]
    public function test_what_was_not_brought_stayed_at_home(array $accessories, string $with, array $atHome): void
    {
        $this->actingAs($this->person(Role::Counter))
            ->post('/counter', [...self::GOOD, 'accessories' => $accessories, 'with' => $with])
            ->assertSessionHasNoErrors();
        $job = Job::query()->with('machine')->firstOrFail();
        $this->assertSame($atHome, $job->machine->made_of['at_home']);
        $this->assertStringNotContainsString('nothing else', (string) ($job->agreed['with'] ?? ''));
    }

    public function test_the_bench_is_not_sent_to_what_is_not_here_and_the_chain_says_where_it_is(): void
    {
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)->post('/counter', [...self::GOOD, 'accessories' => ['nothing else']]);
        $job = Job::query()->firstOrFail();
        $dark = json_encode([['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        $this->post(route('entries.store', $job), ['written' => $dark, 'once' => 'a'])->assertSessionHasNoErrors();
        $this->get(route('jobs.show', $job))->assertOk()->assertSee('Screen: not tested, stayed at home');
        $this->assertNotContains('devices-out', $this->steps($job));

        $brought = ['model' => 'Bittern 5', 'picture_from' => 'card', 'slots' => '2', 'filled' => ['A2', 'B2'], 'drives' => '1'];
        $this->post(route('jobs.made-of', $job), [...$brought, 'at_home' => ['devices']])->assertSessionHasNoErrors();
        $this->get(route('jobs.show', $job))->assertDontSee('Screen: not tested, stayed at home');
        $this->assertContains('screen-look', $this->steps($job));
        $note = $job->entries()->reorder('number', 'desc')->firstOrFail();
        $this->assertStringContainsString('Stayed at home: the power lead, keyboard, mouse', $note->body['text']);
        $this->post(route('jobs.made-of', $job), [...$brought, 'at_home' => ['board']])->assertSessionHasErrors('at_home.0');
    }

    /** @return list<string> */
    private function steps(Job $job): array
    {
        $advice = $this->app->make(AssessJob::class)->assess($job->refresh())->advice;

        return array_map(fn (NextStep $step): string => $step->candidate->id(), [...$advice->steps, ...$advice->foregone]);
    }

    public function test_what_it_comes_with_the_next_time_is_asked_anew(): void
    {
        $lead = $this->person(Role::Lead);
        $first = $this->job(machine: ['at_home' => ['screen']], entries: [
            ['kind' => 'start', 'reached' => 'stays'],
            ['kind' => 'closing', 'price' => 0, 'warranty_months' => 6, 'outcome' => 'no-fault-found'],
            ['kind' => 'collection', 'method' => 'none'],
        ]);
        $this->actingAs($lead)->post("/jobs/{$first->tag}/came-back", ['text' => 'Dark again', 'reached' => 'dark']);
        $back = Job::query()->where('comeback_of', $first->id)->firstOrFail();
        $this->assertArrayNotHasKey('at_home', $back->machine->made_of);
    }
}
