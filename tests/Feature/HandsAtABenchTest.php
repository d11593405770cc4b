<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OneTimeCode;
use App\Models\Pin;
use App\Models\Role;
use App\Models\SecondFactor;
use App\Models\User;
use App\Models\WayIn;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\RateLimiter;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** One bench and several hands, a second factor, and what to do when a password is forgotten. */
final class HandsAtABenchTest extends TestCase
{
    use RefreshDatabase;

    private function withPin(string $pin, Role $role = Role::Technician): User
    {
        $person = $this->person($role);
        Pin::set($person, $pin);

        return $person->refresh();
    }

    public function test_a_computer_at_a_bench_changes_hands_by_pin_and_each_entry_carries_that_name(): void
    {
        $job = $this->job();
        [$one, $other] = [$this->withPin('4071'), $this->withPin('9926')];
        $this->actingAs($one)
            ->post('/bench-computer', ['bench' => '2'])
            ->assertRedirect('/you');
        $this->get('/')->assertSee('bench 2')->assertSee('other hands');
        $start = ['entry' => ['kind' => 'start', 'reached' => 'nothing']];
        $this->post("/jobs/{$job->tag}/entries", $start + ['once' => 'a'])->assertSessionHasNoErrors();
        $this->from("/jobs/{$job->tag}")
            ->post('/hands/leave')
            ->assertRedirect('/hands');
        $this->assertGuest();
        foreach (['/', "/jobs/{$job->tag}", '/shelf'] as $path) {
            $this->get($path)->assertRedirect('/hands');
        }
        $this->get('/hands')->assertOk()->assertSee('Bench 2: whose hands?');
        $this->post('/hands', ['person' => $other->id, 'pin' => '9926'])->assertRedirect();
        $this->assertAuthenticatedAs($other);
        $this->post("/jobs/{$job->tag}/entries", $start + ['once' => 'b'])->assertSessionHasNoErrors();
        $this->assertSame([$one->id, $other->id], $job->entries()->where('kind', 'start')->orderBy('number')->pluck('user_id')->all());
    }

    public function test_a_badge_says_who_it_is_and_a_new_one_ends_the_one_before(): void
    {
        $person = $this->withPin('4071');
        $lead = $this->person(Role::Lead);
        $page = (string) $this->actingAs($lead)
            ->post("/people/{$person->id}/badge")
            ->assertOk()
            ->assertSee($person->name)
            ->getContent();
        $this->assertSame(1, preg_match('/Code 128 of (BADGE-\w{16})/', $page, $found));
        $this->post('/bench-computer', ['bench' => '1']);
        $this->post('/hands/leave');
        $this->post('/hands', ['badge' => ' '.strtolower($found[1])." \n"])->assertRedirect();
        $this->assertAuthenticatedAs($person);
        $newer = Pin::newBadge($person);
        $this->post('/hands/leave');
        $this->post('/hands', ['badge' => $found[1]])->assertSessionHasErrors('badge');
        $this->assertGuest();
        $person->update(['ended_at' => now()]);
        $this->post('/hands', ['badge' => $newer])->assertSessionHasErrors('badge');
        $this->assertGuest();
    }

    public function test_after_a_pause_it_asks_again_and_a_form_that_was_begun_is_still_taken(): void
    {
        $job = $this->job();
        $person = $this->withPin('4071');
        $this->actingAs($person)->post('/bench-computer', ['bench' => '1']);
        $this->get('/')->assertOk();
        $this->travel(9)->minutes();
        $this->get('/')->assertOk();
        $this->travel(11)->minutes();
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'nothing'],
            'once' => 'x',
        ])->assertSessionHasNoErrors();
        $this->assertAuthenticatedAs($person);
        $this->travel(11)->minutes();
        $this->get("/jobs/{$job->tag}")->assertRedirect('/hands');
        $this->assertGuest();
        $this->post('/hands', ['person' => $person->id, 'pin' => '4071'])->assertRedirect("/jobs/{$job->tag}");
        $this->travel(21)->minutes();
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'nothing'],
            'once' => 'y',
        ])->assertRedirect('/hands');
        $this->assertSame(1, $job->entries()->where('kind', 'start')->count());
    }

    public function test_what_a_page_asks_by_itself_is_nobodys_hand(): void
    {
        $this->actingAs($this->withPin('4071'))->post('/bench-computer', ['bench' => '1']);
        $this->travel(8)->minutes();
        $this->withHeader('X-By-Itself', 'yes')->get('/')->assertOk();
        $this->flushHeaders();
        $this->travel(4)->minutes();
        $this->get('/')->assertRedirect('/hands');
    }

    public function test_wrong_pins_are_limited_for_the_person_and_for_the_bench(): void
    {
        $people = array_map(fn (int $i): User => $this->withPin('407'.$i), range(1, 5));
        $this->actingAs($people[0])->post('/bench-computer', ['bench' => '1']);
        $this->post('/hands/leave');
        $wrong = fn (User $person) => $this->post('/hands', ['person' => $person->id, 'pin' => '0815']);
        for ($try = 0; $try < 5; $try++) {
            $wrong($people[0])->assertSessionHasErrors(['pin' => 'That is not the PIN.']);
        }
        $this->post('/hands', ['person' => $people[0]->id, 'pin' => '4071'])->assertSessionHasErrors([
            'pin' => 'Too many wrong tries. Wait 10 minutes, or log in with your password.',
        ]);
        $this->assertGuest();
        foreach (array_slice($people, 1, 3) as $person) {
            for ($try = 0; $try < 5; $try++) {
                $wrong($person);
            }
        }
        $this->post('/hands', ['person' => $people[4]->id, 'pin' => '4075'])->assertSessionHasErrors('pin');
        $this->assertGuest();
        $this->travel(11)->minutes();
        $this->post('/hands', ['person' => $people[4]->id, 'pin' => '4075'])->assertRedirect();
        $this->assertAuthenticatedAs($people[4]);
    }

    public function test_hands_are_asked_only_where_a_computer_stays_at_a_bench(): void
    {
        $person = $this->withPin('4071');
        $this->get('/hands')->assertRedirect('/');
        $this->post('/hands', ['person' => $person->id, 'pin' => '4071'])->assertNotFound();
        $this->assertGuest();
        $this->actingAs($person)
            ->post('/bench-computer', ['bench' => '9'])
            ->assertSessionHasErrors('bench');
        $this->actingAs($this->person(Role::Counter))
            ->post('/bench-computer', ['bench' => '1'])
            ->assertForbidden();
        $this->actingAs($person)->post('/bench-computer', ['bench' => '1']);
        $this->post('/bench-computer/end')->assertRedirect('/login');
        $this->get('/hands')->assertRedirect('/');
    }

    /** @return iterable<string, array{string, ?string}> */
    public static function pins(): iterable
    {
        yield 'four digits' => ['4071', null];
        yield 'three' => ['407', 'A PIN has four digits.'];
        yield 'letters' => ['four', 'A PIN has four digits.'];
        yield 'all the same' => ['3333', 'Four of a kind, or a row, is guessed first; choose another.'];
        yield 'a row' => ['4567', 'Four of a kind, or a row, is guessed first; choose another.'];
        yield 'a row down' => ['9876', 'Four of a kind, or a row, is guessed first; choose another.'];
    }

    #[DataProvider('pins')]
    public function test_a_pin_is_chosen_with_the_password(string $pin, ?string $mistake): void
    {
        $person = $this->person(Role::Technician);
        $this->actingAs($person)
            ->post('/you/pin', ['pin' => $pin, 'pin_password' => 'wrong'])
            ->assertSessionHasErrors('pin_password');
        $set = $this->post('/you/pin', ['pin' => $pin, 'pin_password' => 'lantern']);
        if ($mistake !== null) {
            $set->assertSessionHasErrors(['pin' => $mistake]);
            $this->assertNull($person->refresh()->pin);

            return;
        }
        $set->assertSessionHasNoErrors();
        $this->assertTrue(Pin::is($person->refresh(), $pin));
        $this->assertStringNotContainsString($pin, (string) $person->pin);
        $this->post('/you/pin', ['pin' => '', 'pin_password' => 'lantern'])->assertSessionHasNoErrors();
        $this->assertNull($person->refresh()->pin);
    }

    /** RFC 6238, appendix B: SHA-1, the secret "12345678901234567890", eight digits there and the last six here. */
    public function test_one_time_codes_are_those_of_the_standard(): void
    {
        $code = new OneTimeCode('12345678901234567890');
        $published = [
            59 => '94287082',
            1111111109 => '07081804',
            1111111111 => '14050471',
            1234567890 => '89005924',
            2000000000 => '69279037',
            20000000000 => '65353130',
        ];
        foreach ($published as $time => $digits) {
            $this->assertSame(substr($digits, 2), $code->at(intdiv($time, 30)));
            $this->assertSame(intdiv($time, 30), $code->counterOf(substr($digits, 2), 0, $time));
        }
        // RFC 4226, appendix D.
        $this->assertSame(['755224', '287082', '359152'], array_map($code->at(...), [0, 1, 2]));
        // RFC 4648, section 10.
        $this->assertSame('MZXW6YTBOI', (new OneTimeCode('foobar'))->written());
        $this->assertNull($code->counterOf('755224', 0, 600));
    }

    public function test_a_second_factor_is_set_up_asked_for_and_taken_once(): void
    {
        $person = $this->person(Role::Technician);
        $this->actingAs($person)
            ->post('/you/second', ['second_password' => 'lantern'])
            ->assertRedirect('/you');
        $page = (string) $this->get('/you')->assertSee('Let an app for one-time codes')->getContent();
        $this->assertSame(1, preg_match('/class="secret">([A-Z2-7 ]+)</', $page));
        $this->post('/you/second/confirm', ['code' => '000000'])->assertSessionHasErrors('code');
        $this->assertNull($person->refresh()->second_secret);
        // As the telephone would: from what the session keeps.
        $secret = Crypt::decryptString((string) session('second_pending'));
        $now = fn (): string => (new OneTimeCode($secret))->at(intdiv(now()->getTimestamp(), 30));
        $this->post('/you/second/confirm', ['code' => $now()])->assertSessionHasNoErrors();
        $printed = session('codes');
        $this->assertIsArray($printed);
        $this->assertCount(8, $printed);
        $this->post('/logout');
        $login = ['email' => $person->email, 'password' => 'lantern'];
        $this->post('/login', $login)->assertRedirect('/login/code');
        $this->assertGuest();
        $this->get('/')->assertRedirect('/login');
        $this->post('/login/code', ['code' => '123'])->assertSessionHasErrors('code');
        $code = $now();
        $this->post('/login/code', ['code' => $code])->assertRedirect('/');
        $this->assertAuthenticatedAs($person);
        $this->post('/logout');
        $this->post('/login', $login);
        $this->post('/login/code', ['code' => $code])->assertSessionHasErrors('code');
        $this->post('/login/code', ['code' => $printed[3]])->assertRedirect('/');
        $this->post('/logout');
        $this->post('/login', $login);
        $this->post('/login/code', ['code' => $printed[3]])->assertSessionHasErrors('code');
        $this->assertGuest();
    }

    public function test_codes_are_limited_and_the_wait_for_one_is_short(): void
    {
        $person = $this->person(Role::Technician);
        SecondFactor::begin($person, OneTimeCode::newSecret());
        $login = ['email' => $person->email, 'password' => 'lantern'];
        $this->post('/login', $login);
        for ($try = 0; $try < 5; $try++) {
            $this->post('/login/code', ['code' => '1']);
        }
        $secret = (string) $person->refresh()->second_secret;
        $right = (new OneTimeCode($secret))->at(intdiv(now()->getTimestamp(), 30));
        $this->post('/login/code', ['code' => $right])->assertSessionHasErrors([
            'code' => 'Too many wrong codes. Wait ten minutes, or ask the lead.',
        ]);
        RateLimiter::clear("second|{$person->id}");
        $this->travel(6)->minutes();
        $this->post('/login/code', ['code' => $right])->assertRedirect('/login');
        $this->assertGuest();
        $this->actingAs($this->person(Role::Lead))
            ->delete("/people/{$person->id}/second")
            ->assertRedirect('/people');
        $this->assertNull($person->refresh()->second_secret);
    }

    public function test_a_forgotten_password_is_answered_by_a_code_that_the_lead_reads_out(): void
    {
        $person = $this->person(Role::Counter);
        $this->actingAs($this->person(Role::Lead))
            ->post("/people/{$person->id}/code")
            ->assertRedirect('/people');
        $code = session('way-in')['code'];
        $this->get('/people')->assertSee($code)->assertSee('Read this code out');
        $this->post('/logout');
        $this->post('/forgotten/code', ['name' => $person->email, 'code' => '11 11 11 11'])->assertSessionHasErrors('code');
        $this->post('/forgotten/code', ['name' => 'somebody', 'code' => $code])->assertSessionHasErrors('code');
        $way = $this->post('/forgotten/code', ['name' => strtoupper($person->email), 'code' => str_replace(' ', '', $code)]);
        $address = (string) $way->headers->get('Location');
        $this->assertStringContainsString('/way-in/', $address);
        $this->get($address)->assertOk()->assertSee($person->name);
        $this->post($address, ['password' => 'new-lantern', 'password_confirmation' => 'new-lantern'])->assertRedirect('/');
        $this->assertAuthenticatedAs($person);
        $this->post('/logout');
        $this->post('/forgotten/code', ['name' => $person->email, 'code' => $code])->assertSessionHasErrors('code');
    }

    public function test_a_code_ends_after_an_hour_and_after_five_tries(): void
    {
        $person = $this->person(Role::Counter);
        $lead = $this->person(Role::Lead);
        $code = WayIn::code($person, $lead);
        $this->travel(61)->minutes();
        $this->post('/forgotten/code', ['name' => $person->email, 'code' => $code])->assertSessionHasErrors('code');
        $code = WayIn::code($person, $lead);
        for ($try = 0; $try < 5; $try++) {
            $this->post('/forgotten/code', ['name' => $person->email, 'code' => '1']);
        }
        $this->post('/forgotten/code', ['name' => $person->email, 'code' => $code])->assertSessionHasErrors('code');
    }

    public function test_who_asks_for_a_mail_is_told_nothing_of_who_works_here(): void
    {
        $person = $this->person(Role::Counter);
        foreach ([$person->email, 'nobody-at-all'] as $login) {
            $this->post('/forgotten', ['login' => $login])->assertSessionHas(
                'status',
                'If a mail address is known for this name, a mail '.'is on its way. Otherwise ask the lead for a code.',
            );
        }
        $this->assertSame(0, WayIn::query()->count());
    }

    public function test_a_password_is_changed_with_the_one_before_and_ends_other_sessions(): void
    {
        $person = $this->person(Role::Counter);
        $new = ['password' => 'new-lantern', 'password_confirmation' => 'new-lantern'];
        $this->actingAs($person)
            ->post('/you/password', ['now' => 'wrong'] + $new)
            ->assertSessionHasErrors('now');
        $this->post('/you/password', ['now' => 'lantern', 'password' => 'short'])->assertSessionHasErrors('password');
        $this->post('/you/password', ['now' => 'lantern'] + $new)->assertSessionHasNoErrors();
        $this->get('/you')->assertOk();
        $this->post('/you/mail', ['mail' => 'ada@quay.example'])->assertSessionHasNoErrors();
        $this->assertSame('ada@quay.example', $person->refresh()->mail);
        $this->post('/you/mail', ['mail' => 'ada'])->assertSessionHasErrors('mail');
    }

    public function test_a_lead_sees_who_did_what(): void
    {
        $lead = $this->person(Role::Lead);
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $technician = User::query()->where('role', Role::Technician)->firstOrFail();
        shop()->set(['quoteDays' => 21], $lead);
        $this->actingAs($lead)
            ->get("/people/{$technician->id}")
            ->assertOk()
            ->assertSee("entry 2 on {$job->tag}, start");
        $this->get("/people/{$lead->id}")
            ->assertOk()
            ->assertSee('set quote Days of the shop: 21');
        $this->actingAs($technician)
            ->get("/people/{$lead->id}")
            ->assertForbidden();
    }
}
