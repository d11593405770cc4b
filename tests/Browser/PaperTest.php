<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** What is printed takes the paper that the printer holds, and nothing of the page around it. */
final class PaperTest extends BrowserTestCase
{
    /** Points of a millimetre, and what a browser may round. */
    private const POINTS = 72 / 25.4;

    private const ROUNDED = 1.0;

    /** @return array<string, array{string, string, float, float, int, string}> page, paper, width and height in mm, sheets, words on it */
    public static function papers(): array
    {
        return [
            'a tag on a roll' => ['/jobs/K4-327/tag', 'roll', 62.0, 100.0, 1, 'K4-327'],
            'a tag and its warning on a roll' => ['/jobs/P3-662/tag', 'roll', 62.0, 100.0, 2, 'Do not'],
            'a tag on a card' => ['/jobs/K4-327/tag', 'a6', 105.0, 148.0, 1, 'K4-327'],
            'a label of a spare on a roll' => ['/spares/M-31/label', 'roll', 62.0, 100.0, 1, 'M-31'],
            'a letter' => ['/jobs/H8-286/letter', 'roll', 210.0, 297.0, 1, 'We replaced the power supply.'],
            'a receipt' => ['/jobs/K4-327/receipt', 'a4', 210.0, 297.0, 1, 'We have taken in'],
        ];
    }

    #[DataProvider('papers')]
    public function test_it_is_printed_on(string $page, string $paper, float $width, float $height, int $sheets, string $words): void
    {
        $this->logIn('maud');
        $this->browser->executeScript('localStorage.setItem("orthoscope.paper", arguments[0])', [$paper]);
        $this->visit($page);
        $this->waitForText('Print');
        $printed = (new ChromeDevToolsDriver($this->browser))->execute('Page.printToPDF', ['preferCSSPageSize' => true]);
        $pdf = (string) base64_decode((string) $printed['data'], true);
        $info = (new Process(['pdfinfo', '-']))->setInput($pdf)->mustRun()->getOutput();
        preg_match('/Pages:\s+(\d+)/', $info, $count);
        preg_match('/Page size:\s+([\d.]+) x ([\d.]+)/', $info, $size);
        $this->assertSame($sheets, (int) ($count[1] ?? 0));
        $this->assertEqualsWithDelta($width * self::POINTS, (float) ($size[1] ?? 0), self::ROUNDED);
        $this->assertEqualsWithDelta($height * self::POINTS, (float) ($size[2] ?? 0), self::ROUNDED);
        $text = (new Process(['pdftotext', '-layout', '-', '-']))->setInput($pdf)->mustRun()->getOutput();
        $this->assertStringContainsString($words, $text);
        $this->assertStringNotContainsString('log out', $text);
    }
}
