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
    private function stated(Standing $standing, float $believed): float
    {
        $part = Bench::replay([])->model->machine->part('supply');

        return (new PartStanding($part, $standing, $believed, $believed, [], 'own', null))->stated();
    }

    public function test_a_suspect_on_indirect_evidence_is_said_less_surely_and_in_the_same_order(): void
    {
        $before = -1.0;
        foreach ([0.0, 0.2, 0.59, 0.6, 0.7, 0.85, 0.95, 1.0] as $believed) {
            $stated = $this->stated(Standing::Suspect, $believed);
            $this->assertGreaterThan($before, $stated);
            $this->assertLessThanOrEqual($believed, $stated);
            $before = $stated;
        }
        $this->assertEqualsWithDelta(0.86, $before, 1e-9);
        $this->assertSame(0.5, $this->stated(Standing::Suspect, 0.5));
    }

    public function test_what_was_swapped_or_seen_is_said_as_it_is_believed(): void
    {
        foreach ([Standing::Provisional, Standing::Condemned, Standing::Cured] as $standing) {
            $this->assertSame(0.97, $this->stated($standing, 0.97));
        }
    }
}
