<?php

declare(strict_types=1);

/**
 * Run by bin/measure --served. Whole requests to a shop of its own behind nginx and php-fpm, one after the other: starting the framework is
 * part of each, as it is of every page somebody waits for. Only ratios are worth comparing.
 */

use BreakIt\Shop;

require dirname(__DIR__, 2).'/vendor/autoload.php';
foreach (['Servers/Server', 'Servers/LookServer', 'Servers/FpmServer', 'Shop'] as $file) {
    require __DIR__."/break/{$file}.php";
}

/** Times each is asked for; the first of a process compiles, and is left out. */
const TIMES = 31;

const LENGTH = 40;

/** Median milliseconds of a request. */
function waited(callable $ask): float
{
    // Each of the eight processes compiles for itself.
    array_map(fn () => $ask(), range(1, 16));
    $taken = array_map(function () use ($ask): float {
        $from = hrtime(true);
        $ask();

        return (hrtime(true) - $from) / 1e6;
    }, range(1, TIMES));
    sort($taken);

    return $taken[intdiv(TIMES, 2)];
}

$shop = Shop::in(Shop::scratch(), behindNginx: true)->open();
$visit = function (string $path) use ($shop): void {
    $status = $shop->get($path)->getStatusCode();
    $status === 200 || throw new RuntimeException("{$path} answered {$status}.");
};
$cycle = require __DIR__.'/cycle.php';
$presses = 0;
$press = function (string $tag) use ($shop, $cycle, &$presses): void {
    $answer = $shop->press($tag, [$cycle[$presses % count($cycle)]], sprintf('served-%08d', ++$presses));
    Shop::isTaken($answer) || throw new RuntimeException("An entry was not taken: {$answer->getStatusCode()}.");
};
try {
    $empty = waited(fn () => $visit('/find?q='));
    printf("%-34s %8.1f ms\n", 'an empty page', $empty);
    $jobs = $shop->jobs();
    foreach (['', ...array_map(fn (string $tag): string => "jobs/{$tag}", $jobs)] as $path) {
        [$name, $taken] = [$path === '' ? 'floor' : $path, waited(fn () => $visit("/{$path}"))];
        printf("%-34s %8.1f ms   %.1f times the empty page\n", $name, $taken, $taken / $empty);
    }
    $tag = $jobs[0];
    while ($presses < LENGTH - 1) {
        $press($tag);
    }
    $taken = waited(function () use ($press, $visit, $tag): void {
        $press($tag);
        $visit("/jobs/{$tag}");
    });
    printf("%-34s %8.1f ms   %.1f times the empty page\n", 'an entry at 40 and its new page', $taken, $taken / $empty);
} finally {
    $shop->close();
}
