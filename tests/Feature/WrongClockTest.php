<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KeepingRun;
use App\Models\Message;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Owners\EraseOwner;
use App\UseCases\Owners\WriteToOwner;
use App\UseCases\Shop\Backup\Checkup;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** A machine whose date was wrong for a while: nobody stays locked out, no word waits for years, and nothing is let go too early. */
final class WrongClockTest extends TestCase
{
    use RefreshDatabase;

    private User $lead;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-24 11:00:00');
        $this->lead = $this->person(Role::Lead);
        $this->comesRound();
    }

    private function comesRound(): void
    {
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
    }

    public function test_words_written_a_year_ahead_are_sent_as_soon_as_they_would_have_been(): void
    {
        $job = $this->job();
        $this->travelTo('2027-11-24 11:00:00');
        $this->comesRound();
        app(WriteToOwner::class)->of($job, 'received');
        $message = Message::query()->firstOrFail();
        $message->update(['state' => 'failed', 'next_try_at' => now()->addMinutes(30)]);

        $this->travelTo('2026-11-24 12:00:00');
        $this->comesRound();
        $this->assertSame('2026-11-24 12:30', $message->refresh()->next_try_at?->format('Y-m-d H:i'));
        $this->travel(31)->minutes();
        $this->comesRound();
        $this->assertGreaterThan(0, $message->refresh()->tries);
    }

    public function test_who_tried_too_often_by_the_wrong_clock_is_let_in_by_the_right_one(): void
    {
        $this->travelTo('2027-11-24 11:00:00');
        $this->comesRound();
        for ($try = 0; $try < 8; $try++) {
            $this->post('/login', ['email' => $this->lead->email, 'password' => 'wrong']);
        }
        $this->post('/login', ['email' => $this->lead->email, 'password' => 'wrong'])->assertStatus(429);
        $this->travelTo('2026-11-24 12:00:00');
        $this->post('/login', ['email' => $this->lead->email, 'password' => 'wrong'])->assertStatus(429);
        $this->comesRound();
        $this->post('/login', ['email' => $this->lead->email, 'password' => 'wrong'])->assertRedirect();
    }

    public function test_a_night_goes_on_after_a_clock_that_was_ahead(): void
    {
        $this->travelTo('2027-11-24 11:00:00');
        $this->comesRound();
        $this->travelTo('2026-11-25 11:00:00');
        $this->comesRound();
        $this->assertSame(1, KeepingRun::query()->whereBetween('made_at', [now()->subHour(), now()])->count());
        $this->comesRound();
        $this->assertSame(3, KeepingRun::query()->count());
    }

    public function test_a_date_that_leapt_lets_nobody_go_before_somebody_could_look(): void
    {
        $job = $this->job();
        app(RecordEntries::class)->record($job, $this->lead, [
            ['kind' => 'start', 'reached' => 'stays'],
            ['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'seen to run'],
        ]);
        app(RecordEntries::class)->record($job, $this->lead, [['kind' => 'collection', 'method' => 'none', 'amount' => 0]]);
        shop()->set(['keepOwners' => 6], $this->lead);
        $this->travelTo('2027-11-24 11:00:00');
        $this->comesRound();
        $this->assertSame('Mira Vale', $job->machine->owner->refresh()->name);
        $said = '365 days have passed since the last night: nothing was let go.';
        $this->assertStringStartsWith($said, (string) app(Checkup::class)->all()['what is let go by night']);
        $this->actingAs($this->lead)->get('/shop/keeping')->assertSee($said);

        // The date was right: the shop was shut for a year.
        $this->travel(1)->days();
        $this->comesRound();
        $this->assertSame(EraseOwner::ERASED, $job->machine->owner->refresh()->name);
        $this->assertNull(app(Checkup::class)->all()['what is let go by night']);
    }
}
