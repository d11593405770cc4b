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
     * @param  array<string, string>  $models kind of part => its model, of those it names
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
        public array $models,
        public ?string $firmware,
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
            models: self::models($nodes, $full, $drives, $cards),
            firmware: self::word(self::first($nodes, fn (array $node): bool => self::word($node, 'id') === 'firmware'), 'version') ?: null,
        );
    }

    /**
     * @param  list<array<array-key, mixed>>  $nodes
     * @param  array<array-key, array<array-key, mixed>>  $banks that hold a stick
     * @param  array<array-key, array<array-key, mixed>>  $drives
     * @param  array<array-key, array<array-key, mixed>>  $cards
     *
     * @return array<string, string>
     */
    private static function models(array $nodes, array $banks, array $drives, array $cards): array
    {
        $by = fn (string $key, string $word): array => self::first($nodes, fn (array $node): bool => self::word($node, $key) === $word);

        return array_filter(array_map(self::named(...), [
            'board' => $by('id', 'core'),
            'processor' => $by('class', 'processor'),
            'supply' => $by('class', 'power'),
            'stick' => array_values($banks)[0] ?? [],
            'drive' => array_values($drives)[0] ?? [],
            'card' => self::first(array_values($cards), fn (array $node): bool => ($node['depth'] ?? 0) > 3),
        ]));
    }

    /** @param  array<array-key, mixed>  $node */
    private static function named(array $node): string
    {
        $product = self::word($node, 'product');
        $vendor = self::word($node, 'vendor');
        $blank = '/^(to be filled|default string|not specified|unknown|none|\[empty\])/i';
        if ($product === '' || preg_match($blank, $product) === 1) {
            return '';
        }

        return mb_substr($vendor === '' || preg_match($blank, $vendor) === 1 ? $product : "{$vendor} {$product}", 0, 80);
    }

    /**
     * @param  list<array<array-key, mixed>>  $nodes
     * @param  callable(array<array-key, mixed>): bool  $is
     *
     * @return array<array-key, mixed> empty where there is none
     */
    private static function first(array $nodes, callable $is): array
    {
        return array_values(array_filter($nodes, $is))[0] ?? [];
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
