<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** A reading stands beside the same one of good parts of its model, and beside its own earlier one. */
final class BesideGoodTest extends TestCase
{
    use RefreshDatabase;

    private const RAILS = ['kind' => 'finding', 'check' => 'card-rails', 'target' => 'card'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Technician));
    }

    /** @param  array<string, mixed>  $machine */
    private function closed(array $machine, float $v18, string $cause): void
    {
        $this->job(machine: $machine, entries: [
            ['kind' => 'start', 'reached' => 'dark'],
            ['values' => ['v18' => $v18]] + self::RAILS,
            $cause === 'card'
                ? ['kind' => 'finding', 'check' => 'card-in-host', 'target' => 'card', 'result' => 'fails']
                : ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
            ['kind' => 'act', 'act' => 'replace', 'on' => [$cause]],
            ['kind' => 'closing', 'outcome' => 'repaired', 'price' => 9000, 'signed_off' => 'its owner is in a hurry'],
        ]);
    }

    public function test_good_ones_of_the_same_card_are_counted_and_bad_ones_and_others_are_not(): void
    {
        $card = ['model' => 'Own build', 'platform' => ['card' => 'Wren 6']];
        $this->closed($card, 800.0, 'supply');
        $this->closed($card, 900.0, 'supply');
        $this->closed($card, 5.0, 'card');
        $this->closed(['model' => 'Own build', 'platform' => ['card' => 'Wren 9']], 7.0, 'supply');
        $job = $this->job(machine: $card, entries: [['values' => ['v18' => 85.0]] + self::RAILS]);
        $this->get(route('jobs.show', $job))
            ->assertOk()
            ->assertSee('1.8 V to ground: 2 good ones had 850, this is 0.1 times that, which is odd');
        $this->get(route('papers.index', $job))->assertSee('What good ones read')->assertSee('850 Ohm');
        $other = $this->job(machine: ['model' => 'Own build'], entries: [['values' => ['v18' => 85.0]] + self::RAILS]);
        $this->get(route('jobs.show', $other))->assertOk()->assertDontSee('good ones had');
    }

    public function test_one_that_went_back_with_nothing_found_is_no_good_one(): void
    {
        $card = ['model' => 'Own build', 'platform' => ['card' => 'Wren 6']];
        $this->closed($card, 900.0, 'supply');
        $this->job(machine: $card, entries: [
            ['kind' => 'start', 'reached' => 'dark'],
            ['values' => ['v18' => 40.0]] + self::RAILS,
            ['kind' => 'closing', 'outcome' => 'unrepaired', 'price' => 0, 'signed_off' => 'its owner wants it back today'],
        ]);
        $job = $this->job(machine: $card, entries: [['values' => ['v18' => 85.0]] + self::RAILS]);
        $this->get(route('jobs.show', $job))->assertSee('1.8 V to ground: a good one had 900');
    }

    public function test_before_and_after_new_pads_stand_beside_each_other(): void
    {
        $at = fn (float $card): array => [
            'kind' => 'finding', 'check' => 'work-temperature', 'values' => ['cpu' => 60.0, 'card' => $card, 'room' => 27.0],
        ];
        $job = $this->job(entries: [$at(88.0), ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']], $at(70.0)]);
        $this->get(route('jobs.show', $job))->assertSee('graphics card, at work: was 88 in entry 2, 18 less now');
        $this->assertSame('fail', $this->resultOf($job, 2));
        $this->assertSame('pass', $this->resultOf($job, 4));
    }

    public function test_degrees_typed_at_starts_lead_to_the_edge(): void
    {
        $job = $this->job();
        foreach ([['18', 'dark'], ['30,0 °C', 'stays']] as $i => [$degrees, $reached]) {
            $this->post(route('entries.store', $job), ['once' => "k{$i}", 'entry' => [
                'kind' => 'start', 'reached' => $reached, 'degrees' => $degrees, 'setup' => ['place' => 'case'],
            ]])->assertSessionHasNoErrors();
        }
        $this->get(route('jobs.show', $job))->assertSee('It fails at 18 °C and colder')->assertSee('Try 24 °C next.');
        $this->post(route('entries.store', $job), ['once' => 'w', 'entry' => [
            'kind' => 'start', 'reached' => 'dark', 'degrees' => 'warm', 'setup' => [],
        ]])->assertSessionHasErrors('entry.degrees');
    }

    private function resultOf(\App\Models\Job $job, int $number): string
    {
        $record = app(\App\UseCases\Advice\AssessJob::class)->record($job);
        $finding = $record->inForce[$number - 1];
        assert($finding instanceof \Orthoscope\Core\Evidence\Finding);

        return $finding->result;
    }
}
