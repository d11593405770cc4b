<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use InvalidArgumentException;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Electrical\Sizing\CardPower;
use Orthoscope\Core\Electrical\Sizing\Load;
use Orthoscope\Core\Electrical\Sizing\SupplySizing;
use Orthoscope\Core\Electrical\Sizing\SupplyUnit;

/** What the parts of a machine draw, and whether its supply gives it, from the facts that were read off labels. */
final readonly class PowerSum
{
    /** @param  list<Load>  $loads */
    private function __construct(private Machine $machine, private array $loads)
    {
    }

    /** Null where the watts of the processor, or of a card that is fitted, are not known. */
    public static function of(Machine $machine): ?self
    {
        $facts = $machine->platform;
        $card = $machine->has('card');
        if (! isset($facts['processor-watts']) || ($card && ! isset($facts['card-watts']) && ! isset($facts['card-plugs']))) {
            return null;
        }
        try {
            $loads = [
                $machine->draws->processor((float) $facts['processor-watts']),
                $machine->draws->rest(count($machine->ofKind('stick')), count($machine->ofKind('drive'))),
            ];
            if ($card) {
                $watts = isset($facts['card-watts']) ? (float) $facts['card-watts'] : null;
                $loads[] = $machine->draws->card($watts, self::plugs($machine->said('card-plugs')));
            }
        } catch (InvalidArgumentException) {
            return null;
        }

        return new self($machine, $loads);
    }

    /** Steady, of all parts at work, in watts. */
    public function watts(): float
    {
        return array_sum(array_map(static fn (Load $load): float => $load->watts, $this->loads));
    }

    /** Steady, on 12 V, in amperes. */
    public function amps12(): float
    {
        return array_sum(array_map(static fn (Load $load): float => $load->watts * $load->share12, $this->loads)) / 12.0;
    }

    /** Against what is printed on its own supply; null where that was not read. */
    public function againstItsSupply(): ?SupplySizing
    {
        $facts = $this->machine->platform;
        if (! isset($facts['supply-watts'], $facts['supply-amps12'])) {
            return null;
        }
        // Plugs nobody read off the supply are not missing for that.
        $plugs = isset($facts['supply-plugs'])
                ? self::plugs($this->machine->said('supply-plugs'))
                : array_map(static fn (): int => 99, CardPower::PLUGS);
        try {
            return SupplySizing::of(SupplyUnit::of((float) $facts['supply-watts'], (float) $facts['supply-amps12'], $plugs), $this->loads);
        } catch (InvalidArgumentException) {
            return null;
        }
    }

    /**
     * "8-pin, 8-pin" or "2 x 8-pin" as so many of each.
     *
     * @param  list<string>  $words
     *
     * @return array<string, int> one of CardPower::PLUGS => how many
     */
    private static function plugs(array $words): array
    {
        $plugs = [];
        foreach ($words as $word) {
            preg_match('/^(?:(\d)\s*[x×]\s*)?([68])[ -]?pin$/iu', trim($word), $found);
            if ($found !== []) {
                $plugs["{$found[2]}-pin"] = ($plugs["{$found[2]}-pin"] ?? 0) + max(1, (int) $found[1]);
            }
        }

        return $plugs;
    }
}
