<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Letter;

use Orthoscope\Core\Letter\Warning;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A machine that goes home locked goes with why, and each reason names the entry that raised it. */
final class WarningTest extends TestCase
{
    public function test_each_reason_names_the_entry_that_raised_it(): void
    {
        $locked = Bench::assess([
            ['kind' => 'report', 'reached' => 'nothing'],
            ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'liquid'],
        ]);
        $sentences = Warning::sentences($locked->locks);
        $this->assertSame('Do not switch it on, and do not plug it in.', $sentences[0]->text);
        $this->assertSame([], $sentences[0]->entries);
        $this->assertNotSame([], array_slice($sentences, 1));
        foreach (array_slice($sentences, 1) as $sentence) {
            $this->assertSame([2], $sentence->entries, $sentence->text);
        }
    }

    public function test_nothing_is_said_where_nothing_is_locked(): void
    {
        $this->assertSame([], Warning::sentences(Bench::assess([['kind' => 'start', 'reached' => 'stays']])->locks));
    }
}
