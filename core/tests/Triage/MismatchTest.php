<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Triage;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Triage\Mismatch;
use PHPUnit\Framework\TestCase;

final class MismatchTest extends TestCase
{
    private const STAYS = ['kind' => 'start', 'reached' => 'stays'];

    public function test_dead_at_home_and_well_here_speaks_for_socket_lead_and_what_comes_and_goes(): void
    {
        $mismatch = $this->of([['kind' => 'report', 'reached' => 'nothing'], self::STAYS]);
        $this->assertNotNull($mismatch);
        $this->assertSame(['nothing happened at all', 'it started and stayed up', 2], [$mismatch->told, $mismatch->seen, $mismatch->start]);
        $this->assertContains('the wall socket or socket strip gave no power', $mismatch->speaksFor);
        $this->assertContains('the power lead did not sit firmly', $mismatch->speaksFor);
        $this->assertNotContains('the power supply no longer worked', $mismatch->speaksFor);
        $this->assertStringContainsString('Which socket and which leads did you use there', $mismatch->question);
    }

    public function test_worse_here_than_at_home_asks_about_the_journey(): void
    {
        $mismatch = $this->of([['kind' => 'report', 'reached' => 'drops'], ['kind' => 'start', 'reached' => 'nothing']]);
        $this->assertStringContainsString('carried far or dropped', (string) $mismatch?->question);
    }

    public function test_where_they_agree_or_one_is_missing_there_is_none(): void
    {
        $this->assertNull($this->of([['kind' => 'report', 'reached' => 'dark'], ['kind' => 'start', 'reached' => 'dark']]));
        $this->assertNull(
            $this->of([['kind' => 'report', 'reached' => 'picture'], self::STAYS]),
            'a picture leaves open how far it went on',
        );
        $this->assertNull($this->of([['kind' => 'report', 'text' => 'broken'], self::STAYS]));
        $this->assertNull($this->of([['kind' => 'report', 'reached' => 'dark']]));
        $this->assertNull($this->of([['kind' => 'report', 'reached' => 'dark', 'source' => 'opinion'], self::STAYS]));
    }

    public function test_what_was_told_to_come_and_go_is_no_mismatch_when_it_goes_well_once(): void
    {
        $dark = ['kind' => 'report', 'reached' => 'dark'];
        $this->assertNull($this->of([[...$dark, 'failed' => 2, 'of' => 10], self::STAYS]));
        $this->assertNull(
            $this->of([$dark, self::STAYS, ['kind' => 'report', 'text' => 'asked again', 'only' => 'cold']]),
            'also where it was told afterwards',
        );
        $always = $this->of([[...$dark, 'often' => 'always'], self::STAYS]);
        $this->assertStringNotContainsString('every time', (string) $always?->question, 'That was answered.');
        $this->assertStringContainsString('Which socket', (string) $always?->question);
        $this->assertNotNull(
            $this->of([[...$dark, 'often' => 'sometimes'], ['kind' => 'start', 'reached' => 'nothing']]),
            'worse than was told is one all the same',
        );
    }

    public function test_the_last_word_before_the_bench_counts_also_from_a_call(): void
    {
        $told = [
            ['kind' => 'answer', 'question' => 'alive', 'answer' => 'dark'],
            ['kind' => 'answer', 'question' => 'force-off', 'answer' => 'nothing'],
            ['kind' => 'report', 'text' => 'no change'],
        ];
        $this->assertSame('nothing happened at all', $this->of([...$told, self::STAYS])?->told);
        $this->assertNull($this->of([...$told, ['kind' => 'start', 'reached' => 'nothing']]));
        $this->assertSame(
            4,
            $this->of([...$told, self::STAYS, ['kind' => 'start', 'reached' => 'nothing']])?->start,
            'only the first start is the baseline',
        );
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function of(array $entries): ?Mismatch
    {
        $assessment = Bench::assess($entries);

        return Mismatch::in($assessment->machine, $assessment->record, Catalogue::shipped());
    }
}
