<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\HostSaid;

/**
 * How likely is what was said of a host, given whether something is wrong with it in this place: it is bad itself, its seat is, or it
 * refuses what is good. The first shows with its own part back, the second often goes when the part is seated once more.
 */
final readonly class HostLikelihood implements Likelihood
{
    private function __construct(private int $badHost, private float $ifBad, private float $ifGood)
    {
    }

    /**
     * @param  int  $badHost mode of the host being wrong in this place
     * @param  bool  $fails  the part failed in it
     *
     * @return ?self null where nothing was said that tells
     */
    public static function of(int $badHost, HostSaid $said, bool $fails, Catalogue $catalogue): ?self
    {
        $seen = $catalogue->number('host_own_tells');
        $odd = $catalogue->number('check_noise');
        [$ifBad, $ifGood] = match ($said->own) {
            null => [1.0, 1.0],
            true => [1.0 - $seen, 1.0 - $odd],
            false => [$seen, $odd],
        };
        if ($said->again && $fails) {
            $ifBad *= 1.0 - $catalogue->number('host_again_helps');
        }

        return $ifBad === 1.0 && $ifGood === 1.0 ? null : new self($badHost, $ifBad, $ifGood);
    }

    public function given(array $faults): float
    {
        return in_array($this->badHost, $faults, true) ? $this->ifBad : $this->ifGood;
    }
}
