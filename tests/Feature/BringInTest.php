<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BringIn;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Message;
use App\Models\Owner;
use App\Models\OwnerJoin;
use App\Models\PartsSupplier;
use App\Models\PriceItem;
use App\Models\Role;
use App\Models\Spare;
use App\UseCases\Owners\EraseOwner;
use App\UseCases\Owners\JoinOwners;
use App\UseCases\Shop\KnownOwners;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What another program has of customers, spares, past jobs and prices comes in: seen first, all or none, and nobody joined silently. */
final class BringInTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->actingAs($this->person(Role::Lead));
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function chosen(string $kind, string $csv, string $supplier = ''): TestResponse
    {
        return $this->post('/shop/bring-in', [
            'kind' => $kind,
            'supplier' => $supplier,
            'file' => UploadedFile::fake()->createWithContent('old.csv', $csv),
        ]);
    }

    private function begun(string $kind, string $csv, string $supplier = ''): BringIn
    {
        $this->chosen($kind, $csv, $supplier)->assertSessionHasNoErrors();

        return BringIn::query()->latest('id')->firstOrFail();
    }

    public function test_the_lead_alone_brings_in(): void
    {
        $from = $this->begun('owners', "name\nAda\n");
        foreach ([Role::Counter, Role::Technician] as $role) {
            $this->actingAs($this->person($role));
            $this->get("/shop/bring-in/{$from->id}")->assertForbidden();
            $this->post("/shop/bring-in/{$from->id}/take")->assertForbidden();
            $this->delete("/shop/bring-in/{$from->id}")->assertForbidden();
        }
        $this->assertSame(0, Owner::query()->count());
    }

    public function test_customers_come_in_by_columns_that_are_said_and_rows_that_are_seen(): void
    {
        $from = $this->begun('owners', "Kunde;Handy;E-Mail\nAda Mole;0555 100 200;ada@example.org\nBo Pike;0555 300 400;\n");
        $this->get("/shop/bring-in/{$from->id}")
            ->assertOk()
            ->assertSee('Say which column is &quot;Name&quot;', false)
            ->assertSee('Ada Mole')
            ->assertDontSee('Bring in 2');
        $this->post("/shop/bring-in/{$from->id}/take")->assertSessionHasErrors('mapping');
        $this->post("/shop/bring-in/{$from->id}", [
            'columns' => ['name' => '0', 'phone' => '1', 'email' => '2'],
        ])->assertSessionHasNoErrors();
        $this->get("/shop/bring-in/{$from->id}")->assertSee('Bring in 2');
        $this->assertSame(0, Owner::query()->count());
        $this->post("/shop/bring-in/{$from->id}/take")->assertSessionHas('status', '2 customers were brought in.');
        $this->assertSame(['Ada Mole', 'Bo Pike'], Owner::query()->orderBy('id')->pluck('name')->all());
        $this->assertSame([], Storage::disk('local')->allFiles());
        $this->post("/shop/bring-in/{$from->id}/take")->assertSessionHasErrors('mapping');
        $this->get("/shop/bring-in/{$from->id}")->assertRedirect('/shop/bring-in');
        // Known at the counter from then on.
        $known = KnownOwners::like(['name' => 'Ada Mole', 'phone' => '', 'email' => '']);
        $this->assertSame(['Ada Mole'], array_column($known, 'name'));
    }

    public function test_nothing_is_half_taken_where_rows_are_wrong(): void
    {
        $from = $this->begun('owners', "name,phone,mail\nAda,0555 100 200,\nBo,abc,\n,0555 1 2 3,\n");
        $this->get("/shop/bring-in/{$from->id}")
            ->assertSee('2 rows cannot be read')
            ->assertSee('Line 3: &quot;abc&quot; is no telephone number.', false)
            ->assertSee('Line 4: Name is empty.');
        $this->post("/shop/bring-in/{$from->id}/take")->assertSessionHasErrors('leave_out');
        $this->assertSame(0, Owner::query()->count());
        $this->post("/shop/bring-in/{$from->id}/take", ['leave_out' => '1'])->assertSessionHas(
            'status',
            '1 customers were brought in. 2 rows were left out.',
        );
        $this->assertSame(1, Owner::query()->count());
    }

    public function test_a_file_that_is_none_and_a_column_that_is_none_are_told_at_their_field(): void
    {
        $this->chosen('owners', "name\n")->assertSessionHasErrors('file');
        $this->chosen('something', "name\nAda\n")->assertSessionHasErrors('kind');
        $this->chosen('prices', "name,kind,price\na,supply,1\n")->assertSessionHasErrors('supplier');
        $this->post('/shop/bring-in', ['kind' => 'owners'])->assertSessionHasErrors('file');
        $from = $this->begun('owners', "name\nAda\n");
        $this->post("/shop/bring-in/{$from->id}", ['columns' => ['name' => '7']])->assertSessionHasErrors('columns.name');
        $this->delete("/shop/bring-in/{$from->id}")->assertRedirect('/shop/bring-in');
        $this->assertSame([], Storage::disk('local')->allFiles());
        $this->assertSame(0, BringIn::query()->count());
    }

    public function test_who_stands_here_with_the_same_name_and_reach_is_not_written_twice_and_who_is_alike_is(): void
    {
        Owner::query()->create(['name' => 'Ada Mole', 'phone' => '0555 100 200', 'email' => '']);
        $from = $this->begun('owners', "name,phone,email\nada mole,0555-100-200,\nA. Mole,0555 100 200,\n");
        $this->post("/shop/bring-in/{$from->id}/take")->assertSessionHas(
            'status',
            '1 customers were brought in; 1 stood here already.',
        );
        $this->assertSame(2, Owner::query()->count());
        $this->get('/shop/owners')->assertSee('A. Mole')->assertSee('Join, and keep this one');
    }

    public function test_spares_come_in_by_what_people_call_them(): void
    {
        $from = $this->begun('spares', "Tag,Type,Description,Price,Shelf\nP-1,PSU,Supply 500 W,\"€ 35,00\",A3\nP-2,spoon,Spoon,,\n");
        $this->get("/shop/bring-in/{$from->id}")
            ->assertSee('1 row cannot be read')
            ->assertSee('Line 3');
        $this->post("/shop/bring-in/{$from->id}/take", ['leave_out' => '1'])->assertSessionHasNoErrors();
        $spare = Spare::query()->firstOrFail();
        $this->assertSame(['P-1', 'supply', 3500, 'A3'], [$spare->tag, $spare->kind, $spare->value, $spare->place]);
        $again = $this->begun('spares', "Tag,Type,Description\np-1,PSU,Supply 500 W\nP-3,PSU,a\np-3,PSU,b\n");
        $this->get("/shop/bring-in/{$again->id}")->assertSee('P-3 stands on line 3 already.');
        $this->post("/shop/bring-in/{$again->id}/take", ['leave_out' => '1'])->assertSessionHas(
            'status',
            '1 spares were brought in; 1 stood here already. 1 row was left out.',
        );
    }

    public function test_past_jobs_come_in_closed_are_found_and_nobody_is_written_to(): void
    {
        $csv =
            "Ticket,Date in,Customer,Phone,Device,Problem,Repair,Total,Date out,Warranty\n".
            "4711,03/05/2024,Ada Mole,0555 100 200,Heron T2,will not start,new supply fitted,119.00,06/05/2024,12\n".
            "4712,04/05/2024,Ada Mole,0555 100 200,Plover,slow,no fault found,0,04/05/2024,\n".
            "4713,09/05/2024,Bo,,Plover,dark,x,10,01/05/2024,\n";
        $from = $this->begun('jobs', $csv);
        $this->get("/shop/bring-in/{$from->id}")->assertSee('Line 4: It was handed back before it came.');
        $this->post("/shop/bring-in/{$from->id}/take", ['leave_out' => '1'])
            ->assertRedirect()
            ->assertSessionHasNoErrors();
        $this->assertSame(1, Owner::query()->count());
        $job = Job::query()->with('machine')->orderBy('id')->firstOrFail();
        $this->assertSame(['Heron T2', '2024-05-03'], [$job->machine->model, $job->arrived_at?->format('Y-m-d')]);
        $closing = $job->entries()->where('kind', 'closing')->firstOrFail();
        $this->assertSame(
            [11900, 12, 'repaired', '2024-05-06'],
            [$closing->body['price'], $closing->body['warranty_months'], $closing->body['outcome'], $closing->made_at->format('Y-m-d')],
        );
        $second = Job::query()->orderByDesc('id')->firstOrFail()->entries()->where('kind', 'closing')->firstOrFail();
        $this->assertSame('no-fault-found', $second->body['outcome']);
        $this->assertSame([0, 0], [Message::query()->count(), JobFacts::query()->count()]);
        foreach (["/jobs/{$job->tag}", "/jobs/{$job->tag}/stand", "/jobs/{$job->tag}/letter", '/find?q=Ada'] as $path) {
            $this->get($path)->assertOk()->assertSee('Heron T2');
        }
        $this->get("/jobs/{$job->tag}/letter")
            ->assertSee('was not proved here')
            ->assertDontSee('proved that');
        $again = $this->begun('jobs', $csv);
        $this->post("/shop/bring-in/{$again->id}/take", ['leave_out' => '1']);
        $this->assertSame(2, Job::query()->count());
    }

    public function test_a_price_list_stands_in_place_of_the_one_before(): void
    {
        $supplier = PartsSupplier::query()->create(['name' => 'Harbour']);
        foreach (['10,00', '12,00'] as $price) {
            $from = $this->begun(
                'prices',
                "SKU;Category;Description;Net price;Condition\nH1;PSU;Supply;{$price};new\n",
                (string) $supplier->id,
            );
            $this->post("/shop/bring-in/{$from->id}/take")->assertSessionHasNoErrors();
        }
        $this->assertSame([1200], PriceItem::query()->whereNull('gone_at')->pluck('price')->all());
        $this->assertSame(2, PriceItem::query()->count());
        $from = $this->begun('prices', "kind,name,price,condition\nPSU,a,5,broken\nspoon,b,5,\nPSU,c,0,\n", (string) $supplier->id);
        $this->get("/shop/bring-in/{$from->id}")
            ->assertSee('is neither new nor used')
            ->assertSee('is no kind of part that is known')
            ->assertSee('It costs nothing');
    }

    public function test_two_owners_are_joined_by_hand_and_taken_back(): void
    {
        $job = $this->job();
        $one = $job->machine->owner;
        $other = Owner::query()->create(['name' => 'M. Vale', 'phone' => '+44 555 000 111', 'email' => 'mira@example.org']);
        $second = $this->job();
        $second->machine->update(['owner_id' => $other->id]);
        $this->assertNotSame([], JoinOwners::offered());
        $this->post('/shop/owners', ['kept' => $one->id, 'other' => $other->id, 'deed' => 'join'])->assertSessionHasNoErrors();
        $this->assertSame($one->id, $second->machine->refresh()->owner_id);
        $this->assertSame('mira@example.org', $one->refresh()->email);
        $this->assertSame(
            [],
            array_filter(JoinOwners::offered(), fn (array $pair): bool => in_array($other->id, [$pair[0]->id, $pair[1]->id], true)),
        );
        $this->post('/shop/owners', ['kept' => $one->id, 'other' => $other->id, 'deed' => 'join'])->assertSessionHasErrors('join');
        $join = OwnerJoin::query()->firstOrFail();
        $this->delete("/shop/owners/{$join->id}")->assertSessionHasNoErrors();
        $this->assertSame([$other->id, ''], [$second->machine->refresh()->owner_id, $one->refresh()->email]);
        $this->assertNull($other->refresh()->joined_into);
        $this->delete("/shop/owners/{$join->id}")->assertSessionHasErrors('join');
        $this->post('/shop/owners', ['kept' => $one->id, 'other' => $other->id, 'deed' => 'apart'])->assertSessionHasNoErrors();
        foreach (JoinOwners::offered() as [$a, $b]) {
            $this->assertNotSame([$one->id, $other->id], [$a->id, $b->id]);
        }
    }

    public function test_who_was_joined_is_erased_with_the_one_who_stays(): void
    {
        $job = $this->job();
        $other = Owner::query()->create(['name' => 'M. Vale', 'phone' => '0555 000 111', 'email' => 'mira@example.org']);
        JoinOwners::join($job->machine->owner, $other, $this->person(Role::Lead));
        EraseOwner::of($job->machine->owner);
        $this->assertSame(['erased on request', ''], [$other->refresh()->name, $other->email]);
        $this->assertStringNotContainsString('mira', (string) json_encode(OwnerJoin::query()->get()));
    }
}
