<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\DemoServer;
use Tests\Support\SmtpStandIn;

/** A shop opens on a Monday with its own name on it: set up, people let in, a machine taken in, a mail that leaves. */
final class ShopOpensTest extends BrowserTestCase
{
    protected static function serve(): DemoServer
    {
        return DemoServer::start(demo: false);
    }

    public function test_from_nothing_to_the_first_mail(): void
    {
        $this->visit('/');
        $this->waitForText('A shop of its own');
        $this->fill(['name' => 'Quay Street Computers', 'address' => '3 Quay Street, Wickhaven', 'mail' => 'bench@quay.example']);
        $this->fill(['person' => 'Nell Harrow', 'login' => 'nell']);
        $this->fill(['password' => 'two-lamps-lit', 'password_confirmation' => 'two-lamps-lit']);
        $this->click('Open the shop');
        $this->waitForText('Quay Street Computers is open.');
        $this->assertStringContainsString('No machine is in the shop.', $this->text('main'));
        $this->assertStringNotContainsString('first job by the hand', $this->text('main'), 'That is for the demo alone.');

        // Somebody is invited, and lets herself in from another computer.
        $this->visit('/people');
        $this->fill(['person' => 'Ivo Sand', 'login' => 'ivo']);
        $this->click('Invite');
        $this->waitForText('Give this address to Ivo Sand.');
        $address = $this->text('.address');
        $mine = $this->browser;
        $this->browser = $this->anotherBrowser();
        $this->browser->get($address);
        $this->waitForText('Welcome, Ivo Sand');
        $this->fill(['password' => 'grey-heron-9', 'password_confirmation' => 'grey-heron-9']);
        $this->click('Log in with it');
        $this->waitForText('Your log-in name is ivo.');
        $this->browser = $mine;

        // Mail has a way out.
        $server = SmtpStandIn::start();
        $this->visit('/shop');
        $this->assertStringContainsString('a mail server', $this->text('main'));
        $this->fill(['smtp_host' => '127.0.0.1', 'smtp_port' => (string) $server->port]);
        $this->click('Save');
        $this->waitForText('Kept. It holds from now on');

        // A machine comes in, and its owner is written to.
        $this->visit('/counter');
        $this->fill(['name' => 'Ottla Wren', 'email' => 'ottla@example.org', 'model' => 'Kestrel 4', 'complaint' => 'It does nothing']);
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
        $this->assertStringNotContainsString('Lantern Street', $heard.$this->text('body'), 'Nothing speaks of the demo shop.');
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
