<?php

declare(strict_types=1);

/** What bin/measure records over and over to make a record long. */
return [
    ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']],
    ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear'],
    ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['out' => ['stick-2']], 'signs' => ['lamp' => 'memory']],
    ['kind' => 'act', 'act' => 'clear-settings', 'on' => ['settings']],
    ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'setup' => ['place' => 'bench'], 'signs' => ['lamp' => 'memory']],
];
