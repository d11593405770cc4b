<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Queue;

use DateTimeImmutable;
use InvalidArgumentException;
use Orthoscope\Core\Queue\NextWord;
use Orthoscope\Core\Queue\OpeningHours;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NextWordTest extends TestCase
{
    /** @return iterable<string, array{string, int, int, ?string, string}> Monday is 2026-11-23 */
    public static function promises(): iterable
    {
        yield 'an empty shop' => ['2026-11-23 09:10', 0, 1, null, '2026-11-23 10:00'];
        yield 'work ahead, one pair of hands' => ['2026-11-23 09:00', 120, 1, null, '2026-11-23 12:00'];
        yield 'work ahead, two pairs' => ['2026-11-23 09:00', 120, 2, null, '2026-11-23 11:00'];
        yield 'over the night' => ['2026-11-23 16:00', 240, 1, null, '2026-11-24 13:00'];
        yield 'over the weekend' => ['2026-11-28 16:50', 0, 1, null, '2026-11-30 10:00'];
        yield 'before it opens' => ['2026-11-23 06:00', 0, 1, null, '2026-11-23 10:00'];
        yield 'after it closed' => ['2026-11-23 19:30', 0, 1, null, '2026-11-24 10:00'];
        yield 'on a closed day' => ['2026-11-29 12:00', 60, 1, null, '2026-11-30 11:00'];
        yield 'it must dry first' => ['2026-11-23 09:00', 60, 1, '2026-11-24 09:00', '2026-11-24 10:00'];
        yield 'dry before its turn comes' => ['2026-11-23 09:00', 480, 1, '2026-11-23 10:00', '2026-11-24 10:00'];
        yield 'a week of work' => ['2026-11-23 09:00', 6 * 480, 1, null, '2026-11-30 10:00'];
    }

    #[DataProvider('promises')]
    public function test_it_comes_from_the_queue(string $now, int $ahead, int $hands, ?string $notBefore, string $promised): void
    {
        $hours = new OpeningHours([1, 2, 3, 4, 5, 6], 9, 17);
        $word = NextWord::promise(
            new DateTimeImmutable($now),
            $ahead,
            $hands,
            $hours,
            $notBefore === null ? null : new DateTimeImmutable($notBefore),
        );
        $this->assertSame($promised, $word->format('Y-m-d H:i'));
    }

    public function test_more_work_never_promises_earlier(): void
    {
        $hours = new OpeningHours([2, 4], 10, 15);
        $last = new DateTimeImmutable('2026-11-23 00:00');
        foreach (range(0, 2000, 37) as $ahead) {
            $word = NextWord::promise(new DateTimeImmutable('2026-11-23 08:00'), $ahead, 1, $hours);
            $this->assertGreaterThanOrEqual($last, $word);
            $this->assertContains((int) $word->format('N'), [2, 4]);
            $last = $word;
        }
    }

    public function test_no_word_is_promised_for_a_day_on_which_the_shop_stays_shut(): void
    {
        $hours = new OpeningHours([1, 2, 3, 4, 5], 9, 17, ['2026-12-24', '2026-12-25']);
        $wednesday = new DateTimeImmutable('2026-12-23 16:30');
        $this->assertSame('2026-12-28 09:00', $hours->nextOpen($wednesday->setTime(17, 0))->format('Y-m-d H:i'));
        $this->assertFalse($hours->areOpen(new DateTimeImmutable('2026-12-25 10:00')));
        // Half an hour is left, then an hour more.
        $this->assertSame('2026-12-28 10:00', $hours->after($wednesday, 90)->format('Y-m-d H:i'));
        $word = NextWord::promise($wednesday, 0, 1, $hours);
        $this->assertSame('2026-12-28', $word->format('Y-m-d'));
    }

    public function test_hours_that_are_none_are_refused(): void
    {
        foreach ([[[], 9, 17], [[8], 9, 17], [[1], 17, 9], [[1], 9, 25]] as [$days, $from, $to]) {
            try {
                new OpeningHours($days, $from, $to);
                $this->fail('should have been refused');
            } catch (InvalidArgumentException $mistake) {
                $this->assertStringContainsString('closes after it opens', $mistake->getMessage());
            }
        }
        $this->expectException(InvalidArgumentException::class);
        NextWord::promise(new DateTimeImmutable('2026-11-23 08:00'), 0, 0, new OpeningHours([1], 9, 17));
    }
}
