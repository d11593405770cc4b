<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Message;
use App\Models\Role;
use App\Outside\MessageGateway;
use App\Outside\NotSent;
use App\UseCases\RecordEntries;
use App\UseCases\SendMessages;
use App\UseCases\WriteToOwner;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Storage;
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
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'], ['kind' => 'note', 'text' => 'again']]);
        $this->assertSame(['received', 'found'], $this->moments($job));
        app(WriteToOwner::class)->of($job, 'received');
        $this->assertCount(2, $this->moments($job));
        $this->assertSame(['sent' => 2, 'failed' => 0], app(SendMessages::class)->due());
        $this->assertSame(['sent' => 0, 'failed' => 0], app(SendMessages::class)->due());
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
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'nothing found']]);
        $this->assertSame(['received', 'ready', 'not-collected'], $this->moments($job));
        app(SendMessages::class)->due();
        $this->assertCount(2, $this->gateway->out);
        foreach ([15, 22, 22, 22] as $days) {
            $this->travel($days)->days();
            app(SendMessages::class)->due();
        }
        $this->assertSame(3, Message::query()->where('job_id', $job->id)->where('moment', 'not-collected')->where('state', 'sent')->count(), 'Three reminders and no more.');
        $other = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        app(RecordEntries::class)->record($other, $this->person(Role::Lead), [['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'x']]);
        app(RecordEntries::class)->record($other, $this->person(Role::Counter), [['kind' => 'collection', 'method' => 'none']]);
        $this->assertSame('dropped', Message::query()->where('job_id', $other->id)->where('moment', 'not-collected')->firstOrFail()->state);
    }

    public function test_the_ready_mail_carries_the_letter(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [['kind' => 'closing', 'price' => 4800, 'warranty_months' => 0, 'signed_off' => 'nothing found']]);
        app(SendMessages::class)->due();
        $mail = (string) end($this->gateway->out);
        $this->assertStringContainsString("filename=letter-{$job->tag}.pdf", $mail);
        $this->assertStringContainsString('48.00', quoted_printable_decode($mail));
        $this->assertStringNotContainsString('application/pdf', $this->gateway->out[0]);
    }

    public function test_a_fault_that_came_now_and_then_is_asked_about_later(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'outcomes' => ['dark' => 2, 'stays' => 8]], ['kind' => 'act', 'act' => 'reseat', 'on' => ['stick-1']], ['kind' => 'start', 'reached' => 'stays', 'times' => 6]]);
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'signed_off' => 'x'], ['kind' => 'collection', 'method' => 'none']]);
        $follow = Message::query()->where('job_id', $job->id)->where('moment', 'follow-up')->firstOrFail();
        $this->assertTrue($follow->next_try_at?->isBetween(now()->addDays(59), now()->addDays(62)));
    }

    public function test_who_cannot_be_reached_gets_nothing_and_names_make_no_headers(): void
    {
        $job = $this->job();
        $job->machine->owner->update(['phone' => '', 'email' => '']);
        $this->assertNull(app(WriteToOwner::class)->of($job->load('machine.owner'), 'found', ['what' => 'x']));
        $job->machine->owner->update(['email' => 'mira@example.org', 'name' => "Mira\r\nBcc: all@example.org"]);
        app(WriteToOwner::class)->of($job->load('machine.owner'), 'ready', ['total' => 'x']);
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

    /** @return list<string> */
    private function moments(Job $job): array
    {
        return Message::query()->where('job_id', $job->id)->orderBy('id')->pluck('moment')->all();
    }
}
