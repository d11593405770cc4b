<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;

/** A machine comes back, a part goes back twice, and a pattern is told at the counter. */
final class ComebackAndClaimTest extends BrowserTestCase
{
    public function test_a_machine_comes_back(): void
    {
        $this->logIn('oda');
        $this->visit('/jobs/H8-286/tag');
        $this->click('It came back');
        $this->waitForText('Promise no cause and no blame');
        $this->browser->findElement(WebDriverBy::name('text'))->sendKeys('The till is dead again');
        $this->click('nothing happened at all');
        $this->click('Take it in again');
        $this->waitForText('back from H8-286');
        $tag = $this->text('.label-sheet .tag');
        $this->click('log out');
        // What is left behind is gone before somebody else comes.
        $this->waitFor('input[name=password]');
        $this->logIn('rhea');
        $this->visit("/jobs/{$tag}");
        $this->click('Beside its first job');
        $this->waitForText('days after H8-286');
        $this->assertStringContainsString('In warranty for', $this->text('.head'));
        $this->assertMatchesRegularExpression('~Supply\s+condemned~', $this->text('main'));
        $this->browser->findElement(WebDriverBy::name('ahead'))->sendKeys('a lent till computer');
        $this->click('Save');
        $this->waitForText('On the record.');
        $this->visit('/comebacks');
        $this->waitForText($tag);
    }

    public function test_a_new_claim_names_the_part_and_says_why(): void
    {
        $this->logIn('piet');
        $this->visit('/jobs/H8-286/claim');
        $chosen = fn (): array => [
            $this->browser->findElement(WebDriverBy::name('what'))->getAttribute('value'),
            $this->browser->findElement(WebDriverBy::name('reason'))->getAttribute('value'),
        ];
        $this->assertSame(['supply|', 'Supply: changed, and the machine got further; the fault was seen or measured.'], $chosen());
        // Another part has another reason, or none; what was typed stays.
        (new WebDriverSelect($this->browser->findElement(WebDriverBy::name('what'))))->selectByValue('board|');
        $this->assertSame(['board|', ''], $chosen());
        $this->browser->findElement(WebDriverBy::name('reason'))->sendKeys('my own words');
        (new WebDriverSelect($this->browser->findElement(WebDriverBy::name('what'))))->selectByValue('supply|');
        $this->assertSame(['supply|', 'my own words'], $chosen());
    }

    public function test_a_claim_of_two_rounds(): void
    {
        $this->logIn('piet');
        $this->visit('/claims/1');
        $this->waitForText('to be sent');
        $this->click('It is on its way');
        $this->waitForText('It is with the supplier.');
        $this->browser->findElement(WebDriverBy::cssSelector('#a-answer option[value=no-fault-found]'))->click();
        $this->browser->findElement(WebDriverBy::name('words'))->sendKeys('ran for an hour');
        $this->click('Save answer');
        $this->waitForText('They found nothing 2 times.');
        $this->assertStringContainsString('The two benches', $this->text('main'));
        $this->assertNotSame(
            '',
            (string) $this->browser->findElement(WebDriverBy::name('condition'))->getAttribute('value'),
            'The condition that tells the benches apart is proposed.',
        );
        $this->click('It is on its way');
        $this->waitForText('It is with the supplier.');
        $this->browser->findElement(WebDriverBy::cssSelector('#a-answer option[value=replaced]'))->click();
        $this->click('Save answer');
        $this->waitForText('The answer: replaced.');
        $this->assertStringContainsString('settled', $this->text('.head'));
    }

    public function test_a_bulletin_is_raised_shown_and_withdrawn(): void
    {
        $this->logIn('maud');
        $this->visit('/patterns');
        $this->waitForText('What stands out');
        foreach (['model' => 'Heron T2', 'words' => 'Slot A2 sits under the cooler: press the stick home first.'] as $field => $value) {
            $input = $this->browser->findElement(WebDriverBy::name($field));
            $input->clear();
            $input->sendKeys($value);
        }
        $this->click('Publish bulletin');
        $this->waitForText('It shows at the counter and on matching jobs now.');
        $this->visit('/counter');
        $this->waitForText('press the stick home first');
        $this->visit('/jobs/K4-327');
        $this->waitForText('press the stick home first');
        $this->visit('/patterns');
        $this->click('withdraw it');
        $this->waitForText('It is withdrawn');
        $this->visit('/jobs/K4-327');
        $this->assertStringNotContainsString('press the stick home first', $this->text('main'));
    }
}
