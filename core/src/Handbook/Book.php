<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Handbook\Chapters\Acts;
use Orthoscope\Core\Handbook\Chapters\Checks;
use Orthoscope\Core\Handbook\Chapters\Faults;
use Orthoscope\Core\Handbook\Chapters\Limits;
use Orthoscope\Core\Handbook\Chapters\Locks;
use Orthoscope\Core\Handbook\Chapters\Parts;
use Orthoscope\Core\Handbook\Chapters\Schools;
use Orthoscope\Core\Handbook\Chapters\Stages;
use Orthoscope\Core\Handbook\Chapters\Steps;

/**
 * All that the catalogue knows, to be read: a page for each row of it, made from it, so that nothing of it is told nowhere. At its end each
 * page says every field of its row, and beside a number of the shop's own what ships.
 */
final readonly class Book
{
    /** @var array<string, string> kind of page => its chapter, in the order of the book */
    public const CHAPTERS = [
        'part' => 'Parts',
        'fault' => 'Faults',
        'check' => 'Looks and readings',
        'step' => 'Steps',
        'act' => 'Acts',
        'lock' => 'Locks',
        'stage' => 'The chain',
        'sign' => 'Signs of a start',
        'reach' => 'How far it got',
        'limit' => 'Limits',
        'code' => 'Codes',
        'school' => 'Schools',
        'guide' => 'Guides for owners',
        'question' => 'Questions to a caller',
        'mark' => 'Marks at arrival',
        'event' => 'What happened before',
        'number' => 'Numbers of the model',
        'data' => 'All other numbers',
    ];

    /** @var array<string, array{string, string}> file and list of rows => kind of page, and the field that names it */
    private const ROWS = [
        'parts/parts' => ['part', 'id'],
        'faults/faults' => ['fault', 'id'],
        'checks/checks' => ['check', 'id'],
        'steps/steps' => ['step', 'id'],
        'acts/acts' => ['act', 'id'],
        'locks/locks' => ['lock', 'id'],
        'locks/marks' => ['mark', 'id'],
        'stages/stages' => ['stage', 'id'],
        'stages/reaches' => ['reach', 'id'],
        'signs/signs' => ['sign', 'id'],
        'limits/limits' => ['limit', 'id'],
        'schools/schools' => ['school', 'id'],
        'guides/guides' => ['guide', 'part'],
        'questions/questions' => ['question', 'id'],
        'faults/events' => ['event', 'id'],
    ];

    public const RAW = 'In the catalogue';

    /** Of what no origin stands with. */
    private const UNSAID = 'Where no origin stands with a number it is judgement, until the shop\'s own jobs say otherwise.';

    /** @param  array<string, Page>  $pages by address, in the order of the book */
    private function __construct(public array $pages)
    {
    }

    /** @param  ?Catalogue  $shipped what ships, where the shop has numbers of its own */
    public static function of(Catalogue $catalogue, ?Catalogue $shipped = null): self
    {
        $shipped ??= $catalogue;
        $curated = [];
        $confusion = new Confusion($catalogue);
        foreach ([
            new Parts($catalogue), new Faults($catalogue, $confusion), new Checks($catalogue), new Steps($catalogue), new Acts($catalogue),
            new Locks($catalogue), new Stages($catalogue), new Limits($catalogue), new Schools($catalogue),
        ] as $chapter) {
            foreach ($chapter->pages() as $page) {
                $curated[$page->address] = $page;
            }
        }
        $pages = [];
        foreach (self::raw($catalogue->files(), $shipped->files()) as $page) {
            $pages[$page->address] = isset($curated[$page->address]) ? $curated[$page->address]->with(...$page->sections) : $page;
        }
        $order = array_flip(array_keys(self::CHAPTERS));
        uasort($pages, fn (Page $a, Page $b): int => $order[$a->kind] <=> $order[$b->kind]);

        return new self($pages);
    }

    /** @throws CatalogueMistake that names the nearest page there is */
    public function page(string $kind, string $id): Page
    {
        return $this->pages["{$kind}/{$id}"] ?? throw CatalogueMistake::unknown('page', "{$kind}/{$id}", array_keys($this->pages));
    }

    public function has(string $address): bool
    {
        return isset($this->pages[$address]);
    }

    /** @return array<string, list<Page>> kind => its pages */
    public function chapters(): array
    {
        $chapters = array_fill_keys(array_keys(self::CHAPTERS), []);
        foreach ($this->pages as $page) {
            $chapters[$page->kind][] = $page;
        }

        return array_filter($chapters);
    }

    /** Address of the page that a row of the catalogue stands on. */
    public static function addressOf(string $file, string $list, string $id): string
    {
        $kind = self::ROWS["{$file}/{$list}"][0] ?? null;

        return match (true) {
            $kind !== null => "{$kind}/{$id}",
            $file === 'numbers' && $list === 'numbers' => "number/{$id}",
            $file === 'codes' => "code/{$id}",
            default => "data/{$file}",
        };
    }

    /**
     * A page for every row, with every field of it.
     *
     * @param  array<string, mixed>  $files
     * @param  array<string, mixed>  $shipped
     *
     * @return iterable<Page>
     */
    private static function raw(array $files, array $shipped): iterable
    {
        foreach ($files as $file => $lists) {
            $rest = $restShipped = [];
            foreach (is_array($lists) ? $lists : [] as $list => $rows) {
                $ships = self::listOf($shipped[$file] ?? null, (string) $list);
                $pages = is_array($rows) ? self::pagesOf($file, (string) $list, $rows, $ships) : null;
                if ($pages === null) {
                    [$rest[$list], $restShipped[$list]] = [$rows, $ships];
                } else {
                    yield from $pages;
                }
            }
            if ($rest !== []) {
                yield self::data($file, $rest, $restShipped);
            }
        }
    }

    /** @return array<array-key, mixed> */
    private static function listOf(mixed $file, string $list): array
    {
        $rows = is_array($file) ? $file[$list] ?? [] : [];

        return is_array($rows) ? $rows : [];
    }

    /**
     * @param  array<array-key, mixed>  $rows
     * @param  array<array-key, mixed>  $ships
     *
     * @return ?iterable<Page> null where the rows have no pages of their own
     */
    private static function pagesOf(string $file, string $list, array $rows, array $ships): ?iterable
    {
        return match (true) {
            isset(self::ROWS["{$file}/{$list}"]) => self::rows(...self::ROWS["{$file}/{$list}"], rows: $rows, ships: $ships),
            $file === 'numbers' => self::numbers($rows, $ships),
            $file === 'codes' => self::codes($rows),
            default => null,
        };
    }

    /**
     * @param  array<array-key, mixed>  $rows
     * @param  array<array-key, mixed>  $ships
     *
     * @return iterable<Page>
     */
    private static function rows(string $kind, string $named, array $rows, array $ships): iterable
    {
        foreach ($rows as $i => $row) {
            if (is_array($row)) {
                $id = Plainly::said($row[$named] ?? $i);
                $was = is_array($ships[$i] ?? null) ? $ships[$i] : [];
                yield new Page(
                    $kind,
                    $id,
                    ucfirst(Plainly::said($row['name'] ?? $row['ask'] ?? str_replace('-', ' ', $id))),
                    Plainly::said($row['plain'] ?? ''),
                    [new Passage(self::RAW, Plainly::items(array_diff_key($row, ['id' => 0]), $was), self::UNSAID)],
                    isset($row['caution']) ? Plainly::said($row['caution']) : null,
                );
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $rows
     * @param  array<array-key, mixed>  $ships
     *
     * @return iterable<Page>
     */
    private static function numbers(array $rows, array $ships): iterable
    {
        foreach ($rows as $id => $row) {
            if (is_array($row)) {
                $was = is_array($ships[$id] ?? null) ? $ships[$id] : [];
                yield new Page(
                    'number',
                    (string) $id,
                    ucfirst(str_replace('_', ' ', (string) $id)),
                    Plainly::said($row['why'] ?? ''),
                    [new Passage(self::RAW, Plainly::items($row, $was))],
                );
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $rows
     *
     * @return iterable<Page> one for each kind of code
     */
    private static function codes(array $rows): iterable
    {
        $byKind = [];
        foreach ($rows as $row) {
            if (is_array($row)) {
                $byKind[Plainly::said($row['kind'] ?? 'code')][] = $row;
            }
        }
        foreach ($byKind as $kind => $of) {
            $items = [];
            foreach ($of as $row) {
                $from = Plainly::said($row['from'] ?? '');
                $to = Plainly::said($row['to'] ?? $from);
                $items[] = new Item(
                    ($from === $to ? $from : "{$from} to {$to}").': '.Plainly::said($row['words'] ?? ''),
                    value: 'amounts to '.Plainly::said($row['value'] ?? '').', relied on '.Plainly::said($row['reliability'] ?? '').'; '
                        .Plainly::said($row['source'] ?? ''),
                );
            }
            yield new Page(
                'code',
                $kind,
                'Codes: '.$kind,
                'What such codes mean on any board, until the shop knows better of a model.',
                [new Passage(self::RAW, $items)],
            );
        }
    }

    /**
     * @param  array<array-key, mixed>  $lists
     * @param  array<array-key, mixed>  $shipped
     */
    private static function data(string $file, array $lists, array $shipped): Page
    {
        $sections = [];
        foreach ($lists as $list => $rows) {
            $was = is_array($shipped[$list] ?? null) ? $shipped[$list] : [];
            $sections[] = new Passage(
                ucfirst(str_replace(['_', '-'], ' ', (string) $list)),
                is_array($rows) ? Plainly::items($rows, $was) : [new Item((string) $list, value: Plainly::said($rows))],
            );
        }

        return new Page('data', $file, ucfirst($file), 'What else the catalogue holds of '.$file.'.', $sections);
    }
}
