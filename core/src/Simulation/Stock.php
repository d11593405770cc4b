<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Plain\Draw;

/** The machines that come in: a spread of shapes, invented. */
final class Stock
{
    /** @return array<string, mixed> the "machine" of a case file */
    public static function machine(Draw $draw): array
    {
        $slots = $draw->oneOf([['A1', 'B1'], ['A2', 'B2'], ['A1', 'A2', 'B1', 'B2']]);
        $sticks = match (count($slots)) {
            2 => $draw->oneOf([$slots, $slots, [$slots[0]]]),
            default => $draw->oneOf([['A2', 'B2'], ['A2', 'B2'], $slots]),
        };
        $card = $draw->happens(0.6);

        return [
            'memory' => ['slots' => $slots, 'sticks' => $sticks],
            'card' => $card,
            'card_plug' => $draw->happens(0.7),
            'drives' => $draw->oneOf([1, 1, 2]),
            'add_in' => $draw->happens(0.15),
            'facts' => [
                'own_graphics' => ! $card || $draw->happens(0.5),
                'status_lamps' => $draw->happens(0.5),
                'speaker' => $draw->happens(0.35),
                'code_display' => $draw->happens(0.15),
            ],
        ];
    }
}
