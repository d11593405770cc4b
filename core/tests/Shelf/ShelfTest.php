<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Shelf;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Shelf\Spare;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShelfTest extends TestCase
{
    /** @param  list<Spare>  $spares */
    #[DataProvider('shelves')]
    public function test_what_may_stay_in_a_machine_for_good(array $spares, ?string $sold): void
    {
        $catalogue = Catalogue::shipped();
        $machine = Machine::fromArray(['platform' => ['memory' => 'DDR4']], $catalogue);
        $this->assertSame($sold, (new Shelf($spares))->toSell('stick', $machine, $catalogue->shelf)?->tag);
    }

    /** @return iterable<string, array{list<Spare>, ?string}> */
    public static function shelves(): iterable
    {
        $best = self::stick('M-1', 0.99);
        yield 'nothing is there' => [[], null];
        yield 'the only one is what others are proved by' => [[$best], null];
        yield 'the second best' => [[self::stick('M-2', 0.97), $best, self::stick('M-3', 0.95)], 'M-2'];
        yield 'of two alike either proves others, and the cheaper is sold' => [[self::stick('M-2', 0.99, value: 900), $best], 'M-1'];
        yield 'two that go elsewhere prove nothing here' => [[$best, self::stick('M-2', 0.99, memory: 'DDR3')], null];
        yield 'the second is unproved' => [[$best, self::stick('M-2', 0.97, proved: false)], null];
        yield 'the second is not trusted' => [[$best, self::stick('M-2', 0.8)], null];
        yield 'the better one does not fit this machine' => [[self::stick('M-2', 0.97), self::stick('M-3', 0.99, memory: 'DDR3')], null];
        yield 'one that was bought for it' => [[$best, self::stick('P-7', 0.95, proved: false, bought: true)], 'P-7'];
        yield 'one that was bought and is trusted most' => [[self::stick('M-2', 0.97), self::stick('P-7', 0.99, bought: true)], 'P-7'];
    }

    private static function stick(
        string $tag,
        float $trust,
        int $value = 800,
        bool $proved = true,
        bool $bought = false,
        string $memory = 'DDR4',
    ): Spare {
        return new Spare(
            tag: $tag,
            kind: 'stick',
            name: "Stick {$tag}",
            trust: $trust,
            value: $value,
            fits: ['memory' => $memory],
            facts: [],
            proved: $proved,
            bought: $bought,
        );
    }
}
