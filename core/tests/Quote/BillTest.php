<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Quote;

use Orthoscope\Core\Evidence\Agreement;
use Orthoscope\Core\Evidence\Head;
use Orthoscope\Core\Quote\Bill;
use Orthoscope\Core\Quote\Charge;
use Orthoscope\Core\Quote\FittedPart;
use Orthoscope\Core\Quote\Leave;
use Orthoscope\Core\Quote\QuoteLine;
use Orthoscope\Core\Quote\Variant;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What a job comes to by its record, and what is asked for it. */
final class BillTest extends TestCase
{
    private const FOUND = [
        ['kind' => 'start', 'reached' => 'nothing', 'at' => '2026-11-20T10:00:00+00:00'],
        ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail', 'at' => '2026-11-20T10:12:00+00:00'],
    ];

    public function test_work_parts_and_tax_add_up_by_hand(): void
    {
        $bill = $this->bill(
            [
                ...self::FOUND,
                ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'O-7'], 'at' => '2026-11-20T10:32:00+00:00'],
                ['kind' => 'act', 'act' => 'replace-cell', 'on' => ['cell'], 'at' => '2026-11-20T10:35:00+00:00'],
            ],
            ['O-7' => new FittedPart('Supply, 500 W (O-7)', 5900, 'used')],
        );
        // Two minutes by the book for the first entry, which has none before it; then 12, 20 and 3 by the clock, at 80 a minute.
        $this->assertSame(
            [['Work at the bench, 37 minutes', 2960], ['Supply, 500 W (O-7)', 5900], ['Small parts', 150]],
            array_map(fn (QuoteLine $line): array => [$line->what, $line->net()->minor], $bill->lines ?? []),
        );
        $this->assertSame([9010, 1802, 10812], [$bill?->net()->minor, $bill?->tax()->minor, $bill?->total()->minor]);
        $this->assertSame(3, $bill?->warrantyMonths, 'A used part carries three months.');
    }

    public function test_a_part_without_a_tag_is_new_at_the_typical_price_and_what_was_only_begun_is_not_charged(): void
    {
        $bill = $this->bill([...self::FOUND, ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']]]);
        $this->assertSame(['Supply, new', 6500, 12], [$bill?->lines[1]->what, $bill?->lines[1]->net()->minor, $bill?->warrantyMonths]);
        $begun = $this->bill([...self::FOUND, ['kind' => 'act', 'act' => 'write-firmware', 'on' => ['firmware'], 'begun' => true]]);
        $this->assertCount(1, $begun->lines ?? []);
        $this->assertSame(0, $begun?->warrantyMonths);
        $this->assertSame(3, $this->bill([...self::FOUND, ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2']]])?->warrantyMonths);
        $this->assertNull($this->bill([]));
    }

    public function test_what_was_agreed_goes_before_what_it_came_to(): void
    {
        $bill = $this->bill(self::FOUND);
        $this->assertNotNull($bill);
        $yes = fn (string $answer, int $amount): Agreement => new Agreement(
            new Head(3),
            answer: $answer,
            amount: $amount,
            variant: 'A',
            agreed: '',
        );
        $asked = fn (?Agreement $agreed, ?Variant $accepted, Leave $leave): array => [
            ($charge = Charge::of($bill, $agreed, $accepted, $leave))->price,
            $charge->warrantyMonths,
        ];
        $total = $bill->total()->minor;
        $this->assertSame([$total, 0], $asked(null, null, new Leave(null, null)));
        $this->assertSame(
            [9900, 6],
            $asked(
                $yes('accepted', 9900),
                new Variant(
                    id: 'A',
                    name: 'a',
                    lines: $bill->lines,
                    promise: '',
                    limits: '',
                    options: [],
                    tax: 0,
                    days: [0, 0],
                    warrantyMonths: 6,
                ),
                new Leave(null, 9900),
            ),
        );
        $this->assertSame(4200, $asked($yes('told', 4200), null, new Leave(null, 4200))[0]);
        $this->assertSame(
            $total,
            $asked($yes('ahead', 4200), null, new Leave(50000, null))[0],
            'Going ahead within a limit sets no price.',
        );
        $this->assertSame(500, $asked(null, null, new Leave(500, null))[0]);
        $this->assertStringContainsString('no more than that without asking', Charge::of($bill, null, null, new Leave(500, null))->why);
        $this->assertSame(0, Charge::inWarranty($bill)->price);
        $this->assertNull(Charge::ofOurOwn($bill)->price);
        $unrepaired = Charge::of($bill, null, null, new Leave(null, null))->unrepaired();
        $this->assertSame([$bill->total()->minor, 0], [$unrepaired->price, $unrepaired->warrantyMonths]);
        $this->assertStringContainsString('It still does what it came in with', $unrepaired->why);
        $this->assertSame(0, Charge::of(null, null, null, new Leave(null, null))->price);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, FittedPart>  $parts
     */
    private function bill(array $entries, array $parts = []): ?Variant
    {
        $case = Bench::case($entries);

        return (new Bill($case->record, $case->machine, Bench::catalogue(), $parts))->workedOut();
    }
}
