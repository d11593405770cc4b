<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\ShownSigns;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/**
 * An urn in which each sign that is drawn leaves one more of its kind: its shares are a Dirichlet distribution's means, so that what was
 * shown (a v of n, against a prior of weight w and share s) comes again with (a + w s) / (n + w). The order of what was shown is nothing.
 */
final class ShownSignsTest extends TestCase
{
    private const STOP = 3;

    public function test_what_a_lamp_showed_once_it_shows_again_in_the_share_that_the_catalogue_states(): void
    {
        $once = $this->shown('memory');
        $persists = Bench::catalogue()->number('sign_persists');
        $this->assertEqualsWithDelta($persists + (1.0 - $persists) * $this->fresh('memory'), $this->again($once, 'memory'), 1e-12);
        $this->assertEqualsWithDelta((1.0 - $persists) * $this->fresh('cpu'), $this->again($once, 'cpu'), 1e-12);
    }

    public function test_each_showing_of_the_same_says_less_than_the_one_before(): void
    {
        $before = $this->fresh('memory');
        $gained = INF;
        $shown = [];
        for ($times = 1; $times <= 12; $times++) {
            $shown[] = 'memory';
            $now = $this->again($this->shown(...$shown), 'memory');
            $this->assertGreaterThan($before, $now);
            $this->assertLessThan($gained, $now - $before);
            [$gained, $before] = [$now - $before, $now];
        }
        $this->assertGreaterThan(0.99, $before);
    }

    public function test_shares_sum_to_one_and_the_order_is_nothing(): void
    {
        $one = $this->shown('memory', 'cpu', 'memory');
        $other = $this->shown('cpu', 'memory', 'memory');
        $sum = 0.0;
        foreach (array_keys(Bench::catalogue()->sign('lamp')->values) as $value) {
            $this->assertSame($this->again($one, (string) $value), $this->again($other, (string) $value));
            $sum += $this->again($one, (string) $value);
        }
        $fresh = array_sum(array_map($this->fresh(...), array_map(strval(...), array_keys(Bench::catalogue()->sign('lamp')->values))));
        $this->assertEqualsWithDelta($fresh, 1.0, 1e-9);
        $this->assertEqualsWithDelta(1.0, $sum, 1e-9);
        $this->assertGreaterThan($this->again($one, 'cpu'), $this->again($one, 'memory'));
    }

    private function shown(string ...$values): ShownSigns
    {
        $shown = $this->none();
        $reach = Bench::catalogue()->reachAt(self::STOP);
        foreach ($values as $value) {
            $shown = $shown->and(['lamp' => $value], [], [], self::STOP, $reach);
        }

        return ShownSigns::fromKept($shown->kept(), Bench::catalogue(), $this->machine());
    }

    private function none(): ShownSigns
    {
        return ShownSigns::none(Bench::catalogue(), $this->machine());
    }

    private function machine(): Machine
    {
        return Machine::fromArray(['facts' => ['status_lamps' => true]], Bench::catalogue());
    }

    private function fresh(string $value): float
    {
        return $this->none()->likelihood(['lamp' => $value], self::STOP, [], []);
    }

    private function again(ShownSigns $shown, string $value): float
    {
        return $shown->likelihood(['lamp' => $value], self::STOP, [], $shown->atStop(self::STOP));
    }
}
