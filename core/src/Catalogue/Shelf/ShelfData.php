<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Shelf;

use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Plain\Row;

/** What the catalogue knows of spares (`shelf.yaml`): origins, proofs, how kinds wear and are harmed, which facts decide fit. */
final readonly class ShelfData
{
    /**
     * @param  array<string, Origin>  $origins
     * @param  array<string, ProofKind>  $proofs
     * @param  array<string, Wear>  $kinds
     * @param  float  $deadRate   share of new parts dead on arrival, before the shop has a rate of its own
     * @param  float  $deadWeight as if from so many parts
     * @param  float  $verifyBelow trust under which a spare is to be verified before it is relied on
     * @param  float  $afterFailing trust that a proof that fails leaves, at the most
     * @param  float  $carries    how likely a ruined spare harms the next machine it goes into
     * @param  float  $doubtedFrom belief that it is bad from which a spare is doubted
     * @param  float  $odd        how likely something odd about a spare means that it is bad
     * @param  array<string, float>  $destructive fault => chance that a machine with it destroys what is put into it
     * @param  list<FitRule>  $fit
     * @param  array<string, string>  $names fact => in words
     * @param  array<string, string>  $asks kind => what is to be looked up before one is bought
     * @param  array<string, list<string>>  $ofMachine part it belongs to => facts that may be known of a machine
     * @param  array<string, string>  $units fact that is a number => its unit
     */
    private function __construct(
        public array $origins,
        public array $proofs,
        public array $kinds,
        public float $deadRate,
        public float $deadWeight,
        public float $verifyBelow,
        public float $afterFailing,
        public float $carries,
        public float $doubtedFrom,
        public float $odd,
        public array $destructive,
        public array $fit,
        public array $names,
        public array $asks,
        public array $ofMachine,
        public array $units,
    ) {
    }

    public static function fromFile(Row $file): self
    {
        $dead = $file->row('dead_on_arrival');
        $machine = $file->row('machine');

        return new self(
            origins: array_column(array_map(Origin::fromRow(...), $file->rows('origins')), null, 'id'),
            proofs: array_column(array_map(ProofKind::fromRow(...), $file->rows('proofs')), null, 'id'),
            kinds: array_column(array_map(Wear::fromRow(...), $file->rows('kinds')), null, 'id'),
            deadRate: $dead->number('rate'),
            deadWeight: $dead->number('weight'),
            verifyBelow: $file->number('verify_below'),
            afterFailing: $file->number('after_failing'),
            carries: $file->number('carries'),
            doubtedFrom: $file->number('doubted_from'),
            odd: $file->number('odd'),
            destructive: $file->numberByName('destructive'),
            fit: array_map(FitRule::fromRow(...), $file->rows('fit')),
            names: $file->textByName('names'),
            asks: $file->textByName('asks'),
            ofMachine: array_combine($machine->keys(), array_map($machine->texts(...), $machine->keys())),
            units: $file->textByName('units'),
        );
    }

    /** Chance that a part of this origin works before anybody tried it. A new one starts from the shop's rate of parts dead on arrival. */
    public function goodFrom(string $origin, float $deadOnArrival): float
    {
        $known = $this->origins[$origin] ?? throw CatalogueMistake::unknown('origin of a spare', $origin, array_keys($this->origins));

        return $known->good ?? 1.0 - $deadOnArrival;
    }

    /** @return list<FitRule> what decides whether a part of a kind fits */
    public function rulesOf(string $kind): array
    {
        return array_values(array_filter($this->fit, static fn (FitRule $rule): bool => $rule->kind === $kind));
    }

    /** Share of bad parts a proof shows to be bad. */
    public function catches(string $proof): float
    {
        return ($this->proofs[$proof] ?? throw CatalogueMistake::unknown('proof', $proof, array_keys($this->proofs)))->catches;
    }

    /** @return array<string, string> proofs that can be made on a kind of part => in words */
    public function proofsOf(string $kind): array
    {
        return array_column(
            array_filter($this->proofs, fn (ProofKind $proof): bool => in_array($kind, $proof->kinds ?? [$kind], true)),
            'name',
            'id',
        );
    }

    public function harmed(string $kind): float
    {
        return $this->kinds[$kind]->harmed ?? 0.3;
    }

    /** Share that goes bad in a year. */
    public function loss(string $kind): float
    {
        return $this->kinds[$kind]->loss ?? 0.04;
    }

    public function loanDays(string $kind): int
    {
        return $this->kinds[$kind]->days ?? 2;
    }

    /**
     * The shop's own rate of new parts that were dead on arrival, drawn towards the usual one while it has seen few.
     *
     * @param  int  $dead of `arrived`, 0 to `arrived`
     */
    public function deadOnArrival(int $dead, int $arrived): float
    {
        return ($dead + $this->deadRate * $this->deadWeight) / ($arrived + $this->deadWeight);
    }
}
