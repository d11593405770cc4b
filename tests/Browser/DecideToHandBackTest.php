<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverSelect;

/** A decided job: quoted, accepted on a telephone, a part that comes dead and one that is good, proved, written to, and fetched. */
final class DecideToHandBackTest extends BrowserTestCase
{
    public function test_from_the_decision_to_the_owner(): void
    {
        $this->logIn('maud');
        $this->visit('/jobs/W6-549/decide');
        foreach (['Replace the drive, new', 'Give back unrepaired'] as $way) {
            $this->clickOn($this->browser->findElement(WebDriverBy::cssSelector("[aria-label='{$way} into the quote']")));
        }
        $this->click('Make quote');
        $this->waitForText('Prices before tax');
        $this->click('Send it to the owner');
        $this->waitForText('It waits for the owner now.');
        $this->clickOn($this->browser->findElement(WebDriverBy::cssSelector('.papers a')));
        $this->waitForText('The owner answers here');
        $address = $this->text('.address');

        $shop = $this->browser;
        $this->browser = $this->anotherBrowser();
        $this->browser->manage()->window()->setSize(new WebDriverDimension(390, 844));
        $this->browser->get($address);
        $this->waitForText('What we suggest: choose one');
        $this->assertLessThanOrEqual(
            0,
            (int) $this->browser->executeScript('return document.documentElement.scrollWidth - window.innerWidth'),
            'Nothing hangs over the edge of a telephone.',
        );
        $this->click('Yes, do it');
        $this->waitForText('Choose one of the ways first.');
        $this->clickOn($this->browser->findElement(WebDriverBy::cssSelector('[name=variant][value=A]')));
        $this->click('Yes, do it');
        $this->waitForText('Thank you: you said yes');
        $this->browser = $shop;

        // The part that was on its way comes, and is dead.
        $this->visit('/jobs/W6-549/decide');
        $this->takeIn('O-1000');
        $this->fit('O-1000');
        $this->visit('/jobs/W6-549');
        $this->startsWith('b');
        $this->assertStringContainsString('O-1000', $this->text('.suspects'));
        $this->visit('/jobs/W6-549/decide');
        $this->clickOn($this->browser->findElement(WebDriverBy::cssSelector('.order summary')));
        $this->browser
            ->findElement(WebDriverBy::cssSelector('.order [placeholder^="how it was tried"]'))
            ->sendKeys('not listed here nor in the bench machine');
        $this->click('dead on arrival');
        $this->waitForText('is dead on arrival. What rested on it is weighed again.');

        // Another one is good.
        (new WebDriverSelect($this->browser->findElement(WebDriverBy::id('r-part'))))->selectByValue('drive');
        $this->click('Order part');
        $this->waitForText('O-1001 is ordered');
        $this->takeIn('O-1001');
        $this->fit('O-1001');
        $this->visit('/jobs/W6-549/prove');
        for ($press = 0; $press < 14 && ! str_contains($this->text('main'), 'All is proved'); $press++) {
            $typed = $this->browser->findElements(WebDriverBy::cssSelector('.prove-page .typed input:not([type=hidden])'));
            foreach ($typed as $field) {
                $field->sendKeys('3200');
            }
            $this->clickOnToLoad($this->browser->findElement(WebDriverBy::cssSelector('.prove-page .proof button.outcome:not(.dim)')));
            $this->assertStringContainsString('On the record.', $this->text('main'));
        }
        $this->click('All is proved: close the job');
        $this->waitForText('The letter, as it stands');
        while ($this->browser->findElements(WebDriverBy::cssSelector('.loan-back .lent')) !== []) {
            $tag = $this->text('.loan-back .lent');
            $this->click('looked at: contacts, plugs, smell');
            $this->click('bring back');
            $this->waitForText("{$tag} is back.");
        }
        $price = $this->browser->findElement(WebDriverBy::name('price'));
        foreach (['As the owner agreed to it.', ', € '.$price->getAttribute('value')] as $expected) {
            $this->assertStringContainsString($expected, $this->text('main'), 'What the owner agreed to is what is asked.');
        }
        $price->clear();
        $price->sendKeys('100');
        $this->click('Close, make the letter');
        $this->waitForText('The owner opens it here');
        $letter = $this->text('.letter');
        foreach (['You agreed to', 'every drive is there', '100.00'] as $expected) {
            $this->assertStringContainsString($expected, $letter);
        }
        $this->click('The owner is here: hand it over');
        $this->browser->findElement(WebDriverBy::id('f-reference'))->sendKeys('w6549');
        $this->click('card');
        $this->browser->findElement(WebDriverBy::name('amount'))->sendKeys('100');
        $this->click('Hand over');
        $this->waitForText('W6-549 is collected.');
    }

    private function takeIn(string $order): void
    {
        $details = $this->browser->findElement(WebDriverBy::xpath("//details[contains(@class, 'order')][.//span[text()='{$order}']]"));
        $this->clickOn($details->findElement(WebDriverBy::tagName('summary')));
        $this->click('it is right');
        $this->waitForText("{$order} is here. It is not trusted until it is proved.");
    }

    private function fit(string $order): void
    {
        $details = $this->browser->findElement(WebDriverBy::xpath("//details[contains(@class, 'order')][.//span[text()='{$order}']]"));
        $this->clickOn($details->findElement(WebDriverBy::tagName('summary')));
        $this->clickOn($details->findElement(WebDriverBy::xpath(".//button[contains(., 'fitted')]")));
        $this->waitForText('On the record.');
    }

    /** One start from the form, by the letter of its outcome. */
    private function startsWith(string $key): void
    {
        $entries = count($this->browser->findElements(WebDriverBy::cssSelector('.trials tbody tr[data-entry]')));
        $this->keys('t');
        $this->waitFor('#d-start[open]');
        $this->clickOn(
            $this->browser
                ->findElement(WebDriverBy::cssSelector("#d-start [data-reach-key='{$key}']"))
                ->findElement(WebDriverBy::xpath('..')),
        );
        $this->browser->findElement(WebDriverBy::cssSelector('#d-start .main'))->click();
        $this->waitForEntries($entries + 1);
    }
}
