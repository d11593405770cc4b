<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\DeadSupply;
use Tests\Browser\Support\DemoServer;
use Tests\Support\SmtpStandIn;

/**
 * A shop opens on a Monday with its own name on it: set up, people let in, prices of its own, what it had brought in; then one machine from
 * the counter over the bench to a paid invoice, and a mail that leaves.
 */
final class ShopOpensTest extends BrowserTestCase
{
    use DeadSupply;

    protected static function serve(): DemoServer
    {
        return DemoServer::start(demo: false);
    }

    public function test_from_nothing_to_a_paid_invoice(): void
    {
        $this->visit('/');
        $this->waitForText('A shop of its own');
        $this->choose('country', 'CH');
        $this->assertSame(['CHF', 'Europe/Zurich', '8.1'], array_map($this->value(...), ['currency', 'time_zone', 'tax']));
        $this->waitForText('The tax rate of the country is from memory');
        $this->fill(['name' => 'Quay Street Computers', 'address' => '3 Quay Street, Wickhaven', 'mail' => 'bench@quay.example']);
        $this->fill(['person' => 'Nell Harrow', 'login' => 'nell']);
        $this->fill(['password' => 'two-lamps-lit', 'password_confirmation' => 'two-lamps-lit']);
        $this->click('Open the shop');
        $this->waitForText('Quay Street Computers is open.');
        $this->assertStringContainsString('No machine is in the shop.', $this->text('main'));
        $this->assertStringNotContainsString('first job by the hand', $this->text('main'), 'That is for the demo alone.');

        $lead = $this->browser;
        $technician = $this->letIn('Ivo Sand', 'ivo', 'technician');
        $counter = $this->letIn('Una Kite', 'una', 'counter');
        $this->ownPrices();
        $this->broughtIn(
            'owners',
            "Name,Phone,Mail\nOttla Wren,0555 100 200,ottla@example.org\nBo Pike,0555 300 400,\nCy Dunn,0555 500 600,\n",
            3,
        );
        $this->broughtIn('spares', "Tag,Type,Description,Price\nP-1,PSU,\"Supply, 500 W\",35.00\n", 1);
        $server = SmtpStandIn::start();
        $this->visit('/shop');
        $this->assertStringContainsString('a mail server', $this->text('main'));
        $this->fill(['smtp_host' => '127.0.0.1', 'smtp_port' => (string) $server->port]);
        $this->click('Save');
        $this->waitForText('Kept. It holds from now on');

        // A machine comes in, and its owner, who was brought in, is known and written to.
        $this->browser = $counter;
        $this->visit('/counter');
        $this->fill(['name' => 'Ottla Wren', 'email' => 'ottla@example.org', 'model' => 'Kestrel 4', 'complaint' => 'It does nothing']);
        $this->click('Take in');
        $this->waitForText('Choose whether it is the same person');
        $this->clickOn($this->waitFor('.known [name=known]'));
        $this->click('Take in');
        $this->waitFor('.qr');
        $this->assertStringContainsString('Quay Street Computers', $this->text('.label-sheet'));
        $tag = $this->text('.label-sheet .tag');
        $this->visit('/messages');
        $this->click('Send 1 now');
        $this->waitForText('1 sent.');
        $heard = $server->heard();
        foreach (['RCPT TO:<ottla@example.org>', 'From: Quay Street Computers <bench@quay.example>', $tag] as $said) {
            $this->assertStringContainsString($said, $heard);
        }

        // At the bench, to the end.
        $this->browser = $technician;
        $this->visit("/jobs/{$tag}");
        $this->toTheEndOfTheBench();
        $this->browser = $lead;
        $this->visit("/jobs/{$tag}/close");
        $this->waitForText('The letter, as it stands');
        $this->assertStringContainsString('Finding the fault', $this->text('main'), 'At the price of the shop.');
        while ($this->browser->findElements(WebDriverBy::cssSelector('.loan-back .lent')) !== []) {
            $lent = $this->text('.loan-back .lent');
            $this->click('looked at: contacts, plugs, smell');
            $this->click('bring back');
            $this->waitForText("{$lent} is back.");
        }
        $this->click('Close, make the letter');
        $this->waitForText('The owner opens it here');

        // Fetched and paid.
        $this->browser = $counter;
        $this->visit("/jobs/{$tag}/collect");
        $this->fill(['reference' => $tag, 'to' => 'Ottla Wren, 9 Mole Lane']);
        $this->click('card');
        $this->click('Hand over');
        $this->waitForText("{$tag} is collected. This is its invoice.");
        foreach (['9 Mole Lane', 'Tax, 8.1 %', 'CHF', 'Paid.', '-00001'] as $said) {
            $this->assertStringContainsString($said, $this->text('main'));
        }
        $this->visit('/day-sheet');
        $this->assertStringContainsString($tag, $this->text('main'));
        $this->assertStringNotContainsString('Lantern Street', $heard.$this->text('body'), 'Nothing speaks of the demo shop.');
    }

    /** Somebody is invited, and lets themselves in from another computer. */
    private function letIn(string $name, string $login, string $role): RemoteWebDriver
    {
        $this->visit('/people');
        $this->fill(['person' => $name, 'login' => $login]);
        $this->browser->executeScript("document.querySelector('#f-role').value = arguments[0]", [$role]);
        $this->click('Invite');
        $this->waitForText("Give this address to {$name}.");
        $address = $this->text('.address');
        $mine = $this->browser;
        $theirs = $this->browser = $this->anotherBrowser();
        $this->browser->get($address);
        $this->waitForText("Welcome, {$name}");
        $this->fill(['password' => 'grey-heron-9', 'password_confirmation' => 'grey-heron-9']);
        $this->click('Log in with it');
        $this->waitForText("Your log-in name is {$login}.");
        $this->browser = $mine;

        return $theirs;
    }

    /** What finding a fault costs here is tried, and kept. */
    private function ownPrices(): void
    {
        $this->visit('/shop/numbers/work');
        $this->fill(['values[economy/finding]' => '45']);
        $this->click('Try on open jobs');
        $this->waitForText('Nothing is kept yet.');
        $this->click('Save');
        $this->waitForText('One value changed.');
        $this->visit('/shop');
        $this->fill(['hour_price' => '96']);
        $this->click('Save');
        $this->waitForText('Kept. It holds from now on');
    }

    private function broughtIn(string $kind, string $csv, int $rows): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'old');
        file_put_contents($file, $csv);
        $this->visit("/shop/bring-in?kind={$kind}");
        $this->browser->findElement(WebDriverBy::cssSelector('#b-file'))->sendKeys($file);
        $this->click('Look at it');
        $this->waitForText('The first rows');
        $this->click("Bring in {$rows}");
        $this->waitForText('brought in');
        unlink($file);
    }

    private function choose(string $name, string $value): void
    {
        $this->browser->executeScript(
            "const field = document.querySelector('main [name=' + arguments[0] + ']'); field.value = arguments[1];".
                "field.dispatchEvent(new Event('change', { bubbles: true }))",
            [$name, $value],
        );
    }

    private function value(string $name): string
    {
        return (string) $this->browser->findElement(WebDriverBy::cssSelector("main [name='{$name}']"))->getAttribute('value');
    }

    protected function type(string ...$keys): void
    {
        $this->keys(...$keys);
    }

    /** @param  array<string, string>  $values field => what is typed over what stands there */
    private function fill(array $values): void
    {
        foreach ($values as $name => $value) {
            $field = $this->browser->findElement(WebDriverBy::cssSelector("main [name='{$name}']"));
            $field->clear();
            $field->sendKeys($value);
        }
    }
}
