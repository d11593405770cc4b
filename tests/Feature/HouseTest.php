<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Architecture\House;
use Tests\Architecture\HouseDrawing;
use Tests\Architecture\UsesInCode;

/** The list of rooms, the code and the drawing say the same. */
final class HouseTest extends TestCase
{
    #[DataProvider('wings')]
    public function test_every_class_stands_in_a_room_and_every_room_looks_down(string $folder, string $wing): void
    {
        $rooms = array_keys(House::WINGS[$wing]);
        $uses = UsesInCode::below(dirname(__DIR__, 2)."/{$folder}", $wing, $rooms);
        $this->assertSame([], array_diff(array_keys($uses->classes), $rooms), 'A class stands outside every room.');
        $this->assertSame([], array_diff($rooms, array_keys($uses->classes)), 'A room is empty.');
        foreach ($uses->uses as $room => $used) {
            $below = array_slice($rooms, 0, (int) array_search($room, $rooms, true));
            $this->assertSame([], array_diff(array_keys($used), $below), "{$room} uses what does not stand below it.");
        }
        $this->assertGreaterThan(3, max($uses->floors($rooms)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function wings(): iterable
    {
        yield 'core' => ['core/src', 'Orthoscope\Core'];
        yield 'application' => ['app', 'App'];
    }

    public function test_the_drawing_is_of_this_code(): void
    {
        $root = dirname(__DIR__, 2);
        $this->assertSame(HouseDrawing::of($root), file_get_contents("{$root}/docs/house.svg"), 'Draw it anew with bin/house.');
    }
}
