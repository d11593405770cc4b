<?php

declare(strict_types=1);

use BreakIt\Table;
use BreakIt\Trials\FullDisk;
use BreakIt\Trials\ManyAtOnce;
use BreakIt\Trials\PowerCut;
use BreakIt\Trials\WriterKilled;

/** Tries to lose something; says what was tried, how often, and what was lost. Run by bin/break. */
require dirname(__DIR__, 3).'/vendor/autoload.php';
foreach (['Servers/Server', 'Servers/LookServer', 'Servers/FpmServer', 'Shop', 'Table'] as $file) {
    require __DIR__."/{$file}.php";
}
array_map(fn (string $file) => require $file, glob(__DIR__.'/Trials/*.php') ?: []);

$options = getopt('', ['rounds:', 'write', 'only:']);
$rounds = max(1, (int) ($options['rounds'] ?? 200));
$only = (string) ($options['only'] ?? '');
$trials = [
    'killed' => new WriterKilled($rounds),
    'many, for a look' => new ManyAtOnce(behindNginx: false, onPostgres: false),
    'many, nginx' => new ManyAtOnce(behindNginx: true, onPostgres: false),
    'many, nginx, postgresql' => new ManyAtOnce(behindNginx: true, onPostgres: true),
    'power cut' => new PowerCut(min($rounds, 100)),
    'full disk' => new FullDisk,
];
$rows = [];
foreach ($trials as $name => $trial) {
    if ($only === '' || str_contains($name, $only)) {
        foreach ($trial->run() as $row) {
            $rows[] = $row;
            echo implode(': ', $row)."\n";
        }
    }
}
isset($options['write']) && Table::write($rows);
