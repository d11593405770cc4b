<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\DeadSupply;

/** What a whole job asks of a hand: clicks, keys and pages loaded from the counter to its collection. */
final class WholeJobTest extends BrowserTestCase
{
    use DeadSupply;

    private const MOST_CLICKS = 25;

    private const MOST_KEYS = 120;

    private const MOST_LOADS = 15;

    private int $clicks = 0;

    private int $keys = 0;

    public function test_a_whole_job_takes_few_clicks_keys_and_pages(): void
    {
        $this->logIn('maud');
        (new ChromeDevToolsDriver($this->browser))->execute('Page.addScriptToEvaluateOnNewDocument', [
            'source' => 'sessionStorage.loads = Number(sessionStorage.loads ?? 0) + 1',
        ]);
        $this->press('Counter');
        $this->waitFor('form.intake');
        $tab = WebDriverKeys::TAB;
        $this->type('Perrin Ash', $tab, '0555321654', $tab, $tab, 'Wader 30');
        $this->clickOn($this->browser->findElement(WebDriverBy::name('complaint')));
        $this->clicks++;
        $this->type('Does nothing since the storm');
        $this->waitForText('Take as heard: nothing happens · storm or power cut');
        $this->press('Take as heard');
        $this->waitFor('[data-field=reached] :checked');
        $this->press('Take in');
        $this->waitFor('.qr');
        $this->press('Open the job');
        $this->waitFor('.job-page');
        $this->toTheEndOfTheBench();
        $this->press('close the job');
        $this->waitForText('The letter, as it stands');
        while ($this->browser->findElements(WebDriverBy::cssSelector('.loan-back .lent')) !== []) {
            $tag = $this->text('.loan-back .lent');
            $this->press('looked at: contacts, plugs, smell');
            $this->press('bring back');
            $this->waitForText("{$tag} is back.");
        }
        $this->press('Close, make the letter');
        $this->waitForText('The owner opens it here');
        $this->assertStringContainsString('We replaced the power supply.', $this->text('.letter'));
        $job = $this->text('.job-head .tag');
        $this->press('The owner is here: hand it over');
        $this->waitForText('Number on their receipt');
        $this->type(str_replace('-', '', strtolower($job)));
        $this->press('card');
        $this->press('Hand over');
        $this->waitForText("{$job} is collected. This is its invoice.");

        $loads = (int) $this->browser->executeScript('return sessionStorage.loads');
        $measured = "{$this->clicks} clicks, {$this->keys} keys, {$loads} pages loaded";
        $this->assertGreaterThan(0, $loads, 'Pages are counted.');
        $this->assertLessThanOrEqual(self::MOST_CLICKS, $this->clicks, $measured);
        $this->assertLessThanOrEqual(self::MOST_KEYS, $this->keys, $measured);
        $this->assertLessThanOrEqual(self::MOST_LOADS, $loads, $measured);
    }

    protected function pressed(): void
    {
        $this->clicks++;
    }

    private function press(string $text): void
    {
        $this->click($text);
        $this->clicks++;
    }

    protected function type(string ...$keys): void
    {
        $this->keys(...$keys);
        $this->keys += array_sum(array_map(mb_strlen(...), $keys));
    }
}
