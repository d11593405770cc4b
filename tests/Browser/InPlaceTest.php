<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverWait;

/** Entries appear without a page being loaded, what they changed lights up, and nothing that was typed is lost. */
final class InPlaceTest extends BrowserTestCase
{
    public function test_an_entry_appears_in_place_and_lights_up_what_it_changed(): void
    {
        $this->logIn('rhea');
        $this->visit('/jobs/T5-438');
        $this->waitFor('.job-page');
        $this->browser->executeScript('window.sameWindow = true');
        $entries = $this->entries();
        $this->keys('t', 'n', WebDriverKeys::ENTER);
        $this->waitForEntries($entries + 1);
        $this->assertTrue($this->browser->executeScript('return window.sameWindow === true'), 'No page was loaded.');
        $lit = $this->browser->executeScript(
            'return [...document.querySelectorAll(".changed")].map((one) => one.closest("section")?.ariaLabel ?? "")',
        );
        $this->assertContains('Chain', $lit);
        $line = ".trials tr.changed[data-entry='".($entries + 1)."']";
        $this->assertCount(1, $this->browser->findElements(WebDriverBy::cssSelector($line)));
        // Keys go on working, and what is said for those who listen is said.
        $said = (string) $this->browser->executeScript('return document.querySelector("[data-said]").textContent');
        $this->assertStringContainsString('Recorded:', $said);
        $this->keys('u');
        $this->waitForEntries($entries + 2);
        $this->assertTrue($this->browser->executeScript('return window.sameWindow === true'));
        // The page that a colleague needs is the same one, loaded.
        $this->visit('/jobs/T5-438');
        $this->waitForEntries($entries + 2);
        $this->assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.changed')));
    }

    public function test_what_was_typed_survives_a_shut_tab(): void
    {
        $this->logIn('piet');
        $this->visit('/counter');
        $this->waitFor('form.intake');
        $this->browser->findElement(WebDriverBy::name('name'))->sendKeys('Ottla Wren');
        $this->browser->findElement(WebDriverBy::name('complaint'))->sendKeys('Freezes in games');
        $this->waitUntil('return (localStorage.getItem("orthoscope.drafts") ?? "").includes("Freezes in games")');
        $this->visit('/');
        $this->visit('/counter');
        $this->waitForText('Brought back as it was typed');
        $this->assertSame('Ottla Wren', $this->browser->findElement(WebDriverBy::name('name'))->getAttribute('value'));
        // Somebody else at this computer does not see it.
        $this->click('log out');
        // What is left behind is gone before somebody else comes.
        $this->waitFor('input[name=password]');
        $this->logIn('oda');
        $this->visit('/counter');
        $this->waitFor('form.intake');
        $this->assertSame('', $this->browser->findElement(WebDriverBy::name('name'))->getAttribute('value'));
        // Whoever starts empty has it no more.
        $this->click('log out');
        // What is left behind is gone before somebody else comes.
        $this->waitFor('input[name=password]');
        $this->logIn('piet');
        $this->visit('/counter');
        $this->click('start empty');
        $this->assertSame('', $this->browser->findElement(WebDriverBy::name('name'))->getAttribute('value'));
        $this->visit('/counter');
        $this->waitFor('form.intake');
        $this->assertStringNotContainsString('Brought back', $this->text('main'));
    }

    public function test_what_was_sent_is_no_draft_any_more(): void
    {
        $this->logIn('rhea');
        $this->visit('/jobs/T5-438');
        $this->waitFor('.job-page');
        $entries = $this->entries();
        $this->keys('n');
        $this->browser->findElement(WebDriverBy::cssSelector('#d-note textarea'))->sendKeys('panel screw in the tray');
        $this->browser->findElement(WebDriverBy::cssSelector('#d-note .main'))->click();
        $this->waitForEntries($entries + 1);
        $this->visit('/jobs/T5-438');
        $this->waitFor('.job-page');
        $this->assertSame('', $this->browser->findElement(WebDriverBy::cssSelector('#d-note textarea'))->getAttribute('value'));
        $drafts = (string) $this->browser->executeScript('return localStorage.getItem("orthoscope.drafts")');
        $this->assertStringNotContainsString('panel screw', $drafts);
    }

    public function test_an_entry_that_is_refused_stays_with_its_sentence_until_it_is_mended(): void
    {
        $this->logIn('maud');
        $this->visit('/jobs/B9-773');
        $this->waitFor('.job-page');
        $entries = $this->entries();
        // Two were kept while the network was away; the server will not have the first.
        $this->browser->executeScript(
            <<<'JS'
            const base = { action: location.href + '/entries', page: location.pathname,
                who: document.querySelector('meta[name=who]').content, at: Date.now() };
            localStorage.setItem('orthoscope.unsent', JSON.stringify([
                { ...base, body: [['entry[kind]', 'note'], ['entry[text]', 'x'.repeat(2001)], ['once', 'kept-1']] },
                { ...base, body: [['entry[kind]', 'note'], ['entry[text]', 'the second one'], ['once', 'kept-2']] },
            ]));
            JS
            ,
        );
        $this->visit('/jobs/B9-773');
        $this->waitForEntries($entries + 1);
        $this->assertStringContainsString('the second one', $this->text('.trials'));
        $this->waitForText('Keep the remark under 2000 letters', '[data-unsent]');
        $this->click('Mend');
        $this->waitFor('#d-note[open]');
        $this->assertSame(
            2001,
            strlen((string) $this->browser->findElement(WebDriverBy::cssSelector('#d-note textarea'))->getAttribute('value')),
            'It stands in its form again.',
        );
        $this->assertSame('[]', $this->browser->executeScript('return localStorage.getItem("orthoscope.unsent")'));
    }

    public function test_marks_say_what_they_mean_and_the_tour_has_five_stops(): void
    {
        $this->logIn('piet');
        $this->visit('/jobs/K4-327');
        $this->waitFor('.job-page');
        // Focus and arrow keys: the chain is one stop of the Tab key.
        $this->browser->executeScript('document.querySelector(".chain .part[tabindex=\'0\']").focus({ focusVisible: true })');
        $this->keys(WebDriverKeys::ARROW_RIGHT);
        $second = $this->browser->executeScript('return document.activeElement.dataset.part');
        $this->assertSame('wall-lead', $second);
        $this->assertStringContainsString('Wall lead: proved working', $this->text('#what'));
        $this->assertSame(1, $this->browser->executeScript('return document.querySelectorAll(".chain .part[tabindex=\'0\']").length'));
        $this->keys(WebDriverKeys::ESCAPE);
        $this->assertSame([], $this->browser->findElements(WebDriverBy::id('what')));
        // The tour.
        $this->click('tour');
        foreach (['The chain', 'Next', 'Record', 'Suspects', 'The way of a job'] as $stop) {
            $this->waitForText($stop, '.tour-bubble h2');
            $this->keys(WebDriverKeys::ENTER);
        }
        $this->waitUntil('return document.querySelector(".tour-bubble") === null');
        $this->waitUntil('return document.querySelector(".new-here") === null');
        $this->visit('/jobs/K4-327');
        $this->waitFor('.job-page');
        $this->assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('.new-here')));
        $this->keys('?');
        $this->click('Take the tour of this page');
        $this->waitForText('The chain', '.tour-bubble h2');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->waitUntil('return document.querySelector(".tour-bubble") === null');
    }

    public function test_the_floor_is_gone_down_and_up_by_key_and_filters_are_kept(): void
    {
        $this->logIn('oda');
        $this->waitFor('a.job');
        $tagAt = fn (): string => (string) $this->browser->executeScript(
            'return document.activeElement.querySelector(".tag")?.textContent ?? ""',
        );
        $tags = $this->browser->executeScript('return [...document.querySelectorAll("a.job .tag")].map((tag) => tag.textContent)');
        $this->keys('j', 'j', 'j', 'k');
        $this->assertSame($tags[1], $tagAt());
        $this->keys(WebDriverKeys::ENTER);
        $this->waitForText($tags[1], '.job-head');
        $this->visit('/');
        $this->click('Ready');
        $this->waitFor('.filters [aria-current]');
        $this->visit('/');
        $this->assertStringStartsWith('Ready', $this->text('.filters [aria-current]'));
        $this->click('All');
    }

    private function entries(): int
    {
        return count($this->browser->findElements(WebDriverBy::cssSelector('.trials tbody tr[data-entry]')));
    }

    private function waitUntil(string $script): void
    {
        (new WebDriverWait($this->browser, self::PATIENCE, 100))->until(
            fn (): bool => $this->browser->executeScript($script) === true,
            $script,
        );
    }
}
