<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bulletin;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Shop\ShopBelief;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a machine is made of is put right after it was taken in. */
final class MachineFactsTest extends TestCase
{
    use RefreshDatabase;

    private User $technician;

    protected function setUp(): void
    {
        parent::setUp();
        $this->technician = $this->person(Role::Technician);
        $this->actingAs($this->technician);
    }

    /** @return array<string, mixed> */
    private function form(Job $job, mixed ...$changed): array
    {
        return [
            'model' => $job->machine->model,
            'serial' => '',
            'picture_from' => 'card',
            'slots' => '2',
            'filled' => ['A2', 'B2'],
            'drives' => '1',
            ...$changed,
        ];
    }

    public function test_what_is_read_off_labels_is_kept_and_stands_on_the_record(): void
    {
        $job = $this->job();
        $this->get(route('jobs.machine', $job))->assertOk()->assertSee('What it is made of')->assertSee('Watts on its label');
        $this->post(route('jobs.made-of', $job), $this->form(
            $job,
            slots: '4',
            filled: ['A2'],
            facts: ['speaker'],
            uses: ['network', 'sleep'],
            platform: ['board' => ' Kestrel B2 ', 'supply-watts' => '400 W', 'card-room' => '270 mm', 'memory' => 'DDR4'],
        ))->assertSessionHasNoErrors()->assertRedirect(route('jobs.machine', $job));
        $made = $job->fresh()?->machine->made_of ?? [];
        $this->assertSame(['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A2']], $made['memory']);
        $this->assertSame(['Kestrel B2', '400', '270', 'network, sleep'], [
            $made['platform']['board'], $made['platform']['supply-watts'], $made['platform']['card-room'], $made['platform']['uses'],
        ]);
        $this->assertTrue($made['facts']['speaker']);
        $note = $job->entries()->reorder('number', 'desc')->firstOrFail();
        $this->assertSame('note', $note->kind);
        $this->assertStringContainsString('Sticks in: A2, B2 → A2.', $note->body['text']);
        $this->assertStringContainsString('Watts on its label: not known → 400.', $note->body['text']);
        $entries = $job->entries()->count();
        $this->post(route('jobs.made-of', $job), $this->form(
            $job,
            slots: '4',
            filled: ['A2'],
            facts: ['speaker'],
            uses: ['network', 'sleep'],
            platform: ['board' => 'Kestrel B2', 'supply-watts' => '400', 'card-room' => '270', 'memory' => 'DDR4'],
        ));
        $this->assertSame($entries, $job->entries()->count(), 'Nothing changed, so nothing is noted.');
    }

    public function test_no_part_goes_that_an_entry_speaks_of(): void
    {
        $job = $this->job();
        $this->post(route('entries.store', $job), ['written' => json_encode([
            ['kind' => 'start', 'reached' => 'dark', 'setup' => ['out' => ['stick-2']]],
        ]), 'once' => 'k'])->assertSessionHasNoErrors();
        $this->post(route('jobs.made-of', $job), $this->form($job, filled: ['A2'], platform: ['board' => 'Kestrel B2']))
            ->assertSessionHasErrors('filled');
        $this->assertSame(['A2', 'B2'], $job->fresh()?->machine->made_of['memory']['sticks']);
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_each_mistake_is_told_at_its_field_and_nothing_is_kept(string $field, array $wrong): void
    {
        $job = $this->job();
        $this->from(route('jobs.machine', $job))
            ->post(route('jobs.made-of', $job), $this->form($job, ...$wrong))
            ->assertRedirect(route('jobs.machine', $job))
            ->assertSessionHasErrors($field);
        $this->assertSame($job->machine->made_of, $job->fresh()?->machine->made_of);
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function mistakes(): array
    {
        return [
            'no model' => ['model', ['model' => '']],
            'no stick' => ['filled', ['filled' => []]],
            'a slot the board has not' => ['filled', ['filled' => ['A1']]],
            'watts in words' => ['platform.supply-watts', ['platform' => ['supply-watts' => 'plenty']]],
            'less than no room' => ['platform.card-room', ['platform' => ['card-room' => '-3']]],
            'too many drives' => ['drives', ['drives' => '9']],
            'a use we do not know' => ['uses.0', ['uses' => ['flying']]],
            'too long' => ['platform.board', ['platform' => ['board' => str_repeat('x', 81)]]],
        ];
    }

    public function test_only_the_bench_corrects_and_only_an_open_job(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Counter));
        $this->get(route('jobs.machine', $job))->assertForbidden();
        $this->post(route('jobs.made-of', $job), $this->form($job))->assertForbidden();
    }

    public function test_with_the_labels_read_the_sum_is_made_and_stands_ready_at_the_step(): void
    {
        $job = $this->job();
        $this->post(route('jobs.made-of', $job), $this->form($job, platform: [
            'processor-watts' => '125', 'card-watts' => '250', 'supply-watts' => '400', 'supply-amps12' => '30',
        ]));
        $this->get(route('jobs.machine', $job))->assertSee('Too small.')->assertSee('442 of 400 W');
        $this->post(route('entries.store', $job), ['written' => json_encode([
            ['kind' => 'start', 'reached' => 'drops', 'after' => 900, 'setup' => ['goal' => 'load'], 'times' => 2],
        ]), 'once' => 'k'])->assertSessionHasNoErrors();
        $this->get(route('jobs.supply', $job))->assertSee('value="400"', false)->assertSee('value="250"', false);
        $page = (string) $this->get(route('jobs.show', $job))->assertOk()->getContent();
        $this->assertStringContainsString('442 of 400 W', $page, 'Offered where it shuts off.');
        $this->assertStringContainsString('&quot;supply-sum&quot;,&quot;result&quot;:&quot;short&quot;', $page);
    }

    public function test_a_bulletin_on_a_part_counts_in_every_machine_that_has_it(): void
    {
        $job = $this->job();
        Bulletin::query()->create([
            'model' => 'Kestrel B2', 'words' => 'its capacitors swell', 'fault' => 'board-capacitor', 'part' => '', 'factor' => 6,
            'source' => 'maker', 'expires_at' => now()->addMonth(), 'user_id' => $this->technician->id,
        ]);
        $this->assertArrayNotHasKey('board-capacitor', app(ShopBelief::class)->factorsFor($job));
        $this->post(route('jobs.made-of', $job), $this->form($job, platform: ['board' => 'Kestrel B2']));
        $job = Job::query()->with('machine.owner')->findOrFail($job->id);
        $this->assertSame(6.0, app(ShopBelief::class)->factorsFor($job)['board-capacitor']);
        $this->get(route('jobs.show', $job))->assertSee('Bulletin, Kestrel B2.')
            ->assertSee('its capacitors swell')
            ->assertSee('its maker says so');
        $this->assertSame('Kestrel B2', app(AssessJob::class)->machine($job)->models()['board']);
    }

    public function test_own_builds_are_told_apart_and_counted_by_their_board(): void
    {
        $own = ['model' => 'Own build', 'platform' => ['board' => 'Kestrel B2', 'socket' => 'AM4']];
        $first = $this->job(machine: $own, entries: [
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['board']],
            ['kind' => 'closing', 'outcome' => 'repaired', 'price' => 9000, 'signed_off' => 'its owner is in a hurry'],
        ]);
        $this->assertSame(['board: Kestrel B2'], JobFacts::query()->findOrFail($first->id)->parts, 'A socket is no model.');
        $start = [['kind' => 'start', 'reached' => 'nothing']];
        $second = $this->job(machine: $own, entries: $start);
        $this->get(route('jobs.show', $second))->assertSee('One with a Kestrel B2 stopped here before');
        $other = $this->job(machine: ['model' => 'Own build', 'platform' => ['board' => 'Finch 3']], entries: $start);
        $this->get(route('jobs.show', $other))->assertDontSee('stopped here before');
    }

    public function test_what_the_owner_uses_is_asked_at_the_counter(): void
    {
        $this->get(route('intake.create'))->assertSee('The owner uses')->assertSee('card reader or disc drive');
    }
}
