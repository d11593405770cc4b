<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\Hazard;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\SetUp\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Under which conditions a start is made, as the rates of faults are told by. */
final class HazardTest extends TestCase
{
    /** @return iterable<string, array{SetUp, int, bool, list<string>}> */
    public static function starts(): iterable
    {
        yield 'as it came' => [new SetUp, 2, true, ['any', 'case', 'shop', 'button', 'this', 'together', 'card']];
        yield 'one stick' => [new SetUp, 1, true, ['any', 'case', 'shop', 'button', 'this', 'alone', 'card']];
        yield 'no card, no stick' => [new SetUp, 0, false, ['any', 'case', 'shop', 'button', 'this', 'alone', 'no-card']];
        yield 'cold on the mat, by the pins' => [
            new SetUp(place: Place::Bench, startBy: StartBy::Pins, temperature: Temperature::Cold),
            2,
            true,
            ['bench', 'cold', 'any', 'shop', 'pins', 'this', 'together', 'card'],
        ];
        yield 'for hours at the owner\'s' => [
            new SetUp(place: Place::Owner, goal: Goal::Hours),
            2,
            true,
            ['hours', 'load', 'warm', 'any', 'case', 'owner', 'button', 'this', 'together', 'card'],
        ];
        yield 'at work, on another output, with the basic driver' => [
            new SetUp(goal: Goal::Load, otherOutput: true, basicDriver: true),
            2,
            true,
            ['basic', 'load', 'warm', 'any', 'case', 'shop', 'button', 'other', 'together', 'card'],
        ];
    }

    /** @param  list<string>  $conditions */
    #[DataProvider('starts')]
    public function test_a_start_is_made_under(SetUp $setUp, int $sticks, bool $card, array $conditions): void
    {
        $this->assertSame($conditions, Hazard::conditions($setUp, $sticks, $card));
    }
}
