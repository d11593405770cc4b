<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** A mail server that takes one mail and keeps what was said to it: enough of RFC 5321 for a client to be content. */
final readonly class SmtpStandIn
{
    private function __construct(public int $port, private string $file, private Process $process)
    {
    }

    /** @param  string  $answersData what it says once it has the mail: 250 takes it, 550 refuses it */
    public static function start(string $answersData = '250 taken'): self
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'mail');
        $script = <<<'PHP'
            <?php
            $server = stream_socket_server('tcp://127.0.0.1:0');
            file_put_contents($argv[1].'.port', (string) explode(':', stream_socket_get_name($server, false))[1]);
            $client = stream_socket_accept($server, 30);
            $say = function (string $line) use ($client): void { fwrite($client, $line."\r\n"); };
            $say('220 stand-in');
            $kept = '';
            while (($line = fgets($client)) !== false) {
                $kept .= $line;
                $word = strtoupper(substr($line, 0, 4));
                if ($word === 'DATA') {
                    $say('354 go on');
                    while (($line = fgets($client)) !== false && rtrim($line) !== '.') {
                        $kept .= $line;
                    }
                    $say($argv[2]);
                } elseif ($word === 'QUIT') {
                    $say('221 bye');
                    break;
                } else {
                    $say($word === 'EHLO' ? '250 stand-in' : '250 fine');
                }
                file_put_contents($argv[1], $kept);
            }
            file_put_contents($argv[1], $kept);
            PHP;
        file_put_contents("{$file}.php", $script);
        $process = new Process([PHP_BINARY, "{$file}.php", $file, $answersData]);
        $process->start();
        for ($tries = 0; $tries < 100 && ! is_file("{$file}.port"); $tries++) {
            usleep(50_000);
        }

        return new self((int) file_get_contents("{$file}.port"), $file, $process);
    }

    /** All that a client said, the mail itself among it. */
    public function heard(): string
    {
        $this->process->wait();
        $heard = (string) file_get_contents($this->file);
        array_map(fn (string $end): bool => is_file($this->file.$end) && unlink($this->file.$end), ['', '.php', '.port']);

        return $heard;
    }
}
