<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Lending;

use DateTimeImmutable;
use Orthoscope\Core\Lending\ContactTrace;
use Orthoscope\Core\Lending\Exposure;
use Orthoscope\Core\Lending\Meeting;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class ContactTraceTest extends TestCase
{
    public function test_what_left_before_did_not_meet_it_and_what_came_later_is_followed(): void
    {
        $trace = ContactTrace::from('J1', $this->at(10), [
            $this->meeting('early', 'J1', 1, 9),
            $this->meeting('there', 'J1', 8, 12),
            $this->meeting('later', 'J1', 20, 21),
            $this->meeting('there', 'J2', 13, 14),
            $this->meeting('second', 'J2', 13, 15),
            $this->meeting('before-it', 'J2', 11, 12),
            $this->meeting('there', 'J0', 2, 3),
        ]);
        $this->assertEquals(
            ['there', 'later', 'second'],
            array_values(array_intersect(['there', 'later', 'second', 'early', 'before-it'], array_keys($trace->spares))),
        );
        $this->assertCount(3, $trace->spares);
        $this->assertSame(['J1', 'J2'], array_keys($trace->jobs));
        $this->assertSame(['there', 2], [$trace->jobs['J2']->by, $trace->jobs['J2']->steps]);
        $this->assertSame(['J2', 3], [$trace->spares['second']->by, $trace->spares['second']->steps]);
    }

    public function test_the_harm_thins_out_along_the_chain(): void
    {
        $trace = ContactTrace::from('J1', $this->at(0), [
            $this->meeting('a', 'J1', 1, 2),
            $this->meeting('a', 'J2', 3, 4),
            $this->meeting('b', 'J2', 3, 4),
            $this->meeting('lead', 'J1', 1, 2),
        ]);
        $ruined = Exposure::ruined($trace, 0.4, ['a' => 'stick', 'b' => 'card', 'lead' => 'wall-lead'], Bench::catalogue()->shelf);
        // By hand: .4 * .35; of that half is carried on, and .35 of it again. A lead cannot be harmed.
        $this->assertEqualsWithDelta(0.14, $ruined['a'], 1e-12);
        $this->assertEqualsWithDelta(0.14 * 0.5 * 0.35, $ruined['b'], 1e-12);
        $this->assertSame(0.0, $ruined['lead']);
    }

    /**
     * On random histories the trace is what a plain closure finds: go on adding what was met at or after it was reached, until nothing
     * moves.
     */
    public function test_it_is_the_closure_a_plain_search_finds(): void
    {
        for ($seed = 0; $seed < 150; $seed++) {
            $draw = Draw::from("trace {$seed}");
            $meetings = [];
            for ($i = 0; $i < 25; $i++) {
                $from = (int) (100 * $draw->unit());
                $meetings[] = $this->meeting(
                    'S'.(int) (8 * $draw->unit()),
                    'J'.(int) (8 * $draw->unit()),
                    $from,
                    $draw->happens(0.1) ? null : $from + (int) (15 * $draw->unit()),
                );
            }
            $since = (int) (60 * $draw->unit());
            $reached = ['J0' => $since];
            do {
                $moved = false;
                foreach ($meetings as $meeting) {
                    foreach ([[$meeting->job, $meeting->spare], [$meeting->spare, $meeting->job]] as [$here, $there]) {
                        $end = $meeting->to === null ? PHP_INT_MAX : $this->hour($meeting->to);
                        if (isset($reached[$here]) && $end >= $reached[$here]) {
                            $at = max($reached[$here], $this->hour($meeting->from));
                            if (! isset($reached[$there]) || $at < $reached[$there]) {
                                $reached[$there] = $at;
                                $moved = true;
                            }
                        }
                    }
                }
            } while ($moved);
            $trace = ContactTrace::from('J0', $this->at($since), $meetings);
            $found = array_map(fn ($contact): int => $this->hour($contact->at), $trace->spares + $trace->jobs);
            ksort($found);
            ksort($reached);
            $this->assertSame($reached, $found, "seed {$seed}");
        }
    }

    public function test_the_harm_a_machine_does_follows_from_what_is_believed_of_it(): void
    {
        $data = Bench::catalogue()->shelf;
        $supply = Exposure::harmOf(
            Bench::assess([
                ['kind' => 'start', 'reached' => 'nothing'],
                ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail'],
            ]),
            $data,
        );
        $lead = Exposure::harmOf(
            Bench::assess([['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'finding', 'check' => 'look-leads', 'result' => 'off']]),
            $data,
        );
        $this->assertGreaterThan(0.1, $supply);
        $this->assertLessThan(0.03, $lead);
    }

    private function meeting(string $spare, string $job, int $from, ?int $to): Meeting
    {
        return new Meeting($spare, $job, $this->at($from), $to === null ? null : $this->at($to));
    }

    private function at(int $hour): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-01-01T00:00:00+00:00'))->modify("+{$hour} hours");
    }

    private function hour(DateTimeImmutable $at): int
    {
        return intdiv($at->getTimestamp() - $this->at(0)->getTimestamp(), 3600);
    }
}
