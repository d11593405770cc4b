<?php

declare(strict_types=1);

namespace Tests\Feature\View;

use App\View\ChainDrawing;
use App\View\ChainPart;
use App\View\Thumb;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** The chain drawing says what the assessment says, and nothing lies on top of anything else. */
final class DrawingTest extends TestCase
{
    public function test_before_the_first_start_nothing_is_reached(): void
    {
        $chain = $this->chain([['kind' => 'report', 'reached' => 'dark']]);
        $this->assertSame(['beyond'], array_values(array_unique(array_column($chain->pads, 'state'))));
        $this->assertNull($chain->solid);
        $this->assertNull($chain->flag);
        $this->assertSame('The machine was not started yet.', $chain->spoken);
    }

    public function test_the_flag_stands_where_it_stops(): void
    {
        $chain = $this->chain([['kind' => 'start', 'reached' => 'no-drive']]);
        $states = array_column($chain->pads, 'state', 'name');
        $this->assertSame('reached', $states['picture']);
        $this->assertSame('stopped', $states['boot drive']);
        $this->assertSame('beyond', $states['system loads']);
        $this->assertSame('stops', $chain->flag);
        $this->assertStringContainsString('stopped before "boot drive"', $chain->spoken);
    }

    public function test_what_is_not_sure_is_drawn_as_such(): void
    {
        $states = array_column(
            $this->chain([['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['keys' => 'answers']]])->pads,
            'state',
        );
        $this->assertContains('maybe', $states);
        $this->assertSame('reached', $states[3]);
    }

    public function test_a_start_that_goes_all_the_way_has_no_flag(): void
    {
        $chain = $this->chain([['kind' => 'start', 'reached' => 'stays', 'times' => 3]]);
        $this->assertSame(['reached'], array_values(array_unique(array_column($chain->pads, 'state'))));
        $this->assertNull($chain->flag);
    }

    public function test_locks_are_drawn_across_the_chain(): void
    {
        $this->assertStringContainsString('Liquid', (string) $this->chain([['kind' => 'report', 'marks' => ['liquid']]])->locked);
        $this->assertNull($this->chain([['kind' => 'report', 'marks' => ['parcel']]])->locked);
    }

    public function test_no_two_parts_share_a_place_even_with_eight_slots(): void
    {
        $slots = ['A1', 'A2', 'B1', 'B2', 'C1', 'C2', 'D1', 'D2'];
        $chain = $this->chain(
            [['kind' => 'start', 'reached' => 'dark', 'waited' => 90]],
            ['memory' => ['slots' => $slots, 'sticks' => $slots], 'drives' => 4],
        );
        $places = array_map(fn (ChainPart $part): string => "{$part->x} {$part->y}", $chain->parts);
        $this->assertSame($places, array_values(array_unique($places)));
        foreach ($chain->parts as $part) {
            $this->assertLessThan($chain->height, $part->y);
            $this->assertLessThan(ChainDrawing::WIDTH - 60, $part->x);
        }
        $this->assertCount(
            16,
            array_filter(
                $chain->parts,
                fn (ChainPart $part): bool => str_starts_with($part->id, 's') && preg_match('/^(slot|stick)-/', $part->id) === 1,
            ),
        );
    }

    public function test_a_lent_part_carries_the_tag_of_its_spare(): void
    {
        $chain = $this->chain([
            [
                'kind' => 'start',
                'reached' => 'nothing',
                'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]], 'out' => ['drive']],
            ],
        ]);
        $parts = array_column($chain->parts, null, 'id');
        $this->assertSame('S-12', $parts['supply']->lent);
        $this->assertTrue($parts['drive']->out);
        $this->assertNull($parts['card']->lent);
    }

    public function test_the_thumb_shows_sure_and_unsure(): void
    {
        $thumb = Thumb::of([4, 6]);
        $this->assertSame(['reached' => 4, 'maybe' => 2, 'beyond' => 6], array_count_values($thumb->pads));
        $this->assertSame('reaches 4 to 6 of 12', $thumb->spoken);
        $this->assertSame('goes all the way', Thumb::of([12, 12])->spoken);
        $this->assertSame('no start yet', Thumb::of(null)->spoken);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     */
    private function chain(array $entries, array $machine = []): ChainDrawing
    {
        return ChainDrawing::of(Bench::assess($entries, $machine), Bench::catalogue());
    }
}
