<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Quote;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Economy\Promise;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Economy\Cost;
use Orthoscope\Core\Economy\Expectation;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Plain\Many;
use Orthoscope\Core\Quote\Proposal;
use Orthoscope\Core\Quote\QuoteLine;
use Orthoscope\Core\Quote\Variant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a quote promises is what is believed before the machine has run with it, and never more. */
final class ProposalTest extends TestCase
{
    #[DataProvider('chances')]
    public function test_nothing_is_promised_for_sure(float $cures, string $begins): void
    {
        $promise = $this->variant('new', $cures)->promise;
        $this->assertStringStartsWith($begins, $promise);
        $this->assertStringNotContainsString('sure', $promise);
        $this->assertStringContainsString('e ask you before we do more', $promise);
    }

    /** @return iterable<string, array{float, string}> */
    public static function chances(): iterable
    {
        yield 'hardly' => [0.3, 'This may not be all that is wrong.'];
        yield 'maybe' => [0.6, 'This may well put it right: about 6 in 10.'];
        yield 'likely' => [0.84, 'We think that this puts it right: about 8 in 10.'];
        yield 'nearly certain' => [0.99, 'We think that this puts it right.'];
    }

    public function test_what_is_left_out_is_not_promised_to_be_put_right(): void
    {
        $variant = $this->variant('run-on', 0.99);
        $this->assertSame('What is left out is still broken, and it does without it.', $variant->limits);
        $this->assertStringNotContainsString('puts it right:', $variant->promise);
    }

    public function test_a_used_part_is_said_to_be_used_and_a_new_one_has_no_such_limit(): void
    {
        $this->assertSame('The part is used. It may not last as long as a new one.', $this->variant('used', 0.9)->limits);
        $this->assertSame('', $this->variant('new', 0.9)->limits);
        $this->assertStringContainsString('Your drives come back to you.', $this->variant('salvage', 0.9)->limits);
    }

    public function test_only_what_is_done_has_a_line(): void
    {
        $lines = fn (int $spent, int $parts): array => array_map(
            fn (QuoteLine $line): string => $line->what,
            $this->variant('new', 0.9, $spent, $parts)->lines,
        );

        $this->assertSame(['Work, 10 minutes'], $lines(0, 0));
        $this->assertSame(['Finding the fault, 1 minute', 'Work, 10 minutes'], $lines(1, 0));
        $this->assertCount(2, $lines(0, 100));
    }

    public function test_each_line_is_charged_once(): void
    {
        foreach ($this->variant('new', 0.9, 20, 5000)->lines as $line) {
            $this->assertSame(1, $line->count, $line->what);
        }
    }

    public function test_a_warranty_of_one_month_is_said_of_one(): void
    {
        $this->assertStringContainsString('within 3 months, we put it right', $this->variant('new', 0.9)->promise);
        $this->assertSame(['0 months', '1 month', '2 months'], array_map(fn (int $n): string => Many::of($n, 'month'), [0, 1, 2]));
    }

    public function test_waiting_is_said_in_days(): void
    {
        $promise = fn (int $from, int $to): string => $this->variant('new', 0.9, days: [$from, $to])->promise;

        $this->assertStringContainsString('It needs no waiting for parts.', $promise(0, 0));
        $this->assertStringContainsString('It takes about a day.', $promise(0, 1));
        $this->assertStringContainsString('It takes about 1 to 3 days.', $promise(1, 3));
    }

    /** @param  array{int, int}  $days */
    private function variant(string $way, float $cures, int $spent = 0, int $parts = 0, array $days = [0, 0]): Variant
    {
        $catalogue = Catalogue::shipped();
        $machine = Machine::fromArray([], $catalogue);
        $option = new Option(
            id: 'x',
            way: $way,
            name: 'X',
            acts: [],
            part: null,
            cost: new Cost($parts, 10, $days),
            expects: new Expectation(0, 0, [0, 0], $cures),
            promise: new Promise(3, 0.05, 3),
            effects: [],
            leaves: [],
        );

        return (new Proposal($catalogue, $machine))->variant('A', $option, $spent);
    }
}
