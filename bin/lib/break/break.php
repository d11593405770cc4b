<?php

declare(strict_types=1);

use BreakIt\Shop;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;

/** Tries to lose something; says what was tried, how often, and what was lost. Run by bin/break. */
require dirname(__DIR__, 3).'/vendor/autoload.php';
require __DIR__.'/Shop.php';

$options = getopt('', ['rounds:', 'write', 'only:']);
$only = (string) ($options['only'] ?? '');
$wanted = fn (string $what): bool => $only === '' || str_contains($what, $only);
$rounds = max(1, (int) ($options['rounds'] ?? 200));
$rows = [];
$tell = function (string $what, string $tried, string $came) use (&$rows): void {
    $rows[] = [$what, $tried, $came];
    echo "{$what}: {$tried}: {$came}\n";
};
$scratch = fn (): string => sys_get_temp_dir().'/orthoscope-break-'.bin2hex(random_bytes(5));
$clear = fn (string $folder) => (new Illuminate\Filesystem\Filesystem)->deleteDirectory($folder);
$chain = fn (Shop $shop): string => str_contains($shop->artisan('shop:doctor'), 'well  the record')
    ? 'every chain whole'
    : 'A CHAIN IS BROKEN';

// The server and what writes in it are killed at a random moment of a request; then it is sent again, as a browser does.
if ($wanted('server and writer killed')) {
    $folder = $scratch();
    $shop = Shop::in($folder);
    $shop->start();
    $shop->logIn();
    $jobs = array_slice($shop->jobs(), 0, 5);
    $acknowledged = [];
    $killed = 0;
    for ($i = 0; $i < $rounds; $i++) {
        $key = sprintf('kill-%06d-%s', $i, bin2hex(random_bytes(4)));
        $send = function () use ($shop, $jobs, $i, $key): ?ResponseInterface {
            try {
                $answer = $shop->note($jobs[$i % count($jobs)], "break {$key}", $key)->wait();

                return $answer instanceof ResponseInterface ? $answer : null;
            } catch (Throwable) {
                return null;
            }
        };
        $isKilled = random_int(0, 1) === 1;
        $isKilled && $shop->killIn(random_int(0, 45));
        $answer = $send();
        if ($isKilled) {
            $killed++;
            $shop->kill();
            $shop->start();
        }
        // As a browser does that has heard nothing.
        $answer = Shop::isTaken($answer) ? $answer : $send();
        if (Shop::isTaken($answer)) {
            $acknowledged[] = $key;
        }
    }
    $there = array_count_values(
        $shop->read("select json_extract(body, '$.text') from entries where kind = 'note' and body like '%break kill-%'"),
    );
    $lost = count(array_filter($acknowledged, fn (string $key): bool => ! isset($there["break {$key}"])));
    $twice = count(array_filter($there, fn (int $count): bool => $count > 1));
    $tell(
        'server and writer killed',
        "{$rounds} entries, {$killed} kills",
        count($acknowledged)." acknowledged, {$lost} lost, {$twice} twice, {$chain($shop)}",
    );
    $shop->kill();
    $clear($folder);
}

// Many who write at once.
if ($wanted('two hundred write at once, power cut')) {
    $folder = $scratch();
    $shop = Shop::in($folder);
    $shop->start();
    $shop->logIn();
    $jobs = array_slice($shop->jobs(), 0, 10);
    $promises = [];
    for ($i = 0; $i < 200; $i++) {
        $key = sprintf('many-%06d-%s', $i, bin2hex(random_bytes(4)));
        $promises[$key] = $shop->note($jobs[$i % count($jobs)], "break {$key}", $key);
    }
    $taken = $locked = 0;
    foreach (Utils::settle($promises)->wait() as $key => $result) {
        $answer = $result['value'] ?? null;
        $taken += Shop::isTaken($answer) ? 1 : 0;
        $locked += $answer?->getStatusCode() === 503 ? 1 : 0;
        Shop::isTaken($answer)
            || fwrite(
                STDERR,
                ($answer === null
                    ? ($result['reason'] ?? null)?->getMessage()
                    : $answer->getStatusCode().' '.$answer->getHeaderLine('Location'))."\n",
            );
    }
    $there = count($shop->read("select id from entries where kind = 'note' and body like '%break many-%'"));
    $tell(
        'two hundred write at once',
        '200 entries on '.count($jobs).' jobs, 8 workers',
        "{$taken} acknowledged, {$there} there, {$locked} told to wait, {$chain($shop)}",
    );

    // The files as they lie at a moment when the power goes: everything is stopped, copied, and opened.
    $good = $tried = 0;
    for ($i = 0; $i < min($rounds, 100); $i++) {
        $pending = array_map(
            fn (int $n) => $shop->note($jobs[$n], "break cut-{$i}-{$n}", "cut-{$i}-{$n}-".bin2hex(random_bytes(4))),
            range(0, 3),
        );
        usleep(random_int(0, 40_000));
        $shop->pause(true);
        $copy = $scratch();
        mkdir($copy);
        foreach (['', '-wal'] as $end) {
            is_file($shop->database.$end) && copy($shop->database.$end, "{$copy}/shop.sqlite{$end}");
        }
        $shop->pause(false);
        $tried++;
        $pdo = new PDO("sqlite:{$copy}/shop.sqlite");
        $good += $pdo->query('PRAGMA integrity_check')?->fetchColumn() === 'ok' ? 1 : 0;
        unset($pdo);
        $clear($copy);
        Utils::settle($pending)->wait();
    }
    $tell('power cut', "{$tried} copies of the files at a moment of writing", "{$good} open clean, {$chain($shop)}");
    $shop->kill();
    $clear($folder);
}

// A disk that fills up.
if ($wanted('full disk')) {
    $folder = $scratch();
    mkdir($folder);
    exec('mount -t tmpfs -o size=80m tmpfs '.escapeshellarg($folder).' 2>/dev/null', $said, $failed);
    if ($failed !== 0) {
        $tell('full disk', 'not tried', 'no small disk can be mounted here');
    } else {
        try {
            $shop = Shop::in($folder);
            $shop->start();
            $shop->artisan('shop:work', '--once');
            $shop->logIn();
            $tag = $shop->jobs()[0];
            foreach (['/', "/jobs/{$tag}", "/jobs/{$tag}/photos", '/shelf', '/shop'] as $path) {
                $shop->get($path);
            }
            $image = imagecreatetruecolor(1600, 1200);
            ob_start();
            imagejpeg($image, null, 95);
            $picture = (string) ob_get_clean();
            $before = count($shop->read('select id from entries'));
            @file_put_contents("{$folder}/filler", str_repeat('x', 90 * 1024 * 1024));
            $full = [
                $shop
                    ->note($tag, 'break full', 'full-'.bin2hex(random_bytes(4)))
                    ->wait()
                    ->getStatusCode(),
                $shop->photo($tag, $picture)->getStatusCode(),
            ];
            $reads = array_map(fn (string $path): int => $shop->get($path)->getStatusCode(), ['/', "/jobs/{$tag}", '/shelf']);
            unlink("{$folder}/filler");
            $half = count($shop->read('select id from photos'));
            $after = Shop::isTaken($shop->note($tag, 'break room', 'room-'.bin2hex(random_bytes(4)))->wait());
            $photo = $shop->photo($tag, $picture)->getStatusCode();
            $kept = count($shop->read("select id from entries where body like '%break full%'"));
            $tell(
                'full disk',
                'an entry and a photograph, and pages read',
                'answered '.implode(' and ', $full).', pages '.implode(', ', $reads)
                    .([$full[0] === 302, $full[1] === 302] === [$kept === 1, $half === 1] ? ', nothing half there' : ', HALF THERE')
                    .'; with room: '.($after && $photo === 302 ? 'both taken' : 'NOT TAKEN').", {$chain($shop)}",
            );
            $shop->kill();
        } finally {
            exec('umount '.escapeshellarg($folder));
            @rmdir($folder);
        }
    }
}

if (isset($options['write'])) {
    $file = dirname(__DIR__, 3).'/docs/RELIABILITY.md';
    // What was not tried this time stays as it was when it was.
    preg_match_all('/^\| (?!tried)([^|-][^|]*) \| ([^|]+) \| ([^|]+) \|$/m', (string) @file_get_contents($file), $before, PREG_SET_ORDER);
    $all = array_column([...array_map(fn (array $row): array => array_slice($row, 1), $before), ...$rows], null, 0);
    $table = "| tried | how | what came of it |\n|---|---|---|\n"
        .implode('', array_map(fn (array $row): string => '| '.implode(' | ', $row)." |\n", $all));
    $text =
        "# Reliability\n\nMade by `bin/break --write`, last on ".
        date('j F Y').
        ", with the server that ships for a look (8 workers), on\n".
        (int) shell_exec('nproc').
        " cores. Nothing of it is part of `bin/test`.\n\n{$table}\n".
        "A clock that jumps is tried by the suite, not here. Not tried: nginx and php-fpm under load, PostgreSQL.\n";
    file_put_contents($file, $text);
}
