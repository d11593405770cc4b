<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverWait;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\DemoServer;
use Tests\Browser\Support\Driver;

/** A person with a browser, in front of the demo shop. */
abstract class BrowserTestCase extends TestCase
{
    /** Seconds after which what was waited for does not come. A page that is computed may take long where much runs beside it. */
    protected const PATIENCE = 60;

    private static ?DemoServer $server = null;

    private static ?Driver $driver = null;

    protected RemoteWebDriver $browser;

    /** @var list<RemoteWebDriver> */
    private array $opened = [];

    public static function setUpBeforeClass(): void
    {
        self::$server = static::serve();
        self::$driver = Driver::start();
    }

    /** What stands behind the browser; the demo shop, where nothing else is said. */
    protected static function serve(): DemoServer
    {
        return DemoServer::start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$driver?->stop();
        self::$server?->stop();
    }

    protected function setUp(): void
    {
        $this->browser = $this->anotherBrowser();
    }

    protected function tearDown(): void
    {
        foreach ($this->opened as $browser) {
            $browser->quit();
        }
        $this->opened = [];
    }

    protected function anotherBrowser(): RemoteWebDriver
    {
        assert(self::$driver !== null);

        return $this->opened[] = self::$driver->open();
    }

    protected function address(string $path): string
    {
        return self::$server?->address.$path;
    }

    protected function visit(string $path): void
    {
        $this->browser->get($this->address($path));
    }

    protected function logIn(string $who): void
    {
        $this->visit('/login');
        $this->waitFor('input[name=email]')->sendKeys($who);
        $this->browser->findElement(WebDriverBy::name('password'))->sendKeys('lantern-demo')->submit();
        $this->waitFor('.who');
    }

    protected function waitFor(string $css): RemoteWebElement
    {
        (new WebDriverWait($this->browser, self::PATIENCE, 100))->until(
            fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector($css)) !== [],
            "{$css} did not appear",
        );

        $this->waitForScripts();

        return $this->browser->findElement(WebDriverBy::cssSelector($css));
    }

    /** Waits for words on the page, or in one part of it where they may stand elsewhere already. */
    protected function waitForText(string $text, string $css = 'body'): void
    {
        (new WebDriverWait($this->browser, self::PATIENCE, 100))->until(function () use ($text, $css): bool {
            try {
                // In one go: an element held while the page changes belongs to no document.
                return str_contains(
                    (string) $this->browser->executeScript('return document.querySelector(arguments[0])?.innerText ?? ""', [$css]),
                    $text,
                );
            } catch (WebDriverException) {
                return false;
            }
        }, "\"{$text}\" did not appear");
        $this->waitForScripts();
    }

    /** Keys pressed before the page's scripts run are lost. */
    private function waitForScripts(): void
    {
        (new WebDriverWait($this->browser, self::PATIENCE, 50))->until(
            fn (): bool => $this->browser->executeScript('return document.readyState') === 'complete',
        );
    }

    /** Clicks what carries this text, and can be clicked. */
    protected function click(string $text): void
    {
        $quoted = json_encode($text, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $path = "//*[self::a or self::button or self::label or self::summary][contains(normalize-space(.), {$quoted})]";
        // What was found may be made anew while it is looked at; a person would not notice.
        for ($try = 1; $try <= 5; $try++) {
            try {
                foreach ($this->browser->findElements(WebDriverBy::xpath($path)) as $element) {
                    if ($this->isSeen($element)) {
                        $this->clickOn($element);

                        return;
                    }
                }
                break;
            } catch (StaleElementReferenceException) {
                usleep(100_000);
            }
        }
        $this->fail("There is no \"{$text}\" to click on ".$this->browser->getCurrentURL());
    }

    /** Whether it is on the page to see: a link in a list that is folded up has a place and is not. */
    private function isSeen(RemoteWebElement $element): bool
    {
        return $this->browser->executeScript('return arguments[0].checkVisibility({visibilityProperty: true})', [$element]) === true;
    }

    /** Brings it to the middle of the window and clicks it; once more where the page still moved as its fonts and scripts came in. */
    protected function clickOn(RemoteWebElement $element): void
    {
        (new WebDriverWait($this->browser, self::PATIENCE, 100))->until(function () use ($element): bool {
            try {
                $this->browser->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [$element]);
                $element->click();

                return true;
            } catch (ElementClickInterceptedException) {
                return false;
            }
        }, 'something lies over what is to be clicked');
    }

    /**
     * Presses keys one after the other, wherever the focus is. A form that has just been shut holds the focus until the page is next
     * drawn, and takes no key: it is pressed once more then.
     */
    protected function keys(string ...$keys): void
    {
        foreach ($keys as $key) {
            (new WebDriverWait($this->browser, self::PATIENCE, 50))->until(function () use ($key): bool {
                try {
                    $this->browser->getKeyboard()->sendKeys($key);

                    return true;
                } catch (ElementNotInteractableException) {
                    return false;
                }
            }, "nothing on the page takes the key {$key}");
        }
    }

    /** Waits until the record of the job on the page has so many entries. */
    protected function waitForEntries(int $count): void
    {
        (new WebDriverWait($this->browser, self::PATIENCE, 100))->until(
            fn (): bool => count($this->browser->findElements(WebDriverBy::cssSelector('.trials tbody tr[data-entry]'))) === $count,
            "the record did not come to {$count} entries",
        );
        $this->waitForScripts();
    }

    /** Visible text of the first element that matches, read in one go. */
    protected function text(string $css): string
    {
        $text = $this->browser->executeScript(
            'const found = document.querySelector(arguments[0]); return found?.innerText ?? found?.textContent ?? null',
            [$css],
        );
        $this->assertIsString($text, "there is no {$css} on the page");

        return $text;
    }

    /** Clicks what brings another page, loaded or in the place of this one, and waits for it: it may say the same as the one before. */
    protected function clickOnToLoad(RemoteWebElement $element): void
    {
        $this->browser->executeScript('for (const old of document.querySelectorAll("#main > *")) old.isBefore = true');
        $this->clickOn($element);
        (new WebDriverWait($this->browser, self::PATIENCE, 50))->until(function (): bool {
            try {
                return $this->browser->executeScript(
                    'const first = document.querySelector("#main > *"); '
                        .'return first && !first.isBefore && document.readyState === "complete"',
                ) === true;
            } catch (WebDriverException) {
                return false;
            }
        }, 'no other page came');
    }

    /** The standing that the chain shows of a part. */
    protected function standing(string $part): string
    {
        $classes = explode(
            ' ',
            (string) $this->browser->findElement(WebDriverBy::cssSelector(".chain [data-part=\"{$part}\"]"))->getAttribute('class'),
        );

        return $classes[1] ?? '';
    }
}
