<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\WriteLetter;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** A part sent in without a machine is tried in a good one of the shop's, and only it is spoken of. */
final class PartAloneTest extends TestCase
{
    use RefreshDatabase;

    private function takenIn(string $kind, string $model): Job
    {
        $this->actingAs($this->person(Role::Counter))->post(route('intake.store'), [
            'name' => 'Ines Roe', 'phone' => '0555 000 222', 'model' => $model, 'alone' => $kind, 'picture_from' => 'card', 'slots' => '2',
            'sticks' => '2', 'drives' => '1', 'complaint' => 'No picture in my own machine.', 'reached' => 'dark',
        ])->assertSessionHasNoErrors();

        return Job::query()->latest('id')->firstOrFail();
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function record(Job $job, array $entries): void
    {
        $this->post(route('entries.store', $job), ['written' => json_encode($entries), 'once' => uniqid()])->assertSessionHasNoErrors();
    }

    public function test_a_card_alone_is_proved_in_a_host_and_the_letter_speaks_of_nothing_else(): void
    {
        $job = $this->takenIn('card', 'Wren 6');
        $this->assertSame('card', $job->machine->made_of['alone']);
        $this->actingAs($this->person(Role::Lead));
        $this->get(route('jobs.show', $job))->assertSee('graphics card alone')->assertSee('Put it into a known-good machine')
            ->assertSee('another one of its kind');
        $this->record($job, [
            ['kind' => 'start', 'reached' => 'stays', 'times' => 8],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 4, 'setup' => ['goal' => 'load']],
        ]);
        $assessment = app(AssessJob::class)->assess($job->fresh(['machine.owner']));
        $this->assertSame([], $assessment->proof->owed);
        $this->get(route('jobs.prove', $job))->assertOk()
            ->assertSee('In a known-good machine, stays up')
            ->assertDontSee('by the real button');
        $this->post(route('closing.store', $job), ['price' => '20', 'warranty_months' => '1', 'signed_off' => 'x'])
            ->assertSessionHasNoErrors();
        $letter = app(WriteLetter::class)->of($job->fresh(['machine.owner']))->text();
        $this->assertStringContainsString('We tried it in a machine of ours', $letter);
        $this->assertStringContainsString('These worked when we started the machine: the graphics card', $letter);
        foreach (['main board', 'power supply', 'its own power button', 'our own mains'] as $ours) {
            $this->assertStringNotContainsString($ours, $letter);
        }
    }

    public function test_what_was_tried_in_a_good_machine_is_not_listed_as_not_started(): void
    {
        $job = $this->takenIn('card', 'Wren 6');
        $this->actingAs($this->person(Role::Lead));
        $this->get('/')->assertSee('not started yet');
        $this->record($job, [['kind' => 'finding', 'check' => 'card-in-host', 'target' => 'card', 'result' => 'works']]);
        $this->get('/')->assertSee('tried in a good machine')->assertDontSee('not started yet');
        $this->get(route('jobs.show', $job))->assertSee('Last trial, Graphics card: card in a known-good machine: works there.');
    }

    public function test_nothing_of_the_machine_around_it_is_offered_changed_or_sold(): void
    {
        $job = $this->takenIn('supply', 'Lark 500');
        $this->actingAs($this->person(Role::Lead));
        $this->record($job, [['kind' => 'start', 'reached' => 'nothing', 'times' => 3]]);
        $this->get(route('jobs.decide', $job))
            ->assertOk()
            ->assertDontSee('Board, processor and memory exchanged')
            ->assertDontSee('replace the board');
        foreach (app(AssessJob::class)->assess($job->fresh(['machine.owner']))->advice->steps as $step) {
            $this->assertContains($step->candidate->target?->kind->id, [null, 'supply'], $step->candidate->name());
        }
    }

    public function test_what_is_no_part_that_can_come_alone_is_told(): void
    {
        $this->actingAs($this->person(Role::Counter))
            ->post(route('intake.store'), ['alone' => 'kettle'])
            ->assertSessionHasErrors(['alone' => 'Say whether a whole machine comes in, or which part alone.']);
    }
}
