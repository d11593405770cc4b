<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Two people on one job see each other's entries without reloading, and nobody's words are lost. */
final class TwoAtOneJobTest extends BrowserTestCase
{
    public function test_each_sees_what_the_other_writes(): void
    {
        $rhea = $this->browser;
        $this->logIn('rhea');
        $this->visit('/jobs/B9-773');
        $entries = count($rhea->findElements(WebDriverBy::cssSelector('.trials tbody tr[data-entry]')));

        $piet = $this->browser = $this->anotherBrowser();
        $this->logIn('piet');
        $this->visit('/jobs/B9-773');
        $this->note('from Piet');
        $this->waitForEntries($entries + 1);

        // Rhea was only looking: it appears by itself, marked as new.
        $this->browser = $rhea;
        $this->waitForEntries($entries + 1);
        $this->assertStringContainsString('from Piet', $this->text('.trials'));
        $this->assertSame('new', $this->text('.trials .new'));

        // Rhea is writing: she is told, and what she writes stays and comes after his.
        $this->keys('n', 'from Rhea');
        $this->browser = $piet;
        $this->waitForEntries($entries + 1);
        $this->note('again from Piet');
        $this->waitForEntries($entries + 2);
        $this->browser = $rhea;
        $this->waitFor('dialog[open] .meanwhile');
        $this->assertStringContainsString('Piet Calder wrote an entry meanwhile.', $this->text('dialog[open] .meanwhile'));
        $this->assertSame('from Rhea', $rhea->findElement(WebDriverBy::id('n-entry-text'))->getAttribute('value'));
        $this->keys(WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $this->waitForEntries($entries + 3);
        foreach (['from Piet', 'again from Piet', 'from Rhea'] as $words) {
            $this->assertStringContainsString($words, $this->text('.trials'));
        }
    }

    private function note(string $words): void
    {
        $this->keys('n', $words, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER);
    }
}
