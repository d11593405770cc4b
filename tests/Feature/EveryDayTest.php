<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Order;
use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** From the counter to an order and a call, on days on which a calendar is easily got wrong. */
final class EveryDayTest extends TestCase
{
    use RefreshDatabase;

    #[DataProvider('days')]
    public function test_a_job_goes_its_way_whatever_day_it_is(string $day): void
    {
        $this->travelTo(Carbon::parse($day));
        $job = $this->job(entries: [
            ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]],
            ['kind' => 'start', 'reached' => 'nothing'],
        ]);
        $job->update(['agreed' => ['limit' => 50000]]);
        $this->actingAs($this->person(Role::Technician));
        $this->assertNotNull($job->refresh()->next_word_at);
        $this->assertTrue($job->next_word_at->isFuture(), 'A word is promised for a time that is still to come.');

        $this->post("/jobs/{$job->tag}/orders", ['offer' => 'bw-supply-550', 'part' => 'supply'])->assertSessionHasNoErrors();
        $order = Order::query()->firstOrFail();
        $this->assertSame('ordered', $order->state);
        $this->assertTrue($order->due_at?->isFuture(), 'What is ordered today comes later.');
        $this->travelTo($order->due_at->copy());
        $this->post("/orders/{$order->tag}/receive", ['seen' => 'fine'])->assertSessionHasNoErrors();
        $this->assertTrue($order->refresh()->return_until?->isFuture());

        $this->travelTo(max(now(), $job->next_word_at)->copy()->addHours(2));
        $this->get('/')->assertOk()->assertSee($job->tag);
        $this->get('/diary')->assertOk()->assertSee($job->tag);
        $next = now()->addDays(2)->startOfMinute();
        $this->post("/jobs/{$job->tag}/rang", ['said' => 'the part is here', 'next' => $next->format('Y-m-d\TH:i'), 'once' => 'a'])
            ->assertSessionHasNoErrors();
        $this->assertTrue($job->refresh()->next_word_at->equalTo($next));
    }

    /**
     * @return iterable<string, array{string}> weekends, ends of months and years, leap days, holidays, changes of clock, two years
     *    ahead
     */
    public static function days(): iterable
    {
        foreach ([
            '2026-11-28 09:00', '2026-11-29 23:58', '2026-11-30 23:59', '2026-12-25 10:00', '2026-12-31 23:59',
            '2027-01-01 00:01', '2027-02-28 23:59', '2027-03-28 01:59', '2027-10-31 02:30', '2028-02-29 12:00',
            '2028-03-01 00:00', '2028-11-28 08:00',
        ] as $day) {
            yield $day => [$day];
        }
    }
}
