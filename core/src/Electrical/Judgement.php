<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

/** Measured values against their limits. Every value that must be there and is not counts as out of limits. */
final readonly class Judgement
{
    /** @param  array<string, JudgedValue>  $judged by value id */
    private function __construct(public array $judged)
    {
    }

    /**
     * @param  array<string, mixed>  $limit  a limit of the catalogue
     * @param  array<string, mixed>  $values measured numbers by value id; null or missing = not there
     */
    public static function of(array $limit, array $values): self
    {
        $judged = [];
        foreach ($limit['values'] as $row) {
            $value = $values[$row['id']] ?? null;
            if ($value === null && ($row['optional'] ?? false)) {
                continue;
            }
            $judged[$row['id']] = JudgedValue::of($row, $value === null ? null : (float) $value);
        }

        return new self($judged);
    }

    public function passes(): bool
    {
        foreach ($this->judged as $value) {
            if (! $value->within()) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, float> the values that were measured */
    public function values(): array
    {
        return array_filter(array_map(fn (JudgedValue $value): ?float => $value->value, $this->judged), fn (?float $value): bool => $value !== null);
    }
}
