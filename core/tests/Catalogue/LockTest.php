<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Catalogue;

use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What ends a lock, as one says it at the bench. */
final class LockTest extends TestCase
{
    /** @return list<string> */
    private function endings(string $lock): array
    {
        return Bench::catalogue()->locks[$lock]->endings(Bench::catalogue());
    }

    public function test_results_of_one_look_are_told_together_two_of_them_and_that_there_are_more(): void
    {
        $catalogue = Bench::catalogue();
        $look = $catalogue->check('look-socket');
        foreach ($catalogue->locks as $lock) {
            $shown = array_values(array_filter($lock->cleared, fn (string $word): bool => str_starts_with($word, 'look-socket:')));
            if ($shown === []) {
                continue;
            }
            $names = array_map(fn (string $word): string => $look->result(substr($word, strlen('look-socket:')))->name, $shown);
            $this->assertContains(
                "{$look->name} (".implode(' / ', array_slice($names, 0, 2)).(count($names) > 2 ? ' …)' : ')'),
                $lock->endings($catalogue),
                $lock->id,
            );
        }
        $counts = array_map(
            fn ($lock): int => count(array_filter($lock->cleared, fn (string $word): bool => str_starts_with($word, 'look-'))),
            $catalogue->locks,
        );
        $this->assertGreaterThan(2, max($counts));
    }

    public function test_an_act_says_what_it_is_done_to_and_a_start_how_far_it_must_get(): void
    {
        $catalogue = Bench::catalogue();
        $supply = array_keys(array_filter($catalogue->locks, fn ($lock): bool => in_array('act:replace:supply', $lock->cleared, true)));
        $this->assertNotSame([], $supply);
        foreach ($supply as $id) {
            $this->assertContains(
                $catalogue->act('replace')->name.' ('.lcfirst($catalogue->part('supply')->name).')',
                $this->endings($id),
            );
        }
        $dries = array_keys(array_filter($catalogue->locks, fn ($lock): bool => $lock->cleared === ['act:dry']));
        $this->assertSame([$catalogue->act('dry')->name], $this->endings($dries[0]));
        $starts = array_keys(array_filter($catalogue->locks, fn ($lock): bool => in_array('start:picture', $lock->cleared, true)));
        $this->assertContains('a start that gets past '.$catalogue->stages['picture']->name, $this->endings($starts[0]));
    }
}
