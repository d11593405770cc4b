<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Plain\Draw;

/**
 * What breaks, how often, and what it does to a body. Frequencies are this world's own, by what the trade tells of its weeks: a third
 * is touch and seat, a fifth the supply, then memory, board, card, what is set wrong, drives, heat, and the rest. Judgement throughout; set
 * once, before the adviser was played in it.
 */
final class Defects
{
    /**
     * Name => how many of a thousand, the part at fault, and the usual repair.
     *
     * @var array<string, array{int, string, string}>
     */
    public const ALL = [
        'stick-loose' => [78, 'slot', 'reseat'],
        'slot-grime' => [22, 'slot', 'clean-contacts'],
        'card-loose' => [42, 'card-slot', 'reseat'],
        'main-plug-loose' => [18, 'main-plug', 'reseat'],
        'cpu-plug-off' => [24, 'cpu-plug', 'reseat'],
        'card-plug-off' => [20, 'card-plug', 'reseat'],
        'drive-lead-loose' => [30, 'drive-lead', 'reseat'],
        'video-lead-loose' => [26, 'video-lead', 'reseat'],
        'wall-lead-loose' => [12, 'wall-lead', 'reseat'],
        'panel-lead-off' => [16, 'panel', 'reseat'],
        'socket-contact' => [14, 'socket', 'reseat'],
        'pins' => [12, 'socket', 'straighten-pins'],
        'supply-dead' => [70, 'supply', 'replace'],
        'supply-weak' => [52, 'supply', 'replace'],
        'supply-cold' => [18, 'supply', 'replace'],
        'supply-small' => [22, 'supply', 'replace'],
        'stick-dead' => [46, 'stick', 'replace'],
        'stick-marks' => [24, 'stick', 'replace'],
        'kit' => [14, 'kit', 'replace'],
        'profile' => [12, 'settings', 'clear-settings'],
        'settings' => [40, 'settings', 'clear-settings'],
        'cell' => [22, 'cell', 'replace-cell'],
        'order' => [14, 'settings', 'set-boot-order'],
        'board-dead' => [42, 'board', 'replace'],
        'board-regulator' => [22, 'board', 'replace'],
        'board-short' => [10, 'board', 'replace'],
        'board-joint-cold' => [12, 'board', 'replace'],
        'board-joint-warm' => [12, 'board', 'replace'],
        'firmware' => [12, 'firmware', 'write-firmware'],
        'slot-dead' => [10, 'slot', 'replace'],
        'card-slot-dead' => [8, 'card-slot', 'replace'],
        'port-dead' => [10, 'drive-port', 'replace'],
        'processor-dead' => [10, 'processor', 'replace'],
        'card-dead' => [48, 'card', 'replace'],
        'card-late' => [26, 'card', 'replace'],
        'output-dead' => [8, 'output', 'replace'],
        'screen-dead' => [12, 'screen', 'replace'],
        'input' => [16, 'screen', 'set-output'],
        'misplaced' => [12, 'video-lead', 'set-output'],
        'button' => [14, 'panel', 'replace'],
        'reset' => [6, 'panel', 'replace'],
        'case-short' => [10, 'case', 'clear-short'],
        'case-touches' => [8, 'case', 'clear-short'],
        'device-short' => [14, 'devices', 'unplug-for-good'],
        'device-hangs' => [12, 'devices', 'unplug-for-good'],
        'drive-dead' => [36, 'drive', 'replace'],
        'drive-worn' => [18, 'drive', 'replace'],
        'system' => [36, 'system', 'repair-system'],
        'driver' => [16, 'system', 'repair-system'],
        'cooler-loose' => [26, 'cooler', 'repaste'],
        'cooler-fan' => [18, 'cooler', 'replace-fan'],
        'case-fans' => [10, 'case-fans', 'clean-inside'],
        'switched-off' => [10, 'wall-lead', 'switch-on'],
        'socket-at-home' => [8, 'wall-socket', 'advise'],
    ];

    /** @return ?string the part at fault; null where this machine has none that could be */
    public static function into(Body $body, string $defect, Draw $draw): ?string
    {
        $kind = self::ALL[$defect][1];
        $parts = array_column($body->machine->ofKind($kind), 'id');
        if ($kind === 'slot') {
            $parts = array_values(array_unique(array_values($body->machine->slots)));
        }
        if ($parts === [] || ($defect === 'kit' && count($body->machine->ofKind('stick')) < 2)) {
            return null;
        }
        $part = $draw->oneOf($parts);
        $stick = (string) (array_search($part, $body->machine->slots, true) ?: 'stick-1');
        $low = 0.05 + 0.3 * $draw->unit();
        $between = 0.3 + 0.35 * $draw->unit();
        $gone = $draw->happens(0.7) ? 1.0 : 0.4 + 0.3 * $draw->unit();
        match ($defect) {
            'stick-loose' => $body->loose["seat {$stick}"] = $gone,
            'slot-grime' => [$body->loose["seat {$stick}"] = 0.4 + 0.4 * $draw->unit(), $body->dirty["seat {$stick}"] = true,
                $body->wrong["grime {$part}"] = true],
            'card-loose' => $body->loose['card-seat'] = $gone,
            'main-plug-loose' => $body->loose['main-plug'] = 0.4 + 0.5 * $draw->unit(),
            'cpu-plug-off' => $body->loose['cpu-plug'] = $gone,
            'card-plug-off' => $body->loose['card-plug'] = $gone,
            'drive-lead-loose' => $body->loose['drive-lead'] = $gone,
            'video-lead-loose' => $body->loose['video-lead'] = $gone,
            'wall-lead-loose' => $body->loose['wall-lead'] = $gone,
            'panel-lead-off' => $body->loose['panel'] = 1.0,
            'socket-contact' => $body->loose['socket'] = 0.35 + 0.4 * $draw->unit(),
            'pins' => self::pins($body, $draw),
            'supply-dead' => $draw->happens(0.6) ? $body->good['standby'] = 0.0 : $body->good['supply'] = $low,
            'supply-weak' => $body->good['supply'] = $between,
            'supply-cold' => [$body->good['supply'] = 0.72, $body->needsWarmth['supply'] = 44.0],
            'supply-small' => $body->spareWatts = -20.0 - 60.0 * $draw->unit(),
            'stick-dead' => $body->good[$part] = $low,
            'stick-marks' => $body->good["marks {$part}"] = 0.25 + 0.35 * $draw->unit(),
            'kit', 'profile', 'settings', 'order', 'input', 'misplaced', 'reset', 'switched-off',
            'socket-at-home' => $body->wrong[$defect] = true,
            'cell' => $body->good['cell'] = 0.1 + 0.25 * $draw->unit(),
            'board-dead' => $body->good[$draw->oneOf(['board', 'board', 'standby-logic'])] = $low,
            'card-slot-dead' => $body->good['card-slot'] = $low,
            'port-dead' => $body->good['port'] = $low,
            'board-regulator' => $body->good['regulator'] = $draw->happens(0.7) ? $low : $between,
            'board-short' => $body->shorted['board'] = true,
            'board-joint-cold' => [$body->good['joint'] = 0.8, $body->needsWarmth['joint'] = 40.0 + 20.0 * $draw->unit()],
            'board-joint-warm' => [$body->good['joint'] = 0.76, $body->needsCool['joint'] = 24.0 + 12.0 * $draw->unit()],
            'firmware' => $body->good['firmware'] = 0.0,
            'slot-dead' => $body->good[$part] = 0.0,
            'processor-dead' => $body->good[$draw->oneOf(['processor', 'processor', 'memory-side'])] = $low,
            'card-dead' => $body->good['card'] = $draw->happens(0.8) ? $low : $between,
            'card-late' => $body->good['card-memory'] = 0.2 + 0.3 * $draw->unit(),
            'output-dead' => $body->good['output'] = 0.0,
            'screen-dead' => $body->good['screen'] = 0.0,
            'button' => $body->good['button'] = $draw->happens(0.5) ? 0.0 : $between,
            'case-short' => $body->shorted['case'] = true,
            'case-touches' => $body->wrong['touches'] = true,
            'device-short' => $body->shorted['devices'] = true,
            'device-hangs' => $body->wrong['hangs'] = true,
            'drive-dead' => $body->good[$body->machine->ofKind('drive')[0]->id] = $low,
            'drive-worn' => $body->good['surface'] = $between,
            'system' => $body->good['system'] = $draw->happens(0.6) ? 0.0 : $between,
            'driver' => $body->wrong[$draw->happens(0.4) ? 'driver' : 'driver-crash'] = true,
            'cooler-loose' => $body->good['cooler'] = 0.2 + 0.35 * $draw->unit(),
            'cooler-fan' => $body->good['cooler-fan'] = 0.2,
            'case-fans' => $body->good['case-fan'] = 0.1,
            default => null,
        };
        $at = $kind === 'drive' ? $body->machine->ofKind('drive')[0]->id : $part;
        $body->had[$at] = true;

        return $at;
    }

    /** @return true */
    private static function pins(Body $body, Draw $draw): bool
    {
        $body->wrong['pins'] = true;
        if ($draw->happens(0.5)) {
            $body->wrong['channel '.$draw->oneOf($body->machine->channels())] = true;
        } else {
            $body->loose['socket'] = 0.5 + 0.5 * $draw->unit();
        }

        return true;
    }
}
