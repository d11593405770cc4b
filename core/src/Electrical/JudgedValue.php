<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

/** One measured value, its limits and where they come from. */
final readonly class JudgedValue
{
    private function __construct(
        public string $name,
        public string $unit,
        public ?float $value,
        public float $low,
        public float $high,
        public string $source,
    ) {
    }

    /** @param  array<string, mixed>  $row a value row of a catalogue limit; with several nominals the nearest one counts */
    public static function of(array $row, ?float $value): self
    {
        $nominal = $row['nominals'][0];
        if ($value !== null) {
            foreach ($row['nominals'] as $candidate) {
                if (abs($value - $candidate['at']) < abs($value - $nominal['at'])) {
                    $nominal = $candidate;
                }
            }
        }

        return new self($row['name'], $row['unit'], $value, (float) $nominal['low'], (float) $nominal['high'], $nominal['source']);
    }

    public function within(): bool
    {
        return $this->value !== null && $this->value >= $this->low && $this->value <= $this->high;
    }
}
