<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Code;
use App\Models\JobFacts;
use App\Models\MarginNote;
use App\Models\OwnValue;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\GenerateJobs;
use App\UseCases\Shop\KeepPhoto;
use App\UseCases\Shop\ShopBook;
use App\UseCases\Shop\StepsMostTaken;
use Database\Seeders\PeopleSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Handbook\Page;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The handbook: read by everybody, searched with mistakes forgiven, written in by who works at a bench. */
final class BookTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_page_opens(): void
    {
        $this->actingAs($this->person(Role::Counter));
        $this->get('/book')->assertOk()->assertSee('Looks and readings');
        $pages = app(ShopBook::class)->book()->pages;
        $this->assertGreaterThan(400, count($pages));
        // One of each chapter, and a seeded few of the rest.
        mt_srand(7);
        $some = array_merge(
            array_values(array_column(array_map(fn (Page $page): array => [$page->kind, $page], $pages), 1, 0)),
            array_map(fn (string $address): Page => $pages[$address], (array) array_rand($pages, 12)),
        );
        foreach ($some as $page) {
            $this->get("/book/{$page->address}")->assertOk()->assertSee($page->title);
        }
        $this->get('/book/part/no-such')->assertNotFound();
        $this->get('/book/no/such')->assertNotFound();
    }

    /** @return iterable<string, array{string, string}> what is typed, and a page that must be among the first three */
    public static function searches(): iterable
    {
        yield 'a part' => ['cooler', 'part/cooler'];
        yield 'a beginning' => ['proces', 'part/processor'];
        yield 'two words' => ['supply dead', 'fault/supply-dead'];
        yield 'a typing error' => ['proccesor', 'part/processor'];
        yield 'letters changed over' => ['memroy dead', 'fault/stick-dead'];
    }

    #[DataProvider('searches')]
    public function test_what_is_looked_for_is_found(string $typed, string $address): void
    {
        $found = array_map(fn (Page $page): string => $page->address, app(ShopBook::class)->find($typed));
        $this->assertContains($address, array_slice($found, 0, 8), implode(' ', array_slice($found, 0, 8)));
    }

    public function test_nothing_found_is_said_and_odd_words_do_no_harm(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $this->get('/book?q=qqqqqq')->assertOk()->assertSee('Nothing found')->assertSee('qqqqqq');
        foreach (['"', 'a" OR "b', '*', '-', "NEAR('", str_repeat('x', 5000)] as $odd) {
            $this->get('/book?'.http_build_query(['q' => $odd]))->assertOk();
        }
    }

    public function test_a_note_in_the_margin_shows_on_its_page_and_on_matching_jobs(): void
    {
        Storage::fake('local');
        $rhea = $this->person(Role::Technician);
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->actingAs($rhea);
        $step = app(AssessJob::class)->assess($job)->advice->steps[0]->candidate->step->id;
        $note = ['words' => 'The lead of this one is behind the drive cage.', 'model' => 'Heron T2'];
        $this->post("/book/step/{$step}/notes", $note + ['photo' => UploadedFile::fake()->image('a.jpg', 80, 60)])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
        $kept = MarginNote::query()->firstOrFail();
        Storage::assertExists(KeepPhoto::path((string) $kept->file));
        $this->get("/book/step/{$step}")->assertSee('behind the drive cage')->assertSee($rhea->name);
        $this->get("/book/notes/{$kept->id}/photo")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/jobs/{$job->tag}")->assertSee('behind the drive cage');
        $this->get('/book/model/Heron%20T2')->assertOk()->assertSee('behind the drive cage');
        $kept->update(['model' => 'Another']);
        $this->get("/jobs/{$job->tag}")->assertDontSee('behind the drive cage');
        $this->actingAs($this->person(Role::Technician))->delete("/book/notes/{$kept->id}")->assertForbidden();
        $this->actingAs($rhea)->delete("/book/notes/{$kept->id}")->assertRedirect();
        $this->assertSame([0, []], [MarginNote::query()->count(), Storage::allFiles()]);
    }

    public function test_what_is_wrong_with_a_note_is_said_and_nothing_typed_is_lost(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $this->post('/book/step/plugs/notes', ['words' => ''])
            ->assertSessionHasErrors(['words' => 'Write what should stand in the margin.']);
        $this->post('/book/step/plugs/notes', ['words' => 'x', 'photo' => UploadedFile::fake()->create('a.jpg', 20)])
            ->assertSessionHasErrors('photo');
        $this->post('/book/step/plugs/notes', ['words' => 'kept', 'path' => 'acts/acts/reseat/minutes', 'value' => '5'])
            ->assertSessionHasErrors(['path' => 'This page has no such number; choose one of it.']);
        $this->assertSame('kept', session()->getOldInput('words'));
        $this->post('/book/act/reseat/notes', ['words' => 'kept', 'path' => 'acts/acts/reseat/minutes', 'value' => 'soon'])
            ->assertSessionHasErrors('value');
        $this->post('/book/step/no-such/notes', ['words' => 'x'])->assertNotFound();
        $this->assertSame(0, MarginNote::query()->count());
        $this->actingAs($this->person(Role::Counter))->post('/book/step/plugs/notes', ['words' => 'x'])->assertForbidden();
    }

    public function test_a_note_may_ask_for_a_number_and_the_lead_takes_it_over_after_a_look(): void
    {
        $technician = $this->person(Role::Technician);
        $lead = $this->person(Role::Lead);
        $shipped = app(Catalogue::class)->act('reseat')->minutes;
        $this->actingAs($technician)->post('/book/act/reseat/notes', [
            'words' => 'Our cases are tight.', 'path' => 'acts/acts/reseat/minutes', 'value' => (string) ($shipped + 4),
        ])->assertSessionHasNoErrors();
        $note = MarginNote::query()->firstOrFail();
        $this->get('/book/act/reseat')->assertSee('Asks:')->assertDontSee('Look what it changes');
        $this->post("/book/notes/{$note->id}/answer", ['answer' => 'accepted'])->assertForbidden();
        $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->actingAs($lead)->get('/book')->assertSee('One note asks');
        $this->get('/book/asked')->assertSee('Our cases are tight.');
        $this->get("/book/act/reseat?look={$note->id}")->assertSee('On open jobs it would be')->assertSee('Take it over');
        $this->assertSame([], OwnValue::inForce(), 'Looking keeps nothing.');
        $this->post("/book/notes/{$note->id}/answer", ['answer' => 'accepted'])->assertRedirect();
        $this->assertSame($shipped + 4, app(Catalogue::class)->act('reseat')->minutes);
        $this->get('/book/act/reseat')->assertSee('Taken over')->assertSee("ships as {$shipped}");
        $this->post("/book/notes/{$note->id}/answer", ['answer' => 'declined'])->assertStatus(409);
        $this->assertSame('accepted', $note->refresh()->answer);
    }

    public function test_the_book_of_a_model_is_made_of_its_record(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $this->get('/book/model/Heron%20T2')->assertNotFound();
        Code::query()->create([
            'kind' => 'display', 'for' => 'Heron T2', 'from' => '5F', 'to' => '5F', 'value' => 'memory', 'words' => 'no memory at all',
            'source' => 'seen here', 'reliability' => 0.9, 'user_id' => auth()->id(),
        ]);
        $this->get('/book/model/Heron%20T2')->assertOk()->assertSee('no memory at all')->assertSee('No job of it is closed yet.');
    }

    public function test_models_of_closed_jobs_are_listed_and_say_what_it_was(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $this->seed(PeopleSeeder::class);
        app(GenerateJobs::class)->make(12, 'book');
        $facts = JobFacts::query()->where('cause_fault', '!=', '')->firstOrFail();
        $this->get('/book')->assertOk()->assertSee($facts->model);
        $this->get(route('book.model', $facts->model))->assertOk()
            ->assertSee(app(Catalogue::class)->fault($facts->cause_fault)->name)
            ->assertSee($facts->tag);
    }

    public function test_a_tree_for_paper_says_how_often_it_is_right(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $tree = app(ShopBook::class)->tree('nothing', true, true);
        $this->get('/book/trees/nothing')->assertOk()
            ->assertSee((int) round(100 * $tree->root->right()).' of 100')
            ->assertSee((string) $tree->root->step?->name())
            ->assertSee('A power supply is never opened.');
        $this->get('/book/trees/stays')->assertNotFound();
    }

    public function test_pages_print_as_cards_with_the_code_that_leads_back(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $card = $this->get('/book/step/plugs/card.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
        // A5 upright, in points.
        $this->assertMatchesRegularExpression('~/MediaBox \[0\.000 0\.000 419\.5\d+ 595\.2\d+\]~', (string) $card->getContent());
        $this->assertCount(10, StepsMostTaken::ids());
        $set = (string) $this->get('/book/cards.pdf')->assertOk()->getContent();
        $this->assertGreaterThanOrEqual(10, preg_match_all('~/Type /Page\b~', $set));
        $this->get('/book/cards')->assertOk()->assertSee('All ten to print');
        $this->get('/book/step/no-such/card.pdf')->assertNotFound();
    }
}
