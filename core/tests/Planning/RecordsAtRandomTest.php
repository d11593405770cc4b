<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Plain\Draw;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Simulation\RandomRecord;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold of advice whatever the record: on records of steps taken at random, with marks and finds that lock thrown in. */
final class RecordsAtRandomTest extends TestCase
{
    private const RECORDS = 10;

    private const THROWN_IN = [
        ['kind' => 'report', 'marks' => ['smoke']],
        ['kind' => 'report', 'marks' => ['liquid']],
        ['kind' => 'report', 'marks' => ['shock']],
        ['kind' => 'report', 'marks' => ['socket'], 'only' => 'cold'],
        ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
        ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'smells'],
        ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'liquid'],
        ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'burnt'],
        ['kind' => 'act', 'act' => 'dry', 'on' => ['board']],
    ];

    /** @return iterable<string, array{int}> */
    public static function records(): iterable
    {
        for ($i = 0; $i < self::RECORDS; $i++) {
            yield "record {$i}" => [$i];
        }
    }

    #[DataProvider('records')]
    public function test_what_must_hold_of_any_advice(int $number): void
    {
        [$hidden, $entries] = RandomRecord::of(Bench::catalogue(), 3 + $number % 6, "advice {$number}");
        $reader = new EntryReader(Bench::catalogue(), $hidden->machine());
        $thrown = Draw::from("thrown {$number}")->oneOf([null, ...self::THROWN_IN]);
        if ($thrown !== null) {
            $entries[] = $reader->read(count($entries) + 1, $thrown);
        }
        $adviser = new Adviser(Bench::catalogue(), $hidden->machine(), Shelf::wellStocked(Bench::catalogue()));
        for ($upTo = max(1, count($entries) - 3); $upTo <= count($entries); $upTo++) {
            /** @var list<Entry> $so */
            $so = array_slice($entries, 0, $upTo);
            $record = new Record($so);
            $this->check($adviser->assess($record), $record, "record {$number}, entry {$upTo}");
        }
    }

    private function check(Assessment $assessment, Record $record, string $where): void
    {
        $advice = $assessment->advice;
        $open = array_values(array_filter($advice->steps, fn (NextStep $step): bool => $step->isOpen()));
        foreach (array_slice($open, 0, 3) as $i => $step) {
            $this->assertFalse(
                $this->isForegone($step, $record, $assessment),
                "{$where}: {$step->candidate->name()} has one outcome and decides nothing",
            );
        }
        $power = $assessment->locks->powerIsLocked();
        $barred = $assessment->locks->onOwnSupply() !== [];
        foreach ($open as $step) {
            $this->assertFalse(
                $power && $step->candidate->step->power,
                "{$where}: {$step->candidate->name()} puts power on a locked machine",
            );
            $this->assertFalse(
                $barred && $step->candidate->ownSupply,
                "{$where}: {$step->candidate->name()} puts mains on a barred supply",
            );
        }
        if (($power || $barred) && $open !== []) {
            $this->assertStringNotContainsString('Start it once', $advice->why, $where);
            $this->assertNotSame(JobState::Prove, $advice->state, "{$where}: {$advice->why}");
        }
        if ($advice->state === JobState::Find) {
            $this->assertStringStartsWith(
                $open[0]->candidate->step->id === 'start' && $record->lastStart() === null ? 'Start it once' : $open[0]->candidate->name(),
                $advice->why,
                "{$where}: the sentence and the list say the same",
            );
        }
        $grounds = Grounds::read($record, Replay::among([], $assessment->machine, $record, Bench::catalogue())->model);
        foreach ($advice->steps as $step) {
            $this->assertFalse(
                $step->candidate->step->each === 'swapped' && $grounds->has($step->candidate->target->id ?? '', Ground::Seen),
                "{$where}: what was seen bad is not put back",
            );
        }
        foreach ($assessment->standings as $standing) {
            if ($standing->standing->value === 'condemned') {
                $this->assertNotSame(
                    [],
                    Grounds::only($standing->because, Ground::CameBack, Ground::Seen),
                    "{$where}: {$standing->part->id} is condemned without a start or a sight",
                );
            }
        }
    }

    /** One outcome has 99 in 100, and the step is neither the first start, nor a cure, nor what unlocks or confirms. */
    private function isForegone(NextStep $step, Record $record, Assessment $assessment): bool
    {
        $likeliest = max([0.0, ...array_map(fn ($outcome): float => $outcome->probability, $step->outcomes)]);
        $waits = $step->candidate->step->check !== null && $assessment->locks->waitForCheck($step->candidate->step->check);

        return $likeliest >= 0.99 && $record->lastStart() !== null && ! $waits && $step->candidate->step->each !== 'swapped'
            && ! in_array($step->candidate->step->record, ['unlock', 'act'], true) && ($step->candidate->spare->kind ?? '') !== 'supply';
    }

    /** Each lock says in the catalogue what ends it, and what it names can be recorded. */
    public function test_every_lock_can_be_ended(): void
    {
        foreach (Bench::catalogue()->locks as $lock) {
            $this->assertNotSame('', $lock->unlock);
            $this->assertTrue($lock->cleared !== [] || $lock->hours !== null, $lock->id);
            foreach ($lock->cleared as $word) {
                [$what, $rest] = [...explode(':', $word, 2), ''];
                if (isset(Bench::catalogue()->checks[$what])) {
                    $this->assertSame($rest, Bench::catalogue()->check($what)->result($rest)->id, "{$lock->id}: {$word}");
                }
            }
        }
    }
}
