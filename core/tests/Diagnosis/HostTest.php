<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** A host machine can itself be bad, or refuse a good part. */
final class HostTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    public function test_the_less_a_host_is_trusted_the_less_its_failure_says(): void
    {
        $suspicion = fn (float $trust): float => Bench::suspicion(Bench::replay([self::DARK, $this->fails('H-1', $trust)]), 'processor');
        $this->assertGreaterThan($suspicion(0.9), $suspicion(0.99));
        $this->assertGreaterThan($suspicion(0.6), $suspicion(0.9));
        $this->assertGreaterThan(Bench::suspicion(Bench::replay([self::DARK]), 'processor'), $suspicion(0.6));
    }

    public function test_the_same_host_again_adds_little_and_a_second_host_much(): void
    {
        $once = Bench::suspicion(Bench::replay([self::DARK, $this->fails('H-1', 0.85)]), 'processor');
        $again = Bench::suspicion(Bench::replay([self::DARK, $this->fails('H-1', 0.85), $this->fails('H-1', 0.85)]), 'processor');
        $second = Bench::suspicion(Bench::replay([self::DARK, $this->fails('H-1', 0.85), $this->fails('H-2', 0.85)]), 'processor');
        $this->assertLessThan(($second - $once) / 2, $again - $once);
    }

    public function test_what_works_in_a_host_is_good_whatever_the_host(): void
    {
        $works = [
            'kind' => 'finding',
            'check' => 'processor-in-host',
            'target' => 'processor',
            'result' => 'works',
            'host' => ['tag' => 'H-1', 'trust' => 0.5],
        ];
        $this->assertLessThan(0.02, Bench::suspicion(Bench::replay([self::DARK, $works]), 'processor'));
    }

    public function test_a_host_that_runs_with_its_own_part_again_says_more_and_one_that_does_not_says_less(): void
    {
        $fails = $this->fails('H-1', 0.85);
        $suspicion = fn (array $said): float => Bench::suspicion(
            Bench::replay([self::DARK, [...$fails, 'host' => [...$fails['host'], ...$said]]]),
            'processor',
        );
        $this->assertGreaterThan($suspicion([]) + 0.005, $suspicion(['own' => 'runs']));
        $this->assertLessThan($suspicion([]) - 0.05, $suspicion(['own' => 'fails']));
        $this->assertLessThan($suspicion(['own' => 'runs']), $suspicion(['own' => 'fails']));
        $this->assertGreaterThan($suspicion([]), $suspicion(['again' => true]));
    }

    /** @return array<string, mixed> */
    private function fails(string $tag, float $trust): array
    {
        return [
            'kind' => 'finding',
            'check' => 'processor-in-host',
            'target' => 'processor',
            'result' => 'fails',
            'host' => ['tag' => $tag, 'trust' => $trust],
        ];
    }
}
