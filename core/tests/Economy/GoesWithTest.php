<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Economy;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Economy\GoesWith;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The sums are made by hand: 95 W processor; board 45, two sticks 4 each, a drive 8, two fans 3 each; a card 75 by its slot, 75 more by a
 * 6-pin, 150 by an 8-pin plug.
 */
final class GoesWithTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, list<string>, 3?: array<string, mixed>}> */
    public static function parts(): iterable
    {
        yield 'a supply that is large enough' => [
            'supply',
            ['watts' => '550', 'amps12' => '42', 'plugs' => '24-pin, 8-pin processor, 8-pin card'],
            ['At work the parts draw about 237 of its 550 W, 387 if the card takes its 8-pin plug: enough.'],
        ];
        yield 'its plugs, one after the other' => [
            'supply',
            ['watts' => '500', 'amps12' => '38', 'plugs' => '24-pin, 6-pin card'],
            ['At work the parts draw about 237 of its 500 W, 312 if the card takes its 6-pin plug: enough.'],
        ];
        yield 'enough, but not with its plug' => [
            'supply',
            ['watts' => '400', 'amps12' => '30', 'plugs' => '24-pin, 8-pin card'],
            ['At work the parts draw about 237 of its 400 W, 387 if the card takes its 8-pin plug: enough, with the plug too small.'],
        ];
        yield 'too small' => [
            'supply',
            ['watts' => '220', 'amps12' => '16', 'plugs' => '24-pin'],
            ['At work the parts draw about 237 of its 220 W: too small.', 'It has no plug for a card: look whether the card needs one.'],
        ];
        yield 'no card' => [
            'supply',
            ['watts' => '200', 'amps12' => '16', 'plugs' => '24-pin'],
            ['At work the parts draw about 162 of its 200 W: tight.'],
            ['card' => false, 'facts' => ['own_graphics' => true]],
        ];
        yield 'a label nobody read' => [
            'supply',
            [],
            ['It must give what the parts draw and have every plug of the old one: add them up first.'],
        ];
        yield 'a label that cannot be' => [
            'supply',
            ['watts' => 'many', 'amps12' => '12'],
            ['It must give what the parts draw and have every plug of the old one: add them up first.'],
        ];
        yield 'a card without a plug' => [
            'card',
            ['plug' => 'none'],
            ['It needs no plug from the supply; the machine then draws about 237 W at work: a supply of 300 W or more.'],
        ];
        yield 'a card with one' => [
            'card',
            ['plug' => '8-pin'],
            ['It needs an 8-pin plug; the machine then draws about 387 W at work: a supply of 490 W or more that has the plug.'],
        ];
        yield 'a card nobody looked at' => ['card', [], ['The supply must have its plug and its watts: look at both first.']];
        yield 'a board that keeps both' => [
            'board',
            ['socket' => 'AM4', 'memory' => 'DDR4'],
            ['Processor stays: both are AM4.', 'Memory stays: both are DDR4.'],
        ];
        yield 'a board that keeps one' => [
            'board',
            ['socket' => 'AM4', 'memory' => 'DDR5'],
            ['Processor stays: both are AM4.', 'Memory does not stay: it is DDR4, the board takes DDR5.'],
        ];
        yield 'a machine nobody looked into' => [
            'board',
            ['socket' => 'AM4', 'memory' => 'DDR4'],
            ['Processor must be AM4 to stay: look first.', 'Memory must be DDR4 to stay: look first.'],
            ['platform' => []],
        ];
        yield 'a processor' => ['processor', ['socket' => 'am4'], ['The socket takes it: both are am4.']];
        yield 'a stick of another kind' => [
            'stick',
            ['memory' => 'DDR3'],
            ['The board does not take it: that is DDR4, this is DDR3.', 'Beside what stays it runs at the speed of the slowest.'],
        ];
        yield 'the only stick' => [
            'stick',
            ['memory' => 'DDR4'],
            ['The board takes it: both are DDR4.'],
            ['memory' => ['slots' => ['A2', 'B2'], 'sticks' => ['A2']]],
        ];
        yield 'a lead' => ['wall-lead', [], []];
    }

    /**
     * @param  array<string, mixed>  $facts
     * @param  list<string>  $says
     * @param  array<string, mixed>  $made
     */
    #[DataProvider('parts')]
    public function test_it_says_what_a_part_means_for_those_that_stay(string $kind, array $facts, array $says, array $made = []): void
    {
        $machine = Machine::fromArray(
            $made + [
                'model' => 'x',
                'card' => true,
                'drives' => 1,
                'memory' => ['slots' => ['A2', 'B2'], 'sticks' => ['A2', 'B2']],
                'platform' => ['socket' => 'AM4', 'memory' => 'DDR4'],
            ],
            Bench::catalogue(),
        );
        $this->assertSame($says, (new GoesWith($machine))->sentences($kind, $facts));
    }
}
