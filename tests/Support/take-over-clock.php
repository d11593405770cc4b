<?php

declare(strict_types=1);

/** Read first by every PHP process that a test starts: from here on "now" is what the tests say. */

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

Tests\Support\TestClock::join();
