<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Shelf;

use Orthoscope\Core\Catalogue\CatalogueMistake;

/** What the catalogue knows of spares (`shelf.yaml`): origins, proofs, how kinds wear and are harmed, which facts decide fit. */
final readonly class ShelfData
{
    /**
     * @param  array<string, array<string, mixed>>  $origins
     * @param  array<string, array<string, mixed>>  $proofs
     * @param  array<string, array{id: string, loss: float, harmed: float, days: int}>  $kinds
     * @param  array{rate: float, weight: int}  $deadOnArrival
     * @param  float  $verifyBelow trust under which a spare is to be verified before it is relied on
     * @param  array<string, float>  $destructive fault => chance that a machine with it destroys what is put into it
     * @param  list<array{kind: string, rule: string, fact: string, says: string, caution?: string}>  $fit
     */
    private function __construct(public array $origins, public array $proofs, public array $kinds, public array $deadOnArrival, public float $verifyBelow, public array $destructive, public array $fit)
    {
    }

    /** @param  array<string, mixed>  $file */
    public static function fromFile(array $file): self
    {
        return new self(
            array_column($file['origins'], null, 'id'), array_column($file['proofs'], null, 'id'), array_column($file['kinds'], null, 'id'),
            $file['dead_on_arrival'], (float) $file['verify_below'], array_map(floatval(...), $file['destructive']), $file['fit'],
        );
    }

    /** Chance that a part of this origin works before anybody tried it. A new one starts from the shop's rate of parts dead on arrival. */
    public function goodFrom(string $origin, float $deadOnArrival): float
    {
        $known = $this->origins[$origin] ?? throw CatalogueMistake::unknown('origin of a spare', $origin, array_keys($this->origins));

        return isset($known['good']) ? (float) $known['good'] : 1.0 - $deadOnArrival;
    }

    /** Share of bad parts a proof shows to be bad. */
    public function catches(string $proof): float
    {
        return (float) ($this->proofs[$proof] ?? throw CatalogueMistake::unknown('proof', $proof, array_keys($this->proofs)))['catches'];
    }

    /** @return array<string, string> proofs that can be made on a kind of part => in words */
    public function proofsOf(string $kind): array
    {
        return array_column(array_filter($this->proofs, fn (array $proof): bool => in_array($kind, $proof['kinds'] ?? [$kind], true)), 'name', 'id');
    }

    public function harmed(string $kind): float
    {
        return (float) ($this->kinds[$kind]['harmed'] ?? 0.3);
    }

    /** Share that goes bad in a year. */
    public function loss(string $kind): float
    {
        return (float) ($this->kinds[$kind]['loss'] ?? 0.04);
    }

    public function loanDays(string $kind): int
    {
        return $this->kinds[$kind]['days'] ?? 2;
    }

    /**
     * The shop's own rate of new parts that were dead on arrival, drawn towards the usual one while it has seen few.
     *
     * @param  int  $dead of `arrived`, 0 to `arrived`
     */
    public function deadOnArrival(int $dead, int $arrived): float
    {
        return ($dead + $this->deadOnArrival['rate'] * $this->deadOnArrival['weight']) / ($arrived + $this->deadOnArrival['weight']);
    }
}
