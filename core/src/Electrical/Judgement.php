<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical;

/**
 * Measured values against their limits. A row of a limit says what its value is held against: nominal values (`nominals`),
 * another value of the same measurement (`equals`, with a `tolerance`), or nothing, because others are held against it
 * (`reference`). A value may be the difference of two others (`difference`). Every value that must be there and is not counts
 * as out of limits.
 */
final readonly class Judgement
{
    /**
     * @param  array<string, JudgedValue>  $judged by value id
     * @param  array<string, float>  $references values others were held against
     */
    private function __construct(public array $judged, private array $references)
    {
    }

    /**
     * @param  array<string, ?float>  $values measured numbers by value id; null or missing = not there
     * @param  ?Meter  $meter  what they were measured with; without it, a meter that is never off
     */
    public static function of(Limit $limit, array $values, ?Meter $meter = null): self
    {
        $values = array_filter($values, fn (?float $value): bool => $value !== null);
        $judged = $references = [];
        foreach ($limit->values as $row) {
            $value = $values[$row->id] ?? self::difference($row, $values);
            if ($row->reference) {
                $references += $value === null ? [] : [$row->id => $value];

                continue;
            }
            $against = $row->equals === null ? null : $values[$row->equals] ?? null;
            $nominals = $against === null ? $row->nominals : [self::around($row, $against)];
            $notHeld = $row->equals !== null && ($value === null || $against === null);
            if ($nominals === [] || $notHeld || ($value === null && $row->optional)) {
                continue;
            }
            $judged[$row->id] = JudgedValue::of($row, $nominals, $value, $meter);
        }

        return new self($judged, $references);
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

    /** Nothing was measured that can be judged. */
    public function isEmpty(): bool
    {
        return array_filter($this->judged, fn (JudgedValue $value): bool => $value->value !== null) === [];
    }

    /** Chance that what `passes` says is so, given how far the meter may be off: 0 to 1, and 1 with a meter that is never off. */
    public function sureness(): float
    {
        $within = 1.0;
        foreach ($this->judged as $value) {
            $within *= $value->chanceWithin();
        }

        return $this->passes() ? $within : 1.0 - $within;
    }

    /** @return array<string, float> the values that were measured */
    public function values(): array
    {
        $measured = array_map(fn (JudgedValue $value): ?float => $value->value, $this->judged);

        return $this->references + array_filter($measured, fn (?float $value): bool => $value !== null);
    }

    /** @param  array<string, float>  $values */
    private static function difference(LimitValue $row, array $values): ?float
    {
        [$from, $take] = $row->difference ?? ['', ''];

        return isset($values[$from], $values[$take]) ? round($values[$from] - $values[$take], 6) : null;
    }

    private static function around(LimitValue $row, float $at): Nominal
    {
        $half = abs($at) * $row->tolerance + $row->step;

        $under = max($half, abs($at) * ($row->below ?? 0.0) + $row->step);

        return new Nominal($at, $at - $under, $at + $half, (string) $row->source);
    }
}
