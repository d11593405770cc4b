<?php

declare(strict_types=1);

/**
 * Writes the courses that closed jobs of earlier years took, with what the core makes of them: machines drawn from the catalogue and worked
 * on by the adviser's own plan. Takes a quarter of an hour. Run by hand: php bin/lib/courses.php
 *
 * With --again the courses stay as they are and only what the core makes of them is worked out anew, in a minute or two: after every
 * change of catalogue or core that changes the advice. Either way the seeder's file is written anew once all is worked out.
 */

use App\UseCases\Jobs\GenerateJobs;
use Illuminate\Contracts\Console\Kernel;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Simulation\Simulation;
use Orthoscope\Core\Simulation\Stock;
use Symfony\Component\Yaml\Yaml;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$generate = $app->make(GenerateJobs::class);

const SEED = 'history';
const COURSES = 240;

$line = fn (array $course): string => json_encode(
    $generate->workOut($course),
    JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
);
$write = fn (array $lines): int|false => file_put_contents(
    database_path('seeders/history-courses.json'),
    "[\n".implode(",\n", $lines)."\n]\n",
);
if (in_array('--again', $argv, true)) {
    $write(array_map($line, GenerateJobs::courses()));
    exit;
}
$history = Yaml::parseFile(dirname(__DIR__, 2).'/database/seeders/history.yaml');
$simulation = new Simulation(Catalogue::shipped(), SEED);
$lines = [];
for ($job = 0; count($lines) < COURSES; $job++) {
    $result = $simulation->play($job, 'planner');
    if ($result->end !== 'finished' || $result->comebacks > 0) {
        continue;
    }
    $entries = $result->written;
    $entries[0]['text'] = $history['told'][$entries[0]['reached']] ?? '';
    foreach ($entries as &$entry) {
        foreach ($entry['setup']['lent'] ?? [] as $part => $lent) {
            $entry['setup']['lent'][$part]['tag'] = $history['spares'][substr($lent['tag'], 4)];
        }
    }
    unset($entry);
    $lines[] = $line(['made_of' => Stock::machine(Draw::from(SEED." {$job} machine")), 'entries' => $entries]);
}
$write($lines);
