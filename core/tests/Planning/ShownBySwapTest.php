<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\ShownBySwap;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a swap has shown by more than luck; luck by Jeffreys' rule, worked out by hand beside each. */
final class ShownBySwapTest extends TestCase
{
    private const FAILS = ['kind' => 'start', 'reached' => 'twitch'];

    private const RUNS = ['kind' => 'start', 'reached' => 'stays'];

    private const LENT = ['lent' => ['supply' => ['tag' => 'S-1']]];

    private const AT_WORK = ['goal' => 'load'];

    /** @return array<string, array{bool, list<array<string, mixed>>}> */
    public static function records(): array
    {
        $lent = [...self::RUNS, 'setup' => self::LENT];
        $lentAtWork = [...self::RUNS, 'setup' => [...self::LENT, ...self::AT_WORK]];
        $dropsAtWork = ['kind' => 'start', 'reached' => 'drops', 'setup' => self::AT_WORK];

        return [
            'it never ran with its own' => [true, [self::FAILS, $lent, self::FAILS]],
            'its own ran twice of four times: 2.5 of 5 by luck' => [
                false, [[...self::RUNS, 'times' => 2], self::FAILS, $lent, self::FAILS],
            ],
            'and three with another: 2.5 of 5, 3.5 of 6, 4.5 of 7 make 0.19' => [
                false, [[...self::RUNS, 'times' => 2], self::FAILS, [...$lent, 'times' => 3], self::FAILS],
            ],
            'its own ran once of five times, and three with another: 1.5 of 6, 2.5 of 7, 3.5 of 8 make 0.04' => [
                true, [self::RUNS, [...self::FAILS, 'times' => 3], [...$lent, 'times' => 3], self::FAILS],
            ],
            'of ten with another one failed' => [
                false,
                [
                    self::RUNS, [...self::FAILS, 'times' => 3], [...$lent, 'times' => 9], [...self::FAILS, 'setup' => self::LENT],
                    self::FAILS,
                ],
            ],
            'plain starts say nothing of work: failed twice of twice, 0.5 of 3' => [
                false, [[...self::RUNS, 'times' => 5], $dropsAtWork, $lentAtWork, $dropsAtWork],
            ],
            'failed four times of four at work: 0.5 of 5' => [
                true, [[...self::RUNS, 'times' => 5], [...$dropsAtWork, 'times' => 3], $lentAtWork, $dropsAtWork],
            ],
        ];
    }

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('records')]
    public function test_a_swap_shows_what_luck_hardly_does(bool $isShown, array $entries): void
    {
        $record = Bench::case($entries)->record;
        $this->assertSame($isShown, (new ShownBySwap($record, Bench::catalogue()))->isMoreThanLuck('supply'));
    }
}
