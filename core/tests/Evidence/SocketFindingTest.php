<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\Evidence\EntryReader;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A map of the socket and a result that is said must not contradict each other. */
final class SocketFindingTest extends TestCase
{
    public function test_the_map_gives_the_result(): void
    {
        $this->assertSame('bent', $this->read(['contacts' => ['3.7' => 'bent']])->result);
    }

    public function test_a_result_that_says_the_same_is_taken(): void
    {
        $this->assertSame('bent', $this->read(['contacts' => ['3.7' => 'bent'], 'result' => 'bent'])->result);
    }

    public function test_a_result_that_says_otherwise_is_refused(): void
    {
        $this->expectException(CaseMistake::class);
        $this->expectExceptionMessage('correct the map or leave the result out');
        $this->read(['contacts' => ['3.7' => 'bent'], 'result' => Bench::catalogue()->check('socket-map')->clearResult()->id]);
    }

    public function test_a_map_belongs_to_the_look_at_the_socket_alone(): void
    {
        $this->expectException(CaseMistake::class);
        $this->expectExceptionMessage('takes no map of contacts');
        $this->read(['check' => 'look-inside', 'contacts' => ['3.7' => 'bent']]);
    }

    /** @param  array<string, mixed>  $fields */
    private function read(array $fields): Finding
    {
        $machine = Machine::fromArray(['platform' => ['socket' => 'AM4']], Bench::catalogue());
        $entry = (new EntryReader(Bench::catalogue(), $machine))->read(1, ['kind' => 'finding', 'check' => 'socket-map', ...$fields]);
        assert($entry instanceof Finding);

        return $entry;
    }
}
