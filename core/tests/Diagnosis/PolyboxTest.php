<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\Belief;
use Orthoscope\Core\Diagnosis\Information;
use Orthoscope\Core\Diagnosis\Likelihood;
use Orthoscope\Core\Diagnosis\MinimalSets;
use PHPUnit\Framework\TestCase;

/**
 * The "polybox" of de Kleer & Williams, "Diagnosing Multiple Faults", Artificial Intelligence 32 (1987), on the same
 * engine that diagnoses desktops. Values quoted from memory.
 */
final class PolyboxTest extends TestCase
{
    private const M1 = 0;

    private const M2 = 1;

    private const M3 = 2;

    private const A1 = 3;

    private const A2 = 4;

    private const FREE = 1 / 16;

    public function test_minimal_diagnoses(): void
    {
        $this->assertEqualsCanonicalizing(
            [[self::M1], [self::A1], [self::M2, self::M3], [self::M2, self::A2]],
            MinimalSets::diagnoses($this->belief()),
        );
    }

    public function test_minimal_conflicts(): void
    {
        $this->assertEqualsCanonicalizing(
            [[self::M1, self::M2, self::A1], [self::M1, self::M3, self::A1, self::A2]],
            MinimalSets::conflicts($this->belief()),
        );
    }

    public function test_the_best_next_probe_is_the_output_of_the_first_multiplier(): void
    {
        $gains = [];
        foreach (['X', 'Y', 'Z'] as $probe) {
            $states = [];
            foreach ($this->belief()->states() as [$faults, $weight]) {
                $states[] = [$weight, $this->probed($probe, $faults)];
            }
            $gains[$probe] = Information::gain($states);
        }
        arsort($gains);
        $this->assertSame('X', array_key_first($gains));
        $this->assertGreaterThan(0.5, $gains['X']);
    }

    private function belief(): Belief
    {
        return Belief::independent(array_fill(0, 5, 0.01))->given(new class(self::FREE) implements Likelihood
        {
            public function __construct(private float $free)
            {
            }

            /** A=3 B=2 C=2 D=3 E=3; F=10 and G=12 were observed. Sound parts compute; a broken one gives any value alike. */
            public function given(array $faults): float
            {
                [$x, $y, $z] = array_map(fn (int $m): ?int => in_array($m, $faults, true) ? null : 6, [0, 1, 2]);
                $free = $this->free;
                $f = in_array(3, $faults, true) ? $free : null;
                $g = in_array(4, $faults, true) ? $free : null;
                // With a sound adder a broken multiplier must have given just the value that fits.
                $likelihood = 0.0;
                foreach ($y === null ? range(0, 15) : [$y] as $value) {
                    $p = $y === null ? $free : 1.0;
                    $p *= $f ?? ($x === null ? $free : (float) ($x + $value === 10));
                    $p *= $g ?? ($z === null ? $free : (float) ($value + $z === 12));
                    $likelihood += $p;
                }

                return $likelihood;
            }
        });
    }

    /**
     * @param  list<int>  $faults
     *
     * @return array<int, float> value => probability, given what was observed
     */
    private function probed(string $probe, array $faults): array
    {
        $broken = fn (int $part): bool => in_array($part, $faults, true);
        $y = match (true) {
            ! $broken(self::M2) => 6,
            ! $broken(self::A2) && ! $broken(self::M3) => 6,
            ! $broken(self::A1) && ! $broken(self::M1) => 4,
            default => null,
        };
        $value = match ($probe) {
            'Y' => $y,
            'X' => ! $broken(self::M1) ? 6 : (! $broken(self::A1) && $y !== null ? 10 - $y : null),
            default => ! $broken(self::M3) ? 6 : (! $broken(self::A2) && $y !== null ? 12 - $y : null),
        };

        return $value === null ? array_fill(0, 16, 1 / 16) : [$value => 1.0];
    }
}
