<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What is said of a suspect is never more than it has proved to be worth, and keeps the order of belief. */
final class StatedTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'signs' => ['fans' => 'spin', 'lamp' => 'memory']];

    private const WITHOUT = [
        'kind' => 'start',
        'reached' => 'stays',
        'setup' => ['lent' => ['stick-2' => ['tag' => 'S-1', 'trust' => 0.97]]],
        'signs' => ['fans' => 'spin'],
    ];

    public function test_a_suspect_on_indirect_evidence_is_said_less_surely_and_in_the_same_order(): void
    {
        $suspects = array_filter(
            Bench::assess([self::DARK, self::DARK])->standings,
            fn (PartStanding $one): bool => $one->standing === Standing::Suspect,
        );
        usort($suspects, fn (PartStanding $a, PartStanding $b): int => $a->probability <=> $b->probability);
        $this->assertGreaterThan(3, count($suspects));
        $this->assertGreaterThan(0.15, end($suspects)->probability);
        $before = 0.0;
        foreach ($suspects as $suspect) {
            // By hand: as believed up to a tenth, nine tenths of what is over.
            $said = $suspect->probability <= 0.1 ? $suspect->probability : 0.1 + 0.9 * ($suspect->probability - 0.1);
            $this->assertEqualsWithDelta($said, $suspect->stated, 1e-9, $suspect->part->id);
            $this->assertGreaterThanOrEqual($before, $suspect->stated);
            $before = $suspect->stated;
        }
    }

    public function test_the_faults_of_a_suspect_are_said_to_make_up_what_is_said_of_it(): void
    {
        $assessment = Bench::assess([self::DARK]);
        foreach ($assessment->suspects() as $suspect) {
            $this->assertEqualsWithDelta($suspect->stated, $suspect->share($suspect->probability), 1e-9);
            foreach ($assessment->faultsOf($suspect->part->id) as $fault) {
                $this->assertLessThanOrEqual($suspect->stated + 1e-9, $suspect->share($fault->probability), $fault->fault->id);
            }
        }
    }

    public function test_what_the_trouble_came_back_with_or_what_was_seen_is_said_as_it_is_believed(): void
    {
        $fails = ['kind' => 'start', 'reached' => 'twitch', 'signs' => ['fans' => 'twitch']];
        $lent = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'P-1', 'trust' => 0.97]]]];
        $once = Bench::assess([$fails, $lent])->standings['supply'];
        $this->assertSame(Standing::Provisional, $once->standing);
        $this->assertEqualsWithDelta(0.1 + 0.9 * ($once->probability - 0.1), $once->stated, 1e-9, 'a swap alone');
        $back = Bench::assess([$fails, $lent, $fails])->standings['supply'];
        $this->assertContains($back->standing, [Standing::Provisional, Standing::Condemned]);
        $this->assertSame($back->probability, $back->stated);
        $failed = ['kind' => 'finding', 'check' => 'drive-in-host', 'target' => 'drive', 'result' => 'fails'];
        $seen = Bench::assess([['kind' => 'start', 'reached' => 'no-drive'], $failed])->standings['drive'];
        $this->assertGreaterThan(0.5, $seen->probability);
        $this->assertSame($seen->probability, $seen->stated);
    }

    public function test_with_its_place_it_is_said_as_believed_only_once_it_is_settled_which_of_them(): void
    {
        $stick = fn (array $entries): PartStanding => Bench::assess($entries)->standings['stick-2'];
        $open = $stick([self::DARK, self::WITHOUT, self::DARK, self::WITHOUT, self::DARK]);
        $this->assertLessThan(0.9, $open->probability);
        $this->assertLessThan($open->probability, $open->stated);
        $elsewhere = [...self::DARK, 'setup' => ['out' => ['stick-1'], 'moved' => ['stick-2' => 'slot-A2']]];
        $other = [...self::WITHOUT, 'setup' => ['out' => ['stick-2'], 'moved' => ['stick-1' => 'slot-B2']]];
        $without = [...self::WITHOUT, 'setup' => ['out' => ['stick-2']]];
        $settled = $stick([self::DARK, $elsewhere, $other, self::DARK, $without, self::DARK]);
        $this->assertGreaterThan(0.9, $settled->probability);
        $this->assertSame($settled->probability, $settled->stated);
    }
}
