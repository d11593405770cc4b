<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Shift;
use App\UseCases\Shop\PlanDay;
use App\UseCases\Shop\PromiseNextWord;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Who is in, and what the plan of the day makes of it. */
final class DiaryTest extends TestCase
{
    use RefreshDatabase;

    private const DARK = [['kind' => 'start', 'reached' => 'dark', 'waited' => 150]];

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(Carbon::parse('2026-11-25 10:00'));
    }

    public function test_people_write_themselves_down_and_go(): void
    {
        $rhea = $this->person(Role::Technician);
        $this->actingAs($rhea)
            ->post('/shifts', ['person' => $rhea->id, 'day' => '2026-11-25', 'from' => '09:00', 'to' => '17:00'])
            ->assertSessionHasNoErrors();
        $this->get('/diary')->assertOk()->assertSee($rhea->name)->assertSee('09:00–17:00')->assertSee('goes now');
        $this->get('/')
            ->assertOk()
            ->assertSee("{$rhea->name} until 17:00");
        $this->delete('/shifts/'.Shift::query()->value('id'))->assertRedirect('/diary');
        $this->assertSame('10:00', Shift::query()->sole()->to_at->format('H:i'));
        $this->get('/')->assertDontSee('until 17:00');
        $this->post('/shifts', ['person' => $rhea->id, 'day' => '2026-11-26', 'from' => '09:00', 'to' => '12:00']);
        $this->delete('/shifts/'.Shift::query()->orderByDesc('id')->value('id'));
        $this->assertSame(1, Shift::query()->count(), 'what had not begun is gone');
    }

    public function test_only_the_lead_writes_others_down(): void
    {
        [$rhea, $piet, $lead] = [$this->person(Role::Technician), $this->person(Role::Technician), $this->person(Role::Lead)];
        $shift = ['person' => $piet->id, 'day' => '2026-11-26', 'from' => '09:00', 'to' => '17:00'];
        $this->actingAs($rhea)->post('/shifts', $shift)->assertForbidden();
        $this->actingAs($lead)->post('/shifts', $shift)->assertSessionHasNoErrors();
        $this->actingAs($rhea)
            ->delete('/shifts/'.Shift::query()->value('id'))
            ->assertForbidden();
        $this->actingAs($piet)
            ->delete('/shifts/'.Shift::query()->value('id'))
            ->assertRedirect();
        $this->assertSame(0, Shift::query()->count());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'backwards' => [['from' => '17:00', 'to' => '09:00'], 'to', 'ends after it begins'];
        yield 'no time' => [['from' => 'nine'], 'from', 'such as 09:00'];
        yield 'yesterday' => [['day' => '2026-11-24'], 'day', 'from today on'];
        yield 'nobody' => [['person' => '9999'], 'person', 'Pick a person'];
        yield 'twice' => [['from' => '11:00', 'to' => '12:00'], 'to', 'in from 09:00 to 17:00'];
    }

    /** @param  array<string, string>  $wrong */
    #[DataProvider('mistakes')]
    public function test_what_is_no_shift_is_told_and_kept(array $wrong, string $field, string $says): void
    {
        $rhea = $this->person(Role::Technician);
        $right = ['person' => $rhea->id, 'day' => '2026-11-25', 'from' => '09:00', 'to' => '17:00'];
        $this->actingAs($rhea)->post('/shifts', $right)->assertSessionHasNoErrors();
        $this->post('/shifts', $wrong + $right)
            ->assertSessionHasErrors($field)
            ->assertSessionHasInput('day');
        $this->assertStringContainsString($says, session('errors')->first($field));
        $this->assertSame(1, Shift::query()->count());
    }

    public function test_with_one_person_in_the_benches_take_turns_and_words_are_promised_later(): void
    {
        [$rhea] = [$this->person(Role::Technician), $this->person(Role::Technician)];
        foreach (range(1, 6) as $ignored) {
            $this->job(entries: self::DARK);
        }
        $plan = app(PlanDay::class);
        $lines = fn (): int => count(array_unique(array_column($plan->today($plan->jobs()), 'bench')));
        $promised = PromiseNextWord::for();
        $late = max(array_map(fn ($one) => $one->late, $plan->forecasts($plan->jobs())));
        $this->assertSame(2, $lines());
        $this->actingAs($rhea)->post('/shifts', ['person' => $rhea->id, 'day' => '2026-11-25', 'from' => '09:00', 'to' => '18:00']);
        $this->assertSame(1, $lines());
        $this->assertGreaterThan($promised, PromiseNextWord::for());
        $this->assertGreaterThan($late, max(array_map(fn ($one) => $one->late, $plan->forecasts($plan->jobs()))));
    }
}
