<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Catalogue\Fault;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\DoneTo;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A deed is written down with the part that was in the hand; it counts for what it was done to. */
final class DoneToTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> */
    public static function deeds(): iterable
    {
        yield 'a stick is pressed into its own slot' => ['reseat', 'stick-2', ['slot-B2']];
        yield 'sticks together' => ['reseat', 'kit', ['slot-A2', 'slot-B2']];
        yield 'a card, with its plug' => ['reseat', 'card', ['card-slot', 'card-plug']];
        yield 'a processor, and the socket under it' => ['reseat', 'processor', ['processor', 'socket']];
        yield 'contacts of a stick' => ['clean-contacts', 'stick-1', ['slot-A2']];
        yield 'settings of a board' => ['clear-settings', 'board', ['settings', 'firmware']];
        yield 'settings by the cell' => ['clear-settings', 'cell', ['settings', 'firmware']];
        yield 'what the board no longer knows' => ['update-firmware', 'firmware', ['firmware', 'kit']];
        yield 'a new cell clears the settings' => ['replace-cell', 'cell', ['cell', 'settings']];
        yield 'lead, output and input' => ['set-output', 'screen', ['video-lead', 'screen']];
        yield 'paste on a processor' => ['repaste', 'processor', ['cooler']];
        yield 'a system on its drive' => ['repair-system', 'drive', ['system']];
        yield 'dust anywhere' => ['clean-inside', 'supply', ['case-fans', 'cooler', 'board']];
        yield 'what it can help by itself' => ['reseat', 'slot-A2', ['slot-A2']];
        yield 'what hangs together with nothing' => ['dry', 'board', ['board']];
        yield 'what is fitted is what was named' => ['replace', 'card', ['card']];
        yield 'left out is what was named' => ['leave-out', 'stick-2', ['stick-2']];
    }

    /** @param  list<string>  $parts */
    #[DataProvider('deeds')]
    public function test_it_counts_for_what_it_was_done_to(string $act, string $named, array $parts): void
    {
        $record = Bench::case([['kind' => 'act', 'act' => $act, 'on' => [$named]]])->record;
        $this->assertSame($parts, $record->all(ActDone::class)[0]->on);
    }

    public function test_what_the_machine_has_none_of_leaves_the_part_that_was_named(): void
    {
        $case = Bench::case([['kind' => 'act', 'act' => 'repair-system', 'on' => ['board']]], ['drives' => 0]);
        $this->assertSame([], $case->machine->ofKind('system'));
        $this->assertSame(['board'], $case->record->all(ActDone::class)[0]->on);
    }

    public function test_pressing_home_a_stick_is_believed_like_pressing_home_its_slot(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'signs' => ['lamp' => 'memory']];
        $well = ['kind' => 'start', 'reached' => 'stays', 'times' => 5];
        $sound = fn (string $part): float => Bench::assess([$dark, ['kind' => 'act', 'act' => 'reseat', 'on' => [$part]], $well])->sound;
        $this->assertGreaterThan(0.7, $sound('stick-1'));
        $this->assertSame($sound('slot-A2'), $sound('stick-1'));
    }

    public function test_whatever_is_meant_is_helped_by_it(): void
    {
        $catalogue = Bench::catalogue();
        $asked = 0;
        foreach ($catalogue->acts as $act) {
            foreach (array_unique(array_merge(...array_values($act->meant))) as $kind) {
                $helps = fn (Fault $fault): bool => ($fault->part === $kind && isset($fault->cures[$act->id]))
                    || ($fault->with === $kind && isset($fault->withCures[$act->id]));
                $this->assertNotSame([], array_filter($catalogue->faults, $helps), "{$act->id} does nothing to {$kind}");
                $asked++;
            }
        }
        $this->assertGreaterThan(30, $asked);
    }

    public function test_the_form_knows_what_each_deed_is_usually_done_to(): void
    {
        $machine = Bench::case([])->machine;
        $doneTo = new DoneTo(Bench::catalogue(), $machine);
        $of = fn (string $act): array => $doneTo->useful(Bench::catalogue()->act($act));
        $this->assertSame(['settings', 'cell'], $of('replace-cell'));
        $this->assertContains('cooler', $of('repaste'));
        $this->assertNotContains('drive', $of('repaste'));
        foreach (['slot-A2', 'stick-1', 'card', 'main-plug'] as $part) {
            $this->assertContains($part, $of('reseat'));
        }
        $this->assertNotContains('screen', $of('clear-settings'));
        foreach (Bench::catalogue()->acts as $act) {
            foreach ($doneTo->useful($act) as $part) {
                $this->assertTrue($machine->has($part), "{$act->id} {$part}");
            }
        }
    }
}
