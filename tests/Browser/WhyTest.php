<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Why, what if, and the handbook, by key and by pointing. */
final class WhyTest extends BrowserTestCase
{
    public function test_a_suspect_opens_by_its_key_and_the_arrows_go_along(): void
    {
        $this->logIn('rhea');
        $this->visit('/jobs/K4-327');
        $this->waitFor('.job-page');
        $this->press('y');
        $this->waitForText('What would settle it');
        $first = $this->browser->getCurrentURL();
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->browser->wait(20, 100)->until(fn (): bool => $this->browser->getCurrentURL() !== $first);
        $this->waitForText('What would settle it');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->browser->wait(20, 100)->until(fn (): bool => $this->browser->getCurrentURL() === $first);
        // A point of the curve leads to what was known then.
        $this->browser->executeScript('document.querySelector(".belief-curve a:last-of-type circle").parentNode.dispatchEvent('
            .'new MouseEvent("click", { bubbles: true, cancelable: true }))');
        $this->waitForText('What was known after entry');
        $this->assertStringContainsString('/then/', $this->browser->getCurrentURL());
    }

    public function test_pointing_at_an_entry_shows_on_the_chain_what_it_did(): void
    {
        $this->logIn('rhea');
        $this->visit('/jobs/K4-327');
        $this->waitFor('.trials [data-entry="8"]');
        $percent = fn (): string => (string) $this->browser->executeScript(
            'return document.querySelector(".chain [data-part=\"slot-A2\"] .percent")?.textContent ?? ""',
        );
        $before = trim($percent());
        $this->assertMatchesRegularExpression('/^\d+$/', $before);
        $this->browser->executeScript('document.querySelector(".trials [data-entry=\"8\"] th a").focus()');
        $this->browser->wait(20, 100)->until(fn (): bool => str_starts_with(trim($percent()), '↑'));
        $this->browser->executeScript('document.activeElement.blur()');
        $this->browser->wait(20, 100)->until(fn (): bool => trim($percent()) === $before);
        $this->assertSame($before, trim($percent()));
    }

    public function test_an_entry_is_thought_away_in_pencil_and_stays_on_the_record(): void
    {
        $this->logIn('rhea');
        $this->visit('/jobs/K4-327');
        $this->waitFor('.trials tr');
        $entries = count($this->browser->findElements(WebDriverBy::cssSelector('.trials [data-entry]')));
        $this->browser->findElement(WebDriverBy::linkText('what if'))->click();
        $this->waitForText('nothing of this page is on the record');
        $this->browser->findElement(WebDriverBy::cssSelector('.think-away input[value="8"]'))->click();
        $this->browser->findElement(WebDriverBy::xpath('//button[normalize-space()="Work it out"]'))->click();
        $this->waitForText('Record and pencil');
        $this->assertStringContainsString('without', $this->browser->getCurrentURL());
        $this->browser->findElement(WebDriverBy::linkText('Rub it out'))->click();
        $this->waitForText('As it stands');
        $this->visit('/jobs/K4-327');
        $this->waitFor('.trials tr');
        $this->assertCount($entries, $this->browser->findElements(WebDriverBy::cssSelector('.trials [data-entry]')));
    }

    public function test_the_handbook_is_searched_by_key_with_a_typing_error(): void
    {
        $this->logIn('piet');
        $this->visit('/book');
        $this->waitFor('.book-find input');
        $this->press('/');
        $this->browser->switchTo()->activeElement()->sendKeys('proccesor')->submit();
        $this->waitFor('.book-found a');
        $this->browser->executeScript('document.activeElement.blur()');
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->assertSame('Processor', trim($this->browser->switchTo()->activeElement()->getText()));
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ENTER);
        $this->waitForText('How it fails');
    }

    private function press(string $key): void
    {
        $this->browser->getKeyboard()->sendKeys($key);
    }
}
