<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Evidence\Contradiction;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An outcome and a sign of one start that cannot both be right. What goes together is common practice, no source. */
final class ContradictionTest extends TestCase
{
    private const SLIP = ['kind' => 'start', 'reached' => 'twitch', 'signs' => ['fans' => 'spin']];

    /** @return iterable<string, array{?string, array<string, mixed>}> */
    public static function starts(): iterable
    {
        yield 'fans that spin in a twitch' => ['fans', self::SLIP];
        yield 'fans that twitch, and it ran' => ['fans', ['reached' => 'dark', 'signs' => ['fans' => 'twitch']]];
        yield 'nothing happened, with fans' => ['fans', ['reached' => 'nothing', 'signs' => ['fans' => 'cycle']]];
        yield 'what the picture looked like without one' => ['image', ['reached' => 'dark', 'signs' => ['image' => 'garbled']]];
        yield 'fans that rest in a machine that runs' => [null, ['reached' => 'dark', 'signs' => ['fans' => 'still']]];
        yield 'on and off again and again' => [null, ['reached' => 'twitch', 'signs' => ['fans' => 'cycle']]];
        yield 'a garbled picture' => [null, ['reached' => 'drops', 'signs' => ['image' => 'garbled', 'fans' => 'spin']]];
        yield 'no signs' => [null, ['reached' => 'twitch']];
        yield 'several outcomes: the fans may be of another' => [
            null, ['outcomes' => ['twitch' => 1, 'dark' => 2], 'signs' => ['fans' => 'spin']],
        ];
    }

    /** @param  array<string, mixed>  $start */
    #[DataProvider('starts')]
    public function test_what_cannot_both_be_right(?string $channel, array $start): void
    {
        $entry = Bench::case([['kind' => 'start', ...$start]])->record->entries[0];
        $this->assertInstanceOf(Start::class, $entry);
        $this->assertSame($channel, Contradiction::in($entry, Bench::catalogue())?->channel);
    }

    public function test_both_are_said(): void
    {
        $entry = Bench::case([self::SLIP])->record->entries[0];
        assert($entry instanceof Start);
        $this->assertSame('"twitches, then off" and "fans spin"', Contradiction::in($entry, Bench::catalogue())?->words());
    }

    public function test_once_it_was_made_again_it_is_settled(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $bare = [...$dark, 'setup' => ['out' => ['stick-2']]];
        $record = fn (array $entries): Record => Bench::case(array_values($entries))->record;
        $last = fn (array ...$entries): ?int => Contradiction::last($record($entries), Bench::catalogue())?->number;
        $this->assertSame(2, $last($dark, self::SLIP));
        $this->assertSame(2, $last($dark, self::SLIP, $bare), 'that was put together otherwise');
        $this->assertNull($last($dark, self::SLIP, $bare, $dark));
    }

    public function test_it_is_named_as_probably_wrong_at_once(): void
    {
        $surprise = Bench::assess([['kind' => 'report', 'reached' => 'dark'], self::SLIP])->surprise;
        $this->assertSame(['high', 2, null], [$surprise->level, $surprise->entry, $surprise->changed]);
        $this->assertSame(
            'Entry 2 says "twitches, then off" and "fans spin": one of the two is wrong. Repeat that one.',
            $surprise->why,
        );
    }
}
