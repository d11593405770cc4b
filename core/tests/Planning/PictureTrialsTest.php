<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Planning\PictureTrials;
use Orthoscope\Core\Planning\SignOrder;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Tests\Support\PlainEnumeration;
use PHPUnit\Framework\TestCase;

/** Output, lead and screen, and the order of signs, against going through every state by hand. */
final class PictureTrialsTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 180, 'signs' => ['keys' => 'answers', 'beeps' => 'ok']];

    public function test_every_way_is_gone_through_once(): void
    {
        [$replay, , $shelf] = $this->bench([self::DARK]);
        $all = array_map(fn (SetUp $setUp): string => $setUp->key(), PictureTrials::all($replay, $shelf, Bench::catalogue()));
        $this->assertCount(16, $all);
        $this->assertSame(16, count(array_unique($all)));
        [$replay] = $this->bench([self::DARK], ['card' => false, 'facts' => ['own_graphics' => true]]);
        $this->assertLessThanOrEqual(8, count(PictureTrials::all($replay, $shelf, Bench::catalogue())));
    }

    public function test_what_each_is_expected_to_tell_is_what_a_plain_enumeration_gives(): void
    {
        [$replay, $record, $shelf] = $this->bench([self::DARK]);
        $trials = PictureTrials::of(Bench::catalogue(), $replay, $record, $shelf);
        $this->assertNotNull($trials);
        $this->assertCount(3, $trials->best);
        $picture = Bench::catalogue()->stageIndex('picture');
        foreach ($trials->best as $trial) {
            [$bits, $passes] = PlainEnumeration::of(
                $replay,
                $trial->setUp,
                $picture,
                fn (Mode $mode): ?string => $mode->spare === null
                && in_array(
                    $replay->model->machine->part($mode->part)->kind->id,
                    ['card', 'card-slot', 'output', 'video-lead', 'screen'],
                    true,
                )
                    ? $mode->part
                    : null,
            );
            $this->assertEqualsWithDelta($bits, $trial->bits, 1e-9);
            $this->assertEqualsWithDelta($passes, $trial->passes, 1e-9);
        }
    }

    public function test_a_way_that_was_tried_is_not_offered_again(): void
    {
        [$replay, $record, $shelf] = $this->bench([self::DARK]);
        $first = PictureTrials::of(Bench::catalogue(), $replay, $record, $shelf)->best[0]->setUp ?? new SetUp;
        [$replay, $record, $shelf] = $this->bench([
            self::DARK,
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 180, 'setup' => $first->toArray()],
        ]);
        $again = array_map(
            fn ($trial): string => $trial->setUp->key(),
            PictureTrials::of(Bench::catalogue(), $replay, $record, $shelf)->best ?? [],
        );
        $this->assertNotContains($first->key(), $again);
    }

    public function test_where_nothing_happens_the_picture_is_no_question(): void
    {
        [$replay, $record, $shelf] = $this->bench([['kind' => 'start', 'reached' => 'nothing']]);
        $this->assertNull(PictureTrials::of(Bench::catalogue(), $replay, $record, $shelf));
    }

    public function test_signs_are_offered_by_what_they_tell_now(): void
    {
        $signs = fn (array $entries): array => Bench::assess($entries, [
            'facts' => ['code_display' => true, 'status_lamps' => true, 'speaker' => true],
        ])->signs;
        $dark = $signs([['kind' => 'start', 'reached' => 'dark', 'waited' => 180]]);
        $this->assertContains(array_key_first($dark), ['code', 'lamp', 'beeps'], 'where it stays dark the board itself tells most');
        $this->assertGreaterThan($dark['image'], $dark['code']);
        $this->assertArrayNotHasKey(
            'code',
            Bench::assess([['kind' => 'start', 'reached' => 'dark']], ['facts' => ['code_display' => false]])->signs,
        );
    }

    public function test_what_a_sign_tells_is_what_a_plain_enumeration_gives(): void
    {
        [$replay] = $this->bench([self::DARK]);
        $bits = SignOrder::of(Bench::catalogue(), $replay, new SetUp);
        $channel = Bench::catalogue()->sign('fans');
        $hazards = $replay->model->hazards(new SetUp, []);
        $all = [];
        $open = 0.0;
        foreach ($replay->belief->mostOf(0.95, 80)->states() as [$faults, $weight]) {
            foreach (array_keys($channel->values) as $value) {
                $share = 0.0;
                $left = 1.0;
                usort($faults, fn (int $a, int $b): int => $replay->model->modes->stops[$a] <=> $replay->model->modes->stops[$b]);
                foreach ($faults as $fault) {
                    $row = $replay->model->modes->all[$fault]->fault->signs['fans'] ?? null;
                    $share += $left
                        * ($hazards[$fault] ?? 0.0)
                        * $channel->share((string) $value, Bench::catalogue()->stopId($replay->model->modes->stops[$fault]), $row, 0.04);
                    $left *= 1.0 - ($hazards[$fault] ?? 0.0);
                }
                $share += $left * $channel->share((string) $value, 'none', null, 0.04);
                $all[$value] = ($all[$value] ?? 0.0) + $weight * $share;
                $open -= $share > 0.0 ? $weight * $share * log($share, 2) : 0.0;
            }
        }
        $entropy = -array_sum(array_map(fn (float $p): float => $p * log($p, 2), $all));
        $this->assertEqualsWithDelta($entropy - $open, $bits['fans'], 1e-9);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     *
     * @return array{Replay, \Orthoscope\Core\Evidence\Record, Shelf}
     */
    private function bench(array $entries, array $machine = []): array
    {
        $case = Bench::case($entries, $machine);

        return [Replay::of($case->machine, $case->record, Bench::catalogue()), $case->record, $case->shelf];
    }
}
