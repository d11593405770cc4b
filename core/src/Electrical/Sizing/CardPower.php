<?php

declare(strict_types=1);

namespace Orthoscope\Core\Electrical\Sizing;

/** What a graphics card may draw by its slot and its plugs. Source: PCI-SIG Card Electromechanical Specification, from memory. */
final class CardPower
{
    public const SLOT = 75.0;

    /** Plug => watts it is specified for. */
    public const PLUGS = ['6-pin' => 75.0, '8-pin' => 150.0];

    /**
     * The most that a card with these plugs is meant to draw.
     *
     * @param  array<string, int>  $plugs one of PLUGS => how many
     */
    public static function most(array $plugs): float
    {
        $watts = self::SLOT;
        foreach ($plugs as $plug => $count) {
            $watts += self::PLUGS[$plug] * $count;
        }

        return $watts;
    }
}
