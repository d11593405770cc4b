<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical\Sizing;

/** How much of what a supply draws comes out of it, by what is printed on it. 80 PLUS, 115 V internal, from memory. */
enum EfficiencyClass: string
{
    case Plain = 'plain';
    case Bronze = 'bronze';
    case Silver = 'silver';
    case Gold = 'gold';
    case Platinum = 'platinum';
    case Titanium = 'titanium';

    /** @return array<int, float> per cent of its load => share that comes out, at least */
    public function points(): array
    {
        return match ($this) {
            self::Plain => [20 => 0.80, 50 => 0.80, 100 => 0.80],
            self::Bronze => [20 => 0.82, 50 => 0.85, 100 => 0.82],
            self::Silver => [20 => 0.85, 50 => 0.88, 100 => 0.85],
            self::Gold => [20 => 0.87, 50 => 0.90, 100 => 0.87],
            self::Platinum => [20 => 0.90, 50 => 0.92, 100 => 0.89],
            self::Titanium => [10 => 0.90, 20 => 0.92, 50 => 0.94, 100 => 0.90],
        };
    }

    /** @param  float  $load share of the label, above 0 to 1; between the points on a straight line, beyond them as at the nearest */
    public function at(float $load): float
    {
        $percent = 100.0 * $load;
        $before = null;
        foreach ($this->points() as $at => $share) {
            if ($percent <= $at) {
                return $before === null ? $share : $before[1] + ($share - $before[1]) * ($percent - $before[0]) / ($at - $before[0]);
            }
            $before = [$at, $share];
        }

        return $before[1] ?? 1.0;
    }

    /** Watts drawn at the wall when so many come out. */
    public function atTheWall(float $watts, float $label): float
    {
        return $watts <= 0.0 ? 0.0 : $watts / $this->at(min(1.0, $watts / $label));
    }
}
