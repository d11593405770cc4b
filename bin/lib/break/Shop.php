<?php

declare(strict_types=1);

namespace BreakIt;

use BreakIt\Servers\FpmServer;
use BreakIt\Servers\LookServer;
use BreakIt\Servers\Server;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Filesystem\Filesystem;
use PDO;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A shop in a folder of its own, with data of an earlier version brought up to date, served on a port of its own. */
final class Shop
{
    private const PASSWORD = 'lantern-demo';

    public readonly Server $server;

    private Client $client;

    private string $token = '';

    public readonly string $database;

    private function __construct(
        private readonly string $root,
        public readonly string $folder,
        bool $behindNginx,
        private readonly bool $onPostgres,
    ) {
        $this->database = $onPostgres ? 'break_'.bin2hex(random_bytes(5)) : "{$folder}/shop.sqlite";
        $env = $this->env();
        $this->server = $behindNginx ? new FpmServer($root, $folder, $env) : new LookServer($root, $folder, $env);
        $this->client = new Client([
            'base_uri' => "http://127.0.0.1:{$this->server->port}",
            'cookies' => new CookieJar,
            'http_errors' => false,
            'timeout' => 300,
            'allow_redirects' => false,
        ]);
    }

    /** @param  bool  $onPostgres on the server that bin/break started; else in a file */
    public static function in(string $folder, bool $behindNginx = false, bool $onPostgres = false): self
    {
        foreach (['app/private', 'framework/cache/data', 'framework/sessions', 'framework/views', 'logs'] as $part) {
            is_dir("{$folder}/{$part}") || mkdir("{$folder}/{$part}", 0700, true);
        }
        $shop = new self(dirname(__DIR__, 3), $folder, $behindNginx, $onPostgres);
        $shop->fill();
        $shop->artisan('view:cache');

        return $shop;
    }

    public static function scratch(): string
    {
        return sys_get_temp_dir().'/orthoscope-break-'.bin2hex(random_bytes(5));
    }

    /** With data of an earlier version; a server gets them by the way that a shop would go that outgrew its file. */
    private function fill(): void
    {
        $fixtures = glob("{$this->root}/tests/fixtures/upgrades/*.gz") ?: throw new RuntimeException('There is no fixture to begin with.');
        $file = "{$this->folder}/shop.sqlite";
        file_put_contents($file, (string) gzdecode((string) file_get_contents((string) end($fixtures))));
        if (! $this->onPostgres) {
            $this->artisan('shop:upgrade');

            return;
        }
        $before = ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $file];
        $this->run(['shop:upgrade'], $before);
        $this->run(['shop:export', "{$this->folder}/all.zip"], $before);
        self::postgres('postgres')->exec("CREATE DATABASE {$this->database}");
        $this->artisan('shop:upgrade');
        $said = $this->artisan('shop:import', "{$this->folder}/all.zip");
        $this->jobs() === [] && throw new RuntimeException("The shop could not be brought to PostgreSQL: {$said}");
    }

    public function artisan(string ...$words): string
    {
        return $this->run(array_values($words), []);
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $env
     */
    private function run(array $words, array $env): string
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$words], $this->root, $env + $this->env(), null, 300);
        $process->run();

        return $process->getOutput().$process->getErrorOutput();
    }

    /** @return string whether the chain of every record is whole, in words */
    public function chains(): string
    {
        return str_contains($this->artisan('shop:doctor'), 'well  the record') ? 'every chain whole' : 'A CHAIN IS BROKEN';
    }

    public function open(): self
    {
        $this->server->start();
        $this->logIn();

        return $this;
    }

    public function close(): void
    {
        $this->server->kill();
        $this->onPostgres && self::postgres('postgres')->exec("DROP DATABASE IF EXISTS {$this->database} WITH (FORCE)");
        (new Filesystem)->deleteDirectory($this->folder, true);
        @rmdir($this->folder);
    }

    private function logIn(): void
    {
        $this->token = self::tokenIn((string) $this->client->get('/login')->getBody());
        $this->client->post('/login', ['form_params' => ['_token' => $this->token, 'email' => 'maud', 'password' => self::PASSWORD]]);
        $this->token = self::tokenIn((string) $this->client->get('/')->getBody());
        $this->token !== '' || throw new RuntimeException('Nobody could log in.');
    }

    /** A note for a job, with a key of its own. */
    public function note(string $tag, string $text, string $key): PromiseInterface
    {
        return $this->client->postAsync("/jobs/{$tag}/entries", [
            'form_params' => [
                '_token' => $this->token,
                '_once' => substr($key, 0, 16),
                'once' => $key,
                'entry' => ['kind' => 'note', 'text' => $text],
            ],
        ]);
    }

    /** @param  list<array<string, mixed>>  $written entries as in a case file, as a press on the page sends them */
    public function press(string $tag, array $written, string $once): ResponseInterface
    {
        return $this->client->post("/jobs/{$tag}/entries", [
            'form_params' => ['_token' => $this->token, '_once' => $once, 'once' => $once, 'written' => json_encode($written)],
        ]);
    }

    public function photo(string $tag, string $bytes): ResponseInterface
    {
        return $this->client->post("/jobs/{$tag}/photos", [
            'multipart' => [
                ['name' => '_token', 'contents' => $this->token],
                ['name' => 'place', 'contents' => 'front'],
                ['name' => 'photo', 'contents' => $bytes, 'filename' => 'a.jpg'],
            ],
        ]);
    }

    public function get(string $path): ResponseInterface
    {
        return $this->client->get($path);
    }

    public function ask(string $path): PromiseInterface
    {
        return $this->client->getAsync($path);
    }

    /** Whether an answer says that what was sent is taken: it leads to the job and says nothing was refused. */
    public static function isTaken(?ResponseInterface $answer): bool
    {
        return $answer !== null && $answer->getStatusCode() === 302 && str_contains($answer->getHeaderLine('Location'), '/jobs/');
    }

    /** @return list<string> tags of jobs that are open and here */
    public function jobs(): array
    {
        return $this->read(
            'select tag from jobs join summaries on job_id = jobs.id where not closed and arrived_at is not null order by jobs.id',
        );
    }

    /** @return list<string> texts of the notes that hold these words */
    public function notes(string $words): array
    {
        return array_map(
            fn (string $body): string => (string) (json_decode($body, true)['text'] ?? ''),
            $this->read("select body from entries where kind = 'note' and cast(body as text) like '%{$words}%'"),
        );
    }

    /** @return list<string> what stands in the first column */
    public function read(string $sql): array
    {
        $pdo = $this->onPostgres
            ? self::postgres($this->database)
            : new PDO("sqlite:{$this->database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 20]);

        return array_map(strval(...), $pdo->query($sql)?->fetchAll(PDO::FETCH_COLUMN) ?: []);
    }

    private static function postgres(string $database): PDO
    {
        return new PDO('pgsql:host='.getenv('PG_SOCKET').";dbname={$database}", (string) getenv('PG_USER'));
    }

    /** @return array<string, string> */
    private function env(): array
    {
        return [
            'LARAVEL_STORAGE_PATH' => $this->folder,
            'APP_ENV' => 'local',
            'APP_DEBUG' => getenv('BREAK_DEBUG') ?: 'false',
            'APP_KEY' => 'base64:AAECAwQFBgcICQoLDA0ODxAREhMUFRYXGBkaGxwdHh8=',
            'DB_CONNECTION' => $this->onPostgres ? 'pgsql' : 'sqlite',
            'DB_HOST' => (string) getenv('PG_SOCKET'),
            'DB_USERNAME' => (string) getenv('PG_USER'),
            'DB_PASSWORD' => '',
            'DB_DATABASE' => $this->database,
            'SHOP_DEMO' => 'true',
            'SHOP_GATEWAY' => 'simulated',
            'SESSION_DRIVER' => $this->onPostgres ? 'database' : 'steady',
            'CACHE_STORE' => $this->onPostgres ? 'database' : 'file',
            'LOG_CHANNEL' => 'single',
            'PHP_CLI_SERVER_WORKERS' => '8',
        ];
    }

    private static function tokenIn(string $page): string
    {
        return preg_match('/name="csrf-token" content="([^"]+)"/', $page, $found) === 1 ? $found[1] : '';
    }
}
