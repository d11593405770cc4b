<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Check;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\SetUp\SetUp;

/** A machine whose faults only the simulation knows. What is done to it changes it; what it shows is drawn. */
interface HiddenMachine
{
    public function machine(): Machine;

    /** @return array<string, mixed> what its owner tells, as a written entry */
    public function report(): array;

    /** @return array{reached: string, signs: array<string, string>} */
    public function start(SetUp $setUp): array;

    /** @return string the result of a look or a reading */
    public function look(Check $check, ?string $target): string;

    /** Whether the last start or look was written down as another outcome or finding than it had; what was only missed is not that. */
    public function wasMisread(): bool;

    /** @param  list<string>  $on */
    public function act(string $act, array $on): void;

    /** A new part in place of the machine's own, with all that belongs to it. */
    public function fit(string $part): void;

    /** How far it gets in a start at its owner's place. */
    public function atOwner(SetUp $setUp): string;

    public function isSound(): bool;

    /** @return array<string, true> parts that are or were at fault */
    public function atFault(): array;

    /** @return list<array{string, string}> what was wrong when it came in: fault and part */
    public function causes(): array;

    /** @return string the act that usually puts right a fault that causes() names; no act is sure to */
    public function usualRepair(string $fault): string;

    /** Chance that a good part lent to it now comes to harm. */
    public function harms(): float;
}
