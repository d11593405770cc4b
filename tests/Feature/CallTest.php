<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Call;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Orthoscope\Core\Bench\JobState;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** A conversation with someone who is with the machine, from the first question to its end. */
final class CallTest extends TestCase
{
    use RefreshDatabase;

    private User $counter;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-24 10:00:00');
        $this->counter = $this->person(Role::Counter);
        $this->actingAs($this->counter);
    }

    public function test_it_begins_from_nothing_and_asks_about_danger_first(): void
    {
        $this->post('/calls')->assertSessionHasNoErrors();
        $job = $this->lastCall();
        $this->get("/calls/{$job->tag}")
            ->assertOk()
            ->assertSee('Someone calls')
            ->assertSee('Before anything else')
            ->assertSee($job->tag)
            ->assertDontSee('Press the power button once');
        $this->get('/calls')->assertSee($job->tag)->assertSee('no name');
        $this->get('/')->assertDontSee($job->tag);
    }

    public function test_answers_go_on_the_record_and_the_next_question_comes(): void
    {
        $job = $this->begin('Jorun Pike', '0555 201 884');
        $this->answer($job, 'danger', 'none');
        $this->answer($job, 'alive', 'dark', 'fans and all');
        $this->assertSame(
            [['question' => 'danger', 'answer' => 'none'], ['question' => 'alive', 'answer' => 'dark', 'text' => 'fans and all']],
            $this->bodies($job),
        );
        $this->get("/calls/{$job->tag}")
            ->assertSee('it runs, but the screen stays dark')
            ->assertSee('fans and all')
            ->assertSee('Hardly likely any more, as told')
            ->assertSee('The system installed on the drive');
    }

    public function test_a_changed_answer_is_struck_out_and_kept(): void
    {
        $job = $this->begin();
        $this->answer($job, 'danger', 'none');
        $this->answer($job, 'alive', 'nothing');
        $this->get("/calls/{$job->tag}?question=alive")->assertSee('answered before');
        $this->answer($job, 'alive', 'twitch');
        $this->assertSame(['answer', 'answer', 'strike-out', 'answer'], $job->entries()->pluck('kind')->all());
        $this->get("/calls/{$job->tag}")
            ->assertSee('it moves for a moment, then goes off')
            ->assertDontSee('<b>nothing at all</b><a', false);
    }

    public function test_the_same_form_sent_twice_is_one_answer(): void
    {
        $job = $this->begin();
        foreach ([1, 2] as $time) {
            $this->post("/calls/{$job->tag}/answers", [
                'question' => 'danger',
                'answer' => 'none',
                'once' => 'k1',
            ])->assertSessionHasNoErrors();
        }
        $this->assertSame(1, Entry::query()->where('kind', 'answer')->count());
    }

    public function test_skipped_unknown_and_cannot_are_written_down_and_any_question_can_be_gone_to(): void
    {
        $job = $this->begin();
        foreach (['danger' => 'none', 'alive' => 'unknown', 'lamps' => 'cannot', 'beeps' => 'skipped'] as $question => $answer) {
            $this->answer($job, $question, $answer);
        }
        $this->get("/calls/{$job->tag}")
            ->assertSee('does not know')
            ->assertSee('cannot do that')
            ->assertSee('skipped');
        $this->get("/calls/{$job->tag}?question=drain")
            ->assertSee('hold the power button down for thirty seconds')
            ->assertSee('start the 30 second clock');
    }

    /** @return iterable<string, array{string, string}> */
    public static function dangers(): iterable
    {
        yield 'liquid' => ['liquid', 'Do not switch it on'];
        yield 'smoke' => ['smoke', 'call the fire service'];
        yield 'swollen' => ['swollen', 'Do not press on anything swollen'];
        yield 'shock' => ['shock', 'licensed electrician'];
    }

    #[DataProvider('dangers')]
    public function test_a_red_answer_stops_everything(string $answer, string $instruction): void
    {
        $job = $this->begin();
        $this->answer($job, 'danger', $answer);
        $this->get("/calls/{$job->tag}")
            ->assertSee('Say this, and stop')
            ->assertSee($instruction)
            ->assertDontSee('Press the power button once');
        $this->post("/calls/{$job->tag}/end", ['outcome' => 'danger'])->assertSessionHasNoErrors();
        $this->get("/calls/{$job->tag}")
            ->assertSee('Stopped: it may hurt someone')
            ->assertSee($instruction);
    }

    public function test_a_wet_machine_is_locked_when_it_arrives(): void
    {
        $job = $this->begin('Bo Lamb', '0555 777 210');
        $this->answer($job, 'danger', 'liquid');
        $this->post("/calls/{$job->tag}/end", ['outcome' => 'danger']);
        $this->arrive($job);
        $this->assertSame(JobState::Locked, $job->refresh()->summary?->waits_for);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('No power while it may be wet');
    }

    public function test_a_paused_call_waits_and_goes_on_where_it_was(): void
    {
        $job = $this->begin('Sefa Marrow');
        $this->answer($job, 'danger', 'none');
        $this->post("/calls/{$job->tag}/pause")->assertRedirect('/calls');
        $this->get('/calls')->assertSee('Paused');
        $this->get("/calls/{$job->tag}")
            ->assertSee('none of these')
            ->assertSee('Press the power button once');
        $this->answer($job, 'alive', 'nothing');
        $this->assertSame(Call::TALKING, $job->call?->refresh()->state);
    }

    public function test_who_calls_can_be_written_down_any_time(): void
    {
        $job = $this->begin();
        $this->post("/calls/{$job->tag}/caller", [
            'name' => 'Jorun Pike',
            'phone' => '0555 201 884',
            'email' => '',
            'model' => 'Dipper 40',
        ])->assertSessionHasNoErrors();
        $this->get("/calls/{$job->tag}")
            ->assertSee('Jorun Pike')
            ->assertSee('Dipper 40');
        $this->from("/calls/{$job->tag}")
            ->post("/calls/{$job->tag}/caller", ['name' => 'J', 'phone' => 'ring me', 'email' => 'no mail'])
            ->assertSessionHasErrors(['phone', 'email']);
        $this->assertSame('Jorun Pike', $job->machine->owner->refresh()->name);
    }

    public function test_solved_says_what_cured_it(): void
    {
        $job = $this->begin();
        $this->from("/calls/{$job->tag}")
            ->post("/calls/{$job->tag}/end", ['outcome' => 'solved'])
            ->assertSessionHasErrors('words');
        $this->post("/calls/{$job->tag}/end", [
            'outcome' => 'solved',
            'words' => 'the switch at the back was off',
        ])->assertSessionHasNoErrors();
        $this->get("/calls/{$job->tag}")
            ->assertSee('Solved on the telephone')
            ->assertSee('the switch at the back was off')
            ->assertSee($job->tag);
        $this->from("/calls/{$job->tag}")
            ->post("/calls/{$job->tag}/answers", ['question' => 'alive', 'answer' => 'stays'])
            ->assertSessionHasErrors('answer');
    }

    public function test_a_part_goes_out_with_a_guide(): void
    {
        $job = $this->begin('Jorun Pike');
        $this->from("/calls/{$job->tag}")
            ->post("/calls/{$job->tag}/end", ['outcome' => 'post'])
            ->assertSessionHasErrors('part');
        $this->from("/calls/{$job->tag}")
            ->post("/calls/{$job->tag}/end", ['outcome' => 'post', 'part' => 'supply'])
            ->assertSessionHasErrors('part');
        $this->post("/calls/{$job->tag}/end", ['outcome' => 'post', 'part' => 'cell'])->assertSessionHasNoErrors();
        $this->get("/calls/{$job->tag}/guide")
            ->assertOk()
            ->assertSee('the coin cell on the main board')
            ->assertSee('The power supply stays closed')
            ->assertSee('For Jorun Pike');
    }

    public function test_a_visit_has_a_date_a_calendar_file_and_what_to_bring(): void
    {
        $job = $this->begin('Ilmar Teal');
        $this->post("/calls/{$job->tag}/end", ['outcome' => 'visit', 'slot' => '2026-11-25T10:30'])->assertSessionHasNoErrors();
        $this->get("/calls/{$job->tag}")
            ->assertSee('Wednesday 25 November, 10:30')
            ->assertSee('recovery key')
            ->assertSee('Leave it unplugged');
        $response = $this->get("/calls/{$job->tag}/visit.ics")
            ->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $event = Reader::read((string) $response->getContent())->select('VEVENT')[0];
        $this->assertSame('20261125T103000', substr((string) $event->DTSTART, 0, 15));
        $this->assertStringContainsString($job->tag, (string) $event->SUMMARY);
        $this->assertSame([], Reader::read((string) $response->getContent())->validate());
    }

    /** @return iterable<string, array{string, string}> */
    public static function badSlots(): iterable
    {
        yield 'none' => ['', 'Choose the day'];
        yield 'no date' => ['tomorrow', 'such as'];
        yield 'past' => ['2026-11-23T10:00', 'from now on'];
        yield 'far away' => ['2031-01-06T10:00', 'from now on'];
        yield 'a Sunday' => ['2026-11-29T10:00', 'shut'];
        yield 'at night' => ['2026-11-25T22:00', 'shut'];
    }

    #[DataProvider('badSlots')]
    public function test_a_visit_at_a_time_that_cannot_be_is_told(string $slot, string $sentence): void
    {
        $job = $this->begin();
        $this->from("/calls/{$job->tag}")
            ->post("/calls/{$job->tag}/end", ['outcome' => 'visit', 'slot' => $slot])
            ->assertSessionHasErrors('slot');
        $this->assertStringContainsString($sentence, session('errors')->first('slot'));
        $this->assertFalse($job->call?->refresh()->isOver());
    }

    public function test_sent_elsewhere_and_left_say_why(): void
    {
        foreach (['referred' => 'the maker, it is under their warranty', 'given-up' => 'will buy another one'] as $outcome => $words) {
            $job = $this->begin();
            $this->from("/calls/{$job->tag}")
                ->post("/calls/{$job->tag}/end", ['outcome' => $outcome])
                ->assertSessionHasErrors('words');
            $this->post("/calls/{$job->tag}/end", ['outcome' => $outcome, 'words' => $words])->assertSessionHasNoErrors();
            $this->get("/calls/{$job->tag}")->assertSee($words);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badAnswers(): iterable
    {
        yield 'no question' => [['answer' => 'none'], 'question'];
        yield 'a question that is none' => [['question' => 'colour', 'answer' => 'red'], 'question'];
        yield 'a list for a question' => [['question' => ['danger'], 'answer' => 'none'], 'question'];
        yield 'no answer' => [['question' => 'danger'], 'answer'];
        yield 'an answer of another question' => [['question' => 'danger', 'answer' => 'dark'], 'answer'];
        yield 'a remark without end' => [['question' => 'danger', 'answer' => 'none', 'remark' => str_repeat('x', 2001)], 'remark'];
    }

    /** @param  array<string, mixed>  $sent */
    #[DataProvider('badAnswers')]
    public function test_an_answer_that_is_none_is_told_and_nothing_is_recorded(array $sent, string $field): void
    {
        $job = $this->begin();
        $this->from("/calls/{$job->tag}")
            ->post("/calls/{$job->tag}/answers", $sent)
            ->assertSessionHasErrors($field);
        $this->assertSame(0, $job->entries()->count());
    }

    public function test_the_machine_arrives_under_its_number_with_all_that_was_said(): void
    {
        $job = $this->begin('Ilmar Teal', '0555 743 190');
        $this->answer($job, 'danger', 'none');
        $this->answer($job, 'alive', 'twitch', 'like a hiccup');
        $this->get('/find?q='.$job->tag)->assertRedirect("/calls/{$job->tag}");
        $this->get("/calls/{$job->tag}/arrival")
            ->assertOk()
            ->assertSee('What was said on the telephone')
            ->assertSee('like a hiccup')
            ->assertSee('value="Ilmar Teal"', false);
        $this->arrive($job, [
            'limit' => '120,50',
            'approves' => 'his sister',
            'with' => 'lead, bag',
            'opinion' => 'a neighbour says the board',
            'earlier' => [['what' => 'supply-no-help', 'when' => '', 'words' => '']],
        ]);
        $job->refresh();
        $this->assertTrue($job->hasArrived());
        $this->assertSame(['limit' => 12050, 'approves' => 'his sister', 'with' => 'lead, bag'], $job->agreed);
        $this->assertSame(['answer', 'answer', 'report', 'report', 'report'], $job->entries()->pluck('kind')->all());
        $this->assertSame('opinion', $job->entries()->get()[4]->body['source']);
        $this->get('/')->assertSee($job->tag)->assertSee('First start');
        $this->get("/calls/{$job->tag}")->assertRedirect("/jobs/{$job->tag}/tag");
        $this->post("/calls/{$job->tag}/arrival", self::MACHINE)->assertStatus(409);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('Twitches since Sunday')
            ->assertSee('a neighbour says the board');
    }

    public function test_what_is_over_is_not_ended_again_nor_changed(): void
    {
        $job = $this->begin('Jorun Pike');
        $this->post("/calls/{$job->tag}/end", ['outcome' => 'solved', 'words' => 'the switch'])->assertSessionHasNoErrors();
        $this->post("/calls/{$job->tag}/end", ['outcome' => 'given-up', 'words' => 'no'])->assertStatus(409);
        $this->post("/calls/{$job->tag}/pause")->assertStatus(409);
        $this->post("/calls/{$job->tag}/caller", ['name' => 'Someone', 'phone' => ''])->assertStatus(409);
        $this->assertSame(['solved', 'Jorun Pike'], [$job->call?->refresh()->outcome?->value, $job->machine->owner->refresh()->name]);
        $walkIn = $this->job();
        $this->actingAs($this->counter);
        foreach (['pause', 'caller', 'end'] as $what) {
            $this->post("/calls/{$walkIn->tag}/{$what}", ['outcome' => 'solved', 'words' => 'x', 'name' => 'x'])->assertStatus(404);
        }
        $this->get("/calls/{$walkIn->tag}")->assertRedirect("/jobs/{$walkIn->tag}/tag");
    }

    public function test_the_bench_does_not_work_on_what_has_not_arrived(): void
    {
        $job = $this->begin();
        $this->actingAs($this->person(Role::Technician));
        foreach (['', '/close', '/case.json', '/supply', '/news'] as $page) {
            $this->get("/jobs/{$job->tag}{$page}")->assertRedirect("/calls/{$job->tag}");
        }
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'note', 'text' => 'too early']])->assertStatus(409);
        $this->assertSame(0, $job->entries()->count());
    }

    public function test_calls_are_for_people_of_the_shop(): void
    {
        $job = $this->begin();
        auth()->forgetGuards();
        $this->app['session']->flush();
        foreach (
            [
                ['get', '/calls'],
                ['post', '/calls'],
                ['get', "/calls/{$job->tag}"],
                ['post', "/calls/{$job->tag}/answers"],
                ['post', "/calls/{$job->tag}/end"],
                ['get', "/calls/{$job->tag}/visit.ics"],
                ['get', "/calls/{$job->tag}/guide"],
                ['post', "/calls/{$job->tag}/arrival"],
            ] as [$method, $path]
        ) {
            $this->{$method}($path)->assertRedirect('/login');
        }
    }

    public function test_what_a_caller_says_is_shown_as_text(): void
    {
        $job = $this->begin('<script>alert(1)</script>');
        $this->answer($job, 'danger', 'none', '<img src=x onerror=alert(2)>');
        $this->get("/calls/{$job->tag}")
            ->assertDontSee('<script>alert(1)', false)
            ->assertDontSee('<img src=x', false);
    }

    private const MACHINE = [
        'name' => 'Ilmar Teal',
        'phone' => '0555 743 190',
        'email' => '',
        'model' => 'Own build',
        'picture_from' => 'card',
        'slots' => '2',
        'sticks' => '2',
        'drives' => '1',
        'complaint' => 'Twitches since Sunday',
    ];

    /** @param  array<string, mixed>  $more */
    private function arrive(Job $job, array $more = []): void
    {
        $this->post("/calls/{$job->tag}/arrival", [...self::MACHINE, ...$more])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/jobs/{$job->tag}/tag");
    }

    private function begin(string $name = '', string $phone = ''): Job
    {
        $this->post('/calls', ['name' => $name, 'phone' => $phone])->assertSessionHasNoErrors();

        return $this->lastCall();
    }

    private function lastCall(): Job
    {
        return Job::query()
            ->with(['machine.owner', 'call', 'summary'])
            ->latest('id')
            ->firstOrFail();
    }

    private function answer(Job $job, string $question, string $answer, string $remark = ''): void
    {
        $this->post("/calls/{$job->tag}/answers", ['question' => $question, 'answer' => $answer, 'remark' => $remark])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/calls/{$job->tag}");
    }

    /** @return list<array<string, mixed>> */
    private function bodies(Job $job): array
    {
        return $job->entries()->get()->map(fn (Entry $entry): array => $entry->body)->all();
    }
}
