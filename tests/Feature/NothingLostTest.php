<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\TakenOnce;
use App\Models\Entry;
use App\Models\EntryChain;
use App\Models\Job;
use App\Models\Message;
use App\Models\Owner;
use App\Models\Role;
use App\Models\ToFollow;
use App\Providers\WhatWentWrong;
use App\UseCases\Jobs\FollowUp;
use App\UseCases\Owners\WriteToOwner;
use App\UseCases\Shop\KeepWhole;
use App\UseCases\Shop\NoRoom;
use App\UseCases\Shop\Reserve;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Sleep;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Tests\Support\Ledger;
use Tests\Support\OwnDatabase;
use Tests\TestCase;

/** What was acknowledged is there, once; what follows it is done, in the end; and what is wrong is said. */
final class NothingLostTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_same_form_sent_twice_is_taken_once_and_leads_to_where_the_first_led(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $supplier = [
            'name' => 'Harbour',
            'days_from' => '1',
            'days_to' => '2',
            'return_days' => '14',
            TakenOnce::FIELD => 'abc',
        ];
        $first = $this->post('/shop/suppliers', $supplier)->assertSessionHasNoErrors();
        $second = $this->post('/shop/suppliers', $supplier)->assertSessionHasNoErrors();
        $this->assertSame($first->headers->get('Location'), $second->headers->get('Location'));
        $this->assertSame('Harbour is written down. Orders can be placed there now.', session('status'));
        $this->assertSame(1, DB::table('suppliers')->count());
        // The same key with something else in it is another sending.
        $this->post('/shop/suppliers', ['name' => 'Quarry'] + $supplier)->assertSessionHasNoErrors();
        $this->assertSame(2, DB::table('suppliers')->count());
    }

    public function test_what_was_refused_can_be_sent_again(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $form = ['name' => '', 'days_from' => '1', 'days_to' => '2', 'return_days' => '14', TakenOnce::FIELD => 'abc'];
        $this->post('/shop/suppliers', $form)->assertSessionHasErrors('name');
        $this->post('/shop/suppliers', $form)->assertSessionHasErrors('name');
        $this->assertSame(0, DB::table('taken_once')->count());
    }

    public function test_a_form_whose_taker_was_killed_asks_to_look_and_is_taken_when_sent_again(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $form = ['name' => 'Harbour', 'days_from' => '1', 'days_to' => '2', 'return_days' => '14', TakenOnce::FIELD => 'abc'];
        $this->post('/shop/suppliers', $form)->assertSessionHasNoErrors();
        DB::table('suppliers')->delete();
        // As it stands when a process was killed between both: begun by somebody who is no more.
        DB::table('taken_once')->update(['led_to' => null, 'taker' => gethostname().' 999999999']);
        $this->from('/shop/suppliers')->post('/shop/suppliers', $form)->assertRedirect('/shop/suppliers');
        $this->assertStringContainsString('Look whether it was done', (string) session('errors')?->first('refused'));
        $this->assertSame(['Harbour', 0], [session()->getOldInput('name'), DB::table('suppliers')->count()]);
        $this->post('/shop/suppliers', $form)->assertSessionHasNoErrors();
        $this->assertSame(1, DB::table('suppliers')->count());
        // Who is still at it is waited for, and then told so.
        Sleep::fake();
        DB::table('taken_once')->update(['led_to' => null, 'taker' => 'another-machine 1']);
        $this->post('/shop/suppliers', $form)->assertStatus(409);
        $this->assertSame(['Harbour'], DB::table('suppliers')->pluck('name')->all());
    }

    public function test_room_is_held_ready_and_let_go_where_the_disk_is_full(): void
    {
        $place = sys_get_temp_dir().'/orthoscope-reserve-'.bin2hex(random_bytes(4));
        mkdir($place);
        config(['database.connections.sqlite.database' => "{$place}/shop.sqlite"]);
        $this->app->useStoragePath($place);
        Reserve::hold();
        $this->assertSame(16 * 1024 * 1024, filesize("{$place}/reserve"));
        $this->assertNull(Reserve::trouble());
        foreach (['database or disk is full', 'disk I/O error'] as $says) {
            Reserve::hold();
            $said = WhatWentWrong::withTheData(new PDOException("SQLSTATE[HY000]: General error: 10 {$says}"));
            $this->assertInstanceOf(HttpException::class, $said);
            $this->assertSame(507, $said->getStatusCode());
            $this->assertFileDoesNotExist("{$place}/reserve");
        }
        $locked = WhatWentWrong::withTheData(new PDOException('SQLSTATE[HY000]: General error: 5 database is locked'));
        $this->assertSame(503, $locked instanceof HttpException ? $locked->getStatusCode() : 0);
        $other = new PDOException('something else');
        $this->assertSame($other, WhatWentWrong::withTheData($other));
        rmdir($place);
    }

    public function test_every_form_that_changes_something_carries_a_key_of_its_own(): void
    {
        $this->actingAs($this->person(Role::Lead));
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        foreach (['/', '/shelf', '/shop', '/people', "/jobs/{$job->tag}", "/jobs/{$job->tag}/decide", '/orders', '/counter'] as $path) {
            $page = (string) $this->get($path)->assertOk()->getContent();
            $forms = preg_match_all('/<form[^>]*method="post"/i', $page);
            preg_match_all('/name="_once" value="(\w+)"/', $page, $keys);
            $this->assertGreaterThan(0, $forms);
            $this->assertGreaterThanOrEqual($forms, count($keys[1]), $path);
            $this->assertSame($keys[1], array_unique($keys[1]));
        }
    }

    public function test_what_must_follow_an_entry_is_done_later_where_the_power_went(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'stays']]);
        $job->machine->owner->update(['email' => 'mira@example.org']);
        $lead = $this->person(Role::Lead);
        // As if it had been killed between both: the entry is there, and what follows it is not.
        DB::transaction(function () use ($job, $lead): void {
            Entry::query()->create([
                'job_id' => $job->id,
                'number' => 3,
                'kind' => 'closing',
                'user_id' => $lead->id,
                'made_at' => now(),
                'body' => ['price' => 100, 'warranty_months' => 1, 'signed_off' => 'seen', 'outcome' => 'repaired'],
            ]);
            FollowUp::write($job, ['closing']);
        });
        $this->assertFalse($job->summary()->firstOrFail()->closed);
        $this->assertSame(0, app(FollowUp::class)->heal(), 'Whoever wrote it may still be at it.');
        $this->travel(2)->minutes();
        $this->assertSame(1, app(FollowUp::class)->heal());
        $this->assertTrue($job->summary()->firstOrFail()->closed);
        $this->assertSame(1, Message::query()->where('job_id', $job->id)->where('moment', 'ready')->count());
        $this->assertSame([0, 0], [ToFollow::query()->count(), app(FollowUp::class)->heal()]);
    }

    public function test_nothing_is_left_to_follow_where_all_went_well(): void
    {
        $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        $this->assertSame(0, ToFollow::query()->count());
    }

    public function test_an_entry_that_was_changed_breaks_the_chain_of_its_job(): void
    {
        $job = $this->job(entries: [['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'note', 'text' => 'seen']]);
        $other = $this->job();
        $this->assertSame([], EntryChain::broken());
        $this->assertSame(64, strlen(EntryChain::lastOf($job->id)));
        Ledger::unguard();
        DB::table('entries')
            ->where('job_id', $job->id)
            ->where('number', 2)
            ->update(['body' => '{"reached":"stays"}']);
        $this->assertSame([$job->id => 2], EntryChain::broken());
        DB::table('entries')->where('job_id', $other->id)->where('number', 1)->delete();
        $this->assertArrayNotHasKey($other->id, EntryChain::broken(), 'A job without a record has no chain.');
        DB::table('entries')->where('job_id', $job->id)->where('number', 1)->delete();
        $this->assertSame([$job->id => 2], EntryChain::broken());
    }

    public function test_the_record_is_not_replaced_either(): void
    {
        $job = $this->job();
        $entry = DB::table('entries')->where('job_id', $job->id)->first();
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('append-only');
        if (OwnDatabase::isPostgres()) {
            DB::statement('TRUNCATE entries CASCADE');
        }
        DB::statement(
            'INSERT OR REPLACE INTO entries (id, job_id, number, kind, body, user_id, made_at) VALUES (?, ?, 1, ?, ?, 1, ?)',
            [$entry->id ?? 0, $job->id, 'note', '{}', '2026-01-01 00:00:00'],
        );
    }

    public function test_a_transaction_takes_the_write_lock_before_it_reads(): void
    {
        $own = OwnDatabase::make();
        $usual = (array) config('database.connections.'.config('database.default'));
        config(['database.connections.one' => ['database' => $own->name, 'busy_timeout' => 100] + $usual]);
        config(['database.connections.two' => config('database.connections.one')]);
        DB::connection('one')->statement('CREATE TABLE migrations (id INTEGER)');
        OwnDatabase::isPostgres() && DB::connection('two')->statement("SET lock_timeout = '100ms'");
        DB::connection('one')->beginTransaction();
        try {
            DB::connection('two')->beginTransaction();
            $this->fail('Two hold the write lock at once.');
        } catch (QueryException $waits) {
            $this->assertStringContainsString(OwnDatabase::isPostgres() ? 'lock timeout' : 'locked', $waits->getMessage());
        }
        DB::connection('one')->commit();
        DB::connection('two')->beginTransaction();
        DB::connection('two')->insert('INSERT INTO migrations VALUES (1)');
        DB::connection('two')->commit();
        $this->assertSame(1, DB::connection('one')->table('migrations')->count());
        DB::purge('one');
        DB::purge('two');
        $own->drop();
    }

    public function test_a_file_that_could_not_be_kept_whole_is_not_kept(): void
    {
        Storage::shouldReceive('put')->once()->andReturn(true);
        Storage::shouldReceive('size')->once()->andReturn(3);
        Storage::shouldReceive('delete')->once()->with('a.jpg');
        $this->expectException(NoRoom::class);
        KeepWhole::put('a.jpg', 'all of it', 'The photograph');
    }

    public function test_half_a_picture_and_one_of_too_many_pixels_are_refused_before_they_are_read(): void
    {
        Storage::fake('local');
        $job = $this->job();
        $this->actingAs($this->person(Role::Counter));
        $whole = (string) UploadedFile::fake()->image('a.jpg', 800, 600)->getContent();
        $send = fn (string $bytes) => $this->post("/jobs/{$job->tag}/photos", [
            'place' => 'front',
            'photo' => UploadedFile::fake()->createWithContent('a.jpg', $bytes),
        ]);
        $send(substr($whole, 0, (int) (strlen($whole) / 2)))->assertSessionHasErrors([
            'photo' => 'Only a part of this picture arrived; choose it again.',
        ]);
        $send(self::pngOf(8000, 8000))->assertSessionHasErrors([
            'photo' => 'That picture has more than 40 million pixels; take it smaller.',
        ]);
        $this->assertSame([], Storage::disk('local')->allFiles());
    }

    /** The head of a picture, which says how large it is; what is to be refused is refused by that. */
    private static function pngOf(int $wide, int $high): string
    {
        $head = 'IHDR'.pack('NNCCCCC', $wide, $high, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head))."\0\0\0\0IEND\xaeB`\x82";
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function errors(): iterable
    {
        yield 'no such page' => ['get', '/no/such/page', 404];
        yield 'not like this' => ['post', '/wall', 405];
        yield 'no such job' => ['get', '/jobs/Z9-999', 404];
    }

    #[DataProvider('errors')]
    public function test_pages_that_say_what_went_wrong_are_as_hard_as_the_others(string $how, string $path, int $status): void
    {
        $this->actingAs($this->person(Role::Lead));
        $page = ($how === 'get' ? $this->get($path) : $this->post($path))->assertStatus($status);
        $this->assertStringContainsString("default-src 'self'", (string) $page->headers->get('Content-Security-Policy'));
        $this->assertSame('nosniff', $page->headers->get('X-Content-Type-Options'));
        $page->assertSee('<a class="brand"', false);
    }

    public function test_what_was_read_while_logged_in_is_not_kept_by_the_browser(): void
    {
        $this->get('/login')->assertHeaderMissing('Strict-Transport-Security');
        $this->actingAs($this->person(Role::Lead));
        $this->assertStringContainsString('no-store', (string) $this->get('/')->headers->get('Cache-Control'));
        $this->get('https://localhost/')->assertHeader('Strict-Transport-Security', 'max-age=31536000');
    }

    public function test_the_health_page_is_not_well_without_the_data(): void
    {
        $this->get('/up')->assertOk()->assertSee('well');
        DB::shouldReceive('table')->andThrow(new QueryException('sqlite', 'select', [], new PDOException('gone')));
        $this->get('/up')->assertStatus(503)->assertSee('not well');
    }

    public function test_words_to_owners_lead_to_the_address_the_shop_is_reached_under(): void
    {
        $job = $this->job();
        $job->machine->owner->update(['email' => 'mira@example.org']);
        shop()->set(['publicAddress' => 'https://repairs.example.org'], null);
        app(WriteToOwner::class)->of($job, 'received', about: 'again');
        $text = Message::query()->where('about', 'again')->firstOrFail()->text;
        $this->assertStringContainsString("https://repairs.example.org/letter/{$job->letter_token}", $text);
        $this->assertSame(Job::query()->count(), Owner::query()->count());
    }
}
