<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\ReturnedMail;
use App\Models\Message;
use App\Models\Role;
use App\Outside\SmsGateway;
use App\UseCases\Owners\SendMessages;
use App\UseCases\Owners\WriteToOwner;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Crypt;
use Tests\Support\HttpStandIn;
use Tests\TestCase;

/** A telephone gets a short message by a service of the shop's choice; what came back is said on the job. */
final class ShortMessagesTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        config(['shop.gateway' => 'own']);
    }

    private function message(): Message
    {
        $job = $this->job();
        app(WriteToOwner::class)->of($job, 'received');

        return Message::query()->where('job_id', $job->id)->firstOrFail();
    }

    private function sent(HttpStandIn $service, string $body): Message
    {
        shop()->set(['name' => 'Quay "Street"', 'phone' => '0555 1', 'smsUrl' => "{$service->address}/send", 'smsBody' => $body], null);
        shop()->set(['smsSecret' => Crypt::encryptString('Authorization: Bearer s3')], null);
        $message = $this->message();
        app(SendMessages::class)->due();

        return $message->refresh();
    }

    public function test_a_telephone_gets_a_short_message_as_json(): void
    {
        $service = HttpStandIn::start();
        $message = $this->sent($service, '{"to":"{to}","text":"{text}"}');
        $heard = $service->heard();
        $this->assertSame('sent', $message->state);
        $this->assertStringContainsString('POST /send', $heard);
        $this->assertMatchesRegularExpression('/Authorization: Bearer s3/i', $heard);
        $this->assertMatchesRegularExpression('/Content-Type: application\/json/i', $heard);
        $asked = json_decode(substr($heard, (int) strpos($heard, '{"to"')), true);
        $this->assertIsArray($asked);
        $this->assertSame('0555000111', $asked['to']);
        $this->assertSame(SmsGateway::short($message), $asked['text']);
        $this->assertStringContainsString($message->job->tag, $asked['text']);
        $this->assertStringContainsString(route('owner.letter', $message->job->letter_token), $asked['text']);
        $this->assertStringEndsWith('Quay "Street", 0555 1', $asked['text']);
    }

    public function test_or_as_a_form(): void
    {
        $service = HttpStandIn::start();
        $message = $this->sent($service, 'number={to}&words={text}');
        $heard = $service->heard();
        $this->assertMatchesRegularExpression('/Content-Type: application\/x-www-form-urlencoded/i', $heard);
        parse_str(trim(substr($heard, (int) strpos($heard, 'number='))), $asked);
        $this->assertSame(['number' => '0555000111', 'words' => SmsGateway::short($message)], $asked);
    }

    public function test_a_service_that_refuses_or_is_away_is_no_message_sent(): void
    {
        $service = HttpStandIn::start(402, '<b>no credit</b>');
        $message = $this->sent($service, '{"to":"{to}","text":"{text}"}');
        $service->heard();
        $this->assertSame('failed', $message->state);
        $this->assertSame('the service for short messages said 402: no credit', $message->error);
        $this->travel(1)->hours();
        app(SendMessages::class)->due();
        $this->assertSame('the service for short messages does not answer', $message->refresh()->error);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$message->job->tag}")
            ->assertSee('The owner has not had this')
            ->assertSee('The service for short messages does not answer');
    }

    public function test_without_a_service_a_telephone_is_rung(): void
    {
        $message = $this->message();
        app(SendMessages::class)->due();
        $this->assertSame('by-hand', $message->refresh()->state);
    }

    public function test_a_short_message_stays_short(): void
    {
        $message = $this->message();
        $message->subject = str_repeat('very long words ', 60);
        $this->assertLessThanOrEqual(300, mb_strlen(SmsGateway::short($message)));
    }

    public function test_what_the_service_is_asked_is_checked_where_it_is_set(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $shop = [
            'currency' => '€',
            'tax' => '20',
            'open_days' => ['1'],
            'open_from' => '8',
            'open_to' => '17',
            'benches' => '2',
            'smtp_host' => '',
        ];
        $wrong = [
            ['sms_url', 'sms.example.org', ['sms_body' => '{to} {text}']],
            ['sms_body', 'to={to}', ['sms_url' => 'https://sms.example.org']],
            ['sms_header', 'Bearer 5', ['sms_url' => 'https://sms.example.org', 'sms_body' => '{to}{text}']],
        ];
        foreach ($wrong as [$field, $value, $more]) {
            $this->post('/shop', [...$shop, ...$more, $field => $value])->assertSessionHasErrors($field);
        }
        $this->post('/shop', [
            ...$shop,
            'sms_url' => 'https://sms.example.org/x',
            'sms_body' => 'to={to}&text={text}',
            'sms_header' => 'X-Key: 5',
        ])->assertSessionHasNoErrors();
        $this->assertSame(['https://sms.example.org/x', 'X-Key: 5'], [shop()->smsUrl, shop()->smsHeader()]);
        $this->get('/shop')->assertDontSee('X-Key: 5')->assertSee('set anew');
    }

    public function test_a_message_that_came_back_is_on_the_job_until_it_is_said(): void
    {
        $message = $this->message();
        $message->update(['state' => 'sent', 'sent_at' => now()]);
        $this->actingAs($this->person(Role::Counter));
        $this->post("/messages/{$message->id}/bounced")->assertRedirect();
        $this->assertSame('bounced', $message->refresh()->state);
        $this->post("/messages/{$message->id}/bounced")->assertStatus(409);
        $this->get("/jobs/{$message->job->tag}/stand")
            ->assertSee('The owner has not had this')
            ->assertSee('came back');
        $this->get('/messages')->assertSee('came back: they have not had it');
        $this->post("/messages/{$message->id}/said")->assertRedirect();
        $this->assertSame('sent', $message->refresh()->state);
    }

    /** A report in the form of RFC 3464, section 5, about a mail of ours. */
    public function test_a_returned_mail_is_known_by_what_it_quotes(): void
    {
        $message = $this->message();
        $message->update(['state' => 'sent', 'sent_at' => now()]);
        $report = implode("\r\n", [
            'Subject: Returned', 'Content-Type: multipart/report', '', '--x', 'Final-Recipient: rfc822;ansa@example.org', 'Action: failed',
            'Status: 5.1.1', 'Diagnostic-Code: smtp; 550 5.1.1 no', ' such person', '', '--x',
            'Message-ID: <'.strtolower("{$message->job->tag}.{$message->id}").'@quay.example>', '',
        ]);
        $read = ReturnedMail::read($report);
        $this->assertSame([$message->id, 'smtp; 550 5.1.1 no such person'], [$read?->message, $read?->why]);
        $upload = fn (string $bytes) => $this->post('/messages/returned', [
            'returned' => UploadedFile::fake()->createWithContent('a.eml', $bytes),
        ]);
        $this->actingAs($this->person(Role::Counter));
        $upload('Hello')->assertSessionHasErrors('returned');
        $upload($report)->assertSessionHasNoErrors();
        $this->assertSame(['bounced', 'came back: smtp; 550 5.1.1 no such person'], [$message->refresh()->state, $message->error]);
        $upload($report)->assertSessionHasErrors('returned');
    }
}
