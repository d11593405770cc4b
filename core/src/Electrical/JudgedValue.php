<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

/** One measured value, its limits and where they come from. */
final readonly class JudgedValue
{
    /** @param  float  $halfWidth half the width of the range the true value lies in, by the meter */
    private function __construct(
        public string $name,
        public string $unit,
        public ?float $value,
        public float $low,
        public float $high,
        public string $source,
        public float $halfWidth,
    ) {
    }

    /** @param  non-empty-list<Nominal>  $nominals what it is held against; the nearest one counts */
    public static function of(LimitValue $limit, array $nominals, ?float $value, ?Meter $meter = null): self
    {
        $nominal = $nominals[0];
        foreach ($value === null ? [] : $nominals as $candidate) {
            if (abs($value - $candidate->at) < abs($value - $nominal->at)) {
                $nominal = $candidate;
            }
        }

        return new self(
            $limit->name, $limit->unit, $value, $nominal->low, $nominal->high, $nominal->source,
            $value === null ? 0.0 : ($meter ?? Meter::exact())->halfWidth($value, $limit->unit),
        );
    }

    public function within(): bool
    {
        return $this->value !== null && $this->value >= $this->low && $this->value <= $this->high;
    }

    /**
     * Chance that the true value is within the limits: the share of the range the meter leaves open that lies inside them.
     * Nothing is known of where in that range it lies, so every place is as likely (JCGM 100:2008 "GUM", 4.3.7, from memory).
     */
    public function chanceWithin(): float
    {
        if ($this->value === null || $this->halfWidth <= 0.0) {
            return $this->within() ? 1.0 : 0.0;
        }
        $inside = min($this->high, $this->value + $this->halfWidth) - max($this->low, $this->value - $this->halfWidth);

        return max(0.0, min(1.0, $inside / (2.0 * $this->halfWidth)));
    }
}
