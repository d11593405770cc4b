<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Figure;
use App\Models\Role;
use App\Queued\MakeTheNightsBackup;
use App\Queued\WorkOutFigures;
use App\Queued\WorkOutLesson;
use App\UseCases\Shop\Backup\Checkup;
use App\UseCases\Shop\Backup\ExportShop;
use App\UseCases\Shop\Backup\MakeBackup;
use App\UseCases\Shop\Backup\RestoreBackup;
use App\UseCases\Shop\KeepPhoto;
use App\UseCases\Shop\OneClock;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\Filesystem as Flysystem;
use League\Flysystem\Local\LocalFilesystemAdapter;
use Tests\Support\OwnDatabase;
use Tests\TestCase;
use ZipArchive;

/** What several machines behind one address share: the clock, slow work, who is logged in, and files that lie elsewhere. */
final class SeveralMachinesTest extends TestCase
{
    private string $place = '';

    private OwnDatabase $own;

    protected function setUp(): void
    {
        parent::setUp();
        $this->place = sys_get_temp_dir().'/orthoscope-several-'.bin2hex(random_bytes(6));
        mkdir($this->place, 0700, true);
        $this->app->useStoragePath($this->place);
        $this->own = OwnDatabase::make($this->place)->use();
        $this->artisan('migrate', ['--force' => true]);
    }

    protected function tearDown(): void
    {
        $this->own->drop();
        (new Filesystem)->deleteDirectory($this->place);
        parent::tearDown();
    }

    public function test_of_all_clocks_one_goes_round_and_another_takes_over(): void
    {
        $other = OwnDatabase::isPostgres() ? $this->own->pdo() : new OneClock;
        $other instanceof OneClock
            ? $this->assertTrue($other->isMine())
            : $other->exec('SELECT pg_advisory_lock('.OneClock::CLOCK.')');
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->assertNull(Figure::query()->find('how-well'), 'Two clocks go round.');
        unset($other);
        $this->assertTrue((new OneClock)->isMine());
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->assertNotNull(Figure::query()->find('how-well'));
    }

    public function test_slow_work_waits_for_a_worker_once_each(): void
    {
        Queue::fake();
        Figure::keep('lesson-asked', []);
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        Queue::assertPushed(WorkOutFigures::class, 1);
        Queue::assertPushed(MakeTheNightsBackup::class, 1);
        Queue::assertPushed(WorkOutLesson::class, 1);
    }

    public function test_a_worker_does_it_from_the_database(): void
    {
        config(['queue.default' => 'database']);
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->artisan('shop:work', ['--once' => true])->assertSuccessful();
        $this->assertNull(Figure::query()->find('how-well'));
        $waiting = DB::table('queued')->pluck('payload')->filter(fn (string $work): bool => str_contains($work, 'WorkOutFigures'));
        $this->assertCount(1, $waiting, 'It is asked for once, however often the clock comes round.');
        $this->assertNull(app(Checkup::class)->all()['slow work']);
        $this->travel(4)->hours();
        $this->assertStringContainsString('Start a worker', (string) app(Checkup::class)->all()['slow work']);
        $this->artisan('queue:work', ['--stop-when-empty' => true, '--memory' => 1024])->assertSuccessful();
        $this->assertNull(app(Checkup::class)->all()['slow work']);
        $this->assertNotNull(Figure::query()->find('how-well'));
        $this->assertSame([0, 0], [DB::table('queued')->count(), DB::table('failed_jobs')->count()]);
        $failed = ['uuid' => 'a', 'connection' => '', 'queue' => '', 'payload' => '', 'exception' => 'x', 'failed_at' => now()];
        DB::table('failed_jobs')->insert($failed);
        $this->assertStringContainsString('queue:failed says why', (string) app(Checkup::class)->all()['slow work']);
    }

    public function test_who_is_logged_in_stands_in_the_database(): void
    {
        config(['session.driver' => 'database']);
        $lead = $this->person(Role::Lead);
        $this->post('/login', ['email' => $lead->email, 'password' => 'lantern'])->assertRedirect('/');
        $this->get('/')->assertOk();
        $this->assertSame([$lead->id], DB::table('sessions')->whereNotNull('user_id')->pluck('user_id')->map(intval(...))->all());
    }

    public function test_files_that_lie_elsewhere_are_in_the_backup_and_come_back(): void
    {
        $this->keepFilesElsewhere();
        $this->job();
        Storage::put(KeepPhoto::path('abc'), 'a picture');
        mkdir("{$this->place}/backups");
        $archive = app(MakeBackup::class)->archive("{$this->place}/backups");
        app(ExportShop::class)->to("{$this->place}/all.zip");
        $zip = new ZipArchive;
        $zip->open("{$this->place}/all.zip");
        $this->assertSame('a picture', $zip->getFromName('files/'.KeepPhoto::path('abc')));
        $zip->close();
        Storage::delete(KeepPhoto::path('abc'));
        app(RestoreBackup::class)->from($archive);
        $this->assertSame('a picture', Storage::get(KeepPhoto::path('abc')));
        $this->assertSame([], glob(sys_get_temp_dir().'/orthoscope-files-*') ?: []);
    }

    /** A store that has no paths on this machine, as one that is asked over the network. */
    private function keepFilesElsewhere(): void
    {
        Storage::extend('elsewhere', function (): FilesystemAdapter {
            $there = new LocalFilesystemAdapter("{$this->place}/elsewhere");

            return new FilesystemAdapter(new Flysystem($there), $there, []);
        });
        config(['filesystems.disks.elsewhere' => ['driver' => 'elsewhere'], 'filesystems.default' => 'elsewhere']);
    }
}
