<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Order;
use App\Models\Photo;
use App\Models\Role;
use App\Models\SupplierClaim;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Parts\SupplierClaims;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Machines that come back, parts that go back. */
final class ComebacksTest extends TestCase
{
    use RefreshDatabase;

    private const MENDED = [
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 5],
    ];

    public function test_a_machine_comes_back_beside_its_first_job(): void
    {
        $first = $this->closed();
        $this->travel(40)->days();
        $this->actingAs($this->person(Role::Counter))
            ->get("/jobs/{$first->tag}/came-back")
            ->assertOk();
        $this->post("/jobs/{$first->tag}/came-back", ['text' => ''])->assertSessionHasErrors('text');
        $this->post("/jobs/{$first->tag}/came-back", [
            'text' => 'Dead again',
            'reached' => 'nothing',
            'failed' => 5,
            'of' => 4,
        ])->assertSessionHasErrors('failed');
        $this->post("/jobs/{$first->tag}/came-back", [
            'text' => 'Dead again',
            'reached' => 'nothing',
            'often' => 'sometimes',
            'only' => 'cold',
        ])->assertSessionHasNoErrors();
        $back = Job::query()->where('comeback_of', $first->id)->firstOrFail();
        $this->assertSame($first->machine->owner_id, $back->machine->owner_id);
        $this->assertSame(40, JobFacts::query()->findOrFail($first->id)->back_after);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$back->tag}/comeback")
            ->assertOk()
            ->assertSee('40 days after')
            ->assertSee('In warranty for')
            ->assertSee('now and then, only when cold')
            ->assertSee('Not compared yet')
            ->assertSee('Not tried yet');
        app(RecordEntries::class)->record($back, $this->person(Role::Technician), [['kind' => 'start', 'reached' => 'nothing']]);
        $this->get("/jobs/{$back->tag}/comeback")->assertSee('The same as then.');
        $this->get("/jobs/{$back->tag}")->assertSee('It came back.');
        $this->get("/jobs/{$back->tag}/close")
            ->assertSee('It came back in warranty: nothing to pay where it is the same trouble.')
            ->assertSee('value="0.00"', false);
        $carried = app(AssessJob::class)->record($back)->entries[1];
        $this->assertSame("What {$first->tag} left open", $carried->text);
        $this->get('/comebacks')->assertSee($back->tag)->assertSee('40 days after');
        $open = $this->job();
        $this->post("/jobs/{$open->tag}/came-back", ['text' => 'x'])->assertSessionHasErrors([
            'text' => "{$open->tag} is still here; it cannot have come back.",
        ]);
        $this->get("/jobs/{$open->tag}/came-back")->assertRedirect("/jobs/{$open->tag}/tag");
        $this->get("/jobs/{$open->tag}/tag")
            ->assertSee('is still here; it cannot have come back')
            ->assertDontSee('Hand it over');
        $this->post("/jobs/{$first->tag}/came-back", ['text' => 'Dead again', 'reached' => 'nothing'])->assertRedirect(
            "/jobs/{$back->tag}/tag",
        );
        $this->assertSame(1, Job::query()->where('comeback_of', $first->id)->count());
        $this->get("/jobs/{$open->tag}/comeback")->assertNotFound();
    }

    public function test_what_is_done_beside_is_on_the_record(): void
    {
        $first = $this->closed();
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$first->tag}/came-back", ['text' => 'Dead again'])
            ->assertSessionHasNoErrors();
        $back = Job::query()->where('comeback_of', $first->id)->firstOrFail();
        $this->post("/jobs/{$back->tag}/comeback", ['blame' => 'nobody'])->assertSessionHasErrors('blame');
        $this->post("/jobs/{$back->tag}/comeback", ['blame' => 'open', 'goodwill' => '-3'])->assertSessionHasErrors('goodwill');
        $this->post("/jobs/{$back->tag}/comeback", [
            'blame' => 'supplier',
            'goodwill' => '20',
            'ahead' => 'a supply, by courier',
            'resale' => '',
        ])->assertSessionHasNoErrors();
        $this->assertSame(['supplier', 2000], [$back->refresh()->comeback['blame'] ?? '', $back->comeback['goodwill'] ?? 0]);
        $this->get("/jobs/{$back->tag}")->assertSee('Goodwill € 20.00. Replacement sent ahead: a supply, by courier.');
    }

    public function test_no_fault_found_is_said_only_after_its_conditions_were_tried_or_a_lead_says_why_not(): void
    {
        $job = $this->job(
            ['text' => 'It failed in the cold', 'reached' => 'nothing'],
            [
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
                ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
            ],
        );
        $form = ['price' => '0', 'warranty_months' => '0', 'outcome' => 'no-fault-found'];
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)
            ->post("/jobs/{$job->tag}/close", $form + ['outcome' => 'gone'])
            ->assertSessionHasErrors();
        $proved = app(AssessJob::class)->assess($job)->proof->isComplete();
        $this->post("/jobs/{$job->tag}/close", $form)->assertSessionHasErrors($proved ? 'outcome' : 'signed_off');
        $this->post("/jobs/{$job->tag}/close", $form + ['signed_off' => 'The owner takes it and watches it'])->assertSessionHasNoErrors();
        $this->get('/letter/'.$job->refresh()->letter_token)->assertSee('We found no fault. That does not mean that there is none');
        $this->assertSame('no-fault-found', JobFacts::query()->findOrFail($job->id)->outcome);
    }

    public function test_a_claim_goes_two_rounds_and_names_the_condition(): void
    {
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'reached' => 'nothing', 'setup' => ['temperature' => 'cold', 'place' => 'bench'], 'times' => 2],
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['temperature' => 'warm', 'place' => 'bench'], 'times' => 2],
                ['kind' => 'finding', 'check' => 'supply-in-host', 'target' => 'supply', 'result' => 'fails'],
            ],
        );
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}/claim")
            ->assertOk()
            ->assertSee('Supply of the machine');
        $this->post("/jobs/{$job->tag}/claim", ['what' => 'nonsense|', 'reason' => 'x'])->assertSessionHasErrors('part');
        $this->post("/jobs/{$job->tag}/claim", [
            'what' => 'supply|',
            'to' => 'Quay Supplies',
            'reason' => 'Does not start when cold',
            'deadline' => now()->addDays(9)->format('Y-m-d'),
        ])->assertSessionHasNoErrors();
        $claim = SupplierClaim::query()->firstOrFail();
        $this->get("/claims/{$claim->id}")
            ->assertOk()
            ->assertSee('Does not start when cold')
            ->assertSee('fails there too');
        foreach ([1, 2] as $round) {
            $this->post("/claims/{$claim->id}/send", ['condition' => '', 'shipping' => '6.50'])->assertSessionHasNoErrors();
            $this->post("/claims/{$claim->id}/send", ['condition' => ''])->assertSessionHasErrors('condition');
            $this->post("/claims/{$claim->id}/answer", [
                'answer' => 'no-fault-found',
                'words' => "round {$round}",
            ])->assertSessionHasNoErrors();
            $this->post("/claims/{$claim->id}/answer", ['answer' => 'refused'])->assertSessionHasErrors('answer');
        }
        $this->get("/claims/{$claim->id}")
            ->assertSee('They found nothing 2 times.')
            ->assertSee('cold, where they have it warm')
            ->assertSee('Shipping so far € 13.00');
        $this->post("/claims/{$claim->id}/send", ['condition' => 'cold, where they have it warm'])->assertSessionHasNoErrors();
        $this->post("/claims/{$claim->id}/answer", ['answer' => 'refunded', 'got' => '54'])->assertSessionHasNoErrors();
        $this->assertSame(['settled', 5400], [$claim->refresh()->state, $claim->got]);
        $this->assertSame(
            'orthoscope-evidence/1',
            $this->get("/claims/{$claim->id}/evidence.json")
                ->assertOk()
                ->json('format'),
        );
        $pdf = (string) $this->get("/claims/{$claim->id}/evidence.pdf")
            ->assertOk()
            ->getContent();
        $this->assertStringContainsString(
            'Does not start when cold',
            (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput(),
        );
        $this->get('/comebacks')->assertSee('Quay Supplies')->assertSee('settled');
    }

    public function test_each_call_and_letter_is_held_with_what_was_promised_and_leads_a_door_further(): void
    {
        $job = $this->job(entries: [['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail']]);
        $this->actingAs($lead = $this->person(Role::Lead));
        $claim = app(SupplierClaims::class)->open($job, $lead, 'supply', '', 'Tern Parts', 'dead', null);
        $said = ['way' => 'we-rang', 'whom' => 'Ms Fell', 'reference' => 'R-17', 'words' => 'they look at it', 'borne' => '12.50'];
        $this->post(route('claims.talk', $claim), ['words' => ''] + $said)
            ->assertSessionHasErrors(['words' => 'Write what was said, in up to 400 letters.']);
        $this->post(route('claims.talk', $claim), ['promised' => now()->subDay()->toDateString()] + $said)
            ->assertSessionHasErrors('promised');
        $this->post(route('claims.talk', $claim), ['promised' => now()->addDays(3)->toDateString()] + $said)->assertSessionHasNoErrors();
        $claim->refresh();
        $this->assertSame(now()->addDays(3)->toDateString(), $claim->next_at?->toDateString(), 'Nobody is asked before that day.');
        $this->assertSame([1250, 'Ms Fell', $lead->name], [$claim->borne, $claim->talks[0]['whom'], $claim->talks[0]['by']]);
        $this->get(route('claims.show', $claim))->assertSee('we rang (Ms Fell, R-17)')->assertDontSee('One door further');
        $this->travel(4)->days();
        $this->assertSame(1, $claim->promisesBroken());
        $this->get(route('claims.show', $claim))->assertSee('One door further')->assertSee('Ask by letter for whoever decides');
        app(SupplierClaims::class)->send($claim, '', 0);
        $this->post(route('claims.answer', $claim), ['answer' => 'unopened'])->assertSessionHasNoErrors();
        $this->assertSame('open', $claim->refresh()->state, 'It may be sent again.');
        $this->get(route('claims.show', $claim))->assertSee('sent back unopened');
        app(SupplierClaims::class)->giveUp($claim);
        $this->post(route('claims.talk', $claim), $said)->assertSessionHasErrors('words');
        $this->actingAs($this->person(Role::Counter))->post(route('claims.talk', $claim), $said)->assertForbidden();
    }

    public function test_a_claim_is_there_once_and_the_floor_and_the_calendar_say_when_it_wants_a_word(): void
    {
        $job = $this->closed();
        $this->actingAs($this->person(Role::Technician));
        $claim = ['what' => 'supply|', 'to' => 'Quay Supplies', 'reason' => 'Dead', 'deadline' => now()->addDays(20)->format('Y-m-d')];
        $this->post("/jobs/{$job->tag}/claim", $claim)->assertSessionHasNoErrors();
        $id = SupplierClaim::query()->firstOrFail()->id;
        $this->post("/jobs/{$job->tag}/claim", $claim)->assertSessionHasErrors([
            'part' => "Claim {$id} for this part is running already; go on with that one.",
        ]);
        $this->get('/')->assertSee('1 claim wants a word to the supplier');
        $this->post("/claims/{$id}/send", ['condition' => '', 'shipping' => '5'])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee('claim wants');
        $feed = (string) $this->get($this->feed())->assertOk()->getContent();
        $this->assertStringContainsString('DTSTART;VALUE=DATE:'.now()->addDays(20)->format('Ymd'), $feed);
        $this->assertStringNotContainsString('Mira', $feed);
        $this->travel(18)->days();
        $this->get('/')
            ->assertSee('1 claim wants a word to the supplier')
            ->assertSee('the first by '.now()->addDays(2)->format('j M'));
        $this->actingAs($this->person(Role::Counter))->get('/')->assertDontSee('claim wants');
    }

    public function test_a_dead_part_off_an_order_is_claimed_and_the_simulated_supplier_answers(): void
    {
        config(['shop.supplier_fixed' => ['O-1000' => false]]);
        $job = $this->job(entries: array_slice(self::MENDED, 0, 2));
        $job->update(['agreed' => ['limit' => 90000]]);
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/orders", ['offer' => 'tm-supply-450', 'part' => 'supply'])
            ->assertSessionHasNoErrors();
        $order = Order::query()->firstOrFail();
        $this->post("/jobs/{$job->tag}/claim", ['what' => "supply|{$order->tag}", 'reason' => 'dead'])->assertSessionHasNoErrors();
        $claim = SupplierClaim::query()->firstOrFail();
        $this->assertSame($order->supplier, $claim->to);
        for ($round = 1; $round < 12 && $claim->refresh()->state !== 'settled'; $round++) {
            $this->post("/claims/{$claim->id}/send", ['condition' => 'cold'])->assertSessionHasNoErrors();
            $this->post("/claims/{$claim->id}/answer", ['answer' => 'ask'])->assertSessionHasNoErrors();
        }
        $this->assertSame('settled', $claim->refresh()->state);
        $lost = SupplierClaim::query()->create([
            ...$claim->only(['job_id', 'part', 'to', 'reason', 'user_id']),
            'state' => 'open',
            'rounds' => [],
        ]);
        $this->post("/claims/{$lost->id}/give-up")->assertSessionHasNoErrors();
        $this->assertSame('lost', $lost->refresh()->state);
    }

    public function test_damage_in_a_parcel_wants_photographs_and_its_time_limit_runs(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $form = ['what' => 'card|', 'to' => 'the carrier', 'reason' => 'thrown out of its slot', 'parcel' => '1'];
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/claim", $form)
            ->assertSessionHasErrors('parcel');
        Photo::query()->create([
            'job_id' => $job->id,
            'file' => str_repeat('a', 40),
            'place' => 'parcel',
            'x' => 500,
            'y' => 500,
            'words' => 'torn',
            'user_id' => $this->person(Role::Counter)->id,
        ]);
        $this->post("/jobs/{$job->tag}/claim", $form)->assertSessionHasNoErrors();
        $this->assertSame(
            $job->arrived_at?->copy()->addDays(7)->toDateString(),
            SupplierClaim::query()->firstOrFail()->deadline?->toDateString(),
        );
    }

    private function closed(): Job
    {
        $job = $this->job(entries: [...self::MENDED, ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear']]);
        app(RecordEntries::class)->record($job, $this->person(Role::Lead), [
            ['kind' => 'closing', 'price' => 9900, 'warranty_months' => 12],
            ['kind' => 'collection', 'method' => 'cash', 'amount' => 9900],
        ]);

        return $job->refresh();
    }
}
