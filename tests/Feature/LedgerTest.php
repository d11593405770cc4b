<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\Role;
use App\Models\Spare;
use App\Models\Summary;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Evidence\CaseMistake;
use Tests\TestCase;

/** The record is append-only, whoever asks. */
final class LedgerTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_database_refuses_to_change_an_entry(): void
    {
        $this->job();
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('append-only');
        DB::table('entries')->update(['kind' => 'note']);
    }

    public function test_the_database_refuses_to_delete_an_entry(): void
    {
        $this->job();
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('append-only');
        DB::table('entries')->delete();
    }

    public function test_a_strike_out_is_an_entry_and_everything_is_worked_out_again(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $assess = app(AssessJob::class);
        $before = $assess->assess($job)->standings['supply']->probability;
        $record = app(RecordEntries::class);
        $by = $this->person(Role::Technician);
        $record->record($job, $by, [['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail']]);
        $this->assertSame('condemned', $assess->assess($job)->standings['supply']->standing->value);
        $record->record($job, $by, [['kind' => 'strike-out', 'entry' => 3, 'text' => 'tester was flat']]);
        $this->assertSame(4, $job->entries()->count());
        $this->assertEqualsWithDelta($before, $assess->assess($job)->standings['supply']->probability, 1e-12);
    }

    public function test_what_is_kept_of_a_job_is_as_if_worked_out_afresh(): void
    {
        $this->spare('S-12', 'supply');
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $assess = app(AssessJob::class);
        $kept = $assess->assess($job);
        Cache::flush();
        $this->assertEquals($assess->assess($job)->standings, $kept->standings);
        $this->assertNotNull($kept->advice->step('lend-supply')?->candidate->spare);
        // The shelf changes, and with it what can be advised.
        Spare::query()->delete();
        $this->assertTrue($assess->assess($job)->advice->step('lend-supply')?->candidate->lacksSpare);
    }

    public function test_the_same_form_sent_twice_is_one_entry(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $form = ['entry' => ['kind' => 'start', 'reached' => 'nothing'], 'once' => 'abc'];
        $this->post("/jobs/{$job->tag}/entries", $form)->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/entries", $form)->assertSessionHasNoErrors();
        $this->assertSame(2, $job->entries()->count());
        $this->post("/jobs/{$job->tag}/entries", [...$form, 'once' => 'abd'])->assertSessionHasNoErrors();
        $this->assertSame(3, $job->entries()->count());
    }

    public function test_of_two_entries_with_one_mistake_none_is_recorded(): void
    {
        $job = $this->job();
        try {
            app(RecordEntries::class)->record($job, $this->person(Role::Technician), [
                ['kind' => 'note', 'text' => 'first'],
                ['kind' => 'start', 'reached' => 'drak'],
            ]);
            $this->fail('The mistake was not noticed.');
        } catch (CaseMistake $mistake) {
            $this->assertSame('/reached', $mistake->path);
        }
        $this->assertSame(1, $job->entries()->count());
    }

    public function test_who_and_when_cannot_be_made_up(): void
    {
        $job = $this->job();
        $by = $this->person(Role::Technician);
        app(RecordEntries::class)->record($job, $by, [
            ['kind' => 'note', 'text' => 'hello', 'by' => 'somebody else', 'at' => '1999-01-01T00:00:00Z'],
        ]);
        $entry = Entry::query()->with('user')->orderByDesc('number')->firstOrFail();
        $this->assertSame($by->name, $entry->written()['by']);
        $this->assertTrue($entry->made_at->isToday());
    }

    public function test_an_entry_that_waited_for_the_network_is_as_old_as_it_is_and_no_older_than_a_day(): void
    {
        $this->travelTo('2026-11-24 10:00:00');
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->actingAs($this->person(Role::Technician));
        $this->travelTo('2026-11-24 10:30:00');
        foreach (['1200' => '10:10', '999999' => '10:30', '0' => '10:30'] as $age => $time) {
            $this->post("/jobs/{$job->tag}/entries", [
                'entry' => ['kind' => 'start', 'reached' => 'dark'],
                'age' => (string) $age,
            ])->assertSessionHasNoErrors();
            $this->assertSame($time, Entry::query()->orderByDesc('number')->firstOrFail()->made_at->format('H:i'));
        }
        $this->assertSame('2026-11-23', Entry::query()->orderByDesc('number')->skip(1)->firstOrFail()->made_at->format('Y-m-d'));
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'dark'],
            'age' => '-5',
        ])->assertSessionHasErrors('age');
        // Times that go backwards upset nothing: entries count in the order of their numbers.
        $this->get("/jobs/{$job->tag}")
            ->assertOk()
            ->assertSee('after 5 entries');
        $this->get('/')->assertOk();
    }

    public function test_a_strike_out_while_a_colleague_writes_loses_nothing_and_counts(): void
    {
        $job = $this->job(
            entries: [['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail']],
        );
        [$rhea, $piet] = [$this->person(Role::Technician), $this->person(Role::Technician)];
        // Both opened the page at entry 3. Piet strikes it out; Rhea's start, written on top of it, comes after.
        $this->actingAs($piet)
            ->post("/jobs/{$job->tag}/entries", [
                'entry' => ['kind' => 'strike-out', 'entry' => '3', 'text' => 'tester was flat'],
                'once' => 'p',
            ])
            ->assertSessionHasNoErrors();
        $this->actingAs($rhea)
            ->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'twitch'], 'once' => 'r'])
            ->assertSessionHasNoErrors();
        $this->assertSame(['report', 'start', 'finding', 'strike-out', 'start'], $job->entries()->pluck('kind')->all());
        $kept = app(AssessJob::class)->assess($job->fresh() ?? $job);
        Cache::flush();
        $afresh = app(AssessJob::class)->assess($job->fresh() ?? $job);
        $this->assertNotSame('condemned', $kept->standings['supply']->standing->value);
        foreach ($afresh->standings as $part => $standing) {
            $this->assertEqualsWithDelta($standing->probability, $kept->standings[$part]->probability, 1e-9, $part);
        }
    }

    public function test_nothing_is_struck_out_twice_and_no_strike_out_is(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'strike-out', 'entry' => 2, 'text' => 'slip']]);
        $this->actingAs($this->person(Role::Technician));
        foreach ([2, 3] as $entry) {
            $this->post("/jobs/{$job->tag}/entries", [
                'entry' => ['kind' => 'strike-out', 'entry' => (string) $entry, 'text' => 'again'],
            ])->assertSessionHasErrors('entry.entry');
        }
    }

    public function test_a_closed_job_takes_no_start(): void
    {
        $job = $this->job(entries: [['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'given back as it was']]);
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'dark']])->assertSessionHasErrors(
            'entry.kind',
        );
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'strike-out', 'entry' => '2', 'text' => 'it came back at once'],
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'dark']])->assertSessionHasNoErrors();
    }

    public function test_what_lists_show_can_be_thrown_away_and_made_again(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $before = Summary::query()
            ->findOrFail($job->id)
            ->only(['entries', 'waits_for', 'closed', 'data']);
        Summary::query()->delete();
        app(AssessJob::class)->refresh($job);
        $this->assertSame(
            $before,
            Summary::query()
                ->findOrFail($job->id)
                ->only(['entries', 'waits_for', 'closed', 'data']),
        );
    }
}
