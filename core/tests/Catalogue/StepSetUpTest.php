<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Catalogue;

use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StepSetUpTest extends TestCase
{
    /** @return iterable<string, array{string, bool}> */
    public static function steps(): iterable
    {
        yield 'cold' => ['start-cold', true];
        yield 'at work' => ['load-run', true];
        foreach (['lends' => 'lends', 'on one stick' => 'only', 'another slot' => 'swapsSlot'] as $what => $flag) {
            $with = array_filter(Bench::catalogue()->steps, fn (Step $step): bool => (bool) $step->setUp->{$flag});
            yield $what => [(string) array_key_first($with), false];
        }
        $out = array_filter(Bench::catalogue()->steps, fn (Step $step): bool => $step->setUp->out !== null);
        yield 'out' => [(string) array_key_first($out), false];
    }

    #[DataProvider('steps')]
    public function test_heat_and_work_change_no_part_and_what_is_lent_moved_or_out_does(string $step, bool $changesNone): void
    {
        $this->assertSame($changesNone, Bench::catalogue()->steps[$step]->setUp->changesNoPart(), $step);
    }
}
