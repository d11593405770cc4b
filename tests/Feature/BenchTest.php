<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\Role;
use App\Models\Spare;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class BenchTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_floor_shows_until_when_a_machine_dries(): void
    {
        $this->travelTo('2026-11-24 10:00:00');
        $job = $this->job(['text' => 'wet', 'marks' => ['liquid']], [['kind' => 'act', 'act' => 'dry', 'on' => ['case']]]);
        $this->actingAs($this->person(Role::Technician))->get('/')->assertSee($job->tag)->assertSee('Drying')->assertSee('until Wed 10:00');
    }

    public function test_the_same_trial_of_sticks_that_nothing_tells_apart_stands_once_among_the_steps(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']];
        $job = $this->job(['text' => 'black', 'reached' => 'dark'], [$dark, $dark], [
            'memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A1', 'A2', 'B1', 'B2']],
        ]);
        $page = $this->actingAs($this->person(Role::Technician))->get("/jobs/{$job->tag}")->assertOk()->getContent();
        preg_match_all('/data-step="\d".*?<h3>(.*?)<\/h3>/s', (string) $page, $steps);
        $halves = array_filter($steps[1], fn (string $step): bool => str_contains($step, 'Only stick') && str_contains($step, 'slot'));
        $this->assertGreaterThan(3, count($steps[1]));
        $this->assertCount(1, $halves, implode('; ', $steps[1]));
    }

    public function test_what_the_owner_says_when_asked_again_is_evidence_and_settles_the_mismatch(): void
    {
        $job = $this->job(['text' => 'black', 'reached' => 'dark'], [['kind' => 'start', 'reached' => 'stays']]);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('The bench sees something else')
            ->assertSee('Write down what they say');
        $says = fn (array $entry): TestResponse => $this->post("/jobs/{$job->tag}/entries", [
            'entry' => [
                'kind' => 'report',
                'text' => '',
                'reached' => '',
                'often' => '',
                'failed' => '',
                'of' => '',
                'only' => '',
                ...$entry,
            ],
        ]);
        $says([])->assertSessionHasErrors(['entry.text' => 'Write what the owner says, or how often it fails.']);
        $says(['failed' => '4', 'of' => '3'])->assertSessionHasErrors('entry.failed');
        $open = (string) $this->get("/jobs/{$job->tag}")
            ->assertSee('such as 2 of 10')
            ->getContent();
        $this->assertMatchesRegularExpression('~id="d-told"[^>]*data-open~', $open);
        $this->assertMatchesRegularExpression('~name="entry\[failed\]"[^>]*value="4"~', $open, 'What was typed is kept.');
        $says(['failed' => '1', 'of' => '5', 'only' => 'cold'])->assertSessionHasNoErrors();
        $this->assertSame(
            ['failed' => 1, 'of' => 5, 'only' => 'cold'],
            array_intersect_key($job->refresh()->entries->last()->body, ['of' => 1, 'only' => 1, 'failed' => 1]),
        );
        $this->get("/jobs/{$job->tag}")
            ->assertSee('1 of 5 starts, only when cold')
            ->assertDontSee('The bench sees something else');
    }

    public function test_what_came_since_one_last_looked_stands_out(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $rhea = $this->person(Role::Technician);
        $this->actingAs($rhea)
            ->get("/jobs/{$job->tag}")
            ->assertDontSee('class="new"', false);
        app(RecordEntries::class)->record($job, $this->person(Role::Technician), [['kind' => 'note', 'text' => 'Piet was here']]);
        app(RecordEntries::class)->record($job, $rhea, [['kind' => 'note', 'text' => 'my own']]);
        $this->getJson("/jobs/{$job->tag}/news?since=2")
            ->assertOk()
            ->assertJsonPath('last', 4)
            ->assertJsonPath('by', ['A technician']);
        $this->getJson("/jobs/{$job->tag}/news?since=4")->assertExactJson(['last' => 4, 'by' => []]);
        $page = $this->get("/jobs/{$job->tag}");
        $this->assertSame(1, substr_count((string) $page->getContent(), 'class="new"'), 'what someone else wrote, not what I did');
        $this->get("/jobs/{$job->tag}")->assertDontSee('class="new"', false);
    }

    public function test_the_next_technician_is_told_where_it_stands_and_what_cannot_be_told_apart(): void
    {
        $job = $this->job(
            entries: [
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['drive'], 'lent' => ['supply' => ['tag' => 'S-12']]]],
            ],
        );
        $page = $this->actingAs($this->person(Role::Technician))->get("/jobs/{$job->tag}");
        $page->assertSee('hand over')->assertSee('S-12 is lent for the supply.')->assertSee('Changed at once: the drive and the supply.');
    }

    public function test_pressing_an_outcome_records_act_and_start(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'no-drive']]);
        $page = (string) $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertOk()
            ->getContent();
        $this->assertGreaterThan(3, preg_match_all('/name="written" value="([^"]+)"/', $page, $found));
        $buttons = array_map(fn (string $value): string => html_entity_decode($value), $found[1]);
        $act = array_values(array_filter($buttons, fn (string $json): bool => str_contains($json, '"kind":"act"')))[0];
        $this->post("/jobs/{$job->tag}/entries", ['written' => $act, 'once' => 'k1'])->assertSessionHasNoErrors();
        $this->assertSame(['act', 'start'], $job->entries()->where('number', '>', 2)->pluck('kind')->all());
    }

    /** @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>, int}> */
    public static function states(): iterable
    {
        $nothing = ['kind' => 'start', 'reached' => 'nothing'];
        $lent = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]];
        $replaced = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']];
        $bench = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']];
        yield 'before the first start' => [['reached' => 'nothing'], [], 3];
        yield 'find' => [['reached' => 'nothing'], [$nothing], 8];
        yield 'locked' => [['marks' => ['liquid']], [], 3];
        yield 'confirm' => [[], [$nothing, $lent], 3];
        yield 'decide' => [[], [$nothing, $lent, $nothing], 1];
        yield 'prove out of the case' => [[], [$nothing, $lent, $nothing, $replaced], 1];
        yield 'prove in the case' => [[], [$nothing, $lent, $nothing, $replaced, $bench], 1];
    }

    /**
     * @param  array<string, mixed>  $report
     * @param  list<array<string, mixed>>  $entries
     */
    #[DataProvider('states')]
    public function test_every_button_on_the_page_can_be_pressed(array $report, array $entries, int $least): void
    {
        Spare::query()->where('tag', 'S-12')->exists() || $this->spare('S-12', 'supply');
        $job = $this->job(['text' => 'dead', ...$report], $entries);
        $this->actingAs($this->person(Role::Technician));
        $page = (string) $this->get("/jobs/{$job->tag}")->getContent();
        preg_match_all('/name="written" value="([^"]+)"/', $page, $found);
        $this->assertGreaterThanOrEqual($least, count($found[1]));
        foreach (array_slice($found[1], 0, 9) as $i => $value) {
            $before = $job->entries()->count();
            $sent = $this->post("/jobs/{$job->tag}/entries", ['written' => html_entity_decode($value), 'once' => "b{$i}"]);
            if (session('errors')?->has('entry.checked')) {
                // A reading that surprises asks how it was made, and counts once that is said.
                $entry = session()->getOldInput('entry');
                $asks = app(Catalogue::class)->check($entry['check'])->asks;
                $sent = $this->post("/jobs/{$job->tag}/entries", [
                    'entry' => [...$entry, 'checked' => array_fill_keys($asks, 'yes')],
                    'once' => "b{$i}",
                ]);
            }
            $sent->assertSessionHasNoErrors();
            $this->assertGreaterThan($before, $job->entries()->count());
        }
    }

    public function test_consent_given_later_unlocks_what_goes_beyond_the_log_in_screen(): void
    {
        $job = $this->job([], [['kind' => 'start', 'reached' => 'drops']]);
        $this->actingAs($this->person(Role::Technician));
        $locked = fn (): bool => app(AssessJob::class)
            ->assess($job->fresh() ?? $job)
            ->advice->step('load-run')?->lockedBy !== [];
        $this->assertTrue($locked());
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'note', 'text' => 'rang, she agrees', 'consent' => '1'],
        ])->assertSessionHasNoErrors();
        $this->assertFalse($locked());
        $entry = $job->entries()->reorder('number', 'desc')->firstOrFail();
        $this->assertSame(['report', ['consent-system']], [$entry->kind, $entry->written()['marks']]);
    }

    public function test_a_write_begun_locks_everything_until_it_is_recorded_as_done(): void
    {
        $job = $this->job([], [['kind' => 'start', 'reached' => 'dark']]);
        $this->actingAs($this->person(Role::Technician));
        $write = ['kind' => 'act', 'act' => 'write-firmware', 'on' => 'firmware'];
        $this->post("/jobs/{$job->tag}/entries", ['entry' => [...$write, 'begun' => '1']])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}")
            ->assertSee('Firmware being written')
            ->assertSee('Wait for the write to end');
        $this->post("/jobs/{$job->tag}/entries", ['entry' => $write])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}")->assertDontSee('Firmware being written');
    }

    public function test_a_machine_that_dries_says_until_when_and_is_free_after(): void
    {
        $this->travelTo('2026-11-02 09:00:00');
        $job = $this->job(
            ['marks' => ['liquid']],
            [['kind' => 'act', 'act' => 'dry', 'on' => ['board']], ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'clear']],
        );
        $this->actingAs($this->person(Role::Technician));
        $this->get("/jobs/{$job->tag}")
            ->assertSee('until it has dried')
            ->assertSee('They end Tuesday 09:00.');
        $this->travelTo('2026-11-03 08:59:00');
        $this->get("/jobs/{$job->tag}")->assertSee('until it has dried');
        $this->travelTo('2026-11-03 09:01:00');
        $this->get("/jobs/{$job->tag}")->assertDontSee('until it has dried');
    }

    public function test_a_note_without_consent_stays_a_note(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'note', 'text' => 'dusty']])
            ->assertSessionHasNoErrors();
        $this->assertSame('note', $job->entries()->reorder('number', 'desc')->value('kind'));
    }

    public function test_the_form_can_say_how_long_on_which_output_and_what_was_unplugged(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/entries", [
                'entry' => [
                    'kind' => 'start',
                    'reached' => 'stays',
                    'times' => '1',
                    'setup' => [
                        'place' => 'case',
                        'start_by' => 'button',
                        'goal' => 'load',
                        'output' => 'other',
                        'parts' => ['devices' => 'out', 'card' => 'slot:second'],
                    ],
                ],
            ])
            ->assertSessionHasNoErrors();
        $setUp = SetUp::fromArray($job->entries()->where('kind', 'start')->firstOrFail()->written()['setup']);
        $this->assertSame(
            [['devices'], ['card' => 'second'], 'load', true],
            [$setUp->out, $setUp->moved, $setUp->goal->value, $setUp->otherOutput],
        );
    }

    public function test_the_form_says_which_driver_was_in(): void
    {
        $job = $this->job(['text' => 'It freezes', 'reached' => 'drops']);
        $this->actingAs($this->person(Role::Technician));
        $start = fn (array $setUp) => $this->post(route('entries.store', $job), [
            'entry' => ['kind' => 'start', 'reached' => 'stays', 'times' => '1', 'setup' => $setUp],
        ]);
        $start(['driver' => 'own', 'driver_named' => 'Marl 30.8'])->assertSessionHasNoErrors();
        $setUp = SetUp::fromArray($job->entries()->where('kind', 'start')->firstOrFail()->written()['setup']);
        $this->assertSame('Marl 30.8', $setUp->otherDriver);
        $this->get(route('jobs.show', $job))->assertSee('driver Marl 30.8');
        $start(['driver' => 'basic', 'driver_named' => 'Marl 30.8'])
            ->assertSessionHasErrors(['entry.setup' => 'Name the driver only where another than its own was in.']);
    }

    public function test_one_more_entry_gives_what_going_through_all_gives(): void
    {
        $job = $this->job([], [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        app(AssessJob::class)->assess($job);
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/entries", ['entry' => ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear']])
            ->assertSessionHasNoErrors();
        $taken = app(AssessJob::class)->assess($job->fresh() ?? $job);
        Cache::flush();
        $whole = app(AssessJob::class)->assess($job->fresh() ?? $job);
        foreach ($whole->standings as $part => $standing) {
            $this->assertEqualsWithDelta($standing->probability, $taken->standings[$part]->probability, 1e-9, $part);
        }
    }

    public function test_a_start_from_the_form_with_its_set_up(): void
    {
        $this->spare('S-12', 'supply');
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/entries", [
                'entry' => [
                    'kind' => 'start',
                    'reached' => 'dark',
                    'waited' => '90',
                    'times' => '2',
                    'text' => '',
                    'signs' => ['lamp' => 'memory', 'fans' => ''],
                    'setup' => [
                        'place' => 'bench',
                        'start_by' => 'pins',
                        'temperature' => '',
                        'parts' => ['supply' => 'lent:S-12', 'stick-1' => 'own', 'stick-2' => 'out', 'card' => 'own'],
                    ],
                ],
            ])
            ->assertSessionHasNoErrors();
        $this->assertSame(
            [
                'reached' => 'dark',
                'waited' => 90,
                'times' => 2,
                'signs' => ['lamp' => 'memory'],
                'setup' => [
                    'place' => 'bench',
                    'start_by' => 'pins',
                    'out' => ['stick-2'],
                    'lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]],
                ],
            ],
            $this->lastBody(),
        );
        $this->get('/shelf')->assertSee('lent to');
    }

    public function test_a_spare_in_one_job_is_not_offered_in_another(): void
    {
        $this->spare('S-12', 'supply');
        $this->job(
            entries: [['kind' => 'start', 'reached' => 'dark', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]]],
        );
        $other = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$other->tag}")
            ->assertDontSee('S-12')
            ->assertSee('no spare on the shelf fits');
    }

    public function test_values_are_typed_as_people_type_them_and_judged(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/entries", [
                'entry' => [
                    'kind' => 'finding',
                    'check' => 'supply-test',
                    'values' => ['v12' => '11,32', 'v5' => '5.01 V', 'v33' => '3,3', 'v5sb' => '5', 'good' => ''],
                ],
            ])
            ->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}")
            ->assertSee('dead, or a rail out of limits')
            ->assertSee('+12 V 11.32 V');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'no outcome' => [['kind' => 'start', 'text' => 'typed this'], 'entry.reached', 'Say how far the start got.'];
        yield 'a wait that is no number' => [
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 'ages', 'text' => 'typed this'],
            'entry.waited',
            'whole number',
        ];
        yield 'no times at all' => [
            ['kind' => 'start', 'reached' => 'dark', 'times' => '0', 'text' => 'typed this'],
            'entry.times',
            'from 1 to 1000',
        ];
        yield 'a value that is none' => [
            ['kind' => 'finding', 'check' => 'cell-reading', 'values' => ['volts' => 'about three'], 'text' => 'typed this'],
            'entry.values.volts',
            'not a value in V',
        ];
        yield 'no values and no result' => [
            ['kind' => 'finding', 'check' => 'cell-reading', 'text' => 'typed this'],
            'entry.result',
            'Type the values',
        ];
        yield 'strike-out without a reason' => [['kind' => 'strike-out', 'entry' => '1'], 'entry.text', 'Say why'];
        yield 'an empty note' => [['kind' => 'note', 'text' => '  '], 'entry.text', 'Write the note.'];
        yield 'a kind that is none' => [['kind' => 'spell', 'text' => 'typed this'], 'entry.kind', 'not a known kind of entry'];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_told_in_its_form_and_nothing_is_lost(array $entry, string $field, string $sentence): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $response = $this->from("/jobs/{$job->tag}")
            ->post("/jobs/{$job->tag}/entries", ['entry' => $entry])
            ->assertSessionHasErrors($field);
        $this->assertStringContainsString($sentence, session('errors')->first($field));
        $this->assertSame(1, $job->entries()->count());
        $page = $this->followRedirects($response)->assertOk()->assertSee($sentence);
        if (($entry['text'] ?? '') === 'typed this' && $entry['kind'] !== 'spell') {
            $page->assertSee('data-open', false)->assertSee('typed this');
        }
    }

    public function test_garbage_behind_a_button_is_refused_in_words(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        foreach (['{', '"x"', '[]', '[1]', '[{"kind":5}]'] as $garbage) {
            $this->from("/jobs/{$job->tag}")
                ->post("/jobs/{$job->tag}/entries", ['written' => $garbage])
                ->assertSessionHasErrors('entry.kind');
        }
        $this->assertSame(1, $job->entries()->count());
    }

    public function test_locks_are_shown_with_what_unlocks_them(): void
    {
        $job = $this->job(['text' => 'wet', 'marks' => ['liquid']]);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('No power while it may be wet.')
            ->assertSee('Unlock:')
            ->assertDontSee('Set aside');
        $this->actingAs($this->person(Role::Lead))
            ->get("/jobs/{$job->tag}")
            ->assertSee('Set aside');
        $this->get('/')->assertSee('Locked');
    }

    public function test_the_find_box_knows_tags_addresses_names_and_models(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        foreach ([$job->tag, strtolower($job->tag), str_replace('-', '', $job->tag), route('jobs.show', $job)] as $typed) {
            $this->get('/find?q='.urlencode($typed))->assertRedirect(route('jobs.show', $job));
        }
        $this->get('/find?q=vale')->assertOk()->assertSee($job->tag);
        $this->get('/find?q=heron')->assertOk()->assertSee($job->tag);
        $this->get('/find?q=%25')->assertOk()->assertDontSee($job->tag);
        $this->get('/find?q=Z9-999')->assertOk()->assertSee('No job has the tag');
        $this->actingAs($this->person(Role::Counter))
            ->get("/find?q={$job->tag}")
            ->assertRedirect(route('jobs.stand', $job));
        $this->get('/find?q='.substr($job->tag, -3))
            ->assertOk()
            ->assertSee($job->tag);
    }

    public function test_a_school_is_another_order_and_its_cost_is_shown(): void
    {
        $job = $this->job([], [['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']]]);
        $this->actingAs($this->person(Role::Technician));
        $first = fn (string $page): string => preg_match('/data-step="1".*?<h3>(.*?)<\/h3>/s', $page, $found) === 1 ? $found[1] : '';
        $computed = $first(
            (string) $this->get("/jobs/{$job->tag}")
                ->assertDontSee('more than what is computed')
                ->getContent(),
        );
        $this->post('/school', ['school' => 'power-first'])->assertCookie('school', 'power-first');
        $page = $this->withCookie('school', 'power-first')
            ->get("/jobs/{$job->tag}")
            ->assertSee('min more than what is computed');
        $this->assertNotSame($computed, $first((string) $page->getContent()));
        $this->post('/school', ['school' => 'nobody'])->assertCookie('school', '');
        $this->actingAs($this->person(Role::Counter))
            ->post('/school', ['school' => 'power-first'])
            ->assertForbidden();
    }

    public function test_a_spare_is_in_one_place_and_trusted_as_the_shelf_says(): void
    {
        $first = $this->job(
            entries: [['kind' => 'start', 'reached' => 'dark', 'setup' => ['lent' => ['card' => ['tag' => 'G-1', 'trust' => 0.97]]]]],
        );
        $second = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $lend = fn (string $tag): array => [
            'entry' => ['kind' => 'start', 'reached' => 'dark', 'setup' => ['parts' => ['card' => "lent:{$tag}"]]],
        ];
        $this->post("/jobs/{$second->tag}/entries", $lend('G-1'))->assertSessionHasErrors('entry.setup');
        $this->assertMatchesRegularExpression(
            "/^G-1 is lent to {$first->tag}; A technician has it since .*\. Bring it back there first, or take another\.$/",
            session('errors')->first('entry.setup'),
        );
        $this->post("/jobs/{$second->tag}/entries", $lend('G-9'))->assertSessionHasErrors('entry.setup');
        // Out of the machine is not back on the shelf: it goes back with a look and a result.
        $this->post("/jobs/{$first->tag}/entries", ['entry' => ['kind' => 'start', 'reached' => 'dark']])->assertSessionHasNoErrors();
        $this->post("/jobs/{$second->tag}/entries", $lend('G-1'))->assertSessionHasErrors('entry.setup');
        $loan = $first->loans()->firstOrFail();
        $this->post("/loans/{$loan->id}/back", ['result' => 'nothing'])->assertSessionHasErrors('look');
        $this->post("/loans/{$loan->id}/back", ['result' => 'nothing', 'look' => '1'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$second->tag}/entries", $lend('G-1'))->assertSessionHasNoErrors();
        $this->assertSame(0.97, $this->lastBody()['setup']['lent']['card']['trust']);
    }

    public function test_fields_of_the_wrong_type_are_refused_in_words(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        foreach (
            [
                '[{"kind":"start","reached":["dark"]}]',
                '[{"kind":"start","reached":"dark","signs":"lamp"}]',
                '[{"kind":"start","reached":"dark","setup":{"out":"card"}}]',
                '[{"kind":"start","reached":"dark","setup":{"lent":{"card":"G-1"}}}]',
                '[{"kind":"act","act":{"x":1},"on":["slot"]}]',
                '[{"kind":"finding","check":["a"]}]',
                '[{"kind":"note","text":{"a":1}}]',
                '[{"kind":"report","events":"moved"}]',
                '[{"kind":"start","reached":"dark","setup":{"moved":{"stick-1":["x"]}}}]',
            ] as $written
        ) {
            $response = $this->post("/jobs/{$job->tag}/entries", ['written' => $written]);
            $this->assertSame(302, $response->getStatusCode(), $written);
            $response->assertSessionHasErrors();
        }
        $this->assertSame(1, $job->entries()->count());
    }

    public function test_a_job_can_be_taken_out_as_a_case_file(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'setup' => ['out' => ['stick-2']]]]);
        $json = (string) $this->actingAs($this->person(Role::Lead))
            ->get("/jobs/{$job->tag}/case.json")
            ->assertOk()
            ->getContent();
        $this->assertSame([], CaseFile::mistakes($json, Bench::catalogue()));
        $this->assertCount(2, CaseFile::parse($json, Bench::catalogue())->record->entries);
    }

    /** @return array<string, mixed> */
    private function lastBody(): array
    {
        return Entry::query()->orderByDesc('id')->firstOrFail()->body;
    }
}
