<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Returns;

use Orthoscope\Core\Returns\Escalation;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EscalationTest extends TestCase
{
    #[TestWith([0, 0, 0, Escalation::Desk])]
    #[TestWith([1, 0, 0, Escalation::Desk])]
    #[TestWith([0, 0, 1, Escalation::WhoDecides])]
    #[TestWith([0, 0, 2, Escalation::WhoDecides])]
    #[TestWith([2, 0, 0, Escalation::WhoDecides])]
    #[TestWith([0, 1, 0, Escalation::WhoDecides])]
    #[TestWith([2, 1, 0, Escalation::Maker])]
    #[TestWith([0, 0, 3, Escalation::Maker])]
    #[TestWith([2, 1, 1, Escalation::Outside])]
    #[TestWith([9, 9, 9, Escalation::Outside])]
    public function test_each_thing_that_failed_leads_one_door_further(int $nothing, int $unopened, int $broken, Escalation $to): void
    {
        $this->assertSame($to, Escalation::after($nothing, $unopened, $broken));
    }

    public function test_it_says_what_to_do_and_nothing_while_the_ordinary_way_is_open(): void
    {
        $this->assertSame('', Escalation::Desk->sentence());
        $this->assertStringContainsString('a last date', Escalation::WhoDecides->sentence());
        $this->assertStringContainsString('local law', Escalation::Outside->sentence());
    }
}
