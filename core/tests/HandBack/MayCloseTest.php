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
        $cold = [['kind' => 'report', 'reached' => 'nothing', 'only' => 'cold'], ...self::PROVED];
        $untried = fn (): array => Untried::of(Bench::replay($cold), Bench::case($cold)->record, Bench::catalogue());
        $none = $this->refusals(self::PROVED, new ClosingAsked('no-fault-found', '', 0, false, false), fn (): array => []);
        $this->assertSame([], $none);
        $refusals = $this->refusals(self::PROVED, new ClosingAsked('no-fault-found', '', 0, false, false), $untried);
        $this->assertSame(['outcome'], array_column($refusals, 'field'));
        $this->assertStringContainsString('when its owner says it fails', $refusals[0]->sentence);
        $signed = new ClosingAsked('no-fault-found', 'the owner wants it back', 0, false, true);
        $this->assertSame([], $this->refusals(self::PROVED, $signed, $untried));
    }

    public function test_what_is_locked_is_not_repaired(): void
    {
        $wet = [['kind' => 'report', 'reached' => 'nothing', 'marks' => ['liquid']]];
        $repaired = $this->refusals($wet, new ClosingAsked('repaired', 'no time', 0, false, true));
        $this->assertSame(['outcome'], array_column($repaired, 'field'));
        $this->assertSame([], $this->refusals($wet, new ClosingAsked('unrepaired', 'no time', 0, false, true)));
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
     *
     * @return list<Refusal>
     */
    private function refusals(
        array $entries,
        ClosingAsked $asked,
        ?Closure $untried = null,
        Leave $leave = new Leave(null, null),
    ): array {
        $assessment = Bench::assess($entries);
        $never = fn (): array => $this->fail('Conditions not tried are not asked for here.');

        return MayClose::refusals(
            $assessment,
            Plan::of($assessment, Bench::catalogue()),
            $asked,
            $leave,
            Currency::of('€'),
            $untried ?? $never,
        );
    }
}
