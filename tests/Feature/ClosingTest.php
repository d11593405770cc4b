<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use App\UseCases\Advice\FoundBad;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Parts\SpareBook;
use App\UseCases\Shop\ShopBelief;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class ClosingTest extends TestCase
{
    use RefreshDatabase;

    private const PROVED = [
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]],
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench'], 'times' => 2],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 4],
        ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
    ];

    public function test_a_proved_job_is_closed_and_its_owner_reads_the_letter(): void
    {
        $job = $this->job(entries: self::PROVED);
        $this->get($this->address($job))->assertOk()->assertSee('We are still at it')->assertDontSee('What it was');
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/close", ['price' => '99,50', 'warranty_months' => '12'])
            ->assertSessionHasErrors(['loans' => 'S-12 is still here. Bring it back, with a look and a result, before the job is closed.']);
        $this->post('/loans/'.$job->loans()->value('id').'/back', ['result' => 'worked', 'look' => '1'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/close", ['price' => '99,50', 'warranty_months' => '12'])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/jobs/{$job->tag}/letter");
        $this->post('/logout');
        $this->get($this->address($job))
            ->assertOk()
            ->assertSee('The power supply no longer worked.')
            ->assertSee('We are sure')
            ->assertSee('99.50')
            ->assertSee('12 months')
            ->assertDontSee('log out')
            ->assertHeader('X-Robots-Tag', 'noindex');
    }

    public function test_what_it_comes_to_is_worked_out_and_what_was_agreed_is_asked(): void
    {
        // Work is charged by the clock: it stands still, so that the part alone is left.
        $this->freezeTime();
        $job = $this->job(entries: self::PROVED);
        $job->update(['agreed' => ['limit' => 20000]]);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}/close")
            ->assertSee('What it comes to, by the record')
            ->assertSee('Supply, new')
            ->assertSee('By the record.')
            ->assertSee('name="price" type="text" value="78.00"', false)
            ->assertSee('value="12"', false);
        $this->get('/jobs/'.$this->job(entries: [['kind' => 'start', 'reached' => 'stays']])->tag.'/close')->assertSee(
            'value="no-fault-found" selected',
            false,
        );
        $job->update(['agreed' => ['limit' => 5000]]);
        $this->get("/jobs/{$job->tag}/close")
            ->assertSee('value="50.00"', false)
            ->assertSee('no more than that without asking');
        app(RecordEntries::class)->record($job, $this->person(Role::Counter), [
            ['kind' => 'agreement', 'answer' => 'told', 'amount' => 7000, 'text' => 'rang, said yes'],
        ]);
        $this->get("/jobs/{$job->tag}/close")
            ->assertSee('value="70.00"', false)
            ->assertSee('As the owner agreed to it.');
        $job->update(['own' => ['paid' => 3500, 'from' => 'a school', 'return_until' => null, 'lot' => null]]);
        $this->get("/jobs/{$job->tag}/close")
            ->assertSee('A machine of our own')
            ->assertSee('name="price" type="text" value=""', false);
    }

    public function test_a_part_off_the_shelf_is_charged_at_what_it_is_worth(): void
    {
        $this->freezeTime();
        $spare = app(SpareBook::class)->add(
            new NewSpare(
                tag: 'S-77',
                kind: 'supply',
                name: 'Supply, 450 W',
                value: 3300,
                fits: [],
                facts: [],
                origin: 'retired',
                place: 'drawer',
            ),
            $this->person(Role::Lead),
        );
        $this->ware($spare);
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => $spare->tag]],
            ],
        );
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}/close")
            ->assertSee("{$spare->name} ({$spare->tag})")
            ->assertSee(number_format(($spare->value * 1.2) / 100, 2));
    }

    public function test_how_many_clean_starts_are_asked_follows_from_the_risk_the_lead_accepts(): void
    {
        $entries = [
            ['kind' => 'start', 'outcomes' => ['nothing' => 2, 'stays' => 8]],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'new']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
        ];
        $asked = function (float $risk) use ($entries): int {
            shop()->set(['comebackRisk' => (int) round(1000 * $risk)], null);
            array_map($this->app->forgetInstance(...), [Catalogue::class, ShopBelief::class, FoundBad::class]);
            $job = $this->job(entries: $entries);
            $page = $this->actingAs($this->person(Role::Technician))
                ->get("/jobs/{$job->tag}/prove")
                ->assertOk();
            $page->assertSee(sprintf('at most %d in 100 that it comes back', (int) round(100 * $risk)));
            $this->assertSame(1, preg_match('/(\d+) more clean starts? (is|are) wanted/', (string) $page->getContent(), $found));

            return (int) $found[1];
        };
        $this->assertGreaterThan($asked(0.2), $asked(0.05));
    }

    public function test_what_is_not_proved_needs_a_lead_and_a_reason(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $form = ['price' => '0', 'warranty_months' => '0', 'outcome' => 'unrepaired', 'signed_off' => 'Not worth a repair'];
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/close", $form)
            ->assertSessionHasErrors('signed_off');
        $this->actingAs($this->person(Role::Lead))
            ->post("/jobs/{$job->tag}/close", [...$form, 'signed_off' => ' '])
            ->assertSessionHasErrors('signed_off');
        $this->post("/jobs/{$job->tag}/close", $form)->assertSessionHasNoErrors();
        $this->get($this->address($job))->assertSee('Not worth a repair');
        $this->post("/jobs/{$job->tag}/close", $form)->assertSessionHasErrors('price');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no price' => [['price' => ''], 'price'];
        yield 'a price in words' => [['price' => 'forty'], 'price'];
        yield 'a price below nothing' => [['price' => '-4'], 'price'];
        yield 'half months' => [['warranty_months' => '1.5'], 'warranty_months'];
        yield 'warranty for life' => [['warranty_months' => '999'], 'warranty_months'];
    }

    /** @param  array<string, string>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_wrong_field_is_told(array $wrong, string $field): void
    {
        $job = $this->job(entries: self::PROVED);
        $this->actingAs($this->person(Role::Technician))
            ->from("/jobs/{$job->tag}/close")
            ->post("/jobs/{$job->tag}/close", ['price' => '48', 'warranty_months' => '6', ...$wrong])
            ->assertSessionHasErrors($field);
        $this->assertNull($job->entries()->where('kind', 'closing')->first());
    }

    public function test_letters_cannot_be_guessed(): void
    {
        $job = $this->job();
        $this->assertSame(40, strlen($job->letter_token));
        $this->assertStringNotContainsString($job->letter_token, (string) Job::query()->toBase()->value('letter_token'));
        $this->get('/letter/'.str_repeat('a', 40))->assertNotFound();
        $this->get('/letter/'.$job->tag)->assertNotFound();
    }

    private function address(Job $job): string
    {
        return route('owner.letter', $job->letter_token);
    }
}
