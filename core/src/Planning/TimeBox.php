<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Evidence\Record;

/**
 * How much work has gone into a job, how much is still to be expected, and where going on costs more than the other ways out:
 * board, processor and memory exchanged together, another part where one came alone, or what the owner agreed to spend.
 */
final readonly class TimeBox
{
    private const AGREED = 'what the owner agreed to spend';

    /**
     * @param  int  $spent  bench minutes so far
     * @param  ?int  $left   expected bench minutes still to go, parts counted in as the minutes their price is worth; null before the
     *     first start, when it is anybody's guess
     * @param  int  $box    minutes at which another way out costs the same
     * @param  string  $instead what that other way is
     */
    private function __construct(public int $spent, public ?int $left, public int $box, public string $instead)
    {
    }

    /** @param  ?int  $limit what the owner agreed to spend, in minor units of money; null = nothing agreed */
    public static function of(Record $record, Machine $machine, Advice $advice, Catalogue $catalogue, ?int $limit = null): self
    {
        $rate = $catalogue->number('money_per_minute');
        $boxes = self::otherWay($machine, $catalogue, $rate);
        if ($limit !== null) {
            $boxes[self::AGREED] = $limit / $rate;
        }
        $box = min($boxes);

        return new self(
            Spent::minutes($record, $catalogue),
            $record->lastStart() === null ? null : (int) round($advice->remaining),
            (int) round($box),
            (string) array_search($box, $boxes, true),
        );
    }

    /**
     * What ends it without going on: the platform exchanged, or of a part that came alone, another one.
     *
     * @return non-empty-array<string, float> in words => minutes
     */
    private static function otherWay(Machine $machine, Catalogue $catalogue, float $rate): array
    {
        if ($machine->alone !== null) {
            return ['another one of its kind' => $catalogue->part($machine->alone)->price / $rate];
        }
        $platform = $catalogue->economy->platform;
        $price = $platform->priceOf(array_column($machine->parts, 'kind'));

        return ['board, processor and memory exchanged together' => $price / $rate + $platform->minutes];
    }

    /** Whether what is still to be expected costs more than the other way out: what is spent is spent either way. */
    public function isOver(): bool
    {
        $pastTheLimit = $this->instead === self::AGREED && $this->spent + (int) $this->left > $this->box;

        return $this->left !== null && ($this->left > $this->box || $pastTheLimit);
    }

    /** One sentence: where it stands. */
    public function sentence(): string
    {
        return match (true) {
            $this->left !== null && $this->left > $this->box => "Going on is likely to take {$this->left} min, parts counted in at "
                ."what they cost; {$this->instead} comes to {$this->box}. Stop and ask the owner before going on.",
            $this->isOver() => "{$this->spent} min are on it and {$this->left} more are likely, parts counted in: that goes past "
                ."{$this->instead}, {$this->box} min. Stop and ask the owner before going on.",
            default => "Up to {$this->box} min, parts counted in at what they cost, going on is cheaper than the other way: "
                ."{$this->instead}. Past that, stop and ask.",
        };
    }
}
