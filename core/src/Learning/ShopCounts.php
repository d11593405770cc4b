<?php

declare(strict_types=1);

namespace Orthoscope\Core\Learning;

/**
 * What the shop's own closed jobs say of priors: the shipped ones count as so many jobs, each job whose cause held as one more. Visible
 * as "shipped 3 %, here 5 of 61", and taken back by leaving it out.
 */
final readonly class ShopCounts
{
    /** @param  array<string, int>  $found fault => closed jobs with it as their cause */
    private function __construct(private Shipped $shipped, public array $found)
    {
    }

    /** @param  list<string>  $causes of closed jobs; those that the shipped priors do not know in such machines are left out */
    public static function of(Shipped $shipped, array $causes): self
    {
        $counts = array_count_values(array_filter($causes, fn (string $fault): bool => $shipped->share($fault) > 0.0));
        arsort($counts);

        return new self($shipped, $counts);
    }

    public function jobs(): int
    {
        return array_sum($this->found);
    }

    /**
     * @return list<array{fault: string, shipped: float, here: int, of: int, then: float}> shares before and after, those that move most
     *     first
     */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->found as $fault => $here) {
            $rows[] = [
                'fault' => $fault,
                'shipped' => $this->shipped->share($fault),
                'here' => $here,
                'of' => $this->jobs(),
                'then' => $this->share($fault),
            ];
        }
        usort($rows, fn (array $a, array $b): int => abs(log($b['then'] / $b['shipped'])) <=> abs(log($a['then'] / $a['shipped'])));

        return $rows;
    }

    /** @return array<string, float> fault => what its prior is multiplied by; what is not there stays as it is */
    public function factors(): array
    {
        $factors = [];
        $most = $this->shipped->number('learned_most');
        foreach ($this->shipped->faults() as $fault) {
            $factors[$fault] = round(max(1.0 / $most, min($most, $this->share($fault) / $this->shipped->share($fault))), 4);
        }

        return array_filter($factors, fn (float $factor): bool => abs($factor - 1.0) > 1e-4);
    }

    /** The same without one job, so that no job is judged by what it taught itself. */
    public function without(string $cause): self
    {
        $left = $this->found;
        if (isset($left[$cause])) {
            $left[$cause]--;
        }

        return new self($this->shipped, array_filter($left, fn (int $count): bool => $count > 0));
    }

    private function share(string $fault): float
    {
        $jobs = $this->shipped->number('shipped_jobs');

        return ($jobs * $this->shipped->share($fault) + ($this->found[$fault] ?? 0)) / ($jobs + $this->jobs());
    }
}
