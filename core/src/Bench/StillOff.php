<?php

declare(strict_types=1);

namespace Orthoscope\Core\Bench;

use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Tally;

/** One thing that was taken off or turned off and is not back yet. */
final readonly class StillOff
{
    /** @param  int  $count how many, from 1 */
    private function __construct(public string $what, public string $item, public int $count)
    {
    }

    /** @return list<self> in the order they came off */
    public static function in(Record $record): array
    {
        $off = [];
        foreach ($record->all(Tally::class) as $tally) {
            $key = $tally->what.' '.mb_strtolower($tally->item);
            $before = $off[$key] ?? new self($tally->what, $tally->item, 0);
            $off[$key] = new self($tally->what, $before->item, max(0, $before->count + ($tally->way === Tally::OFF ? $tally->count : -$tally->count)));
        }

        return array_values(array_filter($off, fn (self $one): bool => $one->count > 0));
    }

    /** "4 screws: board", "plug: 24-pin". */
    public function words(): string
    {
        return ($this->count > 1 ? "{$this->count} " : '').Tally::KINDS[$this->what].": {$this->item}";
    }
}
