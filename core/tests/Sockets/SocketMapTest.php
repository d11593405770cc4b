<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Sockets;

use InvalidArgumentException;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Sockets\SocketField;
use Orthoscope\Core\Sockets\SocketMap;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SocketMapTest extends TestCase
{
    /**
     * The counts are in the names of the sockets or in their data sheets (AM4 1331, AM5 1718), from memory; a drawing is for pointing and
     * comes near them.
     */
    public function test_each_field_has_about_as_many_contacts_as_its_socket(): void
    {
        foreach (
            [
                'LGA1151' => 1151,
                'LGA1200' => 1200,
                'LGA1700' => 1700,
                'LGA1851' => 1851,
                'LGA2011' => 2011,
                'LGA2066' => 2066,
                'AM4' => 1331,
                'AM5' => 1718,
            ] as $name => $contacts
        ) {
            $field = SocketField::of($name);
            $this->assertSame([$name, $contacts], [$field->name, $field->contacts]);
            $this->assertEqualsWithDelta($contacts, $field->drawn(), 0.02 * $contacts, $name);
            $counted = 0;
            for ($row = 1; $row <= $field->rows; $row++) {
                for ($column = 1; $column <= $field->columns; $column++) {
                    $counted += $field->has($row, $column) ? 1 : 0;
                }
            }
            $this->assertSame($field->drawn(), $counted, $name);
        }
        $this->assertSame('LGA1700', SocketField::of('lga 1700')->name);
        $this->assertSame('', SocketField::of(null)->name);
        $this->assertFalse(SocketField::of('AM4')->pinsInSocket);
    }

    public function test_the_worst_contact_decides_and_a_missing_one_means_a_board(): void
    {
        $field = SocketField::of('LGA1200');
        $this->assertSame('clear', SocketMap::of($field, [])->result());
        $this->assertSame('clear', SocketMap::of($field, ['1.1' => 'straightened'])->result());
        $this->assertSame('dirty', SocketMap::of($field, ['1.1' => 'dirty'])->result());
        $this->assertSame('bent', SocketMap::of($field, ['1.1' => 'dirty', '1.2' => 'bent'])->result());
        $this->assertSame('missing', SocketMap::of($field, ['1.1' => 'bent', '1.2' => 'burnt'])->result());
        $missing = Bench::assess([
            ['kind' => 'start', 'reached' => 'dark'],
            ['kind' => 'finding', 'check' => 'socket-map', 'contacts' => ['1.1' => 'missing']],
        ]);
        $bent = Bench::assess([
            ['kind' => 'start', 'reached' => 'dark'],
            ['kind' => 'finding', 'check' => 'socket-map', 'contacts' => ['1.1' => 'bent']],
        ]);
        $this->assertSame(
            ['pin-missing', 'condemned'],
            [$missing->faultsOf('socket')[0]->fault->id, $missing->standings['socket']->standing->value],
        );
        $this->assertSame(
            ['pins-bent', 'condemned'],
            [$bent->faultsOf('socket')[0]->fault->id, $bent->standings['socket']->standing->value],
        );
        $this->assertSame(['replace'], array_keys(Bench::catalogue()->fault('pin-missing')->cures), 'a missing contact means a board');
        $this->assertTrue($missing->locks->powerIsLocked());
    }

    public function test_what_is_not_there_cannot_be_marked(): void
    {
        $field = SocketField::of('LGA1200');
        foreach (['20.19' => 'bent', '0.1' => 'bent', '41.1' => 'bent', 'x' => 'bent', '1.1' => 'wet'] as $place => $state) {
            try {
                SocketMap::of($field, [(string) $place => $state]);
                $this->fail("{$place} {$state} was taken");
            } catch (InvalidArgumentException $mistake) {
                $this->assertStringContainsString('mark it', $mistake->getMessage());
            }
        }
        $this->expectException(CaseMistake::class);
        Bench::case([['kind' => 'finding', 'check' => 'socket-map', 'contacts' => ['1.1' => 'bent'], 'result' => 'clear']]);
    }

    public function test_it_is_said_in_words(): void
    {
        $this->assertSame(
            '1 missing (row 9, column 1), 2 bent (row 3, column 7; row 3, column 8)',
            SocketMap::of(SocketField::of('AM4'), ['3.7' => 'bent', '3.8' => 'bent', '9.1' => 'missing'])->words(),
        );
        $bent = fn (int $pins): string => SocketMap::of(
            SocketField::of('AM4'),
            array_fill_keys(array_map(fn (int $column): string => "3.{$column}", range(7, 6 + $pins)), 'bent'),
        )->words();
        $this->assertStringNotContainsString('…', $bent(4));
        $this->assertStringContainsString('column 10; …)', $bent(5));
        $this->assertStringNotContainsString('column 11', $bent(5));
    }
}
