<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Quote;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Quote\Proposal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a quote promises is what is believed before the machine has run with it, and never more. */
final class ProposalTest extends TestCase
{
    #[DataProvider('chances')]
    public function test_nothing_is_promised_for_sure(float $cures, string $begins): void
    {
        $promise = $this->promise('new', $cures);
        $this->assertStringStartsWith($begins, $promise);
        $this->assertStringNotContainsString('sure', $promise);
        $this->assertStringContainsString('e ask you before we do more', $promise);
    }

    /** @return iterable<string, array{float, string}> */
    public static function chances(): iterable
    {
        yield 'hardly' => [0.3, 'This may not be all that is wrong.'];
        yield 'maybe' => [0.6, 'This may well put it right: about 6 in 10.'];
        yield 'likely' => [0.84, 'We think that this puts it right: about 8 in 10.'];
        yield 'nearly certain' => [0.99, 'We think that this puts it right.'];
    }

    public function test_what_is_left_out_is_not_promised_to_be_put_right(): void
    {
        $promise = $this->promise('run-on', 0.99);
        $this->assertStringContainsString('What we leave out is still broken.', $promise);
        $this->assertStringNotContainsString('puts it right:', $promise);
    }

    private function promise(string $way, float $cures): string
    {
        $catalogue = Catalogue::shipped();
        $machine = Machine::fromArray([], $catalogue);
        $option = new Option('x', $way, 'X', [], null, 0, 10, 0, 0, [0, 0], [0, 0], $cures, 0.0, 3, 0.05, 3, [], []);

        return (new Proposal($catalogue, $machine))->variant('A', $option, 0)->promise;
    }
}
