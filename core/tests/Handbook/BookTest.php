<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Handbook;

use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Handbook\Book;
use Orthoscope\Core\Handbook\Confusion;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Plainly;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** The book tells all that the catalogue knows, and leads nowhere that is not there. */
final class BookTest extends TestCase
{
    private static ?Book $book = null;

    private static function book(): Book
    {
        return self::$book ??= Book::of(Bench::catalogue());
    }

    public function test_every_row_of_the_catalogue_has_a_page_and_no_number_of_it_is_missing(): void
    {
        $looked = 0;
        foreach (Bench::catalogue()->files() as $file => $lists) {
            foreach ($lists as $list => $rows) {
                foreach (is_array($rows) ? $rows : [$rows] as $i => $row) {
                    $id = is_array($row) ? $row['id'] ?? ($file === 'guides' ? $row['part'] : null) : null;
                    $id ??= $file === 'codes' ? $row['kind'] : (string) $i;
                    $address = Book::addressOf((string) $file, (string) $list, (string) $id);
                    $this->assertTrue(self::book()->has($address), $address);
                    $words = self::book()->pages[$address]->words();
                    foreach (self::numbers($row) as $number) {
                        $this->assertStringContainsString($number, $words, "{$number} of {$address}");
                        $looked++;
                    }
                }
            }
        }
        $this->assertGreaterThan(1500, $looked, 'Hardly a number was looked for.');
    }

    public function test_what_is_told_with_a_machine_that_goes_home_locked_stands_with_its_lock(): void
    {
        $told = 0;
        foreach (Bench::catalogue()->locks as $lock) {
            $passages = array_filter(
                self::book()->page('lock', $lock->id)->sections,
                fn ($passage): bool => $passage->heading === 'What an owner who takes it home locked is told',
            );
            $items = array_merge(...array_column($passages, 'items'), ...[[]]);
            $this->assertSame(array_filter([$lock->tell]), array_column($items, 'words'), $lock->id);
            $told += $lock->tell === '' ? 0 : 1;
        }
        $this->assertGreaterThan(2, $told);
    }

    /** @return list<string> */
    private static function numbers(mixed $row): array
    {
        if (is_array($row)) {
            return array_merge(...array_map(self::numbers(...), array_values($row)), ...[[]]);
        }

        return is_int($row) || is_float($row) ? [Plainly::said($row)] : [];
    }

    public function test_a_fault_that_may_harm_what_is_lent_or_come_of_moving_says_so_and_no_other(): void
    {
        $said = [];
        foreach (Bench::catalogue()->faults as $id => $fault) {
            $words = self::book()->page('fault', $id)->words();
            $this->assertSame($fault->harms > 0.0, str_contains($words, 'It may harm a good part'), $id);
            $this->assertSame($fault->arises > 0.0, str_contains($words, 'Moving the part may bring it about'), $id);
            $said[] = [$fault->harms > 0.0, $fault->arises > 0.0];
        }
        $this->assertContains(true, array_column($said, 0));
        $this->assertContains(true, array_column($said, 1));
    }

    public function test_every_link_leads_to_a_page(): void
    {
        $links = 0;
        foreach (self::book()->pages as $page) {
            foreach ($page->sections as $section) {
                $this->assertNotSame('', $section->heading, $page->address);
                foreach ($section->items as $item) {
                    if ($item->to !== null) {
                        $this->assertTrue(self::book()->has($item->to), "{$page->address} leads to {$item->to}");
                        $links++;
                    }
                }
            }
        }
        $this->assertGreaterThan(1000, $links);
        $this->assertSame(array_keys(array_intersect_key(Book::CHAPTERS, self::book()->chapters())), array_keys(self::book()->chapters()));
    }

    public function test_pages_say_what_they_are_about(): void
    {
        $page = self::book()->page('fault', 'supply-dead');
        $this->assertStringContainsString('the power supply no longer worked', lcfirst($page->lead));
        $headings = array_column($page->sections, 'heading');
        foreach (['Where it stops a start', 'What shows it', 'What it is mistaken for', 'What cures it', 'In the catalogue'] as $heading) {
            $this->assertContains($heading, $headings);
        }
        $caution = self::book()->page('act', 'clean-contacts')->caution;
        $this->assertStringContainsString('Isopropyl burns', (string) $caution);
        foreach (self::book()->pages as $one) {
            $this->assertNotSame('', $one->title);
            $this->assertStringNotContainsString('{', $one->title.$one->lead, $one->address);
        }
        $this->expectException(CatalogueMistake::class);
        $this->expectExceptionMessage('supply');
        self::book()->page('part', 'suply');
    }

    public function test_a_value_of_the_shops_own_stands_beside_what_ships(): void
    {
        $files = Bench::catalogue()->files();
        foreach ($files['acts']['acts'] as $i => $act) {
            if ($act['id'] === 'reseat') {
                $files['acts']['acts'][$i]['minutes'] = 9;
            }
        }
        $own = Book::of(Bench::catalogue()->with(['acts' => $files['acts']]), Bench::catalogue());
        $of = fn (Page $page): array => array_values(array_filter(
            array_merge(...array_map(fn ($section): array => $section->items, $page->sections)),
            fn ($item): bool => $item->was !== null,
        ));
        $changed = $of($own->page('act', 'reseat'));
        $this->assertCount(1, $changed);
        $this->assertSame(['minutes', '9', '3'], [$changed[0]->words, $changed[0]->value, $changed[0]->was]);
        $this->assertSame([], $of($own->page('act', 'dry')));
    }

    public function test_a_page_of_a_look_says_what_it_is_worth_and_only_the_steps_that_make_it(): void
    {
        $leads = [
            'stick-in-host' => 'Made in another machine that is known good.',
            'look-socket' => 'A look. What it finds is believed',
            'supply-test' => 'Sees or measures the fault itself: enough to condemn.',
            'card-rails' => 'A reading. It speaks for and against, and alone condemns nothing.',
            'drives-listed' => 'A look that speaks for and against, and alone condemns nothing.',
        ];
        foreach ($leads as $check => $lead) {
            $page = self::book()->page('check', $check);
            $this->assertStringStartsWith($lead, $page->lead);
            $steps = array_filter($page->sections[0]->items, fn ($item): bool => str_starts_with((string) $item->to, 'step/'));
            $this->assertNotSame([], $steps, $check);
            foreach ($steps as $item) {
                $step = Bench::catalogue()->steps[substr((string) $item->to, strlen('step/'))];
                $this->assertSame($check, $step->check);
            }
        }
    }

    public function test_what_looks_the_same_is_mistaken_and_what_a_look_settles_is_not(): void
    {
        $confusion = new Confusion(Bench::catalogue());
        [$apart, $best] = $confusion->apart('main-plug-burnt', 'board-dead');
        $this->assertGreaterThan(0.8, $apart, 'A burnt plug is seen.');
        $this->assertNotNull($best);
        [$alike] = $confusion->apart('supply-dead', 'supply-dead');
        $this->assertEqualsWithDelta(0.0, $alike, 1e-9);
        $this->assertEqualsWithDelta(
            $confusion->apart('board-dead', 'processor-dead')[0],
            $confusion->apart('processor-dead', 'board-dead')[0],
            1e-9,
        );
        foreach ($confusion->of('board-dead') as $one) {
            $this->assertGreaterThanOrEqual(0.0, $one['bits']);
            $this->assertLessThan(0.6, $one['bits']);
        }
        $this->assertSame([], $confusion->of('no-such-fault'));
    }

    public function test_the_divergence_is_that_of_jensen_and_shannon(): void
    {
        $this->assertSame(0.0, Confusion::divergence([0 => 0.3, 1 => 0.7], [0 => 0.3, 1 => 0.7]));
        $this->assertEqualsWithDelta(1.0, Confusion::divergence([0 => 1.0], [1 => 1.0]), 1e-12);
        // By hand: H((p + q) / 2) - (H(p) + H(q)) / 2 for p = (1, 0) and q = (1/2, 1/2) is H(3/4, 1/4) - 1/2.
        $entropy = -(0.75 * log(0.75, 2) + 0.25 * log(0.25, 2));
        $this->assertEqualsWithDelta($entropy - 0.5, Confusion::divergence([0 => 1.0], [0 => 0.5, 1 => 0.5]), 1e-12);
    }
}
