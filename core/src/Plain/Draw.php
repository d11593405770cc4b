<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

use LogicException;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Chance, from a seed: the same seed gives the same course of things. */
final readonly class Draw
{
    private function __construct(private Randomizer $random)
    {
    }

    /** @param  string  $seed any words; different words give unrelated draws */
    public static function from(string $seed): self
    {
        return new self(new Randomizer(new Xoshiro256StarStar(hash('sha256', $seed, true))));
    }

    public function unit(): float
    {
        return $this->random->getInt(0, 0x1FFFFFFFFFFFFF) / 0x20000000000000;
    }

    public function happens(float $probability): bool
    {
        return $this->unit() < $probability;
    }

    /**
     * @template T
     *
     * @param  list<T>  $from
     *
     * @return T
     *
     * @throws LogicException where there is nothing to draw from
     */
    public function oneOf(array $from): mixed
    {
        return $from === []
            ? throw new LogicException('There is nothing to draw from.')
            : $from[$this->random->getInt(0, count($from) - 1)];
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, float>  $weights not all zero
     *
     * @return K
     *
     * @throws LogicException where there is nothing to draw from
     */
    public function weighed(array $weights): int|string
    {
        $left = $this->unit() * array_sum($weights);
        foreach ($weights as $key => $weight) {
            $left -= $weight;
            if ($left < 0.0) {
                return $key;
            }
        }

        return array_key_last($weights) ?? throw new LogicException('There is nothing to draw from.');
    }

    /** A factor between one over the given and the given, even on a logarithmic scale. */
    public function factor(float $most): float
    {
        return $most ** (2.0 * $this->unit() - 1.0);
    }
}
