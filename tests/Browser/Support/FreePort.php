<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** A port on this machine that nobody listens on. */
final class FreePort
{
    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port is left.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    /** Waits until something listens on a port. */
    public static function await(int $port, string $what): void
    {
        for ($tries = 0; $tries < 150; $tries++) {
            $connection = @fsockopen('127.0.0.1', $port, $number, $message, 0.2);
            if ($connection !== false) {
                fclose($connection);

                return;
            }
            usleep(100_000);
        }
        throw new RuntimeException("{$what} did not start on port {$port}.");
    }
}
