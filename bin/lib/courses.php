<?php

declare(strict_types=1);

/**
 * Writes the courses that closed jobs of earlier years took, with what the core makes of them: machines drawn from the catalogue and worked
 * on by the adviser's own plan. Takes minutes. Run by hand, after catalogue or core changed: php bin/lib/courses.php >
 * database/seeders/history-courses.json
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
    $lines[] = json_encode(
        $generate->workOut(['made_of' => Stock::machine(Draw::from(SEED." {$job} machine")), 'entries' => $entries]),
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
    );
}
echo "[\n", implode(",\n", $lines), "\n]\n";
