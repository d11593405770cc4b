<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** The bench page is read in one look on a bench screen, and pressed with gloves on a tablet. */
final class BenchInOneLookTest extends BrowserTestCase
{
    public function test_what_counts_is_seen_without_scrolling(): void
    {
        $this->logIn('rhea');
        $this->windowOf(1280, 800);
        $this->visit('/jobs/K4-327');
        $this->waitFor('.job-page');
        $bottoms = $this->browser->executeScript(
            <<<'JS'
            const bottoms = (css, count) => [...document.querySelectorAll(css)].slice(0, count)
                .map((one) => one.getBoundingClientRect().bottom);
            return { chain: bottoms('.chain', 1), steps: bottoms('details.step', 3), entries: bottoms('.trials tbody tr', 6),
                suspects: bottoms('.suspects ol > li', 5), free: [document.querySelector('.keys').getBoundingClientRect().top] };
            JS,
        );
        foreach (['chain' => 1, 'steps' => 3, 'entries' => 6, 'suspects' => 5] as $what => $count) {
            $this->assertCount($count, $bottoms[$what], $what);
            $this->assertLessThanOrEqual($bottoms['free'][0], max($bottoms[$what]), "{$what} end above the keys");
        }
        $this->assertLessThanOrEqual(
            40,
            $this->browser->executeScript('return document.querySelector(".keys").getBoundingClientRect().height'),
            'One line of keys.',
        );
    }

    public function test_a_finger_in_a_glove_hits_what_it_means(): void
    {
        $this->logIn('rhea');
        $this->windowOf(820, 1180, true);
        $this->visit('/jobs/K4-327');
        $this->waitFor('.job-page');
        $small = $this->browser->executeScript(
            <<<'JS'
            const pressed = '.keys button, .step.first .outcome, .bench details.step > summary, .rail a, .more summary';
            return [...document.querySelectorAll(pressed)]
                .filter((one) => one.checkVisibility() && one.getBoundingClientRect().height < 44)
                .map((one) => `${one.innerText.slice(0, 30)}: ${Math.round(one.getBoundingClientRect().height)}`);
            JS,
        );
        $this->assertSame([], $small);
        // A trial in two taps: the form, and how far it got where a button fits; here the outcome itself is one.
        $entries = count($this->browser->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('.trials tbody tr[data-entry]')));
        $this->clickOn($this->browser->findElement(\Facebook\WebDriver\WebDriverBy::cssSelector('.step.first .outcome')));
        $this->waitForEntries($entries + 1);
    }

    private function windowOf(int $width, int $height, bool $touch = false): void
    {
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
        $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => $touch, 'maxTouchPoints' => $touch ? 5 : 1]);
        $tools->execute('Emulation.setEmulatedMedia', ['features' => [['name' => 'pointer', 'value' => $touch ? 'coarse' : 'fine']]]);
    }
}
