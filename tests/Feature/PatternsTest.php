<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bulletin;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Lesson;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\Learn;
use App\UseCases\Jobs\GenerateJobs;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** What the shop learns from all machines together. */
final class PatternsTest extends TestCase
{
    use RefreshDatabase;

    private const DARK = [['kind' => 'start', 'reached' => 'dark', 'waited' => 150]];

    public function test_what_stands_beside_the_courses_is_what_the_core_makes_of_them(): void
    {
        $courses = GenerateJobs::courses();
        $this->assertGreaterThan(200, count($courses));
        foreach (range(0, count($courses) - 1, 60) as $at) {
            $again = json_decode(
                json_encode(app(GenerateJobs::class)->workOut($courses[$at]), JSON_THROW_ON_ERROR),
                true,
                32,
                JSON_THROW_ON_ERROR,
            );
            $this->assertSame($courses[$at], $again, "Course {$at} has changed: run bin/lib/courses.php as it says.");
        }
    }

    public function test_a_bad_batch_is_found_among_many_jobs_and_becomes_a_bulletin(): void
    {
        $lead = $this->people();
        app(GenerateJobs::class)->make(700, 'test');
        $this->actingAs($lead)->post('/patterns')->assertSessionHasNoErrors();
        $patterns = Figure::query()->findOrFail('patterns')->body['patterns'];
        $found = array_values(
            array_filter(
                $patterns,
                fn (array $pattern): bool => $pattern['value'] === 'Plover Max' && $pattern['outcome'] === 'fault:board-knocked',
            ),
        );
        $this->assertNotSame([], $found);
        $this->assertLessThan($found[0]['rate'], $found[0]['interval'][0]);
        $this->get('/patterns')->assertOk()->assertSee('Plover Max')->assertSee('small part knocked off');
        $form = [
            'model' => 'Plover Max',
            'words' => 'Glass over the board first.',
            'fault' => 'board-knocked',
            'factor' => '4',
            'expires_at' => now()->addMonths(2)->format('Y-m-d'),
        ];
        $this->actingAs($this->person(Role::Technician))->post('/bulletins', $form)->assertForbidden();
        $this->actingAs($lead)->post('/bulletins', $form)->assertSessionHasNoErrors();
        $this->actingAs($this->person(Role::Counter))->get('/counter')->assertSee('Glass over the board first.');
    }

    public function test_a_bulletin_shifts_what_is_likely_on_its_model_until_it_ends(): void
    {
        $job = $this->job(entries: self::DARK, machine: ['model' => 'Plover Max']);
        $other = $this->job(entries: self::DARK);
        $board = fn (Job $one): float => app(AssessJob::class)->assess($one->refresh())->standings['board']->probability;
        [$before, $elsewhere] = [$board($job), $board($other)];
        $this->actingAs($lead = $this->person(Role::Lead))
            ->post('/bulletins', [
                'model' => 'Plover Max',
                'words' => 'Look at the board.',
                'part' => 'board',
                'factor' => '3',
                'expires_at' => now()->addDays(9)->format('Y-m-d'),
            ])
            ->assertSessionHasNoErrors();
        $this->assertGreaterThan(1.3 * $before, $board($job));
        $this->assertEqualsWithDelta($elsewhere, $board($other), 1e-12);
        $this->get("/jobs/{$job->tag}")
            ->assertSee('Look at the board.')
            ->assertSee('3 times likelier');
        $this->travel(10)->days();
        $this->assertEqualsWithDelta($before, $board($job), 1e-9);
        $this->travelBack();
        $this->actingAs($lead)
            ->post('/bulletins/'.Bulletin::query()->value('id').'/withdraw')
            ->assertSessionHasNoErrors();
        $this->assertEqualsWithDelta($before, $board($job), 1e-9);
        $this->get("/jobs/{$job->tag}")->assertDontSee('Look at the board.');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no model' => [['model' => ''], 'model'];
        yield 'no words' => [['words' => ''], 'words'];
        yield 'a factor of nothing' => [['factor' => '0'], 'factor'];
        yield 'too sure' => [['factor' => '1000'], 'factor'];
        yield 'over already' => [['expires_at' => '2020-01-01'], 'expires_at'];
        yield 'for ever' => [['expires_at' => '2099-01-01'], 'expires_at'];
        yield 'no such fault' => [['fault' => 'gremlins'], 'fault'];
    }

    /** @param  array<string, string>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_bulletin_that_cannot_be_is_told(array $wrong, string $field): void
    {
        $this->actingAs($this->person(Role::Lead))
            ->post(
                '/bulletins',
                $wrong + ['model' => 'Heron T2', 'words' => 'x', 'factor' => '2', 'expires_at' => now()->addDays(9)->format('Y-m-d')],
            )
            ->assertSessionHasErrors($field);
        $this->assertSame(0, Bulletin::query()->count());
    }

    public function test_nothing_is_learned_from_nothing(): void
    {
        $this->actingAs($this->person(Role::Lead))->from('/patterns')->post('/lessons')->assertSessionHasErrors('refused');
        $this->get('/patterns')->assertSee('No closed job says yet what it was.')->assertSee('Work out a');
    }

    public function test_learning_is_proposed_tried_accepted_and_taken_back_by_the_lead(): void
    {
        $lead = $this->people();
        app(GenerateJobs::class)->make(12, 'learn');
        $job = $this->job(entries: self::DARK);
        $stick = fn (): float => app(AssessJob::class)->assess($job->refresh())->standings['stick-2']->probability;
        $before = $stick();
        $this->actingAs($this->person(Role::Technician))->post('/lessons')->assertForbidden();
        $this->actingAs($lead)->post('/lessons')->assertSessionHasNoErrors();
        $this->assertSame(0, Lesson::query()->count(), 'Nobody waits for it at the page.');
        $this->get('/patterns')->assertSee('A proposal is being worked out since')->assertDontSee('Work out a');
        $this->travel(6)->minutes();
        $this->get('/patterns')->assertSee('clock does not run');
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->get('/patterns')->assertDontSee('clock does not run')->assertSee('Work out a');
        $lesson = Lesson::query()->firstOrFail();
        $this->assertSame('proposed', $lesson->state);
        $this->assertGreaterThan(0, $lesson->effect['jobs']);
        $this->assertEqualsWithDelta($before, $stick(), 1e-12, 'Nothing moves until it is accepted.');
        $this->get('/patterns')
            ->assertSee("of {$lesson->counts[0]['of']}")
            ->assertSee('bits a job');
        $this->post("/lessons/{$lesson->id}", ['to' => 'accepted'])->assertSessionHasNoErrors();
        $this->assertNotEqualsWithDelta($before, $stick(), 1e-4);
        $this->post("/lessons/{$lesson->id}", ['to' => 'back'])->assertSessionHasNoErrors();
        $this->assertEqualsWithDelta($before, $stick(), 1e-12);
        $this->post("/lessons/{$lesson->id}", ['to' => 'forgotten'])->assertSessionHasErrors('to');
        app(Learn::class)->propose();
        $this->assertSame(1, Lesson::query()->where('state', 'proposed')->count());
    }

    public function test_how_well_is_drawn_listed_and_taken_out_and_people_are_not_compared(): void
    {
        $lead = $this->people();
        $this->actingAs($lead)->get('/how-well')->assertOk()->assertSee('Nothing is worked out yet');
        app(GenerateJobs::class)->make(80, 'well');
        $this->artisan('shop:figures')->assertSuccessful();
        $this->get('/how-well')->assertOk()->assertSee('part replaced')->assertSee('Condemned wrongly: 0 of')->assertSee('A lead');
        $csv = (string) $this->get('/how-well.csv')->assertOk()->getContent();
        $this->assertStringStartsWith('figure,of,value,cases,from,to', $csv);
        $this->assertStringContainsString('dead on arrival', $csv);
        $technician = $this->person(Role::Technician);
        $this->actingAs($technician)
            ->get('/how-well?person='.$lead->id)
            ->assertOk()
            ->assertSee('Yours')
            ->assertDontSee($lead->name.'</h2>', false);
        $this->actingAs($this->person(Role::Counter))->get('/how-well')->assertForbidden();
    }

    public function test_facts_follow_the_record(): void
    {
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
                ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
            ],
        );
        $this->actingAs($this->person(Role::Lead))
            ->post("/jobs/{$job->tag}/close", ['price' => '10', 'warranty_months' => '1', 'signed_off' => 'x'])
            ->assertSessionHasNoErrors();
        $facts = JobFacts::query()->findOrFail($job->id);
        $this->assertSame(
            ['supply', true, 'replace', 'replaced', 'mains'],
            [$facts->cause_part, $facts->confirmed, $facts->act, $facts->way, $facts->stop],
        );
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'strike-out', 'entry' => (string) $job->entries()->max('number'), 'text' => 'too soon'],
        ])->assertSessionHasNoErrors();
        $this->assertNull(JobFacts::query()->find($job->id));
    }

    public function test_the_diary_says_who_should_have_heard_and_its_feed_is_signed(): void
    {
        $job = $this->job(entries: self::DARK);
        $job->update(['next_word_at' => now()->subHour()]);
        $person = $this->person(Role::Counter);
        $this->actingAs($person)
            ->get('/diary')
            ->assertOk()
            ->assertSee('should have heard by now')
            ->assertSee($job->tag)
            ->assertSee('eight of ten');
        $this->get('/')->assertSee('1 owner should have heard by now');
        $address = $this->feed();
        $this->post('/logout');
        $this->get('/diary.ics')->assertForbidden();
        $feed = (string) $this->get($address)->assertOk()->getContent();
        $event = Reader::read($feed)->select('VEVENT')[0];
        $this->assertInstanceOf(VEvent::class, $event);
        $this->assertSame("Word to the owner of {$job->tag}, Heron T2", (string) $event->select('SUMMARY')[0]);
        $this->assertStringNotContainsString('Mira', $feed, 'No owner is named in a feed.');
        // It ends with the password of who asked for it, and with their time here.
        $person->update(['password' => 'another-lantern']);
        $this->get($address)->assertNotFound();
    }

    private function people(): \App\Models\User
    {
        $lead = $this->person(Role::Lead);
        foreach (['oda', 'piet', 'rhea'] as $who) {
            $this->person(Role::Technician)
                ->forceFill(['email' => $who])
                ->save();
        }

        return $lead;
    }
}
