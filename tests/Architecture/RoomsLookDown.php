<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** No room uses one that stands above it, so no two use each other in a circle. */
final class RoomsLookDown
{
    /** @return iterable<Rule> */
    public function test_no_room_looks_up(): iterable
    {
        foreach (House::WINGS as $wing => $rooms) {
            $names = array_keys($rooms);
            foreach ($names as $i => $room) {
                $above = array_map(fn (string $name) => Selector::inNamespace("{$wing}\\{$name}"), array_slice($names, $i + 1));
                if ($above !== []) {
                    yield PHPat::rule()
                        ->classes(Selector::inNamespace("{$wing}\\{$room}"))
                        ->shouldNotDependOn()
                        ->classes(...$above)
                        ->because("{$room} stands below what it would use: see tests/Architecture/House.php");
                }
            }
        }
    }

    /** @return iterable<Rule> */
    public function test_nothing_that_ships_reasons_with_a_simulated_world(): iterable
    {
        foreach (House::ONLY_FOR as $room => $users) {
            $allowed = array_map(fn (string $name) => Selector::inNamespace("Orthoscope\\Core\\{$name}"), [$room, 'Tests', ...$users]);
            yield PHPat::rule()
                ->classes(Selector::inNamespace('Orthoscope\Core'), Selector::inNamespace('App'))
                ->excluding(...$allowed)
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace("Orthoscope\\Core\\{$room}"))
                ->because("{$room} is for trying the program, not for the bench");
        }
    }
}
