<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Words;

use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\StartInPlain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StartInPlainTest extends TestCase
{
    /** @param  array<string, mixed>  $start */
    #[DataProvider('starts')]
    public function test_it_says_what_was_seen_and_under_which_condition(array $start, string $said): void
    {
        $read = Bench::case([['kind' => 'start', ...$start]])->record->entries[0];
        $this->assertInstanceOf(Start::class, $read);
        $this->assertSame($said, StartInPlain::sentence('We started it', $read, Bench::catalogue()));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function starts(): iterable
    {
        yield 'once' => [['reached' => 'nothing'], 'We started it, and nothing happened at all.'];
        yield 'cold' => [
            ['reached' => 'nothing', 'setup' => ['temperature' => 'cold']],
            'We started it, cold, and nothing happened at all.',
        ];
        yield 'at work' => [
            ['reached' => 'drops', 'setup' => ['goal' => 'load']],
            'We started it, at hard work, and it started, but did not stay up.',
        ];
        yield 'warm, for hours, twice' => [
            ['reached' => 'stays', 'times' => 2, 'setup' => ['temperature' => 'warm', 'goal' => 'hours']],
            'We started it, warm, for hours, 2 times, and each time it started and stayed up.',
        ];
    }
}
