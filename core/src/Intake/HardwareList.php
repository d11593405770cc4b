<?php

declare(strict_types=1);

namespace Orthoscope\Core\Intake;

use JsonException;

/**
 * What the hardware list of `lshw -json` tells of a desktop. Written to its documented tree: every node has an `id`, a `class` and
 * `children`; memory banks are nodes of class memory under the one called "memory". What is missing or odd is told
 * and left open; the rest is kept.
 */
final readonly class HardwareList
{
    /** Bytes of a list that are read. Origin: judgement; a desktop's list is some hundred kilobytes. */
    public const MOST_BYTES = 4_000_000;

    /** How deep nodes are followed. */
    private const DEPTH = 40;

    /**
     * @param  ?int  $slots  memory slots
     * @param  ?int  $sticks memory sticks
     * @param  ?int  $drives disks and flash drives
     * @param  bool  $card   a graphics card in a slot
     * @param  list<string>  $problems sentences
     */
    private function __construct(
        public ?string $model,
        public ?string $serial,
        public ?string $memoryType,
        public ?string $socket,
        public ?int $slots,
        public ?int $sticks,
        public ?int $drives,
        public bool $card,
        public array $problems,
    ) {
    }

    /** @throws UnreadableList when it is no such list at all */
    public static function read(string $json): self
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw UnreadableList::tooLong();
        }
        try {
            $tree = json_decode($json, true, 512, JSON_THROW_ON_ERROR);
        } catch (JsonException $mistake) {
            throw UnreadableList::noJson($mistake->getMessage());
        }
        // Some versions write a list of one.
        $root = is_array($tree) && array_is_list($tree) ? $tree[0] ?? null : $tree;
        if (! is_array($root) || ! isset($root['id']) || ! is_string($root['class'] ?? null)) {
            throw UnreadableList::noTree();
        }

        return self::of($root);
    }

    /** @param  array<string, mixed>  $root */
    private static function of(array $root): self
    {
        $nodes = self::flat($root, 0);
        $banks = array_filter(
            $nodes,
            fn (array $node): bool => str_starts_with(self::word($node, 'id'), 'bank') && self::word($node, 'class') === 'memory',
        );
        $full = array_filter($banks, fn (array $bank): bool => (float) (is_numeric($bank['size'] ?? null) ? $bank['size'] : 0) > 0);
        $drives = array_filter(
            $nodes,
            fn (array $node): bool => in_array(self::word($node, 'class'), ['disk'], true)
                && preg_match('/^(disk|nvme|namespace)/', self::word($node, 'id')) === 1
                && self::word($node, 'id') !== 'cdrom',
        );
        $cards = array_filter($nodes, fn (array $node): bool => self::word($node, 'class') === 'display');
        $problems = [];
        if ($banks === []) {
            $problems[] = 'The list names no memory slots; count the sticks.';
        }
        if ($drives === []) {
            $problems[] = 'The list names no drive; it may not have been found when the list was made.';
        }
        $cpu = array_values(array_filter($nodes, fn (array $node): bool => self::word($node, 'class') === 'processor'))[0] ?? [];

        return new self(
            model: trim(self::word($root, 'vendor').' '.self::word($root, 'product')) ?: null,
            serial: self::word($root, 'serial') ?: null,
            memoryType: self::memoryType($full),
            socket: preg_replace('/^(CPU ?)?socket:? ?/i', '', self::word($cpu, 'slot')) ?: null,
            slots: $banks === [] ? null : count($banks),
            sticks: $banks === [] ? null : count($full),
            drives: $drives === [] ? null : count($drives),
            // A card hangs behind a bridge of the bus; graphics of the processor hang on the host bridge itself.
            card: array_filter($cards, fn (array $node): bool => ($node['depth'] ?? 0) > 3) !== [],
            problems: $problems,
        );
    }

    /**
     * @param  array<array-key, mixed>  $node
     *
     * @return list<array<array-key, mixed>>
     */
    private static function flat(array $node, int $depth): array
    {
        $nodes = [['depth' => $depth] + $node];
        foreach ($depth < self::DEPTH && is_array($node['children'] ?? null) ? $node['children'] : [] as $child) {
            if (is_array($child)) {
                array_push($nodes, ...self::flat($child, $depth + 1));
            }
        }

        return $nodes;
    }

    /** @param  array<array-key, array<string, mixed>>  $banks */
    private static function memoryType(array $banks): ?string
    {
        foreach ($banks as $bank) {
            if (preg_match('/\bDDR[1-6]?\b/i', self::word($bank, 'description'), $found) === 1) {
                return strtoupper($found[0]);
            }
        }

        return null;
    }

    /** @param  array<string, mixed>  $node */
    private static function word(array $node, string $key): string
    {
        $word = $node[$key] ?? '';

        return is_string($word) ? mb_substr(trim($word), 0, 120) : '';
    }
}
