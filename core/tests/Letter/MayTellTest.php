<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\Letter\MayTell;
use Orthoscope\Core\Letter\Warning;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the counter may tell by the record, and what an owner is warned of who takes a locked machine home. */
final class MayTellTest extends TestCase
{
    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  list<string>  $told
     * @param  list<string>  $never
     */
    #[DataProvider('records')]
    public function test_it_tells_what_is_known_and_no_more(array $entries, array $told, array $never): void
    {
        $said = implode(' ', array_map(strval(...), (new MayTell(Bench::assess($entries), Bench::catalogue()))->sentences()));
        foreach ($told as $one) {
            $this->assertStringContainsString($one, $said);
        }
        foreach ([...$never, 'power supply', 'board'] as $one) {
            $this->assertStringNotContainsString($one, $said);
        }
    }

    public function test_of_a_part_that_came_alone_it_tells_how_it_went_in_good_machines(): void
    {
        $works = ['kind' => 'finding', 'check' => 'card-in-host', 'result' => 'works'];
        $assessment = Bench::assess([$works], ['model' => 'Wren 6', 'alone' => 'card']);
        $said = implode(' ', array_map(strval(...), (new MayTell($assessment, Bench::catalogue()))->sentences()));
        $this->assertStringStartsWith('We tried it by itself in a good machine of ours, and it worked.', $said);
        $this->assertStringNotContainsString('Nobody has started it', $said);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, list<string>, list<string>}> */
    public static function records(): iterable
    {
        $dead = ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']];
        $failed = ['kind' => 'finding', 'check' => 'supply-test', 'result' => 'fail'];
        yield 'not started' => [[], ['Nobody has started it here yet.', 'we do not name one', 'still looking'], ['The cause is known']];
        yield 'started' => [
            [$dead],
            ['We started it as it came, and nothing happened at all.', 'we do not name one'],
            ['The cause is known', 'again'],
        ];
        yield 'the supply failed its tester' => [
            [$dead, $failed],
            ['The cause is known. Who works on it writes to you'],
            ['still looking', 'do not name one'],
        ];
        yield 'it smoked' => [
            [['kind' => 'report', 'marks' => ['smoke'], 'reached' => 'nothing']],
            ['must be cleared up before we switch it on'],
            ['The cause is known', 'can be fetched', 'plug it in'],
        ];
    }

    public function test_what_is_still_locked_is_handed_back_with_a_warning_and_nothing_else_is(): void
    {
        $wet = Bench::assess(
            [['kind' => 'report', 'marks' => ['liquid']], ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'liquid']],
        );
        $said = implode(' ', array_map(strval(...), Warning::sentences($wet->locks)));
        $this->assertStringContainsString('switch it on', $said);
        $this->assertSame([], Warning::sentences(Bench::assess([['kind' => 'start', 'reached' => 'stays']])->locks));
    }
}
