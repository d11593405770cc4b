<?php

declare(strict_types=1);

namespace Orthoscope\Core\Why;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Evidence\Record;

/** How belief in every part moved, entry by entry, as it stood then: what was struck out later counts until it was. */
final readonly class BeliefCourse
{
    /** Belief, 0 to 1, by which an entry must move a part to be said to move it. */
    private const MOVES = 0.01;

    /** @param  array<int, PartBelief>  $at number of an entry => what was believed after it; 0 = before anything was written down */
    private function __construct(public array $at)
    {
    }

    public static function of(Adviser $adviser, Record $record): self
    {
        $at = [0 => PartBelief::by($adviser->replay($record->upTo(0)))];
        foreach ($record->entries as $entry) {
            $at[$entry->number] = PartBelief::by($adviser->replay($record->upTo($entry->number)));
        }

        return new self($at);
    }

    /** @return array<int, float> entry => belief in one part, 0 to 1 */
    public function ofPart(string $part): array
    {
        return array_map(fn (PartBelief $then): float => $then->of[$part] ?? 0.0, $this->at);
    }

    /** The entry that moved belief in a part most, in odds; null where none moved it. */
    public function mover(string $part): ?int
    {
        $mover = null;
        $most = self::MOVES;
        $before = null;
        foreach ($this->ofPart($part) as $entry => $p) {
            $move = $before === null || abs($p - $before) < self::MOVES ? 0.0 : abs(Odds::log($p) - Odds::log($before));
            if ($move > $most) {
                [$mover, $most] = [$entry, $move];
            }
            $before = $p;
        }

        return $mover;
    }

    /**
     * What one entry did to all parts.
     *
     * @return array<string, array{float, float}> part => before and after, those that moved most first
     */
    public function moves(int $entry): array
    {
        $numbers = array_keys($this->at);
        $place = array_search($entry, $numbers, true);
        if ($place === false || $place === 0) {
            return [];
        }
        [$before, $after] = [$this->at[$numbers[$place - 1]], $this->at[$entry]];
        $moves = [];
        foreach ($after->of as $part => $p) {
            if (abs($p - $before->of[$part]) >= self::MOVES) {
                $moves[$part] = [$before->of[$part], $p];
            }
        }
        uasort($moves, fn (array $a, array $b): int => abs($b[1] - $b[0]) <=> abs($a[1] - $a[0]));

        return $moves;
    }
}
