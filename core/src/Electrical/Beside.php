<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

/** One measured value beside the same value of good ones of its model: their middle, and how this one compares. */
final readonly class Beside
{
    /** Within so much of the good ones' middle it reads as they do, either way. Origin: judgement. */
    private const ALIKE = 1.5;

    /**
     * @param  float  $middle median of the good ones, in the value's unit
     * @param  ?float  $ratio this one over that; null where the middle is nothing
     */
    private function __construct(public string $value, public float $middle, public int $of, public ?float $ratio)
    {
    }

    /**
     * @param  array<string, float>  $measured value => number
     * @param  list<array<string, float>>  $good the same of good ones
     *
     * @return list<self> for each value that good ones have too
     */
    public static function each(array $measured, array $good): array
    {
        $beside = [];
        foreach ($measured as $value => $number) {
            $others = array_column($good, $value);
            if ($others !== []) {
                sort($others);
                $half = intdiv(count($others), 2);
                $middle = count($others) % 2 === 1 ? $others[$half] : ($others[$half - 1] + $others[$half]) / 2;
                $beside[] = new self((string) $value, $middle, count($others), $middle == 0.0 ? null : $number / $middle);
            }
        }

        return $beside;
    }

    /** It reads much as the good ones do. */
    public function isAlike(): bool
    {
        return $this->ratio !== null && $this->ratio <= self::ALIKE && $this->ratio >= 1.0 / self::ALIKE;
    }

    public function words(): string
    {
        $ratio = $this->ratio === null ? '' : sprintf(', this is %s times that', self::short($this->ratio));

        return ($this->of === 1 ? 'a good one had ' : "{$this->of} good ones had ").self::short($this->middle).$ratio;
    }

    private static function short(float $number): string
    {
        return (string) round($number, abs($number) < 10 ? 2 : 0);
    }
}
