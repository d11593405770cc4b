<?php

declare(strict_types=1);

/** Run by bin/same: prints what the core below a folder advises in each course after each entry, one line an entry. */

use Orthoscope\Core\CommandLine\CommandLine;
use Symfony\Component\Yaml\Yaml;

[, $root, $courses] = $argv;
$loader = require dirname(__DIR__, 2).'/vendor/autoload.php';
spl_autoload_register(function (string $class) use ($root): void {
    $file = $root.'/core/src/'.str_replace('\\', '/', substr($class, strlen('Orthoscope\\Core\\'))).'.php';
    if (str_starts_with($class, 'Orthoscope\\Core\\') && is_file($file)) {
        require $file;
    }
}, prepend: true);

$case = tempnam(sys_get_temp_dir(), 'case');
foreach (glob("{$courses}/*.yaml") ?: [] as $file) {
    $course = Yaml::parseFile($file);
    $entries = array_column($course['steps'], 'entry');
    $shelf = isset($course['shelf']) ? ['shelf' => $course['shelf']] : [];
    file_put_contents($case, json_encode([
        'format' => 'orthoscope-case/1', 'machine' => (object) $course['machine'], ...$shelf, 'entries' => $entries,
    ], JSON_THROW_ON_ERROR));
    foreach (array_keys($entries) as $i) {
        [$out, $err] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
        $status = (new CommandLine($out, $err))->run(['diagnose', $case, '--upto', (string) ($i + 1)]);
        $said = stream_get_contents($status === 0 ? $out : $err, null, 0);
        echo basename($file, '.yaml'), ' ', $i + 1, ' ', $status, ' ', json_encode(json_decode($said, true) ?? $said), "\n";
    }
}
unlink($case);
