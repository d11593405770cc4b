<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Evidence\Agreement;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Collection;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\EntryWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Entries about what was agreed and what was fetched: they stand on the record and move no belief. */
final class DealsTest extends TestCase
{
    private const START = ['kind' => 'start', 'reached' => 'nothing'];

    public function test_they_are_read_said_and_move_nothing(): void
    {
        $deals = [
            ['kind' => 'agreement', 'answer' => 'accepted', 'amount' => 8592, 'variant' => 'A', 'agreed' => 'A: new'],
            ['kind' => 'collection', 'method' => 'cash', 'amount' => 8592, 'with' => ['power lead']],
        ];
        $case = Bench::case([self::START, ...$deals]);
        $words = new EntryWords($case->machine, Bench::catalogue());
        $this->assertInstanceOf(Agreement::class, $case->record->entries[1]);
        $this->assertSame(
            ['the owner accepts', 'A 85.92'],
            [$words->what($case->record->entries[1]), $words->outcome($case->record->entries[1])],
        );
        $this->assertInstanceOf(Collection::class, $case->record->collection());
        $this->assertSame(
            ['collected', 'cash, 85.92, power lead'],
            [$words->what($case->record->entries[2]), $words->outcome($case->record->entries[2])],
        );
        $this->assertEqualsWithDelta(
            Bench::assess([self::START])->standings['supply']->probability,
            Bench::assess([self::START, ...$deals])->standings['supply']->probability,
            1e-12,
        );
    }

    public function test_leave_is_the_last_yes_that_was_not_taken_back(): void
    {
        $answer = fn (string $answer, int $amount): array => ['kind' => 'agreement', 'answer' => $answer, 'amount' => $amount];
        $leave = fn (array ...$entries): ?int => Bench::case([self::START, ...$entries])->record->leave()?->amount;
        $this->assertNull($leave());
        $this->assertSame(5000, $leave($answer('ahead', 5000)));
        $this->assertSame(5000, $leave($answer('ahead', 5000), $answer('asked', 0)));
        $this->assertNull($leave($answer('ahead', 5000), $answer('declined', 0)));
        $this->assertSame(9000, $leave($answer('declined', 0), $answer('told', 9000)));
        $this->assertNull($leave($answer('ahead', 5000), ['kind' => 'strike-out', 'entry' => 2, 'text' => 'wrong job']));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no such answer' => [['kind' => 'agreement', 'answer' => 'perhaps'], 'answer'];
        yield 'less than nothing' => [['kind' => 'agreement', 'answer' => 'told', 'amount' => -1], 'amount'];
        yield 'no such way of paying' => [['kind' => 'collection', 'method' => 'shells'], 'method'];
        yield 'paid less than nothing' => [['kind' => 'collection', 'method' => 'cash', 'amount' => -5], 'amount'];
        yield 'no such end' => [['kind' => 'closing', 'price' => 0, 'warranty_months' => 0, 'outcome' => 'vanished'], 'outcome'];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('mistakes')]
    public function test_what_cannot_be_is_told_at_its_place(array $entry, string $field): void
    {
        try {
            Bench::case([self::START, $entry]);
            $this->fail('should have been refused');
        } catch (CaseMistake $mistake) {
            $this->assertStringContainsString($field, $mistake->path);
        }
    }
}
