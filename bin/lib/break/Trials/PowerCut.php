<?php

declare(strict_types=1);

namespace BreakIt\Trials;

use BreakIt\Shop;
use GuzzleHttp\Promise\Utils;
use Illuminate\Filesystem\Filesystem;
use PDO;

/** The files as they lie at a moment when the power goes: everything is stopped, copied, and opened. */
final readonly class PowerCut
{
    public function __construct(private int $rounds)
    {
    }

    /** @return list<array{string, string, string}> what was tried, how often, and what came of it */
    public function run(): array
    {
        $shop = Shop::in(Shop::scratch())->open();
        $jobs = array_slice($shop->jobs(), 0, 4);
        $good = 0;
        for ($i = 0; $i < $this->rounds; $i++) {
            $pending = array_map(
                fn (string $tag) => $shop->note($tag, "break cut-{$i}-{$tag}", "cut-{$i}-{$tag}-".bin2hex(random_bytes(4))),
                $jobs,
            );
            usleep(random_int(0, 40_000));
            $shop->server->pause(true);
            $good += self::opensClean($shop->database) ? 1 : 0;
            $shop->server->pause(false);
            Utils::settle($pending)->wait();
        }
        $chains = $shop->chains();
        $shop->close();

        return [['power cut', "{$this->rounds} copies of the files at a moment of writing", "{$good} open clean, {$chains}"]];
    }

    private static function opensClean(string $database): bool
    {
        $copy = Shop::scratch();
        mkdir($copy);
        foreach (['', '-wal'] as $end) {
            is_file($database.$end) && copy($database.$end, "{$copy}/shop.sqlite{$end}");
        }
        $pdo = new PDO("sqlite:{$copy}/shop.sqlite");
        $isClean = $pdo->query('PRAGMA integrity_check')?->fetchColumn() === 'ok';
        unset($pdo);
        (new Filesystem)->deleteDirectory($copy);

        return $isClean;
    }
}
