<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests;

use PHPUnit\Framework\TestCase;

/** The tables and plots of docs/ADVICE.md are those its figures give: nothing in them was typed by hand. */
final class AdviceDocumentTest extends TestCase
{
    private const DRAWN = ['ADVICE.md', 'advice/calibration.svg', 'advice/minutes.svg'];

    public function test_drawn_anew_from_its_figures_it_stays_as_it_is(): void
    {
        $root = dirname(__DIR__, 2);
        $folder = sys_get_temp_dir().'/orthoscope-advice-'.bin2hex(random_bytes(4));
        mkdir("{$folder}/advice", recursive: true);
        $emptied = preg_replace(
            '/(<!-- (?!end)\w+ -->\n).*?(<!-- end -->)/s',
            '$1$2',
            (string) file_get_contents("{$root}/docs/ADVICE.md"),
        );
        file_put_contents("{$folder}/ADVICE.md", $emptied);
        foreach (glob("{$root}/docs/advice/*.json") ?: [] as $figures) {
            copy($figures, "{$folder}/advice/".basename($figures));
        }
        exec(
            escapeshellarg(PHP_BINARY).' '.escapeshellarg("{$root}/bin/lib/advice.php").' '.escapeshellarg($folder),
            $said,
            $status,
        );
        $this->assertSame(0, $status, implode("\n", $said));
        foreach (self::DRAWN as $file) {
            $this->assertFileEquals("{$root}/docs/{$file}", "{$folder}/{$file}");
        }
    }

    public function test_the_plots_are_well_formed_and_say_what_they_are(): void
    {
        foreach (['calibration', 'minutes'] as $plot) {
            $svg = simplexml_load_file(dirname(__DIR__, 2)."/docs/advice/{$plot}.svg");
            $this->assertNotFalse($svg);
            $this->assertSame('svg', $svg->getName());
            $this->assertNotSame('', (string) $svg->title);
        }
    }
}
