<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Order;
use App\Models\PartsSupplier;
use App\Models\PriceItem;
use App\Models\Role;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Advice\DecideJob;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Supplier\Supplier;
use Tests\Support\SmtpStandIn;
use Tests\TestCase;

/** Parts are bought of the shop's own suppliers: by list or by hand, with a sheet, by scan, and back with a credit note. */
final class SuppliersTest extends TestCase
{
    use RefreshDatabase;

    private const GIVEN = [
        'name' => 'Harbour Parts',
        'contact' => 'Ines',
        'mail' => 'orders@harbour.example',
        'phone' => '0555 330 330',
        'customer_number' => 'Q-17',
        'terms' => '30 days net',
        'days_from' => '1',
        'days_to' => '4',
        'return_days' => '20',
    ];

    private User $lead;

    protected function setUp(): void
    {
        parent::setUp();
        config(['shop.suppliers' => 'own']);
        $this->lead = $this->person(Role::Lead);
    }

    private function supplier(): PartsSupplier
    {
        return PartsSupplier::query()->create(self::GIVEN);
    }

    private function item(PartsSupplier $supplier, int $price, string $kind = 'supply'): PriceItem
    {
        return PriceItem::query()->create([
            'supplier_id' => $supplier->id,
            'number' => 'HP-550',
            'kind' => $kind,
            'name' => 'Supply, 550 W',
            'condition' => 'new',
            'price' => $price,
            'facts' => [],
        ]);
    }

    public function test_a_supplier_is_written_down_changed_and_ended(): void
    {
        $this->actingAs($this->lead)->post('/shop/suppliers', self::GIVEN)->assertSessionHasNoErrors();
        $supplier = PartsSupplier::query()->firstOrFail();
        $this->get('/shop/suppliers')->assertOk()->assertSee('Harbour Parts')->assertDontSee('simulated');
        $this->post('/shop/suppliers', self::GIVEN)->assertSessionHasErrors(['name' => 'A supplier of this name stands here already.']);
        $this->post("/shop/suppliers/{$supplier->id}", ['days_from' => '9', 'days_to' => '2'] + self::GIVEN)->assertSessionHasErrors([
            'days_from' => 'The days at best cannot be more than those at worst.',
        ]);
        $this->get('/shop/suppliers')->assertSee('value="9"', false);
        $this->post("/shop/suppliers/{$supplier->id}", ['terms' => 'prepaid'] + self::GIVEN)->assertSessionHasNoErrors();
        $this->assertSame('prepaid', $supplier->refresh()->terms);
        $this->delete("/shop/suppliers/{$supplier->id}")->assertRedirect();
        $this->assertNotNull($supplier->refresh()->ended_at);
        $this->item($supplier, 5000);
        $this->assertSame([], app(Supplier::class)->offers(now()->toDateTimeImmutable()));
    }

    public function test_a_real_shop_is_offered_nothing_simulated_and_what_no_list_names_at_its_usual_price(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->item($this->supplier(), 4400);
        $options = collect(app(DecideJob::class)->decide($job)->options);
        $supply = $options->firstOrFail(fn (Option $option): bool => $option->id === 'replace:supply:new');
        $this->assertSame(4400, $supply->cost->parts);
        $panel = $options->firstOrFail(fn (Option $option): bool => $option->id === 'replace:panel:new');
        $this->assertSame(app(Catalogue::class)->part('panel')->price, $panel->cost->parts);
    }

    public function test_the_newest_price_of_a_kind_counts_unless_the_lead_set_one(): void
    {
        $supplier = $this->supplier();
        $price = function (): int {
            app()->forgetInstance(Catalogue::class);

            return app(Catalogue::class)->part('supply')->price;
        };
        $this->assertSame(6500, $price());
        $this->item($supplier, 4000);
        $this->item($supplier, 8000);
        $this->assertSame(6000, $price());
        $this->travel(1)->days();
        $this->actingAs($this->lead)->post('/orders/by-hand', $this->byHand($supplier))->assertSessionHasNoErrors();
        $this->assertSame(7150, $price());
        $this->post('/shop/numbers/parts', ['values' => ['parts/parts/supply/price' => '52'], 'deed' => 'save']);
        $this->assertSame(5200, $price());
        Order::query()->update(['state' => 'cancelled']);
        $this->post('/shop/numbers/parts', ['values' => ['parts/parts/supply/price' => ''], 'deed' => 'save']);
        $this->assertSame(6000, $price());
    }

    /** @return array<string, string> */
    private function byHand(PartsSupplier $supplier): array
    {
        return [
            'supplier' => (string) $supplier->id,
            'kind' => 'supply',
            'what' => 'Supply, 600 W',
            'condition' => 'new',
            'price' => '71.50',
            'number' => 'HP-99-1',
            'due' => now()->addDays(2)->format('Y-m-d'),
        ];
    }

    public function test_an_order_by_hand_arrives_by_scan_and_stands_on_the_shelf(): void
    {
        $supplier = $this->supplier();
        $this->actingAs($this->person(Role::Technician))
            ->post('/orders/by-hand', $this->byHand($supplier))
            ->assertSessionHasNoErrors();
        $order = Order::query()->firstOrFail();
        $this->assertSame(['ordered', 7150, 'HP-99-1', null], [$order->state, $order->price, $order->number, $order->job_id]);
        $this->assertSame(now()->addDays(22)->format('Y-m-d'), $order->return_until?->format('Y-m-d'));
        foreach ([$order->tag, strtolower($order->tag), 'HP-99-1'] as $scan) {
            $this->get('/find?q='.$scan)->assertRedirect(route('orders', ['open' => $order->tag])."#{$order->tag}");
        }
        $this->get("/orders?open={$order->tag}")
            ->assertSee('id="'.$order->tag.'" open', false)
            ->assertDontSee('The simulated one');
        $this->post("/orders/{$order->tag}/receive", ['seen' => 'fine'])->assertSessionHasNoErrors();
        $spare = Spare::query()->where('tag', $order->tag)->firstOrFail();
        $this->assertSame([7150, 'new'], [$spare->value, $spare->origin]);
    }

    public function test_an_order_for_a_job_is_held_against_what_its_owner_agreed_to(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $supplier = $this->supplier();
        $given = ['for' => 'supply'] + $this->byHand($supplier);
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/orders/by-hand", $given)
            ->assertSessionHasErrors('price');
        $this->assertStringContainsString('send a quote first', session('errors')->first('price'));
        $job->update(['agreed' => ['limit' => 20000]]);
        $this->post("/jobs/{$job->tag}/orders/by-hand", $given)->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/orders/by-hand", $given)->assertSessionHasErrors('again');
        $this->post("/jobs/{$job->tag}/orders/by-hand", $given + ['again' => '1'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/orders/by-hand", ['for' => 'no-such'] + $given)->assertSessionHasErrors('for');
        $this->assertSame(2, $job->orders()->count());
        $this->get("/jobs/{$job->tag}/decide")
            ->assertOk()
            ->assertSee('HP-99-1');
    }

    public function test_the_sheet_of_an_order_is_a_pdf_and_goes_by_mail(): void
    {
        $supplier = $this->supplier();
        $this->actingAs($this->lead)->post('/orders/by-hand', $this->byHand($supplier));
        $order = Order::query()->firstOrFail();
        $pdf = $this->get("/orders/{$order->tag}/sheet.pdf")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
        $this->assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        $this->post("/orders/{$order->tag}/mail", ['order' => $order->tag])->assertSessionHasErrors([
            'mail' => 'The order did not go by mail: no mail server is set on the page of the shop. Print the sheet, or ring them.',
        ]);
        $server = SmtpStandIn::start();
        shop()->set(
            ['name' => 'Quay', 'mail' => 'bench@quay.example', 'smtpHost' => '127.0.0.1', 'smtpPort' => $server->port],
            $this->lead,
        );
        $this->post("/orders/{$order->tag}/mail", ['order' => $order->tag])->assertSessionHasNoErrors();
        $heard = $server->heard();
        $this->assertStringContainsString('RCPT TO:<orders@harbour.example>', $heard);
        $this->assertStringContainsString("order-{$order->tag}.pdf", $heard);
    }

    public function test_the_counter_orders_nothing_and_the_lead_alone_writes_suppliers_down(): void
    {
        $supplier = $this->supplier();
        $this->actingAs($this->lead)->post('/orders/by-hand', $this->byHand($supplier));
        $order = Order::query()->firstOrFail();
        $this->actingAs($this->person(Role::Technician))->post("/shop/suppliers/{$supplier->id}", self::GIVEN)->assertForbidden();
        $this->get("/orders/{$order->tag}/sheet.pdf")->assertOk();
        $this->actingAs($this->person(Role::Counter));
        $this->get("/orders/{$order->tag}/sheet.pdf")->assertForbidden();
        $this->post("/orders/{$order->tag}/mail")->assertForbidden();
        $this->post("/orders/{$order->tag}/credit")->assertForbidden();
    }

    public function test_what_went_back_waits_for_its_credit_note(): void
    {
        $supplier = $this->supplier();
        $this->actingAs($this->lead)->post('/orders/by-hand', $this->byHand($supplier));
        $order = Order::query()->firstOrFail();
        $credit = ['credit_number' => 'CN-5', 'credit' => '70', 'order' => $order->tag];
        $this->post("/orders/{$order->tag}/credit", $credit)->assertSessionHasErrors('credit_number');
        $this->post("/orders/{$order->tag}/receive", ['seen' => 'wrong']);
        $this->post("/orders/{$order->tag}/give-up", ['words' => 'the wrong thing']);
        $this->get('/orders')->assertSee('Credit note');
        $this->post("/orders/{$order->tag}/credit", ['credit' => 'x'] + $credit)->assertSessionHasErrors('credit');
        $this->post("/orders/{$order->tag}/credit", $credit)->assertSessionHas(
            'status',
            "The credit note for {$order->tag} is kept: ".'€ 1.50 less than was paid.',
        );
        $this->assertSame([7000, 'CN-5'], [$order->refresh()->credit, $order->credit_number]);
        $this->post("/orders/{$order->tag}/credit", $credit)->assertSessionHasErrors('credit_number');
    }

    public function test_what_cannot_be_ordered_is_told_at_its_field(): void
    {
        $supplier = $this->supplier();
        $this->actingAs($this->lead);
        $wrong = [
            'what' => '', 'price' => 'much', 'supplier' => '99', 'kind' => 'no-such',
            'condition' => 'broken', 'due' => '2020-01-01',
        ];
        foreach ($wrong as $field => $value) {
            $this->post('/orders/by-hand', [$field => $value] + $this->byHand($supplier))->assertSessionHasErrors($field);
        }
        $this->assertSame(0, Order::query()->count());
    }
}
