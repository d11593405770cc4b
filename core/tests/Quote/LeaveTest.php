<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Quote;

use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Quote\Leave;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an owner gave leave to spend, to the cent. */
final class LeaveTest extends TestCase
{
    #[DataProvider('leaves')]
    public function test_up_to_what_was_agreed_and_not_a_cent_more(?int $limit, ?int $accepted, ?int $most): void
    {
        $leave = new Leave($limit, $accepted);
        $this->assertSame($most, $leave->most());
        $this->assertTrue($leave->covers((int) $most));
        $this->assertNull($leave->against((int) $most, Currency::of('EUR')));
        $this->assertFalse($leave->covers((int) $most + 1));
        $this->assertStringContainsString('send a quote first', (string) $leave->against((int) $most + 1, Currency::of('EUR')));
    }

    /** @return iterable<string, array{?int, ?int, ?int}> */
    public static function leaves(): iterable
    {
        yield 'a limit' => [10000, null, 10000];
        yield 'a quote' => [null, 12345, 12345];
        yield 'the higher of both, the limit' => [15000, 12000, 15000];
        yield 'the higher of both, the quote' => [10000, 12000, 12000];
        yield 'a limit of nothing' => [0, null, 0];
        yield 'nothing agreed' => [null, null, null];
    }

    public function test_says_whether_too_little_was_agreed_or_nothing(): void
    {
        $this->assertSame(
            'The owner is asked before anything is spent, and EUR 1.00 would be: send a quote first.',
            (new Leave(null, null))->against(100, Currency::of('EUR')),
        );
        $this->assertSame(
            'EUR 100.01 is more than the EUR 100.00 the owner agreed to: send a quote first.',
            (new Leave(10000, null))->against(10001, Currency::of('EUR')),
        );
    }
}
