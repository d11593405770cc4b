<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Returns;

use DateTimeImmutable;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Returns\Carried;
use Orthoscope\Core\Returns\Claimable;
use Orthoscope\Core\Returns\EvidencePack;
use Orthoscope\Core\Returns\Separation;
use Orthoscope\Core\Returns\Untried;
use Orthoscope\Core\Returns\Warranty;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Tests\Support\Returned;
use PHPUnit\Framework\TestCase;

final class ReturnsTest extends TestCase
{
    public function test_warranty_runs_by_the_calendar(): void
    {
        $of = fn (string $back, int $months, string $now): Warranty => Warranty::of(
            new DateTimeImmutable($back),
            $months,
            new DateTimeImmutable($now),
        );
        $this->assertSame(
            [0, true],
            [$of('2026-01-15 10:00', 6, '2026-07-15 23:00')->daysLeft, $of('2026-01-15', 6, '2026-07-15 23:00')->holds()],
        );
        $this->assertSame('Out of warranty since 1 day.', $of('2026-01-15', 6, '2026-07-16')->words());
        $this->assertSame('In warranty for 1 more day.', $of('2026-01-15', 6, '2026-07-14')->words());
        // The last day of a month that is shorter.
        $this->assertSame('2027-02-28', $of('2026-08-31', 6, '2026-09-01')->until->format('Y-m-d'));
        $this->assertSame('No warranty was given.', $of('2026-08-31', 0, '2026-09-01')->words());
        $this->assertFalse($of('2026-08-31', 0, '2026-08-31')->holds());
    }

    public function test_what_was_not_proved_then_comes_first_now(): void
    {
        // Given back unrepaired: the supply was measured good, the drive was never reached.
        $carried = Carried::from(
            Bench::assess([
                ['kind' => 'start', 'reached' => 'dark', 'waited' => 150],
                ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'],
            ]),
            Bench::catalogue(),
        );
        $this->assertGreaterThan(1.5 * $carried['supply-dead'], $carried['drive-failing'] ?? 1.0);
        $this->assertGreaterThan(1.0, $carried['board-dead'], 'what was suspected is suspected more');
        foreach ($carried as $fault => $factor) {
            $this->assertGreaterThanOrEqual(0.25, $factor, $fault);
            $this->assertLessThanOrEqual(4.0, $factor, $fault);
        }
        $told = ['kind' => 'report', 'reached' => 'dark'];
        $plain = Bench::assess([$told])->standings['board']->probability;
        $back = Bench::assess([$told, ['kind' => 'report', 'source' => 'remembered', 'text' => 'earlier', 'carried' => $carried]])
            ->standings['board']->probability;
        $this->assertGreaterThan($plain, $back);
        $this->assertSame([], Carried::from(Bench::assess([]), Bench::catalogue()), 'A job that looked at nothing leaves nothing.');
    }

    public function test_what_is_carried_is_checked(): void
    {
        foreach ([['no-such' => 2], ['board-dead' => 0], ['board-dead' => 50], ['board-dead' => 'much']] as $wrong) {
            try {
                Bench::case([['kind' => 'report', 'text' => 'x', 'carried' => $wrong]]);
                $this->fail('should have been refused');
            } catch (CaseMistake $mistake) {
                $this->assertStringContainsString('carried', $mistake->path);
            }
        }
    }

    public function test_what_can_go_back_begins_with_what_is_confirmed_and_says_why(): void
    {
        $entries = [
            ['kind' => 'start', 'reached' => 'nothing'],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.97]]]],
            ['kind' => 'start', 'reached' => 'nothing', 'times' => 3],
        ];
        $back = Claimable::of(Bench::assess($entries));
        $this->assertSame('supply', $back[0]->standing->part->id);
        $this->assertTrue($back[0]->isConfirmed());
        $this->assertSame('Supply: changed, and the machine got further; put back, and the trouble came back.', $back[0]->reason());
        $ids = array_map(fn (Claimable $one): string => $one->standing->part->id, $back);
        $this->assertNotContains('socket', $ids, 'A link is not bought.');
        $this->assertSame(
            '',
            array_values(array_filter($back, fn (Claimable $one): bool => $one->standing->part->id === 'drive'))[0]->reason(),
        );
        $replaced = Claimable::of(
            Bench::assess([
                ...$entries,
                ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
                ['kind' => 'start', 'reached' => 'stays', 'times' => 5],
            ]),
        );
        $this->assertSame(
            ['supply', true, 'Supply: changed, and the machine got further; put back, and the trouble came back.'],
            [$replaced[0]->standing->part->id, $replaced[0]->isConfirmed(), $replaced[0]->reason()],
            'The old one goes back, not the new.',
        );
    }

    public function test_conditions_not_tried_and_what_each_would_show(): void
    {
        $works = [
            ['kind' => 'report', 'reached' => 'nothing', 'text' => 'Only in the mornings'],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['temperature' => 'warm'], 'times' => 6],
        ];
        $untried = fn (array $entries): array => array_column(
            array_map(
                fn (Untried $one): array => [$one->name, $one->chance],
                Untried::of(Bench::replay($entries), Bench::case($entries)->record, Bench::catalogue()),
            ),
            1,
            0,
        );
        $before = $untried($works);
        $this->assertArrayHasKey('cold, after standing', $before);
        $this->assertArrayNotHasKey('warm, just after a run', $before);
        $this->assertGreaterThan($before['hours as the owner runs it'] * 0.2, $before['cold, after standing']);
        $this->assertNotSame('cold, after standing', array_key_first($before));
        $told = [['kind' => 'report', 'reached' => 'nothing', 'only' => 'cold'], $works[1]];
        $this->assertSame('cold, after standing', array_key_first($untried($told)), 'What its owner names comes first.');
        $this->assertGreaterThan($before['cold, after standing'], $untried($told)['cold, after standing']);
        $cold = [...$works, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['temperature' => 'cold'], 'times' => 4]];
        $this->assertArrayNotHasKey('cold, after standing', $untried($cold));
        foreach ($before as $name => $chance) {
            $this->assertGreaterThan(0.0, $chance, $name);
            $this->assertLessThan(1.0, $chance, $name);
        }
    }

    public function test_the_evidence_says_what_was_tried_with_the_part_and_what_without(): void
    {
        $pack = EvidencePack::of(Bench::assess(Returned::STICK), Bench::catalogue(), 'stick-2');
        $this->assertSame(
            ['with it', 'without it', 'with it', 'on it', 'done to it', 'with new in its place', 'with new in its place'],
            array_column($pack->trials, 'with'),
        );
        $this->assertStringContainsString('at fault with 9', $pack->verdict);
        $this->assertStringContainsString('confirmed', $pack->verdict);
        $this->assertSame(EvidencePack::FORMAT, $pack->toArray()['format']);
        $spare = EvidencePack::of(
            Bench::assess([
                ...array_slice(Returned::STICK, 0, 4),
                ['kind' => 'act', 'act' => 'replace', 'on' => ['stick-2'], 'with' => ['tag' => 'O-7']],
                ['kind' => 'start', 'reached' => 'dark', 'waited' => 120],
            ]),
            Bench::catalogue(),
            'stick-2',
            'O-7',
        );
        $this->assertSame('with it', $spare->trials[count($spare->trials) - 1]['with']);
    }

    public function test_the_condition_that_tells_two_benches_apart(): void
    {
        $cold = [
            ['kind' => 'start', 'reached' => 'nothing', 'setup' => ['temperature' => 'cold', 'place' => 'bench'], 'times' => 2],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['temperature' => 'warm', 'place' => 'bench'], 'times' => 3],
            ['kind' => 'start', 'reached' => 'nothing', 'setup' => ['temperature' => 'cold', 'place' => 'bench']],
        ];
        $sides = Separation::of(Bench::case($cold)->record, Bench::catalogue());
        $this->assertSame('cold, where they have it warm', $sides->ask);
        $this->assertSame('out of the case', $sides->ours['place']);
        $none = Separation::of(Bench::case([['kind' => 'start', 'reached' => 'stays']])->record, Bench::catalogue());
        $this->assertNull($none->ask);
        $same = Separation::of(Bench::case($cold)->record, Bench::catalogue(), [
            'temperature' => 'cold',
            'parts' => 'the owner\'s own parts beside it',
        ]);
        $this->assertNull($same->ask, 'They have tried what we have.');
    }

    public function test_what_never_ran_here_and_what_ran_so_half_the_time_still_tells_them_apart(): void
    {
        $mat = fn (string $reached, string $temperature): array => [
            'kind' => 'start', 'reached' => $reached, 'setup' => ['temperature' => $temperature, 'place' => 'bench'],
        ];
        $ask = fn (array ...$entries): ?string => Separation::of(Bench::case(array_values($entries))->record, Bench::catalogue())->ask;
        $this->assertSame('cold, where they have it warm', $ask($mat('nothing', 'cold')));
        $this->assertSame('cold, where they have it warm', $ask($mat('nothing', 'cold'), $mat('stays', 'cold'), $mat('stays', 'warm')));
        $this->assertNull($ask($mat('nothing', 'cold'), $mat('stays', 'cold')), 'it ran so as often');
    }
}
