<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use InvalidArgumentException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Electrical\Quantity;
use Orthoscope\Core\Intake\HardwareList;

/** What a machine is made of, from what the counter typed and what a hardware list says; the list comes first where it knows. */
final class MachineFacts
{
    /** How many slots => their labels, as boards print them. */
    public const SLOTS = [1 => ['A1'], 2 => ['A2', 'B2'], 4 => ['A1', 'A2', 'B1', 'B2']];

    /** Slots and sticks => the slots that are filled, as boards ask for it. */
    private const FILLED = [
        1 => [1 => ['A1']],
        2 => [1 => ['A2'], 2 => ['A2', 'B2']],
        4 => [1 => ['A2'], 2 => ['A2', 'B2'], 3 => ['A1', 'A2', 'B2'], 4 => ['A1', 'A2', 'B1', 'B2']],
    ];

    /** Kinds of part whose models are asked at the counter; the page of the machine asks all. */
    public const MODELS = ['board', 'processor', 'stick', 'card', 'supply', 'cooler'];

    /** @return array<string, mixed> the machine, as in a case file */
    public static function of(Request $request, ?HardwareList $list): array
    {
        if ($request->filled('alone')) {
            return self::alone($request);
        }
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
                ...self::models($request),
                ...$list->models ?? [],
                'firmware' => $list?->firmware,
                'memory' => strtoupper($request->string('memory_type')->trim()->toString()) ?: $list?->memoryType,
                'socket' => strtoupper($request->string('socket')->trim()->toString()) ?: strtoupper((string) $list?->socket),
                'serial' => $list->serial ?? $request->string('serial')->trim()->toString(),
                'uses' => implode(', ', array_filter((array) $request->input('uses', []), is_string(...))),
            ]),
            'at_home' => StayedHome::of($request),
        ];
    }

    /** @return array<string, string> kind of part => model, as its label says */
    private static function models(Request $request): array
    {
        $models = [];
        foreach (self::MODELS as $kind) {
            $models[$kind] = $request->string("parts.{$kind}")->trim()->toString();
        }

        return $models;
    }

    /**
     * A part that came without a machine: all else is a good machine of the shop's.
     *
     * @return array<string, mixed>
     */
    private static function alone(Request $request): array
    {
        $kind = $request->string('alone')->toString();
        $model = trim($request->string('model')->toString());
        $facts = array_filter([
            $kind => $model,
            'memory' => strtoupper($request->string('memory_type')->trim()->toString()),
            'socket' => strtoupper($request->string('socket')->trim()->toString()),
            'serial' => $request->string('serial')->trim()->toString(),
        ]);

        return [
            'model' => $model,
            'alone' => $kind,
            'memory' => ['slots' => self::SLOTS[2], 'sticks' => self::FILLED[2][$kind === 'stick' ? 1 : 2]],
            'card' => true,
            'drives' => 1,
            'facts' => ['own_graphics' => false, 'status_lamps' => false, 'speaker' => false, 'code_display' => false],
            ...$facts === [] ? [] : ['platform' => $facts],
        ];
    }

    /**
     * @param  array<string, mixed>  $was the "machine" of a case file
     *
     * @return array<string, mixed> the same, with what the page of the machine says of it
     */
    public static function corrected(array $was, MachineRequest $request, Catalogue $catalogue): array
    {
        $from = $request->string('picture_from')->toString();
        $slots = self::SLOTS[$request->integer('slots')];
        $ticked = (array) $request->input('facts', []);
        $platform = (array) ($was['platform'] ?? []);
        foreach (array_merge(...array_values($catalogue->shelf->ofMachine)) as $fact) {
            $typed = $request->string("platform.{$fact}")->trim()->toString();
            $unit = $catalogue->shelf->units[$fact] ?? null;
            $platform[$fact] = $unit === null ? $typed : self::number($typed, $unit);
        }
        $platform['serial'] = $request->string('serial')->trim()->toString();
        $platform['uses'] = implode(', ', (array) $request->input('uses', []));

        $platform = array_filter($platform, static fn (mixed $value): bool => $value !== '');

        return [
            ...array_diff_key($was, ['platform' => true]),
            'model' => trim($request->string('model')->toString()),
            'memory' => ['slots' => $slots, 'sticks' => array_values(array_intersect($slots, $request->sticksIn()))],
            'card' => $from !== 'own',
            'drives' => $request->integer('drives'),
            'facts' => [
                'own_graphics' => $from !== 'card',
                'status_lamps' => in_array('status_lamps', $ticked, true),
                'speaker' => in_array('speaker', $ticked, true),
                'code_display' => in_array('code_display', $ticked, true),
            ],
            'at_home' => array_values(array_intersect(array_keys(Machine::MAY_STAY), (array) $request->input('at_home', []))),
            // A map without entries would be written as a list.
            ...$platform === [] ? [] : ['platform' => $platform],
        ];
    }

    /**
     * A number as it is kept: without its unit, empty where nothing was typed.
     *
     * @throws InvalidArgumentException with a sentence that says what to type
     */
    public static function number(string $typed, string $unit): string
    {
        if (trim($typed) === '') {
            return '';
        }
        $number = in_array($unit, ['W', 'A'], true)
                ? Quantity::parse($typed, $unit)
                : (float) str_replace(',', '.', (string) preg_replace('/\s*(mm|years?)\s*$/i', '', $typed));
        if ($number <= 0.0 || $number > 5000.0) {
            throw new InvalidArgumentException("Type a number in {$unit} above 0, such as 65.");
        }

        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
