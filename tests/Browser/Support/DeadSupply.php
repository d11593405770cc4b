<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\WebDriverBy;

/** A machine with a dead supply, worked at the bench until it is proved: what comes first on the page is done. */
trait DeadSupply
{
    abstract protected function type(string ...$keys): void;

    /** A button was pressed by the mouse. */
    protected function pressed(): void
    {
    }

    /** The machine has a dead supply and answers so; what comes first on the page is done, each by its letter. */
    private function toTheEndOfTheBench(): void
    {
        for ($entries = 1; $entries < 40; $entries++) {
            $this->waitForEntries($entries);
            $step = $this->text('.step.first');
            if (str_contains($step, 'Proved: hand it back')) {
                return;
            }
            $buttons = $this->browser->findElements(WebDriverBy::xpath(
                "//*[contains(@class, 'step') and contains(@class, 'first')]//button[{$this->answerTo($step)}]",
            ));
            $this->assertNotSame([], $buttons, "Nothing to press for: {$step}");
            $button = $buttons[0];
            $key = (string) $button->getAttribute('data-key');
            if ($key !== '') {
                $this->type($key);
            } else {
                $this->clickOn($button);
                $this->pressed();
            }
        }
        $this->fail('The bench came to no end.');
    }

    /** Which button of the first step says what this machine shows, as a condition of XPath. */
    private function answerTo(string $step): string
    {
        $says = fn (string $words): string => "contains(normalize-space(.), '{$words}')";

        return match (true) {
            str_contains($step, 'Decide: ') => $says('done'),
            str_contains($step, 'stays up') && str_contains($step, 'Prove it') => $says('stays up').' or '.$says('every fan'),
            str_contains($step, 'tester') => $says('dead'),
            str_contains($step, 'Lend') => $says('starts and stays up'),
            str_contains($step, 'nothing happens') => $says('nothing happens'),
            default => "@data-key='a'",
        };
    }
}
