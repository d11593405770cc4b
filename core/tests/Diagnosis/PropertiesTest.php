<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Tests\Courses;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must hold for every record, tried on random ones. */
final class PropertiesTest extends TestCase
{
    private const MACHINE = ['facts' => ['status_lamps' => true]];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 5) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_probabilities_sum_to_one(int $seed): void
    {
        $replay = Bench::replay($this->entries($seed), self::MACHINE);
        $this->assertEqualsWithDelta(1.0, array_sum(array_column($replay->belief->sets(), 1)), 1e-9);
        foreach ($replay->belief->marginals() as $p) {
            $this->assertGreaterThanOrEqual(0.0, $p);
            $this->assertLessThanOrEqual(1.0 + 1e-9, $p);
        }
    }

    #[DataProvider('seeds')]
    public function test_a_struck_entry_leaves_what_never_having_made_it_leaves(int $seed): void
    {
        $entries = $this->entries($seed);
        $struck = 1 + ($seed % count($entries));
        $without = $entries;
        unset($without[$struck - 1]);
        $this->assertSameBelief(
            Bench::replay(array_values($without), self::MACHINE),
            Bench::replay([...$entries, ['kind' => 'strike-out', 'entry' => $struck, 'text' => 'slip']], self::MACHINE),
            1e-12,
        );
    }

    public function test_the_order_of_looks_that_move_nothing_does_not_matter(): void
    {
        $looks = [
            ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'cell-reading', 'values' => ['volts' => 3.02]],
            ['kind' => 'finding', 'check' => 'look-leads', 'result' => 'clear'],
        ];
        $first = ['kind' => 'start', 'reached' => 'dark', 'waited' => 90];
        $this->assertSameBelief(
            Bench::replay([$first, ...$looks], catalogue: Bench::unpruned()),
            Bench::replay([$first, ...array_reverse($looks)], catalogue: Bench::unpruned()),
            1e-7,
        );
    }

    /** @param  array<string, mixed>  $course */
    #[DataProviderExternal(Courses::class, 'some')]
    public function test_dropping_the_least_likely_sets_changes_next_to_nothing(array $course): void
    {
        $entries = array_column($course['steps'], 'entry');
        $this->assertSameBelief(
            Bench::replay($entries, $course['machine']),
            Bench::replay($entries, $course['machine'], Bench::unpruned()),
            0.035,
        );
    }

    public function test_no_change_after_a_swap_never_raises_the_swapped_part_and_never_proves_it(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        foreach (['supply', 'card', 'processor', 'video-lead', 'screen'] as $part) {
            $swapped = [...$dark, 'setup' => ['lent' => [$part => ['tag' => 'X-1', 'trust' => 0.97]]]];
            $before = Bench::suspicion(Bench::replay([$dark]), $part);
            $after = Bench::assess([$dark, $swapped]);
            $this->assertLessThan($before, $after->standings[$part]->probability, $part);
            if ($part !== 'supply') {
                $this->assertNotSame('proved', $after->standings[$part]->standing->value, $part);
            }
        }
    }

    public function test_no_change_moves_belief_moderately(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $before = Bench::suspicion(Bench::replay([$dark]), 'stick-1');
        $after = Bench::suspicion(Bench::replay([$dark, [...$dark, 'setup' => ['out' => ['stick-1']]]]), 'stick-1');
        $this->assertGreaterThan(0.05 * $before, $after);
        $this->assertLessThan(0.7 * $before, $after);
    }

    public function test_no_change_after_lending_a_supply_moves_it_by_a_moderate_share(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $before = Bench::suspicion(Bench::replay([$dark]), 'supply');
        $after = Bench::suspicion(
            Bench::replay([$dark, [...$dark, 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.97]]]]]),
            'supply',
        );
        $this->assertGreaterThan(0.05 * $before, $after);
        $this->assertLessThan(0.95 * $before, $after);
    }

    public function test_a_fault_more_in_the_catalogue_changes_what_it_cannot_explain_by_no_more_than_its_prior(): void
    {
        $files = Bench::catalogue()->files();
        $files['faults']['faults'][] = [
            'id' => 'screen-whistles',
            'part' => 'screen',
            'name' => 'whistles',
            'plain' => 'the screen whistled',
            'stops' => 'stays',
            'shows' => 'hours',
            'prior' => 10,
            'cures' => ['replace' => 0.9],
        ];
        $larger = Bench::catalogue()->with($files);
        $total = array_sum(array_map(fn ($fault): float => $fault->prior, Bench::catalogue()->faults));
        $nothing = [
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'],
        ];
        $before = Bench::replay($nothing);
        $after = Bench::replay($nothing, catalogue: $larger);
        foreach (['supply', 'board', 'panel', 'wall-lead', 'main-plug'] as $part) {
            $this->assertEqualsWithDelta(Bench::suspicion($before, $part), Bench::suspicion($after, $part), 10 / $total, $part);
        }
    }

    public function test_a_worse_donor_weakens_what_its_start_says(): void
    {
        $nothing = ['kind' => 'start', 'reached' => 'nothing'];
        $swap = fn (float $trust): array => [...$nothing, 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => $trust]]]];
        $suspicions = array_map(fn (float $trust): float => Bench::suspicion(Bench::replay([$nothing, $swap($trust)]), 'supply'), [
            0.99,
            0.9,
            0.7,
            0.4,
        ]);
        $sorted = $suspicions;
        sort($sorted);
        $this->assertSame($sorted, $suspicions);
    }

    public function test_the_same_sign_again_adds_less_each_time(): void
    {
        $start = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']];
        $odds = [];
        foreach ([0, 1, 2, 3] as $times) {
            $replay = Bench::replay(
                array_fill(0, $times + 1, $times === 0 ? array_diff_key($start, ['signs' => 1]) : $start),
                self::MACHINE,
            );
            $stick = Bench::suspicion($replay, 'stick-1');
            $card = Bench::suspicion($replay, 'card');
            $odds[] = log($stick / $card);
        }
        $first = $odds[1] - $odds[0];
        $second = $odds[2] - $odds[1];
        $third = $odds[3] - $odds[2];
        $this->assertGreaterThan(1.7, $first);
        $this->assertLessThan(0.3 * $first, abs($second));
        $this->assertLessThanOrEqual(abs($second) + 0.05, abs($third));
    }

    public function test_a_short_wait_makes_a_dark_screen_say_less(): void
    {
        $start = fn (int $waited): float => Bench::suspicion(
            Bench::replay([['kind' => 'start', 'reached' => 'dark', 'waited' => $waited]]),
            'drive',
        );
        $this->assertGreaterThan($start(120), $start(10));
    }

    public function test_a_fault_that_comes_and_goes_outlives_one_clean_start(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $good = ['kind' => 'start', 'reached' => 'stays'];
        $one = Bench::replay([$dark, $good])->belief->sound();
        $many = Bench::replay([$dark, [...$good, 'times' => 8]])->belief->sound();
        $this->assertLessThan(0.3, $one);
        $flaky = Bench::replay([$dark, $good]);
        $marginals = $flaky->belief->marginals();
        $sometimes = array_sum(
            array_map(
                fn (int $m): float => $flaky->model->modes->all[$m]->fault->shows === 'always' ? 0.0 : $marginals[$m],
                array_keys($marginals),
            ),
        );
        $this->assertGreaterThan(0.6, $sometimes);
        $this->assertGreaterThan($one, $many);
    }

    public function test_a_short_in_the_case_is_told_by_where_it_starts(): void
    {
        $twitch = ['kind' => 'start', 'reached' => 'twitch'];
        $before = Bench::suspicion(Bench::replay([$twitch]), 'case');
        $onTheMat = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench', 'start_by' => 'pins']];
        $all = Bench::replay([$twitch, $onTheMat, $twitch]);
        $after = Bench::suspicion($all, 'case');
        $this->assertGreaterThan(2 * Bench::suspicion($all, 'board'), $after);
        $this->assertGreaterThan(Bench::suspicion($all, 'supply'), $after);
        $this->assertGreaterThan(4 * $before, $after);
    }

    private function assertSameBelief(Replay $a, Replay $b, float $within): void
    {
        $this->assertEqualsWithDelta(Bench::suspicions($a), Bench::suspicions($b), $within);
        $this->assertEqualsWithDelta($a->belief->sound(), $b->belief->sound(), $within);
    }

    /** @return list<array<string, mixed>> */
    private function entries(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $pick = fn (array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
        $entries = [];
        for ($i = 0; $i < 5; $i++) {
            $entries[] = match ($random->getInt(0, 3)) {
                0 => ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear'],
                1 => [
                    'kind' => 'act',
                    'act' => $pick(['reseat', 'clean-contacts', 'clear-settings']),
                    'on' => [$pick(['slot', 'settings', 'card-slot'])],
                ],
                default => [
                    'kind' => 'start',
                    'reached' => $pick(['dark', 'dark', 'nothing', 'stays', 'twitch']),
                    'setup' => $pick([
                        (object) [],
                        ['out' => ['stick-2']],
                        ['place' => 'bench'],
                        ['lent' => ['card' => ['tag' => 'G-1', 'trust' => 0.95]]],
                    ]),
                    'signs' => $pick([(object) [], ['lamp' => 'memory'], ['lamp' => 'none']]),
                ],
            };
        }

        return $entries;
    }
}
