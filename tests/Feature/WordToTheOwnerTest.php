<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Notice;
use App\Models\Role;
use App\Models\Spare;
use App\UseCases\Parts\Loans;
use App\UseCases\Parts\SpareBook;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Shelf\NewSpare;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the counter does with a job that is at the bench, and jobs that wait for a spare. */
final class WordToTheOwnerTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_counter_reads_where_it_stands_and_no_cause(): void
    {
        $job = $this->job(
            ['text' => 'Black since Monday', 'reached' => 'dark'],
            [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]],
        );
        $this->actingAs($this->person(Role::Counter))
            ->get("/jobs/{$job->tag}")
            ->assertRedirect("/jobs/{$job->tag}/stand");
        $this->get("/jobs/{$job->tag}/stand")
            ->assertOk()
            ->assertSee(['the fans ran but there was no picture', 'we do not name one', 'Ask before anything is spent'])
            ->assertDontSee('memory slot')
            ->assertDontSee('%');
    }

    public function test_an_overdue_list_is_cleared_by_ringing(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $job->update(['next_word_at' => now()->subHours(3)]);
        $this->actingAs($this->person(Role::Counter));
        $this->get('/diary')->assertSee('should have heard by now')->assertSee($job->tag);
        $this->get('/')->assertSee('1 owner should have heard by now');
        $next = now()->addDay()->setTime(14, 0);
        $this->post("/jobs/{$job->tag}/rang", [
            'said' => 'she waits',
            'next' => $next->format('Y-m-d\TH:i'),
            'once' => 'a',
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/rang", [
            'said' => 'she waits',
            'next' => $next->format('Y-m-d\TH:i'),
            'once' => 'a',
        ])->assertSessionHasNoErrors();
        $notes = $job->entries()->where('kind', 'note')->get();
        $this->assertCount(1, $notes, 'A double press is one entry.');
        $this->assertSame("Rang Mira Vale: she waits. Next word by {$next->format('D j M, H:i')}.", $notes[0]->body['text']);
        $this->assertTrue($next->equalTo($job->refresh()->next_word_at));
        $this->get('/diary')->assertDontSee('should have heard by now');
        $this->get('/')->assertDontSee('should have heard by now');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function slips(): iterable
    {
        yield 'a day that is past' => [['next' => '2026-11-01T10:00'], 'next'];
        yield 'no day' => [['next' => 'soon'], 'next'];
        yield 'a novel' => [['said' => str_repeat('x', 301)], 'said'];
    }

    /** @param  array<string, string>  $given */
    #[DataProvider('slips')]
    public function test_a_slip_is_told_and_nothing_is_promised(array $given, string $field): void
    {
        $job = $this->job();
        $before = $job->refresh()->next_word_at;
        $this->actingAs($this->person(Role::Counter))
            ->post("/jobs/{$job->tag}/rang", $given)
            ->assertSessionHasErrors($field);
        $this->assertEquals($before, $job->refresh()->next_word_at);
        $this->assertSame(0, $job->entries()->where('kind', 'note')->count());
    }

    public function test_events_earlier_work_and_marks_are_added_later(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Counter));
        $this->post("/jobs/{$job->tag}/stand", [])->assertSessionHasErrors('text');
        $this->post("/jobs/{$job->tag}/stand", [
            'marks' => ['liquid'],
            'events' => ['spill'],
            'text' => 'The cat did it',
            'earlier' => [['what' => 'supply-no-help', 'when' => '2026-05', 'words' => 'by a friend']],
        ])->assertSessionHasNoErrors();
        $this->assertSame(
            ['The cat did it', 'by a friend'],
            $job
                ->entries()
                ->where('kind', 'report')
                ->where('number', '>', 1)
                ->orderBy('number')
                ->get()
                ->map(fn ($entry) => $entry->body['text'])
                ->all(),
        );
        $this->assertSame(
            JobState::Locked,
            $job->refresh()->load('summary')->summary?->waits_for,
            'A mark that is seen later locks as one at arrival does.',
        );
        $this->post("/jobs/{$job->tag}/stand", ['marks' => ['wings']])->assertSessionHasErrors('marks.0');
    }

    public function test_a_job_is_parked_until_a_spare_comes_and_then_comes_first(): void
    {
        $job = $this->job(
            ['reached' => 'dark'],
            [['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']]],
            ['platform' => ['memory' => 'DDR3']],
        );
        $rhea = $this->person(Role::Technician);
        $this->actingAs($rhea);
        $this->get("/jobs/{$job->tag}")->assertSee('Park it until one comes');
        $this->post("/jobs/{$job->tag}/park", ['kind' => 'drive'])->assertSessionHasErrors('kind');
        $this->post("/jobs/{$job->tag}/park", ['kind' => 'stick'])->assertSessionHasNoErrors();
        $this->assertSame('parked', $this->waits($job));
        $this->assertStringStartsWith(
            'Parked until one comes for stick',
            $job->entries()->where('kind', 'note')->firstOrFail()->body['text'],
        );
        $this->get('/')->assertSee('Parked until a spare comes');
        $add = fn (string $tag, string $memory): Spare => app(SpareBook::class)->add(
            new NewSpare(
                tag: $tag,
                kind: 'stick',
                name: 'A stick',
                value: 900,
                fits: ['memory' => $memory],
                facts: [],
                origin: 'bought',
                place: 'B2',
            ),
            $rhea,
        );
        $add('M-1', 'DDR4');
        $this->assertSame('parked', $this->waits($job), 'One that does not fit is not what it waits for.');
        $add('M-2', 'DDR3');
        $this->assertSame('spare-here', $this->waits($job));
        $this->assertStringStartsWith('M-2 is here', Notice::query()->where('job_id', $job->id)->firstOrFail()->words);
        $this->get('/')->assertSeeInOrder(['Its spare is here', $job->tag]);
        $this->get("/jobs/{$job->tag}")->assertSee('M-2 is here.');
        $this->post("/jobs/{$job->tag}/entries", [
            'written' => json_encode(
                [
                    [
                        'kind' => 'start',
                        'reached' => 'stays',
                        'setup' => ['out' => ['stick-2'], 'lent' => ['stick-1' => ['tag' => 'M-2']]],
                    ],
                ],
                JSON_THROW_ON_ERROR,
            ),
        ])->assertSessionHasNoErrors();
        $this->assertNotContains($this->waits($job), ['spare-here', 'parked']);
    }

    public function test_a_spare_that_is_brought_back_tells_who_waits_for_it(): void
    {
        $spare = $this->spare('M-7', 'stick');
        $rhea = $this->person(Role::Technician);
        [$has, $waits] = [
            $this->job(),
            $this->job(['reached' => 'dark'], [['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']]]),
        ];
        app(Loans::class)->lend($spare, $has, $rhea);
        $this->actingAs($rhea)
            ->post("/jobs/{$waits->tag}/park", ['kind' => 'stick'])
            ->assertSessionHasNoErrors();
        $this->post('/loans/'.$has->loans()->value('id').'/back', ['result' => 'nothing', 'look' => '1'])->assertSessionHasNoErrors();
        $this->assertSame('spare-here', $this->waits($waits));
    }

    public function test_coming_back_from_the_machine_that_exposed_it_frees_no_spare(): void
    {
        $this->spare('G-1', 'card');
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'stays', 'setup' => ['parts' => ['card' => 'lent:G-1']]],
        ])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/contacts", [
            'since' => $job->arrived_at?->toDateTimeString(),
            'harm' => '50',
            'reason' => 'the rail went high',
        ])->assertSessionHasNoErrors();
        $trust = Spare::query()->where('tag', 'G-1')->firstOrFail()->trustNow();
        $this->post('/loans/'.$job->loans()->value('id').'/back', ['result' => 'worked', 'look' => '1'])->assertSessionHasNoErrors();
        $spare = Spare::query()->where('tag', 'G-1')->firstOrFail();
        $this->assertSame('quarantined', $spare->status);
        $this->assertLessThanOrEqual($trust, $spare->trustNow());
        $this->post('/spares/G-1/prove', ['proof' => 'host', 'passed' => '1', 'steps' => ['good']])->assertSessionHasNoErrors();
        $this->assertSame('free', $spare->refresh()->status);
        $this->assertGreaterThan($trust, $spare->trustNow());
    }

    public function test_a_cross_test_asks_in_which_machine(): void
    {
        app(SpareBook::class)->add(
            new NewSpare(
                tag: 'H-1',
                kind: 'host',
                name: 'Bench machine',
                value: 9000,
                fits: [],
                facts: [],
                origin: 'retired',
                place: 'bench 2',
            ),
            null,
        );
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        $this->actingAs($this->person(Role::Technician));
        $test = ['kind' => 'finding', 'check' => 'card-in-host', 'result' => 'works'];
        $this->post("/jobs/{$job->tag}/entries", ['entry' => $test])->assertSessionHasErrors([
            'entry.host' => 'Say in which machine it was tried: H-1.',
        ]);
        $this->post("/jobs/{$job->tag}/entries", ['entry' => $test + ['host' => 'h-1']])->assertSessionHasNoErrors();
        $this->assertSame('H-1', $job->entries()->where('kind', 'finding')->firstOrFail()->body['host']['tag']);
        $this->get("/jobs/{$job->tag}")->assertSee('In which machine');
    }

    private function waits(Job $job): string
    {
        return Job::query()->with('summary')->findOrFail($job->id)->state()->value;
    }
}
