<?php

declare(strict_types=1);

namespace Tests\Feature;

use Orthoscope\Core\Catalogue\Catalogue;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Tests\Support\Shapes;

/** What can be said of the files themselves: no line is too long to read, and what the documents name is there. */
final class SourceTest extends TestCase
{
    private const LONGEST = 140;

    private const ROOT = __DIR__.'/../..';

    /** Lines of a method that decides nothing much: it lists what it shows, asks for or keeps. */
    private const LONGEST_LIST = 50;

    /** Lines and decisions of every other method. */
    private const LONGEST_METHOD = 30;

    private const LIST_DECIDES = 8;

    private const DECISIONS = 12;

    /** Methods that are longer or decide more, by why they are left in one piece. */
    private const IN_ONE_PIECE = [
        'it goes through the record once and carries what it saw; cut up, that would be handed around' => [
            'Words/ChangedAtOnce.php::in',
            'HandBack/Plan.php::planned',
            'HandBack/Plan.php::conditions',
            'Bench/Wait.php::for',
            'Diagnosis/FailsUnder.php::of',
            'Planning/Interlocks.php::of',
            'Returns/EvidencePack.php::of',
            'Simulation/HardMachine.php::outcome',
            'Diagnosis/Grounds.php::readSwaps',
            'Diagnosis/Grounds.php::readFindings',
        ],
        'its sentences stand in the order in which they are read' => [
            'Letter/Cause.php::sentences',
            'Letter/Shown.php::ruledOut',
            'Letter/Shown.php::notProved',
            'Words/EntryWords.php::setUp',
        ],
        'one case after another, each with its own answer' => [
            'Words/EntryWords.php::outcome',
            'Words/EntryWords.php::what',
            'Diagnosis/Standings.php::standing',
            'Requests/CollectRequest.php::after',
            'Shelf/NewSpare.php::written',
            'Catalogue/CatalogueCheck.php::answer',
            'Jobs/AnswerQuote.php::answer',
            'Diagnosis/Replay.php::takeReport',
            'Economy/WaysOn.php::doing',
        ],
        'it reads a form that others have set, field by field' => [
            'Intake/HardwareList.php::of',
            'Imports/ToolReport.php::smartctl',
            'Identity/CardIdentity.php::chips',
            'Shop/KnownOwners.php::like',
        ],
        'it is the physics of one stage, or a table of what breaks and what is seen' => [
            'Circuit/Looks.php::measured',
            'Circuit/Defects.php::into',
            'Circuit/PowerOn.php::firstCode',
            'Circuit/PowerOn.php::memory',
            'Circuit/PowerOn.php::stays',
        ],
        'its arithmetic is one sum' => ['Diagnosis/FindingLikelihood.php::of', 'View/ChainDrawing.php::of'],
    ];

    /** Names of files as documents write them: below a folder of the project, with a known ending. */
    private const NAMED = '~(?<![\w/.-])((?:app|bin|core|config|database|docs|resources|routes|tests)/[\w./{},*-]*[\w}*])~';

    public function test_dates_are_written_as_the_shop_writes_them(): void
    {
        $sources = Finder::create()
            ->files()
            ->in([self::ROOT.'/app', self::ROOT.'/resources/views'])
            ->name('*.php');
        $this->assertGreaterThan(200, $sources->count());
        $own = array_map(fn ($file): string => $file->getFilename(), iterator_to_array($sources->contains("format('j M Y"), false));
        $this->assertSame([], $own, 'Use shop()->date().');
    }

    public function test_the_libraries_are_those_that_were_tested(): void
    {
        $told = (string) file_get_contents(self::ROOT.'/vendor/composer/installed.json');
        $installed = array_column(json_decode($told, true, flags: JSON_THROW_ON_ERROR)['packages'], 'version', 'name');
        $listed = [];
        foreach (file(self::ROOT.'/composer.versions', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$name, $version] = explode(':', $line);
            $listed[$name] = $version;
        }
        $wanted = json_decode((string) file_get_contents(self::ROOT.'/composer.json'), true, flags: JSON_THROW_ON_ERROR);
        $direct = array_filter(array_keys($wanted['require'] + $wanted['require-dev']), fn (string $name): bool => $name !== 'php');
        $this->assertSame([], array_diff($direct, array_keys($listed)), 'Run php bin/lib/versions.php.');
        // Where a version could not be had, and the newest that fit were taken, there is nothing more to compare.
        $others = is_file(self::ROOT.'/vendor/.as-tested') ? array_diff_assoc($installed, $listed) : [];
        $this->assertSame([], $others, 'Run php bin/lib/versions.php.');
    }

    public function test_no_line_is_longer_than_one_can_read(): void
    {
        $files = Finder::create()
            ->files()
            ->in(
                array_map(fn (string $folder): string => self::ROOT."/{$folder}", [
                    'app',
                    'bin',
                    'config',
                    'core',
                    'database',
                    'resources',
                    'routes',
                    'tests',
                ]),
            )
            ->name(['*.php', '*.yaml', '*.yml', '*.js', '*.scss', '*.sh', '*.neon'])
            ->notName('*.sqlite*');
        $looked = 0;
        foreach ($files as $file) {
            $long = array_filter(explode("\n", $file->getContents()), fn (string $line): bool => mb_strlen($line) > self::LONGEST);
            $this->assertSame(
                [],
                array_keys($long),
                "{$file->getRelativePathname()} has a line over ".self::LONGEST.' characters.',
            );
            $looked++;
        }
        $this->assertGreaterThan(500, $looked);
    }

    public function test_no_line_of_a_document_is_longer_either(): void
    {
        $documents = glob(self::ROOT.'/{*.md,docs/*.md,docs/formats/*.md}', GLOB_BRACE) ?: [];
        $this->assertGreaterThan(8, count($documents));
        foreach ($documents as $document) {
            // A row of a table, and an address within a picture, cannot be broken.
            $long = array_filter(
                file($document) ?: [],
                fn (string $line): bool => mb_strlen(rtrim($line)) > self::LONGEST && preg_match('/^\s*(\||!\[)/', $line) !== 1,
            );
            $this->assertSame([], $long, basename($document).' has a line over '.self::LONGEST.' characters.');
        }
    }

    public function test_no_two_classes_of_the_core_have_one_name(): void
    {
        $names = array_map(
            fn ($file): string => $file->getFilename(),
            iterator_to_array(
                Finder::create()
                    ->files()
                    ->in(self::ROOT.'/core/src')
                    ->name('*.php'),
                false,
            ),
        );
        $this->assertGreaterThan(200, count($names));
        $this->assertSame([], array_keys(array_filter(array_count_values($names), fn (int $times): bool => $times > 1)));
    }

    public function test_a_method_is_short_or_is_said_why_not(): void
    {
        $large = array_filter(
            Shapes::in(self::ROOT.'/core/src', self::ROOT.'/app'),
            fn (array $shape): bool => $shape[1] > self::DECISIONS
                || $shape[0] > ($shape[1] > self::LIST_DECIDES ? self::LONGEST_METHOD : self::LONGEST_LIST),
        );
        $said = array_merge(...array_values(self::IN_ONE_PIECE));
        $this->assertSame([], array_diff(array_keys($large), $said), 'Split it along its ideas, or say why it is left in one piece.');
        $this->assertSame([], array_diff($said, array_keys($large)), 'It is short now; take it off the list.');
    }

    public function test_the_glossary_has_what_people_call_parts(): void
    {
        $glossary = (string) file_get_contents(self::ROOT.'/docs/WORDS.md');
        $named = 0;
        foreach (Catalogue::shipped()->parts as $kind) {
            if ($kind->also !== []) {
                $named++;
                $this->assertStringContainsString("| {$kind->name} | ".implode(', ', $kind->also)." | {$kind->plain} |", $glossary);
            }
        }
        $this->assertGreaterThan(20, $named);
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
        foreach (
            ['README.md', 'CONTRIBUTING.md', 'docs/ARCHITECTURE.md', 'docs/ADVICE.md', 'docs/FEATURES.md', 'docs/TOUR.md'] as $document
        ) {
            $folder = dirname($document) === '.' ? '' : dirname($document).'/';
            preg_match_all('~\]\((?!https?:|#)([^)#]+)~', (string) file_get_contents(self::ROOT."/{$document}"), $found);
            foreach ($found[1] as $link) {
                $this->assertFileExists(self::ROOT."/{$folder}{$link}", "{$document} leads to {$link}.");
            }
        }
    }

    public function test_the_readme_is_read_in_two_minutes_and_shows_every_main_view(): void
    {
        $readme = (string) file_get_contents(self::ROOT.'/README.md');
        $this->assertLessThan(700, str_word_count((string) preg_replace('~\]\([^)]*\)|^\|.*$~m', '', $readme)));
        $pictures = glob(self::ROOT.'/docs/screenshots/*.png') ?: [];
        $this->assertGreaterThan(10, count($pictures));
        foreach ($pictures as $picture) {
            $this->assertStringContainsString('docs/screenshots/'.basename($picture), $readme);
        }
    }
}
