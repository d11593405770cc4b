<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Practice;

use Orthoscope\Core\Plain\Row;
use Orthoscope\Core\Practice\Guess;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\PuzzleMistake;
use Orthoscope\Core\Practice\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What somebody thinks, as it is typed. */
final class GuessAndVerdictTest extends TestCase
{
    private const PARTS = ['supply', 'board', 'card'];

    private const REACHES = ['dark', 'stays'];

    public function test_percentages_are_read_as_people_type_them(): void
    {
        $guess = Guess::typed(['supply' => '62,5 %', 'board' => 0, 'card' => ''], 'dark', '', self::PARTS, self::REACHES);
        $this->assertSame(['supply' => 0.625, 'board' => 0.0], $guess?->suspects);
        $this->assertSame(['dark', 0.7], [$guess->expected, $guess->sure]);
        $this->assertEquals($guess, Guess::fromRow(Row::of(json_decode((string) json_encode($guess->toArray()), true), 'a guess')));
    }

    public function test_nothing_typed_is_no_guess(): void
    {
        $this->assertNull(Guess::typed(['supply' => '', 'board' => null], '', '80', self::PARTS, self::REACHES));
    }

    /** @return iterable<string, array{array<string, mixed>, ?string, ?string, string}> */
    public static function nonsense(): iterable
    {
        yield 'over all' => [['supply' => '101'], null, null, '/suspects'];
        yield 'under nothing' => [['supply' => '-1'], null, null, '/suspects'];
        yield 'no number' => [['supply' => 'very'], null, null, '/suspects'];
        yield 'a list' => [['supply' => ['60']], null, null, '/suspects'];
        yield 'no part of it' => [['moon' => '60'], null, null, '/suspects'];
        yield 'no outcome' => [[], 'bang', '60', '/expected'];
        yield 'sure beyond sure' => [[], 'dark', '200', '/sure'];
    }

    /** @param  array<string, mixed>  $percents */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_told_at_its_field(array $percents, ?string $expected, ?string $sure, string $path): void
    {
        try {
            Guess::typed($percents, $expected, $sure, self::PARTS, self::REACHES);
            $this->fail('It was taken.');
        } catch (PuzzleMistake $mistake) {
            $this->assertSame($path, $mistake->path);
        }
    }

    public function test_a_verdict_is_right_when_it_names_all_that_is_at_fault_and_nothing_else(): void
    {
        $puzzle = new Puzzle('x', [], [['fault' => 'a', 'part' => 'board'], ['fault' => 'b', 'part' => 'card']], 'x');
        $said = fn (string ...$parts): Verdict => Verdict::said($parts, '80', self::PARTS);
        $this->assertTrue($said('card', 'board')->isRight($puzzle));
        $this->assertFalse($said('card')->isRight($puzzle));
        $this->assertFalse($said('card', 'supply')->isRight($puzzle));
        $this->assertSame(['card' => 0.8, 'board' => 0.8], $said('card', 'board')->suspects());
        $this->assertSame(['card'], $said('card', 'card', '')->parts, 'the same twice is one');
        $this->assertEquals($said('card'), Verdict::fromArray($said('card')->toArray()));
    }

    /** @return iterable<string, array{list<mixed>, mixed, string}> */
    public static function noVerdicts(): iterable
    {
        yield 'nothing' => [[], '80', '/parts'];
        yield 'too many' => [['supply', 'board', 'card'], '80', '/parts'];
        yield 'no part of it' => [['moon'], '80', '/parts'];
        yield 'not sure' => [['card'], '', '/sure'];
        yield 'beyond sure' => [['card'], '101', '/sure'];
        yield 'under nothing' => [['card'], '-1', '/sure'];
        yield 'a list for sure' => [['card'], ['80'], '/sure'];
    }

    /** @param  list<mixed>  $parts */
    #[DataProvider('noVerdicts')]
    public function test_what_is_no_verdict_is_told_at_its_field(array $parts, mixed $sure, string $path): void
    {
        try {
            Verdict::said($parts, $sure, self::PARTS);
            $this->fail('It was taken.');
        } catch (PuzzleMistake $mistake) {
            $this->assertSame($path, $mistake->path);
        }
    }
}
