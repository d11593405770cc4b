<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Notice;
use App\Models\Role;
use App\Models\Spare;
use App\Models\SpareStory;
use App\Models\StockItem;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\FreeShelf;
use App\UseCases\Parts\Loans;
use App\UseCases\Parts\SpareBook;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\NewSpare;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Spares: kept, trusted, lent, brought back, exposed, proved again. */
final class ShelfTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_spare_is_put_on_the_shelf_and_its_trust_is_worked_out(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $this->post('/shelf', [
            'tag' => 'm-77',
            'kind' => 'stick',
            'name' => 'A stick',
            'value' => '18,50',
            'origin' => 'lot',
            'place' => 'B2',
            'facts' => "memory: DDR4\nform: DIMM",
        ])->assertRedirect('/spares/M-77');
        $spare = Spare::query()->where('tag', 'M-77')->firstOrFail();
        $this->assertSame([1850, ['memory' => 'DDR4', 'form' => 'DIMM'], 0.65], [$spare->value, $spare->fits, $spare->trust]);
        $this->get('/spares/M-77')->assertSee('out of a bundle of unknown parts')->assertSee('65 %');
        $proof = ['proof' => 'memory-test', 'words' => 'in the bench machine', 'passed' => '1'];
        $this->post('/spares/M-77/prove', $proof)->assertSessionHasErrors([
            'steps' => 'Tick what was done; a proof is as good as its steps.',
        ]);
        $this->post('/spares/M-77/prove', [...$proof, 'steps' => ['good', 'alone']])->assertSessionHasNoErrors();
        $this->assertEqualsWithDelta(0.65 / (0.65 + 0.35 * 0.04), (float) Spare::query()->where('tag', 'M-77')->value('trust'), 1e-3);
        $this->travel(2)->years();
        $this->assertLessThan(0.95, Spare::query()->where('tag', 'M-77')->firstOrFail()->trustNow());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no tag' => [['tag' => ''], 'tag'];
        yield 'a tag that is taken' => [['tag' => 'S-12'], 'tag'];
        yield 'a kind that cannot be lent' => [['kind' => 'settings'], 'kind'];
        yield 'no name' => [['name' => ''], 'name'];
        yield 'money in words' => [['value' => 'ten'], 'value'];
        yield 'an origin nobody knows' => [['origin' => 'found'], 'origin'];
        yield 'a fact that is none' => [['facts' => 'DDR4'], 'facts'];
    }

    /** @param  array<string, string>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_wrong_field_is_told_where_it_stands(array $wrong, string $field): void
    {
        $this->spare('S-12', 'supply');
        $this->actingAs($this->person(Role::Technician))
            ->post('/shelf', $wrong + ['tag' => 'M-1', 'kind' => 'stick', 'name' => 'x', 'value' => '1', 'origin' => 'new'])
            ->assertSessionHasErrors($field);
        $this->assertSame(1, Spare::query()->count());
    }

    public function test_a_list_is_read_in_row_by_row_and_nothing_twice(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $csv =
            "tag,kind,name,value,origin,place,memory\nM-1,stick,One,10,new,B1,DDR4\nM-2,settings,Two,10,new,B1,\n"
            ."M-3,stick,,10,new,B1,DDR4\nM-1,stick,Again,10,new,B1,DDR4\nM-4,stick,Four,x,new,B1,DDR4\nM-5,stick,Five,5,lot,B1,DDR3\n";
        $file = fn (): UploadedFile => UploadedFile::fake()->createWithContent('spares.csv', $csv);
        $this->followingRedirects()
            ->post('/shelf/import', ['file' => $file()])
            ->assertSee('2 added, 4 rows could not be read.')
            ->assertSee('Line 3: &quot;settings&quot; is no kind of spare', false)
            ->assertSee('Line 4: it needs a name')
            ->assertSee('Line 5: M-1 stands on line 2 already.')
            ->assertSee('Line 6: &quot;x&quot; is no amount of money', false);
        $this->assertSame(['M-1', 'M-5'], Spare::query()->orderBy('tag')->pluck('tag')->all());
        $this->followingRedirects()
            ->post('/shelf/import', ['file' => $file()])
            ->assertSee('0 added, 2 were there already');
        $this->assertSame(2, Spare::query()->count());
        // What goes out comes in again the same.
        $out = (string) $this->get('/shelf.csv')->getContent();
        $this->assertStringContainsString("tag,kind,name,value,origin,place,model,memory\r\n", $out);
        $before = Spare::query()
            ->orderBy('tag')
            ->get(['tag', 'kind', 'name', 'value', 'origin', 'place', 'fits'])
            ->toArray();
        SpareStory::query()->delete();
        Spare::query()->delete();
        $this->post('/shelf/import', ['file' => UploadedFile::fake()->createWithContent('spares.csv', $out)]);
        $this->assertSame(
            $before,
            Spare::query()
                ->orderBy('tag')
                ->get(['tag', 'kind', 'name', 'value', 'origin', 'place', 'fits'])
                ->toArray(),
        );
    }

    public function test_lent_by_its_tag_it_is_in_one_place(): void
    {
        $this->spare('G-1', 'card');
        [$first, $second] = [$this->job(), $this->job()];
        $rhea = $this->person(Role::Technician);
        $this->actingAs($rhea)
            ->post("/jobs/{$first->tag}/loans", ['tag' => 'g-1'])
            ->assertSessionHasNoErrors();
        $this->post("/jobs/{$first->tag}/loans", ['tag' => 'G-1'])->assertSessionHasNoErrors();
        $this->assertSame(1, Loan::query()->count());
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$second->tag}/loans", ['tag' => 'G-1'])
            ->assertSessionHasErrors('tag');
        $this->assertStringContainsString("G-1 is lent to {$first->tag}; {$rhea->name} has it since", session('errors')->first('tag'));
        $this->post("/jobs/{$second->tag}/loans", ['tag' => 'Q-9'])->assertSessionHasErrors('tag');
        $this->assertNull(
            app(FreeShelf::class)->for($second)->best('card', app(AssessJob::class)->machine($second), app(Catalogue::class)->shelf),
        );
        $this->assertNotNull(
            app(FreeShelf::class)->for($first)->best('card', app(AssessJob::class)->machine($first), app(Catalogue::class)->shelf),
        );
    }

    public function test_a_start_with_what_is_in_the_machine_is_recorded_though_it_went_into_quarantine(): void
    {
        $this->spare('G-1', 'card');
        [$job, $other] = [$this->job(), $this->job()];
        $this->actingAs($this->person(Role::Technician));
        $start = ['entry' => ['kind' => 'start', 'reached' => 'dark', 'setup' => ['parts' => ['card' => 'lent:G-1']]]];
        $this->post("/jobs/{$job->tag}/entries", $start)->assertSessionHasNoErrors();
        $this->post('/jobs/'.$job->tag.'/contacts', [
            'since' => $job->arrived_at?->toDateTimeString(),
            'harm' => '50',
            'reason' => 'spill',
        ])->assertSessionHasNoErrors();
        $this->assertSame('quarantined', Spare::query()->where('tag', 'G-1')->value('status'));
        $this->post("/jobs/{$job->tag}/entries", $start)->assertSessionHasNoErrors();
        $this->post("/jobs/{$other->tag}/entries", $start)->assertSessionHasErrors('entry.setup');
    }

    /** The database itself refuses the second of two that come at the same second. */
    public function test_of_two_open_loans_of_one_spare_the_database_takes_one(): void
    {
        $spare = $this->spare('G-1', 'card');
        $loan = fn (Job $job): array => [
            'spare_id' => $spare->id,
            'job_id' => $job->id,
            'user_id' => $this->person(Role::Technician)->id,
            'lent_at' => now(),
            'due_at' => now(),
        ];
        $first = Loan::query()->create($loan($this->job()));
        try {
            $job = $this->job();
            DB::transaction(fn () => Loan::query()->create($loan($job)));
            $this->fail('it was taken twice');
        } catch (UniqueConstraintViolationException) {
            $this->assertSame(1, Loan::query()->count());
        }
        $first->update(['back_at' => now()]);
        Loan::query()->create($loan($this->job()));
        $this->assertSame(2, Loan::query()->count());
    }

    public function test_what_comes_back_is_trusted_by_what_the_trials_say(): void
    {
        $spare = $this->spare('S-12', 'supply');
        $spare->update(['trust' => 0.8, 'trust_at' => now()]);
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.8]]]],
            ],
        );
        $this->actingAs($this->person(Role::Technician))->post('/loans/'.$job->loans()->value('id').'/back', [
            'result' => 'worked',
            'look' => '1',
        ]);
        $this->assertGreaterThan(0.9, $spare->fresh()?->trustNow());
        // Broken is broken: into quarantine, and nobody can lend it.
        $other = $this->job();
        $this->post("/jobs/{$other->tag}/loans", ['tag' => 'S-12']);
        $this->post('/loans/'.$other->loans()->value('id').'/back', ['result' => 'broken', 'look' => '1', 'words' => 'it smells']);
        $this->assertSame(['quarantined', true], [$spare->fresh()?->status, $spare->fresh()?->trustNow() <= 0.05]);
        $this->post("/jobs/{$other->tag}/loans", ['tag' => 'S-12'])->assertSessionHasErrors([
            'tag' => 'S-12 is in quarantine: it is broken: it smells. Take another.',
        ]);
        // A proof frees it; the word of someone does not.
        $this->post('/spares/S-12/move', ['status' => 'free', 'words' => 'looks fine'])->assertSessionHasErrors([
            'status' => 'Out of quarantine only by a proof.',
        ]);
        $this->post('/spares/S-12/prove', ['proof' => 'tester', 'passed' => '1', 'steps' => ['good']])->assertSessionHasNoErrors();
        $this->assertSame('free', $spare->fresh()?->status);
    }

    public function test_a_machine_that_destroys_puts_what_met_it_into_quarantine_and_what_that_met(): void
    {
        $this->travelTo('2026-11-20 10:00:00');
        foreach (['M-1' => 'stick', 'M-2' => 'stick', 'G-1' => 'card', 'L-1' => 'wall-lead'] as $tag => $kind) {
            $this->spare($tag, $kind);
        }
        [$bad, $next] = [$this->job(), $this->job()];
        $rhea = $this->person(Role::Technician);
        $lend = fn (string $tag, Job $job) => app(Loans::class)->lend(Spare::query()->where('tag', $tag)->firstOrFail(), $job, $rhea);
        $back = fn (string $tag) => Loan::query()
            ->whereNull('back_at')
            ->whereHas('spare', fn ($spare) => $spare->where('tag', $tag))
            ->update(['back_at' => now()]);
        $lend('M-2', $bad);
        $back('M-2');
        $this->travel(1)->hours();
        $since = now()->toDateTimeString();
        $lend('M-1', $bad);
        $lend('L-1', $bad);
        $this->travel(1)->hours();
        $back('M-1');
        $this->travel(1)->minutes();
        $lend('M-1', $next);
        $lend('G-1', $next);
        $this->actingAs($rhea)
            ->get("/jobs/{$bad->tag}/contacts?since=".urlencode($since))
            ->assertSee('M-1')
            ->assertSee('G-1')
            ->assertDontSee('>M-2<', false);
        $this->post("/jobs/{$bad->tag}/contacts", [
            'since' => $since,
            'harm' => '40',
            'reason' => '+12 V went high',
        ])->assertSessionHasNoErrors();
        $status = Spare::query()->pluck('status', 'tag')->all();
        $this->assertSame(
            ['M-1' => 'quarantined', 'M-2' => 'free', 'G-1' => 'quarantined', 'L-1' => 'free'],
            array_replace(array_flip(['M-1', 'M-2', 'G-1', 'L-1']), $status),
        );
        // .97 * (1 - .4 * .35), and half of that harm carried on.
        $this->assertEqualsWithDelta(0.97 * 0.86, (float) Spare::query()->where('tag', 'M-1')->value('trust'), 1e-3);
        $this->assertEqualsWithDelta(0.97 * (1 - 0.14 * 0.5 * 0.35), (float) Spare::query()->where('tag', 'G-1')->value('trust'), 1e-3);
        $this->get('/spares/M-1')->assertSee("met {$bad->tag}: +12 V went high");
        $this->post("/jobs/{$bad->tag}/contacts", ['since' => 'yesterdayish', 'harm' => '0', 'reason' => ''])->assertSessionHasErrors([
            'since',
            'harm',
            'reason',
        ]);
    }

    public function test_jobs_that_relied_on_a_bad_spare_are_weighed_again_and_their_technicians_told(): void
    {
        $spare = $this->spare('M-31', 'stick');
        $job = $this->job(
            ['reached' => 'dark'],
            [
                ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']],
                [
                    'kind' => 'start',
                    'reached' => 'dark',
                    'waited' => 120,
                    'setup' => ['out' => ['stick-2']],
                    'signs' => ['lamp' => 'memory'],
                ],
                [
                    'kind' => 'start',
                    'reached' => 'dark',
                    'waited' => 120,
                    'setup' => ['out' => ['stick-2'], 'lent' => ['stick-1' => ['tag' => 'M-31', 'trust' => 0.97]]],
                    'signs' => ['lamp' => 'memory'],
                ],
            ],
        );
        $before = app(AssessJob::class)->assess($job)->standings['stick-1'];
        $worked = $job->entries()->where('kind', 'start')->firstOrFail()->user_id;
        $this->actingAs($this->person(Role::Technician))->post('/loans/'.$job->loans()->value('id').'/back', [
            'result' => 'nothing',
            'look' => '1',
        ]);
        $this->post('/spares/M-31/prove', [
            'proof' => 'memory-test',
            'passed' => '0',
            'words' => 'errors at once',
        ])->assertSessionHasNoErrors();
        $after = app(AssessJob::class)->assess($job)->standings['stick-1'];
        $this->assertGreaterThan($before->probability, $after->probability, 'that the lent one changed nothing says nothing any more');
        $this->assertSame(
            ['M-31' => true],
            array_map(fn (float $trust): bool => $trust > 0.9, app(\App\UseCases\Advice\FoundBad::class)->all()),
        );
        $this->assertNotSame($before->standing, $after->standing);
        $notice = Notice::query()->firstOrFail();
        $this->assertSame([$worked, $job->id], [$notice->getAttribute('user_id'), $notice->getAttribute('job_id')]);
        $this->actingAs(\App\Models\User::query()->findOrFail($worked))
            ->get('/')
            ->assertSee('M-31 turned out bad.');
        $this->actingAs($this->person(Role::Lead))
            ->post("/notices/{$notice->id}/seen")
            ->assertNotFound();
        $this->actingAs(\App\Models\User::query()->findOrFail($worked))->post("/notices/{$notice->id}/seen");
        $this->get('/')->assertDontSee('M-31 turned out bad.');
        // The entries themselves are as they were written.
        $this->assertSame(0.97, $job->entries()->where('number', 4)->firstOrFail()->body['setup']['lent']['stick-1']['trust']);
        $this->assertSame('quarantined', $spare->fresh()?->status);
    }

    public function test_the_shelf_says_what_fits_and_why_the_others_do_not(): void
    {
        $this->actingAs($this->person(Role::Technician));
        foreach ([['M-1', 'DDR4', 0.97], ['M-2', 'DDR3', 0.99]] as [$tag, $memory, $trust]) {
            $this->spare($tag, 'stick')->update(['fits' => ['memory' => $memory], 'trust' => $trust]);
        }
        $job = $this->job(
            ['reached' => 'dark'],
            [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]],
            ['platform' => ['memory' => 'DDR4']],
        );
        $this->get("/jobs/{$job->tag}/donors/stick-1")
            ->assertSee('M-1')
            ->assertSee('the machine takes DDR4, this is DDR3')
            ->assertSee('<button>lend</button>', false);
        Spare::query()
            ->where('tag', 'M-1')
            ->update(['status' => 'retired']);
        $this->get("/jobs/{$job->tag}/donors/stick-1")->assertSee('Cannot be done here:');
        $this->get("/jobs/{$job->tag}/donors/settings")->assertNotFound();
        // Where none fits, the planner goes round it.
        $this->assertNull(app(AssessJob::class)->assess($job)->advice->step('lend-stick')?->candidate->spare);
    }

    public function test_one_that_fits_is_found_behind_many_that_do_not(): void
    {
        for ($i = 0; $i < 40; $i++) {
            $this->spare("X-{$i}", 'stick')->update(['fits' => ['memory' => 'DDR3'], 'trust' => 0.99]);
        }
        $this->spare('M-1', 'stick')->update(['fits' => ['memory' => 'DDR4'], 'trust' => 0.9]);
        $job = $this->job(machine: ['platform' => ['memory' => 'DDR4']]);
        $this->assertSame(
            'M-1',
            app(FreeShelf::class)->for($job)->best('stick', app(AssessJob::class)->machine($job), app(Catalogue::class)->shelf)?->tag,
        );
        $other = $this->job(machine: ['platform' => ['memory' => 'DDR3']]);
        $this->assertCount(8, array_filter(app(FreeShelf::class)->for($other)->spares, fn ($spare): bool => $spare->kind === 'stick'));
    }

    public function test_a_spare_is_reserved_sold_fitted_and_never_deleted(): void
    {
        $spare = $this->spare('S-12', 'supply');
        [$mine, $other] = [$this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]), $this->job()];
        $this->actingAs($this->person(Role::Technician));
        $this->post('/spares/S-12/reserve', [
            'job' => $mine->tag,
            'until' => now()->addDays(3)->toDateString(),
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$other->tag}/loans", ['tag' => 'S-12'])->assertSessionHasErrors('tag');
        $this->post('/spares/S-12/reserve', ['job' => 'Z9-999', 'until' => now()->toDateString()])->assertSessionHasErrors('job');
        $fit = ['entry' => ['kind' => 'act', 'act' => 'replace', 'on' => 'supply', 'with' => ['tag' => 'S-12']]];
        $this->post("/jobs/{$mine->tag}/entries", $fit)->assertSessionHasErrors();
        $this->assertStringContainsString(
            'S-12 is not proved (trusted 97 in 100) and is not sold; prove it first.',
            session('errors')->first(),
        );
        $done = ['entry' => [...$fit['entry'], 'with' => ['tag' => $this->spare('S-20', 'supply')->tag]]];
        $this->actingAs($this->person(Role::Lead))
            ->post("/jobs/{$other->tag}/entries", $done)
            ->assertSessionHasNoErrors();
        $this->assertSame('fitted', Spare::query()->where('tag', 'S-20')->value('status'), 'What happened goes on the record.');
        $this->actingAs($this->person(Role::Technician));
        $this->ware($spare);
        $this->post("/jobs/{$mine->tag}/entries", $fit)->assertSessionHasNoErrors();
        $this->assertSame(
            ['fitted', "fitted in {$mine->tag}", 0],
            [$spare->fresh()?->status, $spare->fresh()?->reason, $mine->loans()->count()],
        );
        $this->assertSame('S-12', $mine->entries()->where('kind', 'act')->firstOrFail()->body['with']['tag']);
        $this->spare('S-13', 'supply');
        Spare::query()
            ->where('tag', 'S-12-B')
            ->update(['status' => 'retired']);
        $this->spare('S-14', 'supply')->update(['trust' => 0.98]);
        $sold = ['status' => 'sold', 'words' => 'to a neighbour'];
        $this->post('/spares/S-13/move', $sold)->assertSessionHasErrors(['status' => 'Selling is for the lead; ask.']);
        $this->actingAs($this->person(Role::Lead))
            ->post('/spares/S-13/move', $sold)
            ->assertSessionHasErrors(['status' => 'S-13 is not proved (trusted 97 in 100) and is not sold; prove it first.']);
        $this->post('/spares/S-13/prove', ['proof' => 'tester', 'passed' => '1', 'steps' => ['good']])->assertSessionHasNoErrors();
        $this->post('/spares/S-13/move', $sold)->assertSessionHasErrors([
            'status' => 'S-13 is the best supply on the shelf to prove others by; it is not sold while there is no better one.',
        ]);
        $this->post('/spares/S-14/prove', ['proof' => 'tester', 'passed' => '1', 'steps' => ['good']]);
        $this->post('/spares/S-13/move', $sold)->assertSessionHasNoErrors();
        $this->get('/shelf')->assertDontSee(route('spares.show', 'S-13'));
        $this->get('/shelf?status=all')->assertSee(route('spares.show', 'S-13'))->assertSee('sold');
        $this->delete('/spares/S-13')->assertMethodNotAllowed();
    }

    public function test_good_parts_of_a_machine_that_is_written_off_become_spares(): void
    {
        $job = $this->job(
            ['text' => 'For parts'],
            [
                ['kind' => 'start', 'reached' => 'stays', 'times' => 8],
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench'], 'times' => 4],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 4, 'setup' => ['goal' => 'hours']],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 4, 'setup' => ['temperature' => 'cold']],
            ],
        );
        $this->actingAs($this->person(Role::Lead))
            ->post("/jobs/{$job->tag}/salvage", ['tags' => ['card' => 'G-9']])
            ->assertSessionHasErrors('tags');
        $this->post("/jobs/{$job->tag}/close", ['price' => '0', 'warranty_months' => '0', 'signed_off' => 'the owner leaves it to us']);
        $this->get("/jobs/{$job->tag}")->assertSee('Keep as spares');
        $this->post("/jobs/{$job->tag}/salvage", ['tags' => ['card' => 'G-9', 'processor' => '']])->assertSessionHasNoErrors();
        $spare = Spare::query()->where('tag', 'G-9')->firstOrFail();
        $this->assertSame(['card', 'salvaged'], [$spare->kind, $spare->origin]);
        $this->assertGreaterThan(0.9, $spare->trust);
        $this->get('/spares/G-9')->assertSee("worked in the trials of {$job->tag}");
        $this->post("/jobs/{$job->tag}/salvage", ['tags' => ['card' => 'G-9']])->assertSessionHasErrors([
            'tags' => 'G-9 is on the shelf already; take another tag.',
        ]);
    }

    public function test_overdue_loans_and_loans_of_closed_jobs_are_shouted_about(): void
    {
        $this->spare('G-1', 'card');
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician))->post("/jobs/{$job->tag}/loans", ['tag' => 'G-1']);
        $this->get('/')->assertDontSee('overdue');
        $this->travel(3)->days();
        $this->get('/')->assertSee('1 spare is overdue');
        $this->get('/shelf')->assertSee('Bring back:');
        $this->get("/jobs/{$job->tag}")->assertSee('overdue');
    }

    public function test_small_things_are_counted_with_a_minimum(): void
    {
        $this->actingAs($this->person(Role::Technician))
            ->post('/shelf/stock', ['stock_name' => 'Fans', 'count' => '5', 'minimum' => '4'])
            ->assertSessionHasNoErrors();
        $item = StockItem::query()->firstOrFail();
        $this->post("/shelf/stock/{$item->id}", ['by' => '-2'])->assertSessionHasNoErrors();
        $this->get('/shelf')->assertSee('order');
        $this->post("/shelf/stock/{$item->id}", ['by' => '-9']);
        $this->assertSame(0, $item->fresh()?->count);
        $this->post("/shelf/stock/{$item->id}", ['by' => 'few'])->assertSessionHasErrors('by');
        $this->post('/shelf/stock', ['stock_name' => 'Fans', 'count' => '-1', 'minimum' => '4'])->assertSessionHasErrors([
            'stock_name',
            'count',
        ]);
    }

    public function test_what_the_shelf_can_prove_and_what_to_buy(): void
    {
        $this->spare('S-12', 'supply');
        $this->job(
            ['reached' => 'nothing'],
            [['kind' => 'start', 'reached' => 'nothing']],
            ['platform' => ['socket' => 'AM4', 'memory' => 'DDR4']],
        );
        $this->actingAs($this->person(Role::Technician))
            ->get('/shelf/coverage')
            ->assertOk()
            ->assertSee('AM4, DDR4')
            ->assertSee('Supply')
            ->assertSee('Worth buying');
    }

    public function test_a_scanned_label_finds_its_spare(): void
    {
        $this->spare('S-12', 'supply');
        $this->actingAs($this->person(Role::Technician));
        foreach (['s-12', 'S-12', route('spares.show', 'S-12')] as $scanned) {
            $this->get('/find?q='.urlencode($scanned))->assertRedirect('/spares/S-12');
        }
        $this->actingAs($this->person(Role::Counter))->get('/find?q=S-12')->assertOk();
    }

    public function test_a_label_carries_the_tag_twice(): void
    {
        $this->spare('S-12', 'supply');
        $this->actingAs($this->person(Role::Technician))
            ->get('/spares/S-12/label')
            ->assertSee('class="qr"', false)
            ->assertSee('Code 128 of S-12');
    }

    public function test_the_shops_own_rate_of_dead_new_parts_counts(): void
    {
        $book = app(SpareBook::class);
        $before = $book->deadOnArrival();
        foreach (range(1, 10) as $i) {
            $book->prove(
                $book->add(
                    new NewSpare(tag: "N-{$i}", kind: 'stick', name: 'new', value: 1000, fits: [], facts: [], origin: 'new', place: ''),
                    null,
                ),
                'host',
                $i > 3,
                '',
                null,
            );
        }
        $this->assertEqualsWithDelta((3 + 0.9) / 40, $book->deadOnArrival(), 1e-9);
        $this->assertEqualsWithDelta(0.03, $before, 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function doors(): iterable
    {
        foreach (
            [
                'GET shelf',
                'POST shelf',
                'POST shelf/import',
                'GET shelf.csv',
                'GET shelf/coverage',
                'POST shelf/stock',
                'GET spares/S-12',
                'GET spares/S-12/label',
                'POST spares/S-12/prove',
                'POST spares/S-12/move',
                'POST spares/S-12/reserve',
                'POST jobs/{tag}/loans',
                'GET jobs/{tag}/donors/supply',
                'GET jobs/{tag}/contacts',
                'POST jobs/{tag}/contacts',
                'POST jobs/{tag}/salvage',
            ] as $door
        ) {
            yield $door => explode(' ', $door);
        }
    }

    #[DataProvider('doors')]
    public function test_the_shelf_is_for_those_who_work_at_the_bench(string $method, string $path): void
    {
        $this->spare('S-12', 'supply');
        $path = str_replace('{tag}', $this->job()->tag, "/{$path}");
        $this->call($method, $path)->assertRedirect('/login');
        $this->actingAs($this->person(Role::Counter))->call($method, $path)->assertForbidden();
    }
}
