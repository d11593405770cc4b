<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** What can be said of the files themselves: no line is too long to read, and what the documents name is there. */
final class SourceTest extends TestCase
{
    private const LONGEST = 140;

    private const ROOT = __DIR__.'/../..';

    /** Names of files as documents write them: below a folder of the project, with a known ending. */
    private const NAMED = '~(?<![\w/.-])((?:app|bin|core|config|database|docs|resources|routes|tests)/[\w./{},*-]*[\w}*])~';

    public function test_no_line_is_longer_than_one_can_read(): void
    {
        $files = Finder::create()->files()->in(array_map(fn (string $folder): string => self::ROOT."/{$folder}", [
            'app', 'bin', 'config', 'core', 'database', 'resources', 'routes', 'tests',
        ]))->name(['*.php', '*.yaml', '*.yml', '*.js', '*.scss', '*.sh', '*.neon'])->notName('*.sqlite*');
        $looked = 0;
        foreach ($files as $file) {
            $long = array_filter(explode("\n", $file->getContents()), fn (string $line): bool => mb_strlen($line) > self::LONGEST);
            $this->assertSame([], array_keys($long), "{$file->getRelativePathname()} has a line over ".self::LONGEST.' characters.');
            $looked++;
        }
        $this->assertGreaterThan(500, $looked);
    }

    public function test_files_that_documents_name_are_there(): void
    {
        $named = 0;
        $docs = array_map(fn (string $path): string => 'docs/'.basename($path), glob(self::ROOT.'/docs/*.md') ?: []);
        foreach (['README.md', 'CONTRIBUTING.md', ...$docs] as $document) {
            preg_match_all(self::NAMED, (string) file_get_contents(self::ROOT."/{$document}"), $found);
            foreach (array_unique($found[1]) as $path) {
                $there = glob(self::ROOT.'/'.rtrim($path, '/.'), GLOB_BRACE) ?: [];
                $this->assertNotSame([], $there, "{$document} names {$path}, which is not there.");
                $named++;
            }
        }
        $this->assertGreaterThan(50, $named);
    }

    public function test_links_of_documents_lead_somewhere(): void
    {
        foreach (['README.md', 'CONTRIBUTING.md', 'docs/ARCHITECTURE.md', 'docs/ADVICE.md', 'docs/TOUR.md'] as $document) {
            $folder = dirname($document) === '.' ? '' : dirname($document).'/';
            preg_match_all('~\]\((?!https?:|#)([^)#]+)~', (string) file_get_contents(self::ROOT."/{$document}"), $found);
            foreach ($found[1] as $link) {
                $this->assertFileExists(self::ROOT."/{$folder}{$link}", "{$document} leads to {$link}.");
            }
        }
    }
}
