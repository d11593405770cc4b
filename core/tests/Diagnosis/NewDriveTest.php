<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\HandBack\HandOver;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Nothing is on a new drive (common practice, no source): that no system is found says nothing against having replaced the old one. */
final class NewDriveTest extends TestCase
{
    private const NO_SYSTEM = ['kind' => 'start', 'reached' => 'no-system', 'waited' => 120];

    private const FAILING = ['kind' => 'finding', 'check' => 'drive-health', 'result' => 'failing'];

    private const NEW_DRIVE = ['kind' => 'act', 'act' => 'replace', 'on' => ['drive'], 'with' => ['tag' => 'new']];

    private const SYSTEM = ['kind' => 'act', 'act' => 'repair-system', 'on' => ['system']];

    private const WELL = ['kind' => 'start', 'reached' => 'stays', 'times' => 3];

    public function test_no_system_on_the_new_drive_leaves_the_old_one_at_fault(): void
    {
        $before = $this->had([self::NO_SYSTEM, self::FAILING, self::NEW_DRIVE]);
        $after = $this->had([self::NO_SYSTEM, self::FAILING, self::NEW_DRIVE, self::NO_SYSTEM]);
        $this->assertGreaterThan(0.8, $before);
        $this->assertEqualsWithDelta($before, $after, 0.1);
    }

    public function test_the_system_is_put_on_next_and_the_drive_is_what_it_was(): void
    {
        $bare = Bench::assess([self::NO_SYSTEM, self::FAILING, self::NEW_DRIVE, self::NO_SYSTEM]);
        $this->assertStringContainsString('put the system in order', implode("\n", HandOver::sentences($bare, Bench::catalogue())));
        $this->assertSame('drive', $bare->causes()[0]->part->id, 'what came with the new part is not what it came in with');
        $done = Bench::assess([self::NO_SYSTEM, self::FAILING, self::NEW_DRIVE, self::NO_SYSTEM, self::SYSTEM, self::WELL]);
        $this->assertGreaterThan(0.9, $done->sound);
        $this->assertSame(['drive'], array_map(fn ($cause): string => $cause->part->id, $done->causes()));
    }

    public function test_a_drive_that_what_was_on_it_was_copied_to_just_runs(): void
    {
        $this->assertGreaterThan(0.85, Bench::assess([self::NO_SYSTEM, self::FAILING, self::NEW_DRIVE, self::WELL])->sound);
    }

    public function test_which_of_two_drives_held_the_system_is_not_known(): void
    {
        $coming = function (int $drives): float {
            $model = Bench::replay([self::NO_SYSTEM], ['drives' => $drives])->model;
            $fitted = [$model->machine->ofKind('drive')[0]->id => true];

            return array_sum($model->comingWith($fitted));
        };
        $this->assertEqualsWithDelta(0.8, $coming(1), 1e-9);
        $this->assertEqualsWithDelta(0.4, $coming(2), 1e-9);
    }

    public function test_a_machine_whose_drive_was_changed_at_home_may_have_none_on_it(): void
    {
        $system = function (string ...$events): float {
            $replay = Bench::replay([['kind' => 'report', 'reached' => 'no-system', 'events' => $events]]);
            $none = array_keys(array_filter($replay->model->modes->all, fn ($how): bool => $how->fault->id === 'system-none'));

            return $replay->belief->hadAny(array_fill_keys($none, true));
        };
        $this->assertGreaterThan(3 * $system(), $system('drive-changed'));
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function had(array $entries): float
    {
        return Bench::suspicion(Bench::replay($entries), 'drive');
    }
}
