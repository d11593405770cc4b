<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Lending;

use Orthoscope\Core\Lending\LoanEvidence;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a job's trials say of the supply P-1 that was lent to it. */
final class LoanEvidenceTest extends TestCase
{
    private const DEAD = ['kind' => 'start', 'reached' => 'nothing'];

    /** @param  list<array<string, mixed>>  $entries */
    #[DataProvider('trials')]
    public function test_it_worked_where_a_start_got_past_what_its_part_is_for(array $entries, bool $worked): void
    {
        $this->assertSame($worked, LoanEvidence::of(Bench::assess($entries), 'P-1', Bench::catalogue())->worked);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, bool}> */
    public static function trials(): iterable
    {
        yield 'never lent' => [[self::DEAD], false];
        yield 'lent, and dead as before' => [[self::DEAD, self::with('P-1', 'nothing')], false];
        yield 'lent, and a picture' => [[self::DEAD, self::with('P-1', 'stays')], true];
        yield 'another was lent, and a picture' => [[self::DEAD, self::with('P-2', 'stays')], false];
        yield 'it worked once of two times' => [[self::DEAD, self::with('P-1', 'nothing'), self::with('P-1', 'stays')], true];
    }

    public function test_is_doubted_where_it_may_be_the_one_that_is_bad(): void
    {
        $alone = [self::DEAD, self::with('P-1', 'nothing')];
        $other = [...$alone, self::with('P-2', 'stays'), self::with('P-1', 'nothing'), self::with('P-2', 'stays')];
        $this->assertFalse(LoanEvidence::of(Bench::assess($alone), 'P-1', Bench::catalogue())->isDoubted());
        $bad = LoanEvidence::of(Bench::assess($other), 'P-1', Bench::catalogue());
        $this->assertTrue($bad->isDoubted(), "{$bad->bad}");
        $this->assertGreaterThan(0.85, $bad->bad);
        $this->assertSame($bad->bad, $bad->badIfOdd(), 'What is seen to be odd about it makes it no better.');
        $good = LoanEvidence::of(Bench::assess([self::DEAD, self::with('P-1', 'stays')]), 'P-1', Bench::catalogue());
        $this->assertFalse($good->isDoubted());
        $this->assertSame(0.3, $good->badIfOdd());
    }

    /** @return array<string, mixed> */
    private static function with(string $tag, string $reached): array
    {
        return ['kind' => 'start', 'reached' => $reached, 'setup' => ['lent' => ['supply' => ['tag' => $tag, 'trust' => 0.97]]]];
    }
}
