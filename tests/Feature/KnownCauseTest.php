<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Role;
use App\UseCases\Advice\WatchPatterns;
use App\UseCases\Advice\WorkOutHowWell;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** What the shop says of earlier jobs rests on those whose cause is known: what was believed of one that went back as it came is none. */
final class KnownCauseTest extends TestCase
{
    use RefreshDatabase;

    private const START = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']];

    private const WITHOUT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-1']]];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Lead));
    }

    /** One stick is the likeliest and was never condemned. */
    private function closed(string $outcome): Job
    {
        $replaced = [['kind' => 'act', 'act' => 'replace', 'on' => ['stick-1']], ['kind' => 'start', 'reached' => 'stays']];
        $done = $outcome === 'repaired' ? $replaced : [];
        $job = $this->job(entries: [
            self::START,
            self::WITHOUT,
            self::START,
            self::WITHOUT,
            self::START,
            ...$done,
            ['kind' => 'closing', 'outcome' => $outcome, 'price' => 0, 'signed_off' => 'its owner wants it back today'],
        ]);
        $facts = JobFacts::query()->findOrFail($job->id);
        $this->assertSame(['stick', false, $outcome], [$facts->cause_part, $facts->confirmed, $facts->outcome]);

        return $job;
    }

    public function test_what_went_back_unrepaired_is_told_as_not_known(): void
    {
        $first = $this->closed('unrepaired');
        $now = $this->job(entries: [self::START]);
        $this->get(route('jobs.show', $now))
            ->assertSee("One {$now->machine->model} stopped here before; what it was is not known.")
            ->assertDontSee('it was the');
        $this->get('/book/model/'.rawurlencode($first->machine->model))->assertOk()->assertSee('Nothing is known yet.');
    }

    public function test_what_was_put_right_and_stayed_well_is(): void
    {
        $first = $this->closed('repaired');
        $now = $this->job(entries: [self::START]);
        $said = "One {$now->machine->model} stopped here before: it was the stick.";
        $this->get(route('jobs.show', $now))->assertSee($said);
        $this->get('/book/model/'.rawurlencode($first->machine->model))->assertOk()->assertDontSee('Nothing is known yet.');
        JobFacts::query()->whereKey($first->id)->update(['back_after' => 12.0]);
        $this->get(route('jobs.show', $now))->assertDontSee($said);
    }

    public function test_only_what_was_put_right_can_stay_well(): void
    {
        foreach (range(1, 5) as $ignored) {
            $this->closed('unrepaired');
        }
        $this->assertSame([], app(WorkOutHowWell::class)->workOut()->body['survival']);
        foreach (range(1, 5) as $ignored) {
            $this->closed('repaired');
        }
        $this->assertSame([5], array_column(app(WorkOutHowWell::class)->workOut()->body['survival'], 'count'));
    }

    public function test_no_pattern_is_made_of_what_was_only_believed(): void
    {
        foreach (['unrepaired', 'repaired'] as $outcome) {
            $this->closed($outcome);
        }
        $came = array_map(fn (object $seen): array => $seen->came, (fn (): array => $this->seen())->call(app(WatchPatterns::class)));
        $this->assertSame([false, true], array_map(fn (array $what): bool => in_array('cause:stick', $what, true), $came));
    }
}
