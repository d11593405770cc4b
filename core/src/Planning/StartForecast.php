<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\ShownSigns;
use Orthoscope\Core\Diagnosis\StartModel;

/** How far a start may get under a set-up; where it may stay dark, with the sign that tells most. */
final class StartForecast implements OutcomeForecast
{
    /** @var list<array{result: string, signs: array<string, string>, words: string}> */
    private array $outcomes = [];

    /** @var array<int, array<int, float>> mode => outcome => share, if this mode stops the start */
    private array $byMode = [];

    /** @var array<int, float> outcome => share, if no fault stops it */
    private array $atCut;

    /** @var array<string, list<int>> reach => its outcomes */
    private array $ofReach = [];

    /** @var array<int, string> stop => reach */
    private array $reachAt = [];

    /** @var array<string, array<int, float>> stop, rows and what was shown before => outcome => share */
    private array $memo = [];

    /**
     * @param  array<int, float>  $hazards mode => share of starts it stops
     * @param  ?array{int, float}  $doubt  the mode of a spare that is lent for the first time being bad, and its probability
     */
    private function __construct(
        private readonly StartModel $model,
        private readonly array $hazards,
        private readonly int $cut,
        private readonly ?string $channel,
        private readonly ShownSigns $shown,
        private readonly ?array $doubt,
    ) {
        $this->lay($model->catalogue);
        foreach (array_keys($hazards) as $mode) {
            $stop = $model->modes->stops[$mode];
            if ($stop < $cut) {
                $this->byMode[$mode] = $this->shares($stop, $model->modes->all[$mode]->fault->signs, $shown->byMode($mode, $stop));
            }
        }
        $this->atCut = $this->shares($cut, [], $shown->atStop($cut));
    }

    /**
     * @param  array<int, float>  $hazards
     * @param  ?array{int, float}  $doubt
     */
    public static function of(StartModel $model, array $hazards, int $cut, ?string $channel, ShownSigns $shown, ?array $doubt = null): self
    {
        return new self($model, $hazards, $cut, $channel, $shown, $doubt);
    }

    public function outcomes(): array
    {
        return $this->outcomes;
    }

    public function given(array $faults): array
    {
        $given = $this->without($faults);
        if ($this->doubt === null) {
            return $given;
        }
        [$bad, $p] = $this->doubt;
        foreach ($given as $outcome => $share) {
            $given[$outcome] = (1.0 - $p) * $share;
        }
        foreach ($this->without([...$faults, $bad]) as $outcome => $share) {
            $given[$outcome] = ($given[$outcome] ?? 0.0) + $p * $share;
        }

        return $given;
    }

    /**
     * @param  list<int>  $faults
     *
     * @return array<int, float>
     */
    private function without(array $faults): array
    {
        if (isset($faults[1])) {
            $faults = $this->model->modes->byStop($faults);
        }
        $passes = 1.0;
        $given = [];
        foreach ($faults as $fault) {
            if (isset($this->byMode[$fault])) {
                $stopped = $passes * $this->hazards[$fault];
                foreach ($this->byMode[$fault] as $outcome => $share) {
                    $given[$outcome] = ($given[$outcome] ?? 0.0) + $stopped * $share;
                }
                $passes -= $stopped;
            }
        }
        foreach ($this->atCut as $outcome => $share) {
            $given[$outcome] = ($given[$outcome] ?? 0.0) + $passes * $share;
        }

        return $given;
    }

    private function lay(Catalogue $catalogue): void
    {
        foreach ($catalogue->closedReaches() as $reach) {
            for ($stop = $reach->firstStop; $stop <= $reach->lastStop; $stop++) {
                $this->reachAt[$stop] = $reach->id;
            }
            $values = $reach->id === 'dark' && $this->channel !== null ? $catalogue->sign($this->channel)->values : ['' => ''];
            foreach ($values as $value => $words) {
                $this->ofReach[$reach->id][] = count($this->outcomes);
                $this->outcomes[] = [
                    'result' => $reach->id,
                    'signs' => $value === '' ? [] : [(string) $this->channel => (string) $value],
                    'words' => $value === '' ? $reach->name : "{$reach->name}, {$words}",
                ];
            }
        }
    }

    /**
     * @param  array<string, array<string, float>>  $instead
     * @param  array<string, string>  $before
     *
     * @return array<int, float>
     */
    private function shares(int $stop, array $instead, array $before): array
    {
        $outcomes = $this->ofReach[$this->reachAt[$stop]];
        if (count($outcomes) === 1) {
            return [$outcomes[0] => 1.0];
        }
        $key = $stop
            .($before[(string) $this->channel] ?? '')
            .(isset($instead[(string) $this->channel]) ? json_encode($instead[(string) $this->channel]) : '');
        if (isset($this->memo[$key])) {
            return $this->memo[$key];
        }
        $shares = [];
        foreach ($outcomes as $outcome) {
            $share = $this->shown->likelihood($this->outcomes[$outcome]['signs'], $stop, $instead, $before);
            if ($share > 0.02) {
                $shares[$outcome] = $share;
            }
        }
        $total = array_sum($shares);

        return $this->memo[$key] = array_map(fn (float $share): float => $share / $total, $shares);
    }
}
