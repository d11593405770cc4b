<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Backup;
use App\Models\Job;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Shop\Backup\BackupFailed;
use App\UseCases\Shop\Backup\Checkup;
use App\UseCases\Shop\Backup\KeepBackups;
use App\UseCases\Shop\Backup\MakeBackup;
use App\UseCases\Shop\Backup\OpenArchive;
use App\UseCases\Shop\Backup\ProveBackup;
use App\UseCases\Shop\Backup\RestoreBackup;
use App\UseCases\Shop\KeepPhoto;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Ledger;
use Tests\Support\OwnDatabase;
use Tests\TestCase;
use ZipArchive;

/** One archive of all that a restore needs: made while people work, proved before it is used, kept by a rule, tried once a week. */
final class BackupTest extends TestCase
{
    private string $place = '';

    private string $folder = '';

    private OwnDatabase $own;

    protected function setUp(): void
    {
        parent::setUp();
        // A file of its own: what is in memory, or in a transaction, cannot be copied while it is written.
        $this->place = sys_get_temp_dir().'/orthoscope-test-'.bin2hex(random_bytes(6));
        $this->folder = "{$this->place}/backups";
        mkdir($this->folder, 0700, true);
        $this->app->useStoragePath($this->place);
        config(['filesystems.disks.local.root' => "{$this->place}/app/private"]);
        Storage::forgetDisk('local');
        $this->own = OwnDatabase::make($this->place)->use();
        $this->artisan('migrate', ['--force' => true]);
        $this->job(entries: [['kind' => 'start', 'reached' => 'nothing']]);
        Storage::put(KeepPhoto::path('abc'), 'a picture');
    }

    protected function tearDown(): void
    {
        $this->own->drop();
        (new Filesystem)->deleteDirectory($this->place);
        parent::tearDown();
    }

    private function archive(string $password = ''): string
    {
        return app(MakeBackup::class)->archive($this->folder, $password);
    }

    public function test_what_is_restored_is_what_was_there_and_what_was_there_meanwhile_is_kept_beside_it(): void
    {
        $archive = $this->archive();
        $tag = Job::query()->firstOrFail()->tag;
        $later = $this->job()->tag;
        Storage::put(KeepPhoto::path('later'), 'another');
        $done = app(RestoreBackup::class)->from($archive);
        $this->assertSame([1, 2], [$done['rows']['jobs'], $done['rows']['entries']]);
        $this->assertFalse($done['key']);
        $this->assertSame([$tag], Job::query()->pluck('tag')->all());
        $this->assertSame(['photos/abc.jpg'], Storage::allFiles());
        $this->assertSame('a picture', Storage::get(KeepPhoto::path('abc')));
        $this->assertCount(1, glob("{$this->place}/before-restore-*/app/private/photos/later.jpg") ?: []);
        $usual = (array) config('database.connections.'.config('database.default'));
        $before = OwnDatabase::isPostgres()
            ? (string) strstr($done['before'], 'own_')
            : "{$done['before']}/shop.sqlite";
        config(['database.connections.before' => ['database' => $before] + $usual]);
        $this->assertContains($later, DB::connection('before')->table('jobs')->pluck('tag')->all());
        DB::purge('before');
        $this->assertSame(200, $this->get('/up')->status());
    }

    public function test_entries_that_still_lie_in_the_write_ahead_file_are_in_it(): void
    {
        OwnDatabase::isPostgres() && $this->markTestSkipped('Of the file of SQLite.');
        DB::statement('PRAGMA wal_autocheckpoint = 0');
        $job = Job::query()->firstOrFail();
        app(RecordEntries::class)->record($job, $this->person(Role::Technician), [['kind' => 'note', 'text' => 'the last one']]);
        $this->assertGreaterThan(0, filesize("{$this->place}/shop.sqlite-wal"));
        $this->assertSame(3, app(ProveBackup::class)->drill($this->archive())['rows']['entries']);
    }

    /** @return iterable<string, array{callable(string): void, string}> */
    public static function broken(): iterable
    {
        yield 'cut off' => [
            function (string $path): void {
                file_put_contents($path, substr((string) file_get_contents($path), 0, 2000));
            },
            'is no archive',
        ];
        yield 'nothing of ours' => [
            function (string $path): void {
                $zip = new ZipArchive;
                $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
                $zip->addFromString('a.txt', 'a');
                $zip->close();
            },
            'no manifest',
        ];
        yield 'a file changed' => [
            function (string $path): void {
                $zip = new ZipArchive;
                $zip->open($path);
                $zip->addFromString('files/private/photos/abc.jpg', 'another picture');
                $zip->close();
            },
            'is not what it was',
        ];
        yield 'a name that leads out' => [
            function (string $path): void {
                $zip = new ZipArchive;
                $zip->open($path);
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $manifest['sha256'] = ['../out' => 'x'];
                $zip->addFromString('manifest.json', (string) json_encode($manifest));
                $zip->close();
            },
            'not made by this program',
        ];
        yield 'rows are missing' => [
            function (string $path): void {
                $zip = new ZipArchive;
                $zip->open($path);
                $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
                $manifest['rows']['jobs'] = 7;
                $zip->addFromString('manifest.json', (string) json_encode($manifest));
                $zip->close();
            },
            'should hold 7 rows of jobs',
        ];
    }

    /** @param  callable(string): void  $break */
    #[DataProvider('broken')]
    public function test_a_backup_that_is_not_whole_is_refused_and_nothing_is_touched(callable $break, string $sentence): void
    {
        $archive = $this->archive();
        $break($archive);
        $before = $this->state();
        try {
            app(RestoreBackup::class)->from($archive);
            $this->fail('A broken backup was restored.');
        } catch (BackupFailed $failed) {
            $this->assertStringContainsString($sentence, $failed->getMessage());
        }
        $this->assertSame($before, $this->state());
        $this->assertSame([], glob("{$this->place}/restoring-*") ?: []);
    }

    public function test_a_locked_backup_opens_with_its_password_alone(): void
    {
        $archive = $this->archive('two-lamps-lit');
        $this->assertSame(1, app(ProveBackup::class)->drill($archive, 'two-lamps-lit')['rows']['jobs']);
        $this->assertStringNotContainsString('Mira Vale', (string) file_get_contents($archive));
        foreach (['', 'wrong'] as $password) {
            try {
                app(ProveBackup::class)->drill($archive, $password);
                $this->fail('It opened.');
            } catch (BackupFailed $failed) {
                $this->assertStringContainsString('password is another', $failed->getMessage());
            }
        }
    }

    public function test_seven_days_five_weeks_and_twelve_months_are_kept(): void
    {
        $names = [];
        for ($day = 0; $day < 500; $day++) {
            $names[] = 'orthoscope-'.now()->subDays($day)->format('Ymd').'-030000.zip';
        }
        $kept = KeepBackups::kept([...$names, 'holiday.zip']);
        $this->assertContains('holiday.zip', $kept);
        $this->assertSame([], array_diff(array_slice($names, 0, 7), $kept));
        $this->assertLessThanOrEqual(7 + 5 + 12 + 1, count($kept));
        $months = array_unique(array_map(fn (string $name): string => substr($name, 11, 6), array_diff($kept, ['holiday.zip'])));
        $this->assertCount(12, $months);
        // What is kept once stays kept as the days go on: nobody loses the month by its last day.
        $this->assertSame($kept, KeepBackups::kept($kept));
    }

    public function test_a_night_makes_one_tries_it_once_a_week_and_tells_the_lead_what_is_wrong(): void
    {
        $lead = $this->person(Role::Lead);
        $this->actingAs($lead)->get('/shop')->assertSee('No backup is made');
        shop()->set(['backupFolder' => $this->folder], $lead);
        $keep = app(KeepBackups::class);
        $this->assertSame(['', 'whole'], [$keep->tonight()?->error, Backup::query()->firstOrFail()->proof]);
        $this->assertNull(Backup::trouble());
        $this->travel(1)->days();
        $this->assertNull($keep->tonight()?->proved_at, 'It was tried yesterday.');
        $this->travel(7)->days();
        $this->assertNotNull($keep->tonight()?->proved_at);
        $this->travel(2)->days();
        $this->get('/shop')->assertSee('The last backup is more than a day old');
        shop()->set(['backupFolder' => '/no/such/folder'], $lead);
        $keep->tonight();
        $this->get('/shop')->assertSee('The last backup failed: /no/such/folder is no folder that can be written');
    }

    public function test_the_commands_make_prove_and_restore(): void
    {
        $this->artisan('shop:backup', ['folder' => $this->folder, '--prove' => true])
            ->expectsOutputToContain('proved: whole')
            ->assertSuccessful();
        $archive = (string) (glob("{$this->folder}/*.zip") ?: [''])[0];
        $this->artisan('shop:restore', ['archive' => $archive, '--only-prove' => true])
            ->expectsOutputToContain('It is whole')
            ->assertSuccessful();
        $this->artisan('shop:restore', ['archive' => $archive, '--yes' => true])
            ->expectsOutputToContain('Restored.')
            ->assertSuccessful();
        $this->artisan('shop:restore', ['archive' => '/no/such.zip', '--yes' => true])->assertFailed();
        $this->artisan('shop:backup')->assertExitCode(2);
        $this->artisan('shop:backup', ['folder' => '/no/such'])->assertFailed();
    }

    public function test_the_whole_shop_is_taken_along_and_stands_again_elsewhere(): void
    {
        shop()->set(['name' => 'Quay Street', 'smtpSecret' => 'locked'], $this->person(Role::Lead));
        $job = Job::query()->firstOrFail();
        $token = $job->letter_token;
        $file = "{$this->place}/all.zip";
        $this->artisan('shop:export', ['file' => $file])->assertSuccessful();
        $this->artisan('shop:export', ['file' => $file])->expectsOutputToContain('is there already')->assertFailed();
        $this->artisan('shop:import', ['file' => $file])->expectsOutputToContain('There is a shop here already')->assertFailed();
        $entries = DB::table('entries')->orderBy('id')->get()->all();
        $this->emptyShop();
        Storage::delete(Storage::allFiles());
        $this->artisan('shop:import', ['file' => $file])->assertSuccessful();
        $this->assertEquals($entries, DB::table('entries')->orderBy('id')->get()->all());
        $this->assertSame([$token, 'Quay Street', ''], [
            Job::query()->firstOrFail()->letter_token, Shop::stored()->name, Shop::stored()->smtpSecret,
        ]);
        $this->assertSame('a picture', Storage::get(KeepPhoto::path('abc')));
        $this->actingAs(User::query()->where('role', Role::Lead)->firstOrFail())->get("/jobs/{$job->tag}")->assertOk();
        $this->get("/letter/{$token}")->assertOk();
    }

    public function test_an_archive_that_was_changed_is_not_taken(): void
    {
        $file = "{$this->place}/all.zip";
        $this->artisan('shop:export', ['file' => $file])->assertSuccessful();
        $this->emptyShop();
        $change = function (string $name, string $from, string $to) use ($file): void {
            $zip = new ZipArchive;
            $zip->open($file);
            $zip->addFromString($name, str_replace($from, $to, (string) $zip->getFromName($name)));
            $zip->close();
        };
        $change('entries.jsonl', 'nothing', 'picture');
        $this->artisan('shop:import', ['file' => $file])->expectsOutputToContain('does not hang together')->assertFailed();
        $change('entries.jsonl', 'picture', 'nothing');
        $change('manifest.json', '"jobs": 1', '"jobs": 2');
        $this->artisan('shop:import', ['file' => $file])->expectsOutputToContain('should hold 2 rows')->assertFailed();
        $change('manifest.json', OpenArchive::FORMAT, 'another/9');
        $this->artisan('shop:import', ['file' => $file])->expectsOutputToContain('no manifest of the format')->assertFailed();
        $this->assertSame(0, DB::table('jobs')->count());
    }

    /** What the database holds, in a word. */
    private function state(): string
    {
        return OwnDatabase::isPostgres()
            ? hash('sha256', (string) json_encode([DB::table('entries')->get(), DB::table('jobs')->get()]))
            : (string) hash_file('sha256', $this->own->name);
    }

    private function emptyShop(): void
    {
        $this->own->drop();
        $this->own = OwnDatabase::make($this->place)->use();
        $this->artisan('migrate', ['--force' => true]);
    }

    public function test_the_doctor_says_in_a_line_each_what_is_wrong(): void
    {
        shop()->set(['backupFolder' => $this->folder], $this->person(Role::Lead));
        app(KeepBackups::class)->tonight();
        $this->assertSame([], self::ill());
        $this->artisan('shop:doctor')->assertSuccessful();
        Storage::delete(KeepPhoto::path('abc'));
        $job = Job::query()->firstOrFail();
        DB::table('photos')->insert([
            'job_id' => $job->id,
            'file' => 'gone',
            'user_id' => $job->entries()->firstOrFail()->user_id,
            'place' => 'front',
            'x' => 1,
            'y' => 1,
            'words' => '',
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        DB::table('to_follow')->insert(['job_id' => $job->id, 'kinds' => '["closing"]', 'written_at' => now()->subHour()]);
        Ledger::unguard();
        DB::table('entries')
            ->where('number', 2)
            ->update(['body' => '{}']);
        $ill = self::ill();
        $this->assertSame(['the record', 'photographs', 'what must follow entries'], array_keys($ill));
        $this->assertStringContainsString("job number {$job->id} from entry 2 on", (string) current($ill));
        $this->artisan('shop:doctor')->assertFailed();
        $this->artisan('shop:doctor', ['--repair' => true])->expectsOutputToContain('carried out on 1 jobs');
    }

    /** @return array<string, string> what is not well => what to do */
    private static function ill(): array
    {
        return array_filter(app(Checkup::class)->all(), fn (?string $remedy): bool => $remedy !== null);
    }
}
