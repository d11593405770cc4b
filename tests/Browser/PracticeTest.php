<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** Somebody learns: a lesson, its first machine worked and named by key and mouse, the debrief, and on to the next. */
final class PracticeTest extends BrowserTestCase
{
    public function test_a_machine_is_solved_looked_back_at_and_leads_to_the_next_lesson(): void
    {
        $this->logIn('piet');
        $this->visit('/practice');
        $this->click('The power path');
        $this->waitForText('Five machines, then a test');
        $this->click('Begin');
        $this->waitForText('1 of 6');
        $this->choose('advice', 'speaks');
        $this->click('Take it');
        $this->waitForText('What do you think?');
        // What is thought goes along with the deed that is done by its key.
        $this->choose('guess[part][0]', 'supply');
        $this->browser->findElement(WebDriverBy::name('guess[percent][0]'))->sendKeys('60');
        $this->choose('guess[expected]', 'nothing');
        $this->browser->findElement(WebDriverBy::name('guess[sure]'))->sendKeys('90');
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('s');
        $this->waitForText('1 done');
        $this->assertSame('60', $this->browser->findElement(WebDriverBy::name('guess[percent][0]'))->getAttribute('value'));
        $board = (string) $this->browser->findElement(WebDriverBy::cssSelector('.practice-board svg'))->getAttribute('aria-label');
        $this->assertStringContainsString('no signal', $board);
        // A look is picked on the drawing, and answered.
        $this->keys('m');
        $this->waitFor('#d-check[open]');
        $this->browser->findElement(WebDriverBy::cssSelector('[data-pick=supply-test]'))->click();
        $this->browser->findElement(WebDriverBy::cssSelector('#d-check footer .main'))->click();
        $this->waitForText('2 done');
        $this->assertMatchesRegularExpression('/all rails within limits|dead, or a rail out of limits/', $this->text('.trials'));
        $this->keys('a');
        $this->waitForText('3 done');
        $this->keys('g');
        $this->waitFor('#d-verdict[open]');
        (new WebDriverSelect($this->browser->findElement(WebDriverBy::id('v-0'))))->selectByValue('board');
        $this->click('Say it');
        $this->waitForText('Type how sure you are in percent');
        $this->waitFor('#d-verdict[open]');
        $this->browser->findElement(WebDriverBy::id('v-sure'))->sendKeys('70');
        $this->click('Say it');
        $this->waitForText('What it teaches');
        $this->waitForText('The same machine, the same luck');
        $this->assertCount(3, $this->browser->findElements(WebDriverBy::cssSelector('.debrief tbody tr')));
        $this->browser->findElement(WebDriverBy::cssSelector('.debrief tbody tr:first-child a'))->click();
        $this->waitFor('.debrief tr.here a[aria-current]');
        $this->click('Back to the lesson');
        $this->waitForText('Five machines, then a test');
        $this->assertCount(1, $this->browser->findElements(WebDriverBy::cssSelector('.grades .named, .grades .missed')));
    }

    public function test_beeps_are_heard_and_read(): void
    {
        $this->logIn('rhea');
        $this->visit('/practice/2');
        $this->waitFor('.practice-board');
        // Sound is not there in a browser without a screen; what would be played is.
        $this->browser->executeScript(
            'window.played = []; window.AudioContext = class { constructor() { this.currentTime = 0; this.destination = {}; }'
                .' createOscillator() { const tone = { frequency: {}, connect: (to) => to, stop() {},'
                .' start: (at) => window.played.push(at) };'
                .' return tone; } createGain() { return { gain: {}, connect: (to) => to }; } };',
        );
        $this->keys('s');
        $this->waitForText('3 done');
        $this->waitFor('[data-beeps]');
        $said = $this->text('.practice-board figcaption');
        $this->browser->executeScript('window.played = []; document.querySelector("[data-beeps]").click()');
        $played = $this->browser->executeScript('return window.played.length');
        $this->assertSame(substr_count($said, 'long') + substr_count($said, 'short'), $played);
        $this->assertGreaterThan(0, $played);
    }

    private function choose(string $name, string $value): void
    {
        (new WebDriverSelect($this->waitFor("select[name=\"{$name}\"]")))->selectByValue($value);
    }
}
