<?php

declare(strict_types=1);

/**
 * Run by bin/mutate: changes the core in one place at a time and sees whether a test fails. What survives is a line no test minds.
 * Places are drawn by a seed, evenly over all of the core but what only measures it (command line, simulations). Tests are the quick
 * ones of the same room that ran the line, by the coverage map of one run; then the worked courses, whose ends are held figure by
 * figure; then the quick ones of other rooms; then the slow ones, but those that play whole jobs.
 */

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use SebastianBergmann\CodeCoverage\CodeCoverage;
use Symfony\Component\Finder\Finder;

[, $coverage, $sample, $seed, $folder] = $argv;
$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";

/** A mutant may take as many times as long as the class unchanged; one that hangs is counted apart. */
const PATIENCE = 4;

/** Seconds that tests of a few classes may take, which are not timed unchanged. */
const LIMIT = 300;

const COURSES = '/CourseTest/';

/** The slow ones of prepare.sh, but the courses and those that play whole jobs. */
define('SLOW', '/('.implode('|', array_diff(explode('|', (string) getenv('LONG')), ['CourseTest', 'Simulation'])).')/');

/** Most test classes of other rooms that are run on one mutant. */
const CLASSES = 25;

const SWAPS = [
    Node\Expr\BinaryOp\Smaller::class => ['<', '<='],
    Node\Expr\BinaryOp\SmallerOrEqual::class => ['<=', '<'],
    Node\Expr\BinaryOp\Greater::class => ['>', '>='],
    Node\Expr\BinaryOp\GreaterOrEqual::class => ['>=', '>'],
    Node\Expr\BinaryOp\Identical::class => ['===', '!=='],
    Node\Expr\BinaryOp\NotIdentical::class => ['!==', '==='],
    Node\Expr\BinaryOp\Plus::class => ['+', '-'],
    Node\Expr\BinaryOp\Minus::class => ['-', '+'],
    Node\Expr\BinaryOp\Mul::class => ['*', '/'],
    Node\Expr\BinaryOp\Div::class => ['/', '*'],
    Node\Expr\BinaryOp\BooleanAnd::class => ['&&', '||'],
    Node\Expr\BinaryOp\BooleanOr::class => ['||', '&&'],
];

/**
 * What a comparison becomes where a number that is not whole stands on either side: the other way round. That it just equals its bound
 * happens to no machine, so the bound itself cannot be told from its neighbour by any test.
 */
const TURNED = [
    Node\Expr\BinaryOp\Smaller::class => '>=',
    Node\Expr\BinaryOp\SmallerOrEqual::class => '>',
    Node\Expr\BinaryOp\Greater::class => '<=',
    Node\Expr\BinaryOp\GreaterOrEqual::class => '<',
];

/** @return list<array{int, int, string, int}> from, length, what stands there instead, line */
function places(string $code): array
{
    $places = [];
    $parsed = (new ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? [];
    foreach ((new NodeFinder)->findInstanceOf($parsed, Node\Stmt\ClassMethod::class) as $method) {
        $strict = strictFlags($method->stmts ?? []);
        foreach ((new NodeFinder)->findInstanceOf($method->stmts ?? [], Node::class) as $node) {
            $place = in_array($node, $strict, true) ? null : place($node, $code);
            array_push($places, ...$place === null ? [] : [[...$place, $node->getStartLine()]]);
        }
    }

    return $places;
}

/**
 * The last word of `in_array` and its like: what is looked for is as a rule a word among words, so that asking loosely is the same. No test
 * can tell the two apart, and none should.
 *
 * @param  array<Node>  $within
 *
 * @return list<Node>
 */
function strictFlags(array $within): array
{
    $flags = [];
    foreach ((new NodeFinder)->findInstanceOf($within, Node\Expr\FuncCall::class) as $call) {
        if (in_array((string) ($call->name->name ?? ''), ['in_array', 'array_search', 'array_keys'], true) && isset($call->args[2])) {
            $flags[] = $call->args[2]->value;
        }
    }

    return $flags;
}

/** @return ?array{int, int, string} */
function place(Node $node, string $code): ?array
{
    $from = $node->getStartFilePos();
    $length = $node->getEndFilePos() - $from + 1;
    $swap = SWAPS[$node::class] ?? null;
    if ($swap !== null && $node instanceof Node\Expr\BinaryOp) {
        $between = $node->left->getEndFilePos() + 1;
        $at = strpos($code, $swap[0], $between);

        // What joins two arrays cannot be taken away from one another.
        return $at === false || $at > $node->right->getStartFilePos() || ($swap[0] === '+' && joinsArrays($node))
            ? null
            : [$at, strlen($swap[0]), isset(TURNED[$node::class]) && isContinuous($node, $code) ? TURNED[$node::class] : $swap[1]];
    }

    return match (true) {
        $node instanceof Node\Expr\BooleanNot => [$from, 1, ''],
        $node instanceof Node\Scalar\Int_ => [$from, $length, (string) ($node->value + 1)],
        $node instanceof Node\Scalar\Float_ => [$from, $length, var_export($node->value + 1.0, true)],
        $node instanceof Node\Expr\ConstFetch && $node->name->toLowerString() === 'true' => [$from, $length, 'false'],
        $node instanceof Node\Expr\ConstFetch && $node->name->toLowerString() === 'false' => [$from, $length, 'true'],
        $node instanceof Node\Stmt\Continue_ => [$from, $length, 'break;'],
        $node instanceof Node\Stmt\Expression && $node->expr instanceof Node\Expr\MethodCall => [$from, $length, ''],
        default => null,
    };
}

/** Whether a side is a number that is not whole: written so, a constant of the class that is, or a number of the catalogue. */
function isContinuous(Node\Expr\BinaryOp $node, string $code): bool
{
    return (new NodeFinder)->findFirst([$node->left, $node->right], fn (Node $one): bool => match (true) {
        $one instanceof Node\Scalar\Float_ => true,
        $one instanceof Node\Expr\MethodCall => ($one->name->name ?? '') === 'number',
        $one instanceof Node\Expr\ClassConstFetch => preg_match("/const {$one->name->toString()} = [0-9.e-]*[.e]/", $code) === 1,
        default => false,
    }) !== null;
}

function joinsArrays(Node\Expr\BinaryOp $node): bool
{
    foreach ([$node->left, $node->right] as $side) {
        $isNumber = $side instanceof Node\Scalar || $side instanceof Node\Expr\BinaryOp;
        if ($side instanceof Node\Expr\Array_ || $side instanceof Node\Expr\Match_ || (! $isNumber && (new NodeFinder)->findFirst(
            [$side],
            fn (Node $one): bool => $one instanceof Node\Expr\FuncCall && str_starts_with((string) ($one->name->name ?? ''), 'array_'),
        ) !== null)) {
            return true;
        }
    }

    return false;
}

/** @var CodeCoverage $covered */
$covered = require $coverage;
$lines = $covered->getData()->lineCoverage();

$all = $never = [];
$measures = ['CommandLine', 'Simulation', 'Patterns/SimulatedYear'];
$files = Finder::create()->files()->in("{$root}/core/src/{$folder}")->name('*.php')->notPath($measures);
foreach ($files->sortByName() as $file) {
    foreach (places($file->getContents()) as [$from, $length, $instead, $line]) {
        $tests = [];
        foreach ($lines as $path => $byLine) {
            if (str_ends_with($path, '/core/src/'.ltrim("{$folder}/", '/').$file->getRelativePathname())) {
                $tests = $byLine[$line] ?? [];
            }
        }
        $all[] = [$file->getPathname(), $from, $length, $instead, $line, $tests];
    }
}
mt_srand(crc32($seed));
shuffle($all);
$drawn = array_slice($all, 0, (int) $sample);
printf("%d places, %d drawn by the seed \"%s\".\n", count($all), count($drawn), $seed);

/** @return list<string> filters of tests, to be run one after the other: what is nearest to the class first */
function stages(array $tests, string $path): array
{
    $name = basename($path, '.php');
    $room = basename(dirname($path));
    $classes = array_unique(array_map(fn (string $test): string => explode('::', $test)[0], $tests));
    $isNear = fn (string $class): bool => str_ends_with($class, "\\{$name}Test") || str_contains($class, "\\{$room}\\");
    $near = array_filter($classes, $isNear);
    $far = array_diff($classes, $near);
    sort($near);
    sort($far);

    return array_values(array_filter([named($near), COURSES, named(array_slice($far, 0, CLASSES)), SLOW]));
}

/** @return ?string a file with the class as it was changed; null where that is no PHP */
function changed(array $mutant): ?string
{
    [$path, $from, $length, $instead] = $mutant;
    $code = (string) file_get_contents($path);
    $changed = substr($code, 0, $from).$instead.substr($code, $from + $length);
    $changed = str_replace('__DIR__', var_export(dirname($path), true), $changed);
    $file = (string) tempnam(sys_get_temp_dir(), 'mutant');
    file_put_contents($file, $changed);
    exec(PHP_BINARY.' -l '.escapeshellarg($file).' 2>&1', $out, $status);

    return $status === 0 ? $file : null;
}

/** @return resource a run of the tests that the filter names, with the class taken from the file */
function run(string $file, string $path, string $filter, string $root, int $limit)
{
    $class = 'Orthoscope\\Core\\'.str_replace('/', '\\', substr($path, strlen("{$root}/core/src/"), -4));
    $command = ['timeout', (string) $limit, PHP_BINARY, ...explode(' ', (string) getenv('COMPILED')), '-d', 'memory_limit=1G',
        'vendor/bin/phpunit', '--bootstrap', 'bin/lib/mutant.php', '--testsuite', 'core', '--stop-on-defect', '--no-progress',
        '--do-not-cache-result', '--filter', $filter];
    $process = proc_open($command, [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, $root, [
        ...getenv(),
        'MUTANT_CLASS' => $class,
        'MUTANT_FILE' => $file,
    ]);

    return $process === false ? throw new RuntimeException('No test could be started.') : $process;
}

/** @return string empty where there are none */
function named(array $classes): string
{
    return $classes === [] ? '' : '/^('.implode('|', array_map(fn (string $class): string => preg_quote($class, '/'), $classes)).')::/';
}

/** Seconds that the tests take with nothing changed: a mutant that takes several times as long hangs. */
function unchanged(string $filter, string $root): int
{
    $from = time();
    $process = run('', "{$root}/core/src/NoClass.php", $filter, $root, 3600);
    while (($status = proc_get_status($process))['running']) {
        usleep(50000);
    }

    return $status['exitcode'] === 0 ? time() - $from : throw new RuntimeException("The tests {$filter} fail as they are.");
}

$limits = [];
foreach ([COURSES, SLOW] as $filter) {
    $limits[$filter] = 30 + PATIENCE * unchanged($filter, $root);
    printf("%s: at most %d s a mutant\n", $filter, $limits[$filter]);
}
$start = fn (string $file, string $path, string $filter) => run($file, $path, $filter, $root, $limits[$filter] ?? LIMIT);

$killed = $survived = $hung = $no = 0;
$workers = max(1, (int) (getenv('WORKERS') ?: trim((string) shell_exec('nproc'))));
$running = [];
while ($drawn !== [] || $running !== []) {
    while (count($running) < $workers && $drawn !== []) {
        $mutant = array_shift($drawn);
        $where = str_replace("{$root}/", '', $mutant[0]).":{$mutant[4]}";
        $source = trim(explode("\n", (string) file_get_contents($mutant[0]))[$mutant[4] - 1]);
        $what = substr((string) file_get_contents($mutant[0]), $mutant[1], $mutant[2]);
        $words = "{$where}\n    {$source}\n    ".trim(substr($what, 0, 60)).' -> '.($mutant[3] === '' ? '(gone)' : $mutant[3]);
        $file = changed($mutant);
        if ($file === null) {
            $no++;

            continue;
        }
        $stages = stages($mutant[5], $mutant[0]);
        $running[] = [$start($file, $mutant[0], array_shift($stages)), $file, $mutant[0], $words, $stages];
    }
    usleep(50000);
    foreach ($running as $i => [$process, $file, $path, $words, $stages]) {
        $status = proc_get_status($process);
        if ($status['running']) {
            continue;
        }
        if ($status['exitcode'] === 0 && $stages !== []) {
            $running[$i] = [$start($file, $path, array_shift($stages)), $file, $path, $words, $stages];

            continue;
        }
        match ($status['exitcode']) {
            0 => $survived++,
            124 => $hung++,
            default => $killed++,
        };
        if (in_array($status['exitcode'], [0, 124], true)) {
            printf("%-10s %s\n    %d found out so far\n", $status['exitcode'] === 0 ? 'survived' : 'hung', $words, $killed);
        }
        unlink($file);
        unset($running[$i]);
    }
}
$of = $killed + $survived + $hung;
printf(
    "%d of %d found out (%.0f %%), of which %d never ended; %d were no PHP.\n",
    $killed + $hung,
    $of,
    100 * ($killed + $hung) / max(1, $of),
    $hung,
    $no,
);
