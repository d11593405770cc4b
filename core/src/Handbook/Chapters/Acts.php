<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook\Chapters;

use Orthoscope\Core\Catalogue\Act;
use Orthoscope\Core\Handbook\Item;
use Orthoscope\Core\Handbook\Page;
use Orthoscope\Core\Handbook\Passage;

/** Each act: what it cures and how often, what it takes and what it leaves. */
final class Acts extends Chapter
{
    public function pages(): iterable
    {
        foreach ($this->catalogue->acts as $act) {
            yield new Page('act', $act->id, ucfirst($act->name), 'To the owner: “we '.$this->plain($act).'”.', [
                new Passage('What it cures', $this->cures($act)),
                new Passage('What it takes', array_values(array_filter([
                    new Item('Minutes at the bench', value: (string) $act->minutes),
                    $act->buysPart ? new Item('The price of the part comes on top') : null,
                    $act->limit === null ? null : new Item("What it leaves: {$act->limit}"),
                ]))),
                new Passage('Steps that do it', $this->steps($act)),
                new Passage('Locks it ends', $this->locks($act)),
            ], $act->caution);
        }
    }

    private function plain(Act $act): string
    {
        return str_replace('{part}', 'the part', $act->plain);
    }

    /** @return list<Item> */
    private function cures(Act $act): array
    {
        $items = [];
        foreach ($this->catalogue->faults as $fault) {
            if (isset($fault->cures[$act->id])) {
                $items[] = $this->faultItem($fault->id, self::percent($fault->cures[$act->id]));
            }
        }

        return $items;
    }

    /** @return list<Item> */
    private function steps(Act $act): array
    {
        $items = [];
        foreach ($this->catalogue->steps as $step) {
            $step->act === $act->id && $items[] = $this->stepItem($step->id);
        }

        return $items;
    }

    /** @return list<Item> */
    private function locks(Act $act): array
    {
        $items = [];
        foreach ($this->catalogue->locks as $lock) {
            $ends = array_filter($lock->cleared, fn (string $word): bool => str_starts_with("{$word}:", "act:{$act->id}:"));
            $ends === [] || $items[] = new Item($lock->name, "lock/{$lock->id}");
        }

        return $items;
    }
}
