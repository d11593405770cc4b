<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What bin/install writes for one machine and for one of several; it is never installed here. */
final class InstallTest extends TestCase
{
    private string $place = '';

    protected function setUp(): void
    {
        $this->place = sys_get_temp_dir().'/orthoscope-install-'.bin2hex(random_bytes(6));
        mkdir($this->place);
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->place);
    }

    public function test_one_machine_keeps_its_rows_in_a_file_and_needs_no_worker(): void
    {
        $this->assertStringContainsString('6 of 8 files changed', $this->install()->mustRun()->getOutput());
        $this->assertStringContainsString("DB_DATABASE=/var/lib/orthoscope/orthoscope.sqlite\n", $this->written('orthoscope/environment'));
        $this->assertStringContainsString('env[SESSION_DRIVER] = steady', $this->written('php/8.2/fpm/pool.d/orthoscope.conf'));
        $this->assertFileDoesNotExist("{$this->place}/into/etc/systemd/system/orthoscope-worker.service");
        foreach (['orthoscope/environment', 'nginx/sites-available/orthoscope'] as $file) {
            $this->assertStringNotContainsString('{{', $this->written($file));
        }
        $this->assertStringContainsString('0 of 8 files changed', $this->install()->mustRun()->getOutput(), 'Twice changes nothing.');
    }

    public function test_one_of_several_gets_what_they_share_and_keeps_it(): void
    {
        $own = "# ours\nDB_CONNECTION=pgsql\nDB_DATABASE=ours\nDB_PASSWORD=a/b+c=\n\nQUEUE_CONNECTION=database\n";
        file_put_contents("{$this->place}/own", $own);
        $this->install('--with', "{$this->place}/own")->mustRun();
        $pool = $this->written('php/8.2/fpm/pool.d/orthoscope.conf');
        $this->assertStringContainsString('env[DB_PASSWORD] = "a/b+c="', $pool);
        $this->assertSame(1, substr_count($pool, 'env[DB_DATABASE]'), 'Of two the first would count.');
        $environment = $this->written('orthoscope/environment');
        $this->assertStringEndsWith("DB_CONNECTION=pgsql\nDB_DATABASE=ours\nDB_PASSWORD=a/b+c=\nQUEUE_CONNECTION=database\n", $environment);
        $this->assertSame('0640', substr(sprintf('%o', fileperms("{$this->place}/into/etc/orthoscope/environment")), -4));
        $this->assertStringContainsString('artisan queue:work', $this->written('systemd/system/orthoscope-worker.service'));
        $this->install()->mustRun();
        $this->assertSame($environment, $this->written('orthoscope/environment'), 'It holds until another is given.');
    }

    public function test_a_line_that_is_none_is_told_and_nothing_is_written(): void
    {
        file_put_contents("{$this->place}/own", "DB_CONNECTION=pgsql\nDB_PASSWORD=two words\n");
        $refused = $this->install('--with', "{$this->place}/own");
        $this->assertSame(1, $refused->run());
        $this->assertStringContainsString('This is no line such as DB_HOST=10.0.0.5', $refused->getErrorOutput());
        $this->assertStringContainsString('DB_PASSWORD=two words', $refused->getErrorOutput());
        $this->assertDirectoryDoesNotExist("{$this->place}/into");
    }

    private function install(string ...$more): Process
    {
        return new Process(
            ['bash', 'bin/install', '--address', 'shop.local', '--into', "{$this->place}/into", ...array_values($more)],
            dirname(__DIR__, 2),
        );
    }

    private function written(string $file): string
    {
        return (string) file_get_contents("{$this->place}/into/etc/{$file}");
    }
}
