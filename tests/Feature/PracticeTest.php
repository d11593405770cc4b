<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Practice;
use App\Models\PracticeBox;
use App\Models\PracticeCase;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Testing\TestResponse;
use Orthoscope\Core\Practice\Families;
use Orthoscope\Core\Practice\Puzzle;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Tests\TestCase;

/** The practice room: machines that answer, what is learned of them, and nothing of it anywhere else. */
final class PracticeTest extends TestCase
{
    use RefreshDatabase;

    private const DEAD = [
        'format' => 'orthoscope-practice/1',
        'name' => 'Quiet evening',
        'machine' => ['card' => true, 'facts' => ['speaker' => true, 'status_lamps' => true, 'code_display' => true]],
        'faults' => [['fault' => 'supply-dead', 'part' => 'supply']],
        'event' => 'storm',
        'told' => 'nothing',
        'seed' => 'quiet 1',
    ];

    private User $learner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->learner = $this->person(Role::Technician);
        $this->actingAs($this->learner);
    }

    public function test_a_machine_is_worked_named_and_looked_back_at(): void
    {
        $practice = $this->dead(Practice::SILENT);
        $this->get("/practice/{$practice->id}")->assertOk()
            ->assertSee('Practice')->assertSee('It is since the storm.')->assertSee('Monday 08:00')
            ->assertDontSee("The adviser's suspects", false)->assertDontSee('Ask the adviser')->assertDontSee('supply dead');
        $guess = ['guess' => ['part' => ['supply', '', ''], 'percent' => ['60', '', ''], 'expected' => 'nothing', 'sure' => '90']];
        $this->deed($practice, ['entry' => ['kind' => 'start']] + $guess)->assertSessionHasNoErrors();
        $this->deed($practice, ['entry' => ['kind' => 'finding', 'check' => 'supply-test']] + $guess)->assertSessionHasNoErrors();
        $page = $this->get("/practice/{$practice->id}")->assertSee('nothing happens')->assertSee('+12 V 0 V')->assertSee('2 done');
        $page->assertSee('<option value="supply" selected>', false)->assertSee('value="60"', false);
        $this->post("/practice/{$practice->id}/verdict", ['parts' => ['supply', ''], 'sure' => '95'])
            ->assertRedirect("/practice/{$practice->id}/debrief");
        $debrief = $this->get("/practice/{$practice->id}/debrief")->assertOk()
            ->assertSee('You named it')->assertSee('Supply: supply dead')->assertSee('told, bits')->assertSee('What it teaches');
        $this->get("/practice/{$practice->id}/rivals")->assertOk()
            ->assertSee('the adviser')->assertSee('best fixed order')->assertSee('one who knows')->assertDontSee('<html', false);
        $debrief->assertDontSee('Risks that were run');
        $kept = $practice->fresh();
        $this->assertTrue($kept?->right);
        $this->assertGreaterThan(50, $kept->points);
        $this->get("/practice/{$practice->id}/debrief?at=2")->assertOk()->assertSee('aria-current="true"', false);
        $this->get("/practice/{$practice->id}")->assertRedirect("/practice/{$practice->id}/debrief");
        $this->deed($practice, ['entry' => ['kind' => 'start']])
            ->assertSessionHasErrors(['deed' => 'This machine was answered already. Take the next one.']);
    }

    public function test_the_adviser_speaks_when_asked_until_the_next_deed(): void
    {
        $practice = $this->dead(Practice::ASKED);
        $this->get("/practice/{$practice->id}")->assertSee('Ask the adviser')->assertDontSee("The adviser's suspects", false);
        $this->post("/practice/{$practice->id}/ask")->assertRedirect();
        $this->post("/practice/{$practice->id}/ask");
        $this->assertSame(1, $practice->fresh()?->asked, 'asked twice of one state costs once');
        $page = $this->get("/practice/{$practice->id}")->assertSee("The adviser's suspects", false)->assertSee('do it')->assertSee('costs');
        $this->assertSame(1, preg_match('/name="written"\s+value="([^"]+)"/', (string) $page->getContent(), $found));
        $this->deed($practice, ['written' => html_entity_decode($found[1])])->assertSessionHasNoErrors();
        $this->assertCount(2, $practice->fresh()->course);
        $this->get("/practice/{$practice->id}")->assertSee('Ask the adviser');
        $silent = $this->dead(Practice::SILENT);
        $this->post("/practice/{$silent->id}/ask");
        $this->assertSame(0, $silent->fresh()?->asked);
    }

    public function test_what_it_cannot_answer_is_told_and_nothing_typed_is_lost(): void
    {
        $practice = $this->dead(Practice::SILENT);
        $thought = ['guess' => ['part' => ['board'], 'percent' => ['33'], 'expected' => '', 'sure' => '']];
        $this->deed($practice, ['entry' => ['kind' => 'finding', 'check' => 'look-settings']] + $thought)
            ->assertSessionHasErrors('deed');
        $this->get("/practice/{$practice->id}")->assertSee('was not started yet')->assertSee('value="33"', false);
        $this->deed($practice, ['entry' => ['kind' => 'closing']])->assertSessionHasErrors('deed');
        $this->deed($practice, ['entry' => ['kind' => 'start']] + ['guess' => ['part' => ['board'], 'percent' => ['many']]])
            ->assertSessionHasErrors(['guess' => 'Type how sure you are in percent, from 0 to 100.']);
        $this->deed($practice, ['written' => '{"kind":1}'])->assertSessionHasErrors('deed');
        $this->deed($practice, ['written' => '[1]'])->assertSessionHasErrors('deed');
        $this->deed($practice, [])->assertSessionHasErrors();
        $this->deed($practice, ['stand' => '-5'])->assertSessionHasErrors(['deed' => 'It may stand from a minute to two days.']);
        $this->assertCount(1, $practice->fresh()->course);
        foreach ([['parts' => [], 'sure' => '50'], ['parts' => ['supply'], 'sure' => ''], ['parts' => ['moon'], 'sure' => '5']] as $wrong) {
            $this->post("/practice/{$practice->id}/verdict", $wrong)->assertSessionHasErrors('verdict');
        }
        $this->assertNull($practice->fresh()->verdict);
    }

    public function test_a_lock_that_ends_by_itself_is_gone_once_it_stood(): void
    {
        $wet = ['name' => 'Wet', 'marks' => ['liquid'], 'event' => 'spill', 'seed' => 'wet 3'] + self::DEAD;
        $case = PracticeCase::query()->create(['name' => 'Wet', 'puzzle' => $wet, 'user_id' => $this->learner->id]);
        $this->post('/practice', ['kind' => 'case', 'case' => (string) $case->id, 'advice' => Practice::SPEAKS]);
        $practice = Practice::query()->firstOrFail();
        foreach ([
            ['entry' => ['kind' => 'finding', 'check' => 'look-inside']],
            ['entry' => ['kind' => 'act', 'act' => 'dry', 'on' => 'board', 'agent' => 'water']],
            ['entry' => ['kind' => 'finding', 'check' => 'look-inside']],
        ] as $deed) {
            $this->deed($practice, $deed)->assertSessionHasNoErrors();
        }
        $page = $this->get("/practice/{$practice->id}")->assertSee('Unlock:')->assertSee('until it is dry');
        $this->assertSame(1, preg_match('/name="stand" value="(\d+)"/', (string) $page->getContent(), $found));
        $this->deed($practice, ['stand' => $found[1]])->assertSessionHasNoErrors();
        $this->get("/practice/{$practice->id}")->assertDontSee('Unlock:')->assertSee('overnight');
    }

    public function test_a_verdict_is_said_once(): void
    {
        $practice = $this->dead(Practice::SILENT);
        $this->post("/practice/{$practice->id}/verdict", ['parts' => ['board'], 'sure' => '60']);
        $this->post("/practice/{$practice->id}/verdict", ['parts' => ['supply'], 'sure' => '99']);
        $this->get("/practice/{$practice->id}/debrief")->assertSee('It was something else');
        $this->assertFalse($practice->fresh()?->right);
    }

    public function test_what_lies_outside_is_no_suspect(): void
    {
        $practice = $this->dead(Practice::SILENT);
        $outside = ['guess' => ['part' => ['outside'], 'percent' => ['90']]];
        $this->deed($practice, ['entry' => ['kind' => 'start']] + $outside)->assertSessionHasErrors('guess');
    }

    public function test_it_is_its_learners_alone_and_the_lead_reads_the_end(): void
    {
        $practice = $this->dead(Practice::SPEAKS);
        $this->actingAs($this->person(Role::Technician));
        $this->get("/practice/{$practice->id}")->assertNotFound();
        $this->deed($practice, ['entry' => ['kind' => 'start']])->assertNotFound();
        $this->post("/practice/{$practice->id}/ask")->assertNotFound();
        $this->post("/practice/{$practice->id}/verdict", ['parts' => ['supply'], 'sure' => '1'])->assertNotFound();
        $this->actingAs($this->learner)->post("/practice/{$practice->id}/verdict", ['parts' => ['board'], 'sure' => '60']);
        $this->get("/practice/{$practice->id}/debrief")->assertOk()->assertSee('It was something else');
        $this->get('/practice/people')->assertForbidden();
        $this->actingAs($this->person(Role::Technician))->get("/practice/{$practice->id}/debrief")->assertNotFound();
        $this->actingAs($this->person(Role::Lead))->get("/practice/{$practice->id}/debrief")->assertOk()->assertSee($this->learner->name);
        $this->get('/practice/people')->assertOk()->assertSee($this->learner->name)->assertSee('missed');
        $this->actingAs($this->person(Role::Counter))->get('/practice')->assertForbidden();
    }

    public function test_a_lesson_has_why_a_worked_course_machines_and_a_test(): void
    {
        $memory = $this->get('/practice/lessons/memory')->assertOk()->assertSee('What follows the stick is the stick')
            ->assertSee('0 of 6')->assertSee('Take the test');
        $memory->assertDontSee('replaced stick 2');
        $this->get('/practice/lessons/memory?at=7')->assertOk()->assertSee('replaced stick 2')->assertSee('Solved.');
        $this->get('/practice/lessons/memory?at=900')->assertOk()->assertSee('Solved.');
        $this->get('/practice/lessons/none')->assertNotFound();
        foreach (array_keys(Families::shipped()->all) as $family) {
            $this->get("/practice/lessons/{$family}?at=3")->assertOk();
        }
    }

    public function test_what_was_right_rests_longer_and_what_was_wrong_comes_back_tomorrow(): void
    {
        foreach ([1 => true, 2 => true, 3 => false] as $grade => $right) {
            $this->post('/practice', ['kind' => 'lesson', 'family' => 'power', 'grade' => (string) $grade, 'advice' => 'silent']);
            $practice = Practice::query()->orderByDesc('id')->firstOrFail();
            $guilty = $practice->core()->guilty();
            $this->post("/practice/{$practice->id}/verdict", ['parts' => $right ? $guilty : ['case-fans'], 'sure' => '80']);
            $boxes[] = PracticeBox::query()->where('family', 'power')->firstOrFail()->box;
        }
        $this->assertSame([2, 3, 1], $boxes);
        $box = PracticeBox::query()->firstOrFail();
        $this->assertSame(today()->addDay()->format('Y-m-d'), $box->due->format('Y-m-d'));
        $this->get('/practice')->assertSee('Machine 1:')->assertSee('named')->assertSee('missed')->assertSee('Nothing today.');
        $box->update(['due' => today()]);
        $this->get('/practice')->assertDontSee('Nothing today.')->assertSee('box 1 of 5');
    }

    public function test_a_test_is_passed_by_naming_it_without_a_grave_risk_and_opens_the_next_lesson(): void
    {
        $this->post('/practice', ['kind' => 'test', 'family' => 'power', 'advice' => 'speaks']);
        $test = Practice::query()->firstOrFail();
        $this->assertSame(Practice::SILENT, $test->advice);
        $this->post("/practice/{$test->id}/verdict", ['parts' => $test->core()->guilty(), 'sure' => '80']);
        $this->assertTrue($test->fresh()->passed);
        $this->get('/practice/lessons/power')->assertSee('Next lesson:')->assertSee('Seats and leads');
    }

    public function test_the_machine_of_the_day_is_the_same_for_all_and_once_for_each(): void
    {
        $this->post('/practice', ['kind' => 'day', 'advice' => 'silent']);
        $this->post('/practice', ['kind' => 'day', 'advice' => 'silent'])
            ->assertRedirect('/practice/'.Practice::query()->firstOrFail()->id);
        $this->actingAs($this->person(Role::Lead))->post('/practice', ['kind' => 'day', 'advice' => 'speaks']);
        $this->assertSame(2, Practice::query()->count());
        $this->assertCount(1, Practice::query()->get()->unique(fn (Practice $one): string => (string) json_encode($one->puzzle)));
        $this->travel(1)->days();
        $this->post('/practice', ['kind' => 'day', 'advice' => 'silent']);
        $this->assertCount(2, array_unique(Practice::query()->get()->map(fn (Practice $one): string => $one->puzzle['seed'])->all()));
    }

    public function test_a_closed_job_becomes_a_machine_without_any_name(): void
    {
        $job = $this->job(
            ['text' => 'Dead, says Mira Vale of Quince Lane', 'reached' => 'nothing', 'events' => ['storm']],
            [
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail'],
                ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
            ],
        );
        $this->post("/jobs/{$job->tag}/practice")->assertForbidden();
        $this->actingAs($this->person(Role::Lead));
        $this->from("/jobs/{$job->tag}")->post("/jobs/{$job->tag}/practice")->assertSessionHasErrors('refused');
        $this->record($job, [['kind' => 'closing', 'price' => 9000, 'signed_off' => 'nobody']]);
        $this->get("/jobs/{$job->tag}")->assertSee('Make a practice machine of it');
        $this->post("/jobs/{$job->tag}/practice")->assertRedirect('/practice/cases');
        $case = PracticeCase::query()->firstOrFail();
        $written = (string) json_encode($case->puzzle);
        foreach (['Mira', 'Vale', 'Quince', 'Heron', $job->tag] as $name) {
            $this->assertStringNotContainsString($name, $written);
        }
        $this->assertSame([['fault' => 'supply-dead', 'part' => 'supply']], $case->puzzle['faults']);
        $this->assertSame(['storm', 'nothing'], [$case->puzzle['event'], $case->puzzle['told']]);
        $this->post('/practice', ['kind' => 'case', 'case' => (string) $case->id, 'advice' => 'silent'])->assertRedirect();
        $file = $this->get("/practice/cases/{$case->id}.json")->assertOk()->assertHeader('Content-Type', 'application/json')->getContent();
        $this->assertEquals($case->core(), Puzzle::fromArray(json_decode((string) $file, true)));
        $this->delete("/practice/cases/{$case->id}")->assertRedirect();
        $this->assertSame([0, 1], [PracticeCase::query()->count(), Practice::query()->count()], 'what was begun stays');
    }

    public function test_cases_are_made_by_hand_and_come_in_as_files(): void
    {
        $this->post('/practice/cases', [])->assertForbidden();
        $this->actingAs($this->person(Role::Lead));
        $this->get('/practice/cases')->assertOk()->assertSee('Supply: supply dead');
        $made = [
            'name' => 'By hand', 'faults' => ['supply supply-dead', ''], 'event' => 'spill', 'told' => 'dark',
            'slots' => '4', 'sticks' => '2',
            'has' => ['speaker'], 'wet' => '1', 'bad_spare' => '1',
        ];
        $this->post('/practice/cases', $made)->assertSessionHasNoErrors();
        $case = PracticeCase::query()->firstOrFail();
        $this->assertSame(['liquid'], $case->puzzle['marks']);
        $this->assertSame(['supply'], $case->puzzle['bad_spares']);
        $this->post('/practice/cases', ['faults' => ['card card-dead', '']] + $made)->assertSessionHasErrors('faults');
        $this->post('/practice/cases', ['name' => ''] + $made)->assertSessionHasErrors(['name' => 'Give it a name that tells nothing.']);
        $this->assertSame(1, PracticeCase::query()->count());
        $file = fn (string $content): array => ['file' => UploadedFile::fake()->createWithContent('case.json', $content)];
        $this->post('/practice/cases', $file((string) json_encode(self::DEAD)))->assertSessionHasNoErrors();
        $this->assertSame(['By hand', 'Quiet evening'], PracticeCase::query()->orderBy('name')->pluck('name')->all());
        $this->post('/practice/cases', $file('no json'))->assertSessionHasErrors('file');
        $this->post('/practice/cases', $file('{"format":"orthoscope-practice/1"}'))->assertSessionHasErrors('file');
        $this->post('/practice/cases', $file((string) json_encode(['event' => 'strom'] + self::DEAD)))
            ->assertSessionHasErrors(['file' => '/event: "strom" is not a known event. Did you mean "storm"?']);
    }

    /** Practice writes its own tables and nothing else, and no page, list or export of the shop says a word of it. */
    public function test_nothing_of_practice_is_anywhere_else(): void
    {
        $this->job();
        $before = $this->rows();
        $practice = $this->dead(Practice::SPEAKS);
        $this->get("/practice/{$practice->id}");
        $this->deed($practice, ['entry' => ['kind' => 'start', 'setup' => ['parts' => ['supply' => 'lent:any-supply']]]])
            ->assertSessionHasNoErrors();
        $this->deed($practice, ['entry' => ['kind' => 'act', 'act' => 'replace', 'on' => 'supply']])->assertSessionHasNoErrors();
        $this->post("/practice/{$practice->id}/verdict", ['parts' => ['supply'], 'sure' => '90']);
        $this->get("/practice/{$practice->id}/debrief")->assertOk();
        $this->assertSame($before, $this->rows());
        $this->actingAs($this->person(Role::Lead));
        foreach ([
            '/', '/wall', '/find?q=Quiet', '/shelf', '/shelf.csv', '/shelf/coverage', '/orders', '/comebacks', '/patterns', '/how-well',
            '/how-well.csv', '/diary', '/messages', '/day-sheet', '/shop/books', '/shop/books/invoices.csv', '/shop/books/payments.csv',
            '/result-cards', '/own', '/uncollected', '/codes.csv',
        ] as $page) {
            $shown = $this->get($page)->assertOk();
            $content = $shown->baseResponse instanceof StreamedResponse
                ? $shown->streamedContent()
                : (string) $shown->getContent();
            $this->assertStringNotContainsString('Quiet evening', $content, $page);
            $this->assertStringNotContainsString('any-supply', $content, $page);
        }
    }

    /** @return array<string, int> table of the shop => rows */
    private function rows(): array
    {
        $own = ['practices', 'practice_boxes', 'practice_cases', 'cache', 'cache_locks', 'sessions', 'forms_taken', 'taken_forms'];
        $rows = [];
        foreach (array_diff(array_column(Schema::getTables(), 'name'), $own) as $table) {
            $rows[$table] = DB::table($table)->count();
        }

        return $rows;
    }

    private function dead(string $advice): Practice
    {
        $case = PracticeCase::query()->firstOrCreate(
            ['name' => 'Quiet evening'],
            ['puzzle' => self::DEAD, 'user_id' => $this->learner->id],
        );
        $this->post('/practice', ['kind' => 'case', 'case' => (string) $case->id, 'advice' => $advice])->assertRedirect();

        return Practice::query()->orderByDesc('id')->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $fields
     *
     * @return TestResponse<Response>
     */
    private function deed(Practice $practice, array $fields): TestResponse
    {
        return $this->post("/practice/{$practice->id}/deeds", $fields);
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function record(Job $job, array $entries): void
    {
        app(RecordEntries::class)->record($job, $this->person(Role::Technician), $entries);
    }
}
