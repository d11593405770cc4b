<?php

declare(strict_types=1);

/** Run by bin/measure. Everything happens in one process and on a database of its own; only ratios are worth comparing. */

use App\Models\Job;
use App\Models\User;
use App\UseCases\Jobs\RecordEntries;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel as Http;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Catalogue\Catalogue;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Console::class)->bootstrap();
config(['session.driver' => 'array']);
/** Nothing after it would say anything. */
function giveUp(string $sentence): never
{
    fwrite(STDERR, "{$sentence}\n");
    exit(1);
}

DB::connection()->getDatabaseName() === ':memory:' || giveUp('This writes into its database; bin/measure gives it one of its own.');
Artisan::call('migrate', ['--force' => true]);
Artisan::call('db:seed', ['--class' => DatabaseSeeder::class, '--force' => true]);

/** Median milliseconds of several runs. */
function median(callable $run, int $times = 15): float
{
    $run();
    $taken = [];
    for ($i = 0; $i < $times; $i++) {
        $from = hrtime(true);
        $run();
        $taken[] = (hrtime(true) - $from) / 1e6;
    }
    sort($taken);

    return $taken[intdiv($times, 2)];
}

$http = $app->make(Http::class);
$visit = function (string $path) use ($http): void {
    Auth::setUser(User::query()->where('email', 'maud')->firstOrFail());
    $status = $http->handle(Request::create($path))->getStatusCode();
    $status === 200 || giveUp("{$path} answered {$status}");
};
$empty = median(fn () => $visit('/find?q='));
printf("%-34s %8.1f ms\n", 'an empty page', $empty);
foreach (['/' => 'floor', '/shelf' => 'shelf'] as $path => $name) {
    $taken = median(fn () => $visit($path));
    printf("%-34s %8.1f ms   %.1f times the empty page\n", $name, $taken, $taken / $empty);
}
foreach (Job::query()->here()->orderBy('id')->limit(8)->pluck('tag') as $tag) {
    $taken = median(fn () => $visit("/jobs/{$tag}"), 5);
    printf("%-34s %8.1f ms   %.1f times the empty page\n", "job {$tag}", $taken, $taken / $empty);
}

// Lists, finding and the job page with 1,000 and with 100,000 closed jobs of earlier years.
$lists = [
    '/' => 'floor',
    '/find?q=heron' => 'find a model',
    '/find?q=plover+max' => 'find by two words',
    '/find?q=0555+201+118' => 'find a number',
    '/jobs/K4-327' => 'job page',
    '/patterns' => 'patterns',
    '/comebacks' => 'comebacks',
    '/diary' => 'diary',
    '/how-well' => 'how well',
    '/counter' => 'counter',
];
$few = 1000;
$many = (int) ($argv[1] ?? 100000);
Artisan::call('shop:generate', ['count' => $few - DB::table('job_facts')->count(), '--seed' => 'few']);
Artisan::call('shop:figures');
// Each against an empty page of its own moment: the process itself grows slower or quicker over the minutes.
$against = function (array $paths) use ($visit): array {
    gc_collect_cycles();
    $empty = median(fn () => $visit('/find?q='), 31);

    return array_map(
        fn (string $path): array => ['ms' => ($taken = median(fn () => $visit($path))), 'empty' => $taken / $empty],
        array_combine($paths, $paths),
    );
};
$thousand = $against(array_keys($lists));
$from = hrtime(true);
Artisan::call('shop:generate', ['count' => $many - DB::table('jobs')->count(), '--seed' => 'many']);
printf(
    "%-34s %8.1f s, %d jobs, %d entries\n",
    'generating',
    (hrtime(true) - $from) / 1e9,
    DB::table('jobs')->count(),
    DB::table('entries')->count(),
);
Artisan::call('shop:figures');
foreach ($against(array_keys($lists)) as $path => $with) {
    printf(
        "%-34s %8.1f ms   %.1f times the empty page, %.2f times with {$few} jobs\n",
        "{$lists[$path]}, {$many} jobs",
        $with['ms'],
        $with['empty'],
        $with['empty'] / $thousand[$path]['empty'],
    );
}

// The shelf as it is in the demo, and with 5,000 spares and 100,000 loans.
$shelf = [
    '/shelf' => 'shelf',
    '/shelf?q=M-31' => 'shelf, one found',
    '/jobs/K4-327/donors/stick-1' => 'donors',
    '/jobs/K4-327/contacts' => 'contacts',
];
$small = array_map(fn (string $path): float => median(fn () => $visit($path)), array_combine(array_keys($shelf), array_keys($shelf)));
$kinds = ['stick', 'card', 'supply', 'processor', 'drive', 'screen'];
foreach (array_chunk(range(1, 5000), 500) as $some) {
    DB::table('spares')->insert(
        array_map(
            fn (int $i): array => [
                'tag' => "X-{$i}",
                'kind' => $kinds[$i % 6],
                'name' => "part {$i}",
                'trust' => 0.9,
                'trust_at' => now(),
                'value' => 1000,
                'fits' => '{"memory":"DDR4"}',
                'facts' => '[]',
                'origin' => 'retired',
                'status' => 'free',
                'reason' => '',
                'place' => 'A',
                'created_at' => now(),
                'updated_at' => now(),
            ],
            $some,
        ),
    );
}
[$spares, $jobs] = [DB::table('spares')->pluck('id')->all(), DB::table('jobs')->pluck('id')->all()];
foreach (array_chunk(range(1, 100000), 1000) as $some) {
    DB::table('loans')->insert(
        array_map(
            fn (int $i): array => [
                'spare_id' => $spares[$i % count($spares)],
                'job_id' => $jobs[$i % count($jobs)],
                'user_id' => 1,
                'lent_at' => now()->subHours(48 + ($i % 16000)),
                'due_at' => now(),
                'back_at' => now()->subHours(47 + ($i % 16000)),
                'result' => 'worked',
                'words' => '',
            ],
            $some,
        ),
    );
}
foreach ($shelf as $path => $name) {
    $taken = median(fn () => $visit($path));
    printf("%-34s %8.1f ms   %.1f times the demo shelf\n", "{$name}, 5,000 and 100,000", $taken, $taken / $small[$path]);
}
DB::table('loans')->where('due_at', '>=', now()->subMinutes(10))->whereNotNull('back_at')->delete();
DB::table('spares')->where('tag', 'like', 'X-%')->delete();

// One more entry on a record of 40, and the page that shows the new advice: what a technician waits for.
$record = $app->make(RecordEntries::class);
$maud = User::query()->where('email', 'maud')->firstOrFail();

$catalogue = Catalogue::shipped();
$cycle = require __DIR__.'/cycle.php';
$long = Job::query()->where('tag', 'T5-438')->firstOrFail();
for ($i = 0; $i < 39; $i++) {
    $record->record($long, $maud, [$cycle[$i % 5]]);
}
$next = 0;
$taken = median(function () use ($record, $long, $maud, $cycle, $visit, &$next): void {
    $record->record($long, $maud, [$cycle[$next++ % 5]]);
    $visit("/jobs/{$long->tag}");
}, 9);
printf("%-34s %8.1f ms   %.1f times the empty page\n", 'an entry at 40 and its new page', $taken, $taken / $empty);

$base = null;
foreach ([5, 15, 30, 60] as $count) {
    $entries = [];
    for ($i = 0; $i < $count; $i++) {
        $entries[] = $cycle[$i % 5];
    }
    $case = CaseFile::parse(
        json_encode(
            ['format' => CaseFile::FORMAT, 'machine' => ['facts' => ['status_lamps' => true]], 'entries' => $entries],
            JSON_THROW_ON_ERROR,
        ),
        $catalogue,
    );
    $taken = median(fn () => Assessment::of($case->machine, $case->record, $case->shelf, $catalogue), 5);
    $base ??= $taken;
    printf("%-34s %8.1f ms   %.1f times five entries\n", "all advice at {$count} entries", $taken, $taken / $base);
}
