<?php

declare(strict_types=1);

namespace Orthoscope\Core\Bench;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Tally;

/** One thing that was taken off or turned off and is not back yet. */
final readonly class StillOff
{
    /** @param  int  $count how many, from 1 */
    private function __construct(public string $what, public string $item, public int $count)
    {
    }

    /**
     * What came off, what was done only for now, and what a new board asks for.
     *
     * @return list<self> in the order they came off
     */
    public static function in(Record $record, Catalogue $catalogue): array
    {
        $off = [];
        foreach ($record->inForce as $entry) {
            if ($entry instanceof ActDone && ! $entry->begun) {
                foreach (self::askedBy($entry, $catalogue) as [$what, $item]) {
                    $off[$what.' '.mb_strtolower($item)] = new self($what, $item, 1);
                }
            }
            if (! ($entry instanceof Tally)) {
                continue;
            }
            $tally = $entry;
            $key = $tally->what.' '.mb_strtolower($tally->item);
            $before = $off[$key] ?? new self($tally->what, $tally->item, 0);
            $off[$key] = new self(
                $tally->what,
                $before->item,
                max(0, $before->count + ($tally->way === Tally::OFF ? $tally->count : -$tally->count)),
            );
        }

        return array_values(array_filter($off, fn (self $one): bool => $one->count > 0));
    }

    /** @return list<array{string, string}> */
    private static function askedBy(ActDone $act, Catalogue $catalogue): array
    {
        $asked = $act->temporary === '' ? [] : [['temporary', $act->temporary]];
        foreach ($act->with === null ? [] : $catalogue->proving->aftercare as $care) {
            if (array_intersect($care->after, $act->on) !== []) {
                $asked[] = ['aftercare', $care->item];
            }
        }

        return $asked;
    }

    /** "4 screws: board", "plug: 24-pin". */
    public function words(): string
    {
        return ($this->count > 1 ? "{$this->count} " : '').Tally::KINDS[$this->what].": {$this->item}";
    }
}
