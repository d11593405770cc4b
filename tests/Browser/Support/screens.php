<?php

declare(strict_types=1);

/** Takes one picture of each main view, at 1280x800, from the demo data. Run by bin/screens. */

require dirname(__DIR__, 3).'/vendor/autoload.php';

use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Tests\Browser\Support\DemoServer;
use Tests\Browser\Support\Driver;

/**
 * @var array<string, array{who: string, path: string, theme?: string, script?: string, follow?: string, filled?: string, width?: int}>
 *     $views `follow` is the part of the page that holds the address of the view, `filled` what must have come by a later request
 */
$views = [
    'floor' => ['who' => 'rhea', 'path' => '/'],
    'practice' => ['who' => 'rhea', 'path' => '/practice/2'],
    'practice-debrief' => ['who' => 'rhea', 'path' => '/practice/1/debrief', 'filled' => '[x-data=rivals] table'],
    'counter' => [
        'who' => 'oda',
        'path' => '/counter',
        'script' => "const words = document.querySelector('[name=complaint]'); words.value = 'Since we moved the fans run but the screen "
            ."stays black, now and then it works'; words.dispatchEvent(new Event('input'));",
    ],
    'call' => ['who' => 'oda', 'path' => '/calls/R6-583'],
    'job-find' => ['who' => 'rhea', 'path' => '/jobs/K4-327'],
    'job-confirm-dark' => ['who' => 'piet', 'path' => '/jobs/C7-254', 'theme' => 'dark'],
    'job-locked' => ['who' => 'piet', 'path' => '/jobs/P3-662'],
    'job-record-a-start' => [
        'who' => 'rhea',
        'path' => '/jobs/T5-438',
        'script' => "document.querySelector('.keys [data-dialog=start]').click()",
    ],
    'job-measure' => [
        'who' => 'rhea',
        'path' => '/jobs/K4-327',
        'script' => "document.querySelector('.keys [data-dialog=check]').click(); "
            ."document.querySelector('[data-pick=supply-test]').click()",
    ],
    'why' => ['who' => 'piet', 'path' => '/jobs/K4-327/why/slot-A2'],
    'handbook' => ['who' => 'oda', 'path' => '/book/fault/slot-dirty'],
    'decide' => ['who' => 'maud', 'path' => '/jobs/V8-449/decide'],
    'quote-telephone' => ['who' => 'maud', 'path' => '/jobs/V8-449/quotes/1', 'follow' => '.address', 'width' => 500],
    'prove' => ['who' => 'piet', 'path' => '/jobs/M2-895/prove'],
    'letter' => ['who' => 'oda', 'path' => '/jobs/H8-286/letter'],
    'shelf' => ['who' => 'maud', 'path' => '/shelf'],
    'patterns' => ['who' => 'maud', 'path' => '/patterns'],
    // Last, because it hands the machine over.
    'invoice' => [
        'who' => 'oda',
        'path' => '/jobs/H8-286/collect',
        'script' => "document.querySelector('[name=reference]').value = 'H8-286';"
            ."document.querySelectorAll('[name=\"with[]\"]').forEach((one) => (one.checked = true));"
            ."document.querySelector('[value=card]').click();"
            ."document.querySelector('[name=to]').value = 'Lower Quay Bakery\\n4 Quay Lane\\nPort Ansel';"
            ."document.querySelector('form.collect').submit()",
    ],
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
        if (isset($view['follow'])) {
            $browser->manage()->window()->setSize(new WebDriverDimension($view['width'] ?? 1280, 940));
            $browser->get(
                $server->address.parse_url($browser->findElement(WebDriverBy::cssSelector($view['follow']))->getText(), PHP_URL_PATH),
            );
        }
        if (isset($view['script'])) {
            $browser->executeScript($view['script']);
            // What it brings about may be asked of the server.
            usleep(1_200_000);
        }
        if (isset($view['filled'])) {
            $browser->wait(60)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector($view['filled'])));
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
