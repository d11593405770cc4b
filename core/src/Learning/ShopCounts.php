<?php

declare(strict_types=1);

namespace Orthoscope\Core\Learning;

use Orthoscope\Core\Catalogue\Catalogue;

/**
 * What the shop's own closed jobs say of priors: the shipped ones count as so many jobs, each confirmed cause as one more. Visible
 * as "shipped 3 %, here 5 of 61", and taken back by leaving it out.
 */
final readonly class ShopCounts
{
    /** As many jobs as the shipped priors count for. Origin: judgement. */
    public const SHIPPED = 150.0;

    /** A prior is never moved further than this, either way. Origin: judgement. */
    private const MOST = 4.0;

    /** @param  array<string, int>  $confirmed fault => closed jobs with it as their confirmed cause */
    private function __construct(private Catalogue $catalogue, public array $confirmed)
    {
    }

    /** @param  list<string>  $causes confirmed faults of closed jobs; those the catalogue does not know are left out */
    public static function of(Catalogue $catalogue, array $causes): self
    {
        $counts = array_count_values(array_filter($causes, fn (string $fault): bool => isset($catalogue->faults[$fault])));
        arsort($counts);

        return new self($catalogue, $counts);
    }

    public function jobs(): int
    {
        return array_sum($this->confirmed);
    }

    /** @return list<array{fault: string, shipped: float, here: int, of: int, then: float}> shares before and after, those that move most first */
    public function rows(): array
    {
        $total = $this->total();
        $rows = [];
        foreach ($this->catalogue->faults as $id => $fault) {
            $here = $this->confirmed[$id] ?? 0;
            if ($here > 0) {
                $rows[] = ['fault' => $id, 'shipped' => $fault->prior / $total, 'here' => $here, 'of' => $this->jobs(), 'then' => $this->share($id)];
            }
        }
        usort($rows, fn (array $a, array $b): int => abs(log($b['then'] / $b['shipped'])) <=> abs(log($a['then'] / $a['shipped'])));

        return $rows;
    }

    /** @return array<string, float> fault => what its prior is multiplied by */
    public function factors(): array
    {
        $total = $this->total();
        $factors = [];
        foreach ($this->catalogue->faults as $id => $fault) {
            $factors[$id] = round(max(1.0 / self::MOST, min(self::MOST, $this->share($id) * $total / $fault->prior)), 4);
        }

        return array_filter($factors, fn (float $factor): bool => abs($factor - 1.0) > 1e-4);
    }

    /** The same without one job, so that no job is judged by what it taught itself. */
    public function without(string $cause): self
    {
        $left = $this->confirmed;
        if (isset($left[$cause])) {
            $left[$cause]--;
        }

        return new self($this->catalogue, array_filter($left, fn (int $count): bool => $count > 0));
    }

    private function share(string $fault): float
    {
        return (self::SHIPPED * $this->catalogue->fault($fault)->prior / $this->total() + ($this->confirmed[$fault] ?? 0)) / (self::SHIPPED + $this->jobs());
    }

    private function total(): float
    {
        return array_sum(array_map(fn ($fault): float => $fault->prior, $this->catalogue->faults));
    }
}
