<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HalfTaken;
use App\Models\Job;
use App\Models\Owner;
use App\Models\Role;
use App\UseCases\Jobs\TakeInMachine;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Orthoscope\Core\Evidence\CaseMistake;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The counter asks only what the owner's words make useful, lets a machine wait half taken, and takes several in one go. */
final class CounterInAMinuteTest extends TestCase
{
    use RefreshDatabase;

    private const TYPED = [
        'name' => 'Ilse Marrow',
        'phone' => '0201 55512',
        'email' => '',
        'model' => 'Heron T2',
        'picture_from' => 'card',
        'slots' => '2',
        'sticks' => '2',
        'drives' => '1',
        'complaint' => 'Screen stays black',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person(Role::Counter));
    }

    public function test_what_is_asked_follows_the_words_and_what_was_pressed(): void
    {
        $asks = fn (array $typed): string => (string) $this->get(route('intake.asks', $typed))->assertOk()->getContent();
        $dark = $asks(['complaint' => 'The fans run but the screen stays black since we moved house']);
        $this->assertStringContainsString('Take as heard: runs, no picture', $dark);
        $this->assertStringContainsString('moved or posted', $dark);
        $this->assertStringNotContainsString(' checked', $dark, 'What is heard is not told before it is pressed.');
        // Beeps are no question of a machine that does nothing.
        $this->assertStringContainsString('data-field="beeps"', $asks(['reached' => 'dark']));
        $this->assertStringNotContainsString('data-field="beeps"', $asks(['reached' => 'nothing']));
        // What was pressed stays pressed.
        $pressed = $asks(['reached' => 'dark', 'events' => ['stood'], 'complaint' => 'does nothing']);
        $this->assertMatchesRegularExpression('/value="dark"[^>]*checked/', $pressed);
        $this->assertMatchesRegularExpression('/value="stood"[^>]*checked/', $pressed);
        $this->assertStringNotContainsString('Take as heard', $pressed, 'What was told is not asked again.');
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function nonsense(): array
    {
        return [
            'unknown words' => [['reached' => 'moon', 'beeps' => 'trumpet', 'often' => 'never', 'events' => ['comet']]],
            'contradiction' => [['reached' => 'stays', 'often' => 'sometimes', 'complaint' => 'now and then, in games']],
            'markup' => [['complaint' => '<script>alert(1)</script>']],
            'very long' => [['complaint' => str_repeat('no picture ', 200)]],
        ];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('nonsense')]
    public function test_half_typed_nonsense_is_no_error(array $typed): void
    {
        $this->get(route('intake.asks', $typed))->assertOk()->assertDontSee('<script>', false)->assertSee('Just before');
    }

    public function test_a_machine_waits_half_taken_and_is_gone_once_it_is_taken_in(): void
    {
        $this->post(route('halves.store'), ['name' => 'Ilse Marrow', 'model' => 'Heron T2', 'complaint' => 'Screen', 'marks' => ['parcel']])
            ->assertRedirect(route('intake.create'));
        $half = HalfTaken::query()->firstOrFail();
        $this->assertSame(0, Job::query()->count());
        // A colleague goes on with it.
        $this->actingAs($this->person(Role::Technician));
        $this->get(route('intake.create'))->assertSee('Ilse Marrow, Heron T2');
        $this->followingRedirects()
            ->get(route('halves.go-on', $half))
            ->assertSee('value="Ilse Marrow"', false)
            ->assertSee('name="half" value="'.$half->id.'"', false);
        // Put aside again it waits once.
        $this->post(route('halves.store'), ['half' => $half->id, 'name' => 'Ilse Marrow', 'model' => 'Heron T3']);
        $this->assertSame(['Ilse Marrow, Heron T3'], HalfTaken::query()->get()->map->words()->all());
        $this->post(route('intake.store'), ['half' => HalfTaken::query()->value('id')] + self::TYPED)->assertSessionHasNoErrors();
        $this->assertSame(0, HalfTaken::query()->count());
        $this->assertSame(1, Job::query()->count());
    }

    public function test_what_waits_half_taken_can_be_dropped_and_goes_by_itself_after_a_week(): void
    {
        $this->post(route('halves.store'), ['name' => 'Old One']);
        $this->travel(8)->days();
        $this->post(route('halves.store'), []);
        $this->assertSame(['a machine'], HalfTaken::query()->get()->map->words()->all());
        $this->delete(route('halves.destroy', HalfTaken::query()->firstOrFail()))->assertSessionHas('status', 'a machine is dropped.');
        $this->assertSame(0, HalfTaken::query()->count());
    }

    public function test_three_of_one_school_come_in_in_one_go(): void
    {
        $this->post(
            route('intake.store'),
            [
                'serial' => 'KB-1181',
                'others' => "KB-1182\nKB-1183; beeps and stays off\n\n",
                'marks' => ['parcel', 'consent-system'],
                'reached' => 'dark',
            ] + self::TYPED,
        )->assertSessionHasNoErrors();
        $jobs = Job::query()->with(['machine', 'entries'])->orderBy('id')->get();
        $serials = $jobs->map(fn (Job $job): string => $job->machine->made_of['platform']['serial'])->all();
        $this->assertSame(['KB-1181', 'KB-1182', 'KB-1183'], $serials);
        $this->assertSame(1, Owner::query()->count());
        $bodies = $jobs->map(fn (Job $job): array => $job->entries[0]->body);
        // The same words are told of the second; what was seen on the first was not seen on it. The third has words of its own.
        $this->assertSame(['dark', 'dark', null], $bodies->map(fn (array $body): ?string => $body['reached'] ?? null)->all());
        $this->assertSame('beeps and stays off', $bodies[2]['text']);
        $this->assertSame([['parcel', 'consent-system'], ['consent-system'], ['consent-system']], $bodies->pluck('marks')->all());
        $tags = $jobs->pluck('tag')->all();
        $page = $this->get(route('jobs.tags', implode(',', $tags)))->assertOk();
        foreach ($tags as $tag) {
            $page->assertSee($tag);
        }
        $this->get(route('jobs.tags', 'Q2-222'))->assertNotFound();
    }

    public function test_several_come_in_all_or_none(): void
    {
        $given = fn (string $text): array => [['model' => 'Heron T2', 'memory' => ['slots' => ['A2'], 'sticks' => ['A2']]], [
            ['kind' => 'report', 'text' => $text, 'reached' => $text === 'bad' ? 'moon' : 'dark'],
        ]];
        try {
            app(TakeInMachine::class)->takeInAll(
                $this->person(Role::Counter),
                ['name' => 'A School', 'phone' => '0555 1234', 'email' => ''],
                [$given('good'), $given('bad')],
            );
            $this->fail('It should have been refused.');
        } catch (CaseMistake) {
            $this->assertSame([0, 0], [Job::query()->count(), Owner::query()->count()]);
        }
    }

    public function test_too_many_in_one_go_are_refused_and_nothing_is_lost(): void
    {
        $lines = implode("\n", array_map(fn (int $i): string => "KB-{$i}", range(1, 10)));
        $this->from(route('intake.create'))
            ->followingRedirects()
            ->post(route('intake.store'), ['others' => $lines] + self::TYPED)
            ->assertSee('Take in 9 more in one go at most')
            ->assertSee('KB-10');
        $this->assertSame(0, Job::query()->count());
    }
}
