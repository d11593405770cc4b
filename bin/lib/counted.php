<?php

declare(strict_types=1);

/**
 * Run by bin/test: says how many tests passed and failed, and ends with whether all of them passed. Its words are the folder of the run and
 * the checks that leave a list of their tests there; of the others only whether they failed is known.
 */
[, $run] = $argv;
$suites = array_slice($argv, 2);
$ofSuites = array_map(fn (string $suite): string => "{$run}/{$suite}.failed", $suites);
$passed = 0;
$failed = count(array_diff(glob("{$run}/*.failed") ?: [], $ofSuites));
foreach ($suites as $suite) {
    $file = "{$run}/{$suite}.xml";
    $xml = is_file($file) && filesize($file) > 0 ? simplexml_load_file($file) : false;
    // A suite that broke before its first test has no failed test to count.
    $failed += $xml === false ? 1 : 0;
    foreach ($xml === false ? [] : $xml->xpath('//testcase') as $case) {
        isset($case->failure) || isset($case->error) ? $failed++ : $passed++;
    }
}
$failed = max($failed, count(glob("{$run}/*.failed") ?: []));
echo "\n{$passed} passed, {$failed} failed\n";
exit($failed > 0 || $passed === 0 ? 1 : 0);
