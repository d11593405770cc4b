<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Facebook\WebDriver\WebDriverWait;

/** The start form, slots by drag and by key, the map of a socket, and a network that comes and goes. */
final class AtTheBenchTest extends BrowserTestCase
{
    private const WHO = ['rhea', 'piet', 'maud'];

    private static int $next = 0;

    public function test_a_start_takes_three_keys_and_the_clock_says_how_long_was_waited(): void
    {
        $this->openJob('B9-773');
        $entries = $this->entries();
        $this->keys('t', 'n', WebDriverKeys::ENTER);
        $this->waitForEntries($entries + 1);
        $this->assertStringContainsString('nothing happens', $this->text('.trials tbody tr'));

        // With the clock: o as the power comes on, d for where it stops. Two seconds are too short to say "no picture".
        $this->keys('t', 'o');
        sleep(2);
        $this->keys('d');
        $this->waitFor('#d-start [data-too-short]:not([hidden])');
        $waited = (int) $this->browser->findElement(WebDriverBy::name('entry[waited]'))->getAttribute('value');
        $this->assertGreaterThanOrEqual(2, $waited);
        $this->assertLessThan(15, $waited);
        $this->assertStringContainsString('is short for this', $this->text('[data-too-short]'));
        // Beeps are tapped in; the drain runs once it is on the record.
        $this->click('long');
        $this->click('short');
        $this->click('short');
        $this->browser->findElement(WebDriverBy::cssSelector('#d-start footer .main'))->click();
        $this->waitForEntries($entries + 2);
        $this->assertStringContainsString('beeps 1 long, 2 short', $this->text('.trials tbody tr'));
        $this->assertStringContainsString("waited {$waited} s", $this->text('.trials tbody tr'));
        $this->assertMatchesRegularExpression('/^Drain \\d+ s$/', $this->text('.bench-line .timer'));
    }

    public function test_sticks_go_to_slots_by_drag_and_by_key_and_two_changes_are_split(): void
    {
        $this->openJob('T5-438');
        $this->keys('t');
        $this->waitFor('#d-start[open]');
        $this->browser->executeScript("document.querySelector('#d-start .setup').open = true");
        $stick = $this->browser->findElement(WebDriverBy::cssSelector('[data-for=u-stick-1]'));
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center", behavior: "instant"})', [$stick]);
        // By drag: stick 1 from A1 to where stick 3 sits; the two change places.
        $this->drag('[data-for=u-stick-1]', '[data-bay="slot:slot-B1"]');
        $this->assertSame(['slot:slot-B1', 'slot:slot-A1'], [$this->chosen('u-stick-1'), $this->chosen('u-stick-3')]);
        $this->assertStringContainsString('2 things change at once', $this->text('[data-many]'));
        // By key: stick 2 to the right, past the last slot, and out.
        $this->browser->executeScript('document.querySelector("[data-for=u-stick-2]").focus()');
        $this->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $this->assertSame('out', $this->chosen('u-stick-2'));
        $this->assertSame(
            'out',
            $this->browser->executeScript('return document.querySelector("[data-for=u-stick-2]").closest("[data-bay]").dataset.bay'),
        );
        // Split: only stick 2 stays changed.
        $this->click('Only Stick 2');
        $this->assertSame(['own', 'out', 'own'], [$this->chosen('u-stick-1'), $this->chosen('u-stick-2'), $this->chosen('u-stick-3')]);
        $this->assertFalse($this->browser->findElement(WebDriverBy::cssSelector('[data-many]'))->isDisplayed());
        $entries = $this->entries();
        $this->browser->executeScript("document.querySelector('[data-reach-key=d]').click()");
        $this->browser->findElement(WebDriverBy::cssSelector('#d-start footer .main'))->click();
        $this->waitForEntries($entries + 1);
        $this->assertStringContainsString('Stick 2 out', $this->text('.trials tbody tr'));
    }

    public function test_the_screen_lead_and_the_card_move_by_key(): void
    {
        $this->openJob('T5-438');
        $this->keys('t');
        $this->browser->executeScript(
            "document.querySelector('#d-start .setup').open = true; document.querySelector('[data-for=u-output]').focus()",
        );
        $this->keys(WebDriverKeys::ARROW_RIGHT);
        $this->browser->executeScript("document.querySelector('[data-for=u-card]').focus()");
        $this->keys(WebDriverKeys::ARROW_RIGHT);
        $this->assertSame(['other', 'slot:second'], [$this->chosen('u-output'), $this->chosen('u-card')]);
    }

    public function test_a_look_is_recorded_in_five_keys(): void
    {
        $this->openJob('T5-438');
        $before = $this->entries();
        $this->keys('m', 's', 'u', '2', WebDriverKeys::ENTER);
        $this->waitForEntries($before + 1);
        $this->assertStringContainsString('all rails within limits', $this->text('.trials tbody tr'));
        $this->keys('u');
        $this->waitForEntries($before + 2);
        $this->assertStringContainsString('taken back at once', $this->text('.trials'));
    }

    public function test_a_contact_is_marked_by_key(): void
    {
        $this->openJob('T5-438');
        $this->visit('/jobs/T5-438/socket');
        $this->browser->executeScript("document.querySelector('.socket-field svg').focus()");
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_RIGHT, ' ');
        $this->assertSame('bent: row 3, column 2', $this->text('[x-ref=list]'));
        $this->click('Record the map');
        $this->waitFor('.job-page');
        $this->assertStringContainsString('a contact is bent: 1 bent (row 3, column 2)', $this->text('.trials tbody tr'));
    }

    public function test_an_entry_written_while_the_network_is_away_is_kept_and_sent_once(): void
    {
        $this->openJob('M2-895');
        $entries = $this->entries();
        $this->network(false);
        $this->keys('n', 'written in the cellar', WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $this->waitForText('One entry could not be sent and is kept here.');
        $this->assertSame($entries, $this->entries());
        $this->keys('n', 'and one more', WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $this->waitForText('2 entries could not be sent');
        $this->network(true);
        $this->waitForEntries($entries + 2);
        $this->assertStringContainsString('written in the cellar', $this->text('.trials'));
        $this->assertStringContainsString('and one more', $this->text('.trials'));
        $this->assertSame('[]', $this->browser->executeScript('return localStorage.getItem("orthoscope.unsent")'));
    }

    public function test_an_entry_whose_answer_got_lost_is_not_recorded_twice(): void
    {
        $this->openJob('M2-895');
        $entries = $this->entries();
        // The server takes it, and the answer never arrives: the browser believes it was not sent and sends it again.
        $this->browser->executeScript(
            <<<'JS'
            const real = window.fetch;
            let lost = false;
            window.fetch = async (...request) => {
                const answer = await real(...request);
                if (!lost && String(request[0]).endsWith('/entries')) {
                    lost = true;
                    throw new TypeError('the answer was lost');
                }
                return answer;
            };
            JS
            ,
        );
        $this->keys('n', 'only once', WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $this->waitForEntries($entries + 1);
        (new WebDriverWait($this->browser, self::PATIENCE, 100))->until(
            fn (): bool => $this->browser->executeScript('return localStorage.getItem("orthoscope.unsent")') === '[]',
            'it was not sent again',
        );
        $this->visit('/jobs/M2-895');
        $this->assertSame($entries + 1, $this->entries());
        $this->assertSame(1, substr_count($this->text('.trials'), 'only once'));
    }

    public function test_what_one_wrote_is_not_sent_by_another(): void
    {
        $this->openJob('M2-895');
        $entries = $this->entries();
        $leave = fn (string $who, string $words) => $this->browser->executeScript(
            <<<'JS'
            const entry = { action: location.href + '/entries', page: location.pathname,
                who: arguments[0] || document.querySelector('meta[name=who]').content, at: Date.now(),
                body: [['entry[kind]', 'note'], ['entry[text]', arguments[1]], ['once', `left-${arguments[1]}`]] };
            localStorage.setItem('orthoscope.unsent',
                JSON.stringify([...JSON.parse(localStorage.getItem('orthoscope.unsent') ?? '[]'), entry]));
            JS
            ,
            [$who, $words],
        );
        // Of two entries left in this browser one is a colleague's, and one that of whoever is logged in.
        $leave('another', 'theirs alone');
        $leave('', 'mine');
        $this->visit('/jobs/M2-895');
        $this->waitForEntries($entries + 1);
        $this->assertStringContainsString('mine', $this->text('.trials tbody tr'));
        $this->assertStringNotContainsString('theirs alone', $this->text('.trials'));
        $this->assertFalse($this->browser->findElement(WebDriverBy::cssSelector('[data-unsent]'))->isDisplayed());
        $this->assertStringContainsString(
            'theirs alone',
            (string) $this->browser->executeScript('return localStorage.getItem("orthoscope.unsent")'),
        );
    }

    private function openJob(string $tag): void
    {
        // Nobody logs in so often in a minute; the door would be shut for a while.
        $this->logIn(self::WHO[self::$next++ % count(self::WHO)]);
        $this->visit("/jobs/{$tag}");
        $this->waitFor('.job-page');
    }

    private function entries(): int
    {
        return count($this->browser->findElements(WebDriverBy::cssSelector('.trials tbody tr[data-entry]')));
    }

    /** Presses the mouse on one thing, moves it to another in two goes, and lets go. */
    private function drag(string $from, string $to): void
    {
        [$x, $y, $endX, $endY] = $this->browser->executeScript(
            'return arguments[0].flatMap((css) => { const box = document.querySelector(css).getBoundingClientRect(); return [box.x + '
                .'box.width / 2, box.y + box.height / 2]; })',
            [[$from, $to]],
        );
        $tools = new ChromeDevToolsDriver($this->browser);
        foreach (
            [
                ['mousePressed', $x, $y],
                ['mouseMoved', ($x + $endX) / 2, ($y + $endY) / 2],
                ['mouseMoved', $endX, $endY],
                ['mouseReleased', $endX, $endY],
            ] as [$type, $atX, $atY]
        ) {
            $tools->execute('Input.dispatchMouseEvent', [
                'type' => $type,
                'x' => $atX,
                'y' => $atY,
                'button' => 'left',
                'buttons' => $type === 'mouseReleased' ? 0 : 1,
                'clickCount' => 1,
            ]);
        }
    }

    private function chosen(string $select): ?string
    {
        return (new WebDriverSelect($this->browser->findElement(WebDriverBy::id($select))))
            ->getFirstSelectedOption()
            ->getAttribute('value');
    }

    private function network(bool $there): void
    {
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', [
            'offline' => ! $there,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }
}
