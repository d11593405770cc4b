<?php

declare(strict_types=1);

namespace BreakIt\Trials;

use BreakIt\Shop;
use Psr\Http\Message\ResponseInterface;
use Throwable;

/** The server and what writes in it are killed at a random moment of a request; then it is sent again, as a browser does. */
final readonly class WriterKilled
{
    public function __construct(private int $rounds)
    {
    }

    /** @return list<array{string, string, string}> what was tried, how often, and what came of it */
    public function run(): array
    {
        $shop = Shop::in(Shop::scratch())->open();
        $jobs = array_slice($shop->jobs(), 0, 5);
        $acknowledged = [];
        $killed = 0;
        for ($i = 0; $i < $this->rounds; $i++) {
            $key = sprintf('kill-%06d-%s', $i, bin2hex(random_bytes(4)));
            $tag = $jobs[$i % count($jobs)];
            $isKilled = random_int(0, 1) === 1;
            $isKilled && $shop->server->killIn(random_int(0, 45));
            $answer = self::sent($shop, $tag, $key);
            if ($isKilled) {
                $killed++;
                $shop->server->kill();
                $shop->server->start();
            }
            // As a browser does that has heard nothing.
            $answer = Shop::isTaken($answer) ? $answer : self::sent($shop, $tag, $key);
            if (Shop::isTaken($answer)) {
                $acknowledged[] = $key;
            }
        }
        $there = array_count_values($shop->notes('break kill-'));
        $lost = count(array_filter($acknowledged, fn (string $key): bool => ! isset($there["break {$key}"])));
        $twice = count(array_filter($there, fn (int $count): bool => $count > 1));
        $came = count($acknowledged)." acknowledged, {$lost} lost, {$twice} twice, {$shop->chains()}";
        $shop->close();

        return [['server and writer killed', "{$this->rounds} entries, {$killed} kills", $came]];
    }

    private static function sent(Shop $shop, string $tag, string $key): ?ResponseInterface
    {
        try {
            $answer = $shop->note($tag, "break {$key}", $key)->wait();

            return $answer instanceof ResponseInterface ? $answer : null;
        } catch (Throwable) {
            return null;
        }
    }
}
