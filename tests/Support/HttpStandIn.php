<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** A web service that takes one request after another, answers each with one status, and keeps what it was asked. */
final readonly class HttpStandIn
{
    private function __construct(public string $address, private string $file, private Process $process)
    {
    }

    /** @param  int  $status it answers with */
    public static function start(int $status = 200, string $says = 'taken'): self
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'http');
        $script = <<<'PHP'
            <?php
            $server = stream_socket_server('tcp://127.0.0.1:0');
            file_put_contents($argv[1].'.port', (string) explode(':', stream_socket_get_name($server, false))[1]);
            while ($client = @stream_socket_accept($server, 20)) {
                $head = '';
                while (($line = fgets($client)) !== false && rtrim($line) !== '') {
                    $head .= $line;
                }
                $length = preg_match('/content-length:\s*(\d+)/i', $head, $found) ? (int) $found[1] : 0;
                $body = $length > 0 ? stream_get_contents($client, $length) : '';
                file_put_contents($argv[1], $head."\n".$body."\n", FILE_APPEND);
                fwrite($client, "HTTP/1.1 {$argv[2]} x\r\nContent-Length: ".strlen($argv[3])."\r\nConnection: close\r\n\r\n{$argv[3]}");
                fclose($client);
            }
            PHP;
        file_put_contents("{$file}.php", $script);
        $process = new Process([PHP_BINARY, "{$file}.php", $file, (string) $status, $says]);
        $process->start();
        for ($tries = 0; $tries < 100 && ! is_file("{$file}.port"); $tries++) {
            usleep(50_000);
        }

        return new self('http://127.0.0.1:'.file_get_contents("{$file}.port"), $file, $process);
    }

    /** All that it was asked. */
    public function heard(): string
    {
        $this->process->stop(0);
        $heard = (string) file_get_contents($this->file);
        array_map(fn (string $end): bool => is_file($this->file.$end) && unlink($this->file.$end), ['', '.php', '.port']);

        return $heard;
    }
}
