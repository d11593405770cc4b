<?php

declare(strict_types=1);

/** The bootstrap of tests that are run on a mutant: one class of the core comes from another file. Set up by bin/lib/mutate.php. */
require dirname(__DIR__, 2).'/vendor/autoload.php';
spl_autoload_register(function (string $class): void {
    if ($class === getenv('MUTANT_CLASS')) {
        require getenv('MUTANT_FILE');
    }
}, prepend: true);
