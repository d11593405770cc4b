<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Country;
use App\Models\Job;
use App\Models\OwnValue;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Advice\PreviewNumbers;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Jobs\WorkOutBill;
use App\UseCases\Shop\SetOwnValues;
use App\UseCases\Shop\ShopCatalogue;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Own\Settables;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Quote\QuoteLine;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The shop's own numbers, texts and country lie over what ships, with who and when. */
final class OwnNumbersTest extends TestCase
{
    use RefreshDatabase;

    protected function tearDown(): void
    {
        date_default_timezone_set('UTC');
        parent::tearDown();
    }

    public function test_every_page_of_numbers_shows_each_value_with_what_ships(): void
    {
        $this->actingAs($this->person(Role::Lead));
        foreach (Settables::GROUPS as $group => $name) {
            $page = $this->get("/shop/numbers/{$group}")
                ->assertOk()
                ->assertSee($name);
            foreach (Settables::of(app(ShopCatalogue::class)->shipped()) as $settable) {
                $settable->group !== $group || $page->assertSee("values[{$settable->path}]", false);
            }
        }
        $this->get('/shop/numbers/none-such')->assertNotFound();
    }

    public function test_a_value_of_its_own_holds_and_goes_back_to_what_ships(): void
    {
        $lead = $this->person(Role::Lead);
        $minutes = fn (): int => app(Catalogue::class)->steps['start']->minutes;
        $path = 'steps/steps/start/minutes';
        $this->actingAs($lead);
        $this->post('/shop/numbers/minutes', ['values' => [$path => '5'], 'deed' => 'save'])->assertSessionHasNoErrors();
        $this->assertSame(5, $minutes());
        $this->get('/shop/numbers/minutes')->assertSee($lead->name);
        $this->post('/shop/numbers/minutes', ['values' => [$path => '5'], 'deed' => 'save'])->assertSessionHas(
            'status',
            'Nothing was changed.',
        );
        $this->post('/shop/numbers/minutes', ['values' => [$path => ''], 'deed' => 'save'])->assertSessionHasNoErrors();
        $this->assertSame(3, $minutes());
        $this->assertSame([5, null], OwnValue::query()->orderBy('id')->pluck('value')->all());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no number' => ['steps/steps/start/minutes', 'long', 'type a number from 1 to 600'];
        yield 'another page' => ['economy/finding', '30', 'There is no value'];
        yield 'nothing like it' => ['steps/steps/nothing/minutes', '30', 'There is no value'];
    }

    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_told_at_its_field_and_nothing_is_kept(string $path, string $typed, string $sentence): void
    {
        $values = [$path => $typed, 'steps/steps/leads/minutes' => '4'];
        $this->actingAs($this->person(Role::Lead))
            ->from('/shop/numbers/minutes')
            ->post('/shop/numbers/minutes', ['values' => $values, 'deed' => 'save'])
            ->assertSessionHasErrors("values.{$path}");
        $this->assertStringContainsString($sentence, session('errors')->first("values.{$path}"));
        $this->assertSame(0, OwnValue::query()->count());
        $this->get('/shop/numbers/minutes')->assertSee('value="4"', false);
    }

    public function test_other_numbers_are_tried_on_open_jobs_and_kept_nowhere(): void
    {
        $lead = $this->person(Role::Lead);
        $job = $this->job();
        $this->started($job, $lead);
        $before = app(PreviewNumbers::class)->of([]);
        $this->assertSame($job->id, $before[0]['job']->id);
        $after = app(PreviewNumbers::class)->of(['economy/finding' => 9900]);
        [$is, $would] = $after[0]['rows']['Bill so far'];
        $this->assertSame($before[0]['rows']['Bill so far'][0], $is);
        $this->assertSame('€ 118.80 with tax', $would);
        $this->actingAs($lead)
            ->post('/shop/numbers/work', ['values' => ['economy/finding' => '99'], 'deed' => 'look'])
            ->assertOk()
            ->assertSee('€ 118.80 with tax')
            ->assertSee('Nothing is kept yet')
            ->assertSee('value="99"', false);
        $this->assertSame(0, OwnValue::query()->count());
    }

    public function test_a_job_keeps_the_prices_its_owner_said_yes_to(): void
    {
        $lead = $this->person(Role::Lead);
        $job = $this->job();
        $this->started($job, $lead);
        $bill = fn (): ?int => app(WorkOutBill::class)
            ->of($job->fresh() ?? $job)
            ->bill?->net()->minor;
        $quoted = $bill();
        $this->assertNotNull($quoted);
        DB::table('quotes')->insert([
            'job_id' => $job->id,
            'body' => json_encode([
                'variants' => [
                    [
                        'id' => 'A',
                        'name' => 'Work',
                        'lines' => [['what' => 'Work', 'count' => 1, 'each' => 100]],
                        'promise' => '',
                        'limits' => '',
                        'options' => [],
                        'tax' => 2000,
                        'days' => [0, 1],
                        'warranty' => 3,
                    ],
                ],
                'valid_until' => now()->addDay()->toAtomString(),
                'deposit' => ['from' => 1, 'share' => 1],
                'words' => '',
            ]),
            'fingerprint' => 'x',
            'state' => 'accepted',
            'token' => 'x',
            'token_hash' => 'y',
            'valid_until' => now()->addDay(),
            'user_id' => $lead->id,
            'created_at' => now(),
            'updated_at' => now(),
            'answer' => '',
        ]);
        $this->travel(1)->days();
        shop()->set(['hourPrice' => 9600], $lead);
        $this->assertSame($quoted, $bill());
        DB::table('quotes')->update(['state' => 'declined']);
        $this->assertSame(2 * $quoted, $bill());
    }

    public function test_the_shop_chooses_an_order_of_steps_or_makes_its_own(): void
    {
        $lead = $this->person(Role::Lead);
        $job = $this->job();
        $this->actingAs($lead);
        $this->post('/shop', [...self::SHOP, 'school' => 'strip-first', 'school_order' => ''])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}")->assertSee('<option value="strip-first" selected>', false);
        $this->post('/shop', [
            ...self::SHOP,
            'school' => 'own',
            'school_order' => "Look at leads and switches\nstart",
        ])->assertSessionHasNoErrors();
        $this->assertSame(['leads', 'start'], shop()->schoolOrder);
        $this->get("/jobs/{$job->tag}")->assertSee('as this shop does it');
        $this->withCookie('school', 'power-first')
            ->get("/jobs/{$job->tag}")
            ->assertSee('<option value="power-first" selected>', false);
        $this->post('/shop', [...self::SHOP, 'school' => 'own', 'school_order' => 'Look at leads'])->assertSessionHasErrors([
            'school_order' => '"Look at leads" is not a known step. Did you mean "Look at leads and switches"?',
        ]);
        $this->post('/shop', [...self::SHOP, 'school' => 'own', 'school_order' => ' '])->assertSessionHasErrors('school_order');
    }

    public function test_data_kept_safe_is_a_line_of_the_quote_where_its_owner_has_no_copy(): void
    {
        $lead = $this->person(Role::Lead);
        $job = $this->job(['text' => 'dead', 'reached' => 'nothing'], [['kind' => 'start', 'reached' => 'nothing']]);
        SetOwnValues::set(['economy/keep_data' => 6000], $lead);
        $lines = function () use ($job): array {
            $decide = app(DecideJob::class);
            $option = collect($decide->decide($job)->options)->first(fn (Option $one): bool => $one->canBeQuoted() && ! $one->end);

            return array_map(fn (QuoteLine $line): string => $line->what, $decide->variants($job, [$option?->id])[0]->lines);
        };
        $this->assertNotContains('Your data kept safe before we begin', $lines());
        $job->update(['agreed' => ['data' => 'no-copy']]);
        $this->assertContains('Your data kept safe before we begin', $lines());
    }

    public function test_a_text_of_the_shop_is_used_and_put_back(): void
    {
        $lead = $this->person(Role::Lead);
        $job = $this->job();
        $path = 'texts/texts/terms/text';
        $this->actingAs($lead)
            ->get("/shop/texts?text={$path}")
            ->assertOk()
            ->assertSee($job->tag)
            ->assertSee('keep a copy of what you need');
        $text = fn (string $words, string $deed) => $this->post('/shop/texts', ['text' => $path, 'words' => $words, 'deed' => $deed]);
        $text('No warranty on {model} of {name}.', 'look')
            ->assertOk()
            ->assertSee("No warranty on {$job->machine->model} of");
        $this->get("/jobs/{$job->tag}/receipt")->assertDontSee('No warranty on');
        $text('No warranty on {model}.', 'save')->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}/receipt")->assertSee("No warranty on {$job->machine->model}.");
        $text('Ask {nmae}.', 'save')->assertSessionHasErrors([
            'words' => '{nmae} is no field here. Did you mean {name}? There are {shop}, {phone}, '.'{mail}, {tag}, {model}, {name}.',
        ]);
        $this->get("/shop/texts?text={$path}")->assertSee('Ask {nmae}.');
        $text('', 'back')->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}/receipt")->assertSee('keep a copy of what you need');
    }

    public function test_every_text_that_ships_can_be_looked_at(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $this->get('/shop/texts?text=none')->assertOk()->assertSee('No machine is here yet');
        $this->post('/shop/texts', ['text' => 'none', 'words' => 'x', 'deed' => 'save'])->assertSessionHasErrors('text');
    }

    public function test_a_country_says_what_is_usual_there(): void
    {
        $all = Country::all();
        // ISO 4217 for currency and decimals, CLDR for the rest, as intl has them.
        $this->assertSame(['JPY', 0, 'Asia/Tokyo', 'Y-m-d', 7], self::usual($all['JP']));
        $this->assertSame(['KWD', 3], array_slice(self::usual($all['KW']), 0, 2));
        $this->assertSame(['EUR', 2, 'Europe/Berlin', 'j M Y', 1], self::usual($all['DE']));
        $this->assertSame([',', '.', 'M j, Y', 7], [$all['DE']->point, $all['US']->point, $all['US']->dateForm, $all['US']->weekStart]);
        $this->assertNull($all['US']->tax);
        $this->assertSame(810, $all['CH']->tax);
        foreach ($all as $country) {
            $this->assertContains($country->timeZone, \DateTimeZone::listIdentifiers());
            $this->assertArrayHasKey($country->dateForm, Shop::DATE_FORMS);
        }
    }

    /** @return list<string|int> */
    private static function usual(Country $country): array
    {
        return [$country->currency, $country->decimals, $country->timeZone, $country->dateForm, $country->weekStart];
    }

    /** @return iterable<string, array{int, string, string, int, string}> */
    public static function moneys(): iterable
    {
        yield 'none' => [0, '.', '5200', 5200, '¥ 5 200'];
        yield 'two' => [2, ',', '52,50', 5250, '¥ 52,50'];
        yield 'three' => [3, '.', '4.505', 4505, '¥ 4.505'];
    }

    #[DataProvider('moneys')]
    public function test_money_is_typed_and_written_with_the_decimals_of_its_currency(
        int $decimals,
        string $point,
        string $typed,
        int $minor,
        string $written,
    ): void {
        $this->actingAs($this->person(Role::Lead));
        $this->post('/shop', [
            ...self::SHOP,
            'decimals' => (string) $decimals,
            'point' => $point,
            'hour_price' => $typed,
        ])->assertSessionHasNoErrors();
        $this->assertSame([$minor, $written], [shop()->hourPrice, shop()->money()->words(shop()->hourPrice)]);
        $this->assertSame($minor / 60, app(Catalogue::class)->economy->labour);
        $this->get('/shop')
            ->assertOk()
            ->assertSee('value="'.$typed.'"', false);
        $this->get('/shop/numbers/work')->assertOk();
    }

    public function test_more_decimals_than_the_currency_has_are_refused_at_their_field(): void
    {
        $this->actingAs($this->person(Role::Lead))
            ->post('/shop', [...self::SHOP, 'decimals' => '0', 'hour_price' => '52.50'])
            ->assertSessionHasErrors(['hour_price' => '"52.50" is no amount; type a number such as 48 or 49.']);
    }

    public function test_tax_is_rounded_half_up_on_the_sum_or_on_each_line_as_chosen(): void
    {
        $lead = $this->person(Role::Lead);
        $job = $this->job();
        $this->started($job, $lead);
        $sum = function (bool $perLine) use ($job, $lead): int {
            shop()->set(['tax' => 810, 'taxPerLine' => $perLine, 'hourPrice' => 6000], $lead);
            $bill = app(WorkOutBill::class)->of($job)->bill;
            $this->assertNotNull($bill);

            return $bill->tax()->minor;
        };
        $this->assertSame($sum(false), $sum(true), 'One line alone is rounded once either way.');
        $this->assertTrue(app(WorkOutBill::class)->of($job)->bill?->taxPerLine);
    }

    public function test_times_stand_in_utc_and_are_read_in_the_time_zone_of_the_shop(): void
    {
        $lead = $this->person(Role::Lead);
        shop()->set(['timeZone' => 'Europe/Zurich'], $lead);
        $this->assertSame('Europe/Zurich', date_default_timezone_get());
        // The hour from two to three comes twice when the clock is put back on 25 October 2026: an hour lies between both.
        $first = Carbon::parse('2026-10-25T02:30:00+02:00');
        $second = Carbon::parse('2026-10-25T02:30:00+01:00');
        $made = [];
        foreach ([$first, $second] as $at) {
            $made[] = OwnValue::query()->create(['path' => 'x', 'value' => 1, 'user_id' => $lead->id, 'created_at' => $at])->id;
        }
        $this->assertSame(
            ['2026-10-25 00:30:00', '2026-10-25 01:30:00'],
            DB::table('own_values')->orderBy('id')->pluck('created_at')->all(),
        );
        [$one, $two] = array_map(fn (int $id): Carbon => OwnValue::query()->findOrFail($id)->created_at, $made);
        $this->assertSame(['02:30 +02:00', '02:30 +01:00'], [$one->format('H:i P'), $two->format('H:i P')]);
        $this->assertSame(3600.0, $one->diffInSeconds($two));
        $this->assertSame([$made[0]], OwnValue::query()->where('created_at', '<', $second)->pluck('id')->all());
    }

    public function test_a_picture_is_made_anew_and_shown_on_letters(): void
    {
        Storage::fake('local');
        $lead = $this->person(Role::Lead);
        $job = $this->job();
        $this->actingAs($lead);
        $this->get('/shop/logo.png')->assertNotFound();
        $this->post('/shop', [...self::SHOP, 'logo' => UploadedFile::fake()->image('ours.jpg', 1600, 500)])->assertSessionHasNoErrors();
        $this->get('/shop/logo.png')->assertOk()->assertHeader('Content-Type', 'image/png');
        $size = getimagesizefromstring((string) $this->get('/shop/logo.png')->getContent());
        $this->assertSame([800, 250], [$size[0] ?? 0, $size[1] ?? 0]);
        $this->get("/jobs/{$job->tag}/receipt")->assertSee('shop/logo.png');
        $this->post('/shop', [...self::SHOP, 'logo' => UploadedFile::fake()->create('ours.png', 10)])->assertSessionHasErrors([
            'logo' => 'This is no PNG or JPEG picture; choose another.',
        ]);
        $this->post('/shop', [...self::SHOP, 'no_logo' => '1'])->assertSessionHasNoErrors();
        $this->get('/shop/logo.png')->assertNotFound();
    }

    private const SHOP = [
        'name' => 'Quay Street Computers',
        'address' => '3 Quay Street',
        'phone' => '0555 230 100',
        'mail' => 'bench@quay.example',
        'tax_number' => '',
        'country' => '',
        'currency' => '¥',
        'decimals' => '2',
        'point' => '.',
        'tax' => '8.1',
        'tax_per_line' => '0',
        'time_zone' => 'UTC',
        'date_form' => 'Y-m-d',
        'week_start' => '1',
        'open_days' => ['1', '2', '3'],
        'open_from' => '8',
        'open_to' => '17',
        'benches' => '3',
        'hour_price' => '48',
        'deposit_from' => '150',
        'deposit_share' => '30',
        'quote_days' => '14',
        'comeback_risk' => '10',
        'price_of_one' => '1',
    ];

    private function started(Job $job, User $by): void
    {
        $this->travel(20)->minutes();
        app(RecordEntries::class)->record($job, $by, [['kind' => 'start', 'reached' => 'dark']]);
    }
}
