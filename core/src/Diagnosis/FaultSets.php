<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/**
 * Sets of faults, each known by a number, which beliefs share. Sets are added and never changed or taken out, so a number means the same
 * for whoever holds it.
 */
final class FaultSets
{
    /** @var ?array<string, int> faults joined by blanks => set; filled as needed */
    private ?array $numbers = null;

    /** @var array<int, int> fault << 32 | set => the set with that fault */
    private array $with = [];

    /** @var array<int, int> fault << 32 | set => the set without it */
    private array $without = [];

    /** @var array<int, string> set => its faults, joined by blanks */
    private array $names = [];

    /** @param  list<list<int>>  $all set => its faults in rising order, each set once */
    public function __construct(public array $all)
    {
    }

    public function count(): int
    {
        return count($this->all);
    }

    /** The faults of a set, joined by blanks. */
    public function name(int $set): string
    {
        return $this->names[$set] ??= implode(' ', $this->all[$set]);
    }

    /** The set that also has a fault; the same if it has. */
    public function with(int $set, int $fault): int
    {
        return $this->with[($fault << 32) | $set] ??= in_array($fault, $this->all[$set], true)
            ? $set
            : $this->numberOf([...$this->all[$set], $fault]);
    }

    /** The set that lacks a fault; the same if it does. */
    public function without(int $set, int $fault): int
    {
        return $this->without[($fault << 32) | $set] ??= in_array($fault, $this->all[$set], true)
            ? $this->numberOf(array_diff($this->all[$set], [$fault]))
            : $set;
    }

    /** @param  array<int>  $faults each once */
    private function numberOf(array $faults): int
    {
        $this->numbers ??= array_flip(array_map(fn (array $all): string => implode(' ', $all), $this->all));
        sort($faults);
        $name = implode(' ', $faults);
        if (! isset($this->numbers[$name])) {
            $this->numbers[$name] = count($this->all);
            $this->all[] = $faults;
        }

        return $this->numbers[$name];
    }
}
