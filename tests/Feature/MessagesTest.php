<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Message;
use App\Models\Role;
use App\Outside\MessageGateway;
use App\Outside\NotSent;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Owners\SendMessages;
use App\UseCases\Owners\WriteToOwner;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\KeptGateway;
use Tests\TestCase;

final class MessagesTest extends TestCase
{
    use RefreshDatabase;

    private KeptGateway $gateway;

    protected function setUp(): void
    {
        parent::setUp();
        $this->gateway = new KeptGateway;
        $this->app->instance(MessageGateway::class, $this->gateway);
    }

    public function test_the_owner_hears_at_the_moments_that_matter_each_once(): void
    {
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
                ['kind' => 'note', 'text' => 'again'],
            ],
        );
        $this->assertSame(['received', 'found'], $this->moments($job));
        app(WriteToOwner::class)->of($job, 'received');
        $this->assertCount(2, $this->moments($job));
        $this->assertSame(['sent' => 1, 'failed' => 0], app(SendMessages::class)->due());
        $this->assertSame(['sent' => 0, 'failed' => 0], app(SendMessages::class)->due(), 'What names a cause does not leave by itself.');
        $this->travel(3)->days();
        $this->assertSame(0, app(SendMessages::class)->due()['sent']);
        $found = Message::query()->where('moment', 'found')->firstOrFail();
        $this->actingAs($this->person(Role::Counter))
            ->post("/messages/{$found->id}/release")
            ->assertForbidden();
        $this->assertSame('held', $found->refresh()->state);
        // The supply that failed its tester bars the power: the message is held, whoever presses.
        $this->actingAs($this->person(Role::Technician))
            ->post("/messages/{$found->id}/release")
            ->assertSessionHasErrors('message');
        app(RecordEntries::class)->record($job, $this->person(Role::Technician), [
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'new']],
        ]);
        $this->get("/jobs/{$job->tag}")->assertSee('To be read and sent.');
        $this->post("/messages/{$found->id}/release")->assertSessionHasNoErrors();
        $this->post("/messages/{$found->id}/release")->assertSessionHasNoErrors();
        $this->assertSame(['sent' => 1, 'failed' => 0], app(SendMessages::class)->due());
        $this->assertCount(2, $this->gateway->out);
        $this->assertStringContainsString('The power supply no longer worked', quoted_printable_decode($this->gateway->out[1]));
    }

    public function test_what_fails_is_tried_again_later_and_later_and_then_somebody_rings(): void
    {
        $job = $this->job();
        $this->gateway->busy = true;
        foreach ([0, 6, 31, 241] as $minutes) {
            $this->travel($minutes)->minutes();
            $this->assertSame(['sent' => 0, 'failed' => 1], app(SendMessages::class)->due());
            $this->assertSame(['sent' => 0, 'failed' => 0], app(SendMessages::class)->due(), 'It is not tried again at once.');
        }
        $message = Message::query()->where('job_id', $job->id)->firstOrFail();
        $this->assertSame(['given-up', 4, 'the line was busy'], [$message->state, $message->tries, $message->error]);
        $this->gateway->busy = false;
        $this->actingAs($this->person(Role::Counter))->get('/messages')->assertSee('given up: ring them')->assertSee('the line was busy');
        $this->post("/messages/{$message->id}/again")->assertSessionHasNoErrors();
        $this->post('/messages/send')->assertSessionHas('status', '1 sent.');
        $this->post("/messages/{$message->id}/again")->assertStatus(409);
    }

    public function test_two_workers_send_it_once(): void
    {
        $this->job();
        $stale = Message::query()->firstOrFail();
        // A second worker comes by while this one is still sending.
        $this->gateway->meanwhile = fn () => app(SendMessages::class)->due();
        app(SendMessages::class)->due();
        $this->assertCount(1, $this->gateway->out);
        $this->assertSame('sent', $stale->refresh()->state);
    }

    public function test_ready_is_followed_by_reminders_until_it_is_collected(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [
            ['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'nothing found'],
        ]);
        $this->assertSame(['received', 'ready'], $this->moments($job));
        app(SendMessages::class)->due();
        $this->assertCount(1, $this->gateway->out, '"Ready" waits to be read.');
        $this->actingAs($this->person(Role::Counter))
            ->get("/jobs/{$job->tag}/letter")
            ->assertSee('I have read it: send it');
        $this->release($job, 'ready');
        $this->assertSame(['received', 'ready', 'not-collected'], $this->moments($job));
        app(SendMessages::class)->due();
        $this->assertCount(2, $this->gateway->out);
        foreach ([15, 22, 22, 22] as $days) {
            $this->travel($days)->days();
            app(SendMessages::class)->due();
        }
        $this->assertSame(
            3,
            Message::query()->where('job_id', $job->id)->where('moment', 'not-collected')->where('state', 'sent')->count(),
            'Three reminders and no more.',
        );
        $other = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        app(RecordEntries::class)->record($other, $this->person(Role::Lead), [
            ['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'x'],
        ]);
        $this->release($other, 'ready');
        app(RecordEntries::class)->record($other, $this->person(Role::Counter), [['kind' => 'collection', 'method' => 'none']]);
        $this->assertSame('dropped', Message::query()->where('job_id', $other->id)->where('moment', 'not-collected')->firstOrFail()->state);
    }

    public function test_the_ready_mail_carries_the_letter(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [
            ['kind' => 'closing', 'price' => 4800, 'warranty_months' => 0, 'signed_off' => 'nothing found'],
        ]);
        $this->release($job, 'ready');
        app(SendMessages::class)->due();
        $mail = (string) end($this->gateway->out);
        $this->assertStringContainsString("filename=letter-{$job->tag}.pdf", $mail);
        $this->assertStringContainsString('48.00', quoted_printable_decode($mail));
        $this->assertStringNotContainsString('application/pdf', $this->gateway->out[0]);
    }

    public function test_a_fault_that_came_now_and_then_is_asked_about_later(): void
    {
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 8]],
                ['kind' => 'act', 'act' => 'reseat', 'on' => ['stick-1']],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 6],
            ],
        );
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [
            ['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'x'],
            ['kind' => 'collection', 'method' => 'none'],
        ]);
        $follow = Message::query()->where('job_id', $job->id)->where('moment', 'follow-up')->firstOrFail();
        $this->assertTrue($follow->next_try_at?->isBetween(now()->addDays(59), now()->addDays(62)));
    }

    public function test_who_cannot_be_reached_gets_nothing_and_names_make_no_headers(): void
    {
        $job = $this->job();
        $job->machine->owner->update(['phone' => '', 'email' => '']);
        $this->assertNull(app(WriteToOwner::class)->of($job->load('machine.owner'), 'found', ['what' => 'x']));
        $job->machine->owner->update(['email' => 'mira@example.org', 'name' => "Mira\r\nBcc: all@example.org"]);
        app(WriteToOwner::class)->of($job->load('machine.owner'), 'waiting', ['what' => 'x']);
        app(SendMessages::class)->due();
        $mail = end($this->gateway->out);
        $this->assertStringContainsString('mira@example.org', (string) $mail);
        $this->assertStringNotContainsString("\nBcc:", (string) $mail);
    }

    public function test_the_gateway_that_ships_writes_mail_files_and_one_address_never_answers(): void
    {
        Storage::fake('local');
        $gateway = new \App\Outside\SimulatedGateway(0.0);
        $job = $this->job();
        $message = Message::query()->where('job_id', $job->id)->firstOrFail();
        $gateway->send($message, 'mail');
        Storage::disk('local')->assertExists("outbox/{$message->id}.eml");
        $this->expectException(NotSent::class);
        $gateway->send($message->fill(['to' => 'nobody@example.org']), 'mail');
    }

    public function test_what_goes_back_locked_is_warned_of_and_never_called_ready(): void
    {
        $job = $this->job(
            ['text' => 'Juice in it', 'reached' => 'nothing', 'marks' => ['liquid']],
            [['kind' => 'finding', 'check' => 'look-inside', 'result' => 'liquid']],
        );
        $this->actingAs($this->person(Role::Lead));
        $this->get("/jobs/{$job->tag}/close")
            ->assertSee('It goes back locked.')
            ->assertSee('nothing is asked for it');
        $this->post("/jobs/{$job->tag}/close", [
            'price' => '0',
            'warranty_months' => '0',
            'outcome' => 'repaired',
            'signed_off' => 'they want it back',
        ])->assertSessionHasErrors('outcome');
        $this->post("/jobs/{$job->tag}/close", [
            'price' => '0',
            'warranty_months' => '0',
            'outcome' => 'unrepaired',
            'signed_off' => 'they want it back',
        ])->assertSessionHasNoErrors();
        $this->assertSame(['received', 'back-locked'], $this->moments($job));
        $message = Message::query()->where('moment', 'back-locked')->firstOrFail();
        $this->assertSame('held', $message->state);
        $this->assertStringContainsString('Do not switch it on', $message->text);
        $this->assertStringNotContainsString('ready', $message->text);
        $this->get("/jobs/{$job->tag}/tag")->assertSee('Do not switch on');
        $this->get("/jobs/{$job->tag}/letter")
            ->assertSee('Do not switch it on')
            ->assertDontSee('corroded');
        $this->get("/jobs/{$job->tag}/collect")->assertSee('Read it to them');
        $this->release($job, 'back-locked');
    }

    public function test_what_still_does_as_before_is_not_called_ready(): void
    {
        $job = $this->job(entries: [
            ['kind' => 'report', 'reached' => 'nothing'],
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
            ['kind' => 'start', 'reached' => 'nothing'],
        ]);
        $this->actingAs($this->person(Role::Lead));
        $this->get("/jobs/{$job->tag}/close")
            ->assertSee('It still does what it came in with')
            ->assertSeeInOrder(['value="unrepaired"', 'selected'], false);
        $close = fn (string $outcome, int $months): TestResponse => $this->post("/jobs/{$job->tag}/close", [
            'price' => '0',
            'warranty_months' => $months,
            'outcome' => $outcome,
            'signed_off' => 'there is no board to be had',
        ]);
        $close('repaired', 6)->assertSessionHasErrors('outcome');
        $close('unrepaired', 6)->assertSessionHasErrors('warranty_months');
        $close('unrepaired', 0)->assertSessionHasNoErrors();
        $this->assertSame(['received', 'back-unrepaired'], $this->moments($job));
        $message = Message::query()->where('moment', 'back-unrepaired')->firstOrFail();
        $this->assertSame('held', $message->state);
        $this->assertStringContainsString('did not get your', $message->text);
        $this->assertStringNotContainsString('is ready', $message->text);
        $this->release($job, 'back-unrepaired');
        app(SendMessages::class)->due();
        $this->assertStringContainsString('application/pdf', (string) end($this->gateway->out), 'the letter comes with it');
    }

    private function release(Job $job, string $moment): void
    {
        $this->actingAs($this->person(Role::Technician))
            ->post('/messages/'.Message::query()->where('job_id', $job->id)->where('moment', $moment)->value('id').'/release')
            ->assertSessionHasNoErrors();
    }

    /** @return list<string> */
    private function moments(Job $job): array
    {
        return Message::query()->where('job_id', $job->id)->orderBy('id')->pluck('moment')->all();
    }
}
