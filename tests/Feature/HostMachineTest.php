<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Diagnosis\Standing;
use Tests\TestCase;

/** Hosts of the shop: a machine with parts of its own, that may be bad, seat badly, refuse, or have the same board. */
final class HostMachineTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Technician));
    }

    public function test_a_host_that_fails_with_its_own_part_says_nothing_and_leaves_the_shelf(): void
    {
        $host = $this->spare('H-1', 'host');
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => [
            'kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-1', 'host' => 'h-1', 'result' => 'fails',
            'in_host' => ['own' => 'fails'],
        ]])->assertSessionHasNoErrors();
        $this->assertSame('quarantined', $host->refresh()->status);
        $this->assertSame('failed with its own part too', $host->reason);
        $this->get(route('jobs.show', $job))->assertSee('stick in a known-good machine H-1 (failed with its own part too)');
        $standing = app(AssessJob::class)->assess($job->refresh())->standings['stick-1'];
        $this->assertNotSame(Standing::Condemned, $standing->standing);
    }

    public function test_one_that_ran_with_its_own_part_back_is_proved_by_it(): void
    {
        $host = $this->spare('H-1', 'host');
        $host->update(['trust' => 0.8]);
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => [
            'kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-1', 'host' => 'H-1', 'result' => 'fails',
            'in_host' => ['own' => 'runs', 'again' => '1'],
        ]])->assertSessionHasNoErrors();
        $body = $job->entries()->reorder('number', 'desc')->firstOrFail()->body;
        $this->assertSame(['tag' => 'H-1', 'own' => 'runs', 'again' => true, 'trust' => 0.8], $body['host']);
        $this->assertGreaterThan(0.8, $host->refresh()->trust);
    }

    public function test_what_is_no_answer_of_a_host_is_refused_at_its_place(): void
    {
        $this->spare('H-1', 'host');
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        $entry = ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-1', 'host' => 'H-1', 'result' => 'fails'];
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => $entry + ['in_host' => ['own' => 'perhaps']]])
            ->assertSessionHasErrors('entry.host');
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => $entry + ['in_host' => 'runs']])->assertSessionHasNoErrors();
    }

    public function test_a_host_and_a_machine_with_the_same_board_are_witnesses(): void
    {
        $made = fn (string $board): array => ['platform' => ['board' => $board]];
        $this->spare('H-1', 'host')->update(['facts' => ['board' => 'fen b3']]);
        $this->spare('H-2', 'host')->update(['facts' => ['board' => 'Fen B4']]);
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]], machine: $made('Fen B3'));
        $witness = $this->job(machine: $made('Fen B3'));
        $other = $this->job(machine: $made('Fen B4'));
        $this->get(route('jobs.donors', [$job, 'card']))
            ->assertSee(['The same board in the shop', 'H-1', $witness->tag])
            ->assertDontSee(['H-2', $other->tag]);
        $this->get(route('jobs.donors', [$this->job(), 'card']))->assertDontSee('The same board in the shop');
        $this->post(route('entries.store', $job), ['once' => 'k', 'entry' => [
            'kind' => 'finding', 'check' => 'card-in-host', 'host' => 'H-1', 'result' => 'works',
        ]])->assertSessionHasNoErrors();
        $this->assertTrue($job->entries()->reorder('number', 'desc')->firstOrFail()->body['host']['same_board']);
    }
}
