<?php

declare(strict_types=1);

namespace BreakIt;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use PDO;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A shop in a folder of its own, with data of an earlier version brought up to date, served on a port of its own. */
final class Shop
{
    private const PASSWORD = 'lantern-demo';

    private ?Process $server = null;

    private ?Process $killer = null;

    private Client $client;

    private string $token = '';

    public readonly string $database;

    private function __construct(private readonly string $root, public readonly string $folder, private readonly int $port)
    {
        $this->database = "{$folder}/shop.sqlite";
        $this->client = new Client([
            'base_uri' => "http://127.0.0.1:{$port}",
            'cookies' => new CookieJar,
            'http_errors' => false,
            'timeout' => 60,
            'allow_redirects' => false,
        ]);
    }

    public static function in(string $folder): self
    {
        $root = dirname(__DIR__, 3);
        foreach (['app/private', 'framework/cache/data', 'framework/sessions', 'framework/views', 'logs'] as $part) {
            is_dir("{$folder}/{$part}") || mkdir("{$folder}/{$part}", 0700, true);
        }
        $shop = new self($root, $folder, self::freePort());
        $fixtures = glob("{$root}/tests/fixtures/upgrades/*.gz") ?: throw new RuntimeException('There is no fixture to begin with.');
        file_put_contents($shop->database, (string) gzdecode((string) file_get_contents((string) end($fixtures))));
        $shop->artisan('shop:upgrade');
        $shop->artisan('view:cache');

        return $shop;
    }

    public function artisan(string ...$words): string
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$words], $this->root, $this->env(), null, 300);
        $process->run();

        return $process->getOutput().$process->getErrorOutput();
    }

    public function start(): void
    {
        // The port of one that was killed is free again only a moment later.
        for ($again = 0; $again < 20; $again++) {
            $this->server = $this->begun();
            for ($tries = 0; $tries < 100 && $this->server->isRunning(); $tries++) {
                if ($this->answers()) {
                    return;
                }
                usleep(20_000);
            }
            usleep(100_000);
        }
        throw new RuntimeException('The application did not start.');
    }

    private function begun(): Process
    {
        $server = new Process(
            [
                'setsid', PHP_BINARY, '-d', 'variables_order=EGPCS', '-d', 'upload_max_filesize=12M', '-d', 'post_max_size=14M', '-S',
                "127.0.0.1:{$this->port}", '-t', "{$this->root}/public",
                "{$this->root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php",
            ],
            "{$this->root}/public",
            $this->env(),
            null,
            null,
        );
        $server->disableOutput();
        $server->start();

        return $server;
    }

    private function answers(): bool
    {
        $line = @fsockopen('127.0.0.1', $this->port, $code, $said, 0.1);
        if ($line === false) {
            return false;
        }
        fclose($line);

        return true;
    }

    /** The server and all its workers, without a word. */
    public function kill(): void
    {
        $this->killer?->wait();
        $this->killer = null;
        $pid = $this->server?->getPid();
        $pid === null || posix_kill(-$pid, SIGKILL);
        $this->server?->stop(0);
        $this->server = null;
        for ($tries = 0; $tries < 200 && $this->answers(); $tries++) {
            usleep(10_000);
        }
    }

    /** The same from outside, in so many milliseconds: whatever the server is at then. */
    public function killIn(int $milliseconds): void
    {
        $pid = $this->server?->getPid();
        $killer = new Process(['sh', '-c', sprintf('sleep %.3f; kill -9 -- -%d', $milliseconds / 1000, (int) $pid)]);
        $killer->disableOutput();
        $killer->start();
        $this->killer = $killer;
    }

    public function pause(bool $on): void
    {
        $pid = $this->server?->getPid();
        $pid === null || posix_kill(-$pid, $on ? SIGSTOP : SIGCONT);
    }

    public function logIn(string $who = 'maud'): void
    {
        $this->token = self::tokenIn((string) $this->client->get('/login')->getBody());
        $this->client->post('/login', ['form_params' => ['_token' => $this->token, 'email' => $who, 'password' => self::PASSWORD]]);
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

    /** Whether an answer says that what was sent is taken: it leads to the job and says nothing was refused. */
    public static function isTaken(?ResponseInterface $answer): bool
    {
        return $answer !== null && $answer->getStatusCode() === 302 && str_contains($answer->getHeaderLine('Location'), '/jobs/');
    }

    /** @return list<string> tags of jobs that are open and here */
    public function jobs(): array
    {
        return $this->read(
            'select tag from jobs join summaries on job_id = jobs.id where closed = 0 and arrived_at is not null order by jobs.id',
        );
    }

    /** @return list<string> what stands in the first column */
    public function read(string $sql): array
    {
        $pdo = new PDO("sqlite:{$this->database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 20]);

        return array_map(strval(...), $pdo->query($sql)?->fetchAll(PDO::FETCH_COLUMN) ?: []);
    }

    /** @return array<string, string> */
    private function env(): array
    {
        return [
            'LARAVEL_STORAGE_PATH' => $this->folder,
            'APP_ENV' => 'local',
            'APP_DEBUG' => getenv('BREAK_DEBUG') ?: 'false',
            'APP_KEY' => 'base64:AAECAwQFBgcICQoLDA0ODxAREhMUFRYXGBkaGxwdHh8=',
            'APP_URL' => "http://127.0.0.1:{$this->port}",
            'DB_DATABASE' => $this->database,
            'SHOP_DEMO' => 'true',
            'SHOP_GATEWAY' => 'simulated',
            'SESSION_DRIVER' => 'steady',
            'CACHE_STORE' => 'file',
            'LOG_CHANNEL' => 'single',
            'PHP_CLI_SERVER_WORKERS' => '8',
        ];
    }

    private static function tokenIn(string $page): string
    {
        return preg_match('/name="csrf-token" content="([^"]+)"/', $page, $found) === 1 ? $found[1] : '';
    }

    private static function freePort(): int
    {
        $server = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);

        return $port;
    }
}
