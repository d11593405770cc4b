<?php

declare(strict_types=1);

namespace Orthoscope\Core\Chain;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\UnknownWord;
use Orthoscope\Core\SetUp\SetUp;

/** A desktop as it came in: which parts it has, where the sticks sit, and the facts that decide what its signs mean. */
final readonly class Machine
{
    /** @var array<string, list<Part>> */
    private array $byKind;

    public const FACTS = ['own_graphics', 'status_lamps', 'speaker', 'code_display'];

    /**
     * @param  array<string, Part>  $parts by id, in the order of the chain
     * @param  array<string, string>  $slots stick id => slot id
     * @param  array<string, bool>  $facts see FACTS
     * @param  array<string, string>  $platform what spares must match, such as "memory" => "DDR4" or "socket"
     * @param  array<string, array<string, array<string, float>>>  $boardSigns sign channel => stage not reached => value => share, where this board differs from others
     */
    private function __construct(public string $model, public array $parts, public array $slots, public array $facts, public array $platform, public array $boardSigns)
    {
        $byKind = [];
        foreach ($parts as $part) {
            $byKind[$part->kind->id][] = $part;
        }
        $this->byKind = $byKind;
    }

    /**
     * @param  array<string, mixed>  $given the "machine" of a case file
     *
     * @throws MachineMistake when the facts do not make a machine
     */
    public static function fromArray(array $given, Catalogue $catalogue): self
    {
        $memory = $given['memory'] ?? [];
        $slots = $memory['slots'] ?? ['A2', 'B2'];
        $sticks = $memory['sticks'] ?? $slots;
        $facts = [];
        foreach (self::FACTS as $fact) {
            $facts[$fact] = (bool) ($given['facts'][$fact] ?? false);
        }
        $hasCard = (bool) ($given['card'] ?? true);
        if (! $hasCard && ! $facts['own_graphics']) {
            throw MachineMistake::noPictureSource();
        }
        $placed = self::placeSticks(array_values($sticks), array_values($slots));
        $driveCount = (int) ($given['drives'] ?? 1);
        $count = [
            'stick' => count($sticks), 'slot' => count($slots), 'drive' => $driveCount,
            'card' => (int) $hasCard, 'card-slot' => (int) $hasCard, 'card-plug' => (int) ($hasCard && ($given['card_plug'] ?? true)),
            'output' => (int) $hasCard, 'drive-lead' => min(1, $driveCount), 'drive-port' => min(1, $driveCount), 'system' => min(1, $driveCount),
            'kit' => (int) (count($sticks) > 1), 'add-in' => (int) ($given['add_in'] ?? false),
        ];
        $names = $given['names'] ?? [];
        $parts = [];
        foreach ($catalogue->parts as $kind) {
            $labels = self::labels($kind->id, $count[$kind->id] ?? ($kind->shelfOnly ? 0 : 1), array_values($slots));
            foreach ($labels as $id => $suffix) {
                $parts[$id] = new Part($id, $kind, $names[$id] ?? trim("{$kind->name} {$suffix}"));
            }
        }
        foreach (array_keys($names) as $named) {
            if (! isset($parts[$named])) {
                throw MachineMistake::because(UnknownWord::sentence('part of this machine', (string) $named, array_keys($parts)));
            }
        }

        return new self((string) ($given['model'] ?? ''), $parts, $placed, $facts, array_filter($given['platform'] ?? []), self::boardSigns($given['board_signs'] ?? [], $catalogue));
    }

    public function part(string $id): Part
    {
        return $this->parts[$id] ?? throw MachineMistake::because(UnknownWord::sentence('part of this machine', $id, array_keys($this->parts)));
    }

    public function has(string $id): bool
    {
        return isset($this->parts[$id]);
    }

    /** @return list<Part> */
    public function ofKind(string $kind): array
    {
        return $this->byKind[$kind] ?? [];
    }

    /**
     * Ids of the parts a word means: a part's own id, or every part of a kind.
     *
     * @return list<string>
     */
    public function meant(string $word): array
    {
        return isset($this->parts[$word]) ? [$word] : array_column($this->ofKind($word), 'id');
    }

    /** The slot a stick sits in under a set-up, or null while it is out. */
    public function slotOf(string $stick, SetUp $setUp): ?string
    {
        return $setUp->isOut($stick) ? null : ($setUp->moved[$stick] ?? $this->slots[$stick] ?? null);
    }

    /** The memory channel of a slot: the letter its label begins with. */
    public static function channelOf(string $slot): string
    {
        return substr($slot, strlen('slot-'), 1);
    }

    /** @return list<string> the letters of the memory channels of the board */
    public function channels(): array
    {
        return array_values(array_unique(array_map(fn (Part $slot): string => self::channelOf($slot->id), $this->ofKind('slot'))));
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @return array<string, array<string, array<string, float>>>
     */
    private static function boardSigns(array $given, Catalogue $catalogue): array
    {
        foreach ($given as $channel => $rows) {
            $values = array_map(strval(...), array_keys($catalogue->sign((string) $channel)->values));
            foreach ($rows as $stop => $row) {
                if (! in_array($stop, [...$catalogue->stageIds, 'none'], true)) {
                    throw MachineMistake::because(UnknownWord::sentence('stage', (string) $stop, $catalogue->stageIds));
                }
                foreach ($row as $value => $share) {
                    if (! in_array((string) $value, $values, true)) {
                        throw MachineMistake::because(UnknownWord::sentence($catalogue->sign((string) $channel)->name, (string) $value, $values));
                    }
                }
                if (array_sum($row) > 1.0 + 1e-9) {
                    throw MachineMistake::because("The shares of {$channel} at {$stop} add up to more than one.");
                }
            }
        }

        return $given;
    }

    /**
     * @param  list<string>  $slots
     *
     * @return array<string, string> part id => what follows the kind's name
     */
    private static function labels(string $kind, int $count, array $slots): array
    {
        $labels = [];
        for ($i = 1; $i <= $count; $i++) {
            match (true) {
                $kind === 'slot' => $labels["slot-{$slots[$i - 1]}"] = $slots[$i - 1],
                $kind === 'stick' => $labels["stick-{$i}"] = (string) $i,
                $kind === 'drive' && $count > 1 => $labels["drive-{$i}"] = (string) $i,
                default => $labels[$kind] = '',
            };
        }

        return $labels;
    }

    /**
     * @param  list<string>  $sticks slot label of each stick
     * @param  list<string>  $slots
     *
     * @return array<string, string>
     */
    private static function placeSticks(array $sticks, array $slots): array
    {
        $placed = [];
        foreach ($sticks as $i => $slot) {
            if (! in_array($slot, $slots, true)) {
                throw MachineMistake::because(UnknownWord::sentence('memory slot of this machine', (string) $slot, $slots));
            }
            $id = 'slot-'.$slot;
            if (in_array($id, $placed, true)) {
                throw MachineMistake::because("Slot {$slot} holds two sticks; give each stick a slot of its own.");
            }
            $placed['stick-'.($i + 1)] = $id;
        }

        return $placed;
    }
}
