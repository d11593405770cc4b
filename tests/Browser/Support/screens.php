<?php

declare(strict_types=1);

/** Takes one picture of each main view, at 1280x800, from the demo data. Run by bin/screens. */

require dirname(__DIR__, 3).'/vendor/autoload.php';

use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\DemoServer;
use Tests\Browser\Support\Driver;

/** @var array<string, array{who: string, path: string, theme?: string, script?: string}> $views */
$views = [
    'floor' => ['who' => 'rhea', 'path' => '/'],
    'counter' => ['who' => 'oda', 'path' => '/counter'],
    'call' => ['who' => 'oda', 'path' => '/calls/R6-583'],
    'call-ended' => ['who' => 'oda', 'path' => '/calls/N7-228'],
    'photos' => ['who' => 'oda', 'path' => '/jobs/K4-327/photos'],
    'job-find' => ['who' => 'rhea', 'path' => '/jobs/K4-327'],
    'job-confirm-dark' => ['who' => 'piet', 'path' => '/jobs/C7-254', 'theme' => 'dark'],
    'job-locked' => ['who' => 'piet', 'path' => '/jobs/P3-662'],
    'job-mismatch' => ['who' => 'piet', 'path' => '/jobs/D5-864', 'script' => "document.querySelector('.mismatch').open = true"],
    'job-prove' => ['who' => 'rhea', 'path' => '/jobs/M2-895'],
    'job-record-a-start' => ['who' => 'rhea', 'path' => '/jobs/T5-438', 'script' => "document.querySelector('.keys [data-dialog=start]').click()"],
    'job-measure' => ['who' => 'rhea', 'path' => '/jobs/K4-327', 'script' => "document.querySelector('.keys [data-dialog=check]').click(); document.querySelector('[data-pick=supply-test]').click()"],
    'socket' => ['who' => 'rhea', 'path' => '/jobs/T5-438/socket'],
    'codes' => ['who' => 'maud', 'path' => '/codes'],
    'close' => ['who' => 'maud', 'path' => '/jobs/M2-895/close'],
    'letter' => ['who' => 'maud', 'path' => '/jobs/H8-286/letter'],
    'supply' => ['who' => 'rhea', 'path' => '/jobs/T5-438/supply?watts=300+W&amps=18A&has6=0&has8=0&processor=95&card6=1&card8=0&fans=3'],
    'shelf' => ['who' => 'maud', 'path' => '/shelf'],
    'contacts' => ['who' => 'rhea', 'path' => '/jobs/C7-254/contacts'],
];

$folder = dirname(__DIR__, 3).'/docs/screenshots';
is_dir($folder) || mkdir($folder);
$server = DemoServer::start();
$driver = Driver::start();
try {
    foreach ($views as $name => $view) {
        $browser = $driver->open();
        $browser->get($server->address.'/login');
        $browser->manage()->addCookie(new Cookie('theme', $view['theme'] ?? 'light'));
        $browser->findElement(WebDriverBy::name('email'))->sendKeys($view['who']);
        $browser->findElement(WebDriverBy::name('password'))->sendKeys('lantern-demo')->submit();
        usleep(400_000);
        $browser->get($server->address.$view['path']);
        if (isset($view['script'])) {
            $browser->executeScript($view['script']);
        }
        usleep(400_000);
        $browser->takeScreenshot("{$folder}/{$name}.png");
        $browser->quit();
        echo "{$name}.png\n";
    }
} finally {
    $driver->stop();
    $server->stop();
}
