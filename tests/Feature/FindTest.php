<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobWords;
use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** Jobs are found by the beginnings of the words of their owner and machine, and by the end of a telephone number. */
final class FindTest extends TestCase
{
    use RefreshDatabase;

    public function test_by_words_their_beginnings_and_numbers(): void
    {
        $job = $this->named('Ansa Priel-Gatt', '0555 201 118', 'Heron T2');
        $other = $this->named('Bo Lamb', '0555 777 210', 'Heron T4');
        $found = fn (string $typed): array => JobWords::find($typed)->pluck('id')->all();
        foreach (['ansa', 'PRIEL', 'gatt', 'ansa heron', 'an her t2', '0555 201 118', '201118', '01-118', '+49 555/201118'] as $typed) {
            $this->assertSame([$job->id], $found($typed), $typed);
        }
        $this->assertSame([$other->id, $job->id], $found('heron'), 'newest first');
        foreach (['nsa', 'ansa lamb', '', '%', "' or 1=1 --", '99999', str_repeat('x', 5000)] as $typed) {
            $this->assertSame([], $found($typed), mb_substr($typed, 0, 20));
        }
    }

    public function test_what_changes_is_found_as_it_is_now(): void
    {
        $job = $this->named('Ansa Priel', '0555 201 118', 'Heron T2');
        $job->machine->owner->update(['name' => 'Ansa Deich', 'phone' => '0555 999 888']);
        $this->assertCount(0, JobWords::find('priel'));
        $this->assertCount(1, JobWords::find('deich'));
        $this->assertCount(1, JobWords::find('999888'));
        $job->machine->update(['model' => 'Snipe 8']);
        $this->assertCount(1, JobWords::find('snipe'));
        $this->assertCount(0, JobWords::find('heron'));
        $this->actingAs($this->person(Role::Counter))->get('/find?q=snipe+deich')->assertOk()->assertSee($job->tag);
    }

    private function named(string $name, string $phone, string $model): Job
    {
        $job = $this->job(machine: ['model' => $model]);
        $job->machine->owner->update(['name' => $name, 'phone' => $phone]);

        return $job;
    }

    public function test_a_part_is_found_by_what_people_of_the_trade_call_it(): void
    {
        $this->actingAs($this->person(Role::Technician))
            ->get('/find?q=psu')
            ->assertSee('is the power supply')
            ->assertSee('/shelf?kind=supply');
        $this->actingAs($this->person(Role::Counter))
            ->get('/find?q=PSU')
            ->assertSee('is the power supply')
            ->assertDontSee('/shelf?kind=supply');
    }
}
