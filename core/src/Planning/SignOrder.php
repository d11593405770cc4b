<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\SignChannel;
use Orthoscope\Core\Diagnosis\Information;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\SetUp\SetUp;

/** In which order signs are worth looking at now: by what each is expected to tell of where a start stops and why. */
final class SignOrder
{
    /** Share of belief, and states, that are looked at. Origin: judgement. */
    private const MASS = 0.95;

    private const STATES = 80;

    /** @return array<string, float> channel this machine has => bits it adds to the outcome of a start, most first */
    public static function of(Catalogue $catalogue, Replay $replay, SetUp $setUp): array
    {
        $model = $replay->model;
        $belief = $replay->belief->mostOf(self::MASS, self::STATES);
        $hazards = $model->hazards($setUp, $replay->fitted);
        $bits = [];
        foreach ($catalogue->signs as $channel) {
            if ($channel->needs !== null && ! $model->machine->facts[$channel->needs]) {
                continue;
            }
            $told = [];
            foreach ($belief->states() as [$faults, $weight]) {
                $told[] = [$weight, self::shown($channel, $replay, $hazards, $model->cut($setUp), $faults)];
            }
            $bits[$channel->id] = Information::gain($told);
        }
        arsort($bits);

        return $bits;
    }

    /**
     * What a channel shows under a fault set, by the stops a start may come to.
     *
     * @param  array<int, float>  $hazards
     * @param  list<int>  $faults
     *
     * @return array<string, float>
     */
    private static function shown(SignChannel $channel, Replay $replay, array $hazards, int $cut, array $faults): array
    {
        $modes = $replay->model->modes;
        $shares = array_fill_keys(array_map(strval(...), array_keys($channel->values)), 0.0);
        $passes = 1.0;
        foreach (isset($faults[1]) ? $modes->byStop($faults) : $faults as $fault) {
            $hazard = $modes->stops[$fault] < $cut ? $hazards[$fault] ?? 0.0 : 0.0;
            if ($hazard > 0.0) {
                self::add($shares, $passes * $hazard, $channel, $replay, $modes->stops[$fault], $modes->all[$fault]->fault->signs);
                $passes *= 1.0 - $hazard;
            }
        }
        self::add($shares, $passes, $channel, $replay, $cut, []);

        return $shares;
    }

    /**
     * @param  array<string, float>  $shares
     * @param  array<string, array<string, float>>  $instead rows of a fault that override the tables
     */
    private static function add(array &$shares, float $weight, SignChannel $channel, Replay $replay, int $stop, array $instead): void
    {
        $stopId = $replay->model->catalogue->stopId($stop);
        $row = $instead[$channel->id] ?? $replay->model->machine->boardSigns[$channel->id][$stopId] ?? null;
        foreach (array_keys($shares) as $value) {
            $shares[$value] += $weight * $channel->share((string) $value, $stopId, $row, $replay->model->catalogue->number('sign_noise'));
        }
    }
}
