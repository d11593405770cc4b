<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical\Sizing;

use InvalidArgumentException;

/** What is printed on a power supply: watts in all, amperes on 12 V, and the plugs it has. */
final readonly class SupplyUnit
{
    /**
     * @param  float  $watts  in all, 50 to 3000
     * @param  float  $amps12 on 12 V, all its rails together; 1 to 250
     * @param  array<string, int>  $plugs kind of plug => how many it has
     */
    private function __construct(public float $watts, public float $amps12, public array $plugs)
    {
    }

    /** @param  array<string, int>  $plugs one of CardPower::PLUGS => how many */
    public static function of(float $watts, float $amps12, array $plugs = []): self
    {
        if ($watts < 50.0 || $watts > 3000.0) {
            throw new InvalidArgumentException('The watts on the label of a desktop supply lie between 50 and 3000.');
        }
        if ($amps12 < 1.0 || $amps12 > 250.0) {
            throw new InvalidArgumentException(
                'The amperes on 12 V lie between 1 and 250; add the rails up as the label says they may be.',
            );
        }

        return new self($watts, $amps12, $plugs);
    }

    /** Watts it can give on 12 V: Ohm's law, and never more than in all. */
    public function watts12(): float
    {
        return min($this->watts, 12.0 * $this->amps12);
    }
}
