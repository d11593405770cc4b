<?php

declare(strict_types=1);

namespace BreakIt\Servers;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Serves a shop on a port of its own, in a group of processes that can be killed or held as one. */
abstract class Server
{
    private ?Process $running = null;

    private ?Process $killer = null;

    public readonly int $port;

    /**
     * @param  string  $folder for what the server itself writes
     * @param  array<string, string>  $env
     */
    public function __construct(protected readonly string $root, protected readonly string $folder, private readonly array $env)
    {
        $this->port = self::freePort();
    }

    /** @return list<string> */
    abstract protected function command(): array;

    /** What it is, in the words of the table. */
    abstract public function words(): string;

    public function start(): void
    {
        // The port of one that was killed is free again only a moment later.
        for ($again = 0; $again < 20; $again++) {
            $this->running = $this->begun();
            for ($tries = 0; $tries < 100 && $this->running->isRunning(); $tries++) {
                if ($this->answers()) {
                    return;
                }
                usleep(20_000);
            }
            usleep(100_000);
        }
        throw new RuntimeException('The application did not start.');
    }

    /** All of it, without a word. */
    public function kill(): void
    {
        $this->killer?->wait();
        $this->killer = null;
        $pid = $this->running?->getPid();
        $pid === null || posix_kill(-$pid, SIGKILL);
        $this->running?->stop(0);
        $this->running = null;
        for ($tries = 0; $tries < 200 && $this->answers(); $tries++) {
            usleep(10_000);
        }
    }

    /** The same from outside, in so many milliseconds: whatever it is at then. */
    public function killIn(int $milliseconds): void
    {
        $pid = $this->running?->getPid();
        $killer = new Process(['sh', '-c', sprintf('sleep %.3f; kill -9 -- -%d', $milliseconds / 1000, (int) $pid)]);
        $killer->disableOutput();
        $killer->start();
        $this->killer = $killer;
    }

    public function pause(bool $on): void
    {
        $pid = $this->running?->getPid();
        $pid === null || posix_kill(-$pid, $on ? SIGSTOP : SIGCONT);
    }

    private function begun(): Process
    {
        $server = new Process(['setsid', ...$this->command()], "{$this->root}/public", $this->env, null, null);
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

    private static function freePort(): int
    {
        $server = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);

        return $port;
    }
}
