<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\HandBack\HandOver;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\ChangedAtOnce;
use PHPUnit\Framework\TestCase;

/** What the next technician reads, and what several changes at once leave open. */
final class HandOverTest extends TestCase
{
    private const NOTHING = ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']];

    private const STAYS = ['kind' => 'start', 'reached' => 'stays'];

    public function test_it_says_where_the_job_stands_and_what_is_next(): void
    {
        $said = $this->handOver([self::NOTHING, [...self::STAYS, 'setup' => ['lent' => ['supply' => ['tag' => 'S-12']]]]]);
        $this->assertStringContainsString('Last start, S-12 for Supply: starts and stays up.', $said);
        $this->assertMatchesRegularExpression('/Provisional: Supply\./i', $said);
        $this->assertStringContainsString('S-12 is lent for the supply.', $said);
        $this->assertStringContainsString(
            'Next: It got further with the supply changed. Put the old part back before it is condemned.',
            $said,
        );
    }

    public function test_a_new_job_and_a_locked_one(): void
    {
        $this->assertStringStartsWith('Not started yet.', $this->handOver([['kind' => 'report', 'text' => 'dead']]));
        $locked = $this->handOver([['kind' => 'report', 'marks' => ['liquid']]]);
        $this->assertStringContainsString('Locked, Liquid: Dry it', $locked);
    }

    public function test_what_was_replaced_is_said_with_what_the_old_one_was(): void
    {
        $said = $this->handOver([
            self::NOTHING,
            ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug']],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'P-9']],
            [...self::STAYS, 'times' => 6],
        ]);
        $this->assertStringContainsString('Done: pressed home the 24-pin plug; replaced the supply with P-9.', $said);
        $this->assertStringContainsString('Condemned: Supply (old).', $said);
        $this->assertMatchesRegularExpression('/Proved working: [^.]*Supply P-9/', $said);
        $this->assertStringNotContainsString('Done:', $this->handOver([self::NOTHING]));
    }

    public function test_what_contradicts_itself_is_handed_on_too(): void
    {
        $supply = fn (string $result): array => ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => $result];
        $this->assertStringContainsString(
            'Either entry 4 is wrong',
            $this->handOver([[...self::STAYS, 'times' => 6], $supply('pass'), self::NOTHING, $supply('fail'), self::NOTHING]),
        );
    }

    public function test_two_things_changed_at_once_cannot_be_told_apart(): void
    {
        $both = [...self::STAYS, 'setup' => ['out' => ['drive'], 'lent' => ['supply' => ['tag' => 'S-12']]]];
        $this->assertSame(
            'Changed at once: the drive and the supply. Which of them made the difference cannot be told; set one of them back, and '
                .'start again.',
            $this->changed([self::NOTHING, $both]),
        );
        $this->assertStringContainsString(
            'pressed home',
            (string) $this->changed([
                self::NOTHING,
                ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug']],
                [...self::STAYS, 'setup' => ['out' => ['drive']]],
            ]),
        );
    }

    public function test_one_change_or_no_difference_says_nothing(): void
    {
        $this->assertNull($this->changed([self::NOTHING]));
        $this->assertNull($this->changed([self::NOTHING, [...self::STAYS, 'setup' => ['out' => ['drive']]]]));
        $this->assertNull(
            $this->changed([self::NOTHING, ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'panel']], self::STAYS]),
            'one act is one change',
        );
        $this->assertNull(
            $this->changed([self::NOTHING, [...self::NOTHING, 'setup' => ['out' => ['drive'], 'lent' => ['supply' => ['tag' => 'S-12']]]]]),
            'none of them alone',
        );
        $this->assertNull(
            $this->changed([
                self::NOTHING,
                [...self::STAYS, 'setup' => ['out' => ['drive'], 'lent' => ['supply' => ['tag' => 'S-12']]]],
                [...self::NOTHING, 'setup' => ['out' => ['drive']]],
            ]),
            'set back one by one',
        );
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function handOver(array $entries): string
    {
        return implode(' ', HandOver::sentences(Bench::assess($entries), Catalogue::shipped()));
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function changed(array $entries): ?string
    {
        $assessment = Bench::assess($entries);

        return ChangedAtOnce::in($assessment->machine, $assessment->record, Catalogue::shipped())?->sentence;
    }
}
