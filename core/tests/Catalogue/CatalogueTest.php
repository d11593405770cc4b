<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Catalogue;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\CatalogueCheck;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Catalogue\Proving\PlanItem;
use Orthoscope\Core\Plain\UnreadableRow;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    public function test_the_shipped_catalogue_holds_together(): void
    {
        $this->assertSame([], CatalogueCheck::mistakes(Bench::catalogue()));
    }

    public function test_it_knows_enough_to_be_of_use(): void
    {
        $this->assertGreaterThanOrEqual(28, count(Bench::catalogue()->parts));
        $this->assertGreaterThanOrEqual(80, count(Bench::catalogue()->faults));
        $this->assertGreaterThanOrEqual(25, count(Bench::catalogue()->checks));
        $this->assertGreaterThanOrEqual(30, count(Bench::catalogue()->acts));
    }

    public function test_every_part_has_a_fault_and_every_fault_plain_words_and_a_repair(): void
    {
        $faulty = array_column(Bench::catalogue()->faults, 'part');
        foreach (array_keys(array_filter(Bench::catalogue()->parts, fn ($kind): bool => ! $kind->shelfOnly)) as $part) {
            $this->assertContains($part, $faulty);
        }
        foreach (Bench::catalogue()->faults as $fault) {
            $this->assertNotSame('', $fault->plain, $fault->id);
            $this->assertArrayHasKey($fault->usualRepair(), Bench::catalogue()->acts);
        }
    }

    public function test_every_stop_is_seen_as_one_outcome_that_is_not_split_further(): void
    {
        $seen = array_map(fn (int $stop): string => Bench::catalogue()->reachAt($stop)->id, range(0, Bench::catalogue()->stageCount()));
        $this->assertSame(
            ['nothing', 'nothing', 'nothing', 'twitch', 'dark', 'dark', 'dark', 'dark', 'dark', 'no-drive', 'no-system', 'drops', 'stays'],
            $seen,
        );
        $this->expectException(CatalogueMistake::class);
        Bench::catalogue()->reachAt(99);
    }

    public function test_every_act_a_fault_is_cured_by_can_be_said_in_a_letter(): void
    {
        foreach (Bench::catalogue()->acts as $act) {
            $this->assertNotSame('', $act->did, $act->id);
            $this->assertGreaterThan(0, $act->minutes, $act->id);
        }
    }

    /**
     * What is proved before hand-back is offered there. Readings made inside a part are for repair at board level: a technician picks them
     * on the drawing, and no step offers them.
     */
    public function test_every_look_or_reading_is_offered_by_a_step_or_picked_on_the_drawing(): void
    {
        $offered = [
            ...array_column(Bench::catalogue()->steps, 'check'),
            ...array_map(fn (PlanItem $item): ?string => $item->check, Bench::catalogue()->proving->items),
        ];
        foreach (Bench::catalogue()->checks as $check) {
            $this->assertTrue(in_array($check->id, $offered, true) || $check->at !== null, $check->id);
        }
    }

    /** @return iterable<string, array{string, callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function damage(): iterable
    {
        yield 'a fault of no part' => [
            'faults',
            function (array $file): array {
                $file['faults'][0]['part'] = 'wall-laed';

                return $file;
            },
            'Did you mean "wall-lead"?',
        ];
        yield 'a sign that goes with no outcome' => [
            'signs',
            function (array $file): array {
                $file['signs'][array_search('fans', array_column($file['signs'], 'id'), true)]['never']['twich'] = ['spin'];

                return $file;
            },
            'Did you mean "twitch"?',
        ];
        yield 'a cure that is no share' => [
            'faults',
            function (array $file): array {
                $file['faults'][0]['cures']['replace'] = 1.4;

                return $file;
            },
            'not between 0 and 1',
        ];
        yield 'a step without its check' => [
            'steps',
            function (array $file): array {
                $file['steps'][3]['check'] = 'look-laeds';

                return $file;
            },
            'Did you mean "look-leads"?',
        ];
        yield 'a sign row over one' => [
            'signs',
            function (array $file): array {
                $file['signs'][1]['rows']['memory'] = ['memory' => 0.9, 'none' => 0.4];

                return $file;
            },
            'adds up to more than one',
        ];
        yield 'a lock nothing clears' => [
            'locks',
            function (array $file): array {
                $file['locks'][0]['cleared'] = ['act:dyr'];

                return $file;
            },
            'Did you mean "dry"?',
        ];
        yield 'one fault that brings about another in more jobs than all' => [
            'faults',
            function (array $file): array {
                $file['couplings'][0]['given'] = 1.5;

                return $file;
            },
            'A share of a coupling is not between 0 and 1',
        ];
        yield 'a school with a step nobody knows' => [
            'schools',
            function (array $file): array {
                $file['schools'][0]['order'][] = 'lend-suply';

                return $file;
            },
            'Did you mean "lend-supply"?',
        ];
        yield 'a way on with an act nobody knows' => [
            'economy',
            function (array $file): array {
                $file['ways'][0]['acts'][] = 'clear-setings';

                return $file;
            },
            'Did you mean "clear-settings"?',
        ];
        yield 'an act on no way' => [
            'economy',
            function (array $file): array {
                $file['ways'][0]['acts'] = array_slice($file['ways'][0]['acts'], 1);

                return $file;
            },
            'Act clear-settings belongs to no way on',
        ];
        yield 'a proof by a result nobody knows' => [
            'proving',
            function (array $file): array {
                $file['items'][0]['pass'] = 'cleer';

                return $file;
            },
            'Did you mean "clear"?',
        ];
        yield 'a proof for a part nobody knows' => [
            'proving',
            function (array $file): array {
                $file['items'][1]['when'][] = 'acted:drivve';

                return $file;
            },
            'Did you mean "drive"?',
        ];
        yield 'an offer of a house nobody knows' => [
            'supplier',
            function (array $file): array {
                $file['offers'][0]['house'] = 'breakwatter';

                return $file;
            },
            'Did you mean "breakwater"?',
        ];
        yield 'a lock raised by what cannot begin' => [
            'locks',
            function (array $file): array {
                $file['locks'][0]['raised'] = ['begun:write-firmwear'];

                return $file;
            },
            'Did you mean "write-firmware"?',
        ];
        yield 'a number outside its range' => [
            'numbers',
            function (array $file): array {
                $file['numbers']['host_trust']['value'] = 0.5;

                return $file;
            },
            'Number host_trust is 0.5; it may be 0.85 to 1.',
        ];
        yield 'a number of no known origin' => [
            'numbers',
            function (array $file): array {
                $file['numbers']['host_trust']['origin'] = 'jugement';

                return $file;
            },
            'Did you mean "judgement"?',
        ];
    }

    public function test_a_range_is_two_numbers_the_least_first(): void
    {
        $files = Bench::catalogue()->files();
        $files['numbers']['numbers']['host_trust']['range'] = [1, 0.85];
        $this->expectException(UnreadableRow::class);
        $this->expectExceptionMessage('host_trust');
        new Catalogue($files);
    }

    public function test_a_number_is_brought_into_its_range(): void
    {
        $risk = Bench::catalogue()->numbers['comeback_risk'];
        $this->assertSame([0.01, 0.2, 0.5], array_map($risk->nearest(...), [0.0, 0.2, 3.0]));
        $this->assertFalse($risk->holds(0.009));
        $this->assertTrue($risk->holds(0.5));
    }

    public function test_other_numbers_keep_their_range_and_an_unknown_one_is_refused(): void
    {
        $other = Bench::catalogue()->withNumbers(numbers: ['host_trust' => 0.9])->numbers['host_trust'];
        $this->assertSame([0.9, 0.85, 'judgement'], [$other->value, $other->low, $other->origin]);
        $this->expectException(CatalogueMistake::class);
        Bench::catalogue()->withNumbers(numbers: ['host_trusst' => 0.9]);
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $damage */
    #[DataProvider('damage')]
    public function test_damage_is_found(string $file, callable $damage, string $sentence): void
    {
        $damaged = Bench::catalogue()->with([$file => $damage(Bench::catalogue()->files()[$file])]);
        $this->assertStringContainsString($sentence, implode("\n", CatalogueCheck::mistakes($damaged)));
    }

    /** Fields whose words are names of other things in the catalogue, by file; below a row the words stand in values or in keys. */
    private const NAMES = [
        'acts' => ['meant'],
        'checks' => ['target', 'limit', 'shows', 'disturbs', 'which', 'asks', 'drawing'],
        'codes' => ['value'],
        'drawings' => ['points_to'],
        'economy' => ['acts'],
        'guides' => ['part'],
        'faults' => ['part', 'with', 'with_cures', 'comes_with', 'stops', 'shows', 'cures', 'factors', 'first', 'second', 'signs'],
        'locks' => ['raised', 'cleared', 'factors'],
        'parts' => ['stage', 'carrier', 'made_of', 'serves', 'disturbs', 'work', 'looks'],
        'numbers' => ['origin'],
        'proving' => ['check', 'pass', 'needs', 'uses'],
        'questions' => ['kind', 'does', 'on', 'lends', 'out', 'needs', 'never', 'reached', 'event', 'mark', 'signs', 'found',
            'often', 'only'],
        'schools' => ['order'],
        'shelf' => ['kind', 'destructive'],
        'signs' => ['rows', 'never'],
        'steps' => ['check', 'act', 'on', 'each', 'from', 'moot_after', 'when_new'],
        'supplier' => ['house', 'kind'],
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (array_keys(self::NAMES) as $file) {
            yield $file => [$file];
        }
    }

    /** Every so-many-th name in a file is misspelt, one at a time. */
    #[DataProvider('files')]
    public function test_a_misspelt_name_is_found_wherever_it_stands(string $file): void
    {
        $content = Bench::catalogue()->files()[$file];
        $names = [];
        self::collect($content, $file, [], false, $names);
        $this->assertNotSame([], $names, $file);
        // Of each field the first, the last and some between.
        foreach ($names as $field => $places) {
            $step = max(1, intdiv(count($places), 4));
            foreach (array_unique([...range(0, count($places) - 1, $step), count($places) - 1]) as $i) {
                $path = $places[$i];
                try {
                    $found = CatalogueCheck::mistakes(Bench::catalogue()->with([$file => self::misspelt($content, $path)]));
                } catch (CatalogueMistake|UnreadableRow $mistake) {
                    $found = [$mistake->getMessage()];
                }
                $this->assertNotSame([], $found, "{$file}: ".implode('/', $path)." of {$field}");
            }
        }
    }

    /**
     * @param  list<string|int>  $path
     * @param  array<string, list<list<string|int>>>  $names by field
     */
    private static function collect(mixed $value, string $file, array $path, bool $isName, array &$names): void
    {
        $field = (string) (array_values(array_filter($path, is_string(...)))[0] ?? '');
        if (! is_array($value)) {
            if ($isName && is_string($value) && $value !== '') {
                $names[(string) end($path)][] = $path;
            }

            return;
        }
        foreach ($value as $key => $below) {
            // Where a row has several ways, its own stage is only for the reader.
            $isRead = $key !== 'stops' || ! isset($value['ways']);
            $named = $isRead && is_string($key) && in_array($key, self::NAMES[$file], true);
            if ($isName && is_string($key)) {
                $names['keys of '.end($path)][] = [...$path, "@{$key}"];
            }
            self::collect($below, $file, [...$path, $key], $named || ($isName && is_int($key)), $names);
        }
    }

    /**
     * @param  array<array-key, mixed>  $content
     * @param  list<string|int>  $path to a value; to a key where the last begins with "@"
     *
     * @return array<array-key, mixed>
     */
    private static function misspelt(array $content, array $path): array
    {
        $key = array_shift($path);
        if (is_string($key) && str_starts_with($key, '@')) {
            $was = substr($key, 1);
            $content["{$was}x"] = $content[$was];
            unset($content[$was]);

            return $content;
        }
        $content[$key] = $path === [] ? "{$content[$key]}x" : self::misspelt($content[$key], $path);

        return $content;
    }

    public function test_a_field_of_another_kind_names_file_row_and_field(): void
    {
        $faults = Bench::catalogue()->files()['faults'];
        $faults['faults'][0]['prior'] = 'often';
        $this->expectException(UnreadableRow::class);
        $this->expectExceptionMessage('faults.yaml, faults socket-dead: "prior" must be a number, not "often".');
        Bench::catalogue()->with(['faults' => $faults]);
    }

    public function test_an_unknown_word_names_the_nearest(): void
    {
        $this->expectException(CatalogueMistake::class);
        $this->expectExceptionMessage('Did you mean "supply-dead"?');
        Bench::catalogue()->fault('suply-dead');
    }

    public function test_a_broken_file_is_named(): void
    {
        $folder = sys_get_temp_dir().'/orthoscope-catalogue-'.bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents("{$folder}/stages.yaml", "stages: [\n");
        $this->expectException(CatalogueMistake::class);
        $this->expectExceptionMessage('stages.yaml');
        Catalogue::read($folder);
    }

    public function test_parts_are_known_by_what_people_of_the_trade_call_them(): void
    {
        $called = fn (string $typed): array => array_column(Catalogue::shipped()->partsCalled($typed), 'id');
        $this->assertSame(['supply'], $called('PSU'));
        $this->assertSame(['board'], $called(' motherboard '));
        $this->assertSame(['card'], $called('gpu'));
        $this->assertSame(['stick'], $called('DIMMs'));
        $this->assertSame(['firmware'], $called('UEFI'));
        $this->assertSame(['screen'], $called('Monitors'));
        $this->assertSame([], $called('toaster'));
        $this->assertSame([], $called(''));
    }
}
