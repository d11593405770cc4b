<?php

declare(strict_types=1);

/**
 * Run by bin/advice: what the planner faces after each entry of the worked courses, cut down to what can be solved exactly, and how far
 * its look one step ahead is from the best there is. Writes docs/advice/exact.json. Takes a minute or two.
 */

use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Simulation\Exact\PlannersProblem;
use Orthoscope\Core\Tests\Courses;
use Orthoscope\Core\Tests\Support\Bench;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";

$catalogue = Catalogue::shipped();
$untested = $ahead = $exact = [];
foreach (Courses::all() as [$course]) {
    $entries = [];
    foreach ($course['steps'] as $step) {
        $entries[] = $step['entry'];
        $case = CaseFile::parse(Bench::json($entries, $course['machine'] ?? [], $course['shelf'] ?? null), $catalogue);
        $problem = $case->record->lastStart() === null
            ? null
            : PlannersProblem::after($case->record, $case->machine, $case->shelf, $catalogue);
        if ($problem !== null) {
            $untested[] = $problem->untested();
            $ahead[] = $problem->oneStepAhead();
            $exact[] = $problem->exact();
        }
    }
}
$over = array_map(fn (float $rule, float $least): float => $rule / $least, $ahead, $exact);
sort($over);
file_put_contents("{$root}/docs/advice/exact.json", json_encode([
    'problems' => count($exact),
    'untested' => round(array_sum($untested) / count($exact), 1),
    'one_step_ahead' => round(array_sum($ahead) / count($exact), 1),
    'exact' => round(array_sum($exact) / count($exact), 1),
    'median' => round($over[intdiv(count($over), 2)], 4),
    'p95' => round($over[(int) (0.95 * count($over))], 4),
    'worst' => round(end($over), 4),
], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");
