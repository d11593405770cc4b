<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\EntryChain;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Shop\Backup\UpgradeData;
use App\UseCases\Shop\Backup\UpgradeFailed;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\OwnDatabase;
use Tests\TestCase;

/** Data as earlier versions left them, each brought up to date: all of it is there, every job opens, and what fails goes back. */
final class UpgradeTest extends TestCase
{
    private string $place = '';

    protected function setUp(): void
    {
        parent::setUp();
        OwnDatabase::isPostgres() && $this->markTestSkipped('Earlier versions kept their data in SQLite alone.');
    }

    protected function tearDown(): void
    {
        OwnDatabase::isPostgres() || DB::purge('sqlite');
        (new Filesystem)->deleteDirectory($this->place);
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> the day on which a version was left */
    public static function versions(): iterable
    {
        foreach (glob(__DIR__.'/../fixtures/upgrades/*.sqlite.gz') ?: [] as $file) {
            yield basename($file, '.sqlite.gz') => [$file];
        }
    }

    private function use(string $fixture): string
    {
        $this->place = sys_get_temp_dir().'/orthoscope-upgrade-'.bin2hex(random_bytes(6));
        mkdir($this->place, 0700, true);
        $database = "{$this->place}/shop.sqlite";
        file_put_contents($database, (string) gzdecode((string) file_get_contents($fixture)));
        config(['database.connections.sqlite.database' => $database]);
        DB::purge('sqlite');

        return $database;
    }

    #[DataProvider('versions')]
    public function test_data_of_an_earlier_version_are_all_there_and_every_job_opens(string $fixture): void
    {
        $this->use($fixture);
        $before = [];
        foreach (['users', 'owners', 'jobs', 'entries', 'spares'] as $table) {
            $before[$table] = DB::table($table)->count();
        }
        $bodies = DB::table('entries')->orderBy('id')->pluck('body')->all();
        $this->assertGreaterThan(10, $before['jobs']);
        $said = app(UpgradeData::class)->now();
        $this->assertStringContainsString('As they were before, they lie in', $said);
        foreach ($before as $table => $count) {
            $this->assertSame($count, DB::table($table)->count(), $table);
        }
        $this->assertSame($bodies, DB::table('entries')->orderBy('id')->pluck('body')->all());
        $this->assertSame([], EntryChain::broken());
        $this->assertCount(2, DB::table('sqlite_master')->where('type', 'trigger')->where('tbl_name', 'entries')->pluck('name'));
        $this->actingAs(User::query()->where('email', 'maud')->firstOrFail());
        $this->get('/')->assertOk();
        foreach (Job::query()->with('machine')->whereNotNull('arrived_at')->get() as $job) {
            $this->assertGreaterThan(0, count(app(AssessJob::class)->assess($job)->standings));
            $this->get("/jobs/{$job->tag}")->assertOk();
        }
        $this->assertSame('The data are of this version.', app(UpgradeData::class)->now());
    }

    #[DataProvider('versions')]
    public function test_what_was_brought_up_to_date_has_the_tables_that_a_new_shop_has(string $fixture): void
    {
        $this->use($fixture);
        app(UpgradeData::class)->now();
        $upgraded = self::schema();
        config(['database.connections.sqlite.database' => "{$this->place}/new.sqlite"]);
        touch("{$this->place}/new.sqlite");
        DB::purge('sqlite');
        $this->artisan('migrate', ['--force' => true]);
        $this->assertSame(self::schema(), $upgraded);
    }

    /** @return list<string> columns, indexes and triggers */
    private static function schema(): array
    {
        $schema = DB::table('sqlite_master')->where('type', 'trigger')->pluck('name')->all();
        foreach (DB::table('sqlite_master')->where('type', 'table')->where('name', 'not like', 'sqlite_%')->pluck('name') as $table) {
            foreach (DB::select("PRAGMA table_info('{$table}')") as $column) {
                $schema[] = "{$table}.{$column->name} {$column->type} {$column->notnull} {$column->dflt_value}";
            }
            foreach (DB::select("PRAGMA index_list('{$table}')") as $index) {
                $columns = array_column(DB::select("PRAGMA index_info('{$index->name}')"), 'name');
                $schema[] = "{$table}, index of ".implode(', ', $columns)." {$index->unique}";
            }
        }
        sort($schema);

        return $schema;
    }

    public function test_what_is_not_well_afterwards_goes_back_by_itself(): void
    {
        $database = $this->use(__DIR__.'/../fixtures/upgrades/2026-11-28.sqlite.gz');
        // A row that points to nothing: what was there before is looked at too.
        DB::statement('PRAGMA foreign_keys = off');
        DB::table('papers')->update(['user_id' => 99999]);
        DB::statement('PRAGMA foreign_keys = on');
        $migrations = DB::table('migrations')->count();
        try {
            app(UpgradeData::class)->now();
            $this->fail('Data that are not well were called up to date.');
        } catch (UpgradeFailed $failed) {
            $this->assertStringContainsString('rows point to something that is not there', $failed->getMessage());
        }
        DB::purge('sqlite');
        $this->assertSame($migrations, DB::table('migrations')->count());
        $this->assertFileExists($database);
        $this->artisan('shop:upgrade')->assertFailed();
    }
}
