<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/**
 * Sets of faults, each known by a number, which beliefs share. Sets are added and never changed or taken out, so a number means the same
 * for whoever holds it. Nearly all are of one fault or two: those stand in two plain lists, for they are gone through by ten thousands.
 */
final class FaultSets
{
    /** Stands for a fault where there is none. */
    public const NONE = -1;

    /** Stands for the second fault of a set that has more than two: `faults` tells them. */
    public const SEVERAL = -2;

    /** @var array<array-key, int> the key of a set => its number; filled as needed */
    private array $numbers = [];

    /** How many of the sets are among the numbers. */
    private int $numbered = 0;

    /** @var array<int, int> fault << 32 | set => the set with that fault */
    private array $with = [];

    /** @var array<int, int> fault << 32 | set => the set without it */
    private array $without = [];

    /** @var array<int, string> set => its faults, joined by blanks */
    private array $names = [];

    /**
     * @param  list<int>  $first set => its lowest fault, or NONE
     * @param  list<int>  $second set => its other fault, or NONE, or SEVERAL
     * @param  array<int, list<int>>  $larger set of three faults or more => all of them, in rising order
     */
    public function __construct(public array $first, public array $second, private array $larger = [])
    {
    }

    /** @param  list<list<int>>  $all set => its faults in rising order, each set once */
    public static function of(array $all): self
    {
        $sets = new self([], []);
        foreach ($all as $faults) {
            $sets->add($faults);
        }

        return $sets;
    }

    public function count(): int
    {
        return count($this->first);
    }

    /** @return list<int> the faults of a set, in rising order */
    public function faults(int $set): array
    {
        $second = $this->second[$set];

        return match (true) {
            $second >= 0 => [$this->first[$set], $second],
            $second === self::SEVERAL => $this->larger[$set],
            default => $this->first[$set] === self::NONE ? [] : [$this->first[$set]],
        };
    }

    /** The faults of a set, joined by blanks. */
    public function name(int $set): string
    {
        return $this->names[$set] ??= implode(' ', $this->faults($set));
    }

    /**
     * The number of a set; null where it is none of them.
     *
     * @param  list<int>  $faults in rising order
     */
    public function find(array $faults): ?int
    {
        for (; $this->numbered < count($this->first); $this->numbered++) {
            $set = $this->numbered;
            $this->numbers[$this->second[$set] === self::SEVERAL
                ? $this->name($set)
                : self::pairKey($this->first[$set], $this->second[$set])] = $set;
        }

        return $this->numbers[
            isset($faults[2]) ? implode(' ', $faults) : self::pairKey($faults[0] ?? self::NONE, $faults[1] ?? self::NONE)
        ] ?? null;
    }

    private static function pairKey(int $first, int $second): int
    {
        return (($second + 1) << 32) | ($first + 1);
    }

    /** The set that also has a fault; the same if it has. */
    public function with(int $set, int $fault): int
    {
        if (isset($this->with[($fault << 32) | $set])) {
            return $this->with[($fault << 32) | $set];
        }
        $faults = $this->faults($set);

        return $this->with[($fault << 32) | $set] = in_array($fault, $faults, true) ? $set : $this->numberOf([...$faults, $fault]);
    }

    /** The set that lacks a fault; the same if it does. */
    public function without(int $set, int $fault): int
    {
        if (isset($this->without[($fault << 32) | $set])) {
            return $this->without[($fault << 32) | $set];
        }
        $faults = $this->faults($set);

        return $this->without[($fault << 32) | $set] = in_array($fault, $faults, true)
            ? $this->numberOf(array_values(array_diff($faults, [$fault])))
            : $set;
    }

    /**
     * Those of them that are asked for, under new numbers in the order in which they are asked for.
     *
     * @param  list<int>  $wanted each once
     */
    public function only(array $wanted): self
    {
        $first = $second = $larger = [];
        foreach ($wanted as $number => $set) {
            $first[] = $this->first[$set];
            $second[] = $this->second[$set];
            if ($this->second[$set] === self::SEVERAL) {
                $larger[$number] = $this->larger[$set];
            }
        }

        return new self($first, $second, $larger);
    }

    /**
     * Plain data, for `fromKept`.
     *
     * @return array{string, string, array<int, list<int>>}
     */
    public function kept(): array
    {
        return [Packed::ofInts($this->first), Packed::ofInts($this->second), $this->larger];
    }

    /** @param  array{string, string, array<int, list<int>>}  $kept */
    public static function fromKept(array $kept): self
    {
        return new self(Packed::ints($kept[0]), Packed::ints($kept[1]), $kept[2]);
    }

    /** @param  list<int>  $faults each once, in any order */
    private function numberOf(array $faults): int
    {
        sort($faults);

        return $this->find($faults) ?? $this->add($faults);
    }

    /** @param  list<int>  $faults in rising order */
    private function add(array $faults): int
    {
        $set = count($this->first);
        $this->first[] = $faults[0] ?? self::NONE;
        $this->second[] = isset($faults[2]) ? self::SEVERAL : $faults[1] ?? self::NONE;
        if (isset($faults[2])) {
            $this->larger[$set] = $faults;
        }

        return $set;
    }
}
