<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Triage;

use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Triage\Outlook;
use PHPUnit\Framework\TestCase;

/** What is said at the telephone: what it looks like, and what it no longer looks like. */
final class OutlookTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $entries */
    private function outlook(array $entries): Outlook
    {
        return Outlook::of(Bench::replay($entries), Bench::case($entries)->record, Bench::catalogue());
    }

    public function test_it_names_what_is_likely_enough_likeliest_first_and_nothing_that_is_in_no_catalogue(): void
    {
        $outlook = $this->outlook([['kind' => 'report', 'reached' => 'nothing', 'events' => ['storm']]]);
        $likely = array_filter(
            $outlook->likely,
            fn (float $p, string $kind): bool => $p >= 0.08 && $kind !== 'outside',
            ARRAY_FILTER_USE_BOTH,
        );
        $this->assertNotSame([], $likely);
        $says = array_map(
            fn (string $kind): string => ucfirst(Bench::catalogue()->part($kind)->plain),
            array_slice(array_keys($likely), 0, 4),
        );
        foreach ($says as $i => $plain) {
            $this->assertStringStartsWith("{$plain}: ", $outlook->looksLike[$i + count($outlook->looksLike) - count($says)]);
        }
        $this->assertStringNotContainsString(
            ucfirst(Bench::catalogue()->part('outside')->plain),
            implode(' ', [...$outlook->looksLike, ...$outlook->unlikely]),
        );
    }

    public function test_what_its_dropping_out_speaks_against_is_said_to_be_unlikely_and_what_was_never_likely_is_not_mentioned(): void
    {
        $outlook = $this->outlook([['kind' => 'report', 'reached' => 'drops']]);
        $before = $this->outlook([]);
        $this->assertSame([], $before->unlikely);
        $this->assertContains(ucfirst(Bench::catalogue()->part('screen')->plain).'.', $outlook->unlikely);
        $this->assertNotContains(ucfirst(Bench::catalogue()->part('wall-socket')->plain).'.', $outlook->unlikely);
        $this->assertFalse($outlook->runs);
        $this->assertTrue($this->outlook([['kind' => 'report', 'reached' => 'stays']])->runs);
    }
}
