<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every page against WCAG 2.2 A and AA as axe-core checks it, in the real browser, light and dark. */
final class AccessibilityTest extends BrowserTestCase
{
    /** @var list<string> */
    private array $violations = [];

    /** @return iterable<string, array{string}> */
    public static function themes(): iterable
    {
        yield 'light' => ['light'];
        yield 'dark' => ['dark'];
    }

    #[DataProvider('themes')]
    public function test_no_page_has_a_violation(string $theme): void
    {
        $this->visit('/login');
        $this->browser->manage()->addCookie(new Cookie('theme', $theme));
        $this->visit('/login');
        $this->check('log in');
        $this->logIn('maud');
        foreach (
            [
                '/',
                '/counter',
                '/before-buying?kind=stick&of_machine[memory]=DDR4&of_part[memory]=DDR5',
                '/find?q=nobody',
                '/find?q=Z9-999',
                '/find?q=heron',
                '/shelf',
                '/jobs/K4-327',
                '/jobs/C7-254',
                '/jobs/P3-662',
                '/jobs/T5-438',
                '/jobs/M2-895',
                '/jobs/W6-549',
                '/jobs/H8-286',
                '/jobs/M2-895/tag',
                '/jobs/M2-895/close',
                '/jobs/D5-864',
                '/jobs/V8-449/stand',
                '/jobs/P3-662/stand',
                '/jobs/P3-662/close',
                '/jobs/P3-662/tag',
                '/calls',
                '/calls/R6-583',
                '/calls/R6-583?question=inside',
                '/calls/N7-228',
                '/calls/W3-946/arrival',
                '/jobs/K4-327/photos',
                '/jobs/K4-327/receipt',
                '/jobs/T5-438/machine',
                '/jobs/T5-438/supply',
                '/jobs/T5-438/socket',
                '/jobs/K4-327/papers',
                '/jobs/K4-327/card?says_memory=4+GB&says_bus=192',
                '/codes',
                '/spares/M-31',
                '/spares/M-31/label',
                '/jobs/K4-327/donors/stick-1',
                '/jobs/K4-327/contacts',
                '/shelf/coverage',
                '/shelf?like=M-31&status=all',
                '/jobs/V8-449/decide',
                '/jobs/W6-549/decide',
                '/jobs/V8-449/quote?options[]=return&options[]=replace:card:new',
                '/jobs/M2-895/prove',
                '/result-cards',
                '/comebacks',
                '/jobs/E6-253/comeback',
                '/jobs/E6-253',
                '/claims/1',
                '/jobs/N5-372/claim',
                '/jobs/N5-372/came-back',
                '/patterns',
                '/how-well',
                '/diary',
                '/orders',
                '/messages',
                '/own',
                '/jobs/H8-286/collect',
                '/jobs/H8-286/letter',
            ] as $path
        ) {
            $this->visit($path);
            $this->assertSame($theme, $this->browser->executeScript('return document.documentElement.dataset.bsTheme'));
            $this->check($path);
        }
        $this->browser->get((string) $this->browser->findElement(WebDriverBy::cssSelector('.address'))->getAttribute('href'));
        $this->check('the letter as its owner sees it');
        $this->visit('/jobs/P3-662');
        foreach (['start', 'check', 'act', 'note', 'told', 'strike', 'keys', 'override'] as $dialog) {
            $this->browser->executeScript("document.querySelector('[data-dialog={$dialog}]').click()");
            $this->waitFor("#d-{$dialog}[open]");
            $this->check("form {$dialog}");
            $this->browser->executeScript("document.querySelector('#d-{$dialog}').close()");
        }
        $this->visit('/jobs/K4-327');
        foreach (['tally', 'instruments', 'start', 'check'] as $dialog) {
            $this->browser->executeScript(
                "document.querySelector('.keys [data-dialog={$dialog}]').click(); document.querySelector('#d-{$dialog} "
                    .".setup')?.setAttribute('open', '')",
            );
            $this->waitFor("#d-{$dialog}[open]");
            $this->check("form {$dialog} with something in it");
            $this->browser->executeScript("document.querySelector('#d-{$dialog}').close()");
        }
        $this->visit('/counter');
        $this->click('Take in');
        $this->waitForText('Nothing you typed is lost');
        $this->check('counter with mistakes');
        $this->assertSame([], $this->violations, implode("\n", $this->violations));
    }

    public function test_pages_hold_at_the_width_of_a_tablet(): void
    {
        $this->logIn('maud');
        $this->browser->manage()->window()->setSize(new \Facebook\WebDriver\WebDriverDimension(1024, 900));
        foreach (
            [
                '/',
                '/counter',
                '/before-buying?kind=stick&of_machine[memory]=DDR4&of_part[memory]=DDR5',
                '/calls',
                '/calls/R6-583',
                '/calls/N7-228',
                '/calls/W3-946/arrival',
                '/jobs/K4-327/photos',
                '/jobs/D5-864',
                '/jobs/K4-327',
                '/jobs/M2-895/close',
                '/shelf',
                '/codes',
                '/spares/M-31',
                '/jobs/K4-327/donors/stick-1',
                '/jobs/K4-327/contacts',
                '/shelf/coverage',
                '/jobs/T5-438/socket',
                '/jobs/K4-327/card',
                '/jobs/K4-327/papers',
            ] as $path
        ) {
            $this->visit($path);
            $this->assertLessThanOrEqual(
                0,
                $this->browser->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth'),
                "{$path} runs over sideways",
            );
        }
    }

    private function check(string $where): void
    {
        static $axe = null;
        $axe ??= (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js');
        $this->browser->executeScript($axe);
        $found = $this->browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] })
                .then((r) => done({ passes: r.passes.length, violations: r.violations.map((v) =>
                    `${v.id}: ${v.help} (${v.nodes.slice(0, 3).map((n) => n.html.slice(0, 160)
                + ' ' + (n.any[0]?.message ?? '')).join(' | ')})`) }))
                .catch((e) => done({ passes: 0, violations: [String(e)] }));
            JS
            ,
        );
        foreach ($found['violations'] as $violation) {
            $this->violations[] = "{$where}: {$violation}";
        }
        $this->assertGreaterThan(5, $found['passes'], $where);
    }
}
