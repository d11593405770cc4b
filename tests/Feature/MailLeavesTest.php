<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\Role;
use App\Models\Shop;
use App\Models\ShopSetting;
use App\UseCases\Owners\SendMessages;
use App\UseCases\Owners\WriteToOwner;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\SmtpStandIn;
use Tests\TestCase;

/** Words to owners leave by the shop's own mail server, or are said by hand; none is called sent that was not. */
final class MailLeavesTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        config(['shop.gateway' => 'own']);
    }

    public function test_a_mail_leaves_by_the_shop_s_own_server(): void
    {
        $server = SmtpStandIn::start();
        shop()->set(['name' => 'Quay Street', 'mail' => 'bench@quay.example'], null);
        shop()->set(['smtpHost' => '127.0.0.1', 'smtpPort' => $server->port], null);
        $message = $this->message('ansa@example.org');
        $this->assertSame(['sent' => 1, 'failed' => 0], app(SendMessages::class)->due());
        $heard = $server->heard();
        $this->assertStringContainsString('MAIL FROM:<bench@quay.example>', $heard);
        $this->assertStringContainsString('RCPT TO:<ansa@example.org>', $heard);
        $this->assertStringContainsString('From: Quay Street <bench@quay.example>', $heard);
        $this->assertStringContainsString($message->job->tag, $heard);
        $this->assertSame('sent', $message->refresh()->state);
    }

    public function test_a_mail_that_is_refused_is_tried_again_and_says_why(): void
    {
        $server = SmtpStandIn::start('550 no such person');
        shop()->set(['mail' => 'bench@quay.example', 'smtpHost' => '127.0.0.1', 'smtpPort' => $server->port], null);
        $message = $this->message('ansa@example.org');
        $this->assertSame(['sent' => 0, 'failed' => 1], app(SendMessages::class)->due());
        $server->heard();
        $this->assertSame('failed', $message->refresh()->state);
        $this->assertStringContainsString('no such person', $message->error);
        $this->assertTrue($message->next_try_at?->isFuture());
    }

    public function test_a_server_that_is_not_there_is_no_mail_sent(): void
    {
        shop()->set(['mail' => 'bench@quay.example', 'smtpHost' => '127.0.0.1', 'smtpPort' => 1], null);
        $message = $this->message('ansa@example.org');
        app(SendMessages::class)->due();
        $this->assertSame('failed', $message->refresh()->state);
        $this->assertNotSame('', $message->error);
    }

    public function test_without_a_server_it_is_said_by_hand_and_one_press_records_it(): void
    {
        $message = $this->message('ansa@example.org');
        app(SendMessages::class)->due();
        $this->assertSame('by-hand', $message->refresh()->state);
        $counter = $this->person(Role::Counter);
        $this->actingAs($counter)->get('/')->assertSee('1 message is to be said by hand');
        $this->actingAs($counter)->get('/messages')->assertSee('say or send it yourself')->assertSee('No mail server is set');
        $this->post("/messages/{$message->id}/said")->assertRedirect();
        $this->assertSame(['sent', "by hand: {$counter->name}"], [$message->refresh()->state, $message->error]);
        // It is said once, however often it is pressed.
        $said = $message->sent_at;
        $this->post("/messages/{$message->id}/said")->assertStatus(409);
        $this->assertEquals($said, $message->refresh()->sent_at);
    }

    public function test_what_is_no_longer_true_is_not_said_by_hand_either(): void
    {
        $message = $this->message('ansa@example.org');
        app(SendMessages::class)->due();
        app(WriteToOwner::class)->drop($message->job, 'received');
        $this->assertSame('dropped', $message->refresh()->state);
    }

    public function test_a_telephone_number_is_no_mail_address(): void
    {
        shop()->set(['mail' => 'bench@quay.example', 'smtpHost' => '127.0.0.1'], null);
        $message = $this->message('');
        app(SendMessages::class)->due();
        $this->assertSame(['by-hand', 'there is a telephone number and no mail address'], [$message->refresh()->state, $message->error]);
    }

    public function test_the_password_of_the_server_is_kept_locked_and_shown_nowhere(): void
    {
        $lead = $this->person(Role::Lead);
        $given = [
            'name' => 'Quay',
            'currency' => '€',
            'tax' => '20',
            'open_days' => ['1'],
            'open_from' => '9',
            'open_to' => '18',
            'benches' => '1',
            'smtp_host' => 'mail.quay.example',
            'smtp_user' => 'bench',
        ];
        $this->actingAs($lead)
            ->post('/shop', $given + ['smtp_port' => '587', 'smtp_password' => 'salt-and-rope'])
            ->assertSessionHasNoErrors();
        $this->assertSame('salt-and-rope', Shop::stored()->smtpPassword());
        $this->assertStringNotContainsString('salt-and-rope', ShopSetting::query()->get()->toJson());
        $this->get('/shop')->assertDontSee('salt-and-rope')->assertDontSee(Shop::stored()->smtpSecret)->assertSee('set anew');
        // Left empty, it stays.
        $this->post('/shop', $given + ['smtp_port' => '25', 'smtp_password' => '']);
        $this->assertSame(['salt-and-rope', 25], [Shop::stored()->smtpPassword(), Shop::stored()->smtpPort]);
    }

    private function message(string $mail): Message
    {
        $job = $this->job();
        $job->messages()->delete();
        $job->machine->owner->update(['email' => $mail]);
        $message = app(WriteToOwner::class)->of($job->load('machine.owner'), 'received');
        $this->assertInstanceOf(Message::class, $message);

        return $message;
    }
}
