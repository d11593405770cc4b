<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\EntryWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What others tried and tell of. */
final class OthersTrialTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const OUT = ['kind' => 'trial', 'who' => 'friend', 'out' => ['stick-2'], 'reached' => 'stays'];

    /** @param  list<array<string, mixed>>  $entries */
    private static function belief(string $part, array $entries): float
    {
        return Bench::assess($entries)->standings[$part]->probability;
    }

    public function test_it_moves_belief_the_way_a_start_of_ours_would_and_less_far(): void
    {
        $before = self::belief('slot-B2', [self::DARK]);
        $told = self::belief('slot-B2', [self::DARK, self::OUT]);
        $ours = self::belief('slot-B2', [self::DARK, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-2']]]]);
        $this->assertGreaterThan($before, $told);
        $this->assertLessThan($ours, $told);
    }

    public function test_who_tells_it_weighs_and_how_often_does_not_carry_it_away(): void
    {
        $by = fn (string $who): float => self::belief('slot-B2', [self::DARK, ['who' => $who] + self::OUT]);
        $this->assertGreaterThan($by('friend'), $by('shop'));
        $this->assertEqualsWithDelta(
            self::belief('slot-B2', [self::DARK, self::OUT + ['times' => 2]]),
            self::belief('slot-B2', [self::DARK, self::OUT + ['times' => 40]]),
            0.1,
        );
    }

    public function test_it_proves_and_condemns_nothing(): void
    {
        $assessment = Bench::assess([['out' => []] + self::OUT, ['kind' => 'trial', 'who' => 'maker', 'reached' => 'nothing']]);
        foreach ($assessment->standings as $standing) {
            $this->assertNotContains($standing->standing->value, ['proved', 'condemned', 'not-alone'], $standing->part->id);
        }
        $this->assertNull($assessment->record->lastStart());
        $this->assertSame(0, $assessment->proof->clean);
    }

    public function test_it_is_said_in_the_words_of_the_bench_and_of_the_letter(): void
    {
        $entries = [
            ['text' => 'at hers it ran'] + ['theirs' => ['screen'], 'out' => [], 'temperature' => 'cold', 'times' => 2] + self::OUT,
            self::DARK,
        ];
        $case = Bench::case($entries);
        $words = new EntryWords($case->machine, Bench::catalogue());
        $this->assertSame('tried by a friend: another for Screen, cold, at home', $words->what($case->record->inForce[0]));
        $this->assertSame('starts and stays up (2 times)', $words->outcome($case->record->inForce[0]));
        $letter = (new LetterWriter(Bench::catalogue()))->write(Bench::assess($entries));
        $told = $letter->text();
        $this->assertStringContainsString('when a friend tried it at your place, with another in place of the screen', $told);
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_what_cannot_be_is_told_in_a_sentence(string $sentence, array $wrong): void
    {
        $this->expectException(CaseMistake::class);
        $this->expectExceptionMessage($sentence);
        Bench::case([$wrong + self::OUT]);
    }

    /** @return array<string, array{string, array<string, mixed>}> */
    public static function mistakes(): array
    {
        return [
            'nobody' => ['who: ', ['who' => 'neighbour']],
            'no outcome' => ['Say how it went when they tried it', ['reached' => '']],
            'both out and theirs' => ['either taken out or another put', ['theirs' => ['stick-2']]],
            'no such part' => ['part of this machine', ['out' => ['stick-9']]],
        ];
    }

    public function test_one_start_of_another_has_hazards_and_a_row_of_them_is_no_single_start(): void
    {
        $replay = Bench::replay([]);
        $once = Bench::case([self::OUT])->record->inForce[0];
        $row = Bench::case([['times' => 3] + self::OUT])->record->inForce[0];
        $this->assertNotNull($replay->hazardsSeen($once));
        $this->assertNull($replay->hazardsSeen($row));
        $this->assertNotNull($replay->hazardsSeen(Bench::case([['kind' => 'report', 'reached' => 'dark']])->record->inForce[0]));
    }
}
