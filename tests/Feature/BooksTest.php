<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CollectNotice;
use App\Models\Invoice;
use App\Models\Job;
use App\Models\Payment;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Jobs\IssueInvoice;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Shop\Books;
use App\UseCases\Shop\SetOwnValues;
use App\UseCases\Shop\StorageDue;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Money leaves a trail: invoices in one sequence, credit notes, payments, a day sheet, and notices to who does not fetch. */
final class BooksTest extends TestCase
{
    use RefreshDatabase;

    private User $lead;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lead = $this->person(Role::Lead);
        $this->actingAs($this->lead);
        shop()->set(['name' => 'Quay Street', 'address' => '3 Quay', 'tax' => 2000], $this->lead);
    }

    private function closed(int $price = 12000): Job
    {
        $job = $this->job();
        app(RecordEntries::class)->record($job, $this->lead, [
            ['kind' => 'start', 'reached' => 'stays'],
            ['kind' => 'closing', 'price' => $price, 'warranty_months' => 3, 'signed_off' => 'seen to run'],
        ]);

        return $job->refresh();
    }

    /**
     * @param  array<string, mixed>  $more
     *
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function collected(Job $job, string $method = 'card', array $more = []): TestResponse
    {
        return $this->post("/jobs/{$job->tag}/collect", ['reference' => $job->tag, 'method' => $method, 'once' => $job->tag] + $more);
    }

    public function test_handing_over_books_what_is_paid_and_issues_the_invoice_once(): void
    {
        $job = $this->closed();
        $page = $this->collected($job, 'card', ['to' => "Mira Vale\n1 High Street"])->assertSessionHasNoErrors();
        $invoice = Invoice::query()->firstOrFail();
        $page->assertRedirect(route('invoices.show', $invoice));
        $this->assertSame([1, 10000, 2000, 12000], [$invoice->sequence, $invoice->net, $invoice->tax, $invoice->total]);
        $this->assertSame([['card', 12000]], Payment::query()->get()->map(fn (Payment $one): array => [$one->method, $one->amount])->all());
        $this->get("/invoices/{$invoice->number}")->assertOk()->assertSee('1 High Street')->assertSee('€ 120.00')->assertSee('Paid.');
        $this->assertStringStartsWith('%PDF-', (string) $this->get("/invoices/{$invoice->number}/invoice.pdf")->getContent());
        $this->collected($job);
        $this->assertSame([1, 1], [Invoice::query()->count(), Payment::query()->count()]);
    }

    public function test_lines_of_the_record_stand_on_it_where_they_come_to_the_price(): void
    {
        $job = $this->job();
        $this->travel(30)->minutes();
        app(RecordEntries::class)->record($job, $this->lead, [['kind' => 'start', 'reached' => 'stays']]);
        app(RecordEntries::class)->record($job, $this->lead, [
            ['kind' => 'closing', 'price' => 2880, 'warranty_months' => 0, 'signed_off' => 'seen to run'],
        ]);
        $this->collected($job, 'cash')->assertSessionHasNoErrors();
        $this->assertSame(
            [['what' => 'Work at the bench, 30 minutes', 'count' => 1, 'each' => 2400]],
            Invoice::query()->firstOrFail()->body['lines'],
        );
    }

    public function test_nothing_is_invoiced_where_nothing_is_asked(): void
    {
        $job = $this->closed(0);
        $this->collected($job, 'none')->assertRedirect('/');
        $this->assertSame(0, Invoice::query()->count());
        $this->post("/jobs/{$job->tag}/invoice", [])->assertSessionHasErrors('to');
    }

    public function test_a_mistake_is_taken_back_and_the_sequence_has_no_gap(): void
    {
        $job = $this->closed();
        $this->post("/jobs/{$job->tag}/invoice", ['to' => 'Mira Wale'])->assertRedirect();
        $wrong = Invoice::query()->firstOrFail();
        $this->post("/jobs/{$job->tag}/invoice", ['to' => 'Mira Vale']);
        $this->assertSame(1, Invoice::query()->count(), 'One that holds is not issued twice.');
        $this->post("/invoices/{$wrong->number}/take-back", ['why' => ''])->assertSessionHasErrors('why');
        $this->post("/invoices/{$wrong->number}/take-back", ['why' => 'the name'])->assertSessionHasNoErrors();
        $this->post("/invoices/{$wrong->number}/take-back", ['why' => 'again'])->assertSessionHasErrors('why');
        $this->post("/jobs/{$job->tag}/invoice", ['to' => 'Mira Vale'])->assertSessionHasNoErrors();
        $all = Invoice::query()->orderBy('sequence')->get();
        $this->assertSame([[1, 'invoice', 12000], [2, 'credit', -12000], [3, 'invoice', 12000]], $all->map(
            fn (Invoice $one): array => [$one->sequence, $one->kind, $one->total],
        )->all());
        $this->get("/invoices/{$all[1]->number}")->assertSee("It takes back invoice {$wrong->number}: the name");
        $this->post("/invoices/{$all[1]->number}/take-back", ['why' => 'no'])->assertSessionHasErrors('why');
        $this->assertSame(12000, Books::between(now(), now())->invoiced()['total']);
    }

    public function test_an_invoice_is_never_changed(): void
    {
        $job = $this->closed();
        $invoice = app(IssueInvoice::class)->of($job, $this->lead, 'Mira');
        $this->assertNotNull($invoice);
        foreach ([fn () => $invoice->update(['total' => 1]), fn () => $invoice->delete()] as $deed) {
            try {
                DB::transaction($deed);
                $this->fail('An invoice was changed.');
            } catch (QueryException $refused) {
                $this->assertStringContainsString('take it back by a credit note', $refused->getMessage());
            }
        }
        shop()->set(['name' => 'Another', 'tax' => 700], $this->lead);
        $this->assertStringContainsString('20 %', (string) $this->get("/invoices/{$invoice->number}")->getContent());
        $this->assertSame('Quay Street', $invoice->refresh()->body['shop']['name']);
    }

    public function test_a_deposit_comes_off_what_is_to_pay_and_what_is_open_is_shown(): void
    {
        $job = $this->closed();
        $pay = fn (string $amount, string $way = 'came', string $method = 'cash') => $this->post("/jobs/{$job->tag}/paid", [
            'amount' => $amount, 'method' => $method, 'way' => $way, 'words' => 'deposit',
        ]);
        $pay('50')->assertSessionHasNoErrors();
        $pay('60', 'back')->assertSessionHasErrors(['amount' => 'Only € 50.00 was paid; no more can be given back.']);
        $pay('0')->assertSessionHasErrors('amount');
        $pay('5', 'came', 'beans')->assertSessionHasErrors('method');
        $pay('10', 'back')->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}/collect")->assertSee('€ 80.00')->assertSee('€ 40.00 of € 120.00 was paid before');
        $this->collected($job, 'none')->assertSessionHasErrors('method');
        $this->collected($job, 'open')->assertSessionHasNoErrors();
        $invoice = Invoice::query()->firstOrFail();
        $this->get("/invoices/{$invoice->number}")->assertSee('€ 80.00 is still open');
        $this->get('/shop/books')->assertSee('Still open')->assertSee($invoice->number);
        $pay('80', 'came', 'transfer')->assertSessionHasNoErrors();
        $this->assertSame([], Books::open());
        $this->get("/invoices/{$invoice->number}")->assertSee('Paid.');
    }

    public function test_the_day_sheet_counts_the_till_and_the_bookkeeper_gets_csv(): void
    {
        $this->collected($this->closed(), 'cash');
        $this->collected($this->closed(6000), 'card');
        $this->travel(1)->days();
        $this->collected($this->closed(600), 'cash');
        $this->get('/day-sheet')->assertOk()->assertSee('€ 6.00')->assertDontSee('€ 60.00');
        $yesterday = now()->subDay()->format('Y-m-d');
        $this->get("/day-sheet?day={$yesterday}")->assertSee('€ 180.00')->assertSee('€ 120.00')->assertSee('€ 60.00');
        $this->get('/day-sheet?day=nonsense')->assertSessionHasErrors('day');
        $csv = (string) $this->get("/shop/books/invoices.csv?from={$yesterday}&to=".now()->format('Y-m-d'))->assertOk()->getContent();
        $this->assertCount(5, explode("\r\n", $csv));
        $this->assertStringContainsString('100.00,20,20.00,120.00', $csv);
        $paid = (string) $this->get("/shop/books/payments.csv?from={$yesterday}&to={$yesterday}")->getContent();
        $this->assertStringContainsString('cash,120.00', $paid);
        $this->assertStringNotContainsString('6.00,', str_replace(['120.00', '60.00'], '', $paid));
        $this->get('/shop/books?from=2026-12-01&to=2026-11-01')->assertSessionHasErrors('to');
    }

    public function test_the_counter_reads_an_invoice_and_the_lead_alone_takes_it_back(): void
    {
        $invoice = app(IssueInvoice::class)->of($this->closed(), $this->lead, 'Mira');
        foreach ([Role::Counter, Role::Technician] as $role) {
            $this->actingAs($this->person($role));
            $this->get("/invoices/{$invoice?->number}")->assertOk();
            $this->get("/invoices/{$invoice?->number}/invoice.pdf")->assertOk();
            $this->post("/invoices/{$invoice?->number}/take-back", ['why' => 'x'])->assertForbidden();
        }
        $this->post('/logout');
        $this->get("/invoices/{$invoice?->number}")->assertRedirect('/login');
    }

    public function test_a_week_begins_on_the_day_the_shop_says(): void
    {
        $this->travelTo('2026-11-25 10:00');
        foreach ([1 => '2026-11-23', 6 => '2026-11-21', 7 => '2026-11-22'] as $day => $first) {
            shop()->set(['weekStart' => $day], $this->lead);
            $this->assertSame($day, shop()->week()[0]);
            $this->get('/shop/books')->assertSee("from={$first}&amp;to=2026-11-25", false);
        }
        $this->assertSame([7, 1, 2, 3, 4, 5, 6], shop()->week());
    }

    public function test_a_name_that_a_spreadsheet_would_run_is_plain_text_in_the_csv(): void
    {
        $this->collected($this->closed(), 'cash', ['to' => '=1+1']);
        $this->assertStringContainsString("'=1+1", (string) $this->get('/shop/books/invoices.csv')->getContent());
    }

    public function test_who_does_not_fetch_gets_dated_notices_and_storage_by_the_shops_terms(): void
    {
        $job = $this->closed();
        $this->get('/uncollected')->assertOk()->assertSee($job->tag)->assertSee('local law')->assertSee('not charged');
        $notice = fn (string $until) => $this->post("/uncollected/{$job->tag}", ['until' => $until, 'job' => $job->tag]);
        $notice(now()->format('Y-m-d'))->assertSessionHasErrors('until');
        $notice(now()->addDays(14)->format('Y-m-d'))->assertSessionHasNoErrors();
        $this->travel(40)->days();
        $this->assertSame(0, StorageDue::days($job), 'Nothing is charged where the shop set nothing.');
        SetOwnValues::set(['economy/storage/per_day' => 200, 'economy/storage/after' => 30], $this->lead);
        $this->assertSame([10, 2400], [StorageDue::days($job), StorageDue::gross(10)]);
        $notice(now()->addDays(14)->format('Y-m-d'))->assertSessionHasNoErrors();
        $written = CollectNotice::query()->orderByDesc('id')->firstOrFail();
        $this->assertStringContainsString('we ask € 2.40 a day', $written->text);
        $this->assertStringStartsWith('%PDF-', (string) $this->get("/notices/{$written->id}/notice.pdf")->assertOk()->getContent());
        $this->get('/uncollected')->assertSee('Storage would be 10 days, € 24.00 with tax');
        $this->get("/jobs/{$job->tag}/collect")->assertSee('Charge storage: 10 days, € 24.00 with tax');
        $this->collected($job, 'cash', ['storage' => '1'])->assertSessionHasNoErrors();
        $invoice = Invoice::query()->firstOrFail();
        $this->assertSame(14400, $invoice->total);
        $this->assertSame('Storage, 10 days', $invoice->body['lines'][1]['what']);
        $this->assertSame(14400, Payment::sumFor($job));
        $this->get('/uncollected')->assertSee('Every machine that is ready was fetched');
    }

    public function test_two_who_issue_at_once_get_one_number_each(): void
    {
        $numbers = [];
        foreach (range(1, 3) as $_) {
            $numbers[] = app(IssueInvoice::class)->of($this->closed(), $this->lead, 'Mira')?->sequence;
        }
        $this->assertSame([1, 2, 3], $numbers);
        $this->assertSame(3, Invoice::query()->distinct()->count('number'));
    }
}
