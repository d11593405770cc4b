<?php

declare(strict_types=1);

namespace Orthoscope\Core\Learning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\Prior;

/**
 * How often each fault would be the one that a shop finds, by the shipped priors, in machines such as it gets: four sticks fail more often
 * than two, and a machine without a card has no dead one.
 */
final readonly class Shipped
{
    /** @param  array<string, float>  $shares fault => share of jobs, summing to 1 */
    private function __construct(private array $shares, private Catalogue $catalogue)
    {
    }

    /** @param  non-empty-list<Machine>  $machines */
    public static function of(Catalogue $catalogue, array $machines): self
    {
        $sum = [];
        $kinds = [];
        foreach ($machines as $machine) {
            foreach (
                $kinds[serialize([array_keys($machine->parts), $machine->slots])] ??= self::alone($machine, $catalogue) as $fault => $share
            ) {
                $sum[$fault] = ($sum[$fault] ?? 0.0) + $share / count($machines);
            }
        }

        return new self($sum, $catalogue);
    }

    /** From 0 to 1; 0 for what these machines cannot have. */
    public function share(string $fault): float
    {
        return $this->shares[$fault] ?? 0.0;
    }

    /** A number of judgement of the catalogue whose priors these are. */
    public function number(string $id): float
    {
        return $this->catalogue->number($id);
    }

    /** @return list<string> that these machines can have */
    public function faults(): array
    {
        return array_keys($this->shares);
    }

    /** @return array<string, float> fault => how likely it is to be the one of a machine that has one */
    private static function alone(Machine $machine, Catalogue $catalogue): array
    {
        $idle = array_values(array_diff(array_column($machine->ofKind('slot'), 'id'), $machine->slots));
        $modes = Modes::of($machine, $catalogue, [], $idle);
        $shares = [];
        foreach ((new Prior($modes, $catalogue, []))->alone() as $mode => $share) {
            $fault = $modes->all[$mode]->fault->id;
            // What nobody has a name for has no prior that could be moved.
            if (isset($catalogue->faults[$fault])) {
                $shares[$fault] = ($shares[$fault] ?? 0.0) + $share;
            }
        }
        $all = array_sum($shares);

        return array_map(fn (float $share): float => $share / $all, $shares);
    }
}
