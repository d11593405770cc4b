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
        $files = $catalogue->files();
        foreach ($files['faults']['faults'] as $i => $fault) {
            $files['faults']['faults'][$i]['prior'] = $fault['prior'] * $draw->factor($most);
            if (isset($fault['arises'])) {
                $files['faults']['faults'][$i]['arises'] = min(0.2, $fault['arises'] * $draw->factor($most));
            }
        }
        foreach (self::NOISES as $noise) {
            $files['numbers']['numbers'][$noise]['value'] = min(0.5, $files['numbers']['numbers'][$noise]['value'] * $draw->factor($most));
        }
        foreach (self::TRUSTS as $trust) {
            $files['numbers']['numbers'][$trust]['value'] = 1.0 - min(0.9, (1.0 - $files['numbers']['numbers'][$trust]['value']) * $draw->factor($most));
        }

        return $catalogue->with($files);
    }

    /** The same with another share of double faults. */
    public static function doubles(Catalogue $catalogue, float $share): Catalogue
    {
        $files = $catalogue->files();
        $files['numbers']['numbers']['double_share']['value'] = $share;

        return $catalogue->with($files);
    }
}
