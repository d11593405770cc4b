<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use Orthoscope\Core\Intake\HardwareList;

/** What a machine is made of, from what the counter typed and what a hardware list says; the list comes first where it knows. */
final class MachineFacts
{
    private const SLOTS = [1 => ['A1'], 2 => ['A2', 'B2'], 4 => ['A1', 'A2', 'B1', 'B2']];

    /** Slots and sticks => the slots that are filled, as boards ask for it. */
    private const FILLED = [
        1 => [1 => ['A1']],
        2 => [1 => ['A2'], 2 => ['A2', 'B2']],
        4 => [1 => ['A2'], 2 => ['A2', 'B2'], 3 => ['A1', 'A2', 'B2'], 4 => ['A1', 'A2', 'B1', 'B2']],
    ];

    /** @return array<string, mixed> the machine, as in a case file */
    public static function of(Request $request, ?HardwareList $list): array
    {
        $from = $request->string('picture_from')->toString();
        $facts = (array) $request->input('facts', []);
        $slots = isset(self::SLOTS[$list->slots ?? 0]) ? (int) $list?->slots : $request->integer('slots');
        $sticks = min($slots, max(1, $list->sticks ?? $request->integer('sticks')));

        return [
            'model' => trim($request->string('model')->toString()),
            'memory' => ['slots' => self::SLOTS[$slots], 'sticks' => self::FILLED[$slots][$sticks]],
            // A card that is dead is not listed, so a list can only add one.
            'card' => $from !== 'own' || $list?->card === true,
            'drives' => min(4, $list->drives ?? $request->integer('drives')),
            'facts' => [
                'own_graphics' => $from !== 'card',
                'status_lamps' => in_array('status_lamps', $facts, true),
                'speaker' => in_array('speaker', $facts, true),
                'code_display' => in_array('code_display', $facts, true),
            ],
            'platform' => (object) array_filter([
                'memory' => strtoupper($request->string('memory_type')->trim()->toString()) ?: $list?->memoryType,
                'socket' => strtoupper($request->string('socket')->trim()->toString()) ?: strtoupper((string) $list?->socket),
                'serial' => $list->serial ?? $request->string('serial')->trim()->toString(),
            ]),
        ];
    }
}
