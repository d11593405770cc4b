<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\SetUp;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SetUpTest extends TestCase
{
    private const FULL = [
        'out' => ['stick-2'],
        'lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.9]],
        'moved' => ['stick-1' => 'slot-B2'],
        'place' => 'bench',
        'start_by' => 'pins',
        'temperature' => 'cold',
    ];

    public function test_it_reads_what_it_writes(): void
    {
        $this->assertSame(self::FULL, SetUp::fromArray(self::FULL)->toArray());
        $this->assertSame([], SetUp::fromArray([])->toArray());
    }

    public function test_two_set_ups_put_together_alike_are_the_same(): void
    {
        $a = SetUp::fromArray(['out' => ['drive', 'card']]);
        $b = SetUp::fromArray(['out' => ['card', 'drive', 'card']]);
        $this->assertSame($a->key(), $b->key());
        $this->assertNotSame($a->key(), SetUp::fromArray(['out' => ['card']])->key());
    }

    public function test_what_changed_between_two(): void
    {
        $a = SetUp::fromArray(self::FULL);
        $this->assertEqualsCanonicalizing(['stick-2', 'supply', 'stick-1'], $a->partsChangedTo(new SetUp));
        $this->assertSame(['supply'], $a->partsChangedTo($a->restoring('supply')));
        $this->assertSame([], $a->partsChangedTo($a));
    }

    public function test_putting_one_part_back_leaves_the_rest(): void
    {
        $back = SetUp::fromArray(self::FULL)->restoring('stick-2');
        $this->assertTrue($back->hasOwn('stick-2'));
        $this->assertTrue($back->isLent('supply'));
        $this->assertSame(Place::Bench, $back->place);
        $this->assertSame('in slot-B2', $back->stateOf('stick-1'));
    }

    public function test_where_a_stick_sits(): void
    {
        $machine = Machine::fromArray([], Bench::catalogue());
        $setUp = SetUp::fromArray(['out' => ['stick-2'], 'moved' => ['stick-1' => 'slot-B2']]);
        $this->assertSame('slot-B2', $machine->slotOf('stick-1', $setUp));
        $this->assertNull($machine->slotOf('stick-2', $setUp));
        $this->assertSame('slot-A2', $machine->slotOf('stick-1', new SetUp));
    }

    public function test_a_machine_from_few_facts(): void
    {
        $machine = Machine::fromArray(
            [
                'memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A2']],
                'drives' => 2,
                'card' => false,
                'facts' => ['own_graphics' => true],
            ],
            Bench::catalogue(),
        );
        $this->assertCount(4, $machine->ofKind('slot'));
        $this->assertSame(['stick-1' => 'slot-A2'], $machine->slots);
        $this->assertSame(['drive-1', 'drive-2'], $machine->meant('drive'));
        $this->assertFalse($machine->has('card'));
        $this->assertFalse($machine->has('card-slot'));
        $this->assertSame('stick 1', $machine->part('stick-1')->inSentence());
        $this->assertSame('the supply', $machine->part('supply')->inSentence());
    }

    public function test_two_sticks_in_one_slot_make_no_machine(): void
    {
        $this->expectException(MachineMistake::class);
        $this->expectExceptionMessage('Slot A1 holds two sticks');
        Machine::fromArray(['memory' => ['slots' => ['A1', 'B1'], 'sticks' => ['A1', 'A1']]], Bench::catalogue());
    }

    public function test_a_name_for_a_part_it_does_not_have(): void
    {
        $this->expectException(MachineMistake::class);
        $this->expectExceptionMessage('Did you mean "supply"?');
        Machine::fromArray(['names' => ['suply' => 'Old faithful']], Bench::catalogue());
    }

    public function test_a_start_by_the_pins_is_asked_for_and_one_by_the_button_is_none(): void
    {
        $pins = SetUp::fromArray(['start_by' => 'pins']);
        $this->assertTrue($pins->isAlso($pins));
        $this->assertTrue($pins->isAlso(new SetUp), 'The button is how every machine starts; nobody asks for it.');
        $this->assertFalse((new SetUp)->isAlso($pins));
        $this->assertFalse((new SetUp)->isAlso(SetUp::fromArray(['output' => 'other'])));
        $this->assertFalse((new SetUp)->isAlso(SetUp::fromArray(['place' => 'bench'])));
    }
}
