<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Diagnosis\ShownSigns;
use Orthoscope\Core\Diagnosis\StartModel;

/**
 * What a start may show at all: how far it gets; where it may stay dark, with the sign that tells most; and how each fault shows there.
 * The same for every set-up, so that all steps of one look ahead share it.
 */
final class StartOutcomes
{
    /** Share of an outcome up to which it is not followed. Origin: judgement. */
    private const LEAST = 0.02;

    /** @var list<array{result: string, signs: array<string, string>, words: string}> */
    public readonly array $all;

    /** @var array<int, list<int>> stop => its outcomes */
    private array $atStop = [];

    /** @var array<int, array<int, float>> mode => outcome => share; filled as needed */
    private array $ofMode = [];

    /** @var array<string, array<int, float>> stop, rows and what was shown before => outcome => share; filled as needed */
    private array $known = [];

    /** @param  ?string  $channel  the sign that tells most where a dark start stops, of those this machine has */
    public function __construct(private readonly StartModel $model, private readonly ?string $channel, private readonly ShownSigns $shown)
    {
        $all = [];
        foreach ($model->catalogue->closedReaches() as $reach) {
            $values = $reach->id === 'dark' && $channel !== null ? $model->catalogue->sign($channel)->values : ['' => ''];
            $ofReach = [];
            foreach ($values as $value => $words) {
                $ofReach[] = count($all);
                $all[] = [
                    'result' => $reach->id,
                    'signs' => $value === '' ? [] : [(string) $channel => (string) $value],
                    'words' => $value === '' ? $reach->name : "{$reach->name}, {$words}",
                ];
            }
            for ($stop = $reach->firstStop; $stop <= $reach->lastStop; $stop++) {
                $this->atStop[$stop] = $ofReach;
            }
        }
        $this->all = $all;
    }

    /** @return array<int, float> outcome => share, where this mode stops the start */
    public function ofMode(int $mode): array
    {
        if (! isset($this->ofMode[$mode])) {
            $stop = $this->model->modes->stops[$mode];
            $signs = $this->model->modes->all[$mode]->fault->signs;
            $this->ofMode[$mode] = $this->shares($stop, $signs, $this->shown->byMode($mode, $stop));
        }

        return $this->ofMode[$mode];
    }

    /** @return array<int, float> outcome => share, where a part that is out stops the start, or the goal */
    public function atStop(int $stop): array
    {
        return $this->shares($stop, [], $this->shown->atStop($stop));
    }

    /**
     * @param  array<string, array<string, float>>  $instead
     * @param  array<string, array<array-key, int>>  $before
     *
     * @return array<int, float>
     */
    private function shares(int $stop, array $instead, array $before): array
    {
        $outcomes = $this->atStop[$stop];
        if (count($outcomes) === 1) {
            return [$outcomes[0] => 1.0];
        }
        $key = "{$stop} ".json_encode([$before[(string) $this->channel] ?? null, $instead[(string) $this->channel] ?? null]);
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $shares = [];
        foreach ($outcomes as $outcome) {
            $share = $this->shown->likelihood($this->all[$outcome]['signs'], $stop, $instead, $before);
            if ($share > self::LEAST) {
                $shares[$outcome] = $share;
            }
        }
        $total = array_sum($shares);

        return $this->known[$key] = array_map(fn (float $share): float => $share / $total, $shares);
    }
}
