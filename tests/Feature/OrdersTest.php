<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Order;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Diagnosis\Standing;
use Tests\TestCase;

final class OrdersTest extends TestCase
{
    use RefreshDatabase;

    private const SUPPLY = [
        ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]],
        ['kind' => 'start', 'reached' => 'nothing'],
    ];

    public function test_a_part_is_ordered_comes_dead_and_the_second_is_good(): void
    {
        $job = $this->agreed();
        $this->actingAs($this->person(Role::Technician));
        $first = $this->order($job, 'bw-supply-550');
        $this->assertSame('ordered', $first->state);
        $this->assertSame(JobState::Part, $job->load('summary')->summary->waits_for);
        $this->get('/')->assertSee('Waits for a part')->assertSee('Supply, 550 W');
        $this->post("/orders/{$first->tag}/receive", ['seen' => 'fine'])->assertSessionHasNoErrors();
        $spare = $first->refresh()->spare;
        $this->assertSame(['arrived', 'new'], [$first->state, $spare?->origin]);
        $this->assertLessThan(0.99, $spare->trustNow(), 'A new part is not trusted until it is proved.');
        $this->assertTrue($spare->isReservedFrom($this->job()));
        $this->fit($job, $first);
        $this->assertSame('fitted', $first->refresh()->state);
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'nothing']])->assertSessionHasNoErrors();
        $doubted = app(AssessJob::class)->assess($job->refresh());
        $this->assertGreaterThan(
            0.4,
            array_sum(array_map(fn ($fault) => $fault->spare === $first->tag ? $fault->now : 0.0, $doubted->faults)),
            'The new part is suspected.',
        );
        $this->post("/orders/{$first->tag}/dead", ['words' => ''])->assertSessionHasErrors('words');
        $this->post("/orders/{$first->tag}/dead", ['words' => 'nothing on the tester'])->assertSessionHasNoErrors();
        $this->assertSame(['dead', 'quarantined'], [$first->refresh()->state, $first->spare?->refresh()->status]);

        $second = $this->order($job, 'rw-supply-500');
        $this->post("/orders/{$second->tag}/receive", ['seen' => 'fine'])->assertSessionHasNoErrors();
        $this->fit($job, $second);
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench'], 'times' => 4],
        ])->assertSessionHasNoErrors();
        $this->assertGreaterThan(0.9, app(AssessJob::class)->assess($job->refresh())->sound);
        $this->post("/orders/{$first->tag}/give-up", ['words' => 'goes back'])->assertSessionHasNoErrors();
        $this->assertSame('back', $first->refresh()->state);
    }

    public function test_above_the_leave_only_a_lead_orders(): void
    {
        $job = $this->job(entries: self::SUPPLY);
        $job->update(['agreed' => ['limit' => 6000]]);
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/orders", ['offer' => 'bw-supply-550', 'part' => 'supply'])
            ->assertSessionHasErrors('offer');
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'rw-supply-500', 'part' => 'supply'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'rw-fan', 'part' => 'case-fans'])->assertSessionHasErrors('offer');
        $this->actingAs($this->person(Role::Lead))
            ->post("/jobs/{$job->tag}/orders", ['offer' => 'rw-fan', 'part' => 'case-fans'])
            ->assertSessionHasNoErrors();
    }

    public function test_an_order_that_only_makes_sense_if_a_part_is_good_waits_for_its_proof(): void
    {
        $job = $this->agreed();
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/orders", ['offer' => 'rw-fan', 'part' => 'case-fans', 'held_for' => 'drive-lead'])
            ->assertSessionHasNoErrors();
        $order = Order::query()->firstOrFail();
        // The lead of the drive worked when the lent supply ran it.
        $this->assertSame('ordered', $order->state);
        $this->post("/jobs/{$job->tag}/orders", [
            'offer' => 'rw-cooler',
            'part' => 'cooler',
            'held_for' => 'case',
        ])->assertSessionHasNoErrors();
        $held = Order::query()->orderByDesc('id')->firstOrFail();
        $standing = app(AssessJob::class)->assess($job)->standings['case']->standing;
        $this->assertSame($standing === Standing::Proved ? 'ordered' : 'held', $held->state);
        $fresh = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $fresh->update(['agreed' => ['limit' => 50000]]);
        $this->post("/jobs/{$fresh->tag}/orders", [
            'offer' => 'bw-drive-500',
            'part' => 'drive',
            'held_for' => 'processor',
        ])->assertSessionHasNoErrors();
        $waits = Order::query()->orderByDesc('id')->firstOrFail();
        $this->assertSame('held', $waits->state);
        $this->get("/jobs/{$fresh->tag}/decide")->assertSee('until the processor is proved');
        foreach (
            [
                ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'cpu-plug', 'panel']],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 5],
            ] as $entry
        ) {
            $this->post("/jobs/{$fresh->tag}/entries", ['entry' => $entry])->assertSessionHasNoErrors();
        }
        $this->assertSame('ordered', $waits->refresh()->state);
    }

    public function test_what_cannot_be_ordered_or_taken_in_is_told(): void
    {
        $job = $this->agreed();
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'no-such', 'part' => 'supply'])->assertSessionHasErrors('offer');
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'bw-stick-8', 'part' => 'supply'])->assertSessionHasErrors('part');
        $this->post("/jobs/{$job->tag}/orders", [
            'offer' => 'bw-supply-550',
            'part' => 'supply',
            'held_for' => 'flywheel',
        ])->assertSessionHasErrors('held_for');
        $order = $this->order($job, 'bw-supply-550');
        $this->post("/orders/{$order->tag}/receive", ['seen' => 'perhaps'])->assertSessionHasErrors('seen');
        $this->post("/orders/{$order->tag}/receive", ['seen' => 'damaged', 'words' => 'a dent'])->assertSessionHasNoErrors();
        $this->post("/orders/{$order->tag}/receive", ['seen' => 'fine'])->assertSessionHasErrors('seen');
        $this->post("/orders/{$order->tag}/dead", ['words' => 'x'])->assertSessionHasErrors([
            'words' => "{$order->tag} is not here to be tried.",
        ]);
        $this->assertNull($order->refresh()->spare);
        $cancelled = $this->order($job, 'rw-supply-500');
        $this->post("/orders/{$cancelled->tag}/give-up", ['words' => 'not needed'])->assertSessionHasNoErrors();
        $this->assertSame('cancelled', $cancelled->refresh()->state);
        $this->post("/orders/{$cancelled->tag}/give-up", ['words' => 'again'])->assertSessionHasErrors('words');
    }

    public function test_the_floor_says_when_a_part_that_is_not_fitted_must_go_back(): void
    {
        $job = $this->agreed();
        $this->actingAs($this->person(Role::Technician));
        $order = $this->order($job, 'bw-supply-550');
        $this->post("/orders/{$order->tag}/receive", ['seen' => 'wrong'])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee('can be sent back only until');
        $this->travelTo($order->refresh()->return_until?->copy()->subDays(2)->setTime(10, 0));
        $this->get('/')->assertSee('can be sent back only until '.$order->return_until?->format('j M'));
        $this->post("/orders/{$order->tag}/give-up", ['words' => 'the wrong thing'])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee('can be sent back only until');
    }

    public function test_a_closed_job_orders_nothing_more_and_keeps_no_spare_from_the_others(): void
    {
        $job = $this->agreed();
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/orders", ['offer' => 'bw-drive-500', 'part' => 'drive', 'held_for' => 'supply'])
            ->assertSessionHasNoErrors();
        [$held, $here, $late] = [Order::query()->firstOrFail(), $this->order($job, 'bw-supply-550'), $this->order($job, 'rw-supply-500')];
        $this->post("/orders/{$here->tag}/receive", ['seen' => 'fine'])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}/close")
            ->assertOk()
            ->assertSee(['Orders not settled', $held->tag, $here->tag, $late->tag]);
        app(RecordEntries::class)->record($job, $this->person(Role::Technician), [
            [
                'kind' => 'closing',
                'price' => 0,
                'warranty_months' => 0,
                'signed_off' => 'The owner wants it back.',
                'outcome' => 'unrepaired',
            ],
        ]);
        $this->assertSame(['cancelled', 'the job was closed'], [$held->refresh()->state, $held->words]);
        $this->assertFalse($here->refresh()->spare?->isReservedFrom($this->job()));
        $this->post("/orders/{$late->tag}/receive", ['seen' => 'fine'])->assertSessionHasNoErrors();
        $this->assertFalse($late->refresh()->spare?->isReservedFrom($this->job()));
    }

    public function test_the_same_part_is_ordered_twice_only_if_somebody_says_so(): void
    {
        $job = $this->agreed();
        $this->actingAs($this->person(Role::Technician));
        $form = ['offer' => 'bw-supply-550', 'part' => 'supply'];
        $this->post("/jobs/{$job->tag}/orders", $form)->assertSessionHasNoErrors();
        $first = Order::query()->firstOrFail();
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'rw-supply-500', 'part' => 'supply'])->assertSessionHasErrors([
            'again' => "{$first->tag}, {$first->name}, is on its way for this already. Tick \"order another\" if a second one is wanted.",
        ]);
        $this->assertSame(1, Order::query()->count());
        $this->get("/jobs/{$job->tag}/decide")->assertSee('Order another');
        $this->post("/jobs/{$job->tag}/orders", $form + ['again' => '1'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'rw-fan', 'part' => 'case-fans'])->assertSessionHasNoErrors();
        $this->assertSame(3, Order::query()->count(), 'Another kind of part is no second one.');
    }

    public function test_what_the_shop_buys_no_more_of_shows_wherever_something_is_bought(): void
    {
        $job = $this->agreed();
        $bulletin = [
            'model' => 'Breakwater 550',
            'words' => 'Three of five came dead.',
            'factor' => '2',
            'expires_at' => now()->addDays(9)->format('Y-m-d'),
        ];
        $pages = ["/jobs/{$job->tag}/decide", '/orders', '/own', '/shelf/coverage'];
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)->post('/bulletins', $bulletin)->assertSessionHasNoErrors();
        foreach ($pages as $page) {
            $this->get($page)->assertOk()->assertDontSee('Do not buy');
        }
        $this->post('/bulletins', [...$bulletin, 'do_not_buy' => '1'])->assertSessionHasNoErrors();
        foreach ($pages as $page) {
            $this->get($page)->assertOk()->assertSee('Do not buy Breakwater 550.')->assertSee('Three of five came dead.');
        }
    }

    private function agreed(): Job
    {
        $job = $this->job(entries: self::SUPPLY);
        $job->update(['agreed' => ['limit' => 50000]]);

        return $job;
    }

    private function order(Job $job, string $offer): Order
    {
        $this->post("/jobs/{$job->tag}/orders", ['offer' => $offer, 'part' => 'supply', 'again' => '1'])->assertSessionHasNoErrors();

        return Order::query()->orderByDesc('id')->firstOrFail();
    }

    private function fit(Job $job, Order $order): void
    {
        $this->post("/jobs/{$job->tag}/entries", [
            'written' => json_encode(
                [['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => $order->tag]]],
                JSON_THROW_ON_ERROR,
            ),
        ])->assertSessionHasNoErrors();
    }
}
