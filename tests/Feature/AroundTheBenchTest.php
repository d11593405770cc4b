<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Claim;
use App\Models\Code;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Paper;
use App\Models\Reading;
use App\Models\Role;
use App\UseCases\Advice\AssessJob;
use App\View\RepeatEntry;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Evidence\Entry as CoreEntry;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Instruments\Instrument;
use Orthoscope\Core\Plain\Draw;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Benches, instruments, codes, papers, what is off, and readings that are doubted. */
final class AroundTheBenchTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_bench_holds_one_job_and_is_never_taken_away_silently(): void
    {
        [$first, $second] = [$this->job(), $this->job()];
        $rhea = $this->person(Role::Technician);
        $this->actingAs($rhea)
            ->post("/jobs/{$first->tag}/bench", ['bench' => 1])
            ->assertSessionHasNoErrors();
        $this->get('/')->assertSee('Bench 1')->assertSee($rhea->name);
        $this->get("/jobs/{$first->tag}")->assertSee('leave it');
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$second->tag}/bench", ['bench' => 1])
            ->assertSessionHasErrors(['bench' => "Bench 1 is taken: {$rhea->name} has {$first->tag} on it. Take another, or ask."]);
        $this->post("/jobs/{$second->tag}/bench", ['bench' => 9])->assertSessionHasErrors('bench');
        // The same job moves, and a colleague takes it over in the open.
        $this->post("/jobs/{$first->tag}/bench", ['bench' => 2])->assertSessionHasNoErrors();
        $claims = Claim::query()->get()->map(fn (Claim $claim): array => [$claim->bench, $claim->job_id]);
        $this->assertSame([[2, $first->id]], $claims->all());
        $this->delete("/jobs/{$first->tag}/bench");
        $this->assertSame(0, Claim::query()->count());
    }

    public function test_a_start_that_contradicts_itself_is_asked_about_and_nothing_typed_is_lost(): void
    {
        $job = $this->job(entries: [['kind' => 'report', 'reached' => 'twitch']]);
        $before = $job->entries()->count();
        $start = ['kind' => 'start', 'reached' => 'twitch', 'signs' => ['fans' => 'spin'], 'text' => 'right at the first press'];
        $this->actingAs($this->person(Role::Technician))
            ->post("/jobs/{$job->tag}/entries", ['entry' => $start])
            ->assertSessionHasErrors([
                'entry.signs' => 'It cannot have been both "twitches, then off" and "fans spin". Change the one that is wrong.',
            ]);
        $this->assertSame($before, $job->entries()->count());
        $this->get("/jobs/{$job->tag}")->assertSee('It cannot have been both')->assertSee('right at the first press');
        $this->post("/jobs/{$job->tag}/entries", ['entry' => [...$start, 'signs' => ['fans' => 'twitch']]])->assertSessionHasNoErrors();
        $this->assertSame($before + 1, $job->entries()->count());
    }

    public function test_closing_a_job_frees_its_bench(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->actingAs($this->person(Role::Lead))->post("/jobs/{$job->tag}/bench", ['bench' => 1]);
        $this->post("/jobs/{$job->tag}/close", [
            'price' => '0',
            'warranty_months' => '0',
            'outcome' => 'unrepaired',
            'signed_off' => 'given back as it came',
        ])->assertSessionHasNoErrors();
        $this->assertSame(0, Claim::query()->count());
    }

    public function test_a_reading_comes_to_the_bench_and_is_taken_on_the_record(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'twitch']]);
        $this->actingAs($this->person(Role::Technician));
        $json = json_encode(Instrument::SupplyTester->read('weak-12', Draw::from('a'))->toArray(), JSON_THROW_ON_ERROR);
        $this->post("/jobs/{$job->tag}/readings", ['reading' => $json])->assertSessionHasErrors([
            'reading' => 'Take a bench for this job first; readings go to the bench.',
        ]);
        $this->post("/jobs/{$job->tag}/bench", ['bench' => 1]);
        $this->post("/jobs/{$job->tag}/readings", ['reading' => $json])->assertSessionHasNoErrors();
        $reading = Reading::query()->firstOrFail();
        $this->get("/jobs/{$job->tag}")
            ->assertSee('1 reading here')
            ->assertSee('Supply tester')
            ->assertSee('+12 V '.$reading->body['values']['v12']);
        $this->post("/jobs/{$job->tag}/entries", [
            'reading' => $reading->id,
            'entry' => [
                'kind' => 'finding',
                'check' => 'supply-test',
                'values' => array_map(strval(...), $reading->body['values']),
                'checked' => ['tester' => 'yes'],
            ],
        ])->assertSessionHasNoErrors();
        $entry = Entry::query()->where('kind', 'finding')->firstOrFail();
        $this->assertSame($reading->body['values']['v12'], $entry->body['values']['v12']);
        $this->assertSame(0, Reading::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function badReadings(): iterable
    {
        yield 'no JSON' => ['{', 'This is no JSON'];
        yield 'no format' => ['{}', 'orthoscope-reading/1'];
        yield 'no instrument' => ['{"format":"orthoscope-reading/1"}', 'which "instrument"'];
        yield 'a check without values' => [
            '{"format":"orthoscope-reading/1","instrument":"x","check":"look-inside"}',
            'is not a known reading with values',
        ];
        yield 'a value of another reading' => [
            '{"format":"orthoscope-reading/1","instrument":"x","check":"supply-test","values":{"amps":1}}',
            '"amps" is not',
        ];
        yield 'a value that is no number' => [
            '{"format":"orthoscope-reading/1","instrument":"x","check":"supply-test","values":{"v12":"much"}}',
            '"v12" is not',
        ];
        yield 'no values' => ['{"format":"orthoscope-reading/1","instrument":"x","check":"supply-test"}', 'has no "values"'];
        yield 'a code that is none' => ['{"format":"orthoscope-reading/1","instrument":"x","code":"XYZ"}', 'such as 5F'];
        yield 'too large' => [str_repeat('x', 20001), 'smaller than 20 kB'];
    }

    #[DataProvider('badReadings')]
    public function test_a_reading_that_cannot_be_read_is_told_and_kept_in_the_form(string $json, string $sentence): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician))->post("/jobs/{$job->tag}/bench", ['bench' => 1]);
        $this->followingRedirects()
            ->from("/jobs/{$job->tag}")
            ->post("/jobs/{$job->tag}/readings", ['reading' => $json])
            ->assertSee($sentence);
        $this->assertSame(0, Reading::query()->count());
    }

    public function test_a_reading_of_another_bench_is_not_put_aside_from_here(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician))->post("/jobs/{$job->tag}/bench", ['bench' => 1]);
        $other = Reading::query()->create([
            'bench' => 2,
            'instrument' => 'Meter',
            'body' => Instrument::Meter->read('none', Draw::from('a'))->toArray(),
        ]);
        $this->delete("/jobs/{$job->tag}/readings/{$other->id}")->assertNotFound();
        $this->assertModelExists($other);
    }

    /** Every instrument, with every fault it plays, gives a reading that can be taken in again, and its fault is judged so. */
    public function test_what_instruments_play_is_judged_as_it_is_played(): void
    {
        $catalogue = app(\Orthoscope\Core\Catalogue\Catalogue::class);
        foreach (Instrument::cases() as $instrument) {
            foreach (array_keys($instrument->faults()) as $fault) {
                $reading = $instrument->read($fault, Draw::from("{$instrument->value} {$fault}"));
                $this->assertEquals(
                    $reading,
                    \Orthoscope\Core\Instruments\SentReading::parse(json_encode($reading->toArray(), JSON_THROW_ON_ERROR), $catalogue),
                );
                if ($reading->check !== null) {
                    $passes = \Orthoscope\Core\Electrical\Judgement::of(
                        $catalogue->limits[(string) $catalogue->check($reading->check)->limit],
                        $reading->values,
                    )->passes();
                    $this->assertSame(in_array($fault, ['none', 'hot-room'], true), $passes, "{$instrument->value}: {$fault}");
                }
            }
        }
    }

    public function test_a_reading_that_surprises_asks_of_its_own_set_up_first_and_loses_nothing(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'stays', 'times' => 6]]);
        $this->actingAs($this->person(Role::Technician));
        $entry = [
            'kind' => 'finding',
            'check' => 'supply-test',
            'values' => ['v12' => '9,8', 'v5' => '5.0', 'v33' => '3.3', 'v5sb' => '5,02'],
            'text' => 'hum',
        ];
        $page = $this->followingRedirects()->post("/jobs/{$job->tag}/entries", ['entry' => $entry, 'once' => 'k']);
        $page
            ->assertSee('This surprises')
            ->assertSee('Did the tester pass a supply that is known good?')
            ->assertSee('value="9,8"', false)
            ->assertSee('value="hum"', false);
        $this->assertSame(0, Entry::query()->where('kind', 'finding')->count());
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => [...$entry, 'checked' => ['tester' => 'no']],
            'once' => 'k',
        ])->assertSessionHasNoErrors();
        $this->assertSame(['tester' => 'no'], Entry::query()->where('kind', 'finding')->firstOrFail()->body['checked']);
        $this->get("/jobs/{$job->tag}")->assertSee('believed 25 % by its set-up');
    }

    public function test_an_entry_that_is_probably_wrong_is_one_press_from_being_made_again(): void
    {
        $nothing = ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']];
        $fails = ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'];
        $lent = ['supply' => ['tag' => 'S-1', 'trust' => 0.99]];
        $entries = [
            $nothing,
            $fails,
            $fails,
            ['kind' => 'finding', 'check' => 'supply-in-host', 'target' => 'supply', 'result' => 'works', 'host' => ['tag' => 'H-1']],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => $lent]],
            $nothing,
        ];
        $job = $this->job(entries: $entries);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee('If entry 5 is wrong, the rest fits. Repeat that one.')
            ->assertSee('Repeat entry')
            ->assertSee(e('{"entry[check]":"supply-in-host","entry[target]":"supply"}'), false);
        $this->get("/jobs/{$this->job(entries: array_slice($entries, 0, 3))->tag}")->assertDontSee('Repeat entry');
    }

    public function test_a_start_is_repeated_as_it_was_put_together_and_a_report_not_at_all(): void
    {
        $job = $this->job(entries: [
            ['kind' => 'report', 'reached' => 'dark'],
            ['kind' => 'start', 'reached' => 'dark', 'setup' => ['out' => ['stick-2']]],
            ['kind' => 'start', 'reached' => 'dark'],
        ]);
        $record = app(AssessJob::class)->record($job);
        $this->assertNull(RepeatEntry::of(null, $record));
        $numbers = array_map(fn (CoreEntry $entry): int => $entry->number, $record->all(Start::class));
        $repeats = array_map(fn (int $number): ?RepeatEntry => RepeatEntry::of($number, $record), $numbers);
        $this->assertSame(['start', 'start'], array_column($repeats, 'dialog'));
        $this->assertSame(['{"out":["stick-2"]}', '{}'], array_column($repeats, 'setUp'));
        $this->assertNull(RepeatEntry::of($record->all(Report::class)[0]->number, $record));
    }

    public function test_a_code_typed_at_a_start_counts_by_the_shops_book(): void
    {
        $job = $this->job(machine: ['facts' => ['code_display' => true, 'speaker' => true], 'model' => 'Wader 30']);
        $this->actingAs($this->person(Role::Lead))
            ->post('/codes', ['kind' => 'display', 'for' => 'Wader 30', 'from' => '5f', 'value' => 'graphics', 'words' => 'asks the card'])
            ->assertSessionHasNoErrors();
        $start = fn (array $more): array => ['entry' => ['kind' => 'start', 'reached' => 'dark', ...$more]];
        $this->post(
            "/jobs/{$job->tag}/entries",
            $start(['codes' => ['display' => '5F', 'beeps' => '1 long 2 short']]),
        )->assertSessionHasNoErrors();
        $body = Entry::query()->where('kind', 'start')->firstOrFail()->body;
        $this->assertEquals(['code' => 'graphics', 'beeps' => 'graphics'], $body['signs']);
        $this->assertEquals(['code' => 0.85, 'beeps' => 0.9], $body['reliability']);
        // A code nobody knows stays on the record as it was shown; a sign that was looked at itself is not overruled.
        $this->post("/jobs/{$job->tag}/entries", $start(['codes' => ['display' => 'E7']]))->assertSessionHasNoErrors();
        $this->post(
            "/jobs/{$job->tag}/entries",
            $start(['codes' => ['display' => '5F'], 'signs' => ['code' => 'memory']]),
        )->assertSessionHasNoErrors();
        $bodies = Entry::query()
            ->where('kind', 'start')
            ->orderBy('number')
            ->get()
            ->map(fn (Entry $entry): array => $entry->body['signs'] ?? [])
            ->all();
        $this->assertSame([[], ['code' => 'memory']], array_slice($bodies, 1));
        $this->get("/jobs/{$job->tag}")
            ->assertSee('code E7')
            ->assertSee('beeps 1 long, 2 short');
        $this->from("/jobs/{$job->tag}")
            ->post("/jobs/{$job->tag}/entries", $start(['codes' => ['display' => 'QQ']]))
            ->assertSessionHasErrors(['entry.codes' => '"QQ" is no code of a display; type its two figures, such as 5F.']);
    }

    public function test_codes_are_read_in_whole_or_not_at_all(): void
    {
        $this->actingAs($this->person(Role::Technician));
        $file = fn (string $csv): UploadedFile => UploadedFile::fake()->createWithContent('codes.csv', $csv);
        $this->post('/codes', ['file' => $file("kind,from,value\ndisplay,10,memory\ndisplay,XX,memory\n")])->assertSessionHasErrors([
            'file' => 'Line 3: "XX" is no code of a display; type its two figures, such as 5F.',
        ]);
        $this->assertSame(0, Code::query()->count());
        $this->post('/codes', ['file' => $file("kind,from,value\ndisplay,10,memory\ndisplay,11,boot\n")])->assertSessionHasNoErrors();
        $this->post('/codes', ['file' => $file("kind,from,value\ndisplay,11,graphics\n")])->assertSessionHasNoErrors();
        $this->assertSame(['10' => 'memory', '11' => 'graphics'], Code::query()->pluck('value', 'from')->all());
        $csv = (string) $this->get('/codes.csv')->assertHeader('Content-Disposition', 'attachment; filename="codes.csv"')->getContent();
        $this->assertStringContainsString("display,,11,,graphics,,,0.85\r\n", $csv);
        $this->post('/codes', [])->assertSessionHasErrors(['file' => 'Choose a CSV file, or type a code.']);
        $this->post('/codes', ['kind' => 'beeps', 'from' => 'tweet', 'value' => 'ok'])->assertSessionHasErrors('from');
    }

    public function test_papers_are_kept_by_model_with_their_checksum_and_none_found_too(): void
    {
        Storage::fake('local');
        $job = $this->job(machine: ['model' => 'Wader 30']);
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/papers", ['kind' => 'none', 'title' => 'schematic: asked the maker'])->assertSessionHasNoErrors();
        $this->post("/jobs/{$job->tag}/papers", ['kind' => 'firmware', 'title' => 'Rescue image'])->assertSessionHasErrors('file');
        $this->post("/jobs/{$job->tag}/papers", [
            'kind' => 'none',
            'title' => 'x',
            'file' => UploadedFile::fake()->createWithContent('a.bin', 'a'),
        ])->assertSessionHasErrors('file');
        $this->post("/jobs/{$job->tag}/papers", [
            'kind' => 'firmware',
            'title' => 'Rescue image',
            'file' => UploadedFile::fake()->createWithContent('../..\\evil<name>.php', '<?php echo 1;'),
        ])->assertSessionHasNoErrors();
        $paper = Paper::query()->where('kind', 'firmware')->firstOrFail();
        $this->assertSame(hash('sha256', '<?php echo 1;'), $paper->checksum);
        $this->assertMatchesRegularExpression('/^[A-Za-z0-9]{40}$/', (string) $paper->file);
        $this->get("/jobs/{$this->job(machine: ['model' => 'Wader 30'])->tag}/papers")
            ->assertSee('looked for, none found')
            ->assertSee('Rescue image');
        $this->get("/jobs/{$this->job(machine: ['model' => 'Wader 31'])->tag}/papers")->assertDontSee('Rescue image');
        $download = $this->get("/papers/{$paper->id}")->assertHeader('Content-Type', 'application/octet-stream');
        $this->assertStringStartsWith('attachment;', (string) $download->headers->get('Content-Disposition'));
        $this->assertSame('<?php echo 1;', $download->streamedContent());
        $this->get('/papers/'.Paper::query()->where('kind', 'none')->value('id'))->assertNotFound();
    }

    public function test_what_is_off_is_on_the_page_until_it_is_counted_back(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $tally = ['kind' => 'tally', 'what' => 'screws', 'item' => 'board', 'way' => 'off', 'count' => '9'];
        $this->post("/jobs/{$job->tag}/entries", ['entry' => $tally])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}")
            ->assertSee('1 not back: board')
            ->assertSee('all 9 back');
        $this->get('/')->assertSee('1 not back');
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['way' => 'back'] + $tally])->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}")->assertDontSee('1 not back: board');
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['item' => ''] + $tally])->assertSessionHasErrors('entry.item');
        $this->post("/jobs/{$job->tag}/entries", ['entry' => ['count' => 'nine'] + $tally])->assertSessionHasErrors('entry.count');
    }

    public function test_the_map_of_the_socket_goes_on_the_record_and_comes_back(): void
    {
        $job = $this->job(machine: ['platform' => ['socket' => 'LGA1700']]);
        $this->actingAs($this->person(Role::Technician));
        $map = fn (string $contacts): array => ['entry' => ['kind' => 'finding', 'check' => 'socket-map', 'contacts' => $contacts]];
        $this->get("/jobs/{$job->tag}/socket")
            ->assertOk()
            ->assertSee('1700 contacts');
        $this->post("/jobs/{$job->tag}/entries", $map('{"3.7":"bent","9.1":"missing"}'))->assertSessionHasNoErrors();
        $this->get("/jobs/{$job->tag}/socket")->assertSee('{&quot;3.7&quot;:&quot;bent&quot;,&quot;9.1&quot;:&quot;missing&quot;}', false);
        $this->get("/jobs/{$job->tag}")
            ->assertSee('a contact is missing or burnt: 1 missing (row 9, column 1)')
            ->assertSee('Glass over the socket');
        $this->post("/jobs/{$job->tag}/entries", $map('{"25.22":"bent"}'))->assertSessionHasErrors([
            'entry.contacts' => 'There is no contact at "25.22" of this socket; mark it on the drawing.',
        ]);
        $this->post("/jobs/{$job->tag}/entries", $map('nonsense'))->assertSessionHasErrors('entry.contacts');
    }

    public function test_a_card_is_held_against_what_it_can_be(): void
    {
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->get("/jobs/{$job->tag}/card?says_memory=4+GB&says_bus=192&says_memory_type=GDDR5")
            ->assertSee('It is not what it says')
            ->assertSee('a false identity');
        $this->get("/jobs/{$job->tag}/card?says_memory=4+GB&says_bus=128&says_memory_type=GDDR5")->assertSee('Nothing speaks against it');
        $this->get("/jobs/{$job->tag}/card?says_units=768")->assertSee('Too little to compare');
        $this->followingRedirects()
            ->get("/jobs/{$job->tag}/card?says_memory=lots&says_bus=128")
            ->assertSee('is no size of memory')
            ->assertSee('value="lots"', false)
            ->assertSee('value="128"', false);
    }

    public function test_a_start_runs_the_drain_and_what_ended_how_is_kept(): void
    {
        $this->travelTo('2026-11-24 10:00:00');
        $job = $this->job();
        $this->actingAs($this->person(Role::Technician));
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'drops', 'ended' => 'dropped', 'after' => '90'],
        ])->assertSessionHasNoErrors();
        $this->assertEquals(90, Entry::query()->where('kind', 'start')->firstOrFail()->body['after']);
        $this->get("/jobs/{$job->tag}")
            ->assertSee('went off')
            ->assertSee('Drain')
            ->assertSee('data-until="'.now()->addSeconds(30)->getTimestamp().'"', false);
        $this->get('/')->assertSee('Drain');
        $this->travel(31)->seconds();
        $this->get("/jobs/{$job->tag}")->assertDontSee('data-until', false);
        $this->post("/jobs/{$job->tag}/entries", [
            'entry' => ['kind' => 'start', 'reached' => 'stays', 'ended' => 'hung'],
        ])->assertSessionHasErrors(['entry.ended' => 'A start that hung did not stay up. Say how far it got before.']);
    }

    public function test_the_time_box_speaks_where_the_owner_s_limit_is_passed(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'dark', 'waited' => 120]]);
        $this->actingAs($this->person(Role::Technician))
            ->get("/jobs/{$job->tag}")
            ->assertSee(' min</b></button>', false)
            ->assertDontSee('Time box.');
        $job->update(['agreed' => ['limit' => 1500]]);
        $this->get("/jobs/{$job->tag}")
            ->assertSee('Time box.')
            ->assertSee('what the owner agreed to spend');
    }

    /** @return iterable<string, array{string, string}> */
    public static function doors(): iterable
    {
        foreach (
            [
                'GET codes',
                'GET codes.csv',
                'POST codes',
                'GET jobs/{tag}/socket',
                'GET jobs/{tag}/card',
                'GET jobs/{tag}/papers',
                'POST jobs/{tag}/papers',
                'POST jobs/{tag}/bench',
                'DELETE jobs/{tag}/bench',
                'POST jobs/{tag}/readings',
            ] as $door
        ) {
            yield $door => explode(' ', $door);
        }
    }

    #[DataProvider('doors')]
    public function test_the_bench_is_for_those_who_work_at_it(string $method, string $path): void
    {
        $job = $this->job();
        $path = str_replace('{tag}', $job->tag, "/{$path}");
        $this->call($method, $path)->assertRedirect('/login');
        $this->actingAs($this->person(Role::Counter))->call($method, $path)->assertForbidden();
    }

    public function test_only_the_lead_takes_a_code_out(): void
    {
        $this->actingAs($this->person(Role::Technician))->post('/codes', ['kind' => 'display', 'from' => '5F', 'value' => 'boot']);
        $code = Code::query()->firstOrFail();
        $this->delete("/codes/{$code->id}")->assertForbidden();
        $this->actingAs($this->person(Role::Lead))
            ->delete("/codes/{$code->id}")
            ->assertRedirect('/codes');
        $this->assertModelMissing($code);
    }
}
