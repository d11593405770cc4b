<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverDimension;

/** No page is wider than its window: on a telephone, on a tablet, at the bench. */
final class NothingOverflowsTest extends BrowserTestCase
{
    private const WIDTHS = [390, 820, 1280];

    private const PAGES = [
        '/', '/counter', '/shelf', '/codes', '/comebacks', '/patterns', '/diary', '/messages', '/orders', '/how-well',
        '/jobs/K4-327', '/jobs/C7-254', '/jobs/T5-438', '/jobs/K4-327/stand', '/jobs/K4-327/machine', '/jobs/K4-327/photos',
        '/jobs/M2-895/prove', '/jobs/M2-895/close', '/jobs/V8-449/decide', '/jobs/V8-449/quote', '/jobs/H8-286/letter',
    ];

    public function test_no_page_is_wider_than_its_window(): void
    {
        $this->logIn('maud');
        $wider = [];
        foreach (self::WIDTHS as $width) {
            $this->browser->manage()->window()->setSize(new WebDriverDimension($width, 900));
            foreach (self::PAGES as $page) {
                $this->visit($page);
                [$needs, $has] = $this->browser->executeScript(
                    'const page = document.documentElement; return [page.scrollWidth, page.clientWidth];',
                );
                if ($needs > $has) {
                    $wider[] = "{$page} at {$width}: {$needs}";
                }
            }
        }
        $this->assertSame([], $wider);
    }
}
