<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\Circumstances;
use Orthoscope\Core\SetUp\Manner;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\EntryWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How often and when a machine fails, as told: read, and said again. */
final class MannerTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function told(): iterable
    {
        yield 'every time' => [['often' => 'always'], 'every time', 'It did so every time.'];
        yield 'counted, cold' => [
            ['failed' => 2, 'of' => 10, 'only' => 'cold'],
            '2 of 10 starts, only when cold, after standing',
            'It did so in 2 of 10 starts, only when it was cold.',
        ];
        yield 'at work' => [['only' => 'load'], 'only at hard work', 'It did so only when it worked hard.'];
        yield 'a count goes before a word' => [
            ['often' => 'always', 'failed' => 1, 'of' => 3],
            '1 of 3 starts',
            'It did so in 1 of 3 starts.',
        ];
    }

    /** @param  array<string, mixed>  $manner */
    #[DataProvider('told')]
    public function test_it_is_said_to_the_bench_and_to_the_owner(array $manner, string $words, string $plain): void
    {
        $case = Bench::case([['kind' => 'report', 'reached' => 'dark', ...$manner]]);
        $told = Circumstances::manner($case->record, Bench::catalogue());
        $this->assertSame([$words, $plain], [$told?->words(), $told?->plain()]);
        $this->assertStringContainsString($words, (new EntryWords($case->machine, Bench::catalogue()))->outcome($case->record->entries[0]));
    }

    public function test_whether_it_comes_and_goes(): void
    {
        $this->assertNull(Manner::told());
        $this->assertFalse(Manner::told(failed: 4, of: 4)?->comesAndGoes());
        $this->assertTrue(Manner::told(failed: 3, of: 4)?->comesAndGoes());
        $this->assertTrue(Manner::told(only: 'warm')?->comesAndGoes());
        $this->assertTrue(Manner::told('sometimes')?->comesAndGoes());
    }

    public function test_the_last_word_counts_and_an_opinion_does_not(): void
    {
        $last = fn (array ...$entries): ?string => Circumstances::manner(Bench::case($entries)->record, Bench::catalogue())?->words();
        $this->assertSame(
            'now and then',
            $last(
                ['kind' => 'report', 'often' => 'always'],
                ['kind' => 'answer', 'question' => 'every-time', 'answer' => 'sometimes'],
                ['kind' => 'report', 'text' => 'well'],
                ['kind' => 'answer', 'question' => 'before', 'answer' => 'moved'],
            ),
        );
        $this->assertNull($last(['kind' => 'report', 'often' => 'always', 'source' => 'opinion']));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'more failed than were' => [['failed' => 3, 'of' => 2], 'such as 2 of 10'];
        yield 'none failed' => [['failed' => 0, 'of' => 2], '/failed: '];
        yield 'half a count' => [['failed' => 2], 'such as 2 of 10'];
        yield 'the other half' => [['of' => 2], 'such as 2 of 10'];
        yield 'no word' => [['often' => 'rarely'], '/often: '];
        yield 'no condition' => [['only' => 'moonlight'], '/only: '];
        yield 'it does not fail' => [['reached' => 'stays', 'often' => 'sometimes'], 'starts and stays up'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_told(array $wrong, string $sentence): void
    {
        try {
            Bench::case([['kind' => 'report', 'text' => 'x', ...$wrong]]);
            $this->fail('it was read');
        } catch (CaseMistake $mistake) {
            $this->assertStringContainsString($sentence, $mistake->getMessage());
        }
    }
}
