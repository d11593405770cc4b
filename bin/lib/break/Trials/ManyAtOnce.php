<?php

declare(strict_types=1);

namespace BreakIt\Trials;

use BreakIt\Shop;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;

/** Many who write at once, and then as many who read. */
final readonly class ManyAtOnce
{
    private const MANY = 200;

    private const JOBS = 10;

    public function __construct(private bool $behindNginx, private bool $onPostgres)
    {
    }

    /** @return list<array{string, string, string}> what was tried, how often, and what came of it */
    public function run(): array
    {
        $shop = Shop::in(Shop::scratch(), $this->behindNginx, $this->onPostgres)->open();
        $jobs = array_slice($shop->jobs(), 0, self::JOBS);
        foreach ($jobs as $tag) {
            $shop->get("/jobs/{$tag}");
        }
        $from = microtime(true);
        $written = Utils::settle(array_map(function (int $i) use ($shop, $jobs) {
            $key = sprintf('many-%06d-%s', $i, bin2hex(random_bytes(4)));

            return $shop->note($jobs[$i % count($jobs)], "break {$key}", $key);
        }, range(0, self::MANY - 1)))->wait();
        $writing = microtime(true) - $from;
        $statuses = array_count_values(array_map(self::status(...), $written));
        $taken = count(array_filter($written, fn (array $result): bool => Shop::isTaken($result['value'] ?? null)));
        $there = count(array_unique($shop->notes('break many-')));
        $from = microtime(true);
        $read = Utils::settle(array_map(fn (int $i) => $shop->ask("/jobs/{$jobs[$i % count($jobs)]}"), range(0, self::MANY - 1)))->wait();
        $reading = microtime(true) - $from;
        $well = count(array_filter($read, fn (array $result): bool => self::status($result) === 200));
        $words = $shop->server->words().', '.($this->onPostgres ? 'PostgreSQL' : 'SQLite');
        $rows = [
            [
                "two hundred write at once: {$words}",
                self::MANY.' entries on '.count($jobs).' jobs',
                "{$taken} acknowledged, {$there} there, ".($statuses[503] ?? 0).' told to wait, '
                    .($statuses[500] ?? 0).' failed, '.$shop->chains().sprintf('; %.0f entries a second', self::MANY / $writing),
            ],
            [
                "two hundred read at once: {$words}",
                self::MANY.' job pages',
                "{$well} answered".sprintf('; %.0f pages a second', self::MANY / $reading),
            ],
        ];
        $shop->close();

        return $rows;
    }

    /** @param  array{value?: mixed}  $result */
    private static function status(array $result): int
    {
        $answer = $result['value'] ?? null;

        return $answer instanceof ResponseInterface ? $answer->getStatusCode() : 0;
    }
}
