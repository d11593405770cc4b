<?php

declare(strict_types=1);

namespace BreakIt\Trials;

use BreakIt\Shop;

/** A small disk that fills up: while people work, while a backup is made, and while data are brought up to date. */
final class FullDisk
{
    private const MB = 80;

    /** @return list<array{string, string, string}> what was tried, how often, and what came of it */
    public function run(): array
    {
        $folder = Shop::scratch();
        mkdir($folder);
        exec('mount -t tmpfs -o size='.self::MB.'m tmpfs '.escapeshellarg($folder).' 2>/dev/null', $said, $failed);
        if ($failed !== 0) {
            rmdir($folder);

            return [['full disk', 'not tried', 'no small disk can be mounted here']];
        }
        try {
            return [...$this->whileWorking($folder), ...$this->whileUpgrading($folder)];
        } finally {
            exec('umount '.escapeshellarg($folder));
            @rmdir($folder);
        }
    }

    /** @return list<array{string, string, string}> */
    private function whileWorking(string $folder): array
    {
        $shop = Shop::in($folder);
        $shop->server->start();
        $shop->artisan('shop:work', '--once');
        $shop->open();
        $tag = $shop->jobs()[0];
        foreach (['/', "/jobs/{$tag}", "/jobs/{$tag}/photos", '/shelf', '/shop'] as $path) {
            $shop->get($path);
        }
        $picture = self::picture();
        $this->fill($folder);
        $full = [
            $shop->note($tag, 'break full', 'full-'.bin2hex(random_bytes(4)))->wait()->getStatusCode(),
            $shop->photo($tag, $picture)->getStatusCode(),
        ];
        $reads = array_map(fn (string $path): int => $shop->get($path)->getStatusCode(), ['/', "/jobs/{$tag}", '/shelf']);
        // What was held in reserve is let go by then.
        $this->fill($folder, 'more');
        $backup = $this->backup($shop, $folder);
        array_map(unlink(...), ["{$folder}/filler", "{$folder}/more"]);
        $half = count($shop->read('select id from photos'));
        $after = Shop::isTaken($shop->note($tag, 'break room', 'room-'.bin2hex(random_bytes(4)))->wait());
        $photo = $shop->photo($tag, $picture)->getStatusCode();
        $kept = count($shop->notes('break full'));
        $isHalf = [$full[0] === 302, $full[1] === 302] !== [$kept === 1, $half === 1];
        $with = $this->backup($shop, $folder);
        $rows = [
            [
                'full disk',
                'an entry and a photograph, and pages read',
                'answered '.implode(' and ', $full).', pages '.implode(', ', $reads).($isHalf ? ', HALF THERE' : ', nothing half there')
                    .'; with room: '.($after && $photo === 302 ? 'both taken' : 'NOT TAKEN').", {$shop->chains()}",
            ],
            ['full disk, backup', 'one made on it', "{$backup}; with room: {$with}"],
        ];
        $shop->close();

        return $rows;
    }

    /** @return list<array{string, string, string}> */
    private function whileUpgrading(string $folder): array
    {
        $fixtures = glob(dirname(__DIR__, 4).'/tests/fixtures/upgrades/*.gz') ?: [];
        $shop = Shop::in($folder);
        // The oldest data there are, with hardly any room to copy them.
        file_put_contents($shop->database, (string) gzdecode((string) file_get_contents($fixtures[0] ?? '')));
        array_map(unlink(...), glob("{$folder}/before-upgrade-*") ?: []);
        $before = count($shop->read('select id from entries'));
        $this->fill($folder);
        $said = $shop->artisan('shop:upgrade');
        @unlink("{$folder}/filler");
        $isAsBefore = count($shop->read('select id from entries')) === $before
            && $shop->read("select name from sqlite_master where name = 'queued'") === [];
        $told = str_contains($said, 'could not be brought up to date')
            ? 'refused with its sentence'
            : 'NOT TOLD: '.substr(trim($said), 0, 80);
        $with = $shop->artisan('shop:upgrade');
        $went = str_contains($with, 'were brought up to date') ? 'brought up to date' : 'NOT BROUGHT UP TO DATE';
        $rows = [[
            'full disk, upgrade',
            'data of the oldest version',
            "{$told}, ".($isAsBefore ? 'data as they were' : 'DATA CHANGED')."; with room: {$went}, {$shop->chains()}",
        ]];
        $shop->close();

        return $rows;
    }

    private function fill(string $folder, string $name = 'filler'): void
    {
        // To the last byte: what does not fit whole is written as far as it goes.
        @file_put_contents("{$folder}/{$name}", str_repeat('x', (self::MB + 10) * 1024 * 1024));
    }

    private function backup(Shop $shop, string $folder): string
    {
        is_dir("{$folder}/backups") || mkdir("{$folder}/backups");
        $said = trim($shop->artisan('shop:backup', "{$folder}/backups", '--prove'));
        $left = glob("{$folder}/backups/{,.}*", GLOB_BRACE) ?: [];
        $left = array_filter($left, is_file(...));
        array_map(unlink(...), $left);

        return match (true) {
            str_contains($said, 'proved: whole') => 'made and proved',
            $left === [] => 'refused, nothing left behind',
            default => 'HALF A BACKUP LEFT',
        };
    }

    private static function picture(): string
    {
        $image = imagecreatetruecolor(1600, 1200);
        ob_start();
        imagejpeg($image, null, 95);

        return (string) ob_get_clean();
    }
}
