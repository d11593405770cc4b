<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** An amount of money in whole minor units (cents), which is never rounded but where it is said how. */
final readonly class Money
{
    /** More minor units than this are a slip of the pen in a repair shop: 100,000 of a main unit with two decimals. */
    public const MOST = 10_000_000;

    private function __construct(public int $minor)
    {
    }

    public static function of(int $minor): self
    {
        return new self($minor);
    }

    public function plus(self $other): self
    {
        return new self($this->minor + $other->minor);
    }

    public function minus(self $other): self
    {
        return new self($this->minor - $other->minor);
    }

    public function times(int $times): self
    {
        return new self($this->minor * $times);
    }

    /** A share of it in hundredths of a per cent (2000 is 20 %); half a minor unit goes away from nothing. */
    public function share(int $basisPoints): self
    {
        $product = $this->minor * $basisPoints;

        return new self(($product < 0 ? -1 : 1) * intdiv(abs($product) + 5000, 10000));
    }

    /**
     * Split by weights so that the parts add up to the whole: each gets its share rounded down, and what is left goes one by one
     * to those that lost most by it.
     *
     * @template K of array-key
     *
     * @param  array<K, float|int>  $weights none below 0, and not all 0
     *
     * @return array<K, self>
     */
    public function split(array $weights): array
    {
        $sum = array_sum($weights);
        $parts = $lost = [];
        $left = abs($this->minor);
        foreach ($weights as $key => $weight) {
            $exact = abs($this->minor) * $weight / $sum;
            $parts[$key] = (int) floor($exact);
            $lost[$key] = $exact - $parts[$key];
            $left -= $parts[$key];
        }
        arsort($lost);
        foreach (array_keys($lost) as $key) {
            if ($left-- <= 0) {
                break;
            }
            $parts[$key]++;
        }
        $sign = $this->minor < 0 ? -1 : 1;

        return array_map(fn (int $part): self => new self($sign * $part), $parts);
    }
}
