<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** One machine from the counter to its owner: once by mouse, once by keyboard alone. */
final class FirstLightTest extends BrowserTestCase
{
    public function test_by_mouse(): void
    {
        $tag = $this->takeInByMouse();
        $this->click('log out');
        // What is left behind is gone before somebody else comes.
        $this->waitFor('input[name=password]');
        $this->logIn('piet');
        $this->click($tag);
        $this->waitForText('Start it as it is');
        $this->assertSame('not-tested', $this->standing('drive'));

        // The baseline, from the suggested step.
        $this->press('Start it as it is', 'nothing happens');
        $this->waitForEntries(2);
        $this->assertSame('hidden', $this->standing('drive'));
        $this->assertSame('suspect', $this->standing('supply'));

        // A slip of the pen, struck out: everything is worked out again.
        $before = $this->text('.suspects');
        $this->click('look or measure');
        (new WebDriverSelect($this->browser->findElement(WebDriverBy::id('c-check'))))->selectByValue('supply-test');
        $this->click('dead, or a rail out of limits');
        $this->click('Record finding');
        $this->waitForEntries(3);
        $this->assertSame('condemned', $this->standing('supply'));
        $this->click('strike');
        $this->browser->findElement(WebDriverBy::id('x-entry-text'))->sendKeys('that was the other bench');
        $this->browser->findElement(WebDriverBy::cssSelector('#d-strike .main'))->click();
        $this->waitForEntries(4);
        $this->assertSame('suspect', $this->standing('supply'));
        $this->assertStringContainsString('that was the other bench', $this->text('.trials'));
        $this->assertSame($this->percents($before), $this->percents($this->text('.suspects')));

        // A swap that cures: provisional, and put back before anything is condemned.
        $this->press('Lend a known-good supply', 'starts and stays up');
        $this->waitForEntries(5);
        $this->assertSame('provisional', $this->standing('supply'));
        $this->assertStringContainsString('Put the supply back', $this->text('.step.first'));
        $this->press('Put the supply back', 'nothing happens');
        $this->waitForEntries(6);
        $this->assertSame('condemned', $this->standing('supply'));

        // Repair, prove outside and inside, close, letter.
        $this->press('Supply on the tester', 'dead, or a rail out of limits');
        $this->waitForEntries(7);
        $this->assertStringContainsString('replace the supply', $this->text('.step.first'));
        $this->click('done');
        $this->waitForEntries(8);
        $this->proveByMouse();
        $this->click('close the job');
        $this->waitForText('The letter, as it stands');
        // The spare goes back first, with a look and a result.
        $this->assertMatchesRegularExpression('/^S-\d\d/', $this->text('.loan-back'));
        $this->click('looked at: contacts, plugs, smell');
        $this->click('bring back');
        $this->waitForText('is back.');
        // The price is worked out from the record. It may be another.
        $price = $this->browser->findElement(WebDriverBy::name('price'));
        $this->assertGreaterThanOrEqual(
            78.0,
            (float) $price->getAttribute('value'),
            'A supply of 65.00 and its tax, and the minutes that went by.',
        );
        $this->assertStringContainsString("€ {$price->getAttribute('value')}", $this->text('.bill'));
        $this->assertSame('12', $this->browser->findElement(WebDriverBy::name('warranty_months'))->getAttribute('value'));
        $price->clear();
        $price->sendKeys('89,90');
        $this->click('Close, make the letter');
        $this->waitForText('The owner opens it here');
        $address = (string) $this->browser->findElement(WebDriverBy::cssSelector('.address'))->getAttribute('href');

        $this->browser = $this->anotherBrowser();
        $this->browser->get($address);
        foreach (
            [
                '“Does nothing since the storm”',
                'The power supply no longer worked.',
                'We are sure',
                'We replaced the power supply.',
                '89.90',
                '12 months',
            ] as $expected
        ) {
            $this->assertStringContainsString($expected, $this->text('.letter'));
        }
        $this->visit('/');
        $this->assertStringEndsWith('/login', $this->browser->getCurrentURL());
    }

    public function test_by_keyboard_alone(): void
    {
        $tab = WebDriverKeys::TAB;
        $enter = WebDriverKeys::ENTER;
        $this->visit('/login');
        $this->keys('oda', $tab, 'lantern-demo', $enter);
        $this->waitFor('.who');
        $this->visit('/counter');
        $this->keys('Bo Lamb', $tab, '0555 777 210', $tab, 'bo@example.org', $tab, 'Curlew 90');
        $this->focusByTab('f-complaint');
        $this->keys('Dark after I cleaned it', $tab, $enter);
        $this->waitFor('.label-sheet .tag');
        $tag = $this->text('.label-sheet .tag');

        $this->browser->manage()->deleteAllCookies();
        $this->visit('/login');
        $this->keys('rhea', $tab, 'lantern-demo', $enter);
        $this->waitFor('.who');
        $this->browser->findElement(WebDriverBy::tagName('body'));
        $this->keys('/', str_replace('-', '', strtolower($tag)), $enter);
        $this->waitFor('.job-page');

        // The first start: t, the letter of the outcome, Enter.
        $this->keys('t', 'n', $enter);
        $this->waitForEntries(2);
        $this->assertStringContainsString('nothing happens', $this->text('.trials tbody tr'));
        // A suggested step: its number, the letter of its outcome.
        $step = $this->browser->findElement(WebDriverBy::xpath("//details[.//h3[contains(., 'Another wall lead')]]"));
        $button = $step->findElement(WebDriverBy::xpath(".//button[contains(., 'nothing happens')]"));
        $this->keys((string) $step->getAttribute('data-step'), (string) $button->getAttribute('data-key'));
        $this->waitForEntries(3);
        $entries = 3;
        // A note, and a strike-out of it.
        $this->keys('n', 'by keyboard', $tab, $tab, $tab, $enter);
        $this->waitForEntries($entries + 1);
        $this->keys('x', $tab, 'not needed', $enter);
        $this->waitForEntries($entries + 2);
        $this->assertStringContainsString('struck out: not needed', $this->text('.trials'));
        // Esc leaves a form without a word on the record.
        $this->keys('m', WebDriverKeys::ESCAPE);
        $this->assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('dialog[open]')));
        // A reading: the choice by its first letters, the result by Tab and space.
        $this->keys('m', 'supply');
        $this->focusByTab('', '[data-check=supply-test] input[type=radio]');
        $this->keys(' ', $enter);
        $this->waitForEntries($entries + 3);
        $this->assertSame('condemned', $this->standing('supply'));
        // Repair, prove and close by the letter of what the page puts first.
        $this->keys('a');
        $this->waitForEntries($entries + 4);
        for ($proved = 1; $proved < 10 && ! str_contains($this->text('.step.first'), 'Proved'); $proved++) {
            $this->keys('a');
            $this->waitForEntries($entries + 4 + $proved);
        }
        $this->assertStringContainsString('Proved: hand it back', $this->text('.step.first'));
        $this->focusByTab('', '.step.first a.outcome');
        $this->keys($enter);
        $this->waitFor('#f-price');
        // What was lent goes back first: looked at, by the space bar.
        while ($this->browser->findElements(WebDriverBy::cssSelector('.loan-back')) !== []) {
            $tag = $this->text('.loan-back .lent');
            $this->focusByTab('', '.loan-back input[type=checkbox]');
            $this->keys(' ');
            $this->focusByTab('', '.loan-back button');
            $this->keys($enter);
            $this->waitForText("{$tag} is back.");
        }
        $this->focusByTab('f-price');
        $this->keys('45', $enter);
        $this->waitForText('The owner opens it here');
        $this->assertStringContainsString('45.00', $this->text('.letter'));
    }

    /** Opens a suggested step if it is shut, and presses one of its outcomes. */
    private function press(string $step, string $outcome): void
    {
        $details = $this->browser->findElement(WebDriverBy::xpath("//details[contains(@class, 'step')][.//h3[contains(., '{$step}')]]"));
        if ($details->getAttribute('open') === null) {
            $summary = $details->findElement(WebDriverBy::tagName('summary'));
            $this->clickOn($summary);
        }
        $this->clickOn($details->findElement(WebDriverBy::xpath(".//button[contains(., '{$outcome}')]")));
    }

    private function takeInByMouse(): string
    {
        $this->logIn('oda');
        $this->click('Counter');
        $this->waitFor('form.intake');
        $this->click('Take in');
        $this->waitForText('Nothing you typed is lost');
        $typed = [
            'name' => 'Perrin Ash',
            'phone' => '0555 321 654',
            'model' => 'Wader 30',
            'complaint' => 'Does nothing since the storm',
        ];
        foreach ($typed as $field => $value) {
            $this->browser->findElement(WebDriverBy::name($field))->sendKeys($value);
        }
        $this->waitForText('Take as heard: nothing happens · storm or power cut');
        $this->click('Take as heard');
        $this->waitFor('[data-field=reached] :checked');
        $this->click('Take in');
        $this->waitFor('.qr');
        $tag = $this->text('.label-sheet .tag');
        $this->click('Floor');
        $this->waitForText($tag);

        return $tag;
    }

    private function proveByMouse(): void
    {
        $this->waitForText('Prove it');
        // It never left its case, so nobody has to take it out to prove it.
        for ($entries = 9; $entries < 18 && ! str_contains($this->text('.step.first'), 'every fan turns'); $entries++) {
            $this->click('in the case: stays up');
            $this->waitForEntries($entries);
        }
        // What was opened shows that its fans turn before it goes back.
        $this->click('every fan turns');
        $this->waitForEntries($entries);
        $this->assertStringContainsString('Proved: hand it back', $this->text('.step.first'));
        $this->assertSame('proved', $this->standing('supply'));
    }

    private function focusByTab(string $id, string $css = ''): void
    {
        for ($i = 0; $i < 90; $i++) {
            $there = $this->browser->executeScript(
                'const e = document.activeElement; return arguments[0] ? e.id === arguments[0] : e.matches(arguments[1])',
                [$id, $css === '' ? '*' : $css],
            );
            if ($there) {
                return;
            }
            $this->tabOn();
        }
        $this->fail("\"{$id}{$css}\" cannot be reached by Tab.");
    }

    /** Pressed by the browser itself: the driver sends keys to an element, and takes those sent to a file field for the name of a file. */
    private function tabOn(): void
    {
        foreach (['keyDown', 'keyUp'] as $type) {
            (new ChromeDevToolsDriver($this->browser))->execute('Input.dispatchKeyEvent', [
                'type' => $type,
                'key' => 'Tab',
                'code' => 'Tab',
                'windowsVirtualKeyCode' => 9,
            ]);
        }
    }

    /** @return list<string> */
    private function percents(string $text): array
    {
        preg_match_all('/[<>]?\d+ %/', $text, $found);

        return $found[0];
    }
}
