<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;

/**
 * Every page against WCAG 2.2 A and AA as axe-core checks it, in the real browser: light and dark, on a bench screen, a tablet and a
 * telephone. What is read at the bench holds the contrast of AAA (1.4.6). No page is wider than its window.
 */
final class AccessibilityTest extends BrowserTestCase
{
    /** What a narrow page may do otherwise than a wide one. */
    private const NARROW = ['target-size', 'scrollable-region-focusable'];

    /**
     * Width => themes in which it is looked at, and by which rules (none named: by all): colours are the same at every width, and what is
     * beside what is the same in both themes. On a tablet only whether the page is wider than it is asked. Dark colours are looked at on
     * the telephone; of what is read at the bench on its screen, and by the contrast asked there, which is more than the other.
     */
    private const LOOKS = [1280 => ['light' => []], 820 => [], 390 => ['dark' => ['color-contrast', ...self::NARROW]]];

    private const LOOKS_AT_THE_BENCH = [
        1280 => ['light' => [], 'dark' => ['color-contrast-enhanced']],
        820 => [],
        390 => ['dark' => self::NARROW],
    ];

    private const PAGES = [
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
        '/jobs/K4-327/why/slot-A2',
        '/jobs/K4-327/why-step/other-slot:stick-1',
        '/jobs/K4-327/then/8',
        '/jobs/K4-327/what-if?without[]=8',
        '/book',
        '/book?q=memroy',
        '/book/fault/slot-dirty',
        '/book/act/reseat',
        '/book/cards',
        '/book/trees/nothing',
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
        '/you',
        '/day-sheet',
        '/uncollected',
        '/jobs/N5-372/came-back',
        '/patterns',
        '/how-well',
        '/diary',
        '/orders',
        '/messages',
        '/own',
        '/jobs/H8-286/collect',
        '/jobs/H8-286/letter',
        '/jobs/K4-327/stand',
        '/jobs/K4-327/machine',
        '/jobs/V8-449/quote',
        '/wall',
        '/wall/1',
        '/shop',
        '/people',
        '/shop/numbers',
        '/shop/numbers/limits',
        '/shop/texts',
        '/shop/suppliers',
        '/shop/books',
        '/shop/bring-in',
        '/shop/owners',
        '/shop/keeping',
        '/practice',
        '/practice/lessons/memory?at=4',
        '/practice/1/debrief',
        '/practice/3',
        '/practice/people',
        '/practice/cases',
        '/practice/guesses',
    ];

    /** Read standing, at arm's length or from further away. */
    private const AT_THE_BENCH = [
        '/',
        '/jobs/K4-327',
        '/jobs/C7-254',
        '/jobs/P3-662',
        '/jobs/T5-438',
        '/jobs/M2-895',
        '/jobs/M2-895/prove',
        '/wall',
        '/wall/1',
    ];

    /** @var list<string> */
    private array $violations = [];

    /** The half megabyte of the checker is given to the browser once, which reads it into each page it opens. */
    protected function setUp(): void
    {
        parent::setUp();
        $axe = (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js');
        (new ChromeDevToolsDriver($this->browser))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $axe]);
    }

    public function test_no_page_has_a_violation_or_runs_over(): void
    {
        $this->visit('/login');
        $this->look('log in');
        $this->logIn('maud');
        foreach (self::PAGES as $path) {
            $this->browser->manage()->window()->setSize(new WebDriverDimension(1280, 900));
            $this->visit($path);
            $this->look($path);
        }
        $this->visit('/jobs/H8-286/letter');
        $this->browser->get((string) $this->browser->findElement(WebDriverBy::cssSelector('.address'))->getAttribute('href'));
        $this->look('the letter as its owner sees it');
        $this->assertSame([], $this->violations, implode("\n", $this->violations));
    }

    public function test_no_form_has_a_violation(): void
    {
        $this->logIn('maud');
        $this->visit('/jobs/P3-662');
        foreach (['start', 'check', 'act', 'note', 'told', 'strike', 'keys', 'override'] as $dialog) {
            $this->browser->executeScript("document.querySelector('[data-dialog={$dialog}]').click()");
            $this->waitFor("#d-{$dialog}[open]");
            $this->inBothThemes("form {$dialog}");
            $this->browser->executeScript("document.querySelector('#d-{$dialog}').close()");
        }
        $this->visit('/jobs/K4-327');
        foreach (['tally', 'instruments', 'start', 'check'] as $dialog) {
            $this->browser->executeScript(
                "document.querySelector('.keys [data-dialog={$dialog}]').click(); document.querySelector('#d-{$dialog} "
                    .".setup')?.setAttribute('open', '')",
            );
            $this->waitFor("#d-{$dialog}[open]");
            $this->inBothThemes("form {$dialog} with something in it");
            $this->browser->executeScript("document.querySelector('#d-{$dialog}').close()");
        }
        $this->click('tour');
        $this->waitFor('.tour-bubble');
        $this->inBothThemes('the tour');
        $this->visit('/counter');
        $this->click('Take in');
        $this->waitForText('Nothing you typed is lost');
        $this->inBothThemes('counter with mistakes');
        $this->browser->findElement(WebDriverBy::name('complaint'))->sendKeys('Fans run but the screen stays black, now and then');
        $this->waitForText('Take as heard');
        $this->inBothThemes('counter with what was heard');
        $this->assertSame([], $this->violations, implode("\n", $this->violations));
    }

    /** The page at each width; light and dark are set on it as its own switch does. */
    private function look(string $where): void
    {
        $isAtTheBench = in_array($where, self::AT_THE_BENCH, true);
        foreach ($isAtTheBench ? self::LOOKS_AT_THE_BENCH : self::LOOKS as $width => $themes) {
            $this->browser->manage()->window()->setSize(new WebDriverDimension($width, 900));
            [$needs, $has] = $this->browser->executeScript(
                'const page = document.documentElement; return [page.scrollWidth, page.clientWidth];',
            );
            if ($needs > $has) {
                $this->violations[] = "{$where}: {$needs} wide at {$width}";
            }
            foreach ($themes as $theme => $rules) {
                $this->check("{$where}, {$theme}, {$width} wide", $theme, $isAtTheBench, $rules);
            }
        }
    }

    private function inBothThemes(string $where): void
    {
        foreach (['light', 'dark'] as $theme) {
            $this->check("{$where}, {$theme}", $theme, false);
        }
    }

    /** @param  list<string>  $rules none named: all of WCAG 2.2 A and AA */
    private function check(string $where, string $theme, bool $atTheBench, array $rules = []): void
    {
        $this->browser->executeScript('document.documentElement.dataset.bsTheme = arguments[0]', [$theme]);
        $found = $this->browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[arguments.length - 1];
            const [atTheBench, only] = arguments;
            const rules = atTheBench
                ? { 'color-contrast': { enabled: false }, 'color-contrast-enhanced': { enabled: true } }
                : {};
            const all = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
            const what = only.length > 0 ? { runOnly: { type: 'rule', values: only } } : { rules, runOnly: all };
            axe.run(document, { ...what, resultTypes: ['violations'], selectors: false })
                .then((r) => done({ passes: r.passes.length, violations: r.violations.map((v) =>
                    `${v.id}: ${v.help} (${v.nodes.slice(0, 3).map((n) => n.html.slice(0, 160)
                + ' ' + (n.any[0]?.message ?? '')).join(' | ')})`) }))
                .catch((e) => done({ passes: 0, violations: [String(e)] }));
            JS
            ,
            [$atTheBench, $rules],
        );
        foreach ($found['violations'] as $violation) {
            $this->violations[] = "{$where}: {$violation}";
        }
        $this->assertGreaterThan($rules === [] ? 5 : 0, $found['passes'], $where);
    }
}
