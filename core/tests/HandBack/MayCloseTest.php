<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Closure;
use Orthoscope\Core\HandBack\ClosingAsked;
use Orthoscope\Core\HandBack\MayClose;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Refusal;
use Orthoscope\Core\Plain\Currency;
use Orthoscope\Core\Quote\Leave;
use Orthoscope\Core\Returns\Untried;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What keeps a job from being closed, and the field at which it is told. */
final class MayCloseTest extends TestCase
{
    private const PROVED = [
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.97]]]],
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 9],
        ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
    ];

    /** It never failed here. */
    private const WELL = [
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 9],
        ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
    ];

    private const ONE_START = [['kind' => 'start', 'reached' => 'stays']];

    public function test_what_is_proved_may_be_closed(): void
    {
        $this->assertSame([], $this->fields(self::PROVED));
    }

    public function test_what_is_not_proved_only_a_lead_signs_off_with_a_reason(): void
    {
        $this->assertSame(['signed_off'], $this->fields(self::ONE_START));
        $this->assertSame(['signed_off'], $this->fields(self::ONE_START, byLead: true));
        $this->assertSame(['signed_off'], $this->fields(self::ONE_START, signedOff: 'he is in a hurry'));
        $this->assertSame([], $this->fields(self::ONE_START, byLead: true, signedOff: 'he is in a hurry'));
    }

    public function test_a_closed_job_is_not_closed_again(): void
    {
        $closed = [...self::PROVED, ['kind' => 'closing', 'price' => 4500, 'warranty_months' => 6]];
        $this->assertSame(['price'], $this->fields($closed));
    }

    public function test_each_spare_that_is_still_here_is_named(): void
    {
        $refusals = $this->refusals(self::PROVED, new ClosingAsked('repaired', '', 0, false, false, ['S-1', 'M-3']));
        $this->assertSame(['loans', 'loans'], array_column($refusals, 'field'));
        $this->assertStringStartsWith('M-3 is still here.', $refusals[1]->sentence);
    }

    public function test_no_fault_found_waits_for_what_was_not_tried(): void
    {
        $cold = [['kind' => 'report', 'reached' => 'nothing', 'only' => 'cold'], ...self::WELL];
        $untried = fn (): array => Untried::of(Bench::replay($cold), Bench::case($cold)->record, Bench::catalogue());
        $asked = new ClosingAsked('no-fault-found', '', 0, false, false);
        $this->assertSame([], $this->refusals(self::WELL, $asked, fn (): array => [], proved: self::PROVED));
        $refusals = $this->refusals(self::WELL, $asked, $untried, proved: self::PROVED);
        $this->assertSame(['outcome'], array_column($refusals, 'field'));
        $this->assertStringContainsString('when its owner says it fails', $refusals[0]->sentence);
        $signed = new ClosingAsked('no-fault-found', 'the owner wants it back', 0, false, true);
        $this->assertSame([], $this->refusals(self::WELL, $signed, $untried));
    }

    public function test_where_a_part_was_found_bad_there_was_a_fault(): void
    {
        $low = ['kind' => 'finding', 'check' => 'cell-reading', 'values' => ['volts' => 2.1], 'checked' => ['meter' => 'yes']];
        $found = [$low, $low, ...self::WELL];
        $refused = $this->refusals($found, new ClosingAsked('no-fault-found', 'no time', 0, false, true));
        $this->assertSame(['outcome'], array_column($refused, 'field'));
        $this->assertStringContainsString('was found bad here, so there was a fault', $refused[0]->sentence);
    }

    public function test_what_is_locked_is_not_repaired(): void
    {
        $wet = [['kind' => 'report', 'reached' => 'nothing', 'marks' => ['liquid']]];
        $repaired = $this->refusals($wet, new ClosingAsked('repaired', 'no time', 0, false, true));
        $this->assertSame(['outcome'], array_column($repaired, 'field'));
        $this->assertSame([], $this->refusals($wet, new ClosingAsked('unrepaired', 'no time', 0, false, true)));
    }

    public function test_what_does_as_before_is_not_repaired_whoever_signs(): void
    {
        $fails = ['kind' => 'start', 'reached' => 'nothing'];
        $act = ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']];
        $signed = fn (string $outcome): ClosingAsked => new ClosingAsked($outcome, 'no time', 0, false, true);
        foreach (['repaired', 'goodwill'] as $outcome) {
            $refusals = $this->refusals([$fails, $act, $fails], $signed($outcome));
            $this->assertSame(['outcome'], array_column($refusals, 'field'));
            $this->assertStringStartsWith('It still did what it came in with in entry 3,', $refusals[0]->sentence);
        }
        $this->assertSame([], $this->refusals([$fails, $act, $fails], $signed('unrepaired')));
        // A new drive without a system: it fails, and not as it came in.
        $empty = ['kind' => 'start', 'reached' => 'no-system'];
        $this->assertSame([], $this->refusals([$fails, $act, $empty], $signed('repaired')));
    }

    public function test_what_is_not_repaired_has_no_warranty(): void
    {
        $fails = [['kind' => 'start', 'reached' => 'nothing']];
        foreach (['unrepaired', 'written-off'] as $outcome) {
            $asked = new ClosingAsked($outcome, 'no board to be had', 0, false, true, warrantyMonths: 6);
            $this->assertSame(['warranty_months'], array_column($this->refusals($fails, $asked), 'field'));
        }
        $this->assertSame([], $this->refusals(self::PROVED, new ClosingAsked('repaired', '', 0, false, false, warrantyMonths: 6)));
    }

    public function test_what_failed_here_has_a_fault(): void
    {
        $fails = [['kind' => 'start', 'reached' => 'stays'], ['kind' => 'start', 'reached' => 'nothing']];
        $signed = new ClosingAsked('no-fault-found', 'no time', 0, false, true);
        $refused = $this->refusals($fails, $signed);
        $this->assertSame(['outcome'], array_column($refused, 'field'));
        $this->assertStringContainsString('entry 2, so there was a fault. Let it go back unrepaired.', $refused[0]->sentence);
        $before = $this->refusals(array_reverse($fails), $signed);
        $this->assertStringContainsString('entry 1, so there was a fault. Let it go back repaired.', $before[0]->sentence);
        $lent = ['kind' => 'start', 'reached' => 'dark', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.97]]]];
        $this->assertSame([], $this->refusals([...self::ONE_START, $lent, ...self::ONE_START], $signed, fn (): array => []));
    }

    public function test_nobody_pays_what_was_not_agreed_to(): void
    {
        $leave = new Leave(limit: 5000, accepted: null);
        $this->assertSame([], $this->fields(self::PROVED, price: 5000, leave: $leave));
        $this->assertSame(['agreed_how'], $this->fields(self::PROVED, price: 5001, leave: $leave));
        $this->assertSame([], $this->fields(self::PROVED, price: 5001, agreed: true, leave: $leave));
        $this->assertSame([], $this->fields(self::PROVED, price: 5001), 'nothing was agreed beforehand');
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     *
     * @return list<string>
     */
    private function fields(
        array $entries,
        string $signedOff = '',
        bool $byLead = false,
        int $price = 0,
        bool $agreed = false,
        Leave $leave = new Leave(null, null),
    ): array {
        return array_column(
            $this->refusals($entries, new ClosingAsked('repaired', $signedOff, $price, $agreed, $byLead), leave: $leave),
            'field',
        );
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  ?Closure(): list<Untried>  $untried
     * @param  ?list<array<string, mixed>>  $proved entries by which it is proved, where they are others
     *
     * @return list<Refusal>
     */
    private function refusals(
        array $entries,
        ClosingAsked $asked,
        ?Closure $untried = null,
        Leave $leave = new Leave(null, null),
        ?array $proved = null,
    ): array {
        $assessment = Bench::assess($entries);
        $never = fn (): array => $this->fail('Conditions not tried are not asked for here.');

        return MayClose::refusals(
            $assessment,
            Plan::of($proved === null ? $assessment : Bench::assess($proved), Bench::catalogue()),
            $asked,
            $leave,
            Currency::of('€'),
            $untried ?? $never,
            Bench::catalogue(),
        );
    }
}
