<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Modes;
use Orthoscope\Core\Diagnosis\ShownSigns;
use Orthoscope\Core\Diagnosis\StartModel;
use Orthoscope\Core\Planning\FindingForecast;
use Orthoscope\Core\Planning\OutcomeForecast;
use Orthoscope\Core\Planning\StartForecast;
use Orthoscope\Core\Planning\StartOutcomes;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\SetUp;

/**
 * Which faults are mistaken for which, on a usual machine: those that an hour of trials tells apart least. A trial tells two faults apart
 * by the divergence of Jensen and Shannon between what it shows under each, in bits: 0 where they look the same, 1 where it settles which
 * (J. Lin, Divergence measures based on the Shannon entropy, IEEE Transactions on Information Theory 37, 1991).
 */
final class Confusion
{
    /** A machine as most are: two sticks, a card, one drive, lamps on the board. Origin: judgement. */
    private const USUAL = ['card' => true, 'drives' => 1, 'facts' => ['status_lamps' => true, 'speaker' => true, 'own_graphics' => true]];

    /** Minutes of trials by which two faults are compared. */
    private const HOUR = 60;

    private const NAMED = 4;

    /** Bits, 0 to 1, from which an hour tells two apart well enough. Origin: judgement. */
    private const APART = 0.6;

    /** Trust in a spare that is good. */
    private const GOOD = 0.999;

    /** @var array<string, array{minutes: int, name: string, step: string, shows: array<string, array<int, float>>}> */
    private array $trials = [];

    /** @var array<string, list<array{float, int}>> fault => share and mode of each way it may be there */
    private array $modesOf = [];

    /** @var array<string, array<string, array{float, ?string}>> one fault => another, later by name => how far apart they are */
    private array $apart = [];

    public function __construct(private readonly Catalogue $catalogue)
    {
        $machine = Machine::fromArray(self::USUAL, $catalogue);
        $lendable = array_filter($machine->parts, fn ($part): bool => $part->kind->lendable);
        $modes = Modes::of($machine, $catalogue, array_map(fn ($part): array => ['good', $part->id], array_values($lendable)));
        foreach ($modes->all as $i => $mode) {
            // What may fail under one condition alone has no row of its own.
            $mode->spare === null && isset($catalogue->faults[$mode->fault->id]) && $this->modesOf[$mode->fault->id][] = [$mode->share, $i];
        }
        $model = new StartModel($machine, $catalogue, $modes);
        $this->addStart('start', 'Start it as it is', $catalogue->steps['start']->minutes, $model, new SetUp);
        foreach ($catalogue->steps as $step) {
            if ($step->check !== null && $step->record === 'check') {
                $this->addCheck($step->id, $step->name, $step->minutes, $step->check, $machine, $modes);
            }
            if ($step->setUp->lends && $step->each !== null) {
                foreach ($machine->ofKind($step->each) as $part) {
                    $name = str_replace('{target}', $part->inSentence(), $step->name);
                    $lent = new SetUp(lent: [$part->id => new Lent('good', self::GOOD)]);
                    $this->addStart($step->id, $name, $step->minutes, $model, $lent, $part->id);
                }
            }
        }
    }

    /**
     * @return list<array{fault: string, bits: float, trial: ?string, step: ?string}> faults that an hour tells from this one worst, with
     *     what tells them apart best and its step; bits 0 to 1
     */
    public function of(string $fault): array
    {
        $alike = [];
        foreach (array_keys($this->modesOf) as $other) {
            if ($other !== $fault && isset($this->modesOf[$fault])) {
                [$bits, $best] = $this->apart($fault, (string) $other);
                if ($bits < self::APART) {
                    $alike[] = [
                        'fault' => (string) $other,
                        'bits' => $bits,
                        'trial' => $best === null ? null : $this->trials[$best]['name'],
                        'step' => $best === null ? null : $this->trials[$best]['step'],
                    ];
                }
            }
        }
        usort($alike, fn (array $a, array $b): int => $a['bits'] <=> $b['bits']);

        return array_slice($alike, 0, self::NAMED);
    }

    /** @return array{float, ?string} bits by which an hour of trials tells two faults apart, and the trial that does so best */
    public function apart(string $one, string $other): array
    {
        return $this->apart[min($one, $other)][max($one, $other)] ??= $this->compared($one, $other);
    }

    /** @return array{float, ?string} */
    private function compared(string $one, string $other): array
    {
        $each = [];
        foreach ($this->trials as $id => $trial) {
            [$shows, $instead] = [$trial['shows'][$one] ?? [], $trial['shows'][$other] ?? []];
            // Most trials show the same under both.
            if ($shows !== $instead) {
                $each[$id] = self::divergence($shows, $instead);
            }
        }
        $perMinute = fn (string $id): float => $each[$id] / $this->trials[$id]['minutes'];
        uksort($each, fn (string $a, string $b): int => $perMinute($b) <=> $perMinute($a));
        $left = self::HOUR;
        $same = 1.0;
        foreach ($each as $id => $bits) {
            if ($this->trials[$id]['minutes'] <= $left) {
                $left -= $this->trials[$id]['minutes'];
                $same *= 1.0 - $bits;
            }
        }
        $best = array_key_first($each);

        return [1.0 - $same, $best === null || $each[$best] < 0.01 ? null : $best];
    }

    /**
     * @param  array<int, float>  $p
     * @param  array<int, float>  $q
     *
     * @return float Jensen-Shannon divergence in bits, 0 to 1
     */
    public static function divergence(array $p, array $q): float
    {
        $bits = 0.0;
        foreach (array_keys($p + $q) as $outcome) {
            [$a, $b] = [$p[$outcome] ?? 0.0, $q[$outcome] ?? 0.0];
            $mean = ($a + $b) / 2;
            $bits += ($a > 0.0 ? $a * log($a / $mean, 2) : 0.0) / 2 + ($b > 0.0 ? $b * log($b / $mean, 2) : 0.0) / 2;
        }

        return min(1.0, max(0.0, $bits));
    }

    private function addStart(string $step, string $name, int $minutes, StartModel $model, SetUp $setUp, string $part = ''): void
    {
        $outcomes = new StartOutcomes($model, 'lamp', ShownSigns::none($this->catalogue, $model->machine));
        $forecast = new StartForecast($model, $outcomes, $model->hazards($setUp, []), $model->cut($setUp));
        $this->add("{$step} {$part}", $step, $name, $minutes, $forecast);
    }

    private function addCheck(string $step, string $name, int $minutes, string $check, Machine $machine, Modes $modes): void
    {
        $check = $this->catalogue->check($check);
        foreach ($check->target === null ? [null] : $machine->ofKind($check->target) as $part) {
            $named = str_replace(['{target}', '{Target}'], [$part?->inSentence() ?? '', ucfirst($part?->inSentence() ?? '')], $name);
            $this->add("{$step} {$part?->id}", $step, $named, $minutes, FindingForecast::of($modes, $check, $part?->id));
        }
    }

    private function add(string $id, string $step, string $name, int $minutes, OutcomeForecast $forecast): void
    {
        $shows = [];
        foreach ($this->modesOf as $fault => $ways) {
            $total = array_sum(array_column($ways, 0));
            foreach ($ways as [$share, $mode]) {
                foreach ($forecast->given([$mode]) as $outcome => $p) {
                    $shows[$fault][$outcome] = ($shows[$fault][$outcome] ?? 0.0) + $p * $share / $total;
                }
            }
        }
        $this->trials[$id] = ['minutes' => max(1, $minutes), 'name' => $name, 'step' => $step, 'shows' => $shows];
    }
}
