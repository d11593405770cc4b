<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Draw;

/** A catalogue with every prior and every noise changed by a factor of its own: a world the adviser is wrong about. */
final class Perturbed
{
    private const NOISES = ['record_noise', 'sign_noise', 'check_noise', 'sound_share'];

    /** Numbers of which the noise is what is missing to one. */
    private const TRUSTS = ['sign_persists', 'trust_seen', 'host_trust', 'new_part_trust', 'hard_hazard'];

    /** @param  float  $most factor up to which, and down to one over which, each is changed */
    public static function catalogue(Catalogue $catalogue, float $most, Draw $draw): Catalogue
    {
        $priors = $arises = $numbers = [];
        foreach ($catalogue->faults as $id => $fault) {
            $priors[$id] = $fault->prior * $draw->factor($most);
            if ($fault->arises > 0.0) {
                $arises[$id] = min(0.2, $fault->arises * $draw->factor($most));
            }
        }
        foreach (self::NOISES as $noise) {
            $numbers[$noise] = min(0.5, $catalogue->number($noise) * $draw->factor($most));
        }
        foreach (self::TRUSTS as $trust) {
            $numbers[$trust] = 1.0 - min(0.9, (1.0 - $catalogue->number($trust)) * $draw->factor($most));
        }

        return $catalogue->withNumbers($priors, $arises, $numbers);
    }

    /** The same with another share of double faults. */
    public static function doubles(Catalogue $catalogue, float $share): Catalogue
    {
        return $catalogue->withNumbers(numbers: ['double_share' => $share]);
    }
}
