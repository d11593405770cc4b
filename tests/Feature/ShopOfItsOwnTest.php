<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\ShopSetting;
use App\Models\User;
use App\Models\WayIn;
use App\UseCases\Shop\PromiseNextWord;
use App\UseCases\Shop\WhoIsIn;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A shop is set up without the demo, says what it is, and lets its people in. */
final class ShopOfItsOwnTest extends TestCase
{
    use RefreshDatabase;

    private const SHOP = [
        'name' => 'Quay Street Computers',
        'address' => '3 Quay Street, Wickhaven',
        'phone' => '0555 230 100',
        'mail' => 'bench@quay.example',
        'tax_number' => 'WH 4471',
        'currency' => 'CHF',
        'tax' => '8.1',
        'open_days' => ['1', '2', '3', '4', '5'],
        'open_from' => '8',
        'open_to' => '17',
        'benches' => '3',
    ];

    private const LEAD = [
        'person' => 'Nell Harrow',
        'login' => 'nell',
        'password' => 'two-lamps-lit',
        'password_confirmation' => 'two-lamps-lit',
    ];

    public function test_an_empty_installation_is_set_up_once(): void
    {
        foreach (['/', '/login', '/counter', '/shop', '/set-up'] as $path) {
            $this->followingRedirects()->get($path)->assertOk()->assertSee('A shop of its own');
        }
        $this->post('/set-up', self::SHOP + self::LEAD)->assertRedirect('/');
        $this->assertAuthenticatedAs(User::query()->firstOrFail());
        $this->assertSame(Role::Lead, User::query()->firstOrFail()->role);
        $this->assertSame(['Quay Street Computers', 'CHF', 810, [1, 2, 3, 4, 5], 8, 17, 3], [
            shop()->name, shop()->currency, shop()->tax, shop()->openDays, shop()->openFrom, shop()->openTo, shop()->benches,
        ]);
        // Never again, whoever asks.
        $this->get('/set-up')->assertNotFound();
        $this->post('/set-up', self::SHOP + self::LEAD)->assertNotFound();
        $this->post('/logout');
        $this->get('/set-up')->assertNotFound();
        $this->assertSame(1, User::query()->count());
    }

    public function test_what_is_wrong_is_said_and_nothing_is_lost(): void
    {
        $this->from('/set-up')
            ->followingRedirects()
            ->post('/set-up', ['tax' => 'much', 'open_to' => '7', 'password' => 'short'] + self::SHOP + self::LEAD)
            ->assertSee('Give the tax in per cent')
            ->assertSee('later than it opens')
            ->assertSee('The two passwords are not the same')
            ->assertSee('value="Quay Street Computers"', false)
            ->assertSee('value="Nell Harrow"', false)
            ->assertDontSee('two-lamps-lit');
        $this->assertSame(0, User::query()->count());
        $this->assertSame(0, ShopSetting::query()->count());
    }

    /** @return array<string, array{string, mixed, string}> */
    public static function wrong(): array
    {
        return [
            'no day' => ['closed_days', "2026-12-25\n2026-02-30", 'is no day'],
            'no days of the week' => ['open_days', [], 'Tick the days'],
            'too many benches' => ['benches', '400', '1 to 20'],
            'a tax of a thousand' => ['tax', '1000', 'Give the tax in per cent'],
            'no currency' => ['currency', ' ', 'Give the sign or the code of the currency'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_a_setting_that_cannot_be_is_told_at_its_field(string $field, mixed $value, string $sentence): void
    {
        $this->actingAs($this->person(Role::Lead))->post('/shop', [$field => $value] + self::SHOP)->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, (string) session('errors')?->first($field));
        $this->assertSame(0, ShopSetting::query()->count());
    }

    public function test_what_is_set_holds_at_once_and_keeps_who_and_when(): void
    {
        $job = $this->job();
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)->get('/shop')->assertSee('Still missing:')->assertSee('an address');
        $this->post('/shop', self::SHOP)->assertSessionHasNoErrors();
        $this->get('/shop')->assertDontSee('an address')->assertSee('Still missing:')->assertSee('a mail server')->assertSee($lead->name);
        $this->get("/jobs/{$job->tag}/tag")->assertSee('Quay Street Computers');
        $this->get("/jobs/{$job->tag}/receipt")
            ->assertSee('3 Quay Street, Wickhaven')
            ->assertSee('bench@quay.example')
            ->assertSee('WH 4471');
        // Only what changed is written again; what stood before stays readable.
        $rows = ShopSetting::query()->count();
        $this->post('/shop', ['name' => 'Quay Street Repairs'] + self::SHOP)->assertSessionHasNoErrors();
        $this->assertSame($rows + 1, ShopSetting::query()->count());
        $this->get('/shop')->assertSee('Quay Street Computers')->assertSee('Quay Street Repairs');
    }

    public function test_the_tax_of_the_shop_is_on_its_quotes(): void
    {
        $this->actingAs($this->person(Role::Lead))->post('/shop', self::SHOP);
        $this->refreshApplicationWithin();
        $this->assertSame(810, app(\Orthoscope\Core\Catalogue\Catalogue::class)->economy->tax);
    }

    public function test_prices_of_the_shop_lie_over_what_ships(): void
    {
        $prices = ['hour_price' => '61.50', 'deposit_from' => '200', 'deposit_share' => '50', 'quote_days' => '7', 'comeback_risk' => '5'];
        $this->actingAs($this->person(Role::Lead))->post('/shop', self::SHOP + $prices)->assertSessionHasNoErrors();
        $this->refreshApplicationWithin();
        $catalogue = app(\Orthoscope\Core\Catalogue\Catalogue::class);
        $this->assertSame(102.5, $catalogue->economy->labour);
        $this->assertSame(0.05, $catalogue->number('comeback_risk'));
        $this->get('/shop')->assertSee('value="61.50"', false)->assertSee('Ships with 48.00');
        $this->post('/shop', self::SHOP + ['hour_price' => 'a lot'] + $prices)->assertSessionHasErrors('hour_price');
        $this->assertSame(6150, shop()->hourPrice);
    }

    public function test_no_word_is_promised_for_a_closed_day(): void
    {
        $this->travelTo(Carbon::parse('2026-12-24 16:30'));
        $this->person(Role::Technician);
        $this->actingAs($this->person(Role::Lead));
        $this->post('/shop', ['closed_days' => "2026-12-25, 2026-12-28\n2026-12-29"] + self::SHOP)->assertSessionHasNoErrors();
        $this->assertSame('2026-12-30', PromiseNextWord::for()->format('Y-m-d'), 'Christmas, a weekend, and two days more are shut.');
        $this->get('/shop')->assertSee('Closed days, one a line')->assertSee('2026-12-29</textarea>', false);
        $this->assertFalse(WhoIsIn::hours()->areOpen(new \DateTimeImmutable('2026-12-28 10:00')));
        $this->assertTrue(WhoIsIn::hours()->areOpen(new \DateTimeImmutable('2026-12-30 10:00')));
    }

    public function test_somebody_is_invited_chooses_a_password_once_and_works(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $this->post('/people', ['person' => 'Ivo Sand', 'login' => 'ivo', 'role' => 'technician'])->assertSessionHasNoErrors();
        $address = session('way-in')['address'];
        $this->get('/people')->assertSee('Ivo Sand')->assertSee($address);
        $this->get('/people')->assertDontSee($address);
        $this->post('/logout');
        $this->get($address)->assertSee('Welcome, Ivo Sand');
        $this->post($address, ['password' => 'short', 'password_confirmation' => 'short'])->assertSessionHasErrors('password');
        $this->post($address, ['password' => 'grey-heron-9', 'password_confirmation' => 'grey-heron-9'])->assertRedirect('/');
        $this->assertAuthenticatedAs(User::query()->where('email', 'ivo')->firstOrFail());
        $this->post('/logout');
        // The address opens once, and is not guessed from what is kept.
        $this->get($address)->assertSee('opens no more');
        $this->assertStringNotContainsString(basename($address), (string) WayIn::query()->get()->toJson());
        $this->post('/login', ['email' => 'ivo', 'password' => 'grey-heron-9'])->assertRedirect('/');
    }

    public function test_a_new_address_ends_the_old_one_and_each_ends_after_a_week(): void
    {
        $lead = $this->person(Role::Lead);
        $person = $this->person(Role::Technician);
        $this->actingAs($lead)->post("/people/{$person->id}/way-in");
        $first = session('way-in')['address'];
        $this->post("/people/{$person->id}/way-in");
        $second = session('way-in')['address'];
        $this->post('/logout');
        $this->assertGuest();
        $this->get($first)->assertSee('opens no more');
        $this->get($second)->assertSee('Welcome');
        $this->travel(WayIn::DAYS + 1)->days();
        $this->get($second)->assertSee('opens no more');
        $this->post($second, ['password' => 'grey-heron-9', 'password_confirmation' => 'grey-heron-9'])->assertRedirect($second);
        $this->assertGuest();
    }

    public function test_who_has_gone_is_out_at_once_and_their_name_stays(): void
    {
        $lead = $this->person(Role::Lead);
        $person = $this->person(Role::Technician);
        $job = $this->job();
        $this->actingAs($person)->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'note', 'text' => 'seen']]);
        $this->actingAs($lead)->delete("/people/{$person->id}")->assertSessionHasNoErrors();
        $this->actingAs($person->refresh())->get('/')->assertRedirect('/login');
        $this->assertGuest();
        $this->post('/login', ['email' => $person->email, 'password' => 'lantern'])->assertSessionHasErrors('email');
        $this->actingAs($lead)->get("/jobs/{$job->tag}")->assertSee($person->name);
        $this->get('/people')->assertSee('until');
        $this->get('/diary')->assertDontSee("value=\"{$person->id}\"", false);
        $this->assertSame(1, WhoIsIn::roster()->hands(new \DateTimeImmutable('2026-11-25 10:00')), 'Only the lead is there to work.');
    }

    public function test_the_last_lead_cannot_be_locked_out(): void
    {
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)->delete("/people/{$lead->id}")->assertSessionHasErrors("person-{$lead->id}");
        $this->post("/people/{$lead->id}", ['role' => 'counter'])->assertSessionHasErrors("person-{$lead->id}");
        $this->assertSame(Role::Lead, $lead->refresh()->role);
        $other = $this->person(Role::Lead);
        $this->post("/people/{$other->id}", ['role' => 'technician'])->assertSessionHasNoErrors();
        $this->delete("/people/{$lead->id}")->assertSessionHasErrors();
        $this->post("/people/{$other->id}", ['role' => 'lead']);
        $this->delete("/people/{$lead->id}")->assertSessionHasNoErrors();
        $this->assertNotNull($lead->refresh()->ended_at);
    }

    public function test_a_log_in_name_is_nobody_elses(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $this->post('/people', ['person' => 'Ivo Sand', 'login' => 'ivo', 'role' => 'counter']);
        $this->post('/people', ['person' => 'Ivo Sund', 'login' => 'ivo', 'role' => 'counter'])->assertSessionHasErrors('login');
        $this->post('/people', ['person' => 'Ivo Sund', 'login' => 'ivo sund', 'role' => 'king'])
            ->assertSessionHasErrors(['login', 'role']);
    }

    /** As the next request finds it: nothing of this one is kept. */
    private function refreshApplicationWithin(): void
    {
        app()->forgetInstance(\Orthoscope\Core\Catalogue\Catalogue::class);
    }
}
