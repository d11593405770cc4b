<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A spare lent by its tag, brought back, put into quarantine and freed by a proof; and results scanned from cards. */
final class ShelfTest extends BrowserTestCase
{
    public function test_lent_by_scan_exposed_and_freed(): void
    {
        $this->logIn('rhea');
        $this->visit('/jobs/B9-773');
        // A scanner types the tag and Enter.
        $this->browser->findElement(WebDriverBy::id('lend-tag'))->sendKeys('g-04'.WebDriverKeys::ENTER);
        $this->waitForText('G-04 is with B9-773.');
        $this->assertSame('G-04', $this->text('.bench-line .loan .lent'));
        // Somebody else wants it, and is told who has it.
        $this->visit('/jobs/T5-438');
        $this->browser->findElement(WebDriverBy::id('lend-tag'))->sendKeys('G-04'.WebDriverKeys::ENTER);
        $this->waitForText('G-04 is lent to B9-773; Rhea Lind has it since');

        // The machine turns out to destroy what is put into it.
        $this->visit('/jobs/B9-773/contacts');
        $this->assertStringContainsString('G-04', $this->text('.contact-chain'));
        $this->browser->findElement(WebDriverBy::name('reason'))->sendKeys('the supply let 12 V run away');
        $harm = $this->browser->findElement(WebDriverBy::name('harm'));
        $harm->clear();
        $harm->sendKeys('60');
        $this->click('Into quarantine');
        $this->waitForText('1 spare is in quarantine.');
        $this->click('G-04');
        $this->waitForText('met B9-773: the supply let 12 V run away');
        $this->assertStringContainsString('in quarantine', $this->text('.head'));

        // Back with a look, and proved again.
        $this->click('looked at: contacts, plugs, smell');
        $this->click('bring back');
        $this->waitForText('G-04 is back.');
        foreach (['the good machine started without it first', 'it was put in alone', 'the good machine started again'] as $step) {
            $this->click($step);
        }
        $this->click('It passed');
        $this->waitForText('G-04 is proved.');
        $this->assertStringContainsString('on the shelf', $this->text('.head'));
        $this->assertStringContainsString('passed', $this->text('table.list tbody tr'));
    }

    public function test_a_wrong_card_is_told_and_the_next_scan_takes_its_place(): void
    {
        $this->logIn('piet');
        $this->visit('/jobs/M2-895/prove');
        // A scanner types into what has the focus, without a look.
        $scan = fn (string $code) => $this->waitFor('#s-code:focus')->sendKeys($code.WebDriverKeys::ENTER);
        $scan('K4-327');
        $this->waitForText('"K4-327" is on no card');
        $this->assertSame('K4-327', $this->browser->findElement(WebDriverBy::id('s-code'))->getAttribute('value'));
        $scan('P.FANS.CLEAR');
        $this->waitForText('On the record: Every fan turns.');
        $scan('P.INSIDE.UP');
        $this->waitForText('On the record: In the case, by the real button, stays up.');
        $this->assertMatchesRegularExpression('/Every fan turns\s+done/', $this->text('.plan'));
    }
}
