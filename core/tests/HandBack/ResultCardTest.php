<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\ResultCard;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Cards that are scanned where hands are busy. */
final class ResultCardTest extends TestCase
{
    private const OPENED = [['kind' => 'start', 'reached' => 'nothing'], ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']]];

    public function test_every_card_has_a_code_of_its_own_and_makes_an_entry_the_record_takes(): void
    {
        $cards = ResultCard::all(Bench::catalogue());
        $bare = array_map(fn (ResultCard $card): string => str_replace(['.', '-'], '', $card->code), $cards);
        $this->assertSame($bare, array_unique($bare));
        $this->assertGreaterThan(12, count($cards));
        $board = [
            self::OPENED[0],
            ['kind' => 'report', 'text' => 'go on', 'marks' => ['consent-system']],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['board', 'drive', 'stick-1', 'supply', 'card', 'cooler']],
        ];
        $plan = $this->plan($board);
        $taken = 0;
        foreach ($cards as $card) {
            try {
                $case = Bench::case([...$board, $card->entry($plan)]);
                $this->assertCount(4, $case->record->entries, $card->code);
                $taken++;
            } catch (CaseMistake $mistake) {
                $this->assertStringContainsString('not asked of this machine', $mistake->sentence, $card->code);
            }
        }
        $this->assertGreaterThan(8, $taken);
    }

    public function test_what_is_measured_has_no_card(): void
    {
        foreach (ResultCard::all(Bench::catalogue()) as $card) {
            $this->assertStringNotContainsString('TEMPERATURE', $card->code);
            $this->assertStringNotContainsString('SPEED', $card->code);
        }
    }

    public function test_a_scanned_card_proves_what_it_says(): void
    {
        $card = ResultCard::read(' p-fans-clear ', Bench::catalogue());
        $this->assertSame(['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'], $card->entry($this->plan(self::OPENED)));
        $this->assertTrue($card->good);
        $this->assertSame('Every fan turns', $card->said());
        $bad = ResultCard::read('P.FANS.CASE', Bench::catalogue());
        $this->assertSame([false, 'Every fan turns: a case fan stands still or is clogged'], [$bad->good, $bad->said()]);
        $this->assertSame(
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench', 'start_by' => 'pins']],
            ResultCard::read('P.OUTSIDE.UP', Bench::catalogue())->entry($this->plan(self::OPENED)),
        );
        $this->assertSame(
            ['kind' => 'start', 'reached' => 'stays'],
            ResultCard::read('pinsideup', Bench::catalogue())->entry($this->plan(self::OPENED)),
        );
    }

    public function test_a_card_that_does_not_belong_is_refused_with_a_reason(): void
    {
        $refused = function (string $code, array $entries, string $sentence, array $machine = []): void {
            try {
                ResultCard::read($code, Bench::catalogue())->entry($this->plan($entries, $machine));
                $this->fail("{$code} was taken");
            } catch (CaseMistake $mistake) {
                $this->assertStringContainsString($sentence, $mistake->sentence);
            }
        };
        $refused('K4-327', self::OPENED, 'is on no card');
        $refused('', self::OPENED, 'is on no card');
        $refused('P.MEMORY.FULL', self::OPENED, 'not asked of this machine');
        $refused('P.LOAD.UP', self::OPENED, "needs the owner's leave first");
        $refused('P.HEALTH.GOOD', [self::OPENED[0], ['kind' => 'act', 'act' => 'replace', 'on' => ['drive-1']]], 'several parts', [
            'drives' => 2,
        ]);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     */
    private function plan(array $entries, array $machine = []): Plan
    {
        return Plan::of(Bench::assess($entries, $machine), Bench::catalogue());
    }
}
