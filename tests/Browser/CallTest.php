<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverWait;

/** The telephone rings, the machine comes in, and the bench sees something else than was told. */
final class CallTest extends BrowserTestCase
{
    public function test_a_whole_call_by_keyboard(): void
    {
        [$tab, $enter] = [WebDriverKeys::TAB, WebDriverKeys::ENTER];
        $this->logIn('oda');
        $this->visit('/calls');
        $this->keys('Ansa Reed', $tab, '0555 610 004', $enter);
        $this->waitFor('.call-room');
        $tag = $this->text('.call-room .tag');
        $this->assertStringContainsString('Before anything else', $this->text('.ask'));
        $this->keys('a');
        $this->waitForText('Press the power button once');
        // A remark first, then the answer.
        $this->keys('r', 'it just sits there', $tab);
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('a');
        $this->waitForText('it just sits there');
        $this->assertStringContainsString('The power supply', $this->text('.suspects'));
        // Whatever comes: the caller does not know, three times.
        foreach (range(3, 5) as $answered) {
            $this->keys('u');
            $this->waitForText("Asked\n{$answered}");
        }
        // The answer about the button is changed; the old one is kept.
        $this->browser->findElement(WebDriverBy::xpath("//li[.//small[contains(., 'Press the power button once')]]//a"))->sendKeys($enter);
        $this->waitForText('answered before');
        $this->keys('b');
        // The question itself offers these words: only among the answers do they say that the new one is kept.
        $this->waitForText('it moves for a moment, then goes off', '.answered');
        $this->assertStringNotContainsString('nothing at all', $this->text('.answered'));
        // Booked in.
        $this->browser->executeScript("document.querySelector('.ending .main').focus()");
        $this->keys($enter);
        $this->waitForText('The number to quote');
        $this->assertSame($tag, $this->text('.tag.huge'));
        $this->assertStringContainsString('recovery key', $this->text('main'));
    }

    public function test_a_clock_counts_for_the_caller(): void
    {
        $this->logIn('oda');
        $this->visit('/calls/R6-583?question=force-off');
        $this->click('start the 5 second clock');
        (new WebDriverWait($this->browser, 10, 100))->until(fn (): bool => $this->text('.clock .num') === '3 s', 'it does not count');
        (new WebDriverWait($this->browser, 10, 100))->until(fn (): bool => $this->text('.clock .num') === 'now', 'it does not end');
        $this->assertSame('now', $this->text('.clock .num'));
    }

    public function test_arrival_with_a_photograph_and_a_bench_that_sees_something_else(): void
    {
        $this->logIn('rhea');
        $this->visit('/calls/W3-946/arrival');
        $this->assertStringContainsString('nothing at all', $this->text('.said'));
        $this->browser->findElement(WebDriverBy::name('model'))->sendKeys('Sandpiper 8');
        $this->browser->findElement(WebDriverBy::name('complaint'))->sendKeys('Dead as a stone');
        $this->click('Take in');
        $this->waitFor('.label-sheet');
        $this->click('Photographs');
        $this->waitFor('.photo-form');
        $picture = sys_get_temp_dir().'/photo-'.bin2hex(random_bytes(6)).'.png';
        $image = imagecreatetruecolor(640, 480);
        $this->assertNotFalse($image);
        imagepng($image, $picture);
        $this->click('Back');
        $this->clickOn($this->browser->findElement(WebDriverBy::cssSelector('svg.machine')));
        $this->browser->findElement(WebDriverBy::name('photo'))->setFileDetector(new LocalFileDetector)->sendKeys($picture);
        $this->browser->findElement(WebDriverBy::name('words'))->sendKeys('lead socket scorched');
        $this->click('Save photograph');
        $this->waitForText('1 photograph');
        unlink($picture);
        $this->assertSame(1, count($this->browser->findElements(WebDriverBy::cssSelector('.photos img[alt*="lead socket scorched"]'))));
        // Shrunk for the page, and no wider: the picture comes after the page does.
        $width = fn (): int => (int) $this->browser->executeScript("return document.querySelector('.photos img').naturalWidth");
        (new WebDriverWait($this->browser, 20, 100))->until(fn (): bool => $width() > 0, 'the photograph does not load');
        $this->assertSame(360, $width());

        // The first start goes all the way: told and seen stand side by side.
        $this->visit('/jobs/W3-946');
        $this->keys('t', 'u', WebDriverKeys::ENTER);
        $this->waitFor('.mismatch');
        $this->click('The bench sees something else than was told');
        $this->waitForText('Which socket and which leads did you use there');
        $this->assertStringContainsString('the wall socket or socket strip gave no power', $this->text('.mismatch'));
    }
}
